import 'server-only';
import type { FittingStep, Mark } from '../../core/plan/fittingStep';
import { sheetParts, type NumberedStep, type SheetPart } from '../../core/plan/sheetParts';
import { inLook } from '../../core/room/arrange';
import { packedFile } from './packed';
import { MARGIN, newPen, numberPages, paragraph, room, rule, text, type Paper, type Pen } from './pen';
import { widthOfWords } from './letters';
import { makeSheet, rowWords, type Sheet, type SheetAsk } from './rows';
import { drawWall } from './wallDrawing';

/** The fitting sheet as PDF with its drawings; breaks between walls and rows, numbers the pages. */
export async function sheetPdf(
  ask: SheetAsk,
  paper: Paper,
): Promise<{ name: string; bytes: Uint8Array } | undefined> {
  const sheet = makeSheet(ask);
  if (!sheet) return undefined;
  const pen = await newPen(
    paper,
    sheet.words.t('fitting.for', { room: sheet.file.room.name, look: sheet.look.name }),
  );
  write(pen, sheet);
  numberPages(pen, sheet.words.t);
  return { name: `${sheet.file.room.name}, ${sheet.look.name}.pdf`, bytes: await packedFile(pen.doc) };
}

function write(pen: Pen, sheet: Sheet): void {
  const { words, plan, file, look } = sheet;
  const { t } = words;
  text(pen, t('fitting.title'), MARGIN, { size: 20, face: 'head' });
  pen.y -= 26;
  paragraph(pen, t('fitting.for', { room: file.room.name, look: look.name }), 11);
  paragraph(pen, t('fitting.datum', { line: words.length(plan.sheet.levelLineMm) }), 10);
  if (plan.sheet.steps.length === 0) paragraph(pen, t('fitting.empty'), 11);
  for (const part of sheetParts(plan.sheet.steps, look)) writePart(pen, sheet, part);
  writeBuying(pen, sheet);
  writeCautions(pen, sheet);
  paragraph(pen, t('fitting.defer'), 9);
}

/** A heading under a line across the page, kept together with the first of what follows. */
function heading(pen: Pen, words: string, following: number): void {
  room(pen, following);
  rule(pen);
  text(pen, words, MARGIN, { size: 14, face: 'head' });
  pen.y -= 20;
}

function writePart(pen: Pen, sheet: Sheet, part: SheetPart): void {
  if (part.zone.of === 'wall') writeWall(pen, sheet, part);
  else {
    heading(pen, zoneName(sheet, part), 60);
    for (const step of part.steps) writeStep(pen, sheet, step);
  }
}

function zoneName({ file, look, words }: Sheet, { zone }: SheetPart): string {
  if (zone.of === 'before') return words.t('fitting.beforeTheDay');
  if (zone.of === 'floor') return words.t('fitting.floorZone');
  const { pieces, fittings, openings } = inLook(file, look);
  return [...pieces, ...fittings, ...openings].find((host) => host.id === zone.id)?.name ?? '';
}

function writeWall(pen: Pen, sheet: Sheet, { wallId, steps, marks }: SheetPart): void {
  const { words, plan } = sheet;
  const elevation = plan.elevations.find((e) => e.wallId === wallId);
  const wall = plan.walls.find((w) => w.id === wallId);
  if (!elevation || !wall) return;
  const widest = (pen.width - 2 * MARGIN) * 0.6;
  const highPt = Math.min(150, (widest * elevation.ceilingMm) / elevation.lengthMm);
  heading(pen, words.wall(wall), highPt + 60);
  drawWall(pen, { elevation, marks, levelLineMm: plan.sheet.levelLineMm, highPt });
  pen.y -= 16;
  for (const s of steps) writeStep(pen, sheet, s);
}

const STEP = { size: 10.5, face: 'bold' } as const;

function writeStep(pen: Pen, sheet: Sheet, { step, number }: NumberedStep): void {
  const rows = rowWords(sheet);
  room(pen, 32);
  const note = rows.note(step);
  const title = `${number}   ${rows.title(step)}`;
  const together = note ? `${title} – ${note}` : title;
  const isOneLine = widthOfWords(pen.faces, together, STEP) <= pen.width - 2 * MARGIN;
  text(pen, isOneLine ? together : title, MARGIN, STEP);
  pen.y -= 14;
  if (!isOneLine) paragraph(pen, note, 9.5, 20);
  for (const words of rows.panels(step)) {
    room(pen, 15);
    text(pen, words, MARGIN + 20, { size: 9.5, face: 'plain' });
    pen.y -= 14;
  }
  if (step.kind !== 'curtain') for (const mark of step.marks) writeMark(pen, sheet, step, mark);
  pen.y -= 4;
}

function writeMark(pen: Pen, sheet: Sheet, step: FittingStep, mark: Mark): void {
  const { words, plan } = sheet;
  const rows = rowWords(sheet);
  const isElsewhere = mark.wallId !== undefined && mark.wallId !== step.wallId;
  const other = isElsewhere ? plan.walls.find((w) => w.id === mark.wallId) : undefined;
  room(pen, 15);
  const name = other ? `${rows.mark(mark)}, ${words.wall(other)}` : rows.mark(mark);
  const cells = [
    { x: 20, words: name, face: 'plain' },
    { x: 120, words: words.t('fitting.fromLeft', { by: words.length(mark.xMm) }), face: 'bold' },
    { x: 245, words: heightWords(mark, words), face: 'bold' },
    { x: 385, words: rows.line(mark), face: 'plain' },
  ] as const;
  for (const cell of cells) text(pen, cell.words, MARGIN + cell.x, { size: 9.5, face: cell.face });
  pen.y -= 14;
}

/** Up from the floor reference, or down from the ceiling where the studio measures from there. */
const heightWords = (mark: Mark, { t, length }: Sheet['words']): string =>
  mark.fromCeilingMm === undefined
    ? t('fitting.fromFloor', { by: length(mark.heightMm) })
    : t('fitting.fromCeiling', { by: length(mark.fromCeilingMm) });

function writeBuying(pen: Pen, sheet: Sheet): void {
  const { words, plan } = sheet;
  const { t } = words;
  const rows = rowWords(sheet);
  const costX = pen.width - MARGIN - 80;
  const { buy, cost } = plan.sheet;
  heading(pen, t('fitting.buy'), 70);
  if (buy.length === 0) paragraph(pen, t('fitting.nothingToBuy'), 10);
  for (const line of buy) {
    room(pen, 15);
    text(pen, String(line.count), MARGIN, { size: 9.5, face: 'bold' });
    text(pen, rows.buy(line), MARGIN + 30, { size: 9.5, face: 'plain' });
    text(pen, rows.size(line), MARGIN + 290, { size: 9.5, face: 'plain' });
    const price = line.cost === null ? t('fitting.noPrice') : words.money(line.cost);
    text(pen, price, costX, { size: 9.5, face: 'plain' });
    pen.y -= 14;
  }
  if (buy.length === 0) return;
  text(pen, t('fitting.total'), MARGIN + 30, { size: 9.5, face: 'bold' });
  text(pen, words.money(cost), costX, { size: 9.5, face: 'bold' });
  pen.y -= 18;
}

function writeCautions(pen: Pen, { words, plan }: Sheet): void {
  const { cautions } = plan.sheet;
  if (cautions.length === 0) return;
  heading(pen, words.t('fitting.cautions'), 50);
  for (const f of cautions) paragraph(pen, `– ${words.finding(f)}`, 9.5);
}
