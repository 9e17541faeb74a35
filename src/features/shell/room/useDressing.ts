'use client';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Change } from '../../../core/model/change';
import { recordDressedBy } from '../../../core/model/records';
import type { Began, Kept } from './RoomContext';

const copying = () => import('../../../core/model/dressCopy');

/** Changes the room; a look that is a record stays as it is, and its copy is dressed and shown. */
export function useDressing(
  { file, change: keep }: Kept,
  lookId: string,
  showLook: (id: string) => void,
): { change: (changes: Change[]) => void; began: Began | null } {
  const t = useTranslations('shell');
  const [began, setBegan] = useState<Began | null>(null);
  // a change that comes before the copy is shown goes into the same copy
  const copyId = useRef<string | null>(null);
  const isRecord = file.looks.some((l) => l.isRecord && l.id === lookId);
  useEffect(() => {
    copyId.current = null;
    if (isRecord) copying().catch(() => undefined);
  }, [lookId, isRecord]);
  const change = useCallback(
    (changes: Change[]) => {
      const record = recordDressedBy(file, changes);
      if (!record) return keep(changes);
      const isBegun = copyId.current !== null;
      const id = (copyId.current ??= nanoid(12));
      copying().then(
        ({ dressCopy }) => {
          keep(
            dressCopy(file, changes, {
              from: record.id,
              id,
              isBegun,
              named: (number) => t('newLook', { number }),
            }),
          );
          setBegan({ record: record.name, id });
          showLook(id);
        },
        // without the part that copies, what was done is still done
        () => keep(changes),
      );
    },
    [file, keep, showLook, t],
  );
  return { change, began };
}
