import { describe, expect, it } from 'vitest';
import { inches } from '../../base/units';
import { WORK } from '../../model/defaults';
import type { Item, Opening, Piece, RoomFile, Work } from '../../model/types';
import { planLook } from '../../plan/planLook';
import { ruleBook } from '../../rules/book';
import { box, fitting, room, type Given } from '../../../../tests/helpers/findingCases/given';
import { item, opening, placement, standing } from '../../../../tests/helpers/rooms';
import { pullHoles } from './pulls';
import { buyRule } from '../../stash/buyingParts';
import { rulesOfWork, type WorkPlan } from './planWork';

const M2 = 1e6;
const chest: Piece = box('chest', [64, 9], [48, 18], { heightMm: inches(30) });
const work = (more: Partial<Work>): Work => ({ ...WORK, id: 'w', act: 'paint', on: 'walls', ...more });
const worked = (more: Partial<Work>, given: Given = {}): RoomFile =>
  room({ pieces: [chest], works: [work(more)], ...given });
/** The only work of a room, as it is planned. */
function planned(more: Partial<Work>, given: Given = {}): WorkPlan {
  const [plan] = planLook(worked(more, given), { lookId: 'look' }).works;
  if (!plan) throw new Error('no work');
  return plan;
}
const litresOf = (more: Partial<Work>, given: Given = {}): number => {
  const { amount } = planned(more, given);
  return amount.kind === 'litres' ? amount.litres : NaN;
};

describe('paint', () => {
  // a room 168 by 144 in and 96 in high: 52 ft round, 8 ft high
  const wallsM2 = (2 * (168 + 144) * 96 * 645.16) / M2;
  it('is the area over what a litre covers, times the coats, and a tenth to spare', () => {
    expect(litresOf({})).toBeCloseTo((wallsM2 / 11) * 2 * 1.1, 6);
    expect(litresOf({ coats: 1 })).toBeCloseTo((wallsM2 / 11) * 1.1, 6);
  });
  it('is not put on openings and their casings', () => {
    const window = opening({ trimMm: 50, widthMm: 1000, heightMm: 1200 });
    const withWindow = litresOf({}, { openings: [window] });
    expect(litresOf({}) - withWindow).toBeCloseTo(((1.1 * 1.25) / 11) * 2 * 1.1, 6);
  });
  it('of one wall is for that wall', () => {
    const north = planned({ on: 'wall', of: 'n' });
    const east = planned({ on: 'wall', of: 'e' });
    expect(north.areaMm2 / east.areaMm2).toBeCloseTo(168 / 144, 6);
    expect(north.target.wallId).toBe('n');
  });
  it('of a wall under a slope ends at the slope', () => {
    const flat = planned({ on: 'wall', of: 'e' });
    const slopes = [{ wallId: 'n', lowMm: 1200, runMm: inches(144) }];
    const sloped = planned({ on: 'wall', of: 'e' }, { room: { slopes } });
    const ceilingMm = inches(96);
    expect(sloped.areaMm2 / flat.areaMm2).toBeCloseTo((1200 + ceilingMm) / 2 / ceilingMm, 3);
  });
  it('of the floor is the room’s, of the trim the skirting up to doors', () => {
    expect(planned({ on: 'floor' }).areaMm2).toBeCloseTo(inches(168) * inches(144), 3);
    const bare = planned({ on: 'trim' }).areaMm2;
    expect(bare).toBeCloseTo(2 * inches(168 + 144) * inches(5), 3);
    const door: Opening = opening({ kind: 'door', sillMm: 0, trimMm: 70, widthMm: 800, heightMm: 2000 });
    const withDoor = planned({ on: 'trim' }, { openings: [door] }).areaMm2;
    expect(withDoor - bare).toBeCloseTo(70 * (2 * 2000 + 800 + 140) - inches(5) * 940, 3);
  });
  it('of furniture is on its sides and its top; of as many things as the look uses', () => {
    const [w, d, h] = [inches(48), inches(18), inches(30)];
    expect(planned({ on: 'piece', of: 'chest' }).areaMm2).toBeCloseTo(2 * (w + d) * h + w * d, 3);
    const pot = item({ id: 'pot', kind: 'pot', count: 5, widthMm: 100, heightMm: 120, depthMm: 100 });
    const placements = [placement({ id: 'p', itemId: 'pot', count: 3, ...standing('chest') })];
    const pots = planned({ on: 'item', itemId: 'pot' }, { items: [pot], placements });
    expect(pots.areaMm2).toBeCloseTo(3 * (2 * 200 * 120 + 100 * 100), 3);
  });
  it('of what was cut down before is on what is left; of what is cut down later on the whole', () => {
    const [w, d, h] = [inches(48), inches(18), inches(30)];
    const cut = work({
      id: 'cut',
      act: 'cutDown',
      on: 'piece',
      of: 'chest',
      after: { ...WORK.after, heightMm: h / 2 },
    });
    const paint = work({ id: 'paint', on: 'piece', of: 'chest' });
    const areaOf = (works: Work[]) =>
      planLook(worked({}, { works }), { lookId: 'look' }).works.find((p) => p.work.id === 'paint')?.areaMm2;
    expect(areaOf([cut, paint])).toBeCloseTo(2 * (w + d) * (h / 2) + w * d, 3);
    expect(areaOf([paint, cut])).toBeCloseTo(2 * (w + d) * h + w * d, 3);
    // what is done already is so in the room itself
    expect(areaOf([{ ...cut, doneOn: '2026-01-05' }, paint])).toBeCloseTo(2 * (w + d) * h + w * d, 3);
    const onOther = work({ ...cut, of: 'sofa' });
    expect(areaOf([onOther, paint])).toBeCloseTo(2 * (w + d) * h + w * d, 3);
  });
  it('goes by the area that was measured, where one was', () => {
    expect(litresOf({ areaMm2: 22 * M2 })).toBeCloseTo((22 / 11) * 2 * 1.1, 6);
  });
  it('is bought beside what is left over, and not at all when that is enough', () => {
    const buy = (leftLitres: number | null) =>
      planLook(worked({ leftLitres }), { lookId: 'look' }).sheet.buy.map((line) => line.material?.amount);
    expect(buy(null)).toEqual([litresOf({})]);
    expect(buy(2)).toEqual([litresOf({}) - 2]);
    expect(buy(50)).toEqual([]);
  });
  it('waits between its coats and until it is judged; what dries by its label is not known', () => {
    expect(planned({ coats: 3 })).toMatchObject({ waitHours: 2 * 4 + 24, beginDays: 2 });
    expect(planned({ coats: 1, waitHours: 6, minutes: 90 })).toMatchObject({ waitHours: 6, beginDays: 1 });
    const onChest = { on: 'piece', of: 'chest' } as const;
    expect(planned({ act: 'glue', ...onChest })).toMatchObject({ waitHours: null, beginDays: null });
    expect(planned({ act: 'sew', ...onChest })).toMatchObject({ waitHours: 0, beginDays: 0 });
  });
});

describe('strips', () => {
  const paper = (strip: Partial<NonNullable<Work['strip']>>, more: Partial<Work> = {}) =>
    planned({
      act: 'paper',
      on: 'wall',
      of: 'n',
      strip: { widthMm: 530, lengthMm: 10_050, overlapMm: 0, ...strip },
      ...more,
    }).amount;
  // 168 in are 4267 mm: nine strips of 530; each 96 in and 2 in at both ends: 2540; three out of a roll of 10.05 m
  it('are whole, cut longer than the wall, and come whole out of a roll', () => {
    expect(paper({})).toMatchObject({ kind: 'strips', count: 9, rolls: 3, lengthMm: 30_150 });
    expect(paper({})).toMatchObject({ stripMm: expect.closeTo(2540, 6) as number });
  });
  it('lie over each other where the material is laid so', () => {
    expect(paper({ overlapMm: 100 })).toMatchObject({ count: 10, rolls: 4 });
  });
  it('are cut from one length where it is sold by length', () => {
    expect(paper({ lengthMm: null })).toMatchObject({
      count: 9,
      rolls: null,
      lengthMm: expect.closeTo(9 * 2540, 6) as number,
    });
  });
  it('of all walls are counted wall by wall', () => {
    // nine for each long wall, seven for each short one
    expect(paper({}, { on: 'walls', of: null })).toMatchObject({ count: 32, rolls: 11 });
  });
  it('tell what is cut off', () => {
    const amount = paper({});
    const covered = inches(168) * inches(96);
    expect(amount).toMatchObject({ wasteShare: expect.closeTo(1 - covered / (30_150 * 530), 6) as number });
  });
  it('that overlap by their whole width never end, and are not counted', () => {
    expect(paper({ overlapMm: 530 })).toEqual({ kind: 'open' });
  });
});

describe('film and cloth from a roll', () => {
  const film = (strip: Partial<NonNullable<Work['strip']>>, more: Partial<Work> = {}) =>
    planned({
      act: 'film',
      on: 'wall',
      of: 'n',
      strip: { widthMm: 1400, lengthMm: null, overlapMm: 0, ...strip },
      ...more,
    }).amount;
  // 168 in are 4267 mm: three strips of 1400 and one of 67 with 51 mm to spare at both sides, 2540 long
  it('takes whole strips and what is left of the face', () => {
    expect(film({})).toMatchObject({ count: 4, rolls: null });
    expect(film({})).toMatchObject({ lengthMm: expect.closeTo(4 * 2540, 6) as number });
  });
  it('has narrow pieces of several faces beside each other', () => {
    // ten whole strips; of the long walls 169 mm are left each and of the short ones, 3658 mm, 960 each, with the trim: two
    // narrow ones lie beside one of those, so they take the length of two strips, not of four
    const walls = film({}, { on: 'walls', of: null });
    const lengthMm = expect.closeTo(12 * 2540, 6) as number;
    expect(walls).toMatchObject({ count: 14, lengthMm });
  });
  it('comes out of as few rolls as can be', () => {
    // three strips come out of a roll of 10 m
    expect(film({ lengthMm: 10_000 })).toMatchObject({ count: 4, rolls: 2, lengthMm: 20_000 });
    expect(film({ lengthMm: 10_160 })).toMatchObject({ rolls: 1 });
    // a strip that is longer than a roll is told as before
    expect(film({ lengthMm: 2500 })).toMatchObject({ rolls: null });
    expect(film({ widthMm: 40, overlapMm: 40 })).toEqual({ kind: 'open' });
    // very many are only counted
    expect(film({ widthMm: 0.5, overlapMm: 0.4999 })).toMatchObject({ rolls: null });
  });
});

describe('cloth and paper round a thing', () => {
  const of = (act: Work['act'], more: Partial<Item>) =>
    planned(
      { act, on: 'item', itemId: 'x' },
      {
        items: [item({ id: 'x', ...more })],
        placements: [placement({ id: 'p', itemId: 'x', ...standing('chest') })],
      },
    ).amount;
  it('goes round both covers and the spine of a book, turned in on every side', () => {
    const size = { widthMm: 30, depthMm: 160, heightMm: 230 };
    const turnIn = inches(2.5);
    expect(of('wrap', { kind: 'book', ...size })).toEqual({
      kind: 'sheet',
      widthMm: 2 * 160 + 30 + 2 * turnIn,
      heightMm: 230 + 2 * turnIn,
      count: 1,
      cut: null,
    });
  });
  // two pads of 400 by 500, 50 thick, turned under by 63.5: pieces of 627 by 727
  const pads = (
    strip: Partial<NonNullable<Work['strip']>>,
    { used = 2, ...more }: Partial<Work> & { used?: number } = {},
  ) =>
    planned(
      {
        act: 'recover',
        on: 'item',
        itemId: 'x',
        strip: { widthMm: 1460, lengthMm: null, overlapMm: 0, ...strip },
        ...more,
      },
      {
        items: [item({ id: 'x', kind: 'object', widthMm: 400, heightMm: 500, depthMm: 50, count: used })],
        placements: [placement({ id: 'p', itemId: 'x', count: used, ...standing('chest') })],
      },
    );
  const near = (mm: number) => expect.closeTo(mm, 6) as number;
  it('is cut beside each other out of cloth of a known width', () => {
    const { amount, toBuy } = pads({});
    // two beside each other, 1454 across, take the length of one that lies across it
    expect(amount).toMatchObject({
      count: 2,
      widthMm: 627,
      heightMm: 727,
      cut: { rolls: null, lengthMm: near(627) },
    });
    expect(toBuy).toBeCloseTo(627, 6);
    expect(pads({}, { leftMm: 500 }).toBuy).toBeCloseTo(127, 6);
    expect(pads({}, { leftMm: 500 }).findings.map((f) => f.code)).toContain('strip-left-short');
  });
  it('keeps its pattern upright', () => {
    const striped = { ...WORK.after, pattern: { kind: 'stripe', repeatMm: 30 } } as const;
    expect(pads({}, { after: striped }).amount).toMatchObject({ cut: { lengthMm: near(727) } });
    expect(pads({ widthMm: 700 }, { after: striped }).amount).toMatchObject({
      cut: { lengthMm: near(1454) },
    });
  });
  it('comes out of whole rolls, or of none that is too narrow', () => {
    expect(pads({ widthMm: 700, lengthMm: 800 }).amount).toMatchObject({ cut: { rolls: 2, lengthMm: 1600 } });
    expect(pads({ widthMm: 620 }).amount).toMatchObject({ cut: undefined });
    expect(pads({ widthMm: 620 }).toBuy).toBeNull();
  });
  it('counts very many as it counts a few, again and again', () => {
    const many = pads({ widthMm: 1460 }, { used: 100 });
    expect(many.amount).toMatchObject({ count: 100, cut: { lengthMm: near(50 * 627) } });
    const rolls = pads({ widthMm: 1460, lengthMm: 1000 }, { used: 100 });
    expect(rolls.amount).toMatchObject({ cut: { rolls: 50, lengthMm: 50_000 } });
  });
  it('is dyed by its dry weight, guessed aloud where it was not weighed', () => {
    expect(of('dye', { kind: 'throw', massG: 900 })).toEqual({ kind: 'dye', massG: 900, isGuessed: false });
    const linen = { kind: 'throw', massG: 0, clothGsm: 200, widthMm: 1300, heightMm: 1700 } as const;
    expect(of('dye', linen)).toEqual({ kind: 'dye', massG: 1.3 * 1.7 * 200, isGuessed: false });
    expect(of('dye', { ...linen, clothGsm: 0 })).toMatchObject({ isGuessed: true });
  });
});

describe('pulls', () => {
  const rules = ruleBook([], 'cm');
  const holes = (oldMm: number | null, newMm: number, plateMm: number | null = null) =>
    pullHoles({ count: 1, oldMm, newMm, plateMm }, rules);
  it('are centred on the old ones, whose holes are filled where they are not used again', () => {
    expect(holes(64, 96)).toEqual({ newMm: [-48, 48], fillMm: [-32, 32], meetMm: null });
    expect(holes(96, 96)).toEqual({ newMm: [-48, 48], fillMm: [], meetMm: null });
    expect(holes(null, 96)).toEqual({ newMm: [-48, 48], fillMm: [], meetMm: null });
  });
  it('as a knob have one hole, in the middle', () => {
    expect(holes(96, 0)).toEqual({ newMm: [0], fillMm: [-48, 48], meetMm: null });
    expect(holes(0, 96)).toEqual({ newMm: [-48, 48], fillMm: [0], meetMm: null });
  });
  it('hide old holes under a plate that is long enough', () => {
    expect(holes(64, 96, 140).fillMm).toEqual([]);
    expect(holes(64, 0, 60).fillMm).toEqual([-32, 32]);
  });
  it('break into old holes that are too near', () => {
    expect(holes(64, 76).meetMm).toBeCloseTo(6, 6);
    expect(holes(64, 80).meetMm).toBeNull();
  });
});

describe('the wall of a work on a thing', () => {
  const stove = { ...fitting('stove', 's', [60, 0], [30, 32]), depthMm: inches(20) };
  it.each([
    ['chest', 'top', 'n'],
    ['f', 'hearth', 's'],
    ['e', 'corner', 'e'],
  ])('on %s, %s: wall %s', (of, part, wallId) => {
    const pot = item({ id: 'pot', kind: 'pot', widthMm: 100, heightMm: 120, depthMm: 100 });
    const placements = [placement({ id: 'p', itemId: 'pot', ...standing(of, part) })];
    const given = { items: [pot], placements, fittings: [stove] };
    expect(planned({ on: 'item', itemId: 'pot' }, given).target.wallId).toBe(wallId);
  });
});

describe('why', () => {
  const strip = { widthMm: 530, lengthMm: 10_050, repeatMm: 0, shiftMm: 0, overlapMm: 0 };
  it.each([
    [{}, 'works.cover', 'works.judgeAfter'],
    [{ coats: 1 }, 'works.cover', 'works.judgeAfter'],
    [{ coats: 1, waitHours: 6 }, 'works.cover', null],
    [{ waitHours: 6 }, 'works.cover', 'works.betweenCoats'],
    [{ act: 'wax' }, null, null],
    [{ act: 'wrap', on: 'item', itemId: 'book' }, 'works.turnIn', null],
  ] as const)('%o: its amount by %s, its wait by %s', (more, amount, wait) => {
    const book = item({ id: 'book', kind: 'book', widthMm: 150, heightMm: 220, depthMm: 30 });
    expect(rulesOfWork(planned(more, { items: [book] }))).toEqual({ amount, wait });
  });
  it('every line of a material names the rule that counts it', () => {
    const lineOf = (more: Partial<Work>, given: Given = {}) =>
      planLook(worked(more, given), { lookId: 'look' }).sheet.buy.map(buyRule);
    expect(lineOf({})).toEqual(['works.cover']);
    expect(lineOf({ act: 'paper', strip })).toEqual(['works.stripTrim']);
    expect(lineOf({ act: 'paper', strip: { ...strip, lengthMm: null } })).toEqual(['works.stripTrim']);
    const pulls = { count: 4, oldMm: 96, newMm: 128, plateMm: null };
    expect(lineOf({ act: 'pulls', on: 'piece', of: 'chest', pulls })).toEqual(['works.holesApart']);
    const book = item({ id: 'book', kind: 'book', widthMm: 150, heightMm: 220, depthMm: 30 });
    expect(lineOf({ act: 'wrap', on: 'item', itemId: 'book' }, { items: [book] })).toEqual(['works.turnIn']);
  });
});
