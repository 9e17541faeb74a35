import type { Stage } from './stage';
import { clearStage } from './stages/clear';
import { colourStage } from './stages/colour';
import { fittingStage } from './stages/fitting';
import { measureStage } from './stages/measure';
import { seatsStage } from './stages/seats';
import { wallsStage } from './stages/walls';
import { windowsStage } from './stages/windows';

/**
 * Every stage of the rail, in the order in which they are worked out: each may read the parts of those before
 * it.
 */
export const STAGES: readonly Stage[] = [
  windowsStage,
  wallsStage,
  seatsStage,
  colourStage,
  measureStage,
  clearStage,
  fittingStage,
];
