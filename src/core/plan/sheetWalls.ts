import type { FittingStep, Mark } from './fittingStep';

/** A step with its number in the day's order, from 1. */
export type NumberedStep = { step: FittingStep; number: number };
/** A mark that is drawn on a wall, with the number of its step. */
export type NumberedMark = { mark: Mark; number: number };
export type SheetWall = { wallId: string; steps: NumberedStep[]; marks: NumberedMark[] };

/** Marks that are put on the wall itself: brackets and nails. A frame's top and a hem follow from them. */
const isDrawn = (step: FittingStep, mark: Mark): boolean =>
  (step.kind === 'rod' || step.kind === 'picture' || step.kind === 'shelf') &&
  mark.label !== 'frameTop' &&
  mark.label !== 'frameCentre';

/**
 * The fitting sheet wall by wall: the wall that the day comes to first is first, with its steps in the day's
 * order and every mark that is put on it, also those of a rod that begins on the wall next to it. Walls where
 * nothing is done are left out. Screen, PDF and CSV all keep to this order.
 */
export function sheetWalls(steps: readonly FittingStep[]): SheetWall[] {
  const walls = new Map<string, SheetWall>();
  const wallOf = (wallId: string): SheetWall => {
    const wall = walls.get(wallId) ?? { wallId, steps: [], marks: [] };
    walls.set(wallId, wall);
    return wall;
  };
  steps.forEach((step, i) => {
    const number = i + 1;
    wallOf(step.wallId).steps.push({ step, number });
    for (const mark of step.marks)
      if (isDrawn(step, mark)) wallOf(mark.wallId ?? step.wallId).marks.push({ mark, number });
  });
  return [...walls.values()];
}
