'use client';
import { useTranslations } from 'next-intl';
import { memo, type ReactNode } from 'react';
import type { StageName } from '../../core/model/finding';
import { useRoomAtRest } from './room/RoomContext';
import { Checkbox } from '../../ui/Checkbox';

/**
 * What bothered in the room as it was found, on this wall and in the whole room, to be ticked off where it is
 * put right.
 */
export const Irritations = memo(function Irritations({ stage }: { stage: StageName }): ReactNode {
  const t = useTranslations('clear');
  const { file, wallId, change } = useRoomAtRest();
  const rows = file.clear.irritations.filter(
    (i) =>
      (i.wallId === null || i.wallId === wallId || stage === 'colour') &&
      (i.doneIn === null || i.doneIn === stage),
  );
  if (rows.length === 0) return null;
  return (
    <section className="mt-5 border-t border-line pt-3">
      <h3 className="mb-1 font-sans text-[14px] font-semibold">{t('bothered')}</h3>
      <ul>
        {rows.map((i) => (
          <li key={i.id}>
            <Checkbox
              checked={i.doneIn !== null}
              onChange={(checked) =>
                change([{ do: 'putIrritation', irritation: { ...i, doneIn: checked ? stage : null } }])
              }
            >
              <span className={i.doneIn ? 'text-soft line-through' : ''}>{i.text}</span>
            </Checkbox>
          </li>
        ))}
      </ul>
    </section>
  );
});
