declare const unit: unique symbol;
/** A number that knows its unit: plain numbers may enter, one unit may not pass for another. */
type In<U extends string> = number & { readonly [unit]?: U };

export type Mm = In<'mm'>;
export type SquareMm = In<'mm2'>;
export type Deg = In<'deg'>;
export type Kelvin = In<'K'>;
export type Gram = In<'g'>;
/** Hundredths of the studio's currency. */
export type Money = In<'cent'>;

/** How a room's lengths are written: inches, feet and inches above 3 ft, or centimetres. */
export type LengthUnit = 'in' | 'ft-in' | 'cm';

export const MM_PER_INCH = 25.4;
export const MM_PER_FOOT = 12 * MM_PER_INCH;

export const inches = (n: number): Mm => n * MM_PER_INCH;
export const feet = (n: number): Mm => n * MM_PER_FOOT;
export const cm = (n: number): Mm => n * 10;

/** The smallest step that is marked on a wall: an eighth of an inch, or half a centimetre. */
export const markStep = (unit: LengthUnit): Mm => (unit === 'cm' ? cm(0.5) : inches(1 / 8));

/** The nearest mark of the room's tape. */
export const toMark = (lengthMm: Mm, unit: LengthUnit): Mm => {
  const step = markStep(unit);
  return Math.round(lengthMm / step) * step;
};

/**
 * The step to which heights and finished lengths are worked out: an eighth of an inch, or a millimetre.
 * Centimetres are shown to the half; a hem worked out to the half would miss the floor by up to 2.5 mm.
 */
export const planStep = (unit: LengthUnit): Mm => (unit === 'cm' ? 1 : inches(1 / 8));

/** The nearest step of what is worked out. */
export const toPlanned = (lengthMm: Mm, unit: LengthUnit): Mm => {
  const step = planStep(unit);
  return Math.round(lengthMm / step) * step;
};

/** The last step at or below; rounding errors don't cost a whole step. */
export const plannedBelow = (lengthMm: Mm, unit: LengthUnit): Mm => {
  const step = planStep(unit);
  return Math.floor(lengthMm / step + 1e-6) * step;
};

/** The first step at or above. */
export const plannedAbove = (lengthMm: Mm, unit: LengthUnit): Mm => -plannedBelow(-lengthMm, unit);

/** What has to be bought where it is sold in sets of so many: whole sets. */
export const inSets = (count: number, setOf: number): number => {
  const setSize = Math.max(1, Math.round(setOf));
  return count > 0 ? Math.ceil(count / setSize) * setSize : 0;
};

export const clamp = (n: number, low: number, high: number): number => Math.min(Math.max(n, low), high);
export const sum = (numbers: readonly number[]): number => numbers.reduce((a, b) => a + b, 0);
