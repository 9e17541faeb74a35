/** How large a thing can be. What is larger was mistyped: feet for inches, metres for centimetres. */
import type { Mm } from '../base/units';
import type { Item } from '../model/types';

/** The longest side of a kind of thing that is made and carried into a home (common practice, generous). */
const LONGEST: Record<Item['kind'], Mm> = {
  cover: 2000,
  insert: 2000,
  throw: 4500,
  panel: 15_000,
  bedding: 4500,
  rug: 12_000,
  lampshade: 2000,
  art: 4500,
  mirror: 4500,
  frame: 4500,
  wallPanel: 4500,
  vase: 2500,
  candle: 2500,
  basket: 2500,
  tray: 2500,
  book: 1500,
  object: 4500,
  plant: 8000,
};

export const longestSide = (kind: Item['kind']): Mm => LONGEST[kind];

export type OversizedSide = { field: 'widthMm' | 'heightMm' | 'depthMm'; cameMm: Mm; longestMm: Mm };

/** A side of a thing that no such thing has, unless it was so before. */
export function oversizedSide(item: Item, previous?: Item): OversizedSide | undefined {
  const longestMm = longestSide(item.kind);
  const field = (['widthMm', 'heightMm', 'depthMm'] as const).find(
    (side) => item[side] > longestMm && !(previous?.kind === item.kind && previous[side] === item[side]),
  );
  return field && { field, cameMm: item[field], longestMm };
}
