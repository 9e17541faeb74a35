'use client';
import type { Said } from './room/saver';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import { memo, useState, type ReactNode } from 'react';
import { waking } from '../../ui/Awake';
import { Toast } from '../../ui/Toast';
import { useActWords } from './useActWords';
import { useRoomAtRest } from './room/RoomContext';

const UndoButtons = dynamic(() => import('./UndoButtons').then((m) => waking(m.UndoButtons)));
const StaleRoom = dynamic(() => import('./StaleRoom').then((m) => m.StaleRoom), { loading: () => null });

/** Saved or not, what undo took back, and what to do when the room was changed elsewhere. */
export const StatusLine = memo(function StatusLine(): ReactNode {
  const t = useTranslations('shell');
  const { file, saving, said, labels, replay, takeFresh } = useRoomAtRest();
  const act = useActWords(file.room.unit);
  const saidWords = (what: Said) => {
    if (what.kind === 'nothing') return t(what.way === 'undo' ? 'nothingToUndo' : 'nothingToRedo');
    return what.kind === 'stands' ? t('standsInWay') : t(what.kind, { what: act(what.label) });
  };
  // a notice that was closed or has had its time, until the next one
  const [closed, setClosed] = useState<Said | null>(null);
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
      <Toast
        label={t('notices')}
        message={said && said !== closed ? saidWords(said) : null}
        onClose={() => setClosed(said)}
      />
      {saving.state === 'stale' && <StaleRoom saving={saving} takeFresh={takeFresh} />}
    </>
  );
});
