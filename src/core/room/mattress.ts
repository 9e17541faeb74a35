import { cm, inches, type LengthUnit, type Mm } from '../base/units';

export type MattressName =
  | 'twin'
  | 'twinXl'
  | 'full'
  | 'queen'
  | 'king'
  | 'californiaKing'
  | 'single90'
  | 'single90Long'
  | 'double135'
  | 'double140'
  | 'double150'
  | 'double160'
  | 'double180';
export type MattressSize = { name: MattressName; widthMm: Mm; lengthMm: Mm };

const size = (name: MattressName, widthMm: Mm, lengthMm: Mm): MattressSize => ({ name, widthMm, lengthMm });

/** Sizes in inches: International Sleep Products Association, dimension guidelines (from memory). */
const IN_INCHES: readonly MattressSize[] = [
  size('twin', inches(38), inches(75)),
  size('twinXl', inches(38), inches(80)),
  size('full', inches(53), inches(75)),
  size('queen', inches(60), inches(80)),
  size('king', inches(76), inches(80)),
  size('californiaKing', inches(72), inches(84)),
];
/** Metric sizes (common practice). */
const METRIC: readonly MattressSize[] = [
  size('single90', cm(90), cm(190)),
  size('single90Long', cm(90), cm(200)),
  size('double135', cm(135), cm(190)),
  size('double140', cm(140), cm(200)),
  size('double150', cm(150), cm(200)),
  size('double160', cm(160), cm(200)),
  size('double180', cm(180), cm(200)),
];
/** Sizes that people know by name, in the order of their width. */
export const mattressSizes = (unit: LengthUnit): readonly MattressSize[] =>
  unit === 'cm' ? METRIC : IN_INCHES;

/** A mattress gives by this much, and an older full one is an inch wider. */
const NEAR: Mm = inches(1.1);

/** The size that a mattress has by name, rather one of the unit it is measured in; null where it is none of those. */
export function mattressNamed(
  { widthMm, lengthMm }: Pick<MattressSize, 'widthMm' | 'lengthMm'>,
  unit: LengthUnit,
): MattressName | null {
  const other: LengthUnit = unit === 'cm' ? 'in' : 'cm';
  const apart = (s: MattressSize) => Math.max(Math.abs(s.widthMm - widthMm), Math.abs(s.lengthMm - lengthMm));
  const nearestOf = (sizes: readonly MattressSize[]) =>
    [...sizes].filter((s) => apart(s) <= NEAR).sort((a, b) => apart(a) - apart(b))[0];
  return (nearestOf(mattressSizes(unit)) ?? nearestOf(mattressSizes(other)))?.name ?? null;
}
