import type { Mm } from '../../base/units';
import { apart, distanceToSegment, type Point } from '../../geometry/plane';
import type { Fitting, Opening } from '../../model/types';
import { pointOnWall, type Wall } from '../../room/walls';
import { onWalls, outerOf, type Span } from '../../stages/windows/span';
import type { WindowPlace, WindowTarget } from '../../stages/windows/windowPlan';
import { wallById, type RoomContext } from '../context';
import { frameTopOf } from '../../stages/windows/mounts/mounting';
import { roomBeside, type Beside } from './beside';
import { ceilingOfSpan, overheadOfSpan } from './overhead';
import { thingsAtWall } from './thingsAtWall';

type Along = { lineMm: Mm | undefined; dressedIds: ReadonlySet<string> };

/**
 * What a window, or a row of them under one rod, finds round it: room to each side, what is overhead, hot
 * things, doors and stairs near.
 */
export function windowPlaceOf(
  context: RoomContext,
  target: WindowTarget,
  { lineMm, dressedIds }: Along,
): WindowPlace {
  const { file } = context;
  const { span } = target;
  const aboveMm = frameTopOf(openingsOf(span));
  const neighbours = besideOf(context, target, dressedIds);
  const fittings = (...kinds: Fitting['kind'][]) => file.fittings.filter((f) => kinds.includes(f.kind));
  const alongWindow = (f: Fitting) => alongSpan(span, f);
  return {
    overhead: (fromMm, toMm) => overheadOfSpan(context, span, { fromMm, toMm, aboveMm }),
    ceilingOver: (fromMm, toMm) => ceilingOfSpan(context, span, fromMm, toMm),
    lineMm,
    wheelchair: file.home.flags.wheelchair,
    rented: file.home.flags.rented,
    roomMm: { leftMm: neighbours.leftMm, rightMm: neighbours.rightMm },
    endsAt: { left: neighbours.leftBy, right: neighbours.rightBy },
    toWallMm: { leftMm: neighbours.leftToWallMm, rightMm: neighbours.rightToWallMm },
    things: target.shower ? [] : thingsAtWall(context, span),
    heaters: fittings('heater', 'stove').map((f) => nearFitting(context, span, f)),
    radiators: fittings('radiator').flatMap(alongWindow),
    vents: fittings('vent').flatMap(alongWindow),
    electric: fittings('socket', 'switch', 'tv')
      .flatMap(alongWindow)
      .map(({ name, xMm, widthMm, bottomMm, topMm }) => ({
        name,
        box: { xMm, yMm: bottomMm, widthMm, heightMm: topMm - bottomMm },
      })),
    ways: [
      ...file.openings
        .filter((o) => o.kind !== 'window' && !span.parts.some((p) => p.opening.id === o.id))
        .map((o) => ({ ...nearOpening(context, span, o), stairs: false })),
      ...fittings('stairs').map((f) => ({ ...nearFitting(context, span, f), stairs: true })),
    ],
  };
}

/** Frame top and what is overhead, for the line that the windows share. */
export function headOf(context: RoomContext, target: WindowTarget): { frameTopMm: Mm; ceilingMm: Mm } {
  const { span } = target;
  const frameTopMm = frameTopOf(openingsOf(span));
  const outer = outerOf(span);
  const stretch = { fromMm: outer.leftMm, toMm: outer.rightMm, aboveMm: frameTopMm };
  return { frameTopMm, ceilingMm: overheadOfSpan(context, span, stretch).mm };
}

const openingsOf = (span: Span): Opening[] => span.parts.map((p) => p.opening);

/** A shower rod stops at the walls that hold it; any other may go on as far as the wall is free. */
function besideOf(context: RoomContext, target: WindowTarget, dressedIds: ReadonlySet<string>): Beside {
  const [first, last] = [target.span.parts[0], target.span.parts.at(-1)];
  if (target.shower || !first || !last) return NO_ROOM;
  const left = roomBeside(context, first.opening, dressedIds);
  const right = roomBeside(context, last.opening, dressedIds);
  return {
    leftMm: left.leftMm,
    leftBy: left.leftBy,
    leftToWallMm: left.leftToWallMm,
    rightMm: right.rightMm,
    rightBy: right.rightBy,
    rightToWallMm: right.rightToWallMm,
  };
}
const NO_ROOM: Beside = {
  leftMm: 0,
  rightMm: 0,
  leftBy: 'wall',
  rightBy: 'wall',
  leftToWallMm: 0,
  rightToWallMm: 0,
};

/** A fitting of one of the walls that the rod hangs in front of, with its place along the rod. */
function alongSpan(span: Span, { id, name, wallId, xMm, widthMm, bottomMm, heightMm }: Fitting) {
  const part = span.parts.find((p) => p.wallId === wallId);
  return part ? [{ id, name, xMm: xMm + part.offMm, widthMm, bottomMm, topMm: bottomMm + heightMm }] : [];
}

/** A door, with its distance from a stretch of the rod. */
const nearOpening = ({ walls }: RoomContext, span: Span, o: Opening) => ({
  id: o.id,
  name: o.name,
  distanceMm: (fromMm: Mm, toMm: Mm) =>
    least(
      walls,
      span,
      fromMm,
      toMm,
    )((stretch) => {
      const wall = wallById(walls, o.wallId);
      return apart(stretch, [pointOnWall(wall, o.xMm), pointOnWall(wall, o.xMm + o.widthMm)]).mm;
    }),
});

/** A fitting, with its distance from a stretch of the rod. */
const nearFitting = ({ walls }: RoomContext, span: Span, f: Fitting) => ({
  id: f.id,
  name: f.name,
  distanceMm: (fromMm: Mm, toMm: Mm) =>
    least(walls, span, fromMm, toMm)((stretch) => toFitting(stretch, wallById(walls, f.wallId), f)),
});

/** The least distance from what a stretch of the rod hangs in front of, wall by wall. */
const least =
  (walls: readonly Wall[], span: Span, fromMm: Mm, toMm: Mm) =>
  (distance: (stretch: readonly [Point, Point]) => Mm): Mm =>
    Math.min(
      Infinity,
      ...onWalls(span, fromMm, toMm).map((s) => {
        const wall = wallById(walls, s.wallId);
        return distance([pointOnWall(wall, s.fromXMm), pointOnWall(wall, s.toXMm)]);
      }),
    );

/** Plan distance between a stretch of wall and the front of a fitting. */
function toFitting([a, b]: readonly [Point, Point], wall: Wall, f: Fitting): Mm {
  const inwardRad = ((wall.facingDeg + 180) * Math.PI) / 180;
  const corner = (xMm: Mm, depthMm: Mm): Point => {
    const p = pointOnWall(wall, xMm);
    return { xMm: p.xMm + depthMm * Math.sin(inwardRad), yMm: p.yMm - depthMm * Math.cos(inwardRad) };
  };
  const end = f.xMm + f.widthMm;
  const [backLeft, backRight] = [corner(f.xMm, 0), corner(end, 0)];
  const [left, right] = [corner(f.xMm, f.depthMm), corner(end, f.depthMm)];
  const sides: [Point, Point][] = [
    [backLeft, left],
    [left, right],
    [right, backRight],
  ];
  return Math.min(
    ...[backLeft, backRight, left, right].map((c) => distanceToSegment(c, a, b)),
    ...[a, b].flatMap((p) => sides.map(([start, finish]) => distanceToSegment(p, start, finish))),
  );
}
