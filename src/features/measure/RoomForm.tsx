'use client';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import { waking } from '../../ui/Awake';
import { Fold } from '../../ui/Fold';
import { Findings } from '../shell/Findings';
import { useRoom } from '../shell/room/RoomContext';
import { useCommit } from '../shell/useCommit';
import { ReadingField } from './ReadingField';

const RoomOutline = dynamic(() => import('./RoomOutline').then((m) => waking(m.RoomOutline)));
const RoomDetails = dynamic(() => import('./RoomDetails').then((m) => waking(m.RoomDetails)));
const CeilingForm = dynamic(() => import('./CeilingForm').then((m) => waking(m.CeilingForm)));
const GuessList = dynamic(() => import('./GuessList').then((m) => waking(m.GuessList)));

/** The room itself: what its floor says, then name, ceiling, outline, finishes, and who lives here. */
export function RoomForm({ outlineOpen }: { outlineOpen: boolean }): ReactNode {
  const t = useTranslations('measure');
  const to = useTranslations('outline');
  const { file, plan } = useRoom();
  const commit = useCommit();
  const { room } = file;
  const floor = plan.findings.filter((f) => f.stage === 'measure');
  const amiss = floor.filter((f) => f.level !== 'ok').length;
  const guesses = room.readings.length;
  return (
    <div>
      <Fold
        title={t('floorChecks')}
        says={amiss === 0 ? t('allWell') : t('toLookAt', { count: amiss })}
        open={!outlineOpen}
      >
        {floor.length > 0 ? (
          <div className="-mt-4">
            <Findings findings={floor} />
          </div>
        ) : (
          <p className="text-[14px] text-soft">{t('floorNothing')}</p>
        )}
      </Fold>
      {guesses > 0 && (
        <Fold title={t('toMeasure')} says={t('guessCount', { count: guesses })}>
          <GuessList />
        </Fold>
      )}
      <Fold title={to('title')} says={t('wallCount', { count: room.walls.length })} open={outlineOpen}>
        <RoomOutline />
      </Fold>
      <Fold title={t('overhead')} says={formatLength(room.ceilingMm, room.unit)} open>
        <ReadingField
          about="room"
          field="ceilingMm"
          label={t('ceiling')}
          valueMm={room.ceilingMm}
          onCommit={(ceilingMm) =>
            ceilingMm > 0
              ? commit({ do: 'setRoom', room: { ...room, ceilingMm } }, 'room')
              : { took: false, message: '' }
          }
        />
        <CeilingForm />
      </Fold>
      <RoomDetails />
    </div>
  );
}
