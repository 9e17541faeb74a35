import { crossing } from '../../../core/geometry/plane';
import type { Wall } from '../../../core/room/walls';
import type { Scale } from '../../../ui/drawing/scale';

export type Line = { x1: number; y1: number; x2: number; y2: number };

/** How far from its wall a length is written, and the room that its number takes. */
const OFF = 26;
const NUMBER = { width: 34, height: 18 };

const meet = (a: Line, b: Line): boolean => {
  const [ax, ay, bx, bY] = [(a.x1 + a.x2) / 2, (a.y1 + a.y2) / 2, (b.x1 + b.x2) / 2, (b.y1 + b.y2) / 2];
  const point = (xMm: number, yMm: number) => ({ xMm, yMm });
  return (
    (Math.abs(ax - bx) < NUMBER.width && Math.abs(ay - bY) < NUMBER.height) ||
    crossing(point(a.x1, a.y1), point(a.x2, a.y2), point(b.x1, b.y1), point(b.x2, b.y2)) !== undefined
  );
};

/**
 * Where the lengths of a room's walls are written on its plan, in the drawing's own units and the walls'
 * order: outside the room, the longest first; one that would cross another or lie on its number (in a niche,
 * at an inner corner) within.
 */
export function besideWalls(walls: readonly Wall[], scale: Scale): Line[] {
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
    const free = [OFF, -OFF]
      .map((offset) => lineBeside(w, offset))
      .find((line) => ![...written.values()].some((other) => meet(line, other)));
    written.set(w.id, free ?? lineBeside(w, OFF));
  }
  return walls.map((w) => written.get(w.id)!);
}
