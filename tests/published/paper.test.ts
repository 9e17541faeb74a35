import { PDFDocument } from 'pdf-lib';
import { describe, expect, it } from 'vitest';
import { demoRoom } from '../helpers/rooms';

describe('paper', () => {
  // ISO 216: A4 is 210 × 297 mm; ANSI Letter is 8½ × 11 in; a PDF point is 1/72 in
  it.each([
    ['a4' as const, 210 / 25.4, 297 / 25.4],
    ['letter' as const, 8.5, 11],
  ])(
    '%s is its size to a tenth of a millimetre',
    async (paper, width, height) => {
      const { sheetPdf } = await import('../../src/server/sheets/pdf');
      const sheet = (await sheetPdf({ file: demoRoom('long-room'), lookId: 'early-summer' }, paper))!;
      const doc = await PDFDocument.load(sheet.bytes);
      expect(doc.getPageCount()).toBeGreaterThan(1);
      for (const page of doc.getPages()) {
        expect(Math.abs((page.getWidth() - width * 72) / 72) * 25.4).toBeLessThan(0.1);
        expect(Math.abs((page.getHeight() - height * 72) / 72) * 25.4).toBeLessThan(0.1);
      }
    },
    60_000,
  );
  it('there is no sheet of a look that is not there', async () => {
    const { sheetPdf } = await import('../../src/server/sheets/pdf');
    expect(await sheetPdf({ file: demoRoom('long-room'), lookId: 'none' }, 'a4')).toBeUndefined();
  });
});
