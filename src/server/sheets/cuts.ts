import { listWords } from '../../messages/findingWords';
import { panelWords } from '../../messages/panelWords';
import { panelWork } from '../../core/stages/windows/panelWork';
import 'server-only';
import { rgb } from 'pdf-lib';
import { formatBarePlainLength, formatPlainLength } from '../../core/base/length';
import { feet, type LengthUnit, type Mm } from '../../core/base/units';
import type { Dressing } from '../../core/model/types';
import { ruleBook } from '../../core/rules/book';
import type { MakingPlan } from '../../core/stages/windows/made';
import type { WindowPlan } from '../../core/stages/windows/windowPlan';
import { packedFile } from './packed';
import {
  INK,
  LINE,
  MARGIN,
  SOFT,
  newPen,
  numberPages,
  paragraph,
  room,
  rule,
  text,
  type Paper,
  type Pen,
} from './pen';
import { makeSheet, type Sheet, type SheetAsk } from './rows';

/**
 * The cut list for the workroom: what to cut from the roll, how to hem, line and pleat it, window by window.
 */
export async function cutsPdf(
  ask: SheetAsk,
  paper: Paper,
): Promise<{ name: string; bytes: Uint8Array } | undefined> {
  const sheet = makeSheet(ask);
  if (!sheet) return undefined;
  const { t } = sheet.words;
  const title = `${t('cuts.title')}, ${t('cuts.for', { room: sheet.file.room.name, look: sheet.look.name })}`;
  const pen = await newPen(paper, title);
  text(pen, t('cuts.title'), MARGIN, { size: 20, face: 'head' });
  pen.y -= 26;
  paragraph(pen, t('cuts.for', { room: sheet.file.room.name, look: sheet.look.name }), 11);
  paragraph(pen, t('cuts.intro'), 10);
  const windows = sheet.plan.windows.filter((w) => !w.shower);
  const made = windows.filter((w) => w.chosenRoute?.kind === 'made');
  if (windows.length === 0) paragraph(pen, t('cuts.none'), 11);
  for (const w of made.length > 0 ? made : windows) oneWindow(pen, sheet, w);
  paragraph(pen, t('fitting.defer'), 9);
  numberPages(pen, t);
  return { name: `${title}.pdf`, bytes: await packedFile(pen.doc) };
}

function oneWindow(pen: Pen, sheet: Sheet, w: WindowPlan): void {
  const { t } = sheet.words;
  const dressing = sheet.look.dressings.find((d) => d.id === w.dressingId);
  if (!dressing) return;
  const making = { sheet, window: w, dressing, plan: w.making };
  room(pen, 220);
  rule(pen);
  text(pen, w.name, MARGIN, { size: 15, face: 'head' });
  pen.y -= 20;
  if (w.chosenRoute?.kind !== 'made') paragraph(pen, t('cuts.asIf'), 9.5);
  for (const { label, value } of [...sizeRows(making), ...sewingRows(making)]) {
    room(pen, 15);
    text(pen, label, MARGIN, { size: 10, face: 'plain', color: SOFT });
    text(pen, value, MARGIN + 150, { size: 10, face: 'bold' });
    pen.y -= 14.5;
  }
  drawRoll(pen, making);
  for (const panels of w.making.pleated) drawPleats(pen, making, panels);
}

/** A window's curtain as the workroom makes it. */
type Making = { sheet: Sheet; window: WindowPlan; dressing: Dressing; plan: MakingPlan };
type Row = { label: string; value: string };

const lengthWords =
  ({ sheet }: Making): ((mm: Mm) => string) =>
  (mm) =>
    formatPlainLength(mm, sheet.file.room.unit);
const bareWords =
  ({ sheet }: Making) =>
  (mm: Mm): string =>
    formatBarePlainLength(mm, sheet.file.room.unit);
const repeatOf = ({ window, dressing }: Making): Mm => dressing.making.repeatMm ?? window.repeatMm;

/** What it comes to: lengths, panels, widths of cloth. */
function sizeRows(making: Making): Row[] {
  const { sheet, window: w, dressing, plan: m } = making;
  const { t } = sheet.words;
  const { unit } = sheet.file.room;
  const length = lengthWords(making);
  const lengths = new Set(w.panelPlans.map((p) => length(p.finishedLengthMm)));
  const perPanel = t('cuts.perPanel', { count: Number(m.widthsPerPanel.toFixed(2)) });
  const fullness = dressing.fullness ?? ruleBook(sheet.file.rules, unit).number('windows.fullness');
  const each = panelWork(w, ruleBook(sheet.file.rules, unit)).map((panel): Row => {
    const words = panelWords(panel, (key, values) => t(`windows.${key as 'panelMade'}`, values), unit);
    const [label = '', ...facts] = words.split(': ');
    return { label, value: facts.join(': ') };
  });
  const rows: Row[] = [
    { label: t('cuts.finished'), value: [...lengths].join(', ') },
    ...each,
    { label: t('cuts.panels'), value: `${Math.round(m.widths / m.widthsPerPanel)}, ${perPanel}` },
    { label: t('cuts.heading'), value: t(`windows.${dressing.heading}`) },
    { label: t('cuts.fullness'), value: `${fullness.toFixed(2)}×` },
    { label: t('cuts.widths'), value: widthWords(making) },
  ];
  if (w.repeatMm > 0) rows.push({ label: t('cuts.repeat'), value: length(repeatOf(making)) });
  rows.push({ label: t('cuts.total'), value: clothWords(m.totalMm, unit, length) });
  return rows;
}

/** How many widths are cut to what length; every second one longer where the pattern drops by half. */
function widthWords(making: Making): string {
  const { t } = making.sheet.words;
  const { widths, cutMm, halfDropMm } = making.plan;
  const length = lengthWords(making);
  if (halfDropMm <= 0 || widths <= 1) return t('cuts.each', { count: widths, cut: length(cutMm) });
  const even = t('cuts.each', { count: Math.ceil(widths / 2), cut: length(cutMm) });
  const odd = t('cuts.eachHalf', { count: Math.floor(widths / 2), cut: length(cutMm + halfDropMm) });
  return `${even}; ${odd}`;
}

/** A length of cloth as it is ordered: metres, or yards. */
const clothWords = (mm: Mm, unit: LengthUnit, length: (mm: Mm) => string): string =>
  unit === 'cm' ? `${(mm / 1000).toFixed(2)} m` : `${(mm / MM_PER_YARD).toFixed(2)} yd (${length(mm)})`;
const MM_PER_YARD = feet(3);

/** How it is hemmed, lined and headed. */
function sewingRows(making: Making): Row[] {
  const { sheet, window: w, plan: m } = making;
  const { t } = sheet.words;
  const length = lengthWords(making);
  const rows: Row[] = [
    { label: t('cuts.allowance'), value: length(m.headingAllowanceMm) },
    w.lowerRodMm === null
      ? { label: t('cuts.bottom'), value: `${length(m.hemAllowanceMm / 2)} × 2` }
      : { label: t('cuts.lowerPocket'), value: length(m.hemAllowanceMm) },
    { label: t('cuts.sides'), value: `${length(m.sideHemMm / 2)} × 2` },
    { label: t('cuts.flat'), value: length(m.flatHemmedMm) },
  ];
  if (m.liningWidths > 0) {
    const value = t('cuts.each', { count: m.liningWidths, cut: length(m.liningCutMm) });
    rows.push({ label: t('cuts.lining'), value });
  }
  rows.push(...headingRows(making));
  const letDown = m.letDownMm > 0.5 ? length(m.letDownMm) : t('windows.noLetDown');
  rows.push({ label: t('cuts.letDown'), value: letDown });
  return rows;
}

function headingRows(making: Making): Row[] {
  const { sheet, window: w, plan } = making;
  const { t } = sheet.words;
  const length = lengthWords(making);
  const { pleated, handPleats } = plan;
  const rows = pleated.map(({ numbers, pleats, spaces, spaceMm, clothPerPleatMm }): Row => {
    const facts = { spaces, space: length(spaceMm), cloth: length(clothPerPleatMm) };
    return {
      label: t('cuts.pleats', { panels: listWords(numbers.map(String)), count: numbers.length }),
      value: `${pleats}, ${t('windows.pleatsIs', facts)}`,
    };
  });
  if (handPleats) rows.push({ label: t('cuts.handPleats'), value: t('windows.handPleatsIs', handPleats) });
  if (w.rings + w.hooks > 0)
    rows.push({ label: t('cuts.rings'), value: t('cuts.ringsOf', { rings: w.rings, hooks: w.hooks }) });
  return rows;
}

/** The roll from its start: cuts in their order, repeats as ticks, the places as numbers. */
function drawRoll(pen: Pen, making: Making): void {
  const { t } = making.sheet.words;
  const { cuts, totalMm } = making.plan;
  const bare = bareWords(making);
  const perMm = (pen.width - 2 * MARGIN) / totalMm;
  room(pen, 74);
  pen.y -= 4;
  text(pen, t('cuts.roll'), MARGIN, { size: 10, face: 'plain', color: SOFT });
  pen.y -= 34;
  cuts.forEach((cut, i) => {
    const [x, width] = [MARGIN + cut.fromMm * perMm, (cut.toMm - cut.fromMm) * perMm];
    const shade = i % 2 ? 0.93 : 0.98;
    pen.page.drawRectangle({
      x,
      y: pen.y,
      width,
      height: 24,
      color: rgb(shade, shade, shade),
      borderColor: INK,
      borderWidth: 0.7,
    });
    pen.y += 8;
    text(pen, String(i + 1), x + width / 2 - 3, { size: 9, face: 'bold' });
    pen.y -= 8;
  });
  drawRepeats(pen, repeatOf(making), totalMm, perMm);
  pen.y -= 14;
  inColumns(
    pen,
    cuts.map((c, i) => t('cuts.cutN', { n: i + 1, from: bare(c.fromMm), to: bare(c.toMm) })),
  );
}

function drawRepeats(pen: Pen, repeatMm: Mm, totalMm: Mm, perMm: number): void {
  if (repeatMm <= 0) return;
  for (let mm = repeatMm; mm < totalMm - 1; mm += repeatMm) {
    const x = MARGIN + mm * perMm;
    const end = { x, y: pen.y + 5 };
    pen.page.drawLine({ start: { x, y: pen.y }, end, thickness: 0.5, color: LINE });
  }
}

/** A panel laid flat: where each pleat begins and ends, from the leading edge. */
function drawPleats(pen: Pen, making: Making, { marks, numbers }: MakingPlan['pleated'][number]): void {
  const { t } = making.sheet.words;
  const bare = bareWords(making);
  const width = pen.width - 2 * MARGIN;
  const perMm = width / making.plan.flatHemmedMm;
  room(pen, 70);
  const panels = { panels: listWords(numbers.map(String)), count: numbers.length };
  text(pen, t('cuts.marks', panels), MARGIN, { size: 10, face: 'plain', color: SOFT });
  pen.y -= 28;
  pen.page.drawRectangle({ x: MARGIN, y: pen.y, width, height: 18, borderColor: INK, borderWidth: 0.7 });
  for (const p of marks)
    pen.page.drawRectangle({
      x: MARGIN + p.flatFromMm * perMm,
      y: pen.y,
      width: (p.flatToMm - p.flatFromMm) * perMm,
      height: 18,
      color: rgb(0.86, 0.86, 0.86),
      borderColor: INK,
      borderWidth: 0.5,
    });
  pen.y -= 13;
  inColumns(
    pen,
    marks.map((p, i) => t('cuts.mark', { n: i + 1, from: bare(p.flatFromMm), to: bare(p.flatToMm) })),
  );
}

const COLUMN = 130;
/** Short lines side by side, as many as the page is wide. */
function inColumns(pen: Pen, lines: readonly string[]): void {
  const perRow = Math.max(1, Math.floor((pen.width - 2 * MARGIN) / COLUMN));
  lines.forEach((words, i) => {
    if (i % perRow === 0 && i > 0) {
      pen.y -= 12;
      room(pen, 14);
    }
    text(pen, words, MARGIN + (i % perRow) * COLUMN, { size: 9, face: 'plain' });
  });
  pen.y -= 18;
}
