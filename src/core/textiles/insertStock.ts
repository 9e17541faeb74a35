import { elementAt } from '../base/list';
import { sum } from '../base/units';
import type { Item } from '../model/types';
import { sameInsert } from '../room/pillow';
import type { InsertNeed, InsertUse } from './insert';

/** Inserts of one size and fill: how many the studio has, and how many the seats that stay as they are take of them. */
type Sort = { use: InsertUse; have: number; taken: number };

/** The inserts that are left for some pillows. A search asks it thousands of times, about the same few sizes. */
export class InsertStock {
  readonly #sorts: Sort[] = [];
  readonly #sortOf = new Map<InsertUse, number>();

  constructor(
    taken: readonly InsertUse[],
    private readonly owned: readonly Item[],
  ) {
    for (const use of taken) elementAt(this.#sorts, this.#indexOf(use)).taken++;
  }

  /** What has to be bought for these uses alone; `need` counts what the others take as well. */
  missing(uses: readonly InsertUse[]): InsertNeed[] {
    return [...this.#counted(uses)].flatMap(([i, count]) => {
      const { use, have, taken } = elementAt(this.#sorts, i);
      const buy = boughtFor(count, { have, taken });
      return buy > 0 ? [{ ...use, need: taken + count, have, buy }] : [];
    });
  }

  /** How many inserts have to be bought for these uses alone. */
  countMissing(uses: readonly InsertUse[]): number {
    let count = 0;
    for (const [i, used] of this.#counted(uses)) count += boughtFor(used, elementAt(this.#sorts, i));
    return count;
  }

  #counted(uses: readonly InsertUse[]): Map<number, number> {
    const counts = new Map<number, number>();
    for (const use of uses) {
      const i = this.#indexOf(use);
      counts.set(i, (counts.get(i) ?? 0) + 1);
    }
    return counts;
  }

  #indexOf(use: InsertUse): number {
    const known = this.#sortOf.get(use) ?? this.#sorts.findIndex((sort) => sameInsert(sort.use, use));
    const index = known >= 0 ? known : this.#sorts.push({ use, have: this.#owned(use), taken: 0 }) - 1;
    this.#sortOf.set(use, index);
    return index;
  }

  #owned(use: InsertUse): number {
    return sum(this.owned.filter((i) => i.kind === 'insert' && sameInsert(i, use)).map((i) => i.count));
  }
}

/** What a use adds to what has to be bought anyhow. */
const boughtFor = (count: number, { have, taken }: Pick<Sort, 'have' | 'taken'>): number =>
  Math.max(0, taken + count - have) - Math.max(0, taken - have);
