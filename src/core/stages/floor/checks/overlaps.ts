import type { Mm, SquareMm } from '../../../base/units';
import { boundsOf, boxesMeet } from '../../../geometry/plane';
import type { Piece } from '../../../model/types';
import { hasTop } from '../../../room/kinds';
import { floorFinding, type FloorContext, type FloorFinding } from '../context';
import { sharedArea } from '../rugs';

const SHARED_HEIGHT: Mm = 10;
const SHARED_FLOOR: SquareMm = 2500;
/** So many of a heap are named. */
const NAMED = 4;
const GOES_UNDER: ReadonlySet<Piece['kind']> = new Set(['diningChair', 'bench', 'ottoman']);

/** Pieces that stand in each other's place, one finding a heap. */
export function checkOverlaps(context: FloorContext): FloorFinding[] {
  return heapsOf(context)
    .filter((heap) => heap.length > 1)
    .map((heap) =>
      floorFinding(
        'pieces-overlap',
        'caution',
        heap.map((p) => p.id),
        {
          count: heap.length,
          names: heap.slice(0, NAMED).map((p) => p.name),
          more: Math.max(0, heap.length - NAMED),
        },
      ),
    );
}

/** Pieces joined with everything that they stand in, directly or by way of others. */
function heapsOf({ file, shapeOf }: FloorContext): Piece[][] {
  const solid = file.pieces
    .filter((p) => p.kind !== 'rug')
    .map((piece) => ({ piece, shape: shapeOf(piece), bounds: boundsOf(shapeOf(piece)) }));
  const parent = solid.map((_, i) => i);
  const rootOf = (i: number): number => {
    const parentIndex = parent[i] ?? i;
    if (parentIndex === i) return i;
    const root = rootOf(parentIndex);
    parent[i] = root;
    return root;
  };
  solid.forEach((a, i) =>
    solid.slice(i + 1).forEach((b, k) => {
      if (!boxesMeet(a.bounds, b.bounds) || !sharesHeight(a.piece, b.piece)) return;
      if (goesUnder(a.piece, b.piece) || goesUnder(b.piece, a.piece)) return;
      if (sharedArea(a.shape, b.shape) > SHARED_FLOOR) parent[rootOf(i + 1 + k)] = rootOf(i);
    }),
  );
  const heaps = new Map<number, Piece[]>();
  solid.forEach(({ piece }, i) => heaps.set(rootOf(i), [...(heaps.get(rootOf(i)) ?? []), piece]));
  return [...heaps.values()];
}

const sharesHeight = (a: Piece, b: Piece): boolean =>
  Math.min(a.bottomMm + a.heightMm, b.bottomMm + b.heightMm) - Math.max(a.bottomMm, b.bottomMm) >=
  SHARED_HEIGHT;

/** Chairs and stools go under tables. */
const goesUnder = (low: Piece, table: Piece): boolean => GOES_UNDER.has(low.kind) && hasTop(table);
