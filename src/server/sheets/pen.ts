import 'server-only';
import fontkit from '@pdf-lib/fontkit';
import { readFile } from 'node:fs/promises';
import path from 'node:path';
import { PDFDocument, rgb, type PDFFont, type PDFPage } from 'pdf-lib';

/** Points of a page: A4 is 210 × 297 mm (ISO 216), Letter 8½ × 11 in. */
export const PAPER = { a4: [(210 / 25.4) * 72, (297 / 25.4) * 72], letter: [8.5 * 72, 11 * 72] } as const;
export type Paper = keyof typeof PAPER;
export const MARGIN = 40;
export const INK = rgb(0.08, 0.08, 0.08);
export const SOFT = rgb(0.32, 0.32, 0.32);
export const LINE = rgb(0.7, 0.7, 0.7);

const fontFile = (name: string) =>
  readFile(path.join(/* turbopackIgnore: true */ process.cwd(), 'node_modules/@fontsource', name));

export type Pen = {
  doc: PDFDocument;
  page: PDFPage;
  y: number;
  width: number;
  height: number;
  plain: PDFFont;
  bold: PDFFont;
  head: PDFFont;
  frac: PDFFont;
  fracBold: PDFFont;
};

/** A document with the app's own fonts and its first page. */
export async function newPen(paper: Paper, title: string): Promise<Pen> {
  const doc = await PDFDocument.create();
  doc.registerFontkit(fontkit);
  doc.setTitle(title);
  const [regular, semibold, heading] = await Promise.all([
    fontFile('barlow/files/barlow-latin-400-normal.woff'),
    fontFile('barlow/files/barlow-latin-600-normal.woff'),
    fontFile('fahkwang/files/fahkwang-latin-400-normal.woff'),
  ]);
  const [width, height] = PAPER[paper];
  return {
    doc,
    page: doc.addPage([width, height]),
    y: height - MARGIN,
    width,
    height,
    plain: await doc.embedFont(regular, { subset: true }),
    bold: await doc.embedFont(semibold, { subset: true }),
    head: await doc.embedFont(heading, { subset: true }),
    frac: await doc.embedFont(regular, { subset: true, features: { frac: true } }),
    fracBold: await doc.embedFont(semibold, { subset: true, features: { frac: true } }),
  };
}

/** Starts a new page when less than `needed` is left. */
export function room(pen: Pen, needed: number): void {
  if (pen.y - needed > MARGIN + 14) return;
  pen.page = pen.doc.addPage([pen.width, pen.height]);
  pen.y = pen.height - MARGIN;
}

export function rule(pen: Pen): void {
  pen.page.drawLine({
    start: { x: MARGIN, y: pen.y },
    end: { x: pen.width - MARGIN, y: pen.y },
    thickness: 0.6,
    color: LINE,
  });
  pen.y -= 18;
}

/**
 * One line of text; fractions in the font's own fraction form. Letters the font lacks are left out rather
 * than refused.
 */
export function text(pen: Pen, words: string, x: number, size: number, font: PDFFont, color = INK): void {
  let at = x;
  let before = '';
  for (const part of words.split(/( ?\d+\u2044\d+)/)) {
    if (!part) continue;
    const fraction = part.includes('\u2044');
    const forFractions = font === pen.bold ? pen.fracBold : pen.frac;
    const use = fraction ? forFractions : font;
    const shown = known(use, fraction ? part.trim() : part);
    // 103 and its ½ stand together; a ½ after a word stands apart from it
    if (fraction && part.startsWith(' '))
      at += /\d$/.test(before) ? size * 0.08 : font.widthOfTextAtSize(' ', size);
    pen.page.drawText(shown, { x: at, y: pen.y, size, font: use, color });
    at += use.widthOfTextAtSize(shown, size);
    before = part;
  }
}

export const known = (font: PDFFont, words: string): string => {
  const set = new Set(font.getCharacterSet());
  return [...words]
    .map((c) => {
      if (c === '′') return "'";
      if (c === '″') return '"';
      if (c === 'Δ') return 'Delta ';
      return set.has(c.codePointAt(0)!) ? c : '';
    })
    .join('');
};

export function paragraph(pen: Pen, words: string, size: number): void {
  const most = pen.width - 2 * MARGIN;
  let line = '';
  const flush = () => {
    room(pen, size + 6);
    text(pen, line, MARGIN, size, pen.plain, SOFT);
    pen.y -= size * 1.35;
    line = '';
  };
  for (const word of words.split(' ')) {
    const next = line ? `${line} ${word}` : word;
    if (pen.plain.widthOfTextAtSize(known(pen.plain, next), size) > most && line) {
      flush();
      line = word;
    } else line = next;
  }
  if (line) flush();
  pen.y -= 4;
}

export function numberPages(
  pen: Pen,
  t: (key: 'fitting.page', values: { page: number; pages: number }) => string,
): void {
  const pages = pen.doc.getPages();
  pages.forEach((page, i) =>
    page.drawText(t('fitting.page', { page: i + 1, pages: pages.length }), {
      x: pen.width - MARGIN - 70,
      y: MARGIN - 16,
      size: 8.5,
      font: pen.plain,
      color: SOFT,
    }),
  );
}
