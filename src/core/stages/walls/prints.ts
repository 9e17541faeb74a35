/** Prints in frames: sheets, mats, and whether a file has enough pixels. Lengths in mm. */
import { inches, type Mm } from '../../base/units';
import type { RuleBook } from '../../rules/book';

export type Sheet = { name: string; widthMm: Mm; heightMm: Mm };

/**
 * ISO 216: A0 has a square metre and sides as 1 to √2; each next is the one before, halved and cut down to
 * whole millimetres. B0 is 1000 wide.
 */
export function isoSheets(series: 'A' | 'B', count = 7): Sheet[] {
  const sheets: Sheet[] = [];
  let [short, long] = series === 'A' ? [841, 1189] : [1000, 1414];
  for (let n = 0; n < count; n++) {
    sheets.push({ name: `${series}${n}`, widthMm: short, heightMm: long });
    [short, long] = [Math.floor(long / 2), short];
  }
  return sheets;
}

/** Sheets that frames are made for, in inches (common practice). */
export const INCH_SHEETS: readonly Sheet[] = (
  [
    [5, 7],
    [8, 10],
    [11, 14],
    [12, 16],
    [16, 20],
    [18, 24],
    [20, 30],
    [24, 36],
  ] as const
).map(([w, h]) => ({ name: `${w} × ${h}`, widthMm: inches(w), heightMm: inches(h) }));

export type MatPlan = {
  openingWidthMm: Mm;
  openingHeightMm: Mm;
  /** What is left of the mat on each side in the frame. */ sideMm: Mm;
  topMm: Mm;
  /** Frame for a mat of usual width. */ frameWidthMm: Mm;
  frameHeightMm: Mm;
  fits: boolean;
  lying: boolean;
};

/**
 * The mat's opening for a sheet: smaller by the overlap on each side; and how much mat shows in a frame. A
 * sheet lies as the frame does.
 */
export function planMat(
  sheet: { widthMm: Mm; heightMm: Mm },
  frame: { widthMm: Mm; heightMm: Mm },
  rules: RuleBook,
): MatPlan {
  const lying =
    frame.widthMm > frame.heightMm === sheet.widthMm < sheet.heightMm && frame.widthMm !== frame.heightMm;
  const [w, h] = lying ? [sheet.heightMm, sheet.widthMm] : [sheet.widthMm, sheet.heightMm];
  const overlap = rules.number('walls.matOverlap');
  const mat = rules.number('walls.matWidth');
  const [openingWidthMm, openingHeightMm] = [Math.max(0, w - 2 * overlap), Math.max(0, h - 2 * overlap)];
  const [sideMm, topMm] = [(frame.widthMm - openingWidthMm) / 2, (frame.heightMm - openingHeightMm) / 2];
  return {
    openingWidthMm,
    openingHeightMm,
    sideMm,
    topMm,
    frameWidthMm: openingWidthMm + 2 * mat,
    frameHeightMm: openingHeightMm + 2 * mat,
    fits: w <= frame.widthMm + 0.5 && h <= frame.heightMm + 0.5,
    lying,
  };
}

export type PixelPlan = {
  needWide: number;
  needHigh: number;
  enough: boolean;
  dpi: number;
  /** The largest sheet of the file's own shape that it is good for. */ largestWidthMm: Mm;
  largestHeightMm: Mm;
};

/**
 * Pixels for a sheet at a number of dots to the inch, against those that a file has; either may lie on its
 * side.
 */
export function planPixels(
  sheet: { widthMm: Mm; heightMm: Mm },
  file: { pxWide: number; pxHigh: number },
  dpi: number,
): PixelPlan {
  const need = (mm: Mm) => Math.ceil((mm / inches(1)) * dpi - 1e-9);
  const [needWide, needHigh] = [need(sheet.widthMm), need(sheet.heightMm)];
  const upright = (a: number, b: number): [number, number] =>
    sheet.widthMm <= sheet.heightMm ? [Math.min(a, b), Math.max(a, b)] : [Math.max(a, b), Math.min(a, b)];
  const [wide, high] = upright(file.pxWide, file.pxHigh);
  const mm = (px: number) => (px / dpi) * inches(1);
  return {
    needWide,
    needHigh,
    enough: wide >= needWide && high >= needHigh,
    dpi: Math.min(wide / (sheet.widthMm / inches(1)), high / (sheet.heightMm / inches(1))),
    largestWidthMm: mm(wide),
    largestHeightMm: mm(high),
  };
}
