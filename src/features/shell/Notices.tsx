'use client';
import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import { Toast } from '../../ui/Toast';
import { useRoomAtRest, type Began } from './room/RoomContext';
import type { Said } from './room/saver';
import { StaleRoom } from './StaleRoom';
import { useActWords } from './useActWords';

/** What is said once and goes: what undo took back, a copy that was begun, a room that was changed elsewhere. */
export function Notices(): ReactNode {
  const t = useTranslations('shell');
  const { file, saving, said, began, takeFresh } = useRoomAtRest();
  const act = useActWords(file.room.unit);
  // notices that were closed or have had their time, until the next one
  const [read, setRead] = useState<readonly (Said | Began)[]>([]);
  const notice = [said, began].find((n) => n && !read.includes(n)) ?? null;
  const words = (n: Said | Began): string => {
    if ('record' in n)
      return t('beganCopy', { record: n.record, name: file.looks.find((l) => l.id === n.id)?.name ?? '' });
    if (n.kind === 'nothing') return t(n.way === 'undo' ? 'nothingToUndo' : 'nothingToRedo');
    return n.kind === 'stands' ? t('standsInWay') : t(n.kind, { what: act(n.label) });
  };
  return (
    <>
      <Toast
        label={t('notices')}
        message={notice && words(notice)}
        onClose={() => notice && setRead((others) => [...others, notice])}
      />
      {saving.state === 'stale' && <StaleRoom saving={saving} takeFresh={takeFresh} />}
    </>
  );
}
