import { describe, expect, it } from 'vitest';
import { inches } from '../../core/base/units';
import { isOnSheet, largestSheetIn, sheetName, SHEETS } from './printSheets';

const size = (w: number, h: number) => ({ widthMm: inches(w), heightMm: inches(h) });

describe('the sheets that prints come on', () => {
  it('finds the largest that goes into a frame, either way round', () => {
    expect(largestSheetIn(size(11, 14)).name).toBe('11 × 14');
    expect(largestSheetIn(size(14, 11)).name).toBe('11 × 14');
    // a hair smaller and it is the next one down
    expect(largestSheetIn({ widthMm: inches(11) - 1, heightMm: inches(14) }).name).not.toBe('11 × 14');
  });

  it('offers the first one where none fits', () => {
    expect(largestSheetIn(size(1, 1))).toBe(SHEETS[0]);
  });

  it('names a print by its sheet within a millimetre, else by its size', () => {
    const a4 = { itemId: null, sheetWidthMm: 210.4, sheetHeightMm: 297, pxWide: null, pxHigh: null };
    expect(sheetName(a4, 'cm')).toBe('A4');
    expect(sheetName({ ...a4, sheetWidthMm: 225 }, 'cm')).toContain('22.5');
    const sheet = SHEETS.find((s) => s.name === 'A4')!;
    expect(isOnSheet(a4, sheet)).toBe(true);
    expect(isOnSheet({ ...a4, sheetHeightMm: 299 }, sheet)).toBe(false);
  });
});
