import type { Mm } from '../../base/units';

/** How a laser tape in keyboard mode writes its readings. */
export type LaserUnit = 'm' | 'mm' | 'cm' | 'in' | 'ft' | 'bare';
/**
 * The text that a laser tape types for a true length: off by at most errorMm either way (random is 0 to 1),
 * rounded to the last digit such tapes show, with its unit.
 */
export function laserText(trueMm: Mm, errorMm: Mm, unit: LaserUnit, random: number): string {
  const mm = Math.max(0, trueMm + (random * 2 - 1) * errorMm);
  switch (unit) {
    case 'm':
      return `${(mm / 1000).toFixed(3)} m`;
    case 'mm':
      return `${Math.round(mm)} mm`;
    case 'cm':
      return `${(mm / 10).toFixed(1)} cm`;
    case 'in':
      return `${(mm / 25.4).toFixed(2)} in`;
    case 'ft':
      return `${Math.floor(mm / 304.8)}' ${((mm % 304.8) / 25.4).toFixed(2)}`.replace(/' 12\.00$/, "' 11.99");
    case 'bare':
      return (mm / 1000).toFixed(3);
  }
}
