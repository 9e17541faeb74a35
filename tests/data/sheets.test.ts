import { beforeEach, expect, test } from 'vitest';
import { BROUGHT, WORK } from '../../src/core/model/defaults';
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

test('work on one wall is named by it, work on the whole room is at none; what is brought in says its wall', async () => {
  const { sheetCsv } = await import('../../src/server/sheets/csv');
  const file = rooms.exportRoom('long-room')!;
  const [look] = file.looks;
  const works = [
    { ...WORK, id: 'one', act: 'paper', on: 'wall', of: 'w' },
    { ...WORK, id: 'all', act: 'paint', on: 'walls', of: null },
  ] as const;
  const brought = [{ ...BROUGHT, id: 'b', itemId: 'rug-stripe', xMm: 2400, yMm: 2600, turnDeg: 0 }];
  const made = sheetCsv({
    file: { ...file, looks: [{ ...look!, works: [...works], brought }] },
    lookId: null,
  })!;
  const rows = made.text
    .trim()
    .split('\r\n')
    .map((line) => line.split(','));
  const wallOf = (what: string) => rows.find((row) => row[3] === what)?.[2];
  expect([wallOf('Paper the West wall'), wallOf('Paint the walls')]).toEqual(['West wall', '']);
  const rug = rows.find((row) => row[3] === 'Cotton stripe rug')!;
  expect(rug.join(',')).toContain(` along the ${rug[2]}, `);
});
