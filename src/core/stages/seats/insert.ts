import { elementAt } from '../../base/list';
import { inches, sum, type Mm } from '../../base/units';
import type { Item, Placement } from '../../model/types';
import { paperBagVolume } from '../../room/pillow';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';

export type Fill = Placement['fill'];
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

/**
 * The insert for a cover: the stock size nearest to cover + rule, the same on each side; null when none is
 * near.
 */
export function chooseInsert(cover: Size, fill: Fill, rules: RuleBook): InsertChoice {
  const { overMm, rule } = insertOver(cover, fill, rules);
  const flat = sorted(cover);
  const wanted = { widthMm: flat.widthMm + overMm, heightMm: flat.heightMm + overMm };
  const nearest = stockInserts(rules)
    .map(sorted)
    .reduce((best, s) => (miss(s, wanted) < miss(best, wanted) - 1e-6 ? s : best));
  const isNear = (['widthMm', 'heightMm'] as const).every(
    (k) =>
      Math.abs(nearest[k] - wanted[k]) <= rules.number('seats.insertTolerance') + 0.5 ||
      (fill !== 'foam' &&
        nearest[k] > wanted[k] &&
        nearest[k] <= flat[k] + rules.range('seats.largeCoverOver')[1] + 0.5),
  );
  return {
    insert: isNear ? nearest : null,
    wanted,
    nearest,
    plumpness:
      paperBagVolume(nearest.widthMm, nearest.heightMm) / paperBagVolume(flat.widthMm, flat.heightMm),
    rule,
  };
}

export type InsertNeed = Size & { fill: Fill; need: number; have: number; buy: number };

/** Inserts of each size and fill: needed by the look, owned, to buy. */
export function insertNeeds(uses: readonly (Size & { fill: Fill })[], owned: readonly Item[]): InsertNeed[] {
  const isNear = (a: Size, b: Size) =>
    Math.abs(a.widthMm - b.widthMm) < inches(0.25) && Math.abs(a.heightMm - b.heightMm) < inches(0.25);
  const needs: InsertNeed[] = [];
  for (const use of uses) {
    const same = needs.find((n) => n.fill === use.fill && isNear(n, use));
    if (same) same.need++;
    else
      needs.push({
        ...use,
        need: 1,
        have: sum(
          owned
            .filter((i) => i.kind === 'insert' && i.fill === use.fill && isNear(sorted(i), use))
            .map((i) => i.count),
        ),
        buy: 0,
      });
  }
  return needs.map((n) => ({ ...n, buy: Math.max(0, n.need - n.have) }));
}
