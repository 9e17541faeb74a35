import { first } from '../../core/base/list';
import { formatSize } from '../../core/base/length';
import type { LengthUnit } from '../../core/base/units';
import type { FramedPrint, Item } from '../../core/model/types';
import { INCH_SHEETS, isoSheets, type Sheet } from '../../core/stages/walls/prints';

/** The sheets that prints usually come on. */
export const SHEETS: readonly Sheet[] = [...INCH_SHEETS, ...isoSheets('A', 6)];

/** Whether a print is on this sheet. */
export const isOnSheet = (a: { sheetWidthMm: number; sheetHeightMm: number }, s: Sheet): boolean =>
  Math.abs(a.sheetWidthMm - s.widthMm) < 1 && Math.abs(a.sheetHeightMm - s.heightMm) < 1;
/** A print's sheet, by its name or its size. */
export const sheetName = (p: FramedPrint, unit: LengthUnit): string =>
  SHEETS.find((s) => isOnSheet(p, s))?.name ?? formatSize(p.sheetWidthMm, p.sheetHeightMm, unit);

/** The largest usual sheet that goes into a frame, either way round; the smallest one where none does. */
export function largestSheetIn({ widthMm, heightMm }: Pick<Item, 'widthMm' | 'heightMm'>): Sheet {
  const [long, short] = [Math.max(widthMm, heightMm), Math.min(widthMm, heightMm)];
  const [largest] = SHEETS.filter(
    (s) => Math.max(s.widthMm, s.heightMm) <= long && Math.min(s.widthMm, s.heightMm) <= short,
  ).sort((a, b) => b.widthMm * b.heightMm - a.widthMm * a.heightMm);
  return largest ?? first(SHEETS);
}
