'use client';
import { useDrag } from '@use-gesture/react';
import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import { formatBareLength } from '../../core/base/length';
import type { Item } from '../../core/model/types';
import { ClothChip } from '../shell/ClothChip';
import { useRoom } from '../shell/room/RoomContext';
import { usePaint } from '../shell/usePaint';
import type { StashRow } from '../shell/useStash';
import { ScrollArea } from '../../ui/ScrollArea';

/** Covers of the stash, to be dragged onto the seat or put in its middle by Enter. */
export function StashStrip({
  covers,
  onDrop,
  onPut,
}: {
  covers: readonly StashRow[];
  onDrop: (item: Item, clientX: number, clientY: number) => void;
  onPut: (item: Item) => void;
}): ReactNode {
  const t = useTranslations('seats');
  const { look, file } = useRoom();
  const paint = usePaint();
  const [held, setHeld] = useState<{ item: StashRow; x: number; y: number } | null>(null);
  const bind = useDrag(
    ({ args, xy: [x, y], last, tap, event }) => {
      const row = args[0] as StashRow;
      if (tap) {
        setHeld(null);
        return;
      }
      event.preventDefault();
      setHeld(last ? null : { item: row, x, y });
      if (last) {
        const { elsewhere: _e, ...item } = row;
        onDrop(item, x, y);
      }
    },
    { filterTaps: true, pointer: { capture: true } },
  );
  const used = (id: string) => look.placements.filter((p) => p.itemId === id).length;
  return (
    <section className="px-4 pb-2">
      <p className="mb-1 flex gap-3 text-[13px]">
        <b className="font-narrow font-semibold text-soft">{t('stash')}</b>
        <span className="text-soft">{t('drag')}</span>
      </p>
      <ScrollArea bars={['horizontal']}>
        <ul className="flex gap-2 pb-3">
          {covers.map((row) => {
            const { elsewhere, ...item } = row;
            const free = Math.max(0, item.count - used(item.id) - (elsewhere?.count ?? 0));
            return (
              <li key={item.id} className="shrink-0">
                <button
                  type="button"
                  {...bind(row)}
                  onClick={(e) => {
                    if (e.detail === 0 || e.detail === 2) onPut(item);
                  }}
                  aria-label={`${t('add')} ${item.name}`}
                  className="w-[92px] touch-none select-none text-left text-[13px] leading-tight"
                  style={{ cursor: 'grab' }}
                >
                  <ClothChip item={row} paint={paint} width={92} height={36} />
                  <span className="mt-1 block truncate font-medium" title={item.name}>
                    {item.name}
                  </span>
                  <span className="block text-soft">
                    {formatBareLength(item.widthMm, file.room.unit)} ×{' '}
                    {formatBareLength(item.heightMm, file.room.unit)}
                  </span>
                  <span className="block truncate text-soft">
                    {elsewhere
                      ? t('elsewhere', { room: elsewhere.room })
                      : t('have', { free, count: item.count })}
                  </span>
                </button>
              </li>
            );
          })}
        </ul>
      </ScrollArea>
      {held && (
        <div
          className="pointer-events-none fixed z-50 opacity-90"
          style={{ left: held.x - 40, top: held.y - 36 }}
        >
          <ClothChip item={held.item} paint={paint} width={80} height={72} />
        </div>
      )}
    </section>
  );
}
