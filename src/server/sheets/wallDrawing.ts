import 'server-only';
import { rgb } from 'pdf-lib';
import { hexOfLab } from '../../core/colour/spaces';
import type { Swatch } from '../../core/model/types';
import type { NumberedMark } from '../../core/plan/sheetParts';
import { UNDYED, type Elevation, type Shape } from '../../core/room/shape';
import { INK, MARGIN, type Pen } from './pen';
import { drawWords, widthOfWords } from './letters';

/** Least distance of two fold lines on paper, pt. Closer ones would only blacken the cloth. */
const LEAST_FOLD = 1.8;
const PALE = rgb(0.87, 0.91, 0.94);
const EDGE = rgb(0.35, 0.35, 0.35);
const FOLD = rgb(0.3, 0.3, 0.3);
const NUMERAL = 7;

const paint = (colour: Pick<Swatch, 'l' | 'a' | 'b'>) => {
  const hex = hexOfLab(colour);
  const part = (start: number) => parseInt(hex.slice(start, start + 2), 16) / 255;
  return rgb(part(1), part(3), part(5));
};

/** The wall on the page: points to a millimetre, and where its floor is. */
type OnPage = { perMm: number; baseY: number };
type Drawn = { elevation: Elevation; marks: readonly NumberedMark[]; levelLineMm: number; highPt: number };

/** A wall in small below the pen: what is on it, the level line, and the number of each step at its marks. */
export function drawWall(pen: Pen, { elevation, marks, levelLineMm, highPt }: Drawn): void {
  const onPage = { perMm: highPt / elevation.ceilingMm, baseY: pen.y - highPt };
  for (const shape of elevation.shapes) drawShape(pen, shape, elevation, onPage);
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

function drawShape(pen: Pen, s: Shape, { lengthMm, ceilingMm }: Elevation, { perMm, baseY }: OnPage): void {
  const leftMm = Math.max(0, s.box.xMm);
  const widthMm = Math.min(lengthMm, s.box.xMm + s.box.widthMm) - leftMm;
  if (widthMm <= 0) return;
  const bare = s.form === 'curtain' ? paint(UNDYED) : PALE;
  const y = baseY + s.box.yMm * perMm;
  pen.page.drawRectangle({
    x: MARGIN + leftMm * perMm,
    y,
    width: widthMm * perMm,
    height: Math.min(s.box.heightMm, ceilingMm - s.box.yMm) * perMm,
    color: s.colours[0] ? paint(s.colours[0]) : bare,
    borderColor: s.wish ? INK : EDGE,
    borderWidth: s.wish ? 0.7 : 0.3,
    ...(s.wish ? { borderDashArray: [3, 2], opacity: 0.45 } : {}),
  });
  const folds = s.form === 'curtain' ? (s.folds ?? 1) : 1;
  if ((widthMm * perMm) / folds < LEAST_FOLD) return;
  for (let i = 1; i < folds; i++) {
    const x = MARGIN + (leftMm + (widthMm * i) / folds) * perMm;
    const end = { x, y: y + s.box.heightMm * perMm };
    pen.page.drawLine({ start: { x, y }, end, thickness: 0.25, color: FOLD });
  }
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
