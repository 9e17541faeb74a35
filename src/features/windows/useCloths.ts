'use client';
import { useTranslations } from 'next-intl';
import { formatBareLength } from '../../core/base/length';
import type { Item } from '../../core/model/types';
import { useRoom } from '../shell/room/RoomContext';
import { useStash } from '../shell/useStash';

/** The panels that can hang at a window: those of the stash, and what hangs there already. */
export function useCloths() {
  const t = useTranslations('windows');
  const { unit } = useRoom().file.room;
  const found = useStash('panel').map(({ elsewhere: _elsewhere, ...item }) => item);
  const cloths = (current: Item | undefined): Item[] =>
    current && !found.some((i) => i.id === current.id) ? [current, ...found] : found;
  const bare = (mm: number) => formatBareLength(mm, unit);
  const clothOptions = (current: Item | undefined) => [
    { value: '', label: t('anyCloth') },
    ...cloths(current).map((c) => ({
      value: c.id,
      label: `${c.name}, ${bare(c.widthMm)} × ${bare(c.heightMm)}, ${c.count}`,
    })),
  ];
  return { cloths, clothOptions };
}
