import type { Mm } from '../../base/units';
import { apart, boundsOf, crossing, insidePolygon, type Point } from '../../geometry/plane';

/** Something one cannot walk through: a polygon, or a stretch of wall given by two points. */
export type Obstacle = { id: string; name: string; shape: readonly Point[]; wall: boolean };
/** A place that wants to be reached: an entrance (a point just inside it), or anything within reachMm of a shape. */
export type Aim = { id: string; name: string; shape: readonly Point[]; reachMm: Mm };

/** The narrowest place on the widest way from an entrance to an aim; gate is null when there is no way at all. */
export type Narrow = { from: Aim; to: Aim; gate: { mm: Mm; at: [Point, Point]; between: [string, string] } | null };

type Gate = { mm: Mm; at: [Point, Point]; between: [string, string] };

/** Cells along the longer side of the room; the grid only tells what is joined to what, widths are measured exactly. */
const CELLS = 96;
const LEAST_CELL: Mm = 50;

/**
 * The ways from each entrance to each aim that are narrower than widthMm at their narrowest place, however one walks.
 * Gaps between obstacles that are narrower than widthMm are gates, as wide as the obstacles are apart; the floor is cut
 * into cells that are joined where no gate lies between; gates are then opened from the widest on until the aim is reached:
 * the last one opened is the bottleneck of the widest way.
 */
export function narrowWays(outline: readonly Point[], obstacles: readonly Obstacle[], entrances: readonly Aim[], aims: readonly Aim[], widthMm: Mm): Narrow[] {
  if (entrances.length === 0) return [];
  const box = boundsOf(outline);
  const cell = Math.max(LEAST_CELL, Math.max(box.widthMm, box.heightMm) / CELLS);
  const [nx, ny] = [Math.max(1, Math.ceil(box.widthMm / cell)), Math.max(1, Math.ceil(box.heightMm / cell))];
  const centre = (i: number, j: number): Point => ({ xMm: box.xMm + (i + 0.5) * cell, yMm: box.yMm + (j + 0.5) * cell });
  const free = new Uint8Array(nx * ny);
  for (let j = 0; j < ny; j++) for (let i = 0; i < nx; i++) free[j * nx + i] = insidePolygon(centre(i, j), outline, 0) ? 1 : 0;
  const range = (low: Mm, high: Mm, from: Mm, n: number): [number, number] => [Math.max(0, Math.floor((low - from) / cell) - 1), Math.min(n - 1, Math.ceil((high - from) / cell) + 1)];
  const cellsAbout = function* (shape: readonly Point[], more: Mm): Generator<number> {
    const b = boundsOf(shape);
    const [i0, i1] = range(b.xMm - more, b.xMm + b.widthMm + more, box.xMm, nx);
    const [j0, j1] = range(b.yMm - more, b.yMm + b.heightMm + more, box.yMm, ny);
    for (let j = j0; j <= j1; j++) for (let i = i0; i <= i1; i++) yield j * nx + i;
  };
  const at = (k: number) => centre(k % nx, Math.floor(k / nx));
  for (const o of obstacles) if (!o.wall) for (const k of cellsAbout(o.shape, 0)) if (free[k] && insidePolygon(at(k), o.shape, 0)) free[k] = 0;

  // a tip thinner than a cell still lets nobody through it
  const walled = new Set<number>();
  for (const o of obstacles) {
    if (o.wall) continue;
    o.shape.forEach((p, e) => {
      const q = o.shape[(e + 1) % o.shape.length]!;
      for (const k of cellsAbout([p, q], 0)) {
        if (!free[k]) continue;
        const here = at(k);
        if (k % nx < nx - 1 && free[k + 1] && crossing(here, at(k + 1), p, q)) walled.add(2 * k);
        if (k + nx < nx * ny && free[k + nx] && crossing(here, at(k + nx), p, q)) walled.add(2 * k + 1);
      }
    });
  }
  const gates = gatesBetween(obstacles, widthMm);
  // moves that a gate lies across: from a cell to its east (2k) or south (2k + 1) neighbour
  const shut = new Map<number, Gate>();
  for (const gate of gates) {
    for (const k of cellsAbout(gate.at, 0)) {
      if (!free[k]) continue;
      const here = at(k);
      for (const [way, next, ok] of [[0, k + 1, k % nx < nx - 1], [1, k + nx, k + nx < nx * ny]] as const) {
        if (!ok || !free[next] || walled.has(2 * k + way) || !crossing(here, at(next), gate.at[0], gate.at[1])) continue;
        const known = shut.get(2 * k + way);
        if (!known || gate.mm < known.mm) shut.set(2 * k + way, gate);
      }
    }
  }
  const parent = Int32Array.from({ length: nx * ny }, (_, k) => k);
  const root = (k: number): number => { let r = k; while (parent[r] !== r) { parent[r] = parent[parent[r]!]!; r = parent[r]!; } return r; };
  const join = (a: number, b: number) => { parent[root(a)] = root(b); };
  for (let k = 0; k < nx * ny; k++) {
    if (!free[k]) continue;
    if (k % nx < nx - 1 && free[k + 1] && !shut.has(2 * k) && !walled.has(2 * k)) join(k, k + 1);
    if (k + nx < nx * ny && free[k + nx] && !shut.has(2 * k + 1) && !walled.has(2 * k + 1)) join(k, k + nx);
  }
  const reached = (aim: Aim): number[] => { const cells: number[] = []; for (const k of cellsAbout(aim.shape, aim.reachMm)) if (free[k] && apart([at(k), at(k)], aim.shape).mm <= aim.reachMm) cells.push(k); return cells; };
  const starts = entrances.map((aim) => ({ aim, cells: reached(aim) }));
  const pairs = [
    ...starts.flatMap((from, i) => starts.slice(i + 1).map((to) => ({ from, to }))),
    // a seat is well served when one of the entrances leads to it
    ...aims.map((aim) => { const to = { aim, cells: reached(aim) }; return { from: { aim: starts[0]!.aim, cells: starts.flatMap((s) => s.cells) }, to }; }),
  ];
  const joined = (a: readonly number[], b: readonly number[]) => { const roots = new Set(a.map(root)); return b.some((k) => roots.has(root(k))); };
  let open = pairs.filter((p) => !joined(p.from.cells, p.to.cells));
  const narrow: Narrow[] = [];
  const byGate = new Map<Gate, number[]>();
  for (const [move, gate] of shut) byGate.set(gate, [...(byGate.get(gate) ?? []), move]);
  for (const gate of [...byGate.keys()].sort((a, b) => b.mm - a.mm)) {
    if (open.length === 0) break;
    for (const move of byGate.get(gate)!) { const k = move >> 1; join(k, move & 1 ? k + nx : k + 1); }
    const still = open.filter((p) => !joined(p.from.cells, p.to.cells));
    for (const p of open) if (!still.includes(p)) narrow.push({ from: p.from.aim, to: p.to.aim, gate });
    open = still;
  }
  return [...narrow, ...open.map((p): Narrow => ({ from: p.from.aim, to: p.to.aim, gate: null }))];
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
      // what touches lets nobody through, and walls that meet in a corner are no passage
      if (gap.mm >= widthMm - 0.01 || gap.mm < 0.5) continue;
      gates.push({ mm: gap.mm, at: [gap.from, gap.to], between: [obstacles[i]!.name, obstacles[j]!.name] });
    }
  }
  return gates;
}
