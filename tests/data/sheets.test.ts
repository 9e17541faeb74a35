import { beforeEach, expect, test } from 'vitest';
import { planLook } from '../../src/core/plan/planLook';
import { demoStudio } from '../helpers/rooms';
import { ownStudio } from '../helpers/ownStudio';
import { restoreStudio } from '../helpers/restore';

ownStudio('use');
const rooms = await import('../../src/server/rooms');

const fill = async (studio: unknown = demoStudio()) => {
  const r = await restoreStudio(studio);
  if (!r.ok) throw new Error(JSON.stringify(r.issues));
  return r.value;
};
beforeEach(async () => {
  await fill();
});

const revision = (id = 'long-room') => rooms.roomState(id).revision;
const move = (amount: number) => {
  const o = rooms.exportRoom('long-room')!.openings[0]!;
  return { do: 'putOpening' as const, opening: { ...o, sillMm: o.sillMm + amount } };
};

test('the fitting sheet as PDF holds every page, on both papers, for every room and look, in every unit', async () => {
  const { sheetPdf } = await import('../../src/server/sheets/pdf');
  const { PDFDocument } = await import('pdf-lib');
  for (const { room, looks } of demoStudio().rooms)
    for (const paper of ['a4', 'letter'] as const) {
      const made = (await sheetPdf(
        { file: rooms.exportRoom(room.id)!, lookId: looks[looks.length - 1]!.id },
        paper,
      ))!;
      expect(made.name).toBe(`${room.name}, ${looks[looks.length - 1]!.name}.pdf`);
      expect((await PDFDocument.load(made.bytes)).getPageCount()).toBeGreaterThan(0);
    }
  expect(await sheetPdf({ file: rooms.exportRoom('landing')!, lookId: 'none' }, 'a4')).toBeUndefined();
});

test('the fitting sheet as CSV has a row for each mark and each thing to buy, and writes no formula', async () => {
  const { sheetCsv } = await import('../../src/server/sheets/csv');
  rooms.changeRoom('long-room', revision(), [
    { do: 'putOpening', opening: { ...move(0).opening, name: '=cmd()' } },
  ]);
  const ask = { file: rooms.exportRoom('long-room')!, lookId: 'early-summer' };
  const { steps, buy } = planLook(ask.file, ask).sheet;
  const made = sheetCsv(ask)!;
  const lines = made.text.trim().split('\r\n');
  expect(lines.length).toBe(
    1 + steps.reduce((n, s) => n + (s.kind === 'curtain' ? 1 : Math.max(1, s.marks.length)), 0) + buy.length,
  );
  expect(made.text).not.toMatch(/(^|,)"?=/m);
  expect(sheetCsv({ ...ask, lookId: 'none' })).toBeUndefined();
});
