'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatBareLength, formatLength } from '../../core/base/length';
import type { Dressing, Item, Opening } from '../../core/model/types';
import { floorLine } from '../../core/room/floor';
import type { WindowPlan } from '../../core/stages/windows/planWindow';
import { Button } from '../../ui/Button';
import { Choice, Pick } from '../../ui/Choice';
import { LengthField, NumberField, TAKEN } from '../../ui/Field';
import { Findings } from '../shell/Findings';
import { itemOf, useRoom } from '../shell/room/RoomContext';
import { Numeral, SheetTitle } from '../shell/Workspace';
import { useStash } from '../shell/useStash';
import { Why } from '../shell/Why';
import { RouteList } from './RouteList';
import { useWindowActs } from './useWindowActs';

/** Worksheet of one dressed window: the answers, the landing, the ways, the choices, the checks. */
export function WindowSheet({ opening: o, dressing: d, plan: w }: { opening: Opening; dressing: Dressing; plan: WindowPlan }): ReactNode {
  const t = useTranslations('windows');
  const { file, rules } = useRoom();
  const acts = useWindowActs(o, d, w);
  const unit = file.room.unit;
  const cloths = useCloths(itemOf(file, d.itemId));
  const length = (mm: number) => formatLength(mm, unit);
  const floor = floorLine(o);
  const fall = floor.atMm(o.xMm + o.widthMm) - floor.atMm(o.xMm);
  const floorSays = !floor.measured ? t('floorUnknown') : Math.abs(fall) < 0.5 ? t('floorLevel') : t('floorDrops', { by: length(Math.abs(fall)), side: fall < 0 ? t('right') : t('left') });
  const lengths = [...new Set(w.panelPlans.map((p) => formatBareLength(p.finishedLengthMm, unit)))];
  const key = (field: string) => `${file.room.id}-${d.id}-${field}`;
  return (
    <>
      <SheetTitle says={`${t('facts', { width: formatBareLength(o.widthMm, unit), height: formatBareLength(o.heightMm, unit), sill: formatBareLength(o.sillMm, unit), top: formatBareLength(w.frameTopMm, unit) })} ${floorSays}`}>{o.name}</SheetTitle>
      <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
        <Numeral label={t('rod')} rule={w.rulesUsed.rod}>{length(w.rodHeightMm)}</Numeral>
        <Numeral label={t('span')} rule={w.rulesUsed.extension}>{length(w.bracketToBracketMm)}</Numeral>
        <Numeral label={lengths.length > 1 ? t('lengths') : t('length')} rule={w.rulesUsed.takeDown}>{`${lengths.join(' · ')}${unit === 'cm' ? ' cm' : lengths[0]!.includes('′') ? '' : ' in'}`}</Numeral>
        <Numeral label={t('panels', { flat: formatBareLength(w.flatWidthMm, unit) })} rule="windows.fullness">{`${w.panels} ${t('panelsAt', { fullness: w.fullness.toFixed(1) })}`}</Numeral>
      </div>
      <section className="mt-4">
        <div className="mb-1 flex items-baseline justify-between"><h3 className="font-sans text-[14px] font-semibold">{t('landing')}</h3>{w.rulesUsed.landing && <Why rule={w.rulesUsed.landing} />}</div>
        <Choice label={t('landing')} value={d.landing} onChange={(landing) => acts.set({ landing, route: null })} options={[
          { value: 'clear', label: t('clear', { by: formatBareLength(rules.number('windows.landingClear'), unit) }) }, { value: 'kiss', label: t('kiss') },
          { value: 'break', label: t('break', { by: formatBareLength(rules.number('windows.landingBreak'), unit) }) }, { value: 'pool', label: t('pool', { by: formatBareLength(rules.number('windows.landingPool'), unit) }) },
        ]} />
      </section>
      <RouteList plan={w} unit={unit} rules={rules} onChoose={acts.choose}><Why rule="windows.rankBy" /></RouteList>
      <Findings findings={w.findings} title={t('checks')} />
      <section className="mt-5 space-y-2.5 border-t-2 border-ink pt-3">
        <Pick label={t('cloth')} value={d.itemId ?? ''} options={[{ value: '', label: t('anyCloth') }, ...cloths.map((c) => ({ value: c.id, label: `${c.name}, ${formatBareLength(c.widthMm, unit)} × ${formatBareLength(c.heightMm, unit)}, ${c.count}` }))]} onChange={(id) => acts.setCloth(cloths.find((c) => c.id === id) ?? null)} />
        <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
          <Pick label={t('heading')} value={d.heading} options={(['ringClip', 'pinchPleat', 'grommet', 'rodPocket'] as const).map((h) => ({ value: h, label: t(h) }))} onChange={(heading) => acts.set({ heading, route: null })} />
          <LengthField label={t('rod')} draftKey={key('rod')} valueMm={w.rodHeightMm} unit={unit} onCommit={acts.setRod} onClear={acts.rodByRule} />
          <LengthField label={`${t('extension')}, ${t('left')}`} draftKey={key('left')} valueMm={w.extensionLeftMm} unit={unit} onCommit={(mm) => acts.setExtension('left', mm)} onClear={() => acts.set({ extensionLeftMm: null })} />
          <LengthField label={`${t('extension')}, ${t('right')}`} draftKey={key('right')} valueMm={w.extensionRightMm} unit={unit} onCommit={(mm) => acts.setExtension('right', mm)} onClear={() => acts.set({ extensionRightMm: null })} />
          <NumberField label={`${t('fullness')} ×`} draftKey={key('fullness')} value={d.fullness ?? rules.number('windows.fullness')} decimals={2} step={0.1} examples="2, 2.5" within={[0.5, 6]} onCommit={(n) => { acts.set({ fullness: n, panels: null }); return TAKEN; }} onClear={() => acts.set({ fullness: null })} />
          <NumberField label={t('count')} draftKey={key('panels')} value={w.panels} step={1} examples="2, 4" within={[1, 40]} whole onCommit={(n) => { acts.set({ panels: n }); return TAKEN; }} onClear={() => acts.set({ panels: null })} />
        </div>
        <div className="grid grid-cols-2 gap-x-4">
          <div><p className="mb-1 font-narrow text-[13px] text-soft">{t('drawn')}</p><Choice label={t('drawn')} value={d.drawn} onChange={(drawn) => acts.set({ drawn })} options={[{ value: 'open', label: t('open') }, { value: 'closed', label: t('closed') }]} /></div>
          <div><p className="mb-1 flex justify-between font-narrow text-[13px] text-soft"><span>{t('setLine')}</span><Why rule="windows.rodLine" /></p><Choice label={t('setLine')} value={w.rodFrom === 'own' ? 'own' : 'line'} onChange={(v) => acts.ownRod(v === 'own')} options={[{ value: 'line', label: t('rodLine') }, { value: 'own', label: t('rodOwn') }]} /></div>
        </div>
        <div className="flex flex-wrap gap-2 pt-1">
          <Button small onClick={() => acts.set({ rodHeightMm: null, extensionLeftMm: null, extensionRightMm: null, fullness: null, panels: null, route: null })}>{t('backToRule')}</Button>
          <Button small onClick={acts.undress}>{t('undress')}</Button>
        </div>
      </section>
    </>
  );
}

/** Panels of the stash, with the one that hangs already. */
function useCloths(current: Item | undefined): Item[] {
  const found = useStash('panel').map(({ elsewhere: _e, ...item }) => item);
  return current && !found.some((i) => i.id === current.id) ? [current, ...found] : found;
}
