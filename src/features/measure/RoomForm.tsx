'use client';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import { waking } from '../../ui/Awake';
import { Collapsible } from '../../ui/Collapsible';
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
  const tOutline = useTranslations('outline');
  const { file, plan } = useRoom();
  const commit = useCommit();
  const { room } = file;
  const floor = plan.findings.filter((f) => f.stage === 'measure');
  const amiss = floor.filter((f) => f.level !== 'ok').length;
  const guesses = room.readings.length;
  return (
    <div>
      <Collapsible
        title={t('floorChecks')}
        summary={amiss === 0 ? t('allWell') : t('toLookAt', { count: amiss })}
        open={!outlineOpen}
      >
        {floor.length > 0 ? (
          <div className="-mt-4">
            <Findings findings={floor} />
          </div>
        ) : (
          <p className="text-[14px] text-soft">{t('floorNothing')}</p>
        )}
      </Collapsible>
      {guesses > 0 && (
        <Collapsible title={t('toMeasure')} summary={t('guessCount', { count: guesses })}>
          <GuessList />
        </Collapsible>
      )}
      <Collapsible
        title={tOutline('title')}
        summary={t('wallCount', { count: room.walls.length })}
        open={outlineOpen}
      >
        <RoomOutline />
      </Collapsible>
      <Collapsible title={t('overhead')} summary={formatLength(room.ceilingMm, room.unit)} open>
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
      </Collapsible>
      <RoomDetails />
    </div>
  );
}
