/**
 * Where the pieces of a row, column, grid, stair, hinged row or pair hang: middles from the middle of the
 * whole, x to the right, y up, mm.
 */
import { elementAt } from '../../base/list';
import type { Deg, Mm } from '../../base/units';
import type { GroupKind, HangingGroup } from '../../model/types';
import type { GalleryLayout } from '../../packing/frames';

export type Sized = { id: string; widthMm: Mm; heightMm: Mm };
export type At = { dxMm: Mm; dyMm: Mm };
export type LayoutAsk = {
  kind: Exclude<GroupKind, 'free'>;
  hinge: HangingGroup['hinge'];
  gapMm: Mm;
  columns: number | null;
  pitchDeg: Deg;
  /** From the axis to the nearest edge of a pair; null: half a gap. */ apartMm: Mm | null;
};

/** Places of the pieces in their order; recentred, so that the outline's middle is at 0. */
export function layOut(pieces: readonly Sized[], ask: LayoutAsk): Map<string, At> {
  if (pieces.length === 0) return new Map();
  switch (ask.kind) {
    case 'row':
      return recentred(pieces, row(pieces, ask.gapMm, 'centres'));
    case 'hinged':
      return recentred(
        pieces,
        ask.hinge === 'line' ? onLine(pieces, ask.gapMm) : row(pieces, ask.gapMm, ask.hinge),
      );
    case 'column':
      return recentred(pieces, column(pieces, ask.gapMm));
    case 'grid':
      return recentred(pieces, grid(pieces, ask.gapMm, ask.columns ?? usualColumns(pieces.length)));
    case 'stair':
      return recentred(pieces, stair(pieces, ask.gapMm, ask.pitchDeg));
    // a pair keeps its axis in the middle, whatever its sizes
    case 'pair':
      return pair(pieces, ask.gapMm, ask.apartMm ?? ask.gapMm / 2);
  }
}

/** As square as the count allows, wider than high. */
export const usualColumns = (count: number): number => Math.max(1, Math.ceil(Math.sqrt(count)));

/** Which way from the line that a row hangs on its middles are. */
const HINGED = { tops: -1, centres: 0, bottoms: 1 } as const;

function row(pieces: readonly Sized[], gap: Mm, hinge: keyof typeof HINGED): Map<string, At> {
  const positions = new Map<string, At>();
  let x = 0;
  for (const p of pieces) {
    positions.set(p.id, { dxMm: x + p.widthMm / 2, dyMm: HINGED[hinge] * (p.heightMm / 2) });
    x += p.widthMm + gap;
  }
  return positions;
}
/**
 * Two rows hinged on one line: bottoms half a gap above it, tops half a gap below; by turns above and below,
 * each row its own run.
 */
function onLine(pieces: readonly Sized[], gap: Mm): Map<string, At> {
  const rows = [pieces.filter((_, i) => i % 2 === 0), pieces.filter((_, i) => i % 2 === 1)];
  const widths = rows.map((r) => r.reduce((s, p) => s + p.widthMm + gap, -gap));
  const positions = new Map<string, At>();
  rows.forEach((r, k) => {
    let x = -widths[k]! / 2;
    for (const p of r) {
      positions.set(p.id, { dxMm: x + p.widthMm / 2, dyMm: (k === 0 ? 1 : -1) * (gap / 2 + p.heightMm / 2) });
      x += p.widthMm + gap;
    }
  });
  return positions;
}
function column(pieces: readonly Sized[], gap: Mm): Map<string, At> {
  const positions = new Map<string, At>();
  let y = 0;
  for (const p of pieces) {
    positions.set(p.id, { dxMm: 0, dyMm: y - p.heightMm / 2 });
    y -= p.heightMm + gap;
  }
  return positions;
}
function grid(pieces: readonly Sized[], gap: Mm, columns: number): Map<string, At> {
  const rows = Math.ceil(pieces.length / columns);
  const widest = Array.from({ length: columns }, (_, c) =>
    Math.max(0, ...pieces.filter((_p, i) => i % columns === c).map((p) => p.widthMm)),
  );
  const highest = Array.from({ length: rows }, (_, r) =>
    Math.max(0, ...pieces.slice(r * columns, (r + 1) * columns).map((p) => p.heightMm)),
  );
  const positions = new Map<string, At>();
  pieces.forEach((p, i) => {
    const [c, r] = [i % columns, Math.floor(i / columns)];
    const lengthOf = (sizes: readonly Mm[], n: number) => sizes.slice(0, n).reduce((s, v) => s + v + gap, 0);
    positions.set(p.id, {
      dxMm: lengthOf(widest, c) + elementAt(widest, c) / 2,
      dyMm: -(lengthOf(highest, r) + elementAt(highest, r) / 2),
    });
  });
  return positions;
}
/** Middles on a line that rises as the stair does; equal gaps along the wall. */
function stair(pieces: readonly Sized[], gap: Mm, pitchDeg: Deg): Map<string, At> {
  const level = row(pieces, gap, 'centres');
  const rise = Math.tan((pitchDeg * Math.PI) / 180);
  return new Map([...level].map(([id, a]) => [id, { dxMm: a.dxMm, dyMm: a.dxMm * rise }]));
}
/** By turns left and right of the axis, each side outwards from it; all middles at one height. */
function pair(pieces: readonly Sized[], gap: Mm, apart: Mm): Map<string, At> {
  const positions = new Map<string, At>();
  const reach = [apart, apart];
  pieces.forEach((p, i) => {
    const side = i % 2;
    positions.set(p.id, { dxMm: (side === 0 ? -1 : 1) * (reach[side]! + p.widthMm / 2), dyMm: 0 });
    reach[side] = reach[side]! + p.widthMm + gap;
  });
  return positions;
}

/** The outline of placed pieces, from the same middle. */
export function outlineOf(
  pieces: readonly Sized[],
  positions: ReadonlyMap<string, At>,
): { leftMm: Mm; rightMm: Mm; bottomMm: Mm; topMm: Mm } {
  let [leftMm, rightMm, bottomMm, topMm] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const p of pieces) {
    const a = positions.get(p.id);
    if (!a) continue;
    leftMm = Math.min(leftMm, a.dxMm - p.widthMm / 2);
    rightMm = Math.max(rightMm, a.dxMm + p.widthMm / 2);
    bottomMm = Math.min(bottomMm, a.dyMm - p.heightMm / 2);
    topMm = Math.max(topMm, a.dyMm + p.heightMm / 2);
  }
  return leftMm === Infinity
    ? { leftMm: 0, rightMm: 0, bottomMm: 0, topMm: 0 }
    : { leftMm, rightMm, bottomMm, topMm };
}
function recentred(pieces: readonly Sized[], positions: Map<string, At>): Map<string, At> {
  const o = outlineOf(pieces, positions);
  const [x, y] = [(o.leftMm + o.rightMm) / 2, (o.bottomMm + o.topMm) / 2];
  return new Map([...positions].map(([id, a]) => [id, { dxMm: a.dxMm - x, dyMm: a.dyMm - y }]));
}

/**
 * The group as it stands once a layout is taken: by the rules as long as it stands where they want it, else
 * where it was found.
 */
export const groupTaken = (
  group: HangingGroup,
  middle: { xMm: Mm; centreMm: Mm },
  { settled }: Pick<GalleryLayout, 'settled'>,
): HangingGroup =>
  settled && group.centreMm === null
    ? { ...group, kind: 'free', xMm: group.xMm === null ? null : middle.xMm }
    : { ...group, kind: 'free', xMm: middle.xMm, centreMm: middle.centreMm, aboveMm: null };
