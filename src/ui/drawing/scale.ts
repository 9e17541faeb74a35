import type { Mm } from '../../core/base/units';

/** Millimetres of a wall to units of the drawing: x from the left, y up from the datum. */
export type Scale = {
  perMm: number;
  x: (mm: Mm) => number;
  y: (mm: Mm) => number;
  width: number;
  height: number;
  toMm: (units: number) => Mm;
};

export type Margins = { left: number; right: number; top: number; bottom: number };

const evenly = (n: number): Margins => ({ left: n, right: n, top: n, bottom: n });

/** The wall, or the part of it, that is to be drawn; it begins at the wall's left end and at the datum. */
type Part = { widthMm: Mm; heightMm: Mm; xMm?: Mm; yMm?: Mm };

/** The largest true scale at which a part of a wall fits a sheet, centred, its foot on the bottom margin. */
export function fitScale(
  { widthMm, heightMm, xMm = 0, yMm = 0 }: Part,
  { width, height }: { width: number; height: number },
  margins: Margins | number,
): Scale {
  const margin = typeof margins === 'number' ? evenly(margins) : margins;
  const free = { width: width - margin.left - margin.right, height: height - margin.top - margin.bottom };
  const perMm = Math.min(free.width / widthMm, free.height / heightMm);
  const left = margin.left + (free.width - widthMm * perMm) / 2;
  const base = height - margin.bottom;
  return {
    perMm,
    width,
    height,
    x: (mm) => left + (mm - xMm) * perMm,
    y: (mm) => base - (mm - yMm) * perMm,
    toMm: (units) => units / perMm,
  };
}

/** Do two scales put everything in the same place? */
export const sameScale = (a: Scale, b: Scale): boolean =>
  a === b || (a.perMm === b.perMm && a.x(0) === b.x(0) && a.y(0) === b.y(0));
