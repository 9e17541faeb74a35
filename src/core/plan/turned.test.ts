import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyFurnishedRoom, furnishedRoomOf } from '../../../tests/helpers/anyRoom';
import type { Finding } from '../model/finding';
import type { RoomFile } from '../model/types';
import { wallsOf } from '../room/walls';
import { planLook, type Plan } from './planLook';

type Point = { xMm: number; yMm: number };
/** A room of at most this size, turned within the square of its side. */
const SIDE = 6000;
/** Ways to lay the same room on the paper, with the quarter turns that each takes to the right. */
const WAYS: readonly { name: string; quarters: number; map: (p: Point) => Point }[] = [
  { name: 'turned by 90°', quarters: 1, map: (p) => ({ xMm: SIDE - p.yMm, yMm: p.xMm }) },
  { name: 'turned by 180°', quarters: 2, map: (p) => ({ xMm: SIDE - p.xMm, yMm: SIDE - p.yMm }) },
  { name: 'turned by 270°', quarters: 3, map: (p) => ({ xMm: p.yMm, yMm: SIDE - p.xMm }) },
  { name: 'moved aside', quarters: 0, map: (p) => ({ xMm: p.xMm + 437, yMm: p.yMm + 211 }) },
];
const COMPASS = ['north', 'east', 'south', 'west'];

function laid(file: RoomFile, { map, quarters }: (typeof WAYS)[number]): RoomFile {
  const place = <T extends Point>(row: T): T => ({ ...row, ...map(row) });
  const { room } = file;
  const walls = room.walls.map(place);
  return {
    ...file,
    room: { ...room, walls, standpoints: room.standpoints.map(place) },
    pieces: file.pieces.map((p) => ({ ...place(p), turnDeg: (p.turnDeg + 90 * quarters + 360) % 360 })),
  };
}

/** Findings with their compass side turned along; all else is about walls and items, not about the paper. */
const turnedAlong = (findings: readonly Finding[], quarters: number): Finding[] =>
  findings.map((finding) => {
    const turns = COMPASS.indexOf(String(finding.by.side));
    return turns < 0
      ? finding
      : { ...finding, by: { ...finding.by, side: COMPASS[(turns + quarters) % 4] ?? '' } };
  });

/** A hundredth of a millimetre is nothing on a tape, and as good as the reckoning of a turned room. */
const CRUMB = 0.01;

/** Where two values differ by more than a crumb; null where they are the same. */
function difference(a: unknown, b: unknown, path = ''): string | null {
  if (typeof a === 'number' && typeof b === 'number')
    return Object.is(a, b) || Math.abs(a - b) <= CRUMB ? null : `${path}: ${a} is now ${b}`;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null)
    return a === b ? null : `${path}: ${String(a)} is now ${String(b)}`;
  const [one, other] = [a, b] as [Record<string, unknown>, Record<string, unknown>];
  const keys = [...new Set([...Object.keys(one), ...Object.keys(other)])];
  return keys.reduce<string | null>(
    (found, key) => found ?? difference(one[key], other[key], `${path}.${key}`),
    null,
  );
}
/** What is measured, drawn and printed of a plan. The sheet's fingerprint also knows crumbs. */
function measures(plan: Plan, quarters: number): object {
  const { windows, hangings, groups, seats, echo, stages, rodLineMm, elevations } = plan;
  const { fingerprint: _, cautions, ...sheet } = plan.sheet;
  const turned = turnedAlong(cautions, quarters);
  // where a thing is on the plan turns with the room
  const drawn = elevations.map((e) => ({ ...e, shapes: e.shapes.map(({ at: _at, ...shape }) => shape) }));
  return { windows, hangings, groups, seats, echo, stages, rodLineMm, elevations: drawn, sheet, turned };
}

const placesOf = (plan: Plan) =>
  plan.placed.map(({ at: { xMm, yMm, zMm, turnDeg, widthMm, depthMm, heightMm } }) => ({
    on: { xMm, yMm },
    zMm,
    size: { widthMm, depthMm, heightMm },
    turnDeg,
  }));

describe.each(WAYS)('a room $name', (way) => {
  const rooms = fc.sample(anyFurnishedRoom, { numRuns: 60, seed: 7 }).map(furnishedRoomOf);
  const plans = rooms.map((file) => {
    const lookId = file.looks[0]?.id ?? '';
    return { was: planLook(file, { lookId }), now: planLook(laid(file, way), { lookId }) };
  });
  it('has its walls turned, and nothing else', () => {
    const [room] = rooms as [RoomFile];
    const [one, other] = [wallsOf(room.room), wallsOf(laid(room, way).room)];
    other.forEach((wall, i) => {
      expect(wall.lengthMm).toBeCloseTo(one[i]?.lengthMm ?? NaN, 6);
      expect((wall.facingDeg + 360) % 360).toBeCloseTo(
        ((one[i]?.facingDeg ?? NaN) + 90 * way.quarters) % 360,
        6,
      );
    });
  });
  it('is judged the same', () => {
    let findings = 0;
    for (const { was, now } of plans) {
      expect(difference(turnedAlong(was.findings, way.quarters), now.findings)).toBeNull();
      findings += was.findings.length;
    }
    expect(findings).toBeGreaterThan(1500);
  });
  it('has the same heights, lengths, holes, seats, shapes and sheet', () => {
    for (const { was, now } of plans)
      expect(difference(measures(was, way.quarters), measures(now, 0))).toBeNull();
  });
  it('has the things on its furniture where they were', () => {
    let things = 0;
    for (const { was, now } of plans) {
      const before = placesOf(was).map((p) => ({
        ...p,
        on: way.map(p.on),
        turnDeg: (p.turnDeg + 90 * way.quarters) % 360,
      }));
      const after = placesOf(now).map((p) => ({ ...p, turnDeg: (p.turnDeg + 360) % 360 }));
      expect(difference(before, after)).toBeNull();
      things += after.length;
    }
    expect(things).toBeGreaterThan(50);
  });
});
