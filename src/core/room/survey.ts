/** A room walked round with the tape: from readings to corners, and what to do when they do not meet. */
import { elementAt, first } from '../base/list';
import { fail, ok, type Result } from '../base/result';
import type { Deg, Mm } from '../base/units';
import { distance, step, wayOf, type Point } from '../geometry/plane';
import type { Room } from '../model/types';
import { cornerName, type Corner } from './cornerName';
import { firstCrossing, wallsOf } from './walls';

/** One wall's length, and the turn taken at its end: to the right is positive, straight on is 0. */
export type Leg = { lengthMm: Mm; turnDeg: Deg };

/** One reading that, set to `to`, brings the walk round best; `leftMm` is what then remains open. */
export type Correction = { what: 'length' | 'turn'; leg: number; from: number; to: number; leftMm: Mm };

export type Survey = {
  corners: Point[];
  /**
   * How far the end lies east and south of the start, and straight; how much more or less than once round was
   * turned.
   */
  open: { eastMm: Mm; southMm: Mm; mm: Mm; turnDeg: Deg };
  /** Best first; readings that close it equally well follow one another. Empty when it closes. */
  corrections: Correction[];
};

/** Turns closer than this to what was meant count as the same. */
const SAME_TURN: Deg = 0.05;
const norm = (deg: Deg): Deg => (((deg % 360) + 540) % 360) - 180;

function walk(legs: readonly Leg[], startDeg: Deg, start: Point): { corners: Point[]; end: Point } {
  const corners: Point[] = [];
  let point = start;
  let headingDeg = startDeg + 90;
  for (const leg of legs) {
    corners.push(point);
    point = step(point, wayOf(headingDeg), leg.lengthMm);
    headingDeg += leg.turnDeg;
  }
  return { corners, end: point };
}

/**
 * Walks the legs from `start`, the first along a wall that is faced at startDeg (0: north, so it runs east).
 * When the turns add up, each length is tried for how near the end comes to the start with that one reading
 * changed (its part of the gap along its own wall is taken up, the rest stays open); when they do not, each
 * turn. The arithmetic is that of a closed traverse: latitudes and departures.
 */
export function surveyOf(legs: readonly Leg[], startDeg: Deg = 0, start: Point = { xMm: 0, yMm: 0 }): Survey {
  const { corners, end } = walk(legs, startDeg, start);
  const [eastMm, southMm] = [end.xMm - start.xMm, end.yMm - start.yMm];
  const open = {
    eastMm,
    southMm,
    mm: Math.hypot(eastMm, southMm),
    turnDeg: legs.reduce((s, l) => s + l.turnDeg, 0) - 360,
  };
  const corrections = Math.abs(open.turnDeg) <= SAME_TURN ? lengthCorrections() : turnCorrections();
  return {
    corners,
    open,
    corrections: corrections.sort(
      (a, b) =>
        a.leftMm - b.leftMm ||
        Math.abs(a.to - a.from) / Math.max(1, a.from) - Math.abs(b.to - b.from) / Math.max(1, b.from),
    ),
  };

  function lengthCorrections(): Correction[] {
    if (open.mm < 0.01) return [];
    return legs.flatMap((leg, i): Correction[] => {
      const next = corners[i + 1] ?? end;
      if (leg.lengthMm <= 0) return [];
      const way = {
        xMm: (next.xMm - elementAt(corners, i).xMm) / leg.lengthMm,
        yMm: (next.yMm - elementAt(corners, i).yMm) / leg.lengthMm,
      };
      const changeMm = -(eastMm * way.xMm + southMm * way.yMm);
      const correctedMm = leg.lengthMm + changeMm;
      return correctedMm > 0 && Math.abs(changeMm) > 0.01
        ? [
            {
              what: 'length',
              leg: i,
              from: leg.lengthMm,
              to: correctedMm,
              leftMm: Math.hypot(eastMm + changeMm * way.xMm, southMm + changeMm * way.yMm),
            },
          ]
        : [];
    });
  }
  function turnCorrections(): Correction[] {
    return legs.flatMap((leg, i): Correction[] => {
      const correctedDeg = leg.turnDeg - open.turnDeg;
      if (Math.abs(correctedDeg) >= 180 - SAME_TURN) return [];
      const mended = walk(
        legs.map((l, k) => (k === i ? { ...l, turnDeg: correctedDeg } : l)),
        startDeg,
        start,
      );
      return [
        { what: 'turn', leg: i, from: leg.turnDeg, to: correctedDeg, leftMm: distance(mended.end, start) },
      ];
    });
  }
}

export type OutlineIssue =
  | { code: 'does-not-close'; mm: Mm; corner: Corner; survey: Survey }
  | { code: 'turns-do-not-close'; turnDeg: Deg; survey: Survey }
  | { code: 'walls-cross'; leg: number }
  | { code: 'leg-not-positive'; leg: number }
  | { code: 'too-few-legs' };

/** The corners of a walk, if it comes back to where it began within toleranceMm and no walls cross. */
export function outlineFromWalk(
  legs: readonly Leg[],
  toleranceMm: Mm,
  startDeg: Deg = 0,
  start: Point = { xMm: 0, yMm: 0 },
): Result<Point[], OutlineIssue> {
  if (legs.length < 3) return fail<OutlineIssue>({ code: 'too-few-legs' });
  const bad = legs.findIndex((l) => !(l.lengthMm > 0));
  if (bad >= 0) return fail<OutlineIssue>({ code: 'leg-not-positive', leg: bad });
  const survey = surveyOf(legs, startDeg, start);
  if (Math.abs(survey.open.turnDeg) > SAME_TURN)
    return fail<OutlineIssue>({ code: 'turns-do-not-close', turnDeg: survey.open.turnDeg, survey });
  if (survey.open.mm > toleranceMm + 1e-6)
    return fail<OutlineIssue>({
      code: 'does-not-close',
      mm: survey.open.mm,
      corner: cornerName(survey.corners, 0),
      survey,
    });
  const crossing = firstCrossing(survey.corners);
  if (crossing !== undefined) return fail<OutlineIssue>({ code: 'walls-cross', leg: crossing });
  return ok(survey.corners);
}

/** Readings that come as near as this to one another close a walk equally well. */
const ALIKE_MM: Mm = 0.5;

/** The walk with one reading set to what brings it round. */
export const corrected = (legs: readonly Leg[], { what, leg, to }: Correction): Leg[] =>
  legs.map((l, i) => (i === leg ? { ...l, [what === 'length' ? 'lengthMm' : 'turnDeg']: to } : l));

/**
 * The readings that, each changed alone, make the walk an outline; where none does (`closes` false), those that
 * come nearest. What is offered was tried: one that would make walls cross is none of them.
 */
export function closingReadings(
  legs: readonly Leg[],
  toleranceMm: Mm,
  startDeg: Deg = 0,
  start?: Point,
): { closes: boolean; readings: Correction[] } {
  const { corrections } = surveyOf(legs, startDeg, start);
  const closing = corrections.filter(
    (c) => outlineFromWalk(corrected(legs, c), toleranceMm, startDeg, start).ok,
  );
  if (closing.length > 0) return { closes: true, readings: closing };
  const bestMm = corrections[0]?.leftMm ?? 0;
  return { closes: false, readings: corrections.filter((c) => c.leftMm <= bestMm + ALIKE_MM) };
}

/** The walk that gives this outline again, and the side that its first wall faces. */
export function walkOfOutline(room: Pick<Room, 'walls'>): { legs: Leg[]; startDeg: Deg } {
  const walls = wallsOf(room);
  const legs = walls.map((wall, i): Leg => {
    const turn = norm(elementAt(walls, (i + 1) % walls.length).facingDeg - wall.facingDeg);
    const square = Math.round(turn / 45) * 45;
    return {
      lengthMm: wall.lengthMm,
      turnDeg: Math.abs(turn - square) < 0.2 ? square : Number(turn.toFixed(2)),
    };
  });
  return { legs, startDeg: first(walls).facingDeg };
}

/**
 * The legs with the last two lengths set so that the walk comes back to where it began; undefined when no
 * lengths can.
 */
export function closeWalk(legs: readonly Leg[]): Leg[] | undefined {
  const n = legs.length;
  if (n < 3 || Math.abs(legs.reduce((s, l) => s + l.turnDeg, 0) - 360) > SAME_TURN) return undefined;
  const { end } = walk(legs.slice(0, n - 2), 0, { xMm: 0, yMm: 0 });
  const headings = legs.reduce<Deg[]>(
    (hs, _l, i) => [...hs, i === 0 ? 90 : elementAt(hs, i - 1) + elementAt(legs, i - 1).turnDeg],
    [],
  );
  const [u, v] = [wayOf(elementAt(headings, n - 2)), wayOf(elementAt(headings, n - 1))];
  const det = u.xMm * v.yMm - u.yMm * v.xMm;
  if (Math.abs(det) < 1e-6) return undefined;
  const a = (-end.xMm * v.yMm + end.yMm * v.xMm) / det;
  const b = (-u.xMm * end.yMm + u.yMm * end.xMm) / det;
  if (!(a > 0.5 && b > 0.5)) return undefined;
  return legs.map((l, i) => {
    if (i === n - 2) return { ...l, lengthMm: a };
    return i === n - 1 ? { ...l, lengthMm: b } : l;
  });
}
