import type { Mm } from '../../base/units';
import type { Finding } from '../../model/finding';
import type { HomeFlags, Item, Look } from '../../model/types';
import type { MadeBed } from '../../room/bedCover';
import type { MattressName } from '../../room/mattress';
import type { PillowPlan } from '../../textiles/pillows';
import type { Laid, ThrowPlan } from '../../textiles/textilesOn';

/** What a row of pillows is: big squares, sleeping pillows in shams, accents, the one piece in front. */
export type TierKind = 'euro' | 'sham' | 'accent' | 'front';
export type Tier = {
  kind: TierKind;
  row: number;
  pillows: PillowPlan[];
  /** Share of the bed's width that the flat covers of the row are wide together. */
  coverage: number;
};
/** Bedding that is spread over the whole bed, with how far it hangs down over its edges. */
export type MadeCover = { placementId: string; item: Item; sideMm: Mm; footMm: Mm };
export type Warmth = {
  /** Togs of everything on the bed of which they are known. */
  tog: number;
  /** Names of warm bedding whose togs nobody knows. */
  unknown: string[];
  /** What the season asks for; null in a look of no season. */
  wanted: number | null;
};
export type BedPlan = {
  pieceId: string;
  name: string;
  isCot: boolean;
  /** With the topper that is on it. */
  bed: MadeBed;
  topperMm: Mm;
  /** Nobody measured how thick the mattress is. */
  isThicknessGuessed: boolean;
  size: MattressName | null;
  tiers: Tier[];
  pillows: PillowPlan[];
  covers: MadeCover[];
  throws: ThrowPlan[];
  warmth: Warmth;
  /** What comes off for the night: pillows that nobody sleeps on, and what is laid across the foot. */
  toLiftOff: number;
  /** How much of the bed's length its pillows take. */
  depthUsedMm: Mm;
  findings: Finding[];
};

/** What a look and its home say of beds. */
export type BedGiven = Laid & { flags: HomeFlags; look: Pick<Look, 'season'> };
