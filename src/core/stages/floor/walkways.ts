import type { Mm } from '../../base/units';
import { apart, boundsOf, type Point } from '../../geometry/plane';

/** Something one cannot walk through: a polygon, or a stretch of wall given by two points. */
export type Obstacle = { id: string; name: string; shape: readonly Point[]; wall: boolean };
/**
 * A place that people have to reach: an entrance (a point just inside it), or anything within reachMm of a
 * shape.
 */
export type Aim = { id: string; name: string; shape: readonly Point[]; reachMm: Mm };

/**
 * The narrowest place on the widest way from an entrance to an aim; gate is null when there is no way at all.
 */
export type Narrow = { fromGate: Aim; toGate: Aim; gate: Gate | null };

type Gate = { mm: Mm; at: [Point, Point]; between: [string, string] };

/**
 * Cells along the longer side of the room; the grid only tells what is joined to what, widths are measured
 * exactly.
 */
const CELLS = 72;
const LEAST_CELL: Mm = 50;

/**
 * A floor cut into cells, with what is joined to what and which gates lie between; the same for whatever is
 * to be reached.
 */
export type Floor = {
  grid: Grid;
  free: Uint8Array;
  gates: readonly Gate[];
  movesOf: readonly (readonly number[])[];
  joined: Int32Array;
};

/**
 * Cuts a floor into cells that are joined where no gate (a gap between obstacles narrower than widthMm) lies
 * between.
 */
export function cutFloor(outline: readonly Point[], obstacles: readonly Obstacle[], widthMm: Mm): Floor {
  const grid = gridOver(outline);
  const free = new Uint8Array(grid.nx * grid.ny);
  fill(grid, outline, free, 1);
  for (const o of obstacles) if (!o.wall) fill(grid, o.shape, free, 0);

  const gates = gatesBetween(obstacles, widthMm);
  const lyingAcross = whatLiesAcross(grid, free, obstacles, gates);
  return { grid, free, gates, ...joinCells(grid, free, lyingAcross, gates.length) };
}

/**
 * What lies across each move from a cell to its east (2k) or south (2k + 1) neighbour: nothing, a thing's own
 * edge, or the narrowest gate there.
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
        movesAcross(grid, free, p, shape[(e + 1) % shape.length]!, (move) => {
          lyingAcross[move] = EDGE;
        }),
      );
  gates.forEach((gate, g) =>
    movesAcross(grid, free, gate.at[0], gate.at[1], (move) => {
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
    if (lies === OPEN) joined[rootOf(joined, k)] = rootOf(joined, next);
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
function rootOf(parent: Int32Array, k: number): number {
  let r = k;
  while (parent[r] !== r) {
    parent[r] = parent[parent[r]!]!;
    r = parent[r]!;
  }
  return r;
}

/**
 * The ways from each entrance to each aim that are narrower at their narrowest place than the width the floor
 * was cut for, however one walks. Gates are opened from the widest on until the aim is reached: the last one
 * opened is the bottleneck of the widest way.
 */
export function narrowWays(
  { grid, free, gates, movesOf, joined: parent }: Floor,
  entrances: readonly Aim[],
  aims: readonly Aim[],
): Narrow[] {
  if (entrances.length === 0) return [];
  const { nx } = grid;
  const now = parent.slice();
  const root = (k: number): number => rootOf(now, k);
  const join = (a: number, b: number) => {
    now[root(a)] = root(b);
  };
  const starts = entrances.map((aim) => ({ aim, cells: cellsNear(grid, free, aim.shape, aim.reachMm) }));
  const everywhere = { aim: starts[0]!.aim, cells: starts.flatMap((s) => s.cells) };
  const joined = (a: readonly number[], b: readonly number[]) => {
    const roots = new Set(a.map(root));
    return b.some((k) => roots.has(root(k)));
  };
  const straight = new Set(everywhere.cells.map(root));
  let open = [
    ...starts
      .flatMap((fromGate, i) => starts.slice(i + 1).map((toGate) => ({ fromGate, toGate })))
      .filter((p) => !joined(p.fromGate.cells, p.toGate.cells)),
    // a seat is well served when one of the entrances leads to it
    ...aims
      .filter((aim) => !someNear(grid, free, aim.shape, aim.reachMm, (k) => straight.has(root(k))))
      .map((aim) => ({
        fromGate: everywhere,
        toGate: { aim, cells: cellsNear(grid, free, aim.shape, aim.reachMm) },
      })),
  ];
  const narrow: Narrow[] = [];
  for (const g of gates
    .map((_, i) => i)
    .filter((i) => movesOf[i]!.length > 0)
    .sort((x, y) => gates[y]!.mm - gates[x]!.mm)) {
    if (open.length === 0) break;
    for (const move of movesOf[g]!) {
      const k = move >> 1;
      join(k, move & 1 ? k + nx : k + 1);
    }
    const still = open.filter((p) => !joined(p.fromGate.cells, p.toGate.cells));
    for (const p of open)
      if (!still.includes(p))
        narrow.push({ fromGate: p.fromGate.aim, toGate: p.toGate.aim, gate: gates[g]! });
    open = still;
  }
  return [
    ...narrow,
    ...open.map((p): Narrow => ({ fromGate: p.fromGate.aim, toGate: p.toGate.aim, gate: null })),
  ];
}

/** What lies across a move when it is no gate. */
const OPEN = -1;
const EDGE = -2;

/** Square cells over the floor, row by row from the north-west; a cell stands for its centre. */
type Grid = { nx: number; ny: number; cell: Mm; xMm: Mm; yMm: Mm };

function gridOver(outline: readonly Point[]): Grid {
  const box = boundsOf(outline);
  const cell = Math.max(LEAST_CELL, Math.max(box.widthMm, box.heightMm) / CELLS);
  return {
    nx: Math.max(1, Math.ceil(box.widthMm / cell)),
    ny: Math.max(1, Math.ceil(box.heightMm / cell)),
    cell,
    xMm: box.xMm + cell / 2,
    yMm: box.yMm + cell / 2,
  };
}

/**
 * Cells from one to another along an axis whose centres lie between two places; empty when the first is after
 * the last.
 */
const cellRange = (low: Mm, high: Mm, originMm: Mm, cell: Mm, n: number): [number, number] => [
  Math.max(0, Math.ceil((low - originMm) / cell)),
  Math.min(n - 1, Math.floor((high - originMm) / cell)),
];

/** Marks the cells whose centres lie in a polygon, row by row between its edges. */
function fill(grid: Grid, shape: readonly Point[], cells: Uint8Array, value: 0 | 1): void {
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
function movesAcross(grid: Grid, free: Uint8Array, p: Point, q: Point, take: (move: number) => void): void {
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
    for (
      let j = Math.max(0, Math.floor((low - yMm) / cell));
      j <= Math.min(ny - 2, Math.floor((high - yMm) / cell));
      j++
    ) {
      const k = j * nx + i;
      if (free[k] && free[k + nx]) take(2 * k + 1);
    }
  }
  function alongRow(j: number, low: Mm, high: Mm): void {
    for (
      let i = Math.max(0, Math.floor((low - xMm) / cell));
      i <= Math.min(nx - 2, Math.floor((high - xMm) / cell));
      i++
    ) {
      const k = j * nx + i;
      if (free[k] && free[k + 1]) take(2 * k);
    }
  }
}

/** The free cells within reach of a shape. */
function cellsNear(grid: Grid, free: Uint8Array, shape: readonly Point[], reachMm: Mm): number[] {
  const cells: number[] = [];
  someNear(grid, free, shape, reachMm, (k) => {
    cells.push(k);
    return false;
  });
  return cells;
}

/** Whether any free cell within reach of a shape passes the test; stops at the first. */
function someNear(
  grid: Grid,
  free: Uint8Array,
  shape: readonly Point[],
  reachMm: Mm,
  asked: (k: number) => boolean,
): boolean {
  const { nx, ny, cell } = grid;
  const box = boundsOf(shape);
  const [i0, i1] = cellRange(box.xMm - reachMm, box.xMm + box.widthMm + reachMm, grid.xMm, cell, nx);
  const [j0, j1] = cellRange(box.yMm - reachMm, box.yMm + box.heightMm + reachMm, grid.yMm, cell, ny);
  const insideRoom = new Uint8Array(nx * ny);
  if (shape.length > 2) fill(grid, shape, insideRoom, 1);
  for (let j = j0; j <= j1; j++)
    for (let i = i0; i <= i1; i++) {
      const k = j * nx + i;
      if (
        free[k] &&
        (insideRoom[k] || squareFrom(grid.xMm + i * cell, grid.yMm + j * cell, shape) <= reachMm * reachMm) &&
        asked(k)
      )
        return true;
    }
  return false;
}

/** The square of how far a place is from the nearest edge of a shape. */
function squareFrom(x: Mm, y: Mm, shape: readonly Point[]): number {
  let best = Infinity;
  for (let e = 0; e < shape.length; e++) {
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

function gatesBetween(obstacles: readonly Obstacle[], widthMm: Mm): Gate[] {
  const gates: Gate[] = [];
  const boxes = obstacles.map((o) => boundsOf(o.shape));
  for (let i = 0; i < obstacles.length; i++) {
    for (let j = i + 1; j < obstacles.length; j++) {
      const [a, b] = [boxes[i]!, boxes[j]!];
      const dx = Math.max(0, a.xMm - b.xMm - b.widthMm, b.xMm - a.xMm - a.widthMm);
      const dy = Math.max(0, a.yMm - b.yMm - b.heightMm, b.yMm - a.yMm - a.heightMm);
      if (Math.hypot(dx, dy) >= widthMm) continue;
      const gap = apart(obstacles[i]!.shape, obstacles[j]!.shape);
      // nobody gets between things that touch, and a corner of two walls is no passage
      if (gap.mm >= widthMm - 0.01 || gap.mm < 0.5) continue;
      gates.push({ mm: gap.mm, at: [gap.from, gap.to], between: [obstacles[i]!.name, obstacles[j]!.name] });
    }
  }
  return gates;
}
