import type { Mm } from '../../../base/units';
import type { Item, Placement, Season } from '../../../model/types';
import type { MadeBed } from '../../../room/bedCover';

/** Three ways of making one bed: neutral with an accent, neutral throughout with texture, dark and thick. */
export const BED_WAYS = ['accent', 'neutral', 'heavy'] as const;
export type BedWay = (typeof BED_WAYS)[number];

/** A thing of the stash, with how many of it are free. */
export type FreeItem = Item & { free: number };

/** What a bed is made from. */
export type WayAsk = {
  bed: MadeBed;
  stash: readonly FreeItem[];
  season: Season | null;
  /** How many loose pieces the studio's school allows. */
  mostLoose: number;
  /** Things that were found not to do here. */
  excluded: ReadonlySet<string>;
};

/** The parts of a made bed, in the order in which they are chosen. */
export const WAY_SLOTS = ['cover', 'back', 'shams', 'accents', 'front', 'foot'] as const;
export type WaySlot = (typeof WAY_SLOTS)[number];

export type PutOnBed = { item: FreeItem; slot: WaySlot; xMm: Mm } & Pick<Placement, 'row' | 'lie'>;
export type MadeUp = { way: BedWay; put: PutOnBed[]; lacks: WaySlot[] };
