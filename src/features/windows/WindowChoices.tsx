'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { SHEER } from '../../core/model/defaults';
import type { Dressing, Opening, RodMake } from '../../core/model/types';
import { CORDS, DRAWS, HEADINGS } from '../../core/model/values/look';
import { hasLeaves } from '../../core/stages/windows/leaf';
import type { WindowPlan } from '../../core/stages/windows/windowPlan';
import { Button } from '../../ui/Button';
import { Checkbox } from '../../ui/Checkbox';
import { NumberField, TAKEN } from '../../ui/Field';
import { Select } from '../../ui/Select';
import { itemOf, useRoom } from '../shell/room/RoomContext';
import { JoinedWindows } from './JoinedWindows';
import { DrawnAndLine, RodFields } from './RodFields';
import { SheerFields } from './SheerFields';
import { StashUnread } from '../shell/StashUnread';
import { useCloths } from './useCloths';
import { useWindowActs } from './useWindowActs';
import { WishCloth } from './WishCloth';

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
  const { file, rules } = useRoom();
  const acts = useWindowActs(o, d, w);
  const { cloths, clothOptions } = useCloths();
  const key = (field: string) => `${file.room.id}-${d.id}-${field}`;
  const inside = w.mount === 'inside' || w.mount === 'cafe' || w.mount === 'leaf' || w.shower;
  const mounts = (['wall', 'ceiling', 'inside', 'cafe', 'leaf'] as const).filter(
    (m) => m !== 'leaf' || d.mount === 'leaf' || hasLeaves(o),
  );
  const own = itemOf(file, d.itemId);
  return (
    <section className="mt-5 space-y-2.5 border-t-2 border-ink pt-3">
      <StashUnread />
      <Select
        label={t('cloth')}
        value={d.itemId ?? ''}
        options={clothOptions(own)}
        onChange={(id) => acts.setCloth(cloths(own).find((c) => c.id === id) ?? null)}
      />
      <WishCloth plan={w} onWish={acts.setCloth} />
      <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
        <Select
          label={t('heading')}
          value={d.heading}
          options={HEADINGS.map((h) => ({ value: h, label: t(h as 'wave') }))}
          onChange={acts.setHeading}
        />
        <Select
          label={t('make')}
          value={d.rod.make}
          options={MAKES.map((m) => ({ value: m, label: t(`makes.${m}`) }))}
          onChange={acts.setMake}
        />
        {!w.shower && (
          <Select
            label={t('mount')}
            value={d.mount}
            options={mounts.map((m) => ({ value: m, label: t(`mounts.${m}`) }))}
            onChange={acts.setMount}
          />
        )}
        {!inside && o.sillMm > 0 && (
          <Select
            label={t('hemAt')}
            value={d.hemAt}
            options={(['floor', 'sill', 'apron'] as const).map((h) => ({ value: h, label: t(`hems.${h}`) }))}
            onChange={(hemAt) => acts.set({ hemAt, route: null })}
          />
        )}
        <RodFields opening={o} dressing={d} plan={w} inside={inside} />
        <NumberField
          label={`${t('fullness')} ×`}
          draftKey={key('fullness')}
          value={d.fullness ?? rules.number(w.shower ? 'windows.showerFullness' : 'windows.fullness')}
          decimals={2}
          step={0.1}
          examples="2, 2.5"
          range={[0.5, 6]}
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
          range={[1, 40]}
          whole
          onCommit={(n) => {
            acts.set({ panels: n });
            return TAKEN;
          }}
          onClear={() => acts.set({ panels: null })}
        />
        <DrawFields dressing={d} plan={w} />
        <SidePanels dressing={d} plan={w} />
      </div>
      <DrawnAndLine dressing={d} plan={w} />
      {!inside && <JoinedWindows opening={o} dressing={d} plan={w} />}
      {!inside && d.sheer && <SheerFields dressing={d} sheer={d.sheer} plan={w} />}
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

/** How it draws, and whether by a looped cord. */
function DrawFields({ dressing: d, plan: w }: { dressing: Dressing; plan: WindowPlan }): ReactNode {
  const t = useTranslations('windows');
  const { rules } = useRoom();
  const acts = useWindowActs(undefined, d, w);
  return (
    <>
      {w.mount !== 'leaf' && (
        <Select
          label={t('draw')}
          value={d.draw ?? 'rule'}
          options={[
            {
              value: 'rule' as const,
              label: t('draws.rule', {
                usual: rules.school('windows.panelDraw') === 'pair' ? t('draws.pair') : t('draws.left'),
              }),
            },
            ...DRAWS.map((draw) => ({ value: draw, label: t(`draws.${draw}`) })),
          ]}
          onChange={(draw) => acts.set({ draw: draw === 'rule' ? null : draw })}
        />
      )}
      <Select
        label={t('cord')}
        value={d.cord}
        options={CORDS.map((cord) => ({ value: cord, label: t(`cords.${cord}`) }))}
        onChange={(cord) => acts.set({ cord })}
      />
    </>
  );
}

/** Panels that only frame the window, where the rod is on the wall or the ceiling. */
function SidePanels({ dressing: d, plan: w }: { dressing: Dressing; plan: WindowPlan }): ReactNode {
  const t = useTranslations('windows');
  const acts = useWindowActs(undefined, d, w);
  if (w.shower || (w.mount !== 'wall' && w.mount !== 'ceiling')) return null;
  return (
    <div className="self-end pb-1">
      <Checkbox checked={d.decorative} onChange={(decorative) => acts.set({ decorative, panels: null })}>
        {t('decorative')}
      </Checkbox>
    </div>
  );
}
