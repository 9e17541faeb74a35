import 'server-only';
import { rgb } from 'pdf-lib';
import { formatBareLength, formatBareSize, formatLength } from '../../core/base/length';
import type { LengthUnit, Mm } from '../../core/base/units';
import type { Box } from '../../core/geometry/plane';
import type { Item } from '../../core/model/types';
import { ruleBook, type OwnRule } from '../../core/rules/book';
import { cuttingOf, piecesWanted, UNMARKED, type Cutting } from '../../core/textiles/clothCuts';
import { packedFile } from './packed';
import {
  INK,
  LINE,
  MARGIN,
  newPen,
  numberPages,
  paragraph,
  PT,
  room,
  rule,
  SOFT,
  text,
  type Paper,
  type Pen,
} from './pen';
import { t } from './words';

/** A cloth to be cut, and what it is cut by. */
export type ClothAsk = { item: Item; rules: OwnRule[]; unit: LengthUnit };

/** Scales that a ruler is read at, the largest first. */
const SCALES = [2, 4, 5, 8, 10, 12, 15, 20, 25, 30, 40, 50, 75, 100, 150, 200];
const DRAWN = { high: 0.56 };
const PIECE = rgb(0.93, 0.93, 0.93);

/**
 * The cutting plan of a cloth: drawn at a scale that is said, each piece by its number, with a list of the pieces and what is
 * left.
 */
export async function clothCutsPdf(
  { item, rules, unit }: ClothAsk,
  paper: Paper,
): Promise<{ name: string; bytes: Uint8Array }> {
  const cutting = cuttingOf(item, ruleBook(rules, unit));
  const title = t('cutting.sheet', { name: item.name });
  const pen = await newPen(paper, title);
  text(pen, title, MARGIN, { size: 18, face: 'head' });
  pen.y -= 22;
  const scale = scaleFor(item, pen);
  const size = formatBareSize(item.widthMm, item.heightMm, unit);
  paragraph(pen, t('cutting.sheetFacts', { size, scale }), 10);
  drawCloth(pen, { item, cutting, unit, scale });
  const length = formatLength(cutting.lengthMm, unit);
  const n = cutting.cuts.length;
  paragraph(
    pen,
    t('cutting.sheetUse', {
      n,
      m: piecesWanted(item.cloth ?? UNMARKED),
      length,
      used: `${Math.round(cutting.usedShare * 100)}%`,
    }),
    10,
  );
  if (cutting.plain.count > 0)
    paragraph(
      pen,
      t('cutting.sheetPlain', {
        count: cutting.plain.count,
        length: formatLength(cutting.plain.lengthMm, unit),
      }),
      10,
    );
  rule(pen);
  for (const cut of cutting.cuts) {
    room(pen, 15);
    text(pen, String(cut.number), MARGIN, { size: 10, face: 'bold' });
    const said = t('cutting.pieceSaid', {
      n: cut.number,
      part: cut.part,
      size: formatBareSize(cut.widthMm, cut.heightMm, unit),
      across: formatBareLength(cut.xMm, unit),
      along: formatBareLength(cut.yMm, unit),
    });
    text(pen, said, MARGIN + 26, { size: 10, face: 'plain' });
    pen.y -= 14.5;
  }
  for (const left of cutting.leftovers) {
    room(pen, 15);
    text(pen, left.name, MARGIN, { size: 10, face: 'bold' });
    const said = t('cutting.leftoverSaid', { size: formatBareSize(left.widthMm, left.heightMm, unit) });
    text(pen, said, MARGIN + 26, { size: 10, face: 'plain', color: SOFT });
    pen.y -= 14.5;
  }
  numberPages(pen, t);
  return { name: `${title}.pdf`, bytes: await packedFile(pen.doc) };
}

/** The largest scale at which the cloth fits its part of the page. */
function scaleFor({ widthMm, heightMm }: Item, pen: Pen): number {
  const room = { wide: pen.width - 2 * MARGIN, high: pen.height * DRAWN.high };
  const fits = (n: number) => (widthMm * PT) / n <= room.wide && (heightMm * PT) / n <= room.high;
  const largest = Math.ceil(Math.max((widthMm * PT) / room.wide, (heightMm * PT) / room.high));
  return SCALES.find(fits) ?? largest;
}

type Drawn = { item: Item; cutting: Cutting; unit: LengthUnit; scale: number };

/** The cloth with its upper end on top, its pieces and leftovers. */
function drawCloth(pen: Pen, { item, cutting, unit, scale }: Drawn): void {
  const per = (mm: Mm) => (mm * PT) / scale;
  const top = pen.y;
  const frame = ({ xMm, yMm, widthMm, heightMm }: Box) => ({
    x: MARGIN + per(xMm),
    y: top - per(yMm + heightMm),
    width: per(widthMm),
    height: per(heightMm),
  });
  const whole = frame({ xMm: 0, yMm: 0, widthMm: item.widthMm, heightMm: item.heightMm });
  pen.page.drawRectangle({ ...whole, borderColor: INK, borderWidth: 1 });
  const label = (box: Box, name: string, isPiece: boolean) => {
    const at = frame(box);
    pen.page.drawRectangle({
      ...at,
      ...(isPiece ? { color: PIECE } : { borderDashArray: [4, 3] }),
      borderColor: isPiece ? INK : LINE,
      borderWidth: isPiece ? 0.9 : 0.6,
    });
    pen.y = at.y + at.height - 11;
    const size = formatBareSize(box.widthMm, box.heightMm, unit);
    const isWide = at.width > 70 && at.height > 14;
    text(pen, isWide ? `${name}   ${size}` : name, at.x + 5, {
      size: isPiece ? 9 : 8,
      face: isPiece ? 'bold' : 'plain',
    });
  };
  for (const left of cutting.leftovers) label(left, left.name, false);
  for (const cut of cutting.cuts) label(cut, String(cut.number), true);
  for (const flaw of (item.cloth ?? UNMARKED).flaws) {
    const at = frame(flaw);
    pen.page.drawRectangle({ ...at, borderColor: INK, borderWidth: 0.8 });
    for (const [from, to] of [
      [at.y, at.y + at.height],
      [at.y + at.height, at.y],
    ] as const)
      pen.page.drawLine({
        start: { x: at.x, y: from },
        end: { x: at.x + at.width, y: to },
        thickness: 0.8,
        color: INK,
      });
  }
  for (const { xMm, yMm } of (item.cloth ?? UNMARKED).motifs) {
    const at = frame({ xMm, yMm, widthMm: 0, heightMm: 0 });
    for (const [dx, dy] of [
      [4, 0],
      [0, 4],
    ] as const)
      pen.page.drawLine({
        start: { x: at.x - dx, y: at.y - dy },
        end: { x: at.x + dx, y: at.y + dy },
        thickness: 0.8,
        color: INK,
      });
  }
  pen.y = whole.y - 20;
}
