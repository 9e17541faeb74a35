import 'server-only';
import { rgb } from 'pdf-lib';
import { hexOfLab } from '../../core/colour/spaces';
import type { NumberedMark } from '../../core/plan/sheetParts';
import type { Elevation, Shape } from '../../core/room/shape';
import { drawnFrom, fitScale, type Scale } from '../../drawing/drawnFrom';
import { FORMS } from '../../drawing/forms/forms';
import { ObjectForm } from '../../drawing/forms/objects';
import { Wished } from '../../drawing/forms/wished';
import { layOnPage, newCanvas, type Canvas } from './drawn/canvas';
import { drawNode } from './drawn/draw';
import { drawWords, widthOfWords } from './letters';
import { INK, MARGIN, type Pen } from './pen';

const NUMERAL = 7;

/** The wall on the page: points to a millimetre, and where its floor is. */
type OnPage = { perMm: number; baseY: number };
type Drawn = { elevation: Elevation; marks: readonly NumberedMark[]; levelLineMm: number; highPt: number };

/** A wall in small below the pen: what is on it, the level line, and the number of each step at its marks. */
export function drawWall(pen: Pen, { elevation, marks, levelLineMm, highPt }: Drawn): void {
  const onPage = { perMm: highPt / elevation.ceilingMm, baseY: pen.y - highPt };
  drawShapes(pen, elevation, onPage, highPt);
  pen.page.drawRectangle({
    x: MARGIN,
    y: onPage.baseY,
    width: elevation.lengthMm * onPage.perMm,
    height: highPt,
    borderColor: INK,
    borderWidth: 0.8,
  });
  if (levelLineMm < elevation.ceilingMm) drawLevelLine(pen, levelLineMm, elevation.lengthMm, onPage);
  for (const m of marks) drawMark(pen, m, onPage);
  pen.y = onPage.baseY;
}

/** Everything on a wall, cut off at its ends, in the units and with the forms of the screen. */
function drawShapes(
  pen: Pen,
  { shapes, lengthMm, ceilingMm }: Elevation,
  { perMm, baseY }: OnPage,
  highPt: number,
): void {
  const widthPt = lengthMm * perMm;
  const scale = fitScale({ widthMm: lengthMm, heightMm: ceilingMm }, { width: widthPt, height: highPt }, 0);
  const canvas = newCanvas(pen.doc.context);
  for (const shape of shapes) drawShape(canvas, shape, scale);
  layOnPage(pen.page, canvas, { left: MARGIN, top: baseY + highPt, width: widthPt, height: highPt });
}

/** A shape as the screen draws it: its pattern at true scale, its folds, its frame. */
function drawShape(canvas: Canvas, shape: Shape, scale: Scale): void {
  const drawn = drawnFrom({ shape, scale, paint: hexOfLab, lampLit: false }, shape.key);
  if (drawn.w <= 0 || drawn.h <= 0) return;
  const form = FORMS[shape.form]?.(drawn) ?? ObjectForm({ drawn });
  drawNode(canvas, shape.wish ? Wished({ drawn, children: form }) : form);
}

function drawLevelLine(pen: Pen, levelLineMm: number, lengthMm: number, { perMm, baseY }: OnPage): void {
  const y = baseY + levelLineMm * perMm;
  pen.page.drawLine({
    start: { x: MARGIN, y },
    end: { x: MARGIN + lengthMm * perMm, y },
    thickness: 0.7,
    color: INK,
    dashArray: [4, 3],
  });
}

function drawMark(pen: Pen, { mark, number }: NumberedMark, { perMm, baseY }: OnPage): void {
  const [x, y] = [MARGIN + mark.xMm * perMm, baseY + mark.heightMm * perMm];
  const numeral = { size: NUMERAL, face: 'bold', color: INK } as const;
  const half = widthOfWords(pen.faces, String(number), numeral) / 2;
  pen.page.drawCircle({ x, y, size: 5.5, color: rgb(1, 1, 1), borderColor: INK, borderWidth: 0.7 });
  drawWords(pen.page, pen.faces, String(number), { x: x - half, y: y - 2.4, ...numeral });
}
