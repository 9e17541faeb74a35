'use client';
import type { RuleId } from '../../core/rules/table';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatBareLength, formatLength } from '../../core/base/length';
import { SHEER } from '../../core/model/defaults';
import type { Dressing, Heading, Item, Landing, Opening, RodMake, Sheer } from '../../core/model/types';
import { nextDressed } from '../../core/plan/windows/dressed';
import { hasLeaves } from '../../core/stages/windows/leaf';
import type { WindowPlan } from '../../core/stages/windows/windowPlan';
import { Button } from '../../ui/Button';
import { Choice, Pick } from '../../ui/Choice';
import { LengthField, NumberField, TAKEN } from '../../ui/Field';
import { itemOf, useRoom } from '../shell/room/RoomContext';
import { useStash } from '../shell/useStash';
import { Why } from '../shell/Why';
import { useWindowActs } from './useWindowActs';

const HEADINGS: readonly Heading[] = ['ringClip', 'pinchPleat', 'grommet', 'rodPocket', 'backTab', 'wave'];
const MAKES: readonly RodMake[] = ['tube', 'telescoping', 'wood', 'track', 'tension'];

/**
 * What is chosen for a window: cloth and heading, where the rod is fixed and what it is, reach and fullness,
 * the sheer behind.
 */
export function WindowChoices({
  opening: o,
  dressing: d,
  plan: w,
}: {
  opening: Opening;
  dressing: Dressing;
  plan: WindowPlan;
}): ReactNode {
  const t = useTranslations('windows');
  const { file, look, plan, rules } = useRoom();
  const acts = useWindowActs(o, d, w);
  const unit = file.room.unit;
  const found = useStash('panel').map(({ elsewhere: _e, ...item }) => item);
  const cloths = (current: Item | undefined): Item[] =>
    current && !found.some((i) => i.id === current.id) ? [current, ...found] : found;
  const bare = (mm: number) => formatBareLength(mm, unit);
  const clothOptions = (current: Item | undefined) => [
    { value: '', label: t('anyCloth') },
    ...cloths(current).map((c) => ({
      value: c.id,
      label: `${c.name}, ${bare(c.widthMm)} × ${bare(c.heightMm)}, ${c.count}`,
    })),
  ];
  const key = (field: string) => `${file.room.id}-${d.id}-${field}`;
  const inside = w.mount === 'inside' || w.mount === 'cafe' || w.mount === 'leaf' || w.shower;
  const mounts = (['wall', 'ceiling', 'inside', 'cafe', 'leaf'] as const).filter(
    (m) => m !== 'leaf' || d.mount === 'leaf' || hasLeaves(o),
  );
  const own = itemOf(file, d.itemId);
  const last = look.dressings.find((x) => x.openingId === w.openingIds[w.openingIds.length - 1]) ?? d;
  const next = w.shower ? undefined : nextDressed({ file, look, walls: plan.walls }, last);
  const under = w.openingIds.slice(1).flatMap((id) => {
    const i = w.openingIds.indexOf(id);
    const before = look.dressings.find((x) => x.openingId === w.openingIds[i - 1]);
    const name = file.openings.find((x) => x.id === id)?.name;
    return before && name ? [{ before, name }] : [];
  });
  const [pinLow, pinHigh] = rules.range('windows.pinRange');
  const sheerOwn = d.sheer ? itemOf(file, d.sheer.itemId) : undefined;
  const setSheer = (patch: Partial<Sheer>) => acts.set({ sheer: { ...(d.sheer ?? SHEER), ...patch } });
  return (
    <section className="mt-5 space-y-2.5 border-t-2 border-ink pt-3">
      <Pick
        label={t('cloth')}
        value={d.itemId ?? ''}
        options={clothOptions(own)}
        onChange={(id) => acts.setCloth(cloths(own).find((c) => c.id === id) ?? null)}
      />
      <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
        <Pick
          label={t('heading')}
          value={d.heading}
          options={HEADINGS.map((h) => ({ value: h, label: t(h as 'wave') }))}
          onChange={acts.setHeading}
        />
        <Pick
          label={t('make')}
          value={d.rod.make}
          options={MAKES.map((m) => ({ value: m, label: t(`makes.${m}`) }))}
          onChange={acts.setMake}
        />
        {!w.shower && (
          <Pick
            label={t('mount')}
            value={d.mount}
            options={mounts.map((m) => ({ value: m, label: t(`mounts.${m}`) }))}
            onChange={acts.setMount}
          />
        )}
        {!inside && o.sillMm > 0 && (
          <Pick
            label={t('hemAt')}
            value={d.hemAt}
            options={(['floor', 'sill', 'apron'] as const).map((h) => ({ value: h, label: t(`hems.${h}`) }))}
            onChange={(hemAt) => acts.set({ hemAt, route: null })}
          />
        )}
        <LengthField
          label={t('rod')}
          draftKey={key('rod')}
          valueMm={w.rodHeightMm}
          unit={unit}
          onCommit={acts.setRod}
          onClear={acts.rodByRule}
        />
        <LengthField
          label={t('length')}
          draftKey={key('length')}
          valueMm={w.finishedLengthMm}
          unit={unit}
          onCommit={(mm) => acts.setLength(mm)}
          onClear={acts.rodByRule}
        />
        {!inside && w.openingIds.length === 1 && (
          <LengthField
            label={t('span')}
            draftKey={key('span')}
            valueMm={w.bracketToBracketMm}
            unit={unit}
            onCommit={acts.setSpan}
            onClear={() => acts.set({ extensionLeftMm: null, extensionRightMm: null })}
          />
        )}
        {d.heading === 'pinchPleat' && (
          <LengthField
            label={t('pin')}
            draftKey={key('pin')}
            valueMm={d.pinMm ?? rules.number('windows.pin')}
            unit={unit}
            onCommit={(pinMm) => {
              if (pinMm < pinLow - 0.01 || pinMm > pinHigh + 0.01)
                return {
                  took: false,
                  message: t('pinRefused', {
                    low: formatLength(pinLow, unit),
                    high: formatLength(pinHigh, unit),
                  }),
                };
              acts.set({ pinMm, route: null });
              return TAKEN;
            }}
            onClear={() => acts.set({ pinMm: null, route: null })}
          />
        )}
        {!inside && (
          <>
            <LengthField
              label={`${t('extension')}, ${t('left')}`}
              draftKey={key('left')}
              valueMm={w.extensionLeftMm}
              unit={unit}
              onCommit={(mm) => acts.setExtension('left', mm)}
              onClear={() => acts.set({ extensionLeftMm: null })}
            />
            <LengthField
              label={`${t('extension')}, ${t('right')}`}
              draftKey={key('right')}
              valueMm={w.extensionRightMm}
              unit={unit}
              onCommit={(mm) => acts.setExtension('right', mm)}
              onClear={() => acts.set({ extensionRightMm: null })}
            />
          </>
        )}
        <NumberField
          label={`${t('fullness')} ×`}
          draftKey={key('fullness')}
          value={d.fullness ?? rules.number(w.shower ? 'windows.showerFullness' : 'windows.fullness')}
          decimals={2}
          step={0.1}
          examples="2, 2.5"
          within={[0.5, 6]}
          onCommit={(n) => {
            acts.set({ fullness: n, panels: null });
            return TAKEN;
          }}
          onClear={() => acts.set({ fullness: null })}
        />
        <NumberField
          label={t('count')}
          draftKey={key('panels')}
          value={w.panels}
          step={1}
          examples="2, 4"
          within={[1, 40]}
          whole
          onCommit={(n) => {
            acts.set({ panels: n });
            return TAKEN;
          }}
          onClear={() => acts.set({ panels: null })}
        />
      </div>
      <div className="grid grid-cols-2 gap-x-4">
        {w.mount !== 'leaf' && (
          <div>
            <p className="mb-1 font-narrow text-[13px] text-soft">{t('drawn')}</p>
            <Choice
              label={t('drawn')}
              value={d.drawn}
              onChange={(drawn) => acts.set({ drawn })}
              options={[
                { value: 'open', label: t('open') },
                { value: 'closed', label: t('closed') },
              ]}
            />
          </div>
        )}
        {d.mount === 'wall' && !w.shower && (
          <div>
            <p className="mb-1 flex justify-between font-narrow text-[13px] text-soft">
              <span>{t('setLine')}</span>
              <Why rule="windows.rodLine" />
            </p>
            <Choice
              label={t('setLine')}
              value={w.rodFrom === 'own' ? 'own' : 'line'}
              onChange={(v) => acts.ownRod(v === 'own')}
              options={[
                { value: 'line', label: t('rodLine') },
                { value: 'own', label: t('rodOwn') },
              ]}
            />
          </div>
        )}
      </div>
      {!inside && (next ?? under.length > 0) && (
        <div className="space-y-1.5 border-t border-line pt-2">
          {under.map(({ before, name }) => (
            <p key={before.id} className="flex items-baseline justify-between gap-2 text-[14px]">
              <span>{t('under', { name })}</span>
              <Button small onClick={() => acts.join(before, false)}>
                {t('takeOff', { name })}
              </Button>
            </p>
          ))}
          {next && (
            <p className="flex items-baseline justify-between gap-2 text-[13px] text-soft">
              <span>{t('joinsSays')}</span>
              <Button small className="whitespace-nowrap" onClick={() => acts.join(last, true)}>
                {t('joins', { next: next.opening.name })}
              </Button>
            </p>
          )}
        </div>
      )}
      {!inside &&
        (d.sheer ? (
          <div className="space-y-2.5 border-t border-line pt-2">
            <p className="flex items-baseline justify-between">
              <b className="text-[14px] font-semibold">{t('sheer')}</b>
              {w.sheer && (
                <span className="text-[13px] text-soft">
                  {t('sheerSays', {
                    panels: w.sheer.panels,
                    length: formatLength(w.sheer.finishedLengthMm, unit),
                  })}
                </span>
              )}
            </p>
            <Pick
              label={`${t('sheer')}, ${t('cloth')}`}
              value={d.sheer.itemId ?? ''}
              options={clothOptions(sheerOwn)}
              onChange={(id) => acts.setSheerCloth(cloths(sheerOwn).find((c) => c.id === id) ?? null)}
            />
            <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
              <Pick
                label={`${t('sheer')}, ${t('heading')}`}
                value={d.sheer.heading}
                options={HEADINGS.filter((h) => h !== 'wave').map((h) => ({
                  value: h,
                  label: t(h as 'backTab'),
                }))}
                onChange={(heading) => setSheer({ heading })}
              />
              <Pick
                label={`${t('sheer')}, ${t('landing')}`}
                value={d.sheer.landing}
                options={(['clear', 'kiss', 'break', 'pool'] as const).map((l) => ({
                  value: l,
                  label:
                    l === 'kiss'
                      ? t('kiss')
                      : t(l, {
                          by: bare(rules.number(LANDING_RULES[l] ?? 'windows.landingPool')),
                        }),
                }))}
                onChange={(landing) => setSheer({ landing })}
              />
              <NumberField
                label={`${t('sheer')}, ${t('fullness')} ×`}
                draftKey={key('sheer-fullness')}
                value={d.sheer.fullness ?? rules.number('windows.sheerFullness')}
                decimals={2}
                step={0.1}
                examples="2.5, 3"
                within={[0.5, 6]}
                onCommit={(n) => {
                  setSheer({ fullness: n, panels: null });
                  return TAKEN;
                }}
                onClear={() => setSheer({ fullness: null })}
              />
              <NumberField
                label={`${t('sheer')}, ${t('count')}`}
                draftKey={key('sheer-panels')}
                value={w.sheer?.panels ?? 2}
                step={1}
                examples="2, 4"
                within={[1, 40]}
                whole
                onCommit={(n) => {
                  setSheer({ panels: n });
                  return TAKEN;
                }}
                onClear={() => setSheer({ panels: null })}
              />
            </div>
            <Choice
              label={`${t('sheer')}, ${t('drawn')}`}
              value={d.sheer.drawn}
              onChange={(drawn) => setSheer({ drawn })}
              options={[
                { value: 'open', label: t('open') },
                { value: 'closed', label: t('closed') },
              ]}
            />
          </div>
        ) : null)}
      <div className="flex flex-wrap gap-2 pt-1">
        {!inside && (
          <Button small onClick={() => acts.set({ sheer: d.sheer ? null : SHEER })}>
            {d.sheer ? t('sheerRemove') : t('sheerAdd')}
          </Button>
        )}
        <Button
          small
          onClick={() =>
            acts.set({
              rodHeightMm: null,
              extensionLeftMm: null,
              extensionRightMm: null,
              fullness: null,
              panels: null,
              route: null,
              pinMm: null,
            })
          }
        >
          {t('backToRule')}
        </Button>
        <Button small onClick={acts.undress}>
          {t('undress')}
        </Button>
      </div>
    </section>
  );
}

const LANDING_RULES: Partial<Record<Landing, RuleId>> = {
  clear: 'windows.landingClear',
  break: 'windows.landingBreak',
};
