'use client';
import { memo, type ReactNode } from 'react';
import { formatSize } from '../../core/base/length';
import type { LengthUnit } from '../../core/base/units';
import type { Item } from '../../core/model/types';
import { ScrollArea } from '../../ui/ScrollArea';
import { ClothChip } from '../shell/ClothChip';
import type { Paint } from '../shell/paint';
import { useFreeWords } from '../shell/useFreeWords';
import type { StashRow } from '../shell/useStash';

/** Frames of the stash to hang, with how many are free; stays as it is while something is dragged. */
export const ArtStrip = memo(function ArtStrip({
  art,
  used,
  unit,
  paint,
  onTake,
}: {
  art: readonly StashRow[];
  /** Ids of what hangs in this look, one for each time. */ used: string;
  unit: LengthUnit;
  paint: Paint;
  onTake: (item: Item) => void;
}): ReactNode {
  const free = useFreeWords();
  const uses = new Map<string, number>();
  for (const id of used.split(' ')) uses.set(id, (uses.get(id) ?? 0) + 1);
  return (
    <ScrollArea>
      <div className="flex items-start gap-2 pb-3">
        {art.map(({ elsewhere, ...a }) => (
          <button
            key={a.id}
            type="button"
            onClick={() => onTake(a)}
            className="w-[112px] shrink-0 text-left text-[13px] leading-tight"
            title={a.name}
          >
            <ClothChip item={a} paint={paint} width={112} height={40} />
            <span className="mt-1 line-clamp-2 font-medium" title={a.name}>
              {a.name}
            </span>
            <span className="block text-soft">{formatSize(a.widthMm, a.heightMm, unit)}</span>
            <span
              className="line-clamp-2 text-soft"
              title={free({ count: a.count, elsewhere }, uses.get(a.id) ?? 0)}
            >
              {free({ count: a.count, elsewhere }, uses.get(a.id) ?? 0)}
            </span>
          </button>
        ))}
      </div>
    </ScrollArea>
  );
});
