import 'server-only';
import { findOne } from '../../core/base/list';
import { rgb, type PDFPage } from 'pdf-lib';
import { formatLength } from '../../core/base/length';
import { inches } from '../../core/base/units';
import {
  MOST_TEMPLATE_PAGES,
  TEMPLATE_EDGE,
  TEMPLATE_FOOT,
  templateGrid,
} from '../../core/plan/templatePages';
import { templateOf, tilesOf, type Template } from '../../core/plan/templates';
import { ruleBook } from '../../core/rules/book';
import { svgText } from '../svg';
import { packedFile } from './packed';
import { INK, SOFT, newPen, PT, sizeBars, text, type Paper, type Pen } from './pen';
import { makeSheet, type Sheet, type SheetAsk } from './rows';

type Found = { sheet: Sheet; template: Template };
type Of = { hangingId: string } | { groupId: string };
const find = (ask: SheetAsk, subject: Of): Found | undefined => {
  const sheet = makeSheet(ask);
  const template = sheet && templateOf(sheet.file, sheet.look, sheet.plan, subject);
  return sheet && template ? { sheet, template } : undefined;
};

/**
 * A piece's or a group's template on pages of A4 or Letter: overlapping, with crop and alignment marks, bars
 * to check the size by, nails, and where it hangs. Only the number of pages where they would be too many.
 */
export async function templatePdf(
  ask: SheetAsk,
  subject: Of,
  paper: Paper,
): Promise<{ name: string; bytes: Uint8Array } | { pages: number } | undefined> {
  const found = find(ask, subject);
  if (!found) return undefined;
  const { sheet, template } = found;
  const { t } = sheet.words;
  const overlap = ruleBook(sheet.file.rules, sheet.file.room.unit).number('walls.templateOverlap');
  const grid = templateGrid(template, paper, overlap);
  const { page } = grid;
  const pages = grid.columns * grid.rows;
  if (pages > MOST_TEMPLATE_PAGES) return { pages };
  const pen = await newPen(paper, t('template.title', { name: template.name }));
  const nails = template.frames.flatMap((f) => f.nails);
  const { columns, rows, tiles } = tilesOf(template.widthMm, template.heightMm, page, overlap, nails);
  const [width, height] = [grid.paper.widthMm * PT, grid.paper.heightMm * PT];
  pen.page.setSize(width, height);
  const field = fieldOf(page);
  tiles.forEach((tile, i) => {
    if (i > 0) pen.page = pen.doc.addPage([width, height]);
    const onPage: OnPage = (xMm, yMm) => ({
      x: field.left + (xMm - tile.xMm) * PT,
      y: field.bottom + (yMm - tile.yMm) * PT,
    });
    const cut = { tile, columns, rows, number: i + 1, pages: tiles.length };
    const shown = template.frames.filter((frame) => isOnPage(frame, tile, page));
    drawFrames(pen, sheet, { ...template, frames: shown }, onPage);
    maskEdges(pen.page, { width, height }, field);
    drawMarks(pen, cut, overlap, field);
    drawFoot(pen, { sheet, template }, cut);
  });
  return {
    name: `${t('template.title', { name: template.name })}, ${paper === 'a4' ? 'A4' : 'Letter'}.pdf`,
    bytes: await packedFile(pen.doc),
  };
}

/** Words about a nail stand a little above it. */
const BESIDE = 10;

/** Whether any of a frame, or of the words beside it, can be on a page. */
const isOnPage = (
  { xMm, yMm, widthMm, heightMm }: Template['frames'][number],
  tile: { xMm: number; yMm: number },
  page: { widthMm: number; heightMm: number },
): boolean =>
  xMm < tile.xMm + page.widthMm &&
  xMm + Math.max(widthMm, page.widthMm) > tile.xMm &&
  yMm < tile.yMm + page.heightMm &&
  yMm + heightMm > tile.yMm - BESIDE;

/** Where a point of the template is on its page. */
type OnPage = (xMm: number, yMm: number) => { x: number; y: number };
/** One page of the template, and which of how many it is. */
type Cut = {
  tile: { column: number; row: number };
  columns: number;
  rows: number;
  number: number;
  pages: number;
};
/** The part of a page that the template is drawn in, in points. */
type Field = { left: number; bottom: number; right: number; top: number };

function fieldOf({ widthMm, heightMm }: { widthMm: number; heightMm: number }): Field {
  const [left, bottom] = [TEMPLATE_EDGE * PT, (TEMPLATE_EDGE + TEMPLATE_FOOT) * PT];
  return { left, bottom, right: left + widthMm * PT, top: bottom + heightMm * PT };
}

function drawFrames(pen: Pen, sheet: Sheet, template: Template, onPage: OnPage): void {
  const { t, length } = sheet.words;
  for (const frame of template.frames) {
    const { xMm, yMm, widthMm, heightMm, centre } = frame;
    const outline = { width: widthMm * PT, height: heightMm * PT, borderColor: INK, borderWidth: 1 };
    pen.page.drawRectangle({ ...onPage(xMm, yMm), ...outline });
    const axis = { thickness: 0.4, color: SOFT, dashArray: [6, 4] };
    const acrossLine = { start: onPage(xMm, centre.yMm), end: onPage(xMm + widthMm, centre.yMm) };
    const upLine = { start: onPage(centre.xMm, yMm), end: onPage(centre.xMm, yMm + heightMm) };
    pen.page.drawLine({ ...acrossLine, ...axis });
    pen.page.drawLine({ ...upLine, ...axis });
    const words = onPage(centre.xMm + 4, centre.yMm + 4);
    pen.y = words.y;
    text(pen, frame.name, words.x, { size: 11, face: 'bold' });
    pen.y -= 14;
    const place = t('template.centre', {
      x: length(centre.xMm + template.wallXMm),
      height: length(centre.yMm + template.wallBottomMm),
    });
    text(pen, place, words.x, { size: 9, face: 'plain', color: SOFT });
    for (const nail of frame.nails) drawNail(pen, sheet, nail, onPage);
  }
}

function drawNail(
  pen: Pen,
  sheet: Sheet,
  nail: Template['frames'][number]['nails'][number],
  onPage: OnPage,
): void {
  const { t, length } = sheet.words;
  const { x, y } = onPage(nail.xMm, nail.yMm);
  const line = { thickness: 0.8, color: INK };
  pen.page.drawLine({ start: { x: x - 12, y }, end: { x: x + 12, y }, ...line });
  pen.page.drawLine({ start: { x, y: y - 12 }, end: { x, y: y + 12 }, ...line });
  pen.page.drawCircle({ x, y, size: 5, borderColor: INK, borderWidth: 0.8 });
  pen.y = y + 7;
  const place = t('template.nail', { x: length(nail.wallXMm), height: length(nail.wallHeightMm) });
  text(pen, place, x + 9, { size: 9, face: 'bold' });
}

/** What runs past the page's field is covered white, so that the marks stand clear. */
function maskEdges(
  page: PDFPage,
  { width, height }: { width: number; height: number },
  { left, bottom, right, top }: Field,
): void {
  const white = rgb(1, 1, 1);
  page.drawRectangle({ x: 0, y: 0, width, height: bottom, color: white });
  page.drawRectangle({ x: 0, y: top, width, height: height - top, color: white });
  page.drawRectangle({ x: 0, y: 0, width: left, height, color: white });
  page.drawRectangle({ x: right, y: 0, width: width - right, height, color: white });
}

/**
 * Crop marks at the field's corners, and crosses in the overlap that lie on one another when the pages are
 * laid together.
 */
function drawMarks(pen: Pen, { tile, columns, rows }: Cut, overlap: number, field: Field): void {
  const { left, bottom, right, top } = field;
  const line = (x1: number, y1: number, x2: number, y2: number, thickness = 0.5) =>
    pen.page.drawLine({ start: { x: x1, y: y1 }, end: { x: x2, y: y2 }, thickness, color: INK });
  for (const x of [left, right])
    for (const y of [bottom, top]) {
      const [sx, sy] = [x === left ? -1 : 1, y === bottom ? -1 : 1];
      line(x + sx * 3, y, x + sx * 11, y);
      line(x, y + sy * 3, x, y + sy * 9);
    }
  const cross = (x: number, y: number) => {
    line(x - 6, y, x + 6, y, 0.7);
    line(x, y - 6, x, y + 6, 0.7);
    pen.page.drawCircle({ x, y, size: 3, borderColor: INK, borderWidth: 0.5 });
  };
  const half = (overlap * PT) / 2;
  for (const share of [0.25, 0.75]) {
    const [x, y] = [left + share * (right - left), bottom + share * (top - bottom)];
    if (tile.column > 0) cross(left + half, y);
    if (tile.column < columns - 1) cross(right - half, y);
    if (tile.row > 0) cross(x, top - half);
    if (tile.row < rows - 1) cross(x, bottom + half);
  }
}

/** Bars to check the size by, and what the page is of. */
function drawFoot(pen: Pen, { sheet, template }: Found, { tile, columns, rows, number, pages }: Cut): void {
  const { t, length } = sheet.words;
  const wall = sheet.plan.walls.find((w) => w.id === template.wallId);
  const left = TEMPLATE_EDGE * PT;
  const base = TEMPLATE_EDGE * PT + 2;
  sizeBars(pen, left, base + 9);
  const x = left + inches(4) * PT + 34;
  const lines = [
    `${template.name}, ${wall ? sheet.words.wall(wall) : ''}`,
    t('template.page', { page: number, pages, column: tile.column + 1, columns, row: tile.row + 1, rows }),
    t('template.place', { x: length(template.wallXMm), height: length(template.wallBottomMm) }),
  ];
  lines.forEach((words, k) => {
    pen.y = base + 17 - k * 9;
    text(pen, words, x, { size: 7, face: k === 0 ? 'bold' : 'plain', color: k === 2 ? SOFT : INK });
  });
}

/** The template as one drawing at full size. */
export function templateSvg(ask: SheetAsk, subject: Of): { name: string; svg: string } | undefined {
  const found = find(ask, subject);
  if (!found) return undefined;
  const { sheet, template } = found;
  const { t } = sheet.words;
  const length = (mm: number) => formatLength(mm, sheet.file.room.unit).replace(/\u2044/g, '/');
  const y = (mm: number) => template.heightMm - mm;
  const wall = findOne(sheet.plan.walls, (w) => w.id === template.wallId);
  const parts = template.frames.map(
    (f) =>
      `<rect x="${n(f.xMm)}" y="${n(y(f.yMm + f.heightMm))}" width="${n(f.widthMm)}" height="${n(f.heightMm)}" fill="none" stroke="#000" stroke-width="0.5"/>` +
      `<path d="M${n(f.xMm)} ${n(y(f.centre.yMm))}h${n(f.widthMm)}M${n(f.centre.xMm)} ${n(y(f.yMm))}v${n(-f.heightMm)}" stroke="#777" stroke-width="0.25" stroke-dasharray="4 3" fill="none"/>` +
      `<text x="${n(f.centre.xMm + 3)}" y="${n(y(f.centre.yMm) - 3)}" font-size="5">${svgText(f.name)}</text>` +
      f.nails
        .map(
          (k) =>
            `<path d="M${n(k.xMm - 5)} ${n(y(k.yMm))}h10M${n(k.xMm)} ${n(y(k.yMm) - 5)}v10" stroke="#000" stroke-width="0.4"/><text x="${n(k.xMm + 4)}" y="${n(y(k.yMm) - 2)}" font-size="4">${svgText(t('template.nail', { x: length(k.wallXMm), height: length(k.wallHeightMm) }))}</text>`,
        )
        .join(''),
  );
  const bars = `<path d="M5 ${n(template.heightMm - 3)}h101.6M5 ${n(template.heightMm - 4.5)}v3M106.6 ${n(template.heightMm - 4.5)}v3" stroke="#000" stroke-width="0.4" fill="none"/><text x="5" y="${n(template.heightMm - 5)}" font-size="3.4">4 in, ${svgText(template.name)}, ${svgText(sheet.words.wall(wall))}</text>`;
  return {
    name: `${t('template.title', { name: template.name })}.svg`,
    svg: `<svg xmlns="http://www.w3.org/2000/svg" width="${n(template.widthMm)}mm" height="${n(template.heightMm)}mm" viewBox="0 0 ${n(template.widthMm)} ${n(template.heightMm)}" font-family="sans-serif"><title>${svgText(template.name)}</title>${parts.join('')}${bars}</svg>`,
  };
}

const n = (mm: number): string => String(Math.round(mm * 1000) / 1000);
