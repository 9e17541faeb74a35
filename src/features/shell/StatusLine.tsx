'use client';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import { memo, type ReactNode } from 'react';
import { waking } from '../../ui/Awake';
import { useRoomAtRest } from './room/RoomContext';

const UndoButtons = dynamic(() => import('./UndoButtons').then((m) => waking(m.UndoButtons)));
const Notices = dynamic(() => import('./Notices').then((m) => m.Notices), { loading: () => null });

/** Saved or not, what undo took back, and what to do when the room was changed elsewhere. */
export const StatusLine = memo(function StatusLine(): ReactNode {
  const t = useTranslations('shell');
  const { file, saving, said, began, labels, replay } = useRoomAtRest();
  return (
    <>
      <UndoButtons
        of={file.room}
        labels={labels}
        unit={file.room.unit}
        onReplay={(way) => void replay(way)}
      />
      <p
        role="status"
        aria-live="polite"
        className="no-print fixed bottom-1.5 left-5 z-20 max-w-[150px] text-[13px] leading-tight text-[#333] max-lg:static max-lg:max-w-none"
      >
        {t(saving.state, { why: saving.state === 'refused' ? saving.why : '' })}
      </p>
      {(said || began || saving.state === 'stale') && <Notices />}
    </>
  );
});
