/** What kinds of pieces and fittings are good for. */
import type { Mm } from '../base/units';
import type { Fitting, Opening, Piece, PieceKind } from '../model/types';

const kinds = <K extends string>(...names: K[]): ReadonlySet<string> => new Set(names);

/** Pieces that people sit on, for talking. */
export const SITS = kinds<PieceKind>('sofa', 'armchair', 'wingChair', 'windowSeat', 'bench', 'ottoman');
/** Pieces with a top to put a glass on. */
export const TOPS = kinds<PieceKind>(
  'bedside',
  'table',
  'coffeeTable',
  'sideTable',
  'console',
  'chest',
  'desk',
  'diningTable',
  'dressingTable',
  'island',
);
export const LAMPS = kinds<PieceKind>('lamp', 'floorLamp', 'tableLamp');
export const BEDS = kinds<PieceKind>('bed', 'cot');
/** Where people lie, or sit for long with their backs to the wall. */
const RESTED_ON = kinds<PieceKind>('bed', 'cot', 'sofa', 'windowSeat');
/** Pieces that may be round or oval from above. */
const MAY_BE_ROUND = kinds<PieceKind>(
  'table',
  'coffeeTable',
  'sideTable',
  'diningTable',
  'bedside',
  'ottoman',
  'rug',
  'plant',
  'plantStand',
  'basketStand',
  'lamp',
  'floorLamp',
  'tableLamp',
);
const CLOTHED = kinds<PieceKind>('sofa', 'armchair', 'wingChair', 'windowSeat', 'ottoman', 'bed', 'cot');
/** Pieces that fall when they are climbed. */
const TALL_STORAGE = kinds<PieceKind>('chest', 'bookcase', 'console', 'bedside');

export const sits = (p: Pick<Piece, 'kind'>): boolean => SITS.has(p.kind);
export const hasTop = (p: Pick<Piece, 'kind'>): boolean => TOPS.has(p.kind);
export const isLamp = (p: Pick<Piece, 'kind'>): boolean => LAMPS.has(p.kind);
export const isBed = (p: Pick<Piece, 'kind'>): boolean => BEDS.has(p.kind);
export const isRestedOn = (p: Pick<Piece, 'kind'>): boolean => RESTED_ON.has(p.kind);
export const isClothed = (p: Pick<Piece, 'kind'>): boolean => CLOTHED.has(p.kind);
export const mayBeRound = (p: Pick<Piece, 'kind'>): boolean => MAY_BE_ROUND.has(p.kind);
export const canTip = (p: Pick<Piece, 'kind'>): boolean => TALL_STORAGE.has(p.kind);
/** A piece in whose way one cannot walk: it stands on the floor and is no rug. */
export const stands = (p: Pick<Piece, 'kind' | 'bottomMm'>): boolean => p.kind !== 'rug' && p.bottomMm < 300;

/** Depth of a seat's back. */
export const BACK_OF_SEAT: Mm = 200;

/** What two pieces are hung either side of, at one distance. */
export const isFlanked = (f: Pick<Fitting, 'kind'>): boolean =>
  f.kind === 'tv' || f.kind === 'fireplace' || f.kind === 'stove';

/** Openings one walks through. */
export const isWay = (o: Pick<Opening, 'kind'>): boolean => o.kind !== 'window';
/** Openings that are dressed with curtains. */
export const isGlazed = (o: Pick<Opening, 'kind'>): boolean => o.kind === 'window' || o.kind === 'frenchDoor';

/** Fittings that stand out from the wall far enough to walk round. */
export const standsOut = (f: Pick<Fitting, 'depthMm' | 'bottomMm'>): boolean =>
  f.depthMm >= 60 && f.bottomMm < 1000;
