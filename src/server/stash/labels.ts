import 'server-only';
import type { PDFPage } from 'pdf-lib';
import { drawWords, embedFaces, widthOfWords, type Faces, type Style } from '../sheets/letters';
import { packedFile, newDocument } from '../sheets/packed';
import { INK, PAPER, type Paper } from '../sheets/pen';

const MM = 72 / 25.4;
/** Two across and as many down as fit: a label of 95 × 65 mm, to be cut along its lines. */
const LABEL = { width: 95 * MM, height: 65 * MM } as const;
const INSET = 5 * MM;
/** Lines that a label has room for. */
const LINES = 10;

/** What a label says: the place's name, the room and home it is in, and what it holds. */
export type Label = { name: string; where: string; items: { name: string; count: number }[] };

/** Labels for boxes, bags and shelves: what it is called, where it is kept, what is in it. */
export async function labelsPdf(labels: readonly Label[], paper: Paper): Promise<Uint8Array> {
  const doc = await newDocument();
  doc.setTitle('Labels');
  const faces = await embedFaces(doc);
  const [width, height] = PAPER[paper];
  const rowsDown = Math.floor((height - 20 * MM) / LABEL.height);
  const left = (width - 2 * LABEL.width) / 2;
  const top = height - (height - rowsDown * LABEL.height) / 2;
  labels.forEach((label, i) => {
    const onPage = i % (2 * rowsDown);
    const page = onPage === 0 ? doc.addPage([width, height]) : doc.getPages().at(-1)!;
    const x = left + (onPage % 2) * LABEL.width;
    const y = top - (Math.floor(onPage / 2) + 1) * LABEL.height;
    drawLabel({ page, faces, x, y }, label);
  });
  if (labels.length === 0) doc.addPage([width, height]);
  return packedFile(doc);
}

type Corner = { page: PDFPage; faces: Faces; x: number; y: number };

function drawLabel({ page, faces, x, y }: Corner, label: Label): void {
  const write = (words: string, downMm: number, style: Pick<Style, 'face' | 'size'>): void => {
    const shown = fitted(words, faces, style, LABEL.width - 2 * INSET);
    const place = { x: x + INSET, y: y + LABEL.height - downMm * MM };
    drawWords(page, faces, shown, { ...place, ...style, color: INK });
  };
  page.drawRectangle({ x, y, ...LABEL, borderColor: INK, borderWidth: 0.5 });
  write(label.name, 11, { face: 'head', size: 17 });
  write(label.where, 16, { face: 'plain', size: 10 });
  const lineY = y + LABEL.height - 18 * MM;
  page.drawLine({
    start: { x: x + INSET, y: lineY },
    end: { x: x + LABEL.width - INSET, y: lineY },
    color: INK,
    thickness: 0.6,
  });
  contentLines(label).forEach((line, i) => write(line, 22.5 + 4.1 * i, { face: 'plain', size: 9.5 }));
}

function contentLines({ items }: Label): string[] {
  const lines = items.map(({ name, count }) => (count === 1 ? name : `${count} × ${name}`));
  if (lines.length <= LINES) return lines;
  return [...lines.slice(0, LINES - 1), `and ${lines.length - LINES + 1} more`];
}

/** The words, cut at the end when they are wider than the label. */
function fitted(words: string, faces: Faces, style: Pick<Style, 'face' | 'size'>, width: number): string {
  const letters = [...words];
  let shown = words;
  while (letters.length > 1 && widthOfWords(faces, shown, style) > width) {
    letters.pop();
    shown = `${letters.join('').trimEnd()}…`;
  }
  return shown;
}
