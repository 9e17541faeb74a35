'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import type { Dressing } from '../../core/model/types';
import { hardwareOf, type HardwareKind } from '../../core/stages/windows/hardware';
import type { WindowPlan } from '../../core/stages/windows/windowPlan';
import { massWords, sagWords } from '../../messages/findingWords';
import { LengthField, TAKEN } from '../../ui/Field';
import { useRoom } from '../shell/room/RoomContext';
import { useMoney } from '../shell/useMoney';
import { Why } from '../shell/Why';
import { FoldLine } from './FoldLine';
import { useWindowActs } from './useWindowActs';

const newtonWords = (n: number): string => n.toFixed(n < 10 ? 1 : 0);

type Props = { dressing: Dressing; plan: WindowPlan };

/** The rod: what it carries, how far it sags, and the hardware it takes. */
export function WindowRod({ dressing: d, plan: w }: Props): ReactNode {
  const t = useTranslations('windows');
  const { file } = useRoom();
  const acts = useWindowActs(undefined, d, w);
  const { unit } = file.room;
  const { load, section } = w.rod;
  const length = (mm: number) => formatLength(mm, unit);
  const force = (n: number) =>
    t('newton', { newton: newtonWords(n), mass: massWords((n / 9.80665) * 1000, unit) });
  return (
    <>
      <div className="mb-2 grid grid-cols-2 gap-x-4">
        <LengthField
          label={t('diameter')}
          draftKey={`${file.room.id}-${d.id}-diameter`}
          valueMm={section.outerMm}
          unit={unit}
          onCommit={(outerMm) => {
            if (outerMm < 4 || outerMm > 200) return { took: false, message: t('diameterRefused') };
            acts.set({ rod: { ...d.rod, outerMm } });
            return TAKEN;
          }}
          onClear={() => acts.set({ rod: { ...d.rod, outerMm: null } })}
        >
          <Why rule={section.rule} />
        </LengthField>
      </div>
      <FoldLine
        label={t('load')}
        note={`${massWords(load.clothG, unit)} ${t('clothMass')}${w.gsmGuessed ? `, ${t('guessed')}` : ''}`}
        rule={section.rule}
      >
        {massWords(load.massG, unit)}
      </FoldLine>
      <FoldLine
        label={t('sag')}
        note={t('sagOver', { span: length(load.spanMm), most: sagWords(load.sagMostMm, unit) })}
        rule="windows.sagMost"
      >
        {sagWords(load.sagMm, unit)}
      </FoldLine>
      {w.returnMm > 0 && (
        <FoldLine label={t('returnWord')} rule="windows.return">
          {length(w.returnMm)}
        </FoldLine>
      )}
      {w.overlapMm > 0 && (
        <FoldLine label={t('overlapWord')} rule="windows.overlap">
          {length(w.overlapMm)}
        </FoldLine>
      )}
      {!w.shower && (
        <FoldLine
          label={t('stack')}
          note={w.gsmGuessed ? t('guessed') : undefined}
          rule={w.rulesUsed.packing}
        >
          {stackWords(w, length)}
        </FoldLine>
      )}
      {w.ringDropMm !== null && (
        <FoldLine
          label={t('ringDrop')}
          rule={w.rulesUsed.takeDown === 'windows.pin' ? 'windows.ringDrop' : w.rulesUsed.takeDown}
        >
          {length(w.ringDropMm)}
        </FoldLine>
      )}
      {w.pinPlaceMm !== null && (
        <FoldLine label={t('pinPlace')} rule="windows.pin">
          {length(w.pinPlaceMm)}
        </FoldLine>
      )}
      <FoldLine label={t('forceEnd')} rule={section.rule}>
        {force(load.endForceN)}
      </FoldLine>
      {load.supports > 2 && (
        <FoldLine label={t('forceCentre')} rule={section.rule}>
          {force(load.centreForceN)}
        </FoldLine>
      )}
      <Hardware dressing={d} plan={w} />
      <p className="mt-1.5 text-[13px] leading-snug text-soft">{t('fixing')}</p>
    </>
  );
}

/** Left and right where they differ: an odd panel, or all to one side. */
function stackWords({ stackLeftMm, stackRightMm }: WindowPlan, length: (mm: number) => string): string {
  const differ = Math.abs(stackLeftMm - stackRightMm) > 0.5;
  return differ ? `${length(stackLeftMm)} · ${length(stackRightMm)}` : length(stackLeftMm);
}

/** Brackets, finials, rings, hooks and the rod itself, each with its price. */
function Hardware({ dressing: d, plan: w }: Props): ReactNode {
  const t = useTranslations('windows');
  const { file, rules } = useRoom();
  const money = useMoney();
  const length = (mm: number) => formatLength(mm, file.room.unit);
  const names: Record<Exclude<HardwareKind, 'rod'>, string> = {
    brackets: t('bracketsWord'),
    finials: t('finialsWord'),
    rings: d.heading === 'wave' ? t('glidersWord') : t('ringsWord'),
    hooks: t('hooksWord'),
  };
  const rodName = `${t(`makes.${d.rod.make}`)}, ${length(w.bracketToBracketMm)}${w.rod.count > 1 ? ` × ${w.rod.count}` : ''}`;
  return (
    <>
      {hardwareOf(w, rules).map(({ kind, count, cost, priceRule }) => (
        <FoldLine
          key={kind}
          label={kind === 'rod' ? rodName : t('hardwareCount', { count, what: names[kind] })}
          note={kind === 'rod' && w.rod.bends > 0 ? t('bends', { count: w.rod.bends }) : undefined}
          rule={priceRule}
        >
          {money(cost)}
        </FoldLine>
      ))}
    </>
  );
}
