import { elementAt } from '../base/list';
import type { Mm, SquareMm } from '../base/units';
import { sharedPart } from './convex';
import { polygonArea, type Box, type Point } from './plane';

/** A line that boxes end at: straight between its points, from left to right. */
export type UpperEdge = readonly { xMm: Mm; heightMm: Mm }[];
/** What is seen of a sheet: its frame, and an edge that some of the boxes end at. */
type Sheet = { frame: Box; under?: { edge: UpperEdge; ends: (box: number) => boolean } };
type Span = readonly [number, number];

/** The cells of one column that are seen, from the front: of which box, and how large. */
type SeenCells = { boxes: number[]; areasMm2: number[] };
/** What was seen of some boxes, and in which columns, for the next time that they are looked at. */
export type Seen = {
  areas: SquareMm[];
  boxes: readonly Box[];
  spans: Spans;
  xs: Float64Array;
  columns: readonly SeenCells[];
};

/**
 * Visible area of each box when they are laid over one another in the given order, the last in front. Boxes are cut to the
 * sheet. Exact for boxes: the sheet is cut into columns along every upright edge, each column along the level edges of
 * the boxes in it, and each cell belongs to the frontmost box.
 */
export const visibleAreas = (boxes: readonly Box[], sheet: Sheet): SquareMm[] => seenOf(boxes, sheet).areas;

/**
 * The same, with what the next look at these boxes may keep: columns beside everything that has moved since are as they were.
 * On the same sheet, whose boxes end at the edge as before.
 */
export function seenOf(boxes: readonly Box[], sheet: Sheet, before?: Seen): Seen {
  const spans = spansWithin(boxes, sheet.frame);
  const edge = sheet.under?.edge ?? [];
  const xs = upright(spans, edge);
  const kept = before && keptColumns(before, { boxes, spans, xs });
  const columnAt = columnsOf(spans, kept ? kept.moved : [-Infinity, Infinity]);
  const cells = new Cells(2 * boxes.length);
  const columns: SeenCells[] = [];
  for (let i = 0; i + 1 < xs.length; i++) {
    const known = kept?.columnAt(i);
    columns.push(known ?? seenInColumn([xs[i]!, xs[i + 1]!], { columnAt, cells, spans, sheet, edge }));
  }
  return { areas: areasOf(columns, boxes.length), boxes, spans, xs, columns };
}

/** How much is seen of each box; without what reckoning leaves, so that what moves in front of nothing changes nothing. */
function areasOf(columns: readonly SeenCells[], count: number): SquareMm[] {
  const areas = new Array<SquareMm>(count).fill(0);
  for (const column of columns)
    for (let c = 0; c < column.boxes.length; c++) areas[column.boxes[c]!]! += column.areasMm2[c]!;
  return areas.map((mm2) => Math.round(mm2 * 1e5) / 1e5);
}

type Swept = {
  columnAt: (middle: number) => Column;
  cells: Cells;
  spans: Spans;
  sheet: Sheet;
  edge: UpperEdge;
};

function seenInColumn([start, end]: Span, { columnAt, cells, spans, sheet, edge }: Swept): SeenCells {
  const { boxes: column, ys } = columnAt((start + end) / 2);
  const heights = heightsOver(edge, start, end);
  const seen: SeenCells = { boxes: [], areasMm2: [] };
  cells.reset(ys.length - 1);
  for (let c = column.length - 1; c >= 0 && cells.left > 0; c--) {
    const k = column[c]!;
    const high = spans.highs[k]!;
    const isCut = heights !== undefined && sheet.under!.ends(k);
    // what nothing in front of it has taken
    for (
      let j = cells.firstFree(positionIn(ys, spans.lows[k]!));
      j + 1 < ys.length && ys[j]! < high;
      j = cells.take(j)
    ) {
      const [foot, top] = [ys[j]!, ys[j + 1]!];
      if (foot === top) continue;
      seen.boxes.push(k);
      seen.areasMm2.push(isCut ? areaUnder(heights, end - start, foot, top) : (end - start) * (top - foot));
    }
  }
  return seen;
}

/** The columns that are as they were before: those beside the span in which something has moved. */
type KeptColumns = { moved: Span; columnAt: (i: number) => SeenCells | undefined };

/** What can be kept of an earlier look; nothing where boxes came or went. */
function keptColumns(
  before: Seen,
  { boxes, spans, xs }: Pick<Seen, 'boxes' | 'spans' | 'xs'>,
): KeptColumns | undefined {
  if (before.boxes.length !== boxes.length) return undefined;
  let [from, to] = [Infinity, -Infinity];
  for (let k = 0; k < boxes.length; k++) {
    if (isSameSpan(before.spans, spans, k)) continue;
    from = Math.min(from, before.spans.lefts[k]!, spans.lefts[k]!);
    to = Math.max(to, before.spans.rights[k]!, spans.rights[k]!);
  }
  const shift = before.xs.length - xs.length;
  const columnAt = (i: number) => {
    const at = xs[i + 1]! <= from ? i : i + shift;
    const isBeside = xs[i + 1]! <= from || xs[i]! >= to;
    const isSame = isBeside && before.xs[at] === xs[i] && before.xs[at + 1] === xs[i + 1];
    return isSame ? before.columns[at] : undefined;
  };
  return { moved: [from, to], columnAt };
}

const isSameSpan = (a: Spans, b: Spans, k: number): boolean =>
  a.lefts[k] === b.lefts[k] &&
  a.rights[k] === b.rights[k] &&
  a.lows[k] === b.lows[k] &&
  a.highs[k] === b.highs[k];

/** Left and right ends, lower and upper ends of boxes, by their index. */
type Spans = { lefts: Float64Array; rights: Float64Array; lows: Float64Array; highs: Float64Array };

function spansWithin(boxes: readonly Box[], frame: Box): Spans {
  const count = boxes.length;
  const lefts = new Float64Array(count);
  const rights = new Float64Array(count);
  const lows = new Float64Array(count);
  const highs = new Float64Array(count);
  const [right, high] = [frame.xMm + frame.widthMm, frame.yMm + frame.heightMm];
  for (let k = 0; k < count; k++) {
    const box = boxes[k]!;
    lefts[k] = between(box.xMm, frame.xMm, right);
    rights[k] = between(box.xMm + box.widthMm, frame.xMm, right);
    lows[k] = between(box.yMm, frame.yMm, high);
    highs[k] = between(box.yMm + box.heightMm, frame.yMm, high);
  }
  return { lefts, rights, lows, highs };
}

const between = (mm: Mm, least: Mm, most: Mm): Mm => Math.min(Math.max(mm, least), most);

/** Where upright edges are, from left to right, each once. */
function upright({ lefts, rights }: Spans, edge: UpperEdge): Float64Array {
  const all = new Float64Array(2 * lefts.length + edge.length);
  all.set(lefts);
  all.set(rights, lefts.length);
  edge.forEach(({ xMm }, i) => (all[2 * lefts.length + i] = xMm));
  all.sort();
  let count = 0;
  for (const x of all) if (count === 0 || x !== all[count - 1]) all[count++] = x;
  return all.subarray(0, count);
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
 * right, it takes in and lets go of few at a time. Only columns that touch the span are asked.
 */
function columnsOf({ lefts, rights, lows, highs }: Spans, [from, to]: Span): (middle: number) => Column {
  const there: number[] = [];
  for (let k = 0; k < lefts.length; k++) if (lefts[k]! <= to && rights[k]! >= from) there.push(k);
  const coming = [...there].sort((j, k) => lefts[j]! - lefts[k]!);
  const going = there.sort((j, k) => rights[j]! - rights[k]!);
  let [next, last] = [0, 0];
  const boxes: number[] = [];
  const ys: number[] = [];
  const isIn = new Uint8Array(lefts.length);
  const column = { boxes, ys };
  return (middle) => {
    for (; last < going.length && rights[going[last]!]! <= middle; last++) {
      const k = going[last]!;
      if (isIn[k] === 0) continue;
      isIn[k] = 0;
      remove(boxes, k);
      remove(ys, lows[k]!);
      remove(ys, highs[k]!);
    }
    for (; next < coming.length && lefts[coming[next]!]! < middle; next++) {
      const k = coming[next]!;
      if (rights[k]! <= middle) continue;
      isIn[k] = 1;
      insert(boxes, k);
      insert(ys, lows[k]!);
      insert(ys, highs[k]!);
    }
    return column;
  };
}

/** How high an edge is at both ends of a column; undefined where the edge doesn't run. */
function heightsOver(edge: UpperEdge, left: Mm, right: Mm): Span | undefined {
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
const areaUnder = ([atLeft, atRight]: Span, width: Mm, foot: Mm, top: Mm): SquareMm =>
  width * (meanOver(atLeft - foot, atRight - foot) - meanOver(atLeft - top, atRight - top));

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
