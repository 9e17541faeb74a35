'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatBareLength, formatPlainLength } from '../../core/base/length';
import type { Dressing, Landing, Sheer } from '../../core/model/types';
import { HEADINGS } from '../../core/model/values/look';
import type { RuleId } from '../../core/rules/table';
import type { WindowPlan } from '../../core/stages/windows/windowPlan';
import { Collapsible } from '../../ui/Collapsible';
import { LengthField, NumberField, TAKEN } from '../../ui/Field';
import { RadioGroup } from '../../ui/RadioGroup';
import { Select } from '../../ui/Select';
import { itemOf, useRoom } from '../shell/room/RoomContext';
import { Why } from '../shell/Why';
import { clothWords } from './clothWords';
import { RouteList } from './RouteList';
import { useCloths } from './useCloths';
import { useWindowActs } from './useWindowActs';
import { MakingLines } from './WindowMaking';

const LANDING_RULES: Partial<Record<Landing, RuleId>> = {
  clear: 'windows.landingClear',
  break: 'windows.landingBreak',
};

/** What is chosen for the sheer on the inner rod. */
export function SheerFields({
  dressing: d,
  sheer,
  plan: w,
}: {
  dressing: Dressing;
  sheer: Sheer;
  plan: WindowPlan;
}): ReactNode {
  const t = useTranslations('windows');
  const { file, rules } = useRoom();
  const acts = useWindowActs(undefined, d, w);
  const { cloths, clothOptions } = useCloths();
  const unit = file.room.unit;
  const bare = (mm: number) => formatBareLength(mm, unit);
  const key = (field: string) => `${file.room.id}-${d.id}-${field}`;
  const sheerOwn = itemOf(file, sheer.itemId);
  const setSheer = (patch: Partial<Sheer>) => acts.set({ sheer: { ...sheer, ...patch } });
  return (
    <div className="space-y-2.5 border-t border-line pt-2">
      <p className="flex items-baseline justify-between">
        <b className="text-[14px] font-semibold">{t('sheer')}</b>
        {w.sheer && (
          <span className="text-[13px] text-soft">
            {t('sheerSays', {
              panels: w.sheer.panels,
              length: formatPlainLength(w.sheer.finishedLengthMm, unit),
            })}
          </span>
        )}
      </p>
      <Select
        label={`${t('sheer')}, ${t('cloth')}`}
        value={sheer.itemId ?? ''}
        options={clothOptions(sheerOwn)}
        onChange={(id) => acts.setSheerCloth(cloths(sheerOwn).find((c) => c.id === id) ?? null)}
      />
      <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
        <Select
          label={`${t('sheer')}, ${t('heading')}`}
          value={sheer.heading}
          options={HEADINGS.filter((h) => h !== 'wave').map((h) => ({
            value: h,
            label: t(h as 'backTab'),
          }))}
          onChange={(heading) => setSheer({ heading, route: null })}
        />
        <Select
          label={`${t('sheer')}, ${t('landing')}`}
          value={sheer.landing}
          options={(['clear', 'kiss', 'break', 'pool'] as const).map((l) => ({
            value: l,
            label:
              l === 'kiss'
                ? t('kiss')
                : t(l, {
                    by: bare(rules.number(LANDING_RULES[l] ?? 'windows.landingPool')),
                  }),
          }))}
          onChange={(landing) => setSheer({ landing, route: null })}
        />
        <NumberField
          label={`${t('sheer')}, ${t('fullness')} ×`}
          draftKey={key('sheer-fullness')}
          value={sheer.fullness ?? rules.number('windows.sheerFullness')}
          decimals={2}
          step={0.1}
          examples="2.5, 3"
          range={[0.5, 6]}
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
          range={[1, 40]}
          whole
          onCommit={(n) => {
            setSheer({ panels: n });
            return TAKEN;
          }}
          onClear={() => setSheer({ panels: null })}
        />
      </div>
      {sheer.heading === 'pinchPleat' && (
        <LengthField
          label={`${t('sheer')}, ${t('pin')}`}
          draftKey={key('sheer-pin')}
          valueMm={sheer.pinMm ?? rules.number('windows.pin')}
          unit={unit}
          onCommit={(pinMm) => {
            const [low, high] = rules.range('windows.pinRange');
            if (pinMm < low || pinMm > high)
              return { took: false, message: t('pinRefused', { low: bare(low), high: bare(high) }) };
            setSheer({ pinMm, route: null });
            return TAKEN;
          }}
          onClear={() => setSheer({ pinMm: null, route: null })}
        />
      )}
      <RadioGroup
        label={`${t('sheer')}, ${t('drawn')}`}
        value={sheer.drawn}
        onChange={(drawn) => setSheer({ drawn })}
        options={[
          { value: 'open', label: t('open') },
          { value: 'closed', label: t('closed') },
        ]}
      />
      {w.sheer && (
        <>
          <RouteList
            plan={w.sheer}
            of="sheer"
            onChoose={({ kind, stockMm }) => setSheer({ route: { kind, stockMm } })}
          >
            <Why rule="windows.rankBy" />
          </RouteList>
          <Collapsible
            title={t('sheerMadeFold')}
            summary={t('madeSays', {
              widths: w.sheer.making.widths,
              total: clothWords(w.sheer.making.totalMm, unit),
            })}
          >
            {() =>
              w.sheer && (
                <SheerMaking sheer={sheer} layer={w.sheer} draftKey={key('sheer')} onChange={setSheer} />
              )
            }
          </Collapsible>
        </>
      )}
    </div>
  );
}

function SheerMaking({
  sheer,
  layer,
  draftKey,
  onChange,
}: {
  sheer: Sheer;
  layer: NonNullable<WindowPlan['sheer']>;
  draftKey: string;
  onChange: (patch: Partial<Sheer>) => void;
}): ReactNode {
  return (
    <MakingLines
      draftKey={draftKey}
      making={layer.making}
      chosen={sheer.making}
      repeatMm={layer.repeatMm}
      onChange={({ lining: _none, ...patch }) => onChange({ making: { ...sheer.making, ...patch } })}
      isChosen={layer.chosenRoute?.kind === 'made'}
    />
  );
}
