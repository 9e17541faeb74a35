import 'server-only';
import {
  stripPages,
  stripsOf,
  STRIP_END,
  type Strip,
  type StripMark,
  type StripPiece,
} from '../../core/plan/stripTemplate';
import { templateOf, type Template } from '../../core/plan/templates';
import { ruleBook } from '../../core/rules/book';
import { inches, type Mm } from '../../core/base/units';
import { packedFile } from './packed';
import { INK, PAPER, SOFT, newPen, PT, sizeBars, text, type Paper, type Pen } from './pen';
import { makeSheet, type Sheet, type SheetAsk } from './rows';

/** What printers leave white; words and bars below the strips. */
const EDGE: Mm = 9;
const FOOT: Mm = 16;
/** A strip is so high, and there is so much to cut between two. */
const STRIP_HIGH: Mm = 28;
const STRIP_STEP: Mm = 31;

type Found = { sheet: Sheet; template: Template };

/**
 * A piece's or a group's template as strips: corners, centre and nails on narrow paper, a few to a page, to be cut out
 * and taped up.
 */
export async function stripTemplatePdf(
  ask: SheetAsk,
  subject: { hangingId: string } | { groupId: string },
  paper: Paper,
): Promise<{ name: string; bytes: Uint8Array } | undefined> {
  const sheet = makeSheet(ask);
  const template = sheet && templateOf(sheet.file, sheet.look, sheet.plan, subject);
  if (!sheet || !template) return undefined;
  const { t } = sheet.words;
  const title = t('template.strips', { name: template.name });
  const pen = await newPen(paper, title);
  // across the page, so that a strip is as long as can be
  const [height, width] = PAPER[paper];
  const lengthMm = width / PT - 2 * EDGE;
  const perPage = Math.floor((height / PT - 2 * EDGE - FOOT) / STRIP_STEP);
  const overlap = ruleBook(sheet.file.rules, sheet.file.room.unit).number('walls.templateOverlap');
  const pages = stripPages(stripsOf(template), { lengthMm, strips: perPage }, overlap);
  pen.page.setSize(width, height);
  pages.forEach((pieces, i) => {
    if (i > 0) pen.page = pen.doc.addPage([width, height]);
    pieces.forEach((piece, row) => drawPiece(pen, sheet, piece, height - (EDGE + row * STRIP_STEP) * PT));
    drawFoot(pen, { sheet, template }, { page: i + 1, pages: pages.length });
  });
  const size = paper === 'a4' ? 'A4' : 'Letter';
  return { name: `${title}, ${size}.pdf`, bytes: await packedFile(pen.doc) };
}

/** One piece of a strip, its upper edge at `top` points. */
function drawPiece(pen: Pen, sheet: Sheet, piece: StripPiece, top: number): void {
  const { strip, fromMm, toMm } = piece;
  const left = EDGE * PT;
  const xOf = (mm: Mm) => left + (STRIP_END + mm - fromMm) * PT;
  const bottom = top - STRIP_HIGH * PT;
  const middle = (top + bottom) / 2;
  pen.page.drawRectangle({
    x: left,
    y: bottom,
    width: (toMm - fromMm + 2 * STRIP_END) * PT,
    height: STRIP_HIGH * PT,
    borderColor: SOFT,
    borderWidth: 0.5,
    borderDashArray: [4, 3],
  });
  const isOnPiece = (mm: Mm) => mm >= fromMm - 0.01 && mm <= toMm + 0.01;
  const dash = { thickness: 0.4, color: SOFT, dashArray: [6, 4] };
  pen.page.drawLine({ start: { x: xOf(fromMm), y: middle }, end: { x: xOf(toMm), y: middle }, ...dash });
  for (const mark of strip.marks.filter((m) => isOnPiece(m.atMm)))
    drawMark(pen, sheet, { strip, mark, x: xOf(mark.atMm), middle, top, bottom });
  // where two pieces are laid on one another
  for (const mm of [fromMm, toMm])
    if (mm > 0.01 && mm < strip.lengthMm - 0.01) drawJoint(pen, xOf(mm), middle);
  pen.y = top - 9;
  text(pen, stripWords(sheet, piece), left + (STRIP_END + 3) * PT, { size: 8, face: 'bold' });
}

function drawJoint(pen: Pen, x: number, y: number): void {
  pen.page.drawLine({ start: { x, y: y - 10 }, end: { x, y: y + 10 }, thickness: 0.7, color: INK });
  pen.page.drawCircle({ x, y, size: 3, borderColor: INK, borderWidth: 0.5 });
}

type MarkAt = { strip: Strip; mark: StripMark; x: number; middle: number; top: number; bottom: number };

function drawMark(pen: Pen, sheet: Sheet, { strip, mark, x, middle, top, bottom }: MarkAt): void {
  const { t, length } = sheet.words;
  const isNail = mark.kind === 'nail';
  const reach = isNail || mark.kind === 'centre' ? 9 : (top - bottom) / 2;
  const line = { thickness: isNail ? 0.9 : 0.7, color: INK };
  pen.page.drawLine({ start: { x, y: middle - reach }, end: { x, y: middle + reach }, ...line });
  pen.page.drawLine({ start: { x: x - 9, y: middle }, end: { x: x + 9, y: middle }, ...line });
  if (isNail) pen.page.drawCircle({ x, y: middle, size: 5, borderColor: INK, borderWidth: 0.8 });
  const words = t(`template.marks.${mark.kind}`, {
    x: length(mark.wallXMm),
    height: length(mark.wallHeightMm),
  });
  // at the right end the words stand left of their mark
  const isLast = mark.atMm > strip.lengthMm / 2 && mark.atMm > 60;
  pen.y = mark.kind === 'centre' ? middle - 16 : middle - 26;
  text(pen, words, isLast ? x - 4 - words.length * 3.4 : x + 4, { size: 7, face: isNail ? 'bold' : 'plain' });
}

function stripWords({ words: { t, length } }: Sheet, { strip, part, parts }: StripPiece): string {
  const facts = { name: strip.name, other: strip.other, length: length(strip.lengthMm) };
  const joined = parts > 1 ? `, ${t('template.part', { part, parts })}` : '';
  return `${t(`template.strip.${strip.kind}`, facts)}${joined}`;
}

/** A bar to check the size by, and what the page is of. */
function drawFoot(
  pen: Pen,
  { sheet, template }: Found,
  { page, pages }: { page: number; pages: number },
): void {
  const { t } = sheet.words;
  const wall = sheet.plan.walls.find((w) => w.id === template.wallId);
  const left = EDGE * PT;
  sizeBars(pen, left, EDGE * PT + 8);
  const x = left + inches(4) * PT + 40;
  pen.y = EDGE * PT + 19;
  text(pen, `${template.name}, ${wall ? sheet.words.wall(wall) : ''}`, x, { size: 8, face: 'bold' });
  pen.y -= 11;
  text(pen, t('template.stripsSay', { page, pages }), x, { size: 8, face: 'plain' });
}
