import type { StageName } from '../model/finding';
import type { Stage } from './stage';
import { bedsStage } from './stages/beds';
import { clearStage } from './stages/clear';
import { colourStage } from './stages/colour';
import { fittingStage } from './stages/fitting';
import { measureStage } from './stages/measure';
import { seatsStage } from './stages/seats';
import { surfacesStage } from './stages/surfaces';
import { worksStage } from './stages/works';
import { wallsStage } from './stages/walls';
import { windowsStage } from './stages/windows';

/**
 * Every stage of the rail, in the order in which they are worked out: each may read the parts of those before
 * it.
 */
const WORKING_ORDER = {
  windows: windowsStage,
  walls: wallsStage,
  seats: seatsStage,
  beds: bedsStage,
  surfaces: surfacesStage,
  works: worksStage,
  colour: colourStage,
  measure: measureStage,
  clear: clearStage,
  fitting: fittingStage,
} satisfies Record<StageName, Stage>;

export const STAGES: readonly Stage[] = Object.values(WORKING_ORDER);
