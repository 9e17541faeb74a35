/** The stash counted by kind, and within a kind by colour: what there is plenty of, and what is missing. */
import { nameColour, type ColourName } from '../colour/name';
import type { Lab } from '../colour/spaces';
import type { Item } from '../model/types';
import type { StashEntry } from './entry';

/** White, grey, or the word of a hue. */
export type ColourGroup = 'white' | 'neutral' | Extract<ColourName, { kind: 'hue' }>['hue'];

export function colourGroupOf(colour: Lab): ColourGroup {
  const name = nameColour(colour);
  return name.kind === 'hue' ? name.hue : name.kind;
}

export type KindCount = {
  kind: Item['kind'];
  count: number;
  /** Pieces by the group of their largest colour. */ byColour: ReadonlyMap<ColourGroup, number>;
};
export type StashCounts = {
  /** Most first. */ kinds: KindCount[];
  /** Every group that occurs, most first, with its mean colour over what has it. */
  groups: { group: ColourGroup; colour: Lab; count: number }[];
};

/** Counts pieces, not entries: two covers of one kind are two. What is gone is left out. */
export function countStash(
  entries: readonly Pick<StashEntry, 'kind' | 'count' | 'colours' | 'state'>[],
): StashCounts {
  const kinds = new Map<Item['kind'], Map<ColourGroup, number>>();
  const groups = new Map<ColourGroup, { sum: Lab; count: number }>();
  for (const { kind, count, colours, state } of entries) {
    const largest = colours.reduce((most, c) => (c.share > most.share ? c : most));
    if (state === 'gone' || count === 0) continue;
    const group = colourGroupOf(largest);
    const ofKind = kinds.get(kind) ?? new Map<ColourGroup, number>();
    kinds.set(kind, ofKind.set(group, (ofKind.get(group) ?? 0) + count));
    const all = groups.get(group) ?? { sum: { l: 0, a: 0, b: 0 }, count: 0 };
    groups.set(group, {
      sum: {
        l: all.sum.l + largest.l * count,
        a: all.sum.a + largest.a * count,
        b: all.sum.b + largest.b * count,
      },
      count: all.count + count,
    });
  }
  const total = (byColour: ReadonlyMap<ColourGroup, number>) =>
    [...byColour.values()].reduce((n, count) => n + count, 0);
  return {
    kinds: [...kinds]
      .map(([kind, byColour]) => ({ kind, count: total(byColour), byColour }))
      .sort((a, b) => b.count - a.count),
    groups: [...groups]
      .map(([group, { sum, count }]) => ({
        group,
        colour: { l: sum.l / count, a: sum.a / count, b: sum.b / count },
        count,
      }))
      .sort((a, b) => b.count - a.count),
  };
}
