import { inches, sum, type Mm, type SquareMm } from '../base/units';
import type { Opening, Room } from '../model/types';
import { overheadOf, type OverheadPoint } from './ceiling';
import type { Wall } from './walls';

/** A skirting that nobody measured (common practice: 3 to 7 in), lower in a low room. */
const SKIRTING: Mm = inches(5);
export const skirtingOf = ({ ceilingMm }: Pick<Room, 'ceilingMm'>): Mm => Math.min(SKIRTING, ceilingMm / 10);

export type Run = readonly [from: Mm, to: Mm];

/** Stretches of a wall's foot that no opening down to the floor interrupts. */
export function betweenDoors(openings: readonly Opening[], wall: Wall): Run[] {
  const doors = openings
    .filter((o) => o.wallId === wall.id && o.sillMm < SKIRTING)
    .map((o): Run => [o.xMm - o.trimMm, o.xMm + o.widthMm + o.trimMm])
    .sort((a, b) => a[0] - b[0]);
  const runs: Run[] = [];
  let reached = 0;
  for (const [fromMm, toMm] of [...doors, [wall.lengthMm, wall.lengthMm] as const]) {
    if (fromMm > reached) runs.push([reached, fromMm]);
    reached = Math.max(reached, toMm);
  }
  return runs;
}

/** Where a crown runs: from level point to level point of the wall's upper edge. */
export function levelRuns(room: Pick<Room, 'ceilingMm' | 'crownMm'>, edge: readonly OverheadPoint[]): Run[] {
  if (room.crownMm <= 0) return [];
  const level = (p: OverheadPoint | undefined) => p !== undefined && p.heightMm > room.ceilingMm - 1;
  return edge.flatMap((b, i) => {
    const a = edge[i - 1];
    return a && level(a) && level(b) && b.xMm - a.xMm > 1 ? [[a.xMm, b.xMm] as const] : [];
  });
}

/** The casing of an opening, up both sides and over it, as wide as it was measured. */
const casingArea = ({ trimMm, widthMm, heightMm }: Opening): SquareMm =>
  trimMm * (2 * heightMm + widthMm + 2 * trimMm);

/** What is painted when the trim of a room is: skirtings up to doors, crowns, and the casings of openings. */
export function trimArea(room: Room, openings: readonly Opening[], walls: readonly Wall[]): SquareMm {
  const lengthOf = (runs: readonly Run[]) => sum(runs.map(([fromMm, toMm]) => toMm - fromMm));
  const onWalls = walls.map(
    (wall) =>
      lengthOf(betweenDoors(openings, wall)) * skirtingOf(room) +
      lengthOf(levelRuns(room, overheadOf(room, wall, walls))) * room.crownMm,
  );
  return sum(onWalls) + sum(openings.map(casingArea));
}
