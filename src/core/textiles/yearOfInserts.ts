import { sum } from '../base/units';
import type { Fill, Item } from '../model/types';
import { sameInsert } from '../room/pillow';
import type { RuleBook } from '../rules/book';
import { needsCasing } from './casing';
import { fillsAllowed, insertsFor, type InsertSize, type InsertUse } from './insert';
import { smallestSet, type CoverOut, type LookWorn } from './insertsOfYear';

/** A cover that a look has out, with what is known of its filling, and the rules of its room. */
export type CoverUse = {
  cover: Item;
  fill: Fill | null;
  featherFree: boolean;
  roomId: string;
  lookId: string;
  rules: RuleBook;
};
/** Inserts of one size and filling: owned, kept for the year, to buy; and the covers that they can fill. */
export type YearLine = InsertUse & {
  owned: number;
  kept: number;
  buy: number;
  covers: readonly string[];
};
/** Inner casings of one size. */
export type CasingLine = InsertSize & { owned: number; kept: number; buy: number };
export type YearOfInserts = {
  lines: YearLine[];
  casings: CasingLine[];
  /** Covers that no insert fills, by name. */
  unfilled: string[];
};

/** Inserts of the studio by size and filling, each under a name of its own. */
class Shelf {
  private readonly known: { name: string; use: InsertUse; owned: number }[] = [];

  /** The name of a size and filling: one for all that are the same. */
  nameOf(use: InsertUse): string {
    const found = this.known.find((k) => sameInsert(k.use, use));
    if (found) return found.name;
    const name = `${String(this.known.length).padStart(4, '0')}`;
    this.known.push({ name, use, owned: 0 });
    return name;
  }
  add(use: InsertUse, count: number): void {
    const name = this.nameOf(use);
    for (const k of this.known) if (k.name === name) k.owned += count;
  }
  owned(): Map<string, number> {
    return new Map(this.known.map((k) => [k.name, k.owned]));
  }
  all(): readonly { name: string; use: InsertUse; owned: number }[] {
    return this.known;
  }
}

const FILLINGS: ReadonlySet<string> = new Set<Fill>(['feather', 'polyester', 'foam']);
const isFilling = (fill: string): fill is Fill => FILLINGS.has(fill);

/** The inserts and casings that a studio owns or has ordered. */
function shelvesOf(items: readonly Item[]): { inserts: Shelf; casings: Shelf } {
  const [inserts, casings] = [new Shelf(), new Shelf()];
  for (const item of items) {
    if (item.state === 'gone' || item.wish !== null) continue;
    const { kind, fill, count } = item;
    if (kind === 'insert' && isFilling(fill)) inserts.add({ ...sizeOf(item), fill }, count);
    if (kind === 'casing') casings.add({ ...sizeOf(item), fill: 'feather' }, count);
  }
  return { inserts, casings };
}

const sizeOf = ({ widthMm, heightMm, round }: InsertSize): InsertSize => ({
  widthMm: Math.min(widthMm, heightMm),
  heightMm: Math.max(widthMm, heightMm),
  round,
});

/**
 * The fewest inserts and casings for all looks of a year: which of the owned ones are kept, and what is bought. A cover
 * whose filling nobody chose may have any that its home allows.
 *
 * @param looks every look of every room, also those without a cover
 * @param items the studio's inserts and casings; others are passed over
 */
export function yearOfInserts(
  uses: readonly CoverUse[],
  looks: readonly LookWorn[],
  items: readonly Item[],
): YearOfInserts {
  const { inserts, casings } = shelvesOf(items);
  const filled = uses.map((use) => ({ ...use, options: optionsOf(use, items) }));
  const outs = filled.map((use): CoverOut => ({
    ...addressOf(use),
    options: use.options.map((o) => inserts.nameOf(o)),
  }));
  const cased = filled.flatMap((use): CoverOut[] => {
    const nearest = use.options[0];
    if (!nearest || !needsCasing(use.cover, nearest.fill, use.rules)) return [];
    return [{ ...addressOf(use), options: [casings.nameOf({ ...nearest, fill: 'feather' })] }];
  });
  const kept = new Map(smallestSet(outs, looks, inserts.owned()).map((k) => [k.name, k]));
  const keptCasings = new Map(smallestSet(cased, looks, casings.owned()).map((k) => [k.name, k]));
  return {
    lines: inserts
      .all()
      .map(({ name, use, owned }): YearLine => {
        const line = kept.get(name);
        const covers = filled
          .filter((_, i) => outs[i]?.options.includes(name))
          .map(({ cover }) => cover.name);
        return {
          ...use,
          owned,
          kept: line?.kept ?? 0,
          buy: line?.buy ?? 0,
          covers: [...new Set(covers)].sort(),
        };
      })
      .filter((line) => line.owned + line.kept + line.buy > 0)
      .sort(bySize),
    casings: casings
      .all()
      .map(({ name, use, owned }): CasingLine => {
        const line = keptCasings.get(name);
        return { ...sizeOf(use), owned, kept: line?.kept ?? 0, buy: line?.buy ?? 0 };
      })
      .filter((line) => line.owned + line.kept + line.buy > 0)
      .sort(bySize),
    unfilled: [...new Set(filled.filter((u) => u.options.length === 0).map((u) => u.cover.name))].sort(),
  };
}

const addressOf = ({ roomId, lookId }: CoverUse) => ({ roomId, lookId });
const bySize = (a: InsertSize, b: InsertSize): number => a.widthMm - b.widthMm || a.heightMm - b.heightMm;

/** What may fill a cover, the nearest first; of two as near the filling that a home usually has. */
function optionsOf({ cover, fill, featherFree, rules }: CoverUse, items: readonly Item[]): InsertUse[] {
  const fills = fill ? [fill] : fillsAllowed(featherFree);
  return fills.flatMap((f) =>
    insertsFor(cover, f, rules, { owned: items }).map((size) => ({ ...size, fill: f })),
  );
}

/** How many inserts do for the year, how many are bought, and how many of the owned ones nobody needs. */
export function countYear(lines: readonly { owned: number; kept: number; buy: number }[]) {
  return {
    needed: sum(lines.map((l) => l.kept + l.buy)),
    buy: sum(lines.map((l) => l.buy)),
    spare: sum(lines.map((l) => l.owned - l.kept)),
  };
}
