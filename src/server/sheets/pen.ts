import 'server-only';
import { PAPER_MM, type Paper } from '../../core/plan/templatePages';
import { inches } from '../../core/base/units';
import { rgb, type PDFDocument, type PDFPage } from 'pdf-lib';
import { drawWords, embedFaces, widthOfWords, type Faces, type Style } from './letters';
import { newDocument } from './packed';

export type { Paper };
const points = ([width, height]: readonly [number, number]) =>
  [(width / 25.4) * 72, (height / 25.4) * 72] as const;
/** Points of a page. */
export const PAPER = { a4: points(PAPER_MM.a4), letter: points(PAPER_MM.letter) };
export const MARGIN = 40;
export const INK = rgb(0.08, 0.08, 0.08);
export const SOFT = rgb(0.32, 0.32, 0.32);
export const LINE = rgb(0.7, 0.7, 0.7);

export type Pen = {
  doc: PDFDocument;
  page: PDFPage;
  y: number;
  width: number;
  height: number;
  faces: Faces;
};

/** A document with the app's own fonts and its first page. */
export async function newPen(paper: Paper, title: string): Promise<Pen> {
  const doc = await newDocument();
  doc.setTitle(title);
  const [width, height] = PAPER[paper];
  const faces = await embedFaces(doc);
  return { doc, page: doc.addPage([width, height]), y: height - MARGIN, width, height, faces };
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

/** One line of words, its left end at `x`, on the line that the pen is at. */
export function text(
  pen: Pen,
  words: string,
  x: number,
  { size, face, color = INK }: Omit<Style, 'color'> & Partial<Style>,
): void {
  drawWords(pen.page, pen.faces, words, { x, y: pen.y, size, face, color });
}

/** Words over as many lines as they need, moved in from the margin where that is asked for. */
export function paragraph(pen: Pen, words: string, size: number, inPt = 0): void {
  const widestPt = pen.width - 2 * MARGIN - inPt;
  const style = { size, face: 'plain', color: SOFT } as const;
  const widthOf = (part: string) => widthOfWords(pen.faces, part, style);
  const spacePt = widthOf(' ');
  let line = '';
  let linePt = 0;
  const flush = () => {
    room(pen, size + 6);
    text(pen, line, MARGIN + inPt, style);
    pen.y -= size * 1.35;
    line = '';
  };
  for (const word of words.split(' ')) {
    const wordPt = widthOf(word);
    if (line && linePt + spacePt + wordPt > widestPt) flush();
    linePt = line ? linePt + spacePt + wordPt : wordPt;
    line = line ? `${line} ${word}` : word;
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
    drawWords(page, pen.faces, t('fitting.page', { page: i + 1, pages: pages.length }), {
      x: pen.width - MARGIN - 70,
      y: MARGIN - 16,
      size: 8.5,
      face: 'plain',
      color: SOFT,
    }),
  );
}

/** Points to a millimetre: 72 to the inch. */
export const PT = 72 / 25.4;

/** Two bars to hold a ruler to: 10 cm, and 4 in below it, from `left` and up from `base`, in points. */
export function sizeBars(pen: Pen, left: number, base: number): void {
  for (const [k, mm, name] of [
    [0, inches(4), '4 in'],
    [1, 100, '10 cm'],
  ] as const) {
    const y = base + k * 10;
    pen.page.drawLine({ start: { x: left, y }, end: { x: left + mm * PT, y }, thickness: 1, color: INK });
    for (const x of [left, left + mm * PT])
      pen.page.drawLine({ start: { x, y: y - 3 }, end: { x, y: y + 3 }, thickness: 1, color: INK });
    pen.y = y - 3;
    text(pen, name, left + mm * PT + 4, { size: 8, face: 'bold' });
  }
}
