/**
 * The stretch that one rod covers: a window, or several round the corners of a bay, laid out straight along
 * the rod.
 */
import { findOne, first, last } from '../../base/list';
import type { Deg, Mm } from '../../base/units';
import { overlapLength } from '../../geometry/plane';
import { floorLine } from '../../room/floor';
import type { Opening } from '../../model/types';
import type { Wall } from '../../room/walls';

/**
 * One wall's part of the rod. A place x on the wall lies at x + offMm along the rod; the rod runs on this
 * wall from fromXMm to toXMm (by ENDLESS where it does not turn). A single window has one part with offMm 0:
 * along the rod is along the wall.
 */
export type SpanPart = { wallId: string; opening: Opening; offMm: Mm; fromXMm: Mm; toXMm: Mm };
export type Span = {
  parts: readonly SpanPart[];
  /** Turns of the rod, for the hardware: how far each is from straight. */ bendsDeg: readonly Deg[];
};

/** Farther than any wall is long; a number, since a plan is also sent as JSON. */
const ENDLESS: Mm = 1_000_000;

export const straightSpan = (opening: Opening): Span => ({
  parts: [{ wallId: opening.wallId, opening, offMm: 0, fromXMm: -ENDLESS, toXMm: ENDLESS }],
  bendsDeg: [],
});

/** The angle inside the room between a wall and the next: 180 is straight on, less is an inner corner. */
export const insideAngle = (wall: Pick<Wall, 'facingDeg'>, next: Pick<Wall, 'facingDeg'>): Deg =>
  180 - (((((next.facingDeg - wall.facingDeg) % 360) + 540) % 360) - 180);

/**
 * How much nearer than the corner a rod turns that stands off both walls: p ÷ tan(θ ÷ 2), by plane geometry.
 * Negative at a corner that juts into the room, where the rod goes round outside.
 */
export const turnsBeforeMm = (standOffMm: Mm, insideDeg: Deg): Mm =>
  standOffMm / Math.tan(((insideDeg / 2) * Math.PI) / 180);

/**
 * Windows on walls that follow one another, under one rod bent at each corner; windows in order from the
 * left.
 */
export function bentSpan(stops: readonly Stop[], standOffMm: Mm): Span {
  const parts: SpanPart[] = [];
  const bendsDeg: Deg[] = [];
  let offMm = 0;
  stops.forEach((stop, i) => {
    const { opening, wall } = stop;
    const [previous, next] = [stops[i - 1], stops[i + 1]];
    const fromXMm = previous ? startsAt(previous, stop, standOffMm) : -ENDLESS;
    const toXMm = next ? endsAt(stop, next, standOffMm) : ENDLESS;
    if (previous && previous.wall.id !== wall.id) {
      offMm = endsAt(previous, stop, standOffMm) + (parts[i - 1]?.offMm ?? 0) - fromXMm;
      bendsDeg.push(180 - insideAngle(previous.wall, wall));
    }
    parts.push({ wallId: wall.id, opening, offMm, fromXMm, toXMm });
  });
  return { parts, bendsDeg };
}

/** A window under the rod, on its wall. */
type Stop = { opening: Opening; wall: Wall };

const middleBetween = (a: Opening, b: Opening): Mm => (a.xMm + a.widthMm + b.xMm) / 2;

/** Where a window's part of the rod begins: half way from the one on its wall, or where the rod turned. */
const startsAt = (previous: Stop, stop: Stop, standOffMm: Mm): Mm =>
  previous.wall.id === stop.wall.id
    ? middleBetween(previous.opening, stop.opening)
    : turnsBeforeMm(standOffMm, insideAngle(previous.wall, stop.wall));

const endsAt = (stop: Stop, next: Stop, standOffMm: Mm): Mm =>
  next.wall.id === stop.wall.id
    ? middleBetween(stop.opening, next.opening)
    : stop.wall.lengthMm - turnsBeforeMm(standOffMm, insideAngle(stop.wall, next.wall));

/** The outer edge of the first window's trim to that of the last, along the rod. */
export const outerOf = (span: Span): { leftMm: Mm; rightMm: Mm } => {
  const [a, b] = [first(span.parts), last(span.parts)];
  return {
    leftMm: a.opening.xMm - a.opening.trimMm + a.offMm,
    rightMm: b.opening.xMm + b.opening.widthMm + b.opening.trimMm + b.offMm,
  };
};

/** The glass along the rod. */
export const glassOf = (span: Span): { fromMm: Mm; toMm: Mm }[] =>
  span.parts.map((p) => ({
    fromMm: p.opening.xMm + p.offMm,
    toMm: p.opening.xMm + p.opening.widthMm + p.offMm,
  }));

/** The stretches of the walls that a stretch of the rod hangs before, in order. */
export function onWalls(span: Span, fromMm: Mm, toMm: Mm): { wallId: string; fromXMm: Mm; toXMm: Mm }[] {
  const merged: { wallId: string; fromXMm: Mm; toXMm: Mm }[] = [];
  for (const p of span.parts) {
    // two windows of one wall share it; it is reported once
    if (merged.some((m) => m.wallId === p.wallId)) continue;
    const last = findOne([...span.parts].reverse(), (q) => q.wallId === p.wallId);
    const [a, b] = [Math.max(fromMm - p.offMm, p.fromXMm), Math.min(toMm - p.offMm, last.toXMm)];
    if (b > a + 1e-6) merged.push({ wallId: p.wallId, fromXMm: a, toXMm: b });
  }
  return merged;
}

/** Highest and lowest floor under a stretch of the rod, and whether it was measured everywhere. */
export function floorOf(span: Span, fromMm: Mm, toMm: Mm): { highMm: Mm; lowMm: Mm; measured: boolean } {
  let [highMm, lowMm] = [-Infinity, Infinity];
  for (const p of span.parts) {
    const floor = floorLine(p.opening);
    const [lo, hi] = [Math.max(fromMm - p.offMm, p.fromXMm), Math.min(toMm - p.offMm, p.toXMm)];
    if (hi < lo - 1e-6) continue;
    const o = p.opening;
    const heights = [
      lo,
      ...[o.xMm, o.xMm + o.widthMm / 2, o.xMm + o.widthMm].filter((x) => x > lo && x < hi),
      Math.max(lo, hi),
    ].map((x) => floor.atMm(x));
    highMm = Math.max(highMm, ...heights);
    lowMm = Math.min(lowMm, ...heights);
  }
  const measured = span.parts.every((p) => p.opening.dropsMm !== null);
  return highMm === -Infinity ? { highMm: 0, lowMm: 0, measured } : { highMm, lowMm, measured };
}

/** How much of the glass lies under stretches of the rod. */
export const glassUnder = (span: Span, stretches: readonly { fromMm: Mm; toMm: Mm }[]): Mm =>
  glassOf(span).reduce(
    (sum, g) =>
      sum +
      Math.min(
        g.toMm - g.fromMm,
        stretches.reduce((s, x) => s + overlapLength(x.fromMm, x.toMm, g.fromMm, g.toMm), 0),
      ),
    0,
  );
