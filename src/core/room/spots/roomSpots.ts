import { clamp, inches, type Deg, type Mm } from '../../base/units';
import { step, wayOf, type Point } from '../../geometry/plane';
import type { Fitting, Opening, Piece, PieceKind } from '../../model/types';
import { topOfFitting } from '../fittingTop';
import { isGlazed } from '../kinds';
import { RUNG, rungsOf } from '../ladder';
import { asBed } from '../made';
import { pointOnWall, type Wall } from '../walls';
import type { PartKind } from './parts';
import type { Spot } from './spot';

/** One part of a host: where it begins along the host's width and depth, how large it is and how high. */
type Part = {
  part: string;
  kind: PartKind;
  leftMm: Mm;
  backMm: Mm;
  widthMm: Mm;
  depthMm: Mm;
  zMm: Mm;
  clearMm: Mm | null;
  /** Round or oval, as the whole of its host is. */
  round: boolean;
};

export type Built = {
  pieces: readonly Piece[];
  fittings: readonly Fitting[];
  openings: readonly Opening[];
  walls: readonly Wall[];
};

/** Thickness of a bookcase's boards and sides, as they are drawn. */
export const BOARD: Mm = 20;
/** Pieces whose top is no surface to put anything on. */
const TOPLESS: ReadonlySet<PieceKind> = new Set([
  'lamp',
  'floorLamp',
  'tableLamp',
  'rug',
  'plant',
  'mirror',
  'standingScreen',
  'ladder',
]);
/** The bottom of the basket in a stand, as it is drawn: a quarter of its height above the floor. */
const BASKET_AT = 0.25;

/** Every spot of the room itself, on what stands in it and on what is built in. */
export const spotsOfRoom = ({ pieces, fittings, openings, walls }: Built): Spot[] => [
  ...pieces.flatMap(spotsOfPiece),
  ...fittings.flatMap((f) => atWall(f, walls, partsOfFitting(f, fittings))),
  ...openings.flatMap((o) => atWall(o, walls, partsOfOpening(o))),
];

/** A part that is as wide and deep as the whole piece. */
const wholeOf = (
  { widthMm, depthMm, round = false }: Pick<Piece, 'widthMm' | 'depthMm'> & { round?: boolean },
  part: Pick<Part, 'part' | 'kind' | 'zMm'> & { clearMm?: Mm },
): Part => ({ clearMm: null, ...part, leftMm: 0, backMm: 0, widthMm, depthMm, round });

function partsOfPiece(piece: Piece): Part[] {
  const { seat } = piece;
  const topMm = piece.bottomMm + piece.heightMm;
  const bed = asBed(piece);
  if (bed) return [wholeOf(piece, { part: 'mattress', kind: 'mattress', zMm: bed.bed.mattressMm })];
  if (seat) {
    const leftMm = (piece.widthMm - seat.widthMm) / 2;
    return [
      {
        ...wholeOf(piece, { part: 'seat', kind: 'seat', zMm: seat.heightMm }),
        leftMm,
        widthMm: seat.widthMm,
      },
      ...armsOf(piece, seat, leftMm),
    ];
  }
  if (piece.kind === 'basketStand') {
    const zMm = piece.bottomMm + piece.heightMm * BASKET_AT;
    return [wholeOf(piece, { part: 'inside', kind: 'inside', zMm })];
  }
  if (piece.kind === 'ladder') return [...perchOf(piece, topMm), ...rungSpots(piece)];
  if (TOPLESS.has(piece.kind)) return perchOf(piece, topMm);
  return [wholeOf(piece, { part: 'top', kind: 'top', zMm: topMm }), ...boardsOf(piece, topMm)];
}

/** The top of what is no surface. */
const perchOf = (piece: Piece, zMm: Mm): Part[] => [wholeOf(piece, { part: 'top', kind: 'perch', zMm })];

/** What hangs over a rung hangs from its upper edge. */
const rungSpots = (piece: Piece): Part[] =>
  rungsOf(piece.heightMm).map((mm, i) =>
    wholeOf(piece, { part: `rung${i + 1}`, kind: 'rung', zMm: piece.bottomMm + mm + RUNG }),
  );

/** The arms of a seat whose height was measured. */
function armsOf(piece: Piece, { armHeightMm }: NonNullable<Piece['seat']>, widthMm: Mm): Part[] {
  if (armHeightMm <= 0 || widthMm <= 0) return [];
  return [0, piece.widthMm - widthMm].map((leftMm, i) => ({
    ...wholeOf(piece, { part: `arm${i + 1}`, kind: 'arm', zMm: piece.bottomMm + armHeightMm }),
    leftMm,
    widthMm,
  }));
}

/** The bays of a bookcase, or the lower shelves of a table, from the lowest. */
function boardsOf(piece: Piece, topMm: Mm): Part[] {
  const kind: PartKind = piece.kind === 'bookcase' ? 'bay' : 'lower';
  const side = piece.kind === 'bookcase' ? Math.min(BOARD, piece.widthMm / 4) : 0;
  const boards = [...piece.shelvesMm].filter((mm) => mm < piece.heightMm).sort((a, b) => a - b);
  return boards.map((mm, i) => {
    const nextMm = boards[i + 1] ?? piece.heightMm;
    return {
      part: `${kind}${i + 1}`,
      kind,
      leftMm: side,
      backMm: 0,
      widthMm: piece.widthMm - 2 * side,
      depthMm: piece.depthMm,
      round: piece.round,
      zMm: piece.bottomMm + mm,
      clearMm: Math.max(0, Math.min(topMm, piece.bottomMm + nextMm) - BOARD - piece.bottomMm - mm),
    };
  });
}

/** Fittings whose top is a surface; what lies in it divides it. */
const TOPPED: ReadonlySet<Fitting['kind']> = new Set(['shelf', 'openShelf', 'fridge', 'wallCabinet']);
const EDGED: ReadonlySet<Fitting['kind']> = new Set(['tub', 'basin', 'cistern']);
const HEARTHED: ReadonlySet<Fitting['kind']> = new Set(['fireplace', 'stove']);
/** Floor in front of a fire that is no place for what burns: 16 in (IRC R1001.10, hearth extension). */
const HEARTH: Mm = inches(16);
/** What divides a counter, and what is narrower than that it leaves no room for anything. */
const DIVIDES: ReadonlySet<Fitting['kind']> = new Set(['hob', 'basin', 'fridge']);
const NARROW: Mm = 50;
const LEVEL: Mm = 100;

function partsOfFitting(f: Fitting, all: readonly Fitting[]): Part[] {
  const parts: Part[] = [];
  if (f.mantel) {
    const { xMm, widthMm, topMm } = topOfFitting(f);
    const leftMm = xMm - f.xMm;
    parts.push({
      part: 'mantel',
      kind: 'mantel',
      leftMm,
      backMm: 0,
      widthMm,
      depthMm: f.mantel.depthMm,
      round: false,
      zMm: topMm,
      clearMm: null,
    });
  }
  const zMm = f.bottomMm + f.heightMm;
  if (TOPPED.has(f.kind) && f.depthMm > 0) parts.push(wholeOf(f, { part: 'top', kind: 'top', zMm }));
  if (EDGED.has(f.kind) && f.depthMm > 0) parts.push(wholeOf(f, { part: 'edge', kind: 'edge', zMm }));
  if (f.kind === 'hob' && f.depthMm > 0) parts.push(wholeOf(f, { part: 'hob', kind: 'hob', zMm }));
  if (f.kind === 'hookRail') parts.push(wholeOf(f, { part: 'hook', kind: 'hook', zMm: f.bottomMm }));
  if (f.kind === 'counter') parts.push(...counterOf(f, all));
  if (f.kind === 'stairs' && f.depthMm > 0) parts.push(...stepsOf(f));
  if (HEARTHED.has(f.kind)) {
    const hearth = wholeOf({ ...f, depthMm: HEARTH }, { part: 'hearth', kind: 'hearth', zMm: 0 });
    parts.push({ ...hearth, backMm: f.depthMm });
  }
  return parts;
}

/** Steps of a stair that nobody counted are about as high as this (common practice: 7 to 7¾ in). */
const RISER: Mm = inches(7.5);
/** Parts of one kind that can be told apart. */
const MOST_PARTS = 99;

/** The treads of a stair, from the lowest. */
function stepsOf(stair: Fitting): Part[] {
  const count = clamp(Math.round(stair.heightMm / RISER), 1, MOST_PARTS);
  const widthMm = stair.widthMm / count;
  return Array.from({ length: count }, (_, i) => ({
    ...wholeOf(stair, {
      part: `step${i + 1}`,
      kind: 'step',
      zMm: stair.bottomMm + (stair.heightMm * (i + 1)) / count,
    }),
    leftMm: widthMm * (stair.rises === 'right' ? i : count - 1 - i),
    widthMm,
  }));
}

/** A counter left and right of hob and sink, from the left. */
function counterOf(counter: Fitting, all: readonly Fitting[]): Part[] {
  const topMm = counter.bottomMm + counter.heightMm;
  const inIt = all
    .filter((f) => f.wallId === counter.wallId && DIVIDES.has(f.kind))
    .filter((f) => f.bottomMm - LEVEL < topMm && f.bottomMm + f.heightMm > topMm - LEVEL)
    .map((f) => ({ fromMm: f.xMm - counter.xMm, toMm: f.xMm + f.widthMm - counter.xMm }))
    .filter(({ fromMm, toMm }) => toMm > 0 && fromMm < counter.widthMm)
    .sort((a, b) => a.fromMm - b.fromMm);
  const stretches: { leftMm: Mm; widthMm: Mm }[] = [];
  let leftMm = 0;
  for (const { fromMm, toMm } of [...inIt, { fromMm: counter.widthMm, toMm: counter.widthMm }]) {
    if (fromMm - leftMm > NARROW) stretches.push({ leftMm, widthMm: fromMm - leftMm });
    leftMm = Math.max(leftMm, toMm);
  }
  return stretches.map((stretch, i) => ({
    ...wholeOf(counter, { part: `counter${i + 1}`, kind: 'counter', zMm: topMm }),
    ...stretch,
  }));
}

/** A window's sill, from the glass to its front edge. */
function partsOfOpening(o: Opening): Part[] {
  const depthMm = o.revealMm + o.sillDepthMm;
  if (!isGlazed(o) || o.sillMm <= 0 || depthMm <= 0) return [];
  const sill = { part: 'sill', kind: 'sill' as const, zMm: o.sillMm, clearMm: o.heightMm };
  return [{ ...wholeOf({ widthMm: o.widthMm, depthMm }, sill), backMm: -o.revealMm }];
}

/** A point of a host in the middle of its width, and how far that is out from its back. */
type Frame = { at: Point; outMm: Mm; turnDeg: Deg; widthMm: Mm };

function partsAt(host: { id: string; name: string }, frame: Frame, parts: readonly Part[]): Spot[] {
  const { at, outMm, turnDeg } = frame;
  const [along, out] = [wayOf(turnDeg + 90), wayOf(turnDeg + 180)];
  return parts.map(({ part, kind, leftMm, backMm, ...size }) => ({
    of: host.id,
    part,
    kind,
    name: host.name,
    partsOfKind: parts.filter((p) => p.kind === kind).length,
    root: host.id,
    middle: step(
      step(at, along, leftMm + size.widthMm / 2 - frame.widthMm / 2),
      out,
      backMm + size.depthMm / 2 - outMm,
    ),
    turnDeg,
    ...size,
  }));
}

export const spotsOfPiece = (piece: Piece): Spot[] =>
  partsAt(piece, { ...piece, at: piece, outMm: piece.depthMm / 2 }, partsOfPiece(piece));

type AtWall = { id: string; name: string; wallId: string; xMm: Mm; widthMm: Mm };

function atWall(host: AtWall, walls: readonly Wall[], parts: readonly Part[]): Spot[] {
  const wall = walls.find((w) => w.id === host.wallId);
  if (!wall) return [];
  const at = pointOnWall(wall, host.xMm + host.widthMm / 2);
  return partsAt(host, { at, outMm: 0, turnDeg: wall.facingDeg, widthMm: host.widthMm }, parts);
}
