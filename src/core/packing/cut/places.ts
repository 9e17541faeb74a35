import type { Mm } from '../../base/units';
import { overlaps, THREAD, type Cloth, type Cut, type CutPiece } from './cloth';

/** A piece lying one way or the other. */
type Lying = { piece: CutPiece; widthMm: Mm; heightMm: Mm; isTurned: boolean };

/** The ways in which a piece may lie: along the grain, and across it where that may be. */
export function waysToLie(piece: CutPiece): Lying[] {
  const { widthMm, heightMm } = piece;
  const along = { piece, widthMm, heightMm, isTurned: false };
  if (!piece.mayTurn || widthMm === heightMm) return [along];
  return [along, { piece, widthMm: heightMm, heightMm: widthMm, isTurned: true }];
}

/**
 * The places where a piece can lie beside what is placed: each as far to the left and to the cut end as its pattern lets it
 * be next to the cloth's edge, a flaw or another piece.
 */
export function placesFor(lying: Lying, cloth: Cloth, placed: readonly Cut[]): Cut[] {
  const stops = [...placed, ...cloth.flaws];
  const xs = across(lying, cloth, [0, ...stops.map((s) => s.xMm + s.widthMm)]);
  const ys = along(lying, [0, ...stops.map((s) => s.yMm + s.heightMm)]);
  const found: Cut[] = [];
  const consider = (xMm: Mm, yMm: Mm): void => {
    const { widthMm, heightMm, isTurned, piece } = lying;
    const cut = { id: piece.id, xMm, yMm, widthMm, heightMm, isTurned };
    if (isOn(cut, cloth) && !stops.some((s) => overlaps(cut, s))) found.push(cut);
  };
  const { anchor } = lying.piece;
  if (anchor.kind === 'motifs')
    for (const { xMm, yMm } of anchor.middles) consider(xMm - lying.widthMm / 2, yMm - lying.heightMm / 2);
  else for (const y of ys) for (const x of xs) consider(x, y);
  return found;
}

export const isOn = (cut: Cut, { widthMm, lengthMm }: Cloth): boolean =>
  cut.xMm >= -THREAD &&
  cut.yMm >= -THREAD &&
  cut.xMm + cut.widthMm <= widthMm + THREAD &&
  (lengthMm === null || cut.yMm + cut.heightMm <= lengthMm + THREAD);

/** Where its left side may be, from the stops on its left. */
function across({ piece: { anchor }, widthMm }: Lying, cloth: Cloth, stops: readonly Mm[]): Mm[] {
  if (anchor.kind === 'border') return [anchor.side === 'left' ? 0 : cloth.widthMm - widthMm];
  if (anchor.kind !== 'repeat') return unique(stops);
  if (anchor.acrossMm === null) return unique(stops);
  const { acrossMm, middle } = anchor;
  return unique(stops.map((x) => nextOnRepeat(x, middle.xMm - widthMm / 2, acrossMm)));
}

/** Where its end nearest the cut end may be, from the stops before it. */
function along({ piece: { anchor }, heightMm }: Lying, stops: readonly Mm[]): Mm[] {
  if (anchor.kind !== 'repeat' || anchor.alongMm === null) return unique(stops);
  const { alongMm, middle } = anchor;
  return unique(stops.map((y) => nextOnRepeat(y, middle.yMm - heightMm / 2, alongMm)));
}

/** The first place at or after a stop that is a whole number of repeats from where the pattern has one. */
export function nextOnRepeat(stopMm: Mm, patternMm: Mm, repeatMm: Mm): Mm {
  if (repeatMm <= 0) return Math.max(stopMm, patternMm);
  const steps = Math.ceil((stopMm - patternMm) / repeatMm - THREAD / repeatMm);
  return patternMm + steps * repeatMm;
}

const unique = (values: readonly Mm[]): Mm[] => [...new Set(values)].sort((a, b) => a - b);
