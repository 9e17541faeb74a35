import { describe, expect, it } from 'vitest';
import { chestAt, floorCodes, floorOf } from '../../../../../tests/helpers/floor';
import { bareRoom, inches, inchRules, piece, toIn } from '../../../../../tests/helpers/rooms';
import type { Piece } from '../../../model/types';

const box = chestAt;
const plan = floorOf;
const codes = floorCodes;

describe('each who sits', () => {
  const sofa = (wantedSitters: number, turnDeg = 0): Piece => {
    const p = piece({ xMm: inches(84), yMm: inches(72), turnDeg });
    return { ...p, seat: p.seat && { ...p.seat, wantedSitters } };
  };
  const table = (x: number, y: number, id = 't') =>
    box(id, [inches(x), inches(y)], [inches(16), inches(16)], { kind: 'sideTable', heightMm: inches(22) });
  const surface = (pieces: Piece[]) =>
    plan({ ...bareRoom(), pieces }).findings.find((f) => f.code === 'seat-without-surface')?.by;
  it('needs a place for a glass of their own: one at the end serves one of three', () => {
    expect(surface([sofa(1), table(140, 72)])).toBeUndefined();
    expect(surface([sofa(2), table(140, 72)])).toMatchObject({ served: 1, wanted: 2 });
    expect(surface([sofa(2), table(140, 72), table(28, 72, 'u')])).toBeUndefined();
    expect(surface([sofa(3), table(140, 72), table(28, 72, 'u')])).toMatchObject({ served: 2, wanted: 3 });
    expect(surface([sofa(3)])).toMatchObject({ served: 0, wanted: 3, other: 'none' });
  });
  it('wherever the sofa looks', () => {
    expect(surface([sofa(2, 90), table(84, 128)])).toMatchObject({ served: 1, wanted: 2 });
    expect(surface([sofa(2, 90), table(84, 128), table(84, 16, 'u')])).toBeUndefined();
  });
  it('reaches a table that stands as far off as its own rule wants it', () => {
    const low = box('c', [inches(84), inches(72 + 18 + 22 + 8)], [inches(72), inches(16)], {
      kind: 'coffeeTable',
      heightMm: inches(17),
    });
    const own = [{ ruleId: 'floor.sofaTableLeast', value: inches(22) }];
    const found = plan({ ...bareRoom(), pieces: [sofa(3), low] }, inchRules(own)).findings;
    expect(found.map((f) => f.code)).not.toContain('seat-without-surface');
    expect(codes({ ...bareRoom(), pieces: [sofa(3), low] })).toContain('seat-without-surface');
  });
});

describe('a bed for two', () => {
  const bed = (footIn: number, widthIn = 60, turnDeg = 0): Piece => {
    const away = footIn + 40;
    const along =
      turnDeg === 0 ? { xMm: inches(84), yMm: inches(144 - away) } : { xMm: inches(away), yMm: inches(72) };
    return box('bed', [0, 0], [inches(widthIn), inches(80)], {
      kind: 'bed',
      ...along,
      turnDeg,
      bed: { mattressMm: inches(18), thickMm: null, headboardMm: inches(18), footboardMm: 0 },
    });
  };
  const found = (pieces: Piece[]) =>
    plan({ ...bareRoom(), pieces }).findings.filter((f) => f.code.startsWith('bed-passage'));
  it('needs its foot passage too, on any wall', () => {
    expect(found([bed(24)]).map((f) => f.code)).toEqual(['bed-passage-good']);
    expect(found([bed(23)]).map((f) => [f.by.side, toIn(f.by.byMm as number)])).toEqual([['foot', 23]]);
    expect(found([bed(23, 60, 90)]).map((f) => [f.by.side, toIn(f.by.byMm as number)])).toEqual([
      ['foot', 23],
    ]);
    expect(found([bed(24, 60, 90)]).map((f) => f.code)).toEqual(['bed-passage-good']);
  });
  it('for one does without', () => {
    expect(found([bed(10, 38)]).map((f) => f.code)).toEqual(['bed-passage-good']);
  });
  it('is walked round beyond the bench at its foot', () => {
    const bench = box('bench', [inches(84), inches(144 - 40 + 2 + 8)], [inches(48), inches(16)], {
      kind: 'bench',
    });
    expect(found([bed(40), bench]).map((f) => [f.by.side, toIn(f.by.byMm as number)])).toEqual([
      ['foot', 22],
    ]);
    expect(found([bed(43), { ...bench, yMm: inches(144 - 43 + 2 + 8) }]).map((f) => f.code)).toEqual([
      'bed-passage-good',
    ]);
  });
  it('is got out of along a bench or a wall that its foot stands against', () => {
    const bench = (widthIn: number) =>
      box('bench', [inches(84), inches(144 - 60 + 8)], [inches(widthIn), inches(16)], { kind: 'bench' });
    for (const widthIn of [48, 60, 96])
      expect(found([bed(60), bench(widthIn)]).map((f) => f.code)).toEqual(['bed-passage-good']);
    for (const turnDeg of [0, 90])
      expect(found([bed(0, 60, turnDeg)]).map((f) => [f.by.side, f.by.byMm])).toEqual([['foot', 0]]);
    const chest = box('chest', [inches(84 + 30 + 10 + 20), inches(60)], [inches(40), inches(20)]);
    expect(found([bed(60), chest]).map((f) => [f.by.side, toIn(f.by.byMm as number)])).toEqual([
      ['right', 10],
    ]);
  });
});
