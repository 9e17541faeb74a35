import 'server-only';
import type { Mm } from '../../core/base/units';
import { packedFile } from './packed';
import { INK, MARGIN, newPen, PT, sizeBars, SOFT, text, type Paper, type Pen } from './pen';
import { makeSheet, type Sheet, type SheetAsk } from './rows';

/** The strip that is cut out and laid on a front, its middle line on the front's. */
const STRIP_HIGH: Mm = 40;
/** Paper beside the outermost hole. */
const END: Mm = 15;
const CROSS = 9;
/** A drill's centre, and the hole that it makes. */
const HOLE = 2.5 * PT;

type Hole = { mm: Mm; isNew: boolean };

/**
 * The hole template of new pulls at full size, on one page across: as one strip, or as its two halves from the middle line
 * where one is too long. Undefined when there is no such work, and for pulls that are too long even so.
 */
export async function pullsPdf(
  ask: SheetAsk,
  workId: string,
  paper: Paper,
): Promise<{ name: string; bytes: Uint8Array } | undefined> {
  const sheet = makeSheet(ask);
  const planned = sheet?.plan.works.find((w) => w.work.id === workId);
  if (!sheet || planned?.amount.kind !== 'pulls') return undefined;
  const { newMm, fillMm } = planned.amount.holes;
  const holes = [
    ...newMm.map((mm): Hole => ({ mm, isNew: true })),
    ...fillMm.map((mm): Hole => ({ mm, isNew: false })),
  ];
  const halfMm = Math.max(...holes.map(({ mm }) => Math.abs(mm))) + END;
  const { t } = sheet.words;
  const title = t('template.pulls', { name: planned.target.name });
  const pen = await newPen(paper, title);
  const [width, height] = [pen.height, pen.width];
  pen.page.setSize(width, height);
  pen.y = height - MARGIN;
  text(pen, title, MARGIN, { size: 14, face: 'head' });
  pen.y -= 18;
  text(pen, t('template.pullsSay'), MARGIN, { size: 9, face: 'plain' });
  pen.y -= 24;
  const roomMm = (width - 2 * MARGIN) / PT;
  if (halfMm > roomMm) return undefined;
  const spans =
    2 * halfMm <= roomMm ? [[-halfMm, halfMm] as const] : [[-halfMm, END] as const, [-END, halfMm] as const];
  for (const [fromMm, toMm] of spans) drawStrip(pen, sheet, { holes, fromMm, toMm });
  sizeBars(pen, MARGIN, MARGIN + 8);
  return { name: `${title}.pdf`, bytes: await packedFile(pen.doc) };
}

type StripOf = { holes: readonly Hole[]; fromMm: Mm; toMm: Mm };

/** A strip from one distance of the middle line to another, with its middle line and its holes. */
function drawStrip(pen: Pen, sheet: Sheet, { holes, fromMm, toMm }: StripOf): void {
  const high = STRIP_HIGH * PT;
  const bottom = pen.y - high;
  const middle = bottom + high / 2;
  const xOf = (mm: Mm) => MARGIN + (mm - fromMm) * PT;
  const dash = { thickness: 0.5, color: SOFT, dashArray: [5, 3] };
  pen.page.drawRectangle({
    x: MARGIN,
    y: bottom,
    width: (toMm - fromMm) * PT,
    height: high,
    borderColor: SOFT,
    borderWidth: 0.5,
    borderDashArray: [4, 3],
  });
  pen.page.drawLine({ start: { x: xOf(0), y: bottom }, end: { x: xOf(0), y: pen.y }, ...dash });
  pen.page.drawLine({ start: { x: xOf(fromMm), y: middle }, end: { x: xOf(toMm), y: middle }, ...dash });
  for (const hole of holes.filter(({ mm }) => mm >= fromMm && mm <= toMm))
    drawHole(pen, sheet, { hole, x: xOf(hole.mm), y: middle });
  pen.y = bottom - 24;
}

function drawHole(
  pen: Pen,
  { words: { t, length } }: Sheet,
  { hole, x, y }: { hole: Hole; x: number; y: number },
): void {
  const { mm, isNew } = hole;
  const line = { thickness: 0.8, color: isNew ? INK : SOFT };
  if (isNew) {
    pen.page.drawLine({ start: { x: x - CROSS, y }, end: { x: x + CROSS, y }, ...line });
    pen.page.drawLine({ start: { x, y: y - CROSS }, end: { x, y: y + CROSS }, ...line });
  }
  const border = isNew ? { borderColor: INK } : { borderColor: SOFT, borderDashArray: [2, 2] };
  pen.page.drawCircle({ x, y, size: HOLE, borderWidth: 0.8, ...border });
  const top = pen.y;
  pen.y = y - (isNew ? 22 : 34);
  text(pen, t(isNew ? 'template.drill' : 'template.fill', { by: length(Math.abs(mm)) }), x - 20, {
    size: 7,
    face: isNew ? 'bold' : 'plain',
  });
  pen.y = top;
}
