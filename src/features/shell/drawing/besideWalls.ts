import { boundsOf, crossing, type Box } from '../../../core/geometry/plane';
import type { Piece } from '../../../core/model/types';
import { footprint } from '../../../core/room/place';
import type { Wall } from '../../../core/room/walls';
import type { Scale } from '../../../ui/drawing/scale';

export type Line = { x1: number; y1: number; x2: number; y2: number };

/** How far from its wall a length is written, and the room that its number takes. */
const OFF = 26;
/** Where a length is written within the room, the best first. */
const WITHIN = [-OFF, -14, -44, -62, -80];
const NUMBER = { width: 34, height: 18 };

const numbersMeet = (a: Line, b: Line): boolean => {
  const [ax, ay, bx, bY] = [(a.x1 + a.x2) / 2, (a.y1 + a.y2) / 2, (b.x1 + b.x2) / 2, (b.y1 + b.y2) / 2];
  return Math.abs(ax - bx) < NUMBER.width && Math.abs(ay - bY) < NUMBER.height;
};

const linesCross = (a: Line, b: Line): boolean => {
  const point = (xMm: number, yMm: number) => ({ xMm, yMm });
  return crossing(point(a.x1, a.y1), point(a.x2, a.y2), point(b.x1, b.y1), point(b.x2, b.y2)) !== undefined;
};

/** Whether the number of a line lies on what stands on the floor. */
const liesOn = (line: Line, standing: readonly Box[]): boolean => {
  const [x, y] = [(line.x1 + line.x2) / 2, (line.y1 + line.y2) / 2];
  return standing.some(
    (box) =>
      x + NUMBER.width / 2 > box.xMm &&
      x - NUMBER.width / 2 < box.xMm + box.widthMm &&
      y + NUMBER.height / 2 > box.yMm &&
      y - NUMBER.height / 2 < box.yMm + box.heightMm,
  );
};

/**
 * Where the lengths of a room's walls are written on its plan, in the drawing's own units and the walls'
 * order: outside the room, the longest first; one that would cross another or lie on its number (in a niche,
 * at an inner corner) within. Where furniture stands all along there, two lines cross after all.
 */
export function besideWalls(walls: readonly Wall[], scale: Scale, pieces: readonly Piece[] = []): Line[] {
  const standing = pieces
    .filter(({ kind }) => kind !== 'rug')
    .map((piece) =>
      boundsOf(footprint(piece).map(({ xMm, yMm }) => ({ xMm: scale.x(xMm), yMm: scale.y(yMm) }))),
    );
  const lineBeside = (w: Wall, offset: number): Line => {
    const outward = (w.facingDeg * Math.PI) / 180;
    const [dx, dy] = [Math.sin(outward) * offset, -Math.cos(outward) * offset];
    return {
      x1: scale.x(w.from.xMm) + dx,
      y1: scale.y(w.from.yMm) + dy,
      x2: scale.x(w.to.xMm) + dx,
      y2: scale.y(w.to.yMm) + dy,
    };
  };
  const written = new Map<string, Line>();
  for (const w of [...walls].sort((a, b) => b.lengthMm - a.lengthMm)) {
    const others = [...written.values()];
    const isClear = (line: Line) => !others.some((other) => numbersMeet(line, other));
    const isFree = (line: Line) => isClear(line) && !others.some((other) => linesCross(line, other));
    const [outside, ...within] = [lineBeside(w, OFF), ...WITHIN.map((offset) => lineBeside(w, offset))];
    const best =
      (isFree(outside) ? outside : undefined) ??
      within.find((line) => isFree(line) && !liesOn(line, standing)) ??
      (isClear(outside) ? outside : undefined) ??
      within.find(isFree);
    written.set(w.id, best ?? outside);
  }
  return walls.map((w) => written.get(w.id)!);
}
