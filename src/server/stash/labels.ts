import 'server-only';
import fontkit from '@pdf-lib/fontkit';
import { readFile } from 'node:fs/promises';
import path from 'node:path';
import { PDFDocument, rgb, type PDFFont } from 'pdf-lib';
import { loadHomes } from '../../data/homeRepository';
import { loadRoom } from '../../data/roomRepository';
import { studioDatabase } from '../studio';
import { placeRows } from './stash';

const MM = 72 / 25.4;
const PAPER = { a4: [210 * MM, 297 * MM], letter: [8.5 * 72, 11 * 72] } as const;
/** Two across and four down: a label of 95 × 65 mm, to be cut along its lines. */
const LABEL = { width: 95 * MM, height: 65 * MM } as const;
const INK = rgb(0.08, 0.08, 0.08);
const font = (name: string) =>
  readFile(path.join(/* turbopackIgnore: true */ process.cwd(), 'node_modules/@fontsource', name));

/** Labels for boxes, bags and shelves: what it is called, where it stands, what is in it. */
export async function labelsPdf(paper: keyof typeof PAPER, placeId: string | null): Promise<Uint8Array> {
  const doc = await PDFDocument.create();
  doc.registerFontkit(fontkit);
  doc.setTitle('Labels');
  const [regular, heading] = await Promise.all([
    font('barlow/files/barlow-latin-400-normal.woff'),
    font('fahkwang/files/fahkwang-latin-400-normal.woff'),
  ]);
  const plain = await doc.embedFont(regular, { subset: true });
  const head = await doc.embedFont(heading, { subset: true });
  const [width, height] = PAPER[paper];
  const rows = placeRows().filter((r) => placeId === null || r.place.id === placeId);
  const down = Math.floor((height - 20 * MM) / LABEL.height);
  const [left, top] = [(width - 2 * LABEL.width) / 2, height - (height - down * LABEL.height) / 2];
  rows.forEach((row, i) => {
    const onPage = i % (2 * down);
    const page = onPage === 0 ? doc.addPage([width, height]) : doc.getPages().at(-1)!;
    const [x, y] = [left + (onPage % 2) * LABEL.width, top - (Math.floor(onPage / 2) + 1) * LABEL.height];
    page.drawRectangle({
      x,
      y,
      width: LABEL.width,
      height: LABEL.height,
      borderColor: INK,
      borderWidth: 0.5,
    });
    const room = row.place.roomId ? loadRoom(studioDatabase(), row.place.roomId) : undefined;
    const home = room && loadHomes(studioDatabase()).find((h) => h.id === room.homeId);
    const inner = LABEL.width - 10 * MM;
    page.drawText(fitted(row.place.name, head, 17, inner), {
      x: x + 5 * MM,
      y: y + LABEL.height - 11 * MM,
      size: 17,
      font: head,
      color: INK,
    });
    page.drawText(fitted([room?.room.name, home?.name].filter(Boolean).join(', '), plain, 10, inner), {
      x: x + 5 * MM,
      y: y + LABEL.height - 16 * MM,
      size: 10,
      font: plain,
      color: INK,
    });
    page.drawLine({
      start: { x: x + 5 * MM, y: y + LABEL.height - 18 * MM },
      end: { x: x + LABEL.width - 5 * MM, y: y + LABEL.height - 18 * MM },
      color: INK,
      thickness: 0.6,
    });
    const lines = row.items.map((it) => (it.count === 1 ? it.name : `${it.count} × ${it.name}`));
    const most = 10;
    const shown =
      lines.length > most ? [...lines.slice(0, most - 1), `and ${lines.length - most + 1} more`] : lines;
    shown.forEach((line, k) =>
      page.drawText(fitted(line, plain, 9.5, inner), {
        x: x + 5 * MM,
        y: y + LABEL.height - (22.5 + 4.1 * k) * MM,
        size: 9.5,
        font: plain,
        color: INK,
      }),
    );
  });
  if (rows.length === 0) doc.addPage([width, height]);
  return doc.save();
}

/**
 * The words, cut at the end when they are wider than the label. Letters that the font does not have are left
 * out.
 */
function fitted(words: string, font: PDFFont, size: number, width: number): string {
  const known = new Set(font.getCharacterSet());
  let text = [...words].filter((c) => known.has(c.codePointAt(0)!)).join('');
  while (text.length > 1 && font.widthOfTextAtSize(text, size) > width)
    text = `${text.slice(0, -2).trimEnd()}…`;
  return text;
}
