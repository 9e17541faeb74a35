import type { Mm } from '../../base/units';
import type { Point } from '../../geometry/plane';
import type { HomeFlags, Opening, WallCorner } from '../../model/types';
import { isWay, sits } from '../../room/kinds';
import { pointOnWall, type Wall } from '../../room/walls';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';
import {
  EPSILON_MM,
  floorFinding,
  obstaclesOf,
  type FloorContext,
  type FloorFile,
  type FloorFinding,
} from './context';
import { cutFloor, type Floor } from './walkways/cutFloor';
import type { Obstacle } from './walkways/gates';
import { narrowWays, type Narrow } from './walkways/narrowWays';
import type { Aim } from './walkways/zones';

/** A walker who has come in stands so far inside the doorway. */
const INSIDE_DOOR: Mm = 370;
/** A doorway is taken as this much wider than a walkway, so that its own jambs don't narrow the way. */
const DOORWAY_PLAY = 1.05;

const widthRule = (flags: HomeFlags): RuleId => (flags.wheelchair ? 'floor.wheelchair' : 'floor.walkway');

/** The room's floor cut for its walkway. `walls` of the room are its corners. */
export function cutRoomFloor(
  file: Pick<FloorFile, 'pieces' | 'fittings' | 'home'> & { room: { walls: readonly WallCorner[] } },
  doorways: readonly Opening[],
  walls: readonly Wall[],
  rules: RuleBook,
): Floor {
  const widthMm = rules.number(widthRule(file.home.flags));
  const footings = walls.flatMap((wall) =>
    wallParts(
      wall,
      doorways.filter((o) => o.wallId === wall.id),
      widthMm,
    ),
  );
  return cutFloor(file.room.walls, [...obstaclesOf(file, walls), ...footings], {
    widthMm,
    sidewaysMm: rules.number('floor.sideways'),
  });
}

/** Ways from the doors to seats, beds and windows that are narrower than a walkway. */
export function checkWalkways(context: FloorContext): FloorFinding[] {
  const { file, rules, cut } = context;
  const rule = widthRule(file.home.flags);
  const wantMm = rules.number(rule);
  const entrances = entrancesOf(context);
  const aims = aimsOf(context);
  if (entrances.length === 0) return [];
  const doors = file.home.flags.wheelchair ? narrowDoors(context) : [];
  const ways = narrowWays(cut, entrances, aims);
  if (ways.length > 0) return [...doors, ...blocked(ways, wantMm, rule), ...narrow(ways, wantMm, rule)];
  if (doors.length > 0) return doors;
  return aims.length + entrances.length > 1
    ? [floorFinding('walkways-good', 'ok', [], { wantMm }, { rule })]
    : [];
}

/** Doors that a wheelchair doesn't get through: what a leaf takes of the frame is not clear. */
const narrowDoors = ({ file, rules }: FloorContext): FloorFinding[] =>
  file.openings.filter(isWay).flatMap((door) => {
    const rule = 'floor.wheelchairDoor';
    const wantMm = rules.number(rule);
    const hinged = door.opens === 'in' || door.opens === 'out';
    const leaves = door.hinge === 'both' ? 2 : Number(door.hinge !== 'none');
    const leafMm = hinged ? leaves * rules.number('floor.leafThickness') : 0;
    const byMm = door.widthMm - leafMm;
    if (byMm >= wantMm - EPSILON_MM) return [];
    return [
      floorFinding(
        'door-narrow-for-wheels',
        'caution',
        [door.id],
        { door: door.name, byMm, leafMm, wantMm },
        { rule },
      ),
    ];
  });

const blocked = (ways: readonly Narrow[], wantMm: Mm, rule: RuleId): FloorFinding[] =>
  ways
    .filter((way) => !way.gate)
    .map(({ fromGate, toGate }) =>
      floorFinding(
        'no-way-to',
        'caution',
        [toGate.id],
        { place: toGate.name, from: fromGate.name, wantMm },
        { rule },
      ),
    );

/** One finding for each narrow place, whatever lies behind it. */
function narrow(ways: readonly Narrow[], wantMm: Mm, rule: RuleId): FloorFinding[] {
  type Place = { gate: NonNullable<Narrow['gate']>; path: readonly Point[]; areaBehind: Aim[] };
  const places = new Map<string, Place>();
  for (const { gate, path, toGate } of ways) {
    if (!gate) continue;
    const key = gate.at.map((p) => `${p.xMm}/${p.yMm}`).join('/');
    const place = places.get(key) ?? { gate, path, areaBehind: [] };
    places.set(key, { ...place, areaBehind: [...place.areaBehind, toGate] });
  }
  return [...places.values()].map(({ gate, path, areaBehind }) =>
    floorFinding(
      'walkway-narrow',
      'caution',
      areaBehind.map((aim) => aim.id),
      {
        byMm: gate.mm,
        wantMm,
        one: gate.between[0] || 'wall',
        other: gate.between[1] === null ? 'none' : gate.between[1] || 'wall',
        to: [...new Set(areaBehind.map((aim) => aim.name))],
      },
      { rule, line: { from: gate.at[0], to: gate.at[1], mm: gate.mm }, path },
    ),
  );
}

function entrancesOf({ file, walls }: FloorContext): Aim[] {
  return file.openings.filter(isWay).flatMap((o) => {
    const wall = walls.find((w) => w.id === o.wallId);
    if (!wall) return [];
    const shape = [pointOnWall(wall, o.xMm), pointOnWall(wall, o.xMm + o.widthMm)];
    return [{ id: o.id, name: o.name, shape, reachMm: INSIDE_DOOR }];
  });
}

function aimsOf({ file, walls, rules, shapeOf }: FloorContext): Aim[] {
  const reachMm = rules.number('floor.reach');
  const seats = file.pieces.filter((p) => sits(p) || p.kind === 'bed');
  const windows = file.openings.filter((o) => o.kind === 'window');
  return [
    ...seats.map((p) => ({ id: p.id, name: p.name, shape: shapeOf(p), reachMm })),
    ...windows.flatMap((o) => {
      const wall = walls.find((w) => w.id === o.wallId);
      if (!wall) return [];
      const shape: Point[] = [pointOnWall(wall, o.xMm), pointOnWall(wall, o.xMm + o.widthMm)];
      const over = Math.max(rules.number('floor.reachOver'), o.sillMm);
      return [{ id: o.id, name: o.name, shape, reachMm, over }];
    }),
  ];
}

/** A wall's footing without the doorways in it. */
function wallParts(wall: Wall, ways: readonly Opening[], widthMm: Mm): Obstacle[] {
  const gaps = ways
    .map((o) => {
      const more = Math.max(0, (widthMm * DOORWAY_PLAY - o.widthMm) / 2);
      return [o.xMm - more, o.xMm + o.widthMm + more] as const;
    })
    .sort((a, b) => a[0] - b[0]);
  const parts: Obstacle[] = [];
  let reached = 0;
  for (const [fromMm, toMm] of [...gaps, [wall.lengthMm, wall.lengthMm] as const]) {
    const shape = [pointOnWall(wall, reached), pointOnWall(wall, fromMm)];
    if (fromMm > reached + 1) parts.push({ id: wall.id, name: '', shape, wall: true, topMm: Infinity });
    reached = Math.max(reached, toMm);
  }
  return parts;
}
