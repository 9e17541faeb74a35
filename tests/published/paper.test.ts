import { PDFDocument } from 'pdf-lib';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoStudio } from '../helpers/rooms';
import { restoreStudio } from '../helpers/restore';

const folder = mkdtempSync(path.join(tmpdir(), 'rideau-paper-'));
beforeAll(async () => {
  process.env.RIDEAU_DATA = folder;
  const result = await restoreStudio(demoStudio());
  expect(result.ok).toBe(true);
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

describe('paper', () => {
  // ISO 216: A4 is 210 × 297 mm; ANSI Letter is 8½ × 11 in; a PDF point is 1/72 in
  it.each([
    ['a4' as const, 210 / 25.4, 297 / 25.4],
    ['letter' as const, 8.5, 11],
  ])(
    '%s is its size to a tenth of a millimetre',
    async (paper, width, height) => {
      const { sheetPdf } = await import('../../src/server/sheets/pdf');
      const sheet = (await sheetPdf('long-room', 'early-summer', paper))!;
      const doc = await PDFDocument.load(sheet.bytes);
      expect(doc.getPageCount()).toBeGreaterThan(1);
      for (const page of doc.getPages()) {
        expect(Math.abs((page.getWidth() - width * 72) / 72) * 25.4).toBeLessThan(0.1);
        expect(Math.abs((page.getHeight() - height * 72) / 72) * 25.4).toBeLessThan(0.1);
      }
    },
    60_000,
  );
  it('there is no sheet of a room that is not there', async () => {
    const { sheetPdf } = await import('../../src/server/sheets/pdf');
    expect(await sheetPdf('none', null, 'a4')).toBeUndefined();
  });
});
