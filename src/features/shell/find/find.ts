import { matchOf, askedWords } from '../../../core/base/fold';

/** Sorts of what can be found, in the order in which they are listed. */
export const FIND_GROUPS = [
  'here',
  'findings',
  'looks',
  'rooms',
  'things',
  'places',
  'acts',
  'rules',
] as const;
export type FindGroup = (typeof FIND_GROUPS)[number];

/** Something that can be found: its name, what stands beside it, and where it leads or what it does. */
export type Find = {
  key: string;
  group: FindGroup;
  name: string;
  beside: string;
  go: { href: string } | { act: () => void };
};

/** Something that is done, or a page that is gone to. */
export const actFind = (key: string, name: string, go: Find['go']): Find => ({
  key: `act ${key}`,
  group: 'acts',
  name,
  beside: '',
  go,
});

/** Sentences hold most short words somewhere within others: there a word has to begin with what was typed. */
const WORDS_BEGIN = 2;
const ANYWHERE = 3;
const leastMatch = (group: FindGroup): number => (group === 'findings' ? WORDS_BEGIN : ANYWHERE);

/** Of each sort; another letter brings the next. */
const MOST = 6;

/**
 * What answers to what was typed, by its sort: the sort with the best answer first, and the best of each first. Without a
 * word only what is `offered` then.
 */
export function answersTo(
  typed: string,
  finds: readonly Find[],
  offered: ReadonlySet<FindGroup>,
): { group: FindGroup; finds: Find[] }[] {
  const asked = askedWords(typed);
  const rated = finds.flatMap((find) => {
    const match = matchOf(asked, find.name, find.beside);
    return match === null || match > leastMatch(find.group) ? [] : [{ find, match }];
  });
  const best = (group: FindGroup) =>
    rated
      .filter(({ find }) => find.group === group)
      .sort((a, b) => a.match - b.match)
      .slice(0, MOST);
  return FIND_GROUPS.filter((group) => asked.length > 0 || offered.has(group))
    .flatMap((group) => {
      const [top, ...rest] = best(group);
      return top ? [{ group, match: top.match, finds: [top, ...rest].map(({ find }) => find) }] : [];
    })
    .sort((a, b) => a.match - b.match)
    .map(({ group, finds: of }) => ({ group, finds: of }));
}
