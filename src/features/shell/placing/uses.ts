type Use = { itemId: string; count: number };

/** How many of each thing are used, as text: it stays as it is while a thing is moved. */
export const usesOf = (uses: readonly Use[]): string =>
  uses.map(({ itemId, count }) => `${itemId}*${count}`).join(' ');

/** The same, by the things' ids. */
export function countsOf(uses: string): ReadonlyMap<string, number> {
  const counts = new Map<string, number>();
  for (const [id = '', count] of uses.split(' ').map((use) => use.split('*')))
    counts.set(id, (counts.get(id) ?? 0) + Number(count));
  return counts;
}
