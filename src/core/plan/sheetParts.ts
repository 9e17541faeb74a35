import type { Look } from '../model/types';
import type { Zone } from '../room/zones';
import type { FittingStep, Mark } from './fittingStep';

/** A step with its number in the day's order, from 1. */
export type NumberedStep = { step: FittingStep; number: number };
/** A mark that is drawn on a wall, with the number of its step. */
export type NumberedMark = { mark: Mark; number: number };
type Before = { of: 'before' };
/** A part of the sheet: a wall with all that is done there, or a zone that is finished before the next is begun. */
export type SheetPart = {
  key: string;
  wallId: string;
  /** What is finished in one go, or what is done before the day. */
  zone: Zone | Before;
  steps: NumberedStep[];
  marks: NumberedMark[];
};

/** Marks that are put on the wall itself: brackets and nails. A frame's top and a hem follow from them. */
const isDrawn = (step: FittingStep, mark: Mark): boolean =>
  (step.kind === 'rod' || step.kind === 'picture' || step.kind === 'shelf') &&
  mark.label !== 'frameTop' &&
  mark.label !== 'frameCentre';

/**
 * The fitting sheet in parts, in the order that the look's brief asks for. Screen, PDF and CSV all keep to this order.
 */
export const sheetParts = (
  steps: readonly FittingStep[],
  { brief }: Pick<Look, 'brief'>,
): readonly SheetPart[] => {
  const before = steps.filter(isBefore);
  const first = before.map((step, i) => ({ step, number: i + 1 }));
  const onTheDay = steps.filter((step) => !isBefore(step));
  const rest = brief.order === 'zone' ? byZone(onTheDay, before.length) : byWall(onTheDay, before.length);
  return before.length === 0 ? rest : [{ ...emptyPart({ of: 'before' }, ''), steps: first }, ...rest];
};

const isBefore = (step: FittingStep): boolean => step.kind === 'work';

/**
 * Wall by wall: the wall that the day comes to first is first, with its steps in the day's order and every mark that is put
 * on it, also those of a rod that begins on the wall next to it. Walls where nothing is done are left out.
 */
function byWall(steps: readonly FittingStep[], numbered: number): SheetPart[] {
  const walls = new Map<string, SheetPart>();
  const wallOf = (wallId: string): SheetPart => {
    const wall = walls.get(wallId) ?? emptyPart({ of: 'wall', id: wallId }, wallId);
    walls.set(wallId, wall);
    return wall;
  };
  steps.forEach((step, i) => {
    const number = numbered + i + 1;
    wallOf(step.wallId).steps.push({ step, number });
    for (const mark of step.marks)
      if (isDrawn(step, mark)) wallOf(mark.wallId ?? step.wallId).marks.push({ mark, number });
  });
  return [...walls.values()];
}

const keyOf = (zone: SheetPart['zone']): string => ('id' in zone ? `${zone.of} ${zone.id}` : zone.of);
const emptyPart = (zone: SheetPart['zone'], wallId: string): SheetPart => ({
  key: keyOf(zone),
  wallId,
  zone,
  steps: [],
  marks: [],
});

/** Zone by zone: the floor, then each wall with what is at it. Steps are numbered as they are come to. */
function byZone(steps: readonly FittingStep[], numbered: number): SheetPart[] {
  const wallIds = [...new Set(steps.map((step) => step.wallId))];
  const rank = (step: FittingStep): number => {
    const { of } = zoneOfStep(step);
    if (of === 'floor') return 0;
    return 1 + 2 * wallIds.indexOf(step.wallId) + (of === 'wall' ? 0 : 1);
  };
  const zones = new Map<string, SheetPart>();
  const ranked = [...steps].sort((a, b) => rank(a) - rank(b));
  for (const step of ranked) {
    const zone = zoneOfStep(step);
    const part = zones.get(keyOf(zone)) ?? emptyPart(zone, step.wallId);
    zones.set(part.key, part);
    part.steps.push({ step, number: 0 });
  }
  const parts = [...zones.values()];
  let number = numbered;
  for (const part of parts) part.steps = part.steps.map(({ step }) => ({ step, number: ++number }));
  for (const part of parts) addMarks(part, parts);
  return parts;
}

/** A rod that goes on round the corner has marks on the next wall, which are drawn there if that wall has a part. */
function addMarks({ steps, wallId }: SheetPart, parts: readonly SheetPart[]): void {
  for (const { step, number } of steps)
    for (const mark of step.marks.filter((m) => isDrawn(step, m))) {
      const drawnOn = mark.wallId ?? wallId;
      const wall = parts.find((part) => part.zone.of === 'wall' && part.wallId === drawnOn);
      wall?.marks.push({ mark, number });
    }
}

function zoneOfStep(step: FittingStep): Zone {
  if (step.kind === 'floor') return { of: 'floor' };
  if (step.kind === 'seat') return { of: 'host', id: step.about };
  if (step.part?.kind === 'corner') return { of: 'floor' };
  if (step.kind === 'surface') return { of: 'host', id: step.about.split('/')[0] ?? step.about };
  return { of: 'wall', id: step.wallId };
}
