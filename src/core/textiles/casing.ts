import { sum } from '../base/units';
import type { Fill, Item } from '../model/types';
import { sameSize } from '../room/pillow';
import type { RuleBook } from '../rules/book';
import type { InsertSize } from './insert';

/** Weaves that a feather works its way through (common practice). */
const LOOSE: ReadonlySet<Item['texture']> = new Set([
  'linen',
  'knit',
  'boucle',
  'tweed',
  'woven',
  'embroidered',
]);

/** Whether a cover has a casing between it and its feathers, by the studio's school. */
export function needsCasing({ texture }: Pick<Item, 'texture'>, fill: Fill, rules: RuleBook): boolean {
  if (fill !== 'feather') return false;
  const school = rules.school('seats.casingSchool');
  return school === 'every' || (school === 'loose' && LOOSE.has(texture));
}

/** Casings of a size: as large as the insert that goes into them. */
export type CasingNeed = InsertSize & { need: number; have: number; buy: number };

/** Casings of each size: needed, owned, to buy. */
export function casingNeeds(inserts: readonly InsertSize[], owned: readonly Item[]): CasingNeed[] {
  const isSame = (a: InsertSize, b: InsertSize) => Boolean(a.round) === Boolean(b.round) && sameSize(a, b);
  const needs: CasingNeed[] = [];
  for (const insert of inserts) {
    const known = needs.find((n) => isSame(n, insert));
    if (known) known.need++;
    else {
      const have = sum(owned.filter((i) => i.kind === 'casing' && isSame(i, insert)).map((i) => i.count));
      needs.push({
        widthMm: insert.widthMm,
        heightMm: insert.heightMm,
        round: insert.round,
        need: 1,
        have,
        buy: 0,
      });
    }
  }
  return needs.map((n) => ({ ...n, buy: Math.max(0, n.need - n.have) }));
}
