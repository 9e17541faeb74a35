'use client';
import { elementAt, first, last } from '../../core/base/list';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatBareLength, formatBarePlainLength, formatLength, plainUnit } from '../../core/base/length';
import type { LengthUnit } from '../../core/base/units';
import type { Dressing, Landing, Opening } from '../../core/model/types';
import { floorLine } from '../../core/room/floor';
import type { WindowPlan } from '../../core/stages/windows/windowPlan';
import { RadioGroup } from '../../ui/RadioGroup';
import { Findings } from '../shell/Findings';
import { useRoom } from '../shell/room/RoomContext';
import { Numeral, SheetTitle } from '../shell/Workspace';
import { Why } from '../shell/Why';
import { RouteList } from './RouteList';
import { StashWays } from './StashWays';
import { useWindowActs } from './useWindowActs';
import { WindowChoices } from './WindowChoices';
import { WindowMore } from './WindowMore';

/**
 * Worksheet of one dressed window: the answers, the landing, the ways, the checks; then the choices, and what
 * it does to room and rod.
 */
export function WindowSheet({
  opening: o,
  dressing: d,
  plan: w,
  local = false,
}: {
  opening: Opening;
  dressing: Dressing;
  plan: WindowPlan;
  /** A room that is not in the studio yet: it has no stash to choose from. */ local?: boolean;
}): ReactNode {
  const t = useTranslations('windows');
  const { file, plan } = useRoom();
  // its own, and those of the room that are about it: sets, loans, rods that meet, readings that were guessed
  const findings = plan.findings.filter(
    (f) =>
      f.stage === 'windows' &&
      (w.findings.includes(f) || f.about.some((id) => id === w.openingId || w.openingIds.includes(id))),
  );
  const acts = useWindowActs(o, d, w);
  const unit = file.room.unit;
  const length = (mm: number) => formatLength(mm, unit);
  const bare = (mm: number) => formatBareLength(mm, unit);
  const floorSays = useFloorWords(o);
  const { lengths, several } = lengthWords(w, unit);
  const landings = useLandings(w);
  return (
    <>
      <SheetTitle
        detail={
          w.shower
            ? t('tub')
            : `${t('facts', { width: bare(o.widthMm), height: bare(o.heightMm), sill: bare(o.sillMm), top: bare(o.sillMm + o.heightMm) })} ${floorSays}`
        }
      >
        {w.name}
      </SheetTitle>
      <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
        <Numeral label={t('rod')} rule={w.rulesUsed.rod}>
          {length(w.rodHeightMm)}
        </Numeral>
        <Numeral label={t('span')} rule={w.rulesUsed.extension}>
          {length(w.bracketToBracketMm)}
        </Numeral>
        <Numeral label={several ? t('lengths') : t('length')} rule={w.rulesUsed.takeDown}>
          {lengths}
        </Numeral>
        <Numeral
          label={t('panels', { flat: formatBarePlainLength(w.flatWidthMm, unit) })}
          rule={w.shower ? 'windows.showerFullness' : 'windows.fullness'}
        >{`${w.panels} ${t('panelsAt', { fullness: w.fullness.toFixed(1) })}`}</Numeral>
      </div>
      {!w.shower && w.hemOn !== 'apron' && w.hemOn !== 'leaf' && (
        <section className="mt-4">
          <div className="mb-1 flex items-baseline justify-between">
            <h3 className="font-sans text-[14px] font-semibold">{t('landing')}</h3>
            {w.rulesUsed.landing && <Why rule={w.rulesUsed.landing} />}
          </div>
          <RadioGroup
            label={t('landing')}
            value={w.landing}
            onChange={(landing) => acts.set({ landing, route: null })}
            options={landings}
          />
        </section>
      )}
      <RouteList plan={w} onChoose={acts.choose}>
        <Why rule="windows.rankBy" />
      </RouteList>
      {!local && <StashWays dressing={d} plan={w} />}
      <Findings findings={findings} title={t('checks')} />
      <WindowChoices opening={o} dressing={d} plan={w} />
      <WindowMore dressing={d} plan={w} local={local} />
    </>
  );
}

/** How the floor runs under the window. */
function useFloorWords(o: Opening): string {
  const t = useTranslations('windows');
  const { unit } = useRoom().file.room;
  const floor = floorLine(o);
  const fall = floor.atMm(o.xMm + o.widthMm) - floor.atMm(o.xMm);
  const floorFalls =
    Math.abs(fall) < 0.5
      ? t('floorLevel')
      : t('floorDrops', { by: formatLength(Math.abs(fall), unit), side: fall < 0 ? t('right') : t('left') });
  return floor.measured ? floorFalls : t('floorUnknown');
}

/** The panels' finished lengths: two are shown from the left, more by the shortest and the longest. */
function lengthWords(w: WindowPlan, unit: LengthUnit): { lengths: string; several: boolean } {
  const all = [
    ...new Set(
      [...w.panelPlans]
        .sort((a, b) => a.finishedLengthMm - b.finishedLengthMm)
        .map((p) => formatBarePlainLength(p.finishedLengthMm, unit)),
    ),
  ];
  const leftIsLonger =
    all.length === 2 &&
    first(w.panelPlans).finishedLengthMm > elementAt(w.panelPlans, w.panels - 1).finishedLengthMm;
  const inOrder = leftIsLonger ? all.reverse() : all;
  const lengths = all.length > 2 ? [`${first(all)} – ${last(all)}`] : inOrder;
  return { lengths: `${lengths.join(' · ')} ${plainUnit(unit)}`, several: all.length > 1 };
}

/** How a hem may land: over a sill it clears or kisses, on the floor it may also break and pool. */
function useLandings(w: WindowPlan): { value: Landing; label: string }[] {
  const t = useTranslations('windows');
  const { file, rules } = useRoom();
  const allowance = (
    rule: 'windows.landingClear' | 'windows.landingBreak' | 'windows.landingPool' | 'windows.landingFullPool',
  ) => ({ by: formatBareLength(rules.number(rule), file.room.unit) });
  const onFloor = w.hemOn === 'floor';
  return [
    { value: 'clear', label: t('clear', allowance('windows.landingClear')) },
    { value: 'kiss', label: t('kiss') },
    ...(onFloor
      ? [
          { value: 'break' as const, label: t('break', allowance('windows.landingBreak')) },
          { value: 'pool' as const, label: t('pool', allowance('windows.landingPool')) },
          { value: 'fullPool' as const, label: t('fullPool', allowance('windows.landingFullPool')) },
        ]
      : []),
  ];
}
