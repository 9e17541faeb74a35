import type { Gram, Mm } from '../../base/units';
import type { Box } from '../../geometry/plane';
import type { Finding } from '../../model/finding';
import type { Room } from '../../model/types';
import type { OverThing } from '../../room/overThing';
import type { RuleId } from '../../rules/table';
import type { Fixing } from './fixing';
import type { Hole, HolePlan } from './holes';

/** What is on the hanging's wall, unrolled: boxes in mm from the wall's left end and the floor datum. */
export type HangingPlace = {
  wallLengthMm: Mm;
  wallHighMm: Mm;
  /** What is over it: the ceiling, or the crown along it. */
  ceilingMm: Mm;
  ceilingBy: 'ceiling' | 'crown';
  overPiece: OverThing | null;
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
  holes: readonly Hole[];
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
  wallsOf: Room['wallsOf'];
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
  /** What it hangs over, as it stands at this wall. */
  overName: string | null;
  widthShare: number | null;
  nails: { xMm: Mm; heightMm: Mm }[];
  nailDropMm: Mm;
  hooksApartMm: Mm;
  /** As weighed, or as guessed by a rule where it never was. */
  massG: Gram;
  massGuessedBy: RuleId | null;
  fixing: Fixing;
  twoPoints: boolean;
  groupId: string | null;
  leans: boolean;
  footMm: Mm;
  holes: HolePlan;
  rulesUsed: { height: RuleId; width: RuleId; hooks: RuleId };
  findings: Finding[];
};
