import type { Mm } from '../base/units';
import type { Box } from '../geometry/plane';
import type { Fitting } from '../model/types';

/** Thickness of a mantel's board, where it is wider than the fireplace below it. */
const MANTEL_BOARD: Mm = 60;

/** Fittings that a piece may hang over: they have a top, and wall above it. */
const HUNG_OVER: ReadonlySet<Fitting['kind']> = new Set([
  'fireplace',
  'stove',
  'radiator',
  'heater',
  'tv',
  'shelf',
  'basin',
  'tub',
  'toilet',
  'counter',
  'cistern',
]);

/** Whether a picture may be hung over it. */
export const canHangOver = ({ kind }: Pick<Fitting, 'kind'>): boolean => HUNG_OVER.has(kind);

/** The top of a fitting as it is seen on its wall: of its mantel, where it has one. */
export function topOfFitting(f: Fitting): { xMm: Mm; widthMm: Mm; topMm: Mm } {
  if (!f.mantel) return { xMm: f.xMm, widthMm: f.widthMm, topMm: f.bottomMm + f.heightMm };
  const { widthMm, topMm } = f.mantel;
  return { xMm: f.xMm + (f.widthMm - widthMm) / 2, widthMm, topMm };
}

/** What a fitting covers of its wall, its mantel too. */
export function boxesOfFitting(f: Fitting): Box[] {
  const body = { xMm: f.xMm, yMm: f.bottomMm, widthMm: f.widthMm, heightMm: f.heightMm };
  if (!f.mantel) return [body];
  const { xMm, widthMm, topMm } = topOfFitting(f);
  const bottomMm = Math.max(0, topMm - MANTEL_BOARD);
  return [
    { ...body, heightMm: Math.max(f.heightMm, topMm - f.bottomMm) },
    { xMm, yMm: bottomMm, widthMm, heightMm: topMm - bottomMm },
  ];
}
