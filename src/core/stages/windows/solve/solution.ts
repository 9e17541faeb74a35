import type { Mm, Money } from '../../../base/units';
import type { Dressing, Item, Landing, RouteKind } from '../../../model/types';
import type { WindowPlace, WindowPlan, WindowTarget } from '../windowPlan';

export type SolveWindow = {
  dressing: Dressing;
  target: WindowTarget;
  place: WindowPlace;
  sheer: Item | undefined;
};
/** Panels of a shop that has them under the name of an owned kind: so many more can be had. */
export type ShopPanels = { name: string; stock: number; price: Money; leadDays: number };

/** An owned kind of panel, and how many of it hang in another room. */
export type OwnedPanels = Item & { elsewhere?: { room: string; count: number } | null };

/**
 * What a stylist wants of the curtains of a room; a solution that does not keep one says which and by how
 * much.
 */
export type Want =
  | 'height'
  | 'oneLine'
  | 'landing'
  | 'floor'
  | 'oneProduct'
  | 'stock'
  | 'ownRoom'
  | 'ready'
  | 'glass'
  | 'fullness';
export type GivesUp = {
  want: Want;
  /** Length off, count short, or share, by the want. */
  by: number;
  landing?: Landing;
  /** Where panels would be borrowed from. */
  room?: string;
};

export type Share = {
  dressingId: string;
  window: string;
  itemId: string | null;
  name: string | null;
  stockMm: Mm | null;
  rodMm: Mm;
  landing: Landing;
  hemAt: Dressing['hemAt'];
  kind: RouteKind;
  panels: number;
  hems: number;
};
export type Solution = {
  shares: Share[];
  oneRodMm: Mm | null;
  panels: number;
  buy: number;
  owned: number;
  leadDays: number | null;
  cost: Money;
  workMinutes: number;
  givesUp: GivesUp[];
  offMm: Mm;
};

/** A window planned with one product. */
export type Fit = { plan: WindowPlan; product: Product; window: SolveWindow };
/** A kind of panel that can hang: owned, bought by its length, or made (then it has no length). */
export type Product = {
  key: string;
  item: Item | null;
  name: string | null;
  lengthMm: Mm | null;
  owned: number;
  price: Money;
  shop: ShopPanels | undefined;
  /** Of those counted as owned, how many would be borrowed before any is bought. */
  lent: { room: string; count: number } | null;
};

/**
 * What is tried: a product at each window, its rod's height, and perhaps another landing for all. `wishesMm`: the
 * height that each window would have by the rule.
 */
export type Attempt = {
  wishesMm: readonly Mm[];
  chosen: readonly Fit[];
  rods: readonly Mm[];
  landing: Landing | null;
};

/** Windows whose rods share a line: on the wall, not over a tub. */
export const isOnLine = (window: SolveWindow): boolean =>
  window.dressing.mount === 'wall' && !window.target.shower;
