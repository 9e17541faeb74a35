/** How large a thing can be. What is larger was mistyped: feet for inches, metres for centimetres. */
import type { Mm } from '../base/units';
import type { Item } from '../model/types';

/**
 * The longest side of a thing that is made and carried into a home (common practice, generous), and of the kinds that
 * are shorter or longer than most.
 */
const LONGEST_MM: Mm = 4500;
const LONGEST: Partial<Record<Item['kind'], Mm>> = {
  cover: 3000,
  insert: 3000,
  lampshade: 3000,
  plant: 8000,
  rug: 12_000,
  tablecloth: 8000,
  runner: 8000,
  panel: 15_000,
};

export const longestSide = (kind: Item['kind']): Mm => LONGEST[kind] ?? LONGEST_MM;

export type OversizedSide = { field: 'widthMm' | 'heightMm' | 'depthMm'; cameMm: Mm; longestMm: Mm };

/** A side of a thing that no such thing has, unless it was so before. */
export function oversizedSide(item: Item, previous?: Item): OversizedSide | undefined {
  const longestMm = longestSide(item.kind);
  const field = (['widthMm', 'heightMm', 'depthMm'] as const).find(
    (side) => item[side] > longestMm && !(previous?.kind === item.kind && previous[side] === item[side]),
  );
  return field && { field, cameMm: item[field], longestMm };
}
