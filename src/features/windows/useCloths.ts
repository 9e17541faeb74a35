'use client';
import { useTranslations } from 'next-intl';
import { formatSize } from '../../core/base/length';
import type { Item } from '../../core/model/types';
import { useRoom } from '../shell/room/RoomContext';
import { useFreeWords } from '../shell/useFreeWords';
import { useStash } from '../shell/useStash';

/** The panels that can hang at a window: those of the stash, and what hangs there already; with how many are free. */
export function useCloths() {
  const t = useTranslations('windows');
  const { file, look, plan } = useRoom();
  const { unit } = file.room;
  const rows = useStash('panel');
  const free = useFreeWords();
  const found = rows.map(({ elsewhere: _elsewhere, ...item }) => item);
  const cloths = (current: Item | undefined): Item[] =>
    current && !found.some((i) => i.id === current.id) ? [current, ...found] : found;
  /** How many panels of a kind hang in this look. */
  const hungHere = (itemId: string): number =>
    look.dressings
      .filter((d) => d.itemId === itemId)
      .reduce((sum, d) => sum + (plan.windows.find((w) => w.dressingId === d.id)?.panels ?? 0), 0);
  const freeWords = (item: Item): string =>
    free(rows.find((row) => row.id === item.id) ?? { ...item, elsewhere: null }, hungHere(item.id));
  const clothOptions = (current: Item | undefined) => [
    { value: '', label: t('anyCloth') },
    ...cloths(current).map((c) => ({
      value: c.id,
      label: `${c.name}, ${formatSize(c.widthMm, c.heightMm, unit)}, ${freeWords(c)}`,
    })),
  ];
  return { cloths, clothOptions };
}
