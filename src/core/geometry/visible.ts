import { elementAt } from '../base/list';
import type { Mm, SquareMm } from '../base/units';
import { sharedPart } from './convex';
import { polygonArea, type Box, type Point } from './plane';

/** A line that boxes end at: straight between its points, from left to right. */
export type UpperEdge = readonly { xMm: Mm; heightMm: Mm }[];
/** What is seen of a sheet: its frame, and an edge that some of the boxes end at. */
type Sheet = { frame: Box; under?: { edge: UpperEdge; ends: (box: number) => boolean } };
type Span = readonly [number, number];

/**
 * Visible area of each box when they are laid over one another in the given order, the last in front. Boxes are cut to the
 * sheet. Exact for boxes: the sheet is cut into columns along every upright edge, each column along the level edges of
 * the boxes in it, and each cell belongs to the frontmost box.
 */
export function visibleAreas(boxes: readonly Box[], { frame, under }: Sheet): SquareMm[] {
  const areas = boxes.map(() => 0);
  const cut = (low: number, high: number, start: number, end: number): Span => [
    Math.min(Math.max(low, start), end),
    Math.min(Math.max(high, start), end),
  ];
  const spans = boxes.map((b) => ({
    x: cut(b.xMm, b.xMm + b.widthMm, frame.xMm, frame.xMm + frame.widthMm),
    y: cut(b.yMm, b.yMm + b.heightMm, frame.yMm, frame.yMm + frame.heightMm),
  }));
  const edge = under?.edge ?? [];
  const xs = sorted([...new Set([...spans.flatMap((s) => s.x), ...edge.map((p) => p.xMm)])]);
  const columnAt = columnsOf(spans);
  const cells = new Cells(2 * boxes.length);
  for (let i = 0; i + 1 < xs.length; i++) {
    const x: Span = [xs[i]!, xs[i + 1]!];
    const { boxes: column, ys } = columnAt((x[0] + x[1]) / 2);
    const heights = heightsOver(edge, x);
    cells.reset(ys.length - 1);
    for (let c = column.length - 1; c >= 0 && cells.left > 0; c--) {
      const k = column[c]!;
      const [low, high] = spans[k]!.y;
      // what nothing in front of it has taken
      for (
        let j = cells.firstFree(positionIn(ys, low));
        j + 1 < ys.length && ys[j]! < high;
        j = cells.take(j)
      ) {
        const y: Span = [ys[j]!, ys[j + 1]!];
        if (y[0] === y[1]) continue;
        areas[k]! += heights && under?.ends(k) ? areaUnder(heights, x, y) : (x[1] - x[0]) * (y[1] - y[0]);
      }
    }
  }
  return areas;
}

/** The cells of a column from the bottom up, of which each is taken once; the next that is free is found at once. */
class Cells {
  readonly #next: Int32Array;
  left = 0;

  constructor(most: number) {
    this.#next = new Int32Array(most + 1);
  }

  reset(count: number): void {
    this.left = count;
    for (let j = 0; j <= count; j++) this.#next[j] = j;
  }

  firstFree(from: number): number {
    let free = from;
    while (this.#next[free]! !== free) free = this.#next[free]!;
    this.#next[from] = free;
    return free;
  }

  /** Takes a free cell, and gives the next free one above it. */
  take(cell: number): number {
    this.left--;
    this.#next[cell] = cell + 1;
    return this.firstFree(cell + 1);
  }
}

/** The position of the first of sorted numbers that is not below a value. */
function positionIn(numbers: readonly number[], value: number): number {
  let [low, high] = [0, numbers.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (numbers[middle]! < value) low = middle + 1;
    else high = middle;
  }
  return low;
}

const insert = (numbers: number[], value: number): void => {
  numbers.splice(positionIn(numbers, value), 0, value);
};
const remove = (numbers: number[], value: number): void => {
  numbers.splice(positionIn(numbers, value), 1);
};

type Column = { boxes: readonly number[]; ys: readonly number[] };

/**
 * The boxes in each column, from back to front, and where they begin and end in it from the bottom up. Asked from left to
 * right, it takes in and lets go of few at a time.
 */
function columnsOf(spans: readonly { x: Span; y: Span }[]): (middle: number) => Column {
  const by = (end: 0 | 1) => spans.map((_, k) => k).sort((j, k) => spans[j]!.x[end] - spans[k]!.x[end]);
  const [coming, going] = [by(0), by(1)];
  let [next, last] = [0, 0];
  const boxes: number[] = [];
  const ys: number[] = [];
  const isIn = new Set<number>();
  return (middle) => {
    for (; last < going.length && spans[going[last]!]!.x[1] <= middle; last++) {
      const k = going[last]!;
      if (!isIn.delete(k)) continue;
      remove(boxes, k);
      for (const y of spans[k]!.y) remove(ys, y);
    }
    for (; next < coming.length && spans[coming[next]!]!.x[0] < middle; next++) {
      const k = coming[next]!;
      if (spans[k]!.x[1] <= middle) continue;
      isIn.add(k);
      insert(boxes, k);
      for (const y of spans[k]!.y) insert(ys, y);
    }
    return { boxes, ys };
  };
}

const sorted = (edges: number[]): number[] => edges.sort((a, b) => a - b);

/** How high an edge is at both ends of a column; undefined where the edge doesn't run. */
function heightsOver(edge: UpperEdge, [left, right]: Span): Span | undefined {
  const middle = (left + right) / 2;
  for (let i = 0; i + 1 < edge.length; i++) {
    const [a, b] = [elementAt(edge, i), elementAt(edge, i + 1)];
    if (middle <= a.xMm || middle >= b.xMm) continue;
    const rise = (b.heightMm - a.heightMm) / (b.xMm - a.xMm);
    return [a.heightMm + rise * (left - a.xMm), a.heightMm + rise * (right - a.xMm)];
  }
  return undefined;
}

/** The part of a cell that is below a straight edge. */
const areaUnder = ([atLeft, atRight]: Span, [x0, x1]: Span, [y0, y1]: Span): SquareMm =>
  (x1 - x0) * (meanOver(atLeft - y0, atRight - y0) - meanOver(atLeft - y1, atRight - y1));

/** Mean of a straight line's positive part. */
function meanOver(a: number, b: number): number {
  if (a >= 0 && b >= 0) return (a + b) / 2;
  if (a <= 0 && b <= 0) return 0;
  const over = Math.max(a, b);
  return (over * over) / (2 * Math.abs(a - b));
}

/**
 * The area of a convex polygon that lies within a simple one of any shape: over the fan of triangles from one place to its
 * edges, each counted with the sign of its turn.
 */
export function areaWithin(convex: readonly Point[], outline: readonly Point[]): SquareMm {
  const apex = elementAt(outline, 0);
  let area = 0;
  for (let i = 1; i + 1 < outline.length; i++) {
    const triangle = [apex, elementAt(outline, i), elementAt(outline, i + 1)];
    const turn = polygonArea(triangle);
    if (turn === 0) continue;
    const part = sharedPart(convex, triangle);
    if (part.length > 2) area += Math.sign(turn) * Math.abs(polygonArea(part));
  }
  return Math.abs(area);
}
