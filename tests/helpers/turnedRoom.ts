/** A room as it is when the paper it is drawn on is turned or moved: nothing that is judged or measured may change. */
import type { RoomFile } from '../../src/core/model/types';
import type { Plan } from '../../src/core/plan/planLook';

type Point = { xMm: number; yMm: number };
/** A room of at most this size, turned within the square of its side. */
const SIDE = 6000;
export type Way = { name: string; quarters: number; map: (p: Point) => Point };
/** Ways to lay the same room on the paper, with the quarter turns that each takes to the right. */
export const WAYS: readonly Way[] = [
  { name: 'turned by 90°', quarters: 1, map: (p) => ({ xMm: SIDE - p.yMm, yMm: p.xMm }) },
  { name: 'turned by 180°', quarters: 2, map: (p) => ({ xMm: SIDE - p.xMm, yMm: SIDE - p.yMm }) },
  { name: 'turned by 270°', quarters: 3, map: (p) => ({ xMm: p.yMm, yMm: SIDE - p.xMm }) },
  { name: 'moved aside', quarters: 0, map: (p) => ({ xMm: p.xMm + 437, yMm: p.yMm + 211 }) },
];
const COMPASS = ['north', 'east', 'south', 'west'];

export function laid(file: RoomFile, { map, quarters }: Way): RoomFile {
  const place = <T extends Point>(row: T): T => ({ ...row, ...map(row) });
  const stand = <T extends Point & { turnDeg: number }>(row: T): T => ({
    ...place(row),
    turnDeg: (row.turnDeg + 90 * quarters + 360) % 360,
  });
  const { room } = file;
  return {
    ...file,
    room: { ...room, walls: room.walls.map(place), standpoints: room.standpoints.map(place) },
    pieces: file.pieces.map(stand),
    looks: file.looks.map((look) => ({
      ...look,
      moved: look.moved.map(stand),
      brought: look.brought.map(stand),
    })),
  };
}

/** A side or a corner of the compass, as `east` and `south-west`, turned; anything else as it is. */
function turnedWords<T>(said: T, quarters: number): T | string {
  const sides = String(said)
    .split('-')
    .map((side) => COMPASS.indexOf(side));
  if (sides.some((i) => i < 0)) return said;
  const turned = sides.map((i) => COMPASS[(i + quarters) % 4] ?? '');
  // a corner is called by its north or south first
  return [...turned].sort((a, b) => (COMPASS.indexOf(a) % 2) - (COMPASS.indexOf(b) % 2)).join('-');
}

/** A hundredth of a millimetre is nothing on a tape, and as good as the reckoning of a turned room. */
const CRUMB = 0.01;

/** Where something is on the paper, and which way it faces there: what turns with the room. */
const ON_PAPER = new Set(['at', 'middle', 'turnDeg', 'line', 'path', 'pullTowards']);

/**
 * Where two values differ by more than a crumb; null where they are the same. Sides of the compass are those of a room
 * that was turned.
 */
export function difference(a: unknown, b: unknown, quarters: number, path = ''): string | null {
  if (typeof a === 'number' && typeof b === 'number')
    return Object.is(a, b) || Math.abs(a - b) <= CRUMB ? null : `${path}: ${a} is now ${b}`;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null)
    return turnedWords(a, quarters) === b ? null : `${path}: ${String(a)} is now ${String(b)}`;
  const [one, other] = [a, b] as [Record<string, unknown>, Record<string, unknown>];
  const keys = [...new Set([...Object.keys(one), ...Object.keys(other)])].filter((key) => !ON_PAPER.has(key));
  return keys.reduce<string | null>(
    (found, key) => found ?? difference(one[key], other[key], quarters, `${path}.${key}`),
    null,
  );
}
/** What is judged, measured, drawn and printed of a plan. The sheet's fingerprint also knows crumbs. */
export function measures(plan: Plan): object {
  const { findings, stages, rodLineMm, windows, hangings, groups, prints, shelves, echo } = plan;
  const { seats, beds, nights, surfaces, works, clear, spread, elevations } = plan;
  const { fingerprint: _, ...sheet } = plan.sheet;
  const onWalls = { rodLineMm, windows, hangings, groups, prints, shelves, echo, elevations };
  const things = { seats, beds, nights, surfaces, works, clear };
  return { findings, stages, ...onWalls, ...things, spread, sheet };
}
