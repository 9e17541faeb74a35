import type { Mm } from '../base/units';
import { alongWay, step, wayOf, type Point } from '../geometry/plane';
import type { Opening, Piece } from '../model/types';
import { footprint } from './place';
import { pointOnWall, type Wall } from './walls';

/** What a dragged piece came to rest on: a line to be drawn, and why. */
export type Guide = { why: 'wall' | 'centre' | 'gaps'; from: Point; to: Point };
export type Snapped = { piece: Piece; guides: Guide[] };

type Pull = { byMm: Mm; rank: number; guides: (moved: Piece) => Guide[] };

/**
 * A piece drawn to what is near: its edges to walls that run its way, its middle to the middles of other
 * pieces, of openings
 * and of the room, and between two neighbours to equal gaps; in each of its two directions the nearest within
 * withinMm,
 * walls before middles before gaps.
 */
export function snapPiece(
  piece: Piece,
  others: readonly Piece[],
  openings: readonly Opening[],
  walls: readonly Wall[],
  centre: Point,
  withinMm: Mm,
): Snapped {
  const guides: Guide[] = [];
  let moved = piece;
  for (const turn of [0, 90]) {
    const way = wayOf(piece.turnDeg + 90 + turn);
    const half = (turn === 0 ? piece.widthMm : piece.depthMm) / 2;
    const best = [...wallPulls(way, half), ...middlePulls(way), ...gapPulls(way, half)]
      .filter((p) => Math.abs(p.byMm) <= withinMm)
      .sort((a, b) => a.rank - b.rank || Math.abs(a.byMm) - Math.abs(b.byMm))[0];
    if (!best) continue;
    moved = { ...moved, ...step(moved, way, best.byMm) };
    guides.push(...best.guides(moved));
  }
  return { piece: moved, guides };

  function wallPulls(way: Point, half: Mm): Pull[] {
    return walls.flatMap((wall): Pull[] => {
      const out = wayOf(wall.facingDeg);
      const along = way.xMm * out.xMm + way.yMm * out.yMm;
      if (Math.abs(Math.abs(along) - 1) > 1e-4) return [];
      const sign = Math.sign(along);
      const gap = alongWay(piece, wall.from, out) - half;
      // only a wall that the piece stands before
      const wide = wayOf(wall.facingDeg + 90);
      const at = footprint(piece).map((c) => alongWay(wall.from, c, wide));
      if (Math.max(...at) < 0 || Math.min(...at) > wall.lengthMm) return [];
      return [
        {
          byMm: gap * sign,
          rank: 0,
          guides: () => [
            {
              why: 'wall',
              from: pointOnWall(wall, Math.max(0, Math.min(...at))),
              to: pointOnWall(wall, Math.min(wall.lengthMm, Math.max(...at))),
            },
          ],
        },
      ];
    });
  }
  function middlePulls(way: Point): Pull[] {
    const middles: Point[] = [
      ...others
        .filter((o) => o.kind !== 'rug' || piece.kind !== 'rug')
        .map((o) => ({ xMm: o.xMm, yMm: o.yMm })),
      ...openings.map((o) => {
        const w = walls.find((x) => x.id === o.wallId);
        return w ? pointOnWall(w, o.xMm + o.widthMm / 2) : centre;
      }),
      centre,
    ];
    return middles.map((m) => ({
      byMm: alongWay(piece, m, way),
      rank: 1,
      guides: (to: Piece) => [{ why: 'centre' as const, from: { xMm: to.xMm, yMm: to.yMm }, to: m }],
    }));
  }
  function gapPulls(way: Point, half: Mm): Pull[] {
    const across = { xMm: -way.yMm, yMm: way.xMm };
    const reach = (p: Piece, w: Point) => {
      const at = footprint(p).map((c) => alongWay(piece, c, w));
      return [Math.min(...at), Math.max(...at)] as const;
    };
    const [a0, a1] = reach(piece, across);
    const beside = others
      .filter((o) => o.kind !== 'rug')
      .map((o) => ({ o, span: reach(o, way), side: reach(o, across) }))
      .filter((x) => x.side[1] > a0 && x.side[0] < a1);
    const before = beside.filter((x) => x.span[1] <= -half + 1).sort((x, y) => y.span[1] - x.span[1])[0];
    const after = beside.filter((x) => x.span[0] >= half - 1).sort((x, y) => x.span[0] - y.span[0])[0];
    if (!before || !after) return [];
    const [gapBefore, gapAfter] = [-half - before.span[1], after.span[0] - half];
    const byMm = (gapAfter - gapBefore) / 2;
    return [
      {
        byMm,
        rank: 2,
        guides: (to) =>
          [-1, 1].map((s) => {
            const from = step(to, way, s * half);
            return { why: 'gaps' as const, from, to: step(from, way, s * ((gapBefore + gapAfter) / 2)) };
          }),
      },
    ];
  }
}
