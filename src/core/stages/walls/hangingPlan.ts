import type { Gram, Mm } from '../../base/units';
import type { Box } from '../../geometry/plane';
import type { Finding } from '../../model/finding';
import type { RuleId } from '../../rules/table';
import type { HeightPlan } from './height';

/** What is on the hanging's wall, unrolled: boxes in mm from the wall's left end and the floor datum. */
export type HangingPlace = {
  wallLengthMm: Mm;
  wallHighMm: Mm;
  /** What is over it: the ceiling, or the crown along it. */
  ceilingMm: Mm;
  ceilingBy: 'ceiling' | 'crown';
  overPiece: {
    id: string;
    name: string;
    isBed: boolean;
    isSeat: boolean;
    xMm: Mm;
    widthMm: Mm;
    topMm: Mm;
  } | null;
  openings: readonly { id: string; name: string; box: Box }[];
  fittings: readonly {
    id: string;
    name: string;
    electric: boolean;
    stairs: boolean;
    shelf: boolean;
    box: Box;
  }[];
  furniture: readonly {
    id: string;
    name: string;
    /** People lie there, or sit for long. */
    restedOn: boolean;
    box: Box;
  }[];
  /** Holes that are in the wall already. */
  holes: readonly { id: string; xMm: Mm; heightMm: Mm }[];
  /** A stair along the wall takes only what is under its line. */
  stairs: readonly {
    name: string;
    xMm: Mm;
    widthMm: Mm;
    bottomMm: Mm;
    heightMm: Mm;
    rises: 'left' | 'right';
  }[];
  childrenOrPets: boolean;
};

/**
 * Where a piece hangs that its group places: its middle; it is judged for height and width with the whole.
 */
export type InGroup = { groupId: string; xMm: Mm; centreMm: Mm };

export type HangingPlan = {
  hangingId: string;
  itemId: string;
  name: string;
  wallId: string;
  xMm: Mm;
  centreMm: Mm;
  widthMm: Mm;
  heightMm: Mm;
  topMm: Mm;
  bottomMm: Mm;
  gapMm: Mm | null;
  yielded: HeightPlan['yielded'];
  yieldedByMm: Mm;
  widthShare: number | null;
  nails: { xMm: Mm; heightMm: Mm }[];
  nailDropMm: Mm;
  hooksApartMm: Mm;
  massG: number;
  twoPoints: boolean;
  groupId: string | null;
  leans: boolean;
  footMm: Mm;
  /** Rating of the hook that each nail wants; null when no class holds it. */
  hookClassG: Gram | null;
  /** Holes used by a nail, hidden behind the piece, and the shift that would use or hide one near by. */
  holes: { used: string[]; hidden: string[]; shift: { dxMm: Mm; dyMm: Mm; uses: boolean } | null };
  rulesUsed: { height: RuleId; width: RuleId; hooks: RuleId };
  findings: Finding[];
};
