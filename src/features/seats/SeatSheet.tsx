'use client';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { SeatPlan } from '../../core/stages/seats/planSeat';
import { waking } from '../../ui/Awake';
import { Findings } from '../shell/Findings';
import { PillowList } from '../shell/laid/PillowList';
import { useRoom } from '../shell/room/RoomContext';
import { SheetTitle } from '../shell/Workspace';

const CushionsOut = dynamic(() => import('./CushionsOut').then((m) => waking(m.CushionsOut)));
const ThrowList = dynamic(() => import('../shell/laid/ThrowList').then((m) => waking(m.ThrowList)));

/** Worksheet of one seat: pillows back to front with cover and insert, and the checks. */
export function SeatSheet({ plan: s }: { plan: SeatPlan }): ReactNode {
  const t = useTranslations('seats');
  const { plan } = useRoom();
  const own = new Set([...s.pillows, ...s.throws].map((p) => p.placementId));
  const findings = plan.findings.filter(
    (f) => f.stage === 'seats' && (f.about.includes(s.pieceId) || f.about.some((id) => own.has(id))),
  );
  return (
    <>
      <SheetTitle>{t('pillows', { count: s.pillows.length })}</SheetTitle>
      <CushionsOut pieceId={s.pieceId} />
      <PillowList pillows={s.pillows} />
      <ThrowList throws={s.throws} />
      <Findings findings={findings} title={t('checks')} />
    </>
  );
}
