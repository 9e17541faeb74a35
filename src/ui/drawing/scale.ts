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

/**
 * The largest true scale at which a wall, or the part of it that begins at `from`, fits the sheet, centred.
 */
export function fitScale(
  lengthMm: Mm,
  heightMm: Mm,
  width: number,
  height: number,
  margin: Margins,
  from: { xMm: Mm; yMm: Mm } = { xMm: 0, yMm: 0 },
): Scale {
  const perMm = Math.min(
    (width - margin.left - margin.right) / lengthMm,
    (height - margin.top - margin.bottom) / heightMm,
  );
  const left = margin.left + (width - margin.left - margin.right - lengthMm * perMm) / 2;
  const base = height - margin.bottom;
  return {
    perMm,
    width,
    height,
    x: (mm) => left + (mm - from.xMm) * perMm,
    y: (mm) => base - (mm - from.yMm) * perMm,
    toMm: (units) => units / perMm,
  };
}

/** Do two scales put everything in the same place? */
export const sameScale = (a: Scale, b: Scale): boolean =>
  a === b || (a.perMm === b.perMm && a.x(0) === b.x(0) && a.y(0) === b.y(0));
