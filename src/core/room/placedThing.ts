import type { Deg, Mm } from '../base/units';
import type { Place3 } from '../geometry/space';
import type { Item, Placement } from '../model/types';
import type { Extent } from './lies';
import type { Spot } from './spots/spot';

/**
 * A thing as it stands in the room: the middle of its foot, how it is turned, and its size in its own directions. Turned
 * by 0 its back is to the north.
 */
export type Standing = Place3 & { turnDeg: Deg } & Extent;
/** What a look puts on a spot, with where it stands. */
export type PlacedThing = {
  placement: Placement;
  item: Item;
  /**
   * What it is on: the piece, fitting or opening that carries it and everything under it; the name of what it is right
   * on or in, and how high that is where the thing stands.
   */
  on: { id: string; name: string; topMm: Mm };
  spot: Spot;
  /** The spot of the room that carries it and everything under it. */
  base: Spot;
  /** Ids of the placed things that carry it, the nearest first. */
  carriers: readonly string[];
  at: Standing;
  /** How far a throw across an arm or a bed hangs down on its left and right, as one faces its front. */
  legsMm: readonly [Mm, Mm] | null;
  /**
   * How far bedding that is spread over a bed hangs down at its foot, and cloth on a table at its front and back; null for
   * everything else.
   */
  footMm: Mm | null;
};
