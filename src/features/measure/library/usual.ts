import { cm, inches, type LengthUnit, type Mm } from '../../../core/base/units';
import type { Swatch } from '../../../core/model/types';

export const one = (l: number, a: number, b: number): Swatch[] => [{ l, a, b, share: 1 }];
export const grey = one(70, 0, 2);
export const white = one(96, 0, 1);
export const iron = one(24, 0, 0);
export const plain = { kind: 'solid', repeatMm: 0 } as const;

/** A usual size: inches, and the round size in cm that shops of the other system sell. */
export type Usual = readonly [inches: number, cm: number];
export const size = (unit: LengthUnit, [inchValue, cmValue]: Usual): Mm =>
  unit === 'cm' ? cm(cmValue) : inches(inchValue);
