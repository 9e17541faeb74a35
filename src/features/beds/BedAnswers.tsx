'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatLength, plainUnit } from '../../core/base/length';
import { mostLoose } from '../../core/stages/beds/schools';
import type { BedPlan } from '../../core/stages/beds/bedPlan';
import { togRule } from '../../core/stages/beds/seasons';
import { useRoom } from '../shell/room/RoomContext';
import { Numeral } from '../shell/Workspace';

/** How the back row covers the bed, how warm it is, what comes off at night, how much of it the pillows take. */
export function BedAnswers({ plan: bed }: { plan: BedPlan }): ReactNode {
  const t = useTranslations('beds');
  const { file, look, rules } = useRoom();
  const unit = plainUnit(file.room.unit);
  const back = bed.tiers[0];
  const { tog, unknown, wanted } = bed.warmth;
  const warmth = unknown.length > 0 && tog === 0 ? t('togUnknown') : t('togs', { tog, more: unknown.length });
  return (
    <div className="grid grid-cols-2 gap-x-5 gap-y-2 px-4 pb-3 pt-1 sm:grid-cols-4">
      <Numeral label={t('coverage')} rule="beds.rowLeast">
        {back ? `${Math.round(back.coverage * 100)}%` : t('noRow')}
      </Numeral>
      <Numeral label={t('liftOff')} rule={mostLoose(rules).rule}>
        {String(bed.toLiftOff)}
      </Numeral>
      <Numeral
        label={t('warmth')}
        rule={look.season ? togRule(look.season) : 'beds.togBetween'}
        {...(wanted === null ? {} : { note: t('togWanted', { tog: wanted }) })}
      >
        {warmth}
      </Numeral>
      <Numeral label={t('pillowsTake')}>{formatLength(bed.depthUsedMm, unit)}</Numeral>
    </div>
  );
}
