import { formatLength, typedLength } from './length';
import { MM_PER_INCH, markStep, type LengthUnit, type Mm } from './units';

/** A length between two marks of the tape, as a number; undefined where it is on one. */
function betweenMarks(lengthMm: Mm, unit: LengthUnit): string | undefined {
  const step = markStep(unit);
  if (Math.abs(lengthMm - Math.round(lengthMm / step) * step) < 0.02) return undefined;
  return String(Number((lengthMm / (unit === 'cm' ? 10 : MM_PER_INCH)).toFixed(3)));
}

/** A rule's length, finer than the marks of the tape where it has to be: `1.2 cm`, `0.05 in`. */
export function formatFineLength(lengthMm: Mm, unit: LengthUnit): string {
  const fine = betweenMarks(lengthMm, unit);
  return fine === undefined ? formatLength(lengthMm, unit) : `${fine} ${unit === 'cm' ? 'cm' : 'in'}`;
}

/** The same for typing. */
export const typedFineLength = (lengthMm: Mm, unit: LengthUnit): string =>
  betweenMarks(lengthMm, unit) ?? typedLength(lengthMm, unit);
