import type { Mm } from '../../../base/units';
import { boundsOf, type Box, type Point } from '../../../geometry/plane';
import { gatesBetween, type Gate, type Obstacle } from './gates';
import { centreOf, fill, gridOver, movesAcross, squareFrom, type Grid } from './grid';

/**
 * A floor cut into cells, with what is joined to what and which gates lie between; the same for whatever is to be reached.
 */
export type Floor = {
  widthMm: Mm;
  /** Nobody gets through less, not even sideways. */
  sidewaysMm: Mm;
  grid: Grid;
  obstacles: readonly Obstacle[];
  free: Uint8Array;
  bounds: readonly Box[];
  /** What wideAt was asked for already; below 0 elsewhere. */
  wideMm: Float64Array;
  gates: readonly Gate[];
  /** What lies across each move: nothing, a thing's own edge, or a gate by its number. */
  lyingAcross: Int32Array;
  movesOf: readonly (readonly number[])[];
  joined: Int32Array;
};

export const OPEN = -1;
const EDGE = -2;

/**
 * Cuts a floor into cells that are joined where no gate (a gap between obstacles narrower than widthMm) lies between. A
 * disc as wide rolls from one place that it has room at to another exactly where these are joined: convex obstacles that are
 * nearer to each other than the disc is wide close the same rings as they do together with the gates between them.
 */
export function cutFloor(
  outline: readonly Point[],
  obstacles: readonly Obstacle[],
  { widthMm, sidewaysMm }: Pick<Floor, 'widthMm' | 'sidewaysMm'>,
): Floor {
  const grid = gridOver(outline);
  const free = new Uint8Array(grid.nx * grid.ny);
  fill(grid, outline, free, 1);
  for (const o of obstacles) if (!o.wall) fill(grid, o.shape, free, 0);
  const gates = gatesBetween(obstacles, widthMm);
  const lyingAcross = whatLiesAcross(grid, free, obstacles, gates);
  return {
    widthMm,
    sidewaysMm,
    grid,
    obstacles,
    free,
    bounds: obstacles.map((o) => boundsOf(o.shape)),
    wideMm: new Float64Array(free.length).fill(-1),
    gates,
    lyingAcross,
    ...joinCells(grid, free, lyingAcross, gates.length),
  };
}

/** How wide a disc may be whose middle is in a cell; no more than the width that the floor was cut for. */
export function wideAt({ grid, obstacles, bounds, wideMm, widthMm }: Floor, k: number): Mm {
  const known = wideMm[k]!;
  if (known >= 0) return known;
  const half = widthMm / 2;
  const { xMm, yMm } = centreOf(grid, k);
  let square = half * half;
  bounds.forEach((box, i) => {
    const dx = Math.max(0, box.xMm - xMm, xMm - box.xMm - box.widthMm);
    const dy = Math.max(0, box.yMm - yMm, yMm - box.yMm - box.heightMm);
    if (dx * dx + dy * dy < square) square = Math.min(square, squareFrom(xMm, yMm, obstacles[i]!.shape));
  });
  const mm = 2 * Math.sqrt(square);
  wideMm[k] = mm;
  return mm;
}

/**
 * What lies across each move from a cell to its east (2k) or south (2k + 1) neighbour: nothing, a thing's own edge, or the
 * narrowest gate there.
 */
function whatLiesAcross(
  grid: Grid,
  free: Uint8Array,
  obstacles: readonly Obstacle[],
  gates: readonly Gate[],
): Int32Array {
  const lyingAcross = new Int32Array(2 * free.length).fill(OPEN);
  // a tip thinner than a cell still lets nobody through it
  for (const { shape, wall } of obstacles)
    if (!wall)
      shape.forEach((p, e) =>
        movesAcross(grid, free, [p, shape[(e + 1) % shape.length]!], (move) => {
          lyingAcross[move] = EDGE;
        }),
      );
  gates.forEach((gate, g) =>
    movesAcross(grid, free, gate.at, (move) => {
      const known = lyingAcross[move]!;
      if (known !== EDGE && (known === OPEN || gate.mm < gates[known]!.mm)) lyingAcross[move] = g;
    }),
  );
  return lyingAcross;
}

/** Free neighbours joined where nothing lies between; where a gate does, the move is kept with the gate. */
function joinCells(
  { nx }: Grid,
  free: Uint8Array,
  lyingAcross: Int32Array,
  gateCount: number,
): Pick<Floor, 'joined' | 'movesOf'> {
  const count = free.length;
  const joined = new Int32Array(count);
  for (let k = 0; k < count; k++) joined[k] = k;
  const movesOf: number[][] = Array.from({ length: gateCount }, () => []);
  const take = (k: number, next: number, move: number): void => {
    const lies = lyingAcross[move]!;
    if (lies === OPEN) joined[rootOf(joined, next)] = rootOf(joined, k);
    else if (lies !== EDGE) movesOf[lies]!.push(move);
  };
  // no cell past the last is asked about: reading beyond a typed array's end makes every reading slow
  for (let k = 0; k < count; k++) {
    if (!free[k]) continue;
    if (k % nx < nx - 1 && free[k + 1]) take(k, k + 1, 2 * k);
    if (k + nx < count && free[k + nx]) take(k, k + nx, 2 * k + 1);
  }
  return { joined, movesOf };
}

/** The cell that stands for all that a cell is joined to; shortens the way to it. */
export function rootOf(parent: Int32Array, k: number): number {
  let r = k;
  while (parent[r] !== r) {
    parent[r] = parent[parent[r]!]!;
    r = parent[r]!;
  }
  return r;
}

/** The two cells of a move. */
export const endsOf = ({ nx }: Grid, move: number): [number, number] => {
  const k = move >> 1;
  return [k, move & 1 ? k + nx : k + 1];
};
