import 'server-only';
import { rgb } from 'pdf-lib';
import { hexOfLab } from '../../core/colour/spaces';
import { UNDYED, type Elevation } from '../../core/room/shape';
import { INK, MARGIN, newPen, numberPages, paragraph, room, rule, text, type Paper, type Pen } from './pen';
import { loadSheet, rowWords, type Sheet } from './rows';

/** Least distance of two fold lines on paper, pt. */
const LEAST_FOLD = 1.8;

/** The fitting sheet as PDF with its drawings; breaks between walls and rows, numbers the pages. */
export async function sheetPdf(
  roomId: string,
  lookId: string | null,
  paper: Paper,
): Promise<{ name: string; bytes: Uint8Array } | undefined> {
  const sheet = loadSheet(roomId, lookId);
  if (!sheet) return undefined;
  const pen = await newPen(
    paper,
    sheet.words.t('fitting.for', { room: sheet.file.room.name, look: sheet.look.name }),
  );
  write(pen, sheet);
  numberPages(pen, sheet.words.t);
  return { name: `${sheet.file.room.name}, ${sheet.look.name}.pdf`, bytes: await pen.doc.save() };
}

function write(pen: Pen, sheet: Sheet): void {
  const { words, plan, file, look } = sheet;
  const rows = rowWords(sheet);
  const { t } = words;
  text(pen, t('fitting.title'), MARGIN, 20, pen.head);
  pen.y -= 26;
  paragraph(pen, t('fitting.for', { room: file.room.name, look: look.name }), 11);
  paragraph(pen, t('fitting.datum', { line: words.length(plan.sheet.levelLineMm) }), 10);
  if (plan.sheet.steps.length === 0) paragraph(pen, t('fitting.empty'), 11);
  const first = (wallId: string) => plan.sheet.steps.findIndex((s) => s.wallId === wallId);
  for (const wall of [...plan.walls].sort((a, b) => first(a.id) - first(b.id))) {
    const steps = plan.sheet.steps.map((s, order) => ({ s, order })).filter(({ s }) => s.wallId === wall.id);
    if (steps.length === 0) continue;
    const e = plan.elevations.find((x) => x.wallId === wall.id)!;
    const drawnHigh = Math.min(150, ((pen.width - 2 * MARGIN) * 0.6 * e.ceilingMm) / e.lengthMm);
    room(pen, drawnHigh + 60);
    rule(pen);
    text(pen, words.wall(wall), MARGIN, 14, pen.head);
    pen.y -= 20;
    drawWall(pen, sheet, e, drawnHigh);
    pen.y -= 16;
    for (const { s, order } of steps) {
      room(pen, 32);
      const note = rows.note(s);
      text(pen, `${order + 1}   ${rows.title(s)}${note ? ` – ${note}` : ''}`, MARGIN, 10.5, pen.bold);
      pen.y -= 14;
      if (s.kind === 'rod' || s.kind === 'picture')
        for (const m of s.marks) {
          room(pen, 15);
          const other =
            m.wallId !== undefined && m.wallId !== s.wallId
              ? plan.walls.find((w) => w.id === m.wallId)
              : undefined;
          text(
            pen,
            other ? `${rows.mark(m)}, ${words.wall(other)}` : rows.mark(m),
            MARGIN + 20,
            9.5,
            pen.plain,
          );
          text(pen, t('fitting.fromLeft', { by: words.length(m.xMm) }), MARGIN + 120, 9.5, pen.bold);
          text(pen, t('fitting.fromFloor', { by: words.length(m.heightMm) }), MARGIN + 245, 9.5, pen.bold);
          text(pen, rows.line(m), MARGIN + 385, 9.5, pen.plain);
          pen.y -= 14;
        }
      pen.y -= 4;
    }
  }
  room(pen, 70);
  rule(pen);
  text(pen, t('fitting.buy'), MARGIN, 14, pen.head);
  pen.y -= 20;
  if (plan.sheet.buy.length === 0) paragraph(pen, t('fitting.nothingToBuy'), 10);
  for (const b of plan.sheet.buy) {
    room(pen, 15);
    text(pen, String(b.count), MARGIN, 9.5, pen.bold);
    text(pen, rows.buy(b), MARGIN + 30, 9.5, pen.plain);
    text(pen, rows.size(b), MARGIN + 290, 9.5, pen.plain);
    text(
      pen,
      b.cost === null ? t('fitting.noPrice') : (b.cost / 100).toFixed(2),
      pen.width - MARGIN - 80,
      9.5,
      pen.plain,
    );
    pen.y -= 14;
  }
  if (plan.sheet.buy.length > 0) {
    text(pen, t('fitting.total'), MARGIN + 30, 9.5, pen.bold);
    text(pen, (plan.sheet.cost / 100).toFixed(2), pen.width - MARGIN - 80, 9.5, pen.bold);
    pen.y -= 18;
  }
  if (plan.sheet.cautions.length > 0) {
    room(pen, 50);
    rule(pen);
    text(pen, t('fitting.cautions'), MARGIN, 14, pen.head);
    pen.y -= 18;
    for (const f of plan.sheet.cautions) paragraph(pen, `– ${words.finding(f)}`, 9.5);
  }
  paragraph(pen, t('fitting.defer'), 9);
}

function drawWall(pen: Pen, sheet: Sheet, e: Elevation, high: number): void {
  const perMm = high / e.ceilingMm;
  const base = pen.y - high;
  const paint = (c: Parameters<typeof hexOfLab>[0]) => {
    const hex = hexOfLab(c);
    return rgb(
      parseInt(hex.slice(1, 3), 16) / 255,
      parseInt(hex.slice(3, 5), 16) / 255,
      parseInt(hex.slice(5, 7), 16) / 255,
    );
  };
  for (const s of e.shapes) {
    const bare = s.form === 'curtain' ? paint(UNDYED) : rgb(0.87, 0.91, 0.94);
    const from = Math.max(0, s.box.xMm);
    const to = Math.min(e.lengthMm, s.box.xMm + s.box.widthMm);
    if (to <= from) continue;
    pen.page.drawRectangle({
      x: MARGIN + from * perMm,
      y: base + s.box.yMm * perMm,
      width: (to - from) * perMm,
      height: Math.min(s.box.heightMm, e.ceilingMm - s.box.yMm) * perMm,
      color: s.colours[0] ? paint(s.colours[0]) : bare,
      borderColor: rgb(0.35, 0.35, 0.35),
      borderWidth: 0.3,
    });
    // folds closer than a printed line is wide would only blacken the cloth
    const folds =
      s.form === 'curtain' && ((to - from) * perMm) / (s.folds ?? 1) >= LEAST_FOLD ? (s.folds ?? 1) : 1;
    for (let i = 1; i < folds; i++) {
      const x = MARGIN + (from + ((to - from) * i) / folds) * perMm;
      pen.page.drawLine({
        start: { x, y: base + s.box.yMm * perMm },
        end: { x, y: base + (s.box.yMm + s.box.heightMm) * perMm },
        thickness: 0.25,
        color: rgb(0.3, 0.3, 0.3),
      });
    }
  }
  pen.page.drawRectangle({
    x: MARGIN,
    y: base,
    width: e.lengthMm * perMm,
    height: high,
    borderColor: INK,
    borderWidth: 0.8,
  });
  const lineY = base + sheet.plan.sheet.levelLineMm * perMm;
  if (sheet.plan.sheet.levelLineMm < e.ceilingMm)
    pen.page.drawLine({
      start: { x: MARGIN, y: lineY },
      end: { x: MARGIN + e.lengthMm * perMm, y: lineY },
      thickness: 0.7,
      color: INK,
      dashArray: [4, 3],
    });
  sheet.plan.sheet.steps.forEach((s, order) => {
    if (s.kind !== 'rod' && s.kind !== 'picture') return;
    for (const m of s.marks.filter(
      (x) => (x.wallId ?? s.wallId) === e.wallId && x.label !== 'frameTop' && x.label !== 'frameCentre',
    )) {
      const [x, y] = [MARGIN + m.xMm * perMm, base + m.heightMm * perMm];
      pen.page.drawCircle({ x, y, size: 5.5, color: rgb(1, 1, 1), borderColor: INK, borderWidth: 0.7 });
      pen.page.drawText(String(order + 1), {
        x: x - pen.bold.widthOfTextAtSize(String(order + 1), 7) / 2,
        y: y - 2.4,
        size: 7,
        font: pen.bold,
        color: INK,
      });
    }
  });
  pen.y = base;
}
