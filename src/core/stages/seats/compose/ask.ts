import type { Lab } from '../../../colour/spaces';
import type { Brief, Fill, HomeFlags, Item, Lie, Look, Piece, Placement, Seat } from '../../../model/types';
import type { CasingNeed } from '../../../textiles/casing';
import type { SeenCover } from '../../../textiles/coverDifference';
import type { InsertNeed, InsertUse } from '../../../textiles/insert';

export const SCHOOLS = ['spare', 'twoPlusOne', 'layered', 'oneSided'] as const;
/** How pillows are set out on a seat: a pair; a pair and a lumbar; five in rows; gathered at one end. */
export type School = (typeof SCHOOLS)[number];

export const ROLES = ['large', 'stripe', 'plain', 'novelty'] as const;
/** What a cover is to a seat: the large pattern, the stripe that goes with it, something plain, the one odd piece. */
export type Role = (typeof ROLES)[number];

/** A thing that may be used: how many are free, and whether it would have to be bought. */
export type Free = Item & { free: number; isForSale: boolean };

/**
 * A seat that is dressed, the pillows and throws on it that stay, and what the other of its pair wears where that is not
 * dressed with it.
 */
export type SeatAsk = {
  piece: Piece & { seat: Seat };
  locked: readonly Placement[];
  beside: readonly SeenCover[];
};

export type ComposeAsk = {
  /** Those that are dressed together, the largest first; the others of the room stay as they are. */
  seats: readonly SeatAsk[];
  /** null: whichever does best. */
  school: School | null;
  covers: readonly Free[];
  throws: readonly Free[];
  /** Everything that is placed or owned, by id: locked things and inserts among them. */
  items: ReadonlyMap<string, Item>;
  /** Inserts that other seats take. */
  insertsTaken: readonly InsertUse[];
  /** Colours that the room already has, to tie to. */
  roomColours: readonly Lab[];
  /** Colours that are wanted. */
  wantedColours: readonly Lab[];
  /** Roles that are wanted on each seat for more than one. */
  wantedRoles: readonly Role[];
  flags: HomeFlags;
  purpose: Brief['purpose'];
  cushionsOut: Look['cushionsOut'];
  seed: number;
};

/** A pillow or throw as it is put on a seat. `lockedId`: it is there already and stays. */
export type Placed = {
  itemId: string;
  lie: Lie;
  xMm: number;
  row: number;
  fill: Fill | null;
  lockedId: string | null;
};

/** Why an arrangement is offered. */
export type Reason =
  | { code: 'patterns'; bold: number; small: number; plain: number }
  | { code: 'ties'; count: number; of: number }
  | { code: 'wanted'; count: number }
  | { code: 'roles'; filled: Role[]; open: Role[] }
  | { code: 'sits'; canSit: number; wanted: number }
  | { code: 'chairsRepeat' }
  | { code: 'nothingToBuy' };

export type SeatComposition = { pieceId: string; school: School; placed: Placed[] };
export type Composition = {
  seats: SeatComposition[];
  score: number;
  reasons: Reason[];
  /** Inserts and casings that would have to be bought, and covers that only a shop has, by id and number. */
  inserts: InsertNeed[];
  casings: CasingNeed[];
  forSale: { itemId: string; count: number }[];
};
