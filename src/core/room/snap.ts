import type { Mm } from '../base/units';
import { alongWay, step, wayOf, type Point } from '../geometry/plane';
import type { Opening, Piece } from '../model/types';
import { footprint } from './place';
import { pointOnWall, type Wall } from './walls';

/** What a dragged piece came to rest on: a line to be drawn, and why. */
export type Guide = { why: 'wall' | 'centre' | 'gaps'; from: Point; to: Point };
export type Snapped = { piece: Piece; guides: Guide[] };

/** What a piece may be drawn to. */
export type SnapRoom = {
  others: readonly Piece[];
  openings: readonly Opening[];
  walls: readonly Wall[];
  /** The middle of the room. */
  centre: Point;
};

/** One of the two directions that a piece is drawn in, and half its size that way. */
type Direction = { way: Point; halfMm: Mm };
/** How far a piece is drawn along a direction; a lower rank comes first. */
type Pull = { alongMm: Mm; rank: 0 | 1 | 2; guides: (moved: Piece) => Guide[] };

/** A wall runs a direction's way when the two are at right angles to within this. */
const SQUARE = 1e-4;
/** Neighbours may overlap a piece by this and still stand beside it. */
const OVERLAP_MM: Mm = 1;

/**
 * A piece drawn to what is near: its edges to walls that run its way, its middle to the middles of other
 * pieces, of openings and of the room, and between two neighbours to equal gaps. In each of its two directions
 * it takes the nearest within `withinMm`, walls before middles before gaps.
 */
export function snapPiece(piece: Piece, room: SnapRoom, withinMm: Mm): Snapped {
  const directions = [
    { way: wayOf(piece.turnDeg + 90), halfMm: piece.widthMm / 2 },
    { way: wayOf(piece.turnDeg + 180), halfMm: piece.depthMm / 2 },
  ];
  return directions.reduce<Snapped>(
    (snapped, direction) => {
      const [best] = [
        ...wallPulls(piece, room, direction),
        ...middlePulls(piece, room, direction),
        ...gapPulls(piece, room, direction),
      ]
        .filter((p) => Math.abs(p.alongMm) <= withinMm)
        .sort((a, b) => a.rank - b.rank || Math.abs(a.alongMm) - Math.abs(b.alongMm));
      if (!best) return snapped;
      const moved = { ...snapped.piece, ...step(snapped.piece, direction.way, best.alongMm) };
      return { piece: moved, guides: [...snapped.guides, ...best.guides(moved)] };
    },
    { piece, guides: [] },
  );
}

function wallPulls(piece: Piece, { walls }: SnapRoom, { way, halfMm }: Direction): Pull[] {
  return walls.flatMap((wall): Pull[] => {
    const outward = wayOf(wall.facingDeg);
    const facing = way.xMm * outward.xMm + way.yMm * outward.yMm;
    if (Math.abs(Math.abs(facing) - 1) > SQUARE) return [];
    // only a wall that the piece is in front of
    const sideways = wayOf(wall.facingDeg + 90);
    const span = footprint(piece).map((corner) => alongWay(wall.from, corner, sideways));
    const [low, high] = [Math.min(...span), Math.max(...span)];
    if (high < 0 || low > wall.lengthMm) return [];
    const guide: Guide = {
      why: 'wall',
      from: pointOnWall(wall, Math.max(0, low)),
      to: pointOnWall(wall, Math.min(wall.lengthMm, high)),
    };
    const gapMm = alongWay(piece, wall.from, outward) - halfMm;
    return [{ alongMm: gapMm * Math.sign(facing), rank: 0, guides: () => [guide] }];
  });
}

function middlePulls(piece: Piece, room: SnapRoom, { way }: Direction): Pull[] {
  const { others, openings, walls, centre } = room;
  const middles: Point[] = [
    ...others
      .filter((other) => other.kind !== 'rug' || piece.kind !== 'rug')
      .map(({ xMm, yMm }) => ({ xMm, yMm })),
    ...openings.map((opening) => {
      const wall = walls.find((w) => w.id === opening.wallId);
      return wall ? pointOnWall(wall, opening.xMm + opening.widthMm / 2) : centre;
    }),
    centre,
  ];
  return middles.map((middle) => ({
    alongMm: alongWay(piece, middle, way),
    rank: 1,
    guides: ({ xMm, yMm }) => [{ why: 'centre', from: { xMm, yMm }, to: middle }],
  }));
}

/** Between the nearest neighbour on each side, to gaps that are equal. */
function gapPulls(piece: Piece, { others }: SnapRoom, { way, halfMm }: Direction): Pull[] {
  const acrossWay = { xMm: -way.yMm, yMm: way.xMm };
  const reach = (other: Piece, direction: Point) => {
    const corners = footprint(other).map((corner) => alongWay(piece, corner, direction));
    return { from: Math.min(...corners), to: Math.max(...corners) };
  };
  const own = reach(piece, acrossWay);
  const spans = others
    .filter((other) => other.kind !== 'rug')
    .filter((other) => {
      const side = reach(other, acrossWay);
      return side.to > own.from && side.from < own.to;
    })
    .map((other) => reach(other, way));
  const leftMm = Math.max(...spans.map((s) => s.to).filter((end) => end <= -halfMm + OVERLAP_MM));
  const rightMm = Math.min(...spans.map((s) => s.from).filter((start) => start >= halfMm - OVERLAP_MM));
  if (!Number.isFinite(leftMm) || !Number.isFinite(rightMm)) return [];
  const [gapBeforeMm, gapAfterMm] = [-halfMm - leftMm, rightMm - halfMm];
  const gapMm = (gapBeforeMm + gapAfterMm) / 2;
  return [
    {
      alongMm: (gapAfterMm - gapBeforeMm) / 2,
      rank: 2,
      guides: (moved) =>
        [-1, 1].map((side) => {
          const origin = step(moved, way, side * halfMm);
          return { why: 'gaps', from: origin, to: step(origin, way, side * gapMm) };
        }),
    },
  ];
}
