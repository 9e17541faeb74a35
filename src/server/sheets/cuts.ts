import 'server-only';
import { rgb } from 'pdf-lib';
import { formatBareLength, formatLength } from '../../core/base/length';
import { ruleBook } from '../../core/rules/book';
import type { MakingPlan } from '../../core/stages/windows/made';
import type { WindowPlan } from '../../core/stages/windows/windowPlan';
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
import { loadSheet, type Sheet } from './rows';

/**
 * The cut list for the workroom: what to cut from the roll, how to hem, line and pleat it, window by window.
 */
export async function cutsPdf(
  roomId: string,
  lookId: string | null,
  paper: Paper,
): Promise<{ name: string; bytes: Uint8Array } | undefined> {
  const sheet = loadSheet(roomId, lookId);
  if (!sheet) return undefined;
  const { t } = sheet.words;
  const title = `${t('cuts.title')}, ${t('cuts.for', { room: sheet.file.room.name, look: sheet.look.name })}`;
  const pen = await newPen(paper, title);
  text(pen, t('cuts.title'), MARGIN, 20, pen.head);
  pen.y -= 26;
  paragraph(pen, t('cuts.for', { room: sheet.file.room.name, look: sheet.look.name }), 11);
  paragraph(pen, t('cuts.says'), 10);
  const windows = sheet.plan.windows.filter((w) => !w.shower);
  const made = windows.filter((w) => w.chosenRoute?.kind === 'made');
  if (windows.length === 0) paragraph(pen, t('cuts.none'), 11);
  for (const w of made.length > 0 ? made : windows) oneWindow(pen, sheet, w);
  paragraph(pen, t('fitting.defer'), 9);
  numberPages(pen, t);
  return { name: `${title}.pdf`, bytes: await pen.doc.save() };
}

function oneWindow(pen: Pen, sheet: Sheet, w: WindowPlan): void {
  const { t } = sheet.words;
  const { unit } = sheet.file.room;
  const length = (mm: number) => formatLength(mm, unit);
  const bare = (mm: number) => formatBareLength(mm, unit);
  const m = w.making;
  const dressing = sheet.look.dressings.find((d) => d.id === w.dressingId)!;
  room(pen, 220);
  rule(pen);
  text(pen, w.name, MARGIN, 15, pen.head);
  pen.y -= 20;
  if (w.chosenRoute?.kind !== 'made') paragraph(pen, t('cuts.asIf'), 9.5);
  const rows: [string, string][] = [
    [
      t('cuts.finished'),
      w.panelPlans
        .map((p) => length(p.finishedLengthMm))
        .filter((l, i, all) => all.indexOf(l) === i)
        .join(', '),
    ],
    [
      t('cuts.panels'),
      `${Math.round(m.widths / m.widthsPerPanel)}, ${t('cuts.perPanel', { count: Number(m.widthsPerPanel.toFixed(2)) })}`,
    ],
    [t('cuts.heading'), t(`windows.${dressing.heading as 'wave'}`)],
    [
      t('cuts.fullness'),
      `${(dressing.fullness ?? ruleBook(sheet.file.rules, unit).number('windows.fullness')).toFixed(2)}×`,
    ],
    [
      t('cuts.widths'),
      [
        t('cuts.each', {
          count: m.halfDropMm > 0 ? Math.ceil(m.widths / 2) : m.widths,
          cut: length(m.cutMm),
        }),
        ...(m.halfDropMm > 0 && m.widths > 1
          ? [t('cuts.eachHalf', { count: Math.floor(m.widths / 2), cut: length(m.cutMm + m.halfDropMm) })]
          : []),
      ].join('; '),
    ],
    ...(w.repeatMm > 0
      ? [[t('cuts.repeat'), length(dressing.making.repeatMm ?? w.repeatMm)] as [string, string]]
      : []),
    [
      t('cuts.total'),
      unit === 'cm'
        ? `${(m.totalMm / 1000).toFixed(2)} m`
        : `${(m.totalMm / 914.4).toFixed(2)} yd (${length(m.totalMm)})`,
    ],
    [t('cuts.allowance'), length(m.headingAllowanceMm)],
    w.lowerRodMm === null
      ? [t('cuts.bottom'), `${length(m.hemAllowanceMm / 2)} × 2`]
      : [t('cuts.lowerPocket'), length(m.hemAllowanceMm)],
    [t('cuts.sides'), `${length(m.sideHemMm / 2)} × 2`],
    [t('cuts.flat'), length(m.flatHemmedMm)],
    ...(m.liningWidths > 0
      ? [
          [t('cuts.lining'), `${t('cuts.each', { count: m.liningWidths, cut: length(m.liningCutMm) })}`] as [
            string,
            string,
          ],
        ]
      : []),
    ...(m.pleats
      ? [
          [
            t('cuts.pleats'),
            t('windows.pleatsIs', {
              spaces: m.pleats.spaces,
              space: length(m.pleats.spaceMm),
              cloth: length(m.pleats.clothPerPleatMm),
            }),
          ] as [string, string],
        ]
      : []),
    ...(m.handPleats
      ? [
          [
            t('cuts.handPleats'),
            t('windows.handPleatsIs', {
              bunches: m.handPleats.bunches,
              least: m.handPleats.least,
              most: m.handPleats.most,
            }),
          ] as [string, string],
        ]
      : []),
    ...(w.rings + w.hooks > 0
      ? [[t('cuts.rings'), t('cuts.ringsOf', { rings: w.rings, hooks: w.hooks })] as [string, string]]
      : []),
    [t('cuts.letDown'), m.letDownMm > 0.5 ? length(m.letDownMm) : t('windows.noLetDown')],
  ];
  for (const [label, value] of rows) {
    room(pen, 15);
    text(pen, label, MARGIN, 10, pen.plain, SOFT);
    text(pen, value, MARGIN + 150, 10, pen.bold);
    pen.y -= 14.5;
  }
  roll(pen, sheet, m, dressing.making.repeatMm ?? w.repeatMm, bare);
  if (m.pleats) pleats(pen, sheet, m, bare);
}

/** The roll from its start: cuts in their order, repeats as ticks, the places as numbers. */
function roll(pen: Pen, sheet: Sheet, m: MakingPlan, repeatMm: number, bare: (mm: number) => string): void {
  const { t } = sheet.words;
  room(pen, 74);
  pen.y -= 4;
  text(pen, t('cuts.roll'), MARGIN, 10, pen.plain, SOFT);
  pen.y -= 34;
  const perMm = (pen.width - 2 * MARGIN) / m.totalMm;
  m.cuts.forEach((c, i) => {
    const [x, width] = [MARGIN + c.fromMm * perMm, (c.toMm - c.fromMm) * perMm];
    pen.page.drawRectangle({
      x,
      y: pen.y,
      width,
      height: 24,
      color: i % 2 ? rgb(0.93, 0.93, 0.93) : rgb(0.98, 0.98, 0.98),
      borderColor: INK,
      borderWidth: 0.7,
    });
    pen.page.drawText(String(i + 1), {
      x: x + width / 2 - 3,
      y: pen.y + 8,
      size: 9,
      font: pen.bold,
      color: INK,
    });
  });
  if (repeatMm > 0)
    for (let at = repeatMm; at < m.totalMm - 1; at += repeatMm)
      pen.page.drawLine({
        start: { x: MARGIN + at * perMm, y: pen.y },
        end: { x: MARGIN + at * perMm, y: pen.y + 5 },
        thickness: 0.5,
        color: LINE,
      });
  pen.y -= 14;
  const each = 130;
  const perRow = Math.max(1, Math.floor((pen.width - 2 * MARGIN) / each));
  m.cuts.forEach((c, i) => {
    if (i % perRow === 0 && i > 0) {
      pen.y -= 12;
      room(pen, 14);
    }
    text(
      pen,
      t('cuts.cutN', { n: i + 1, from: bare(c.fromMm), to: bare(c.toMm) }),
      MARGIN + (i % perRow) * each,
      9,
      pen.plain,
    );
  });
  pen.y -= 18;
}

/** A panel laid flat: where each pleat begins and ends, from the leading edge. */
function pleats(pen: Pen, sheet: Sheet, m: MakingPlan, bare: (mm: number) => string): void {
  const { t } = sheet.words;
  const { marks } = m.pleats!;
  room(pen, 70);
  text(pen, t('cuts.marks'), MARGIN, 10, pen.plain, SOFT);
  pen.y -= 28;
  const perMm = (pen.width - 2 * MARGIN) / m.flatHemmedMm;
  pen.page.drawRectangle({
    x: MARGIN,
    y: pen.y,
    width: pen.width - 2 * MARGIN,
    height: 18,
    borderColor: INK,
    borderWidth: 0.7,
  });
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
  const each = 130;
  const perRow = Math.max(1, Math.floor((pen.width - 2 * MARGIN) / each));
  marks.forEach((p, i) => {
    if (i % perRow === 0 && i > 0) {
      pen.y -= 12;
      room(pen, 14);
    }
    text(
      pen,
      t('cuts.mark', { n: i + 1, from: bare(p.flatFromMm), to: bare(p.flatToMm) }),
      MARGIN + (i % perRow) * each,
      9,
      pen.plain,
    );
  });
  pen.y -= 18;
}
