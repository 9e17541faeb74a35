'use client';
import { useTranslations } from 'next-intl';
import { memo, useState, type ReactNode } from 'react';
import { formatBareSize } from '../../core/base/length';
import type { LengthUnit } from '../../core/base/units';
import type { Item } from '../../core/model/types';
import type { RuleBook } from '../../core/rules/book';
import { chooseInsert } from '../../core/stages/seats/insert';
import { ClothChip } from '../shell/ClothChip';
import { useRoom } from '../shell/room/RoomContext';
import type { Paint } from '../shell/paint';
import { usePaint } from '../shell/usePaint';
import type { StashRow } from '../shell/useStash';
import { ScrollArea } from '../../ui/ScrollArea';
import { useStableCallback } from '../../ui/useStableCallback';
import { useDrag } from '../../ui/useDrag';

const FILLS = ['feather', 'polyester', 'foam'] as const;
const hasInsert = (cover: Item, rules: RuleBook): boolean =>
  FILLS.some((fill) => chooseInsert(cover, fill, rules).insert !== null);

type Acts = {
  onDrop: (item: Item, clientX: number, clientY: number) => void;
  onPut: (item: Item) => void;
};

/** Covers of the stash, to be dragged onto the seat or put on it by a press. */
export function StashStrip({ covers, onDrop, onPut }: Acts & { covers: readonly StashRow[] }): ReactNode {
  const { look, file, rules } = useRoom();
  return (
    <Strip
      covers={covers}
      used={look.placements.map((p) => p.itemId).join(' ')}
      unit={file.room.unit}
      rules={rules}
      paint={usePaint()}
      onDrop={useStableCallback(onDrop)}
      onPut={useStableCallback(onPut)}
    />
  );
}

/** The strip itself; it stays as it is while a pillow is dragged on the seat. */
const Strip = memo(function Strip({
  covers,
  used,
  unit,
  rules,
  paint,
  onDrop,
  onPut,
}: Acts & {
  covers: readonly StashRow[];
  /** Ids of what is placed in this look, one for each time. */ used: string;
  unit: LengthUnit;
  rules: RuleBook;
  paint: Paint;
}): ReactNode {
  const t = useTranslations('seats');
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
  const placed = used.split(' ');
  const usesOf = (id: string) => placed.filter((p) => p === id).length;
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
            const free = Math.max(0, item.count - usesOf(item.id) - (elsewhere?.count ?? 0));
            return (
              <li key={item.id} className="shrink-0">
                <button
                  type="button"
                  {...bind(row)}
                  // the second press of a double one puts nothing more on
                  onClick={(e) => e.detail < 2 && onPut(item)}
                  aria-label={`${t('add')} ${item.name}`}
                  className="w-[92px] touch-pan-x select-none text-left text-[13px] leading-tight"
                  style={{ cursor: 'grab' }}
                >
                  <ClothChip item={row} paint={paint} width={92} height={36} />
                  <span className="mt-1 line-clamp-2 font-medium" title={item.name}>
                    {item.name}
                  </span>
                  <span className="block text-soft">{formatBareSize(item.widthMm, item.heightMm, unit)}</span>
                  {!hasInsert(item, rules) && <span className="block font-medium">{t('noInsertFits')}</span>}
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
});
