/** Lower case without accents: as somebody types a name who looks for it. */
export const folded = (text: string): string => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

/** The words of what is looked for, folded. */
export const askedWords = (text: string): string[] => folded(text).split(/\s+/).filter(Boolean);

/**
 * How well a name answers: 0 where it is what is asked, 1 where it begins with it, 2 where one of its words begins with the
 * first, 3 where all are in it or in what stands beside it, null where one is missing.
 */
export function matchOf(asked: readonly string[], name: string, beside = ''): 0 | 1 | 2 | 3 | null {
  const here = folded(name);
  const all = `${here} ${folded(beside)}`;
  if (!asked.every((word) => all.includes(word))) return null;
  if (here === asked.join(' ')) return 0;
  if (here.startsWith(asked.join(' '))) return 1;
  return here.split(/[\s(/-]+/).some((word) => word.startsWith(asked[0] ?? '')) ? 2 : 3;
}
