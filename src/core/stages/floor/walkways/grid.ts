import type { Mm } from '../../../base/units';
import { boundsOf, type Point } from '../../../geometry/plane';

/** Cells along the longer side of a room; the grid tells what is joined to what, widths are measured exactly. */
const CELLS = 160;
const LEAST_CELL: Mm = 50;

/** Square cells over the floor, row by row from the north-west; a cell stands for its centre. */
export type Grid = { nx: number; ny: number; cell: Mm; xMm: Mm; yMm: Mm };

/** Lies in the middle of the outline's bounds, so that it is the same for a room that is turned or mirrored. */
export function gridOver(outline: readonly Point[]): Grid {
  const box = boundsOf(outline);
  const cell = Math.max(LEAST_CELL, Math.max(box.widthMm, box.heightMm) / CELLS);
  const nx = Math.max(1, Math.ceil(box.widthMm / cell));
  const ny = Math.max(1, Math.ceil(box.heightMm / cell));
  return {
    nx,
    ny,
    cell,
    xMm: box.xMm + (box.widthMm - (nx - 1) * cell) / 2,
    yMm: box.yMm + (box.heightMm - (ny - 1) * cell) / 2,
  };
}

export const centreOf = ({ nx, cell, xMm, yMm }: Grid, k: number): Point => ({
  xMm: xMm + (k % nx) * cell,
  yMm: yMm + Math.floor(k / nx) * cell,
});

/** The cell that a place lies in; -1 outside the grid. */
export function cellAt({ nx, ny, cell, xMm, yMm }: Grid, p: Point): number {
  const i = Math.round((p.xMm - xMm) / cell);
  const j = Math.round((p.yMm - yMm) / cell);
  return i < 0 || j < 0 || i >= nx || j >= ny ? -1 : j * nx + i;
}

/** Calls back with each of a cell's neighbours, and the move between them: 2k to the east of k, 2k + 1 to the south. */
export function neighboursOf({ nx, ny }: Grid, k: number, take: (next: number, move: number) => void): void {
  const i = k % nx;
  if (i < nx - 1) take(k + 1, 2 * k);
  if (i > 0) take(k - 1, 2 * (k - 1));
  if (k + nx < nx * ny) take(k + nx, 2 * k + 1);
  if (k >= nx) take(k - nx, 2 * (k - nx) + 1);
}

/**
 * Cells from one to another along an axis whose centres lie between two places; empty when the first is after the last.
 */
const cellRange = (low: Mm, high: Mm, originMm: Mm, cell: Mm, n: number): [number, number] => [
  Math.max(0, Math.ceil((low - originMm) / cell)),
  Math.min(n - 1, Math.floor((high - originMm) / cell)),
];

/** Every cell whose centre lies within reach of the bounds of a shape. */
export function* cellsAround(
  { nx, ny, cell, xMm, yMm }: Grid,
  shape: readonly Point[],
  reachMm: Mm,
): Generator<number> {
  const box = boundsOf(shape);
  const [i0, i1] = cellRange(box.xMm - reachMm, box.xMm + box.widthMm + reachMm, xMm, cell, nx);
  const [j0, j1] = cellRange(box.yMm - reachMm, box.yMm + box.heightMm + reachMm, yMm, cell, ny);
  for (let j = j0; j <= j1; j++) for (let i = i0; i <= i1; i++) yield j * nx + i;
}

/** Marks the cells whose centres lie in a polygon, row by row between its edges. */
export function fill(grid: Grid, shape: readonly Point[], cells: Uint8Array, value: 0 | 1): void {
  const box = boundsOf(shape);
  const [j0, j1] = cellRange(box.yMm, box.yMm + box.heightMm, grid.yMm, grid.cell, grid.ny);
  const cuts: number[] = [];
  for (let j = j0; j <= j1; j++) {
    const y = grid.yMm + j * grid.cell;
    cuts.length = 0;
    for (let e = 0; e < shape.length; e++) {
      const a = shape[e]!;
      const b = shape[(e + 1) % shape.length]!;
      if (a.yMm > y !== b.yMm > y) cuts.push(a.xMm + ((y - a.yMm) / (b.yMm - a.yMm)) * (b.xMm - a.xMm));
    }
    cuts.sort((a, b) => a - b);
    for (let c = 0; c + 1 < cuts.length; c += 2) {
      const [i0, i1] = cellRange(cuts[c]!, cuts[c + 1]!, grid.xMm, grid.cell, grid.nx);
      if (i1 >= i0) cells.fill(value, j * grid.nx + i0, j * grid.nx + i1 + 1);
    }
  }
}

/** Calls back with every move between free neighbours that a segment crosses. */
export function movesAcross(
  grid: Grid,
  free: Uint8Array,
  [p, q]: readonly [Point, Point],
  take: (move: number) => void,
): void {
  const { nx, ny, cell, xMm, yMm } = grid;
  // moves to the south cross in the columns, moves to the east in the rows, that the segment runs through
  const [i0, i1] = cellRange(Math.min(p.xMm, q.xMm), Math.max(p.xMm, q.xMm), xMm, cell, nx);
  for (let i = i0; i <= i1; i++) {
    if (p.xMm === q.xMm) {
      alongColumn(i, Math.min(p.yMm, q.yMm), Math.max(p.yMm, q.yMm));
      continue;
    }
    const y = p.yMm + ((xMm + i * cell - p.xMm) / (q.xMm - p.xMm)) * (q.yMm - p.yMm);
    alongColumn(i, y, y);
  }
  const [j0, j1] = cellRange(Math.min(p.yMm, q.yMm), Math.max(p.yMm, q.yMm), yMm, cell, ny);
  for (let j = j0; j <= j1; j++) {
    if (p.yMm === q.yMm) {
      alongRow(j, Math.min(p.xMm, q.xMm), Math.max(p.xMm, q.xMm));
      continue;
    }
    const x = p.xMm + ((yMm + j * cell - p.yMm) / (q.yMm - p.yMm)) * (q.xMm - p.xMm);
    alongRow(j, x, x);
  }
  function alongColumn(i: number, low: Mm, high: Mm): void {
    const last = Math.min(ny - 2, Math.floor((high - yMm) / cell));
    for (let j = Math.max(0, Math.floor((low - yMm) / cell)); j <= last; j++) {
      const k = j * nx + i;
      if (free[k] && free[k + nx]) take(2 * k + 1);
    }
  }
  function alongRow(j: number, low: Mm, high: Mm): void {
    const last = Math.min(nx - 2, Math.floor((high - xMm) / cell));
    for (let i = Math.max(0, Math.floor((low - xMm) / cell)); i <= last; i++) {
      const k = j * nx + i;
      if (free[k] && free[k + 1]) take(2 * k);
    }
  }
}

/**
 * The square of how far a place is from the nearest edge of a shape. The same as by nearestOnEdges, in plain numbers: it is
 * asked for thousands of cells.
 */
export function squareFrom(x: Mm, y: Mm, shape: readonly Point[]): number {
  let best = Infinity;
  const edges = shape.length === 2 ? 1 : shape.length;
  for (let e = 0; e < edges; e++) {
    const a = shape[e]!;
    const b = shape[(e + 1) % shape.length]!;
    const dx = b.xMm - a.xMm;
    const dy = b.yMm - a.yMm;
    const square = dx * dx + dy * dy;
    const t = square === 0 ? 0 : Math.min(1, Math.max(0, ((x - a.xMm) * dx + (y - a.yMm) * dy) / square));
    const ex = x - a.xMm - t * dx;
    const ey = y - a.yMm - t * dy;
    best = Math.min(best, ex * ex + ey * ey);
  }
  return best;
}
