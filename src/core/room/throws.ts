import { elementAt } from '../base/list';
import { HAIR_MM } from '../base/tolerance';
import { sum, type Mm } from '../base/units';
import type { Item, Lie, Piece, Placement } from '../model/types';
import type { RuleBook } from '../rules/book';
import { BACK_OF_SEAT } from './kinds';

/** The ways in which a throw is laid over something. */
const DRAPED = ['overBack', 'corner', 'acrossSeat', 'overArm', 'acrossFoot'] as const;
export type Draped = (typeof DRAPED)[number];
export const isDraped = (lie: Lie): lie is Draped => (DRAPED as readonly Lie[]).includes(lie);

/** What a throw passes on its way, from the end that is out of sight or on the left. */
export type ThrowPart =
  | 'behind'
  | 'top'
  | 'back'
  | 'seat'
  | 'front'
  | 'tucked'
  | 'outside'
  | 'arm'
  | 'inside'
  | 'left'
  | 'bed'
  | 'right';
type Stretch = { part: ThrowPart; lengthMm: Mm };
/** Where an end of a throw is: on which part, how far it stops short of that part's end, how much of it lies on the floor. */
export type ThrowEnd = { part: ThrowPart; shortMm: Mm; dragsMm: Mm };
export type ThrowPath = {
  /** How wide the folded cloth is, and how long. */
  bandMm: Mm;
  lengthMm: Mm;
  ends: readonly [ThrowEnd, ThrowEnd];
  /** How much of it lies on each part. */
  onParts: Partial<Record<ThrowPart, Mm>>;
};

/** What a throw is laid over; heights above the floor. */
export type ThrowHost = {
  seatTopMm: Mm;
  seatWidthMm: Mm;
  seatDepthMm: Mm;
  backTopMm: Mm;
  backDepthMm: Mm;
  armTopMm: Mm;
  armWidthMm: Mm;
  /** From the front of the whole piece to its back: as long is an arm. */
  depthMm: Mm;
};

type HostPiece = Pick<Piece, 'seat' | 'bed' | 'widthMm' | 'depthMm' | 'heightMm' | 'bottomMm'>;
/** A piece as a throw is laid over it; a bed by its headboard. */
export function throwHostOf({ bed, ...piece }: HostPiece): ThrowHost {
  const seat = bed ? null : piece.seat;
  const seatTopMm = seat?.heightMm ?? bed?.mattressMm ?? piece.bottomMm + piece.heightMm;
  const seatWidthMm = seat?.widthMm ?? piece.widthMm;
  const backDepthMm = seat ? Math.max(0, piece.depthMm - seat.depthMm) : 0;
  return {
    seatTopMm,
    seatWidthMm,
    seatDepthMm: seat?.depthMm ?? piece.depthMm,
    backTopMm: Math.max(seatTopMm, piece.bottomMm + piece.heightMm, bed?.headboardMm ?? 0),
    backDepthMm: Math.min(backDepthMm, BACK_OF_SEAT),
    armTopMm: Math.max(seatTopMm, seat?.armHeightMm ?? 0),
    armWidthMm: Math.max(0, (piece.widthMm - seatWidthMm) / 2),
    depthMm: piece.depthMm,
  };
}

/** How far a laid throw reaches past the edge of what it lies on, where there is nothing under it, and on which side. */
export type PastEdge = { byMm: Mm; side: 'left' | 'right' | 'both' | 'arm' };

/** null where all of its band has something under it. */
export function pastEdge(
  { lie, xMm }: { lie: Draped; xMm: Mm },
  { bandMm }: Pick<ThrowPath, 'bandMm'>,
  host: ThrowHost,
): PastEdge | null {
  if (lie === 'acrossFoot') return null;
  if (lie === 'overArm')
    return bandMm - host.depthMm > HAIR_MM ? { byMm: bandMm - host.depthMm, side: 'arm' } : null;
  const leftMm = bandMm / 2 - xMm - host.armWidthMm;
  const rightMm = xMm + bandMm / 2 - host.seatWidthMm - host.armWidthMm;
  const byMm = Math.max(leftMm, rightMm);
  if (byMm <= HAIR_MM) return null;
  if (leftMm > HAIR_MM && rightMm > HAIR_MM) return { byMm, side: 'both' };
  return { byMm, side: leftMm > rightMm ? 'left' : 'right' };
}

/** The fold that a throw has where nobody chose one. */
const USUAL_FOLD: Record<Draped, NonNullable<Placement['fold']>> = {
  overBack: 'thirds',
  corner: 'open',
  acrossSeat: 'halves',
  overArm: 'thirds',
  acrossFoot: 'thirds',
};
export const foldOf = ({ lie, fold }: Pick<Placement, 'lie' | 'fold'>): NonNullable<Placement['fold']> =>
  fold ?? (isDraped(lie) ? USUAL_FOLD[lie] : 'thirds');

/** How many layers lie over each other across a folded throw. */
export const LAYERS_OF: Record<NonNullable<Placement['fold']>, number> = { open: 1, halves: 2, thirds: 3 };

/** A cloth that is laid over something; bedding lies as it does on its bed. */
type LaidCloth = Pick<Item, 'widthMm' | 'heightMm'> & { kind?: Item['kind'] };

/** The sides of a cloth as it is laid: a throw runs along its long side, bedding lies across its bed with its own width. */
const sidesOf = ({ kind, widthMm, heightMm }: LaidCloth): { alongMm: Mm; acrossMm: Mm } =>
  kind === 'bedding'
    ? { alongMm: widthMm, acrossMm: heightMm }
    : { alongMm: Math.max(widthMm, heightMm), acrossMm: Math.min(widthMm, heightMm) };

/** How wide a laid cloth is: folded it is a band, tossed open over a corner it gathers. */
export function bandOf(item: LaidCloth, put: Draping, rules: RuleBook): Mm {
  const { acrossMm } = sidesOf(item);
  const fold = foldOf(put);
  if (fold === 'open' && put.lie === 'corner') return acrossMm * rules.number('throws.tossWidth');
  return acrossMm / LAYERS_OF[fold];
}

/** How it is put: across a bed its middle is there, or over the bed's middle where nobody said. */
type Draping = Pick<Placement, 'lie' | 'fold' | 'hangsMm'> & { xMm?: Mm };

/**
 * Where a throw runs that is laid over a seat, an arm or a bed: how wide its band is and where both its ends fall.
 * The first end hangs down by what was chosen, or by the studio's rule; the rest follows the surface under it.
 */
export function throwPath(
  item: LaidCloth,
  put: Draping & { lie: Draped },
  host: ThrowHost,
  rules: RuleBook,
): ThrowPath {
  const lengthMm = sidesOf(item).alongMm;
  const middleMm = put.xMm ?? host.seatWidthMm / 2;
  const { parts, startMm } = WAYS[put.lie]({ host, lengthMm, hangsMm: put.hangsMm, middleMm, rules });
  const stretches = placedAlong(parts);
  return {
    bandMm: bandOf(item, put, rules),
    lengthMm,
    ends: [endBefore(stretches, startMm), endAfter(stretches, startMm + lengthMm)],
    onParts: Object.fromEntries(
      stretches.flatMap(({ part, fromMm, toMm }) => {
        const onIt = Math.min(toMm, startMm + lengthMm) - Math.max(fromMm, startMm);
        return onIt > 0 ? [[part, onIt]] : [];
      }),
    ),
  };
}

type Way = (given: { host: ThrowHost; lengthMm: Mm; hangsMm: Mm | null; middleMm: Mm; rules: RuleBook }) => {
  /** What it passes, in order. */
  parts: readonly Stretch[];
  /** Where its first end is, from the beginning of those. */
  startMm: Mm;
};

const overTheBack =
  (usual: (lengthMm: Mm, host: ThrowHost, rules: RuleBook) => Mm): Way =>
  ({ host, lengthMm, hangsMm, rules }) => {
    const behindMm = hangsMm ?? usual(lengthMm, host, rules);
    return {
      parts: [
        { part: 'behind', lengthMm: host.backTopMm },
        { part: 'top', lengthMm: host.backDepthMm },
        { part: 'back', lengthMm: host.backTopMm - host.seatTopMm },
        { part: 'seat', lengthMm: host.seatDepthMm },
        { part: 'front', lengthMm: host.seatTopMm },
      ],
      startMm: host.backTopMm - Math.min(behindMm, lengthMm),
    };
  };

const WAYS: Record<Draped, Way> = {
  overBack: overTheBack((lengthMm, _host, rules) =>
    Math.min(lengthMm / 3, rules.number('throws.hangsBehind')),
  ),
  corner: overTheBack((lengthMm, { backDepthMm }) => Math.max(0, lengthMm - backDepthMm) / 2),
  // what would lie on the floor in front is tucked in at the back (common practice)
  acrossSeat: ({ host, lengthMm, hangsMm, rules }) => {
    const showsMm = host.seatDepthMm + Math.max(0, host.seatTopMm - rules.number('throws.clearFloor'));
    const tuckedMm = Math.min(lengthMm, hangsMm ?? Math.max(0, lengthMm - showsMm));
    return {
      parts: [
        { part: 'tucked', lengthMm },
        { part: 'seat', lengthMm: host.seatDepthMm },
        { part: 'front', lengthMm: host.seatTopMm },
      ],
      startMm: lengthMm - tuckedMm,
    };
  },
  overArm: ({ host, lengthMm, hangsMm, rules }) => {
    const evenMm = Math.max(0, lengthMm - host.armWidthMm) / 2;
    const clearMm = Math.max(0, host.armTopMm - rules.number('throws.clearFloor'));
    return {
      parts: [
        { part: 'outside', lengthMm: host.armTopMm },
        { part: 'arm', lengthMm: host.armWidthMm },
        { part: 'inside', lengthMm: host.armTopMm - host.seatTopMm },
        { part: 'seat', lengthMm: host.seatWidthMm },
      ],
      startMm: host.armTopMm - Math.min(lengthMm, hangsMm ?? Math.min(evenMm, clearMm)),
    };
  },
  acrossFoot: ({ host, lengthMm, middleMm }) => ({
    parts: [
      { part: 'left', lengthMm: host.seatTopMm },
      { part: 'bed', lengthMm: host.seatWidthMm },
      { part: 'right', lengthMm: host.seatTopMm },
    ],
    startMm: host.seatTopMm + middleMm - lengthMm / 2,
  }),
};

type Along = { part: ThrowPart; fromMm: Mm; toMm: Mm };

function placedAlong(parts: readonly Stretch[]): Along[] {
  return parts.map(({ part, lengthMm }, i) => {
    const fromMm = sum(parts.slice(0, i).map((p) => p.lengthMm));
    return { part, fromMm, toMm: fromMm + lengthMm };
  });
}

/** An end towards the beginning: short of where its part begins. */
function endBefore(along: readonly Along[], atMm: Mm): ThrowEnd {
  const { part, fromMm } = along.find(({ toMm }) => atMm < toMm) ?? elementAt(along, along.length - 1);
  return { part, shortMm: Math.max(0, atMm - fromMm), dragsMm: Math.max(0, fromMm - atMm) };
}

/** An end towards the finish: short of where its part ends. */
function endAfter(along: readonly Along[], atMm: Mm): ThrowEnd {
  const { part, toMm } = along.find((a) => atMm <= a.toMm) ?? elementAt(along, along.length - 1);
  return { part, shortMm: Math.max(0, toMm - atMm), dragsMm: Math.max(0, atMm - toMm) };
}

/** How thick folded cloth is, as it is seen from its edge. */
const CLOTH: Mm = 15;

/**
 * What a throw takes up as it is laid: its size, its lowest end, how far out its back is from the back of what it is on, and
 * the legs of one that hangs down on both sides.
 */
export type ThrowBox = {
  widthMm: Mm;
  depthMm: Mm;
  heightMm: Mm;
  zMm: Mm;
  outMm: Mm;
  /** Where its middle is across what it lies on; null where that is where it was put. */
  middleMm: Mm | null;
  legsMm: [Mm, Mm] | null;
};

/** The middle of what lies on a bed: from its left edge where one end hangs down there. */
function middleOn({ ends: [first], onParts }: ThrowPath): Mm {
  const fromMm = first.part === 'bed' ? first.shortMm : 0;
  return fromMm + (onParts.bed ?? 0) / 2;
}

/** The box that a laid throw fills; of one over an arm or a bed also how far both legs hang down. */
export function throwBox(path: ThrowPath, lie: Draped, host: ThrowHost): ThrowBox {
  const on = (part: ThrowPart): Mm => path.onParts[part] ?? 0;
  if (lie === 'overArm' || lie === 'acrossFoot') {
    const [topMm, crossesMm] =
      lie === 'overArm' ? [host.armTopMm, host.armWidthMm] : [host.seatTopMm, host.seatWidthMm];
    const legsMm: [Mm, Mm] = lie === 'overArm' ? [on('outside'), on('inside')] : [on('left'), on('right')];
    const hangsMm = Math.max(...legsMm);
    const overMm = Math.min(crossesMm, on('arm') + on('bed'));
    return {
      widthMm: hangsMm > 0 ? overMm + 2 * CLOTH : overMm,
      depthMm: path.bandMm,
      heightMm: hangsMm + CLOTH,
      zMm: topMm - hangsMm,
      outMm: 0,
      middleMm: lie === 'acrossFoot' ? middleOn(path) : null,
      legsMm,
    };
  }
  const isOverBack = lie !== 'acrossSeat';
  const topMm = isOverBack ? host.backTopMm : host.seatTopMm;
  const lowMm = on('seat') > 0 || on('front') > 0 ? host.seatTopMm - on('front') : topMm - on('back');
  return {
    widthMm: path.bandMm,
    depthMm: Math.max(CLOTH, (isOverBack ? host.backDepthMm : 0) + on('seat')),
    heightMm: topMm - lowMm + CLOTH,
    zMm: lowMm,
    outMm: isOverBack ? 0 : host.backDepthMm,
    middleMm: null,
    legsMm: null,
  };
}
