import { elementAt } from '../../base/list';
import { sum, type Mm } from '../../base/units';
import type { Fill, Item } from '../../model/types';
import { paperBagVolume, sameInsert } from '../../room/pillow';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';

export type { Fill } from '../../model/types';
export type Size = { widthMm: Mm; heightMm: Mm };
export type InsertChoice = {
  /** Stock insert; null when no stock size is near what is wanted. */
  insert: Size | null;
  wanted: Size;
  nearest: Size;
  /** Insert's own volume ÷ the most the cover can hold. */
  plumpness: number;
  rule: RuleId;
};

const overRules: Record<Fill, RuleId> = {
  feather: 'seats.featherOver',
  polyester: 'seats.polyesterOver',
  foam: 'seats.foamOver',
};

/**
 * How much larger than its cover an insert is, on each side. Large covers take at least the low end of their
 * own range.
 */
export function insertOver(cover: Size, fill: Fill, rules: RuleBook): { overMm: Mm; rule: RuleId } {
  const rule = overRules[fill];
  const overMm = rules.number(rule);
  const [largeLow] = rules.range('seats.largeCoverOver');
  if (
    fill !== 'foam' &&
    Math.max(cover.widthMm, cover.heightMm) > rules.number('seats.largeCoverFrom') + 0.5 &&
    largeLow > overMm
  )
    return { overMm: largeLow, rule: 'seats.largeCoverOver' };
  return { overMm, rule };
}

/** Stock sizes as pairs: squares, then oblongs listed as width, height, width, height … */
export function stockInserts(rules: RuleBook): Size[] {
  const oblongs = rules.list('seats.stockOblongs');
  return [
    ...rules.list('seats.stockSquares').map((s) => ({ widthMm: s, heightMm: s })),
    ...Array.from({ length: Math.floor(oblongs.length / 2) }, (_, i) => ({
      widthMm: elementAt(oblongs, 2 * i),
      heightMm: elementAt(oblongs, 2 * i + 1),
    })),
  ];
}

const sorted = (s: Size): Size => ({
  widthMm: Math.min(s.widthMm, s.heightMm),
  heightMm: Math.max(s.widthMm, s.heightMm),
});
/**
 * How badly an insert misses, the larger side's miss; too small counts double, because a slack cover cannot
 * be helped.
 */
const miss = (have: Size, want: Size): Mm =>
  Math.max(
    ...(['widthMm', 'heightMm'] as const).map((k) =>
      have[k] < want[k] ? 2 * (want[k] - have[k]) : have[k] - want[k],
    ),
  );

/** How much larger than its cover an insert of a fill may be. */
function mostOver(fill: Fill, rules: RuleBook): Mm {
  if (fill === 'foam') return rules.number('seats.foamOver') + rules.number('seats.insertTolerance');
  return fill === 'polyester' ? rules.number('seats.polyesterMost') : rules.range('seats.largeCoverOver')[1];
}

/** Sizes are typed to the half millimetre. */
const HAIR: Mm = 0.5;

/**
 * The insert for a cover: of the stock sizes that are not larger than its fill may be, and no smaller than it should be but
 * for the tolerance, the nearest; null when there is none.
 */
export function chooseInsert(cover: Size, fill: Fill, rules: RuleBook): InsertChoice {
  const { overMm, rule } = insertOver(cover, fill, rules);
  const flat = sorted(cover);
  const wanted = { widthMm: flat.widthMm + overMm, heightMm: flat.heightMm + overMm };
  const leastMm = overMm - rules.number('seats.insertTolerance') - HAIR;
  const mostMm = Math.max(overMm, mostOver(fill, rules)) + HAIR;
  const isAllowed = (s: Size): boolean =>
    (['widthMm', 'heightMm'] as const).every((k) => s[k] - flat[k] >= leastMm && s[k] - flat[k] <= mostMm);
  const stock = stockInserts(rules).map(sorted);
  const nearestOf = (sizes: readonly Size[]): Size | undefined =>
    sizes.reduce<Size | undefined>(
      (best, s) => (best === undefined || miss(s, wanted) < miss(best, wanted) - 1e-6 ? s : best),
      undefined,
    );
  const insert = nearestOf(stock.filter(isAllowed)) ?? null;
  const nearest = insert ?? nearestOf(stock) ?? wanted;
  return {
    insert,
    wanted,
    nearest,
    plumpness:
      paperBagVolume(nearest.widthMm, nearest.heightMm) / paperBagVolume(flat.widthMm, flat.heightMm),
    rule,
  };
}

export type InsertUse = Size & { fill: Fill };
export type InsertNeed = InsertUse & { need: number; have: number; buy: number };

/** Inserts of each size and fill: needed by the look, owned, to buy. */
export function insertNeeds(uses: readonly InsertUse[], owned: readonly Item[]): InsertNeed[] {
  const needs: InsertNeed[] = [];
  for (const use of uses) {
    const same = needs.find((n) => sameInsert(n, use));
    if (same) same.need++;
    else
      needs.push({
        ...use,
        need: 1,
        have: sum(owned.filter((i) => i.kind === 'insert' && sameInsert(i, use)).map((i) => i.count)),
        buy: 0,
      });
  }
  return needs.map((n) => ({ ...n, buy: Math.max(0, n.need - n.have) }));
}

/** What a cover is filled with: what there is an insert of, rather one that is owned; undefined where none fits. */
export function fillFor(
  cover: Size,
  { featherFree, inserts }: { featherFree: boolean; inserts: readonly Item[] },
  rules: RuleBook,
): Fill | undefined {
  const fills: Fill[] = featherFree ? ['polyester'] : ['feather', 'polyester'];
  const fitting = fills.flatMap((fill) => {
    const { insert } = chooseInsert(cover, fill, rules);
    const isOwned = insert !== null && insertNeeds([{ ...insert, fill }], inserts).every((n) => n.buy === 0);
    return insert ? [{ fill, isOwned }] : [];
  });
  return (fitting.find((f) => f.isOwned) ?? fitting[0])?.fill;
}

/** What fills a cover: what was chosen, else what it can be filled with, else what a home usually has. */
export function fillOf(
  cover: Size,
  chosen: Fill | null,
  context: { featherFree: boolean; inserts: readonly Item[] },
  rules: RuleBook,
): Fill {
  return chosen ?? fillFor(cover, context, rules) ?? (context.featherFree ? 'polyester' : 'feather');
}
