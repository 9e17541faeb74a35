import type { LengthUnit } from '../../core/base/units';

const MM_PER_YARD = 914.4;

/** Cloth by the metre or the yard, as it is bought. */
export const clothWords = (mm: number, unit: LengthUnit): string =>
  unit === 'cm' ? `${(mm / 1000).toFixed(1)} m` : `${(mm / MM_PER_YARD).toFixed(1)} yd`;
