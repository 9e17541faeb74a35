'use client';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { BedPlan } from '../../core/stages/beds/bedPlan';
import { waking } from '../../ui/Awake';
import { Findings } from '../shell/Findings';
import { PillowList } from '../shell/laid/PillowList';
import { useRoom } from '../shell/room/RoomContext';
import { SheetTitle } from '../shell/Workspace';

const MadeList = dynamic(() => import('./MadeList').then((m) => waking(m.MadeList)));
const NightPlace = dynamic(() => import('./NightPlace').then((m) => waking(m.NightPlace)));
const ThrowList = dynamic(() => import('../shell/laid/ThrowList').then((m) => waking(m.ThrowList)));

/** Worksheet of one bed: tiers from the head, covers from the mattress up, what lies at the foot, and the checks. */
export function BedSheet({ plan: bed }: { plan: BedPlan }): ReactNode {
  const t = useTranslations('beds');
  const { plan } = useRoom();
  const own = new Set([...bed.pillows, ...bed.throws, ...bed.covers].map((p) => p.placementId));
  const findings = plan.findings.filter(
    (f) => f.stage === 'beds' && (f.about.includes(bed.pieceId) || f.about.some((id) => own.has(id))),
  );
  return (
    <>
      <SheetTitle>{t('pillows', { count: bed.pillows.length })}</SheetTitle>
      {bed.tiers.map((tier) => (
        <section key={tier.row} aria-label={t(`tiers.${tier.kind}`, { count: tier.pillows.length })}>
          <h3 className="mt-1.5 flex items-baseline justify-between font-sans text-[13px] font-semibold text-soft">
            <span>{t(`tiers.${tier.kind}`, { count: tier.pillows.length })}</span>
            <span className="font-normal">
              {t('covers', { share: `${Math.round(tier.coverage * 100)}%` })}
            </span>
          </h3>
          <PillowList pillows={tier.pillows} />
        </section>
      ))}
      <MadeList covers={bed.covers} bed={bed.bed} />
      {bed.throws.length > 0 && (
        <h3 className="mt-2.5 font-sans text-[13px] font-semibold text-soft">{t('laidOver')}</h3>
      )}
      <ThrowList throws={bed.throws} />
      <NightPlace plan={bed} />
      <Findings findings={findings} title={t('checks')} />
    </>
  );
}
