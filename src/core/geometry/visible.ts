import type { SquareMm } from '../base/units';
import type { Box } from './plane';

/**
 * Visible area of each box when they are laid over one another in the given order, the last in front. Boxes
 * are cut to `frame`. Exact for boxes: the sheet is cut into columns along every upright edge, each column
 * along the level edges of the boxes in it, and each cell belongs to the frontmost box.
 */
export function visibleAreas(boxes: readonly Box[], frame: Box): SquareMm[] {
  const areas = boxes.map(() => 0);
  const cut = (low: number, high: number, start: number, end: number) =>
    [Math.min(Math.max(low, start), end), Math.min(Math.max(high, start), end)] as const;
  const spans = boxes.map((b) => ({
    x: cut(b.xMm, b.xMm + b.widthMm, frame.xMm, frame.xMm + frame.widthMm),
    y: cut(b.yMm, b.yMm + b.heightMm, frame.yMm, frame.yMm + frame.heightMm),
  }));
  const sorted = (edges: number[]) => edges.sort((a, b) => a - b);
  const xs = sorted([...new Set(spans.flatMap((s) => s.x))]);
  for (let i = 0; i + 1 < xs.length; i++) {
    const x = (xs[i]! + xs[i + 1]!) / 2;
    const column: number[] = [];
    const ys: number[] = [];
    spans.forEach((s, k) => {
      if (s.x[0] < x && x < s.x[1]) {
        column.push(k);
        ys.push(s.y[0], s.y[1]);
      }
    });
    sorted(ys);
    for (let j = 0; j + 1 < ys.length; j++) {
      if (ys[j] === ys[j + 1]) continue;
      const y = (ys[j]! + ys[j + 1]!) / 2;
      for (let c = column.length - 1; c >= 0; c--) {
        const k = column[c]!;
        const s = spans[k]!;
        if (s.y[0] < y && y < s.y[1]) {
          areas[k]! += (xs[i + 1]! - xs[i]!) * (ys[j + 1]! - ys[j]!);
          break;
        }
      }
    }
  }
  return areas;
}
