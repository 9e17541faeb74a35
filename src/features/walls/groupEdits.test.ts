import { describe, expect, it } from 'vitest';
import { applyChange, type Change } from '../../core/model/change';
import { GROUP, HANGING } from '../../core/model/defaults';
import type { Hanging, HangingGroup, Look, RoomFile } from '../../core/model/types';
import type { GroupPlan } from '../../core/stages/walls/planGroup';
import type { HangingPlan } from '../../core/stages/walls/planHanging';
import * as edits from './groupEdits';

const group: HangingGroup = { ...GROUP, id: 'g', name: 'Three', wallId: 'n', kind: 'row' };
const piece = (id: string, own: Partial<Hanging> = {}): Hanging => ({
  ...HANGING,
  id,
  itemId: `i-${id}`,
  wallId: 'n',
  groupId: 'g',
  hanger: { kind: 'sawtooth', dropMm: 10 },
  ...own,
});
const PLACES = new Map([
  ['a', { xMm: 800, centreMm: 1500 }],
  ['b', { xMm: 1200, centreMm: 1520 }],
  ['c', { xMm: 1600, centreMm: 1480 }],
]);
function wallsOf(own: Partial<HangingGroup> = {}, hangings = ['a', 'b', 'c'].map((id) => piece(id))) {
  const look = { id: 'l', groups: [{ ...group, ...own }], hangings } as unknown as Look;
  const plan = {
    groups: [
      {
        groupId: 'g',
        middle: { xMm: 1200, centreMm: 1500 },
        xMm: 1210,
        centreMm: 1510,
        widthMm: 1000,
        gapMm: 60,
        apartMm: 300,
        members: PLACES,
      } as unknown as GroupPlan,
    ],
  };
  return { look, plan } satisfies edits.Walls;
}
/** The look after the changes. */
const lookAfter = ({ look }: edits.Walls, changes: Change[]): Look =>
  changes.reduce(applyChange, { looks: [look], items: [] } as unknown as RoomFile).looks[0]!;
const hangingIn = (look: Look, id: string) => look.hangings.find((h) => h.id === id)!;
const planned = { xMm: 1200, centreMm: 1520 } as HangingPlan;

describe('moving what hangs', () => {
  it('moves one piece of a group and keeps the others where they hang', () => {
    const walls = wallsOf();
    const look = lookAfter(walls, edits.moveTo(walls, piece('b'), planned, { xMm: 1300, centreMm: 1600 }));
    expect(hangingIn(look, 'b').groupAt).toEqual({ dxMm: 100, dyMm: 100 });
    expect(hangingIn(look, 'a').groupAt).toEqual({ dxMm: -400, dyMm: 0 });
    expect(hangingIn(look, 'c').groupAt).toEqual({ dxMm: 400, dyMm: -20 });
    expect(look.groups[0]).toMatchObject({ xMm: 1200, centreMm: 1500, aboveMm: null });
  });

  it('changes nothing else in a group whose pieces are all put by hand', () => {
    const byHand = ['a', 'b', 'c'].map((id) => piece(id, { groupAt: { dxMm: 1, dyMm: 2 } }));
    const walls = wallsOf({ xMm: 1200, centreMm: 1500 }, byHand);
    expect(edits.moveTo(walls, byHand[1]!, planned, { xMm: 1300, centreMm: 1600 })).toHaveLength(1);
  });

  it('leaves the height to its rule while a piece only goes along the wall, or leans', () => {
    const own = piece('a', { groupId: null, gapMm: 150 });
    const walls = wallsOf({}, [own]);
    const [sideways] = edits.moveTo(walls, own, planned, { xMm: 900, centreMm: 1520.005 });
    expect(sideways).toMatchObject({ hanging: { xMm: 900, centreMm: null, gapMm: 150 } });
    const [upwards] = edits.moveTo(walls, own, planned, { xMm: 900, centreMm: 1530 });
    expect(upwards).toMatchObject({ hanging: { xMm: 900, centreMm: 1530, gapMm: null } });
    const [leaning] = edits.moveTo(walls, { ...own, leans: true }, planned, { xMm: 900, centreMm: 1900 });
    expect(leaning).toMatchObject({ hanging: { centreMm: null } });
  });

  it('moves a whole group along its wall, and up only when it is meant; never into the floor', () => {
    const walls = wallsOf({ aboveMm: 200 });
    const start = { xMm: 1000, centreMm: 1500 };
    const move = (dxMm: number, dyMm: number) =>
      edits.moveGroup(walls, walls.look.groups[0]!, { dxMm, dyMm }, start)[0];
    expect(move(50, 0)).toMatchObject({ group: { xMm: 1050, centreMm: null, aboveMm: 200 } });
    expect(move(0, 80)).toMatchObject({ group: { xMm: 1000, centreMm: 1580, aboveMm: null } });
    expect(move(0, -2000)).toMatchObject({ group: { centreMm: 0 } });
  });

  it('stands by its outline, or by the point its pieces are measured from', () => {
    expect(edits.standOf(wallsOf(), group)).toEqual({ xMm: 1210, centreMm: 1510 });
    expect(edits.standOf(wallsOf(), { ...group, kind: 'pair' })).toEqual({ xMm: 1200, centreMm: 1510 });
    const byHand = wallsOf({}, [piece('a', { groupAt: { dxMm: 0, dyMm: 0 } }), piece('b')]);
    expect(edits.standOf(byHand, group)).toEqual({ xMm: 1200, centreMm: 1500 });
  });
});

describe('putting a group together and apart', () => {
  it('leaves every piece where it hangs', () => {
    const walls = wallsOf();
    const look = lookAfter(walls, edits.takeApart(walls, group));
    expect(look.groups).toEqual([]);
    expect(look.hangings.map((h) => [h.groupId, h.xMm, h.centreMm])).toEqual([
      [null, 800, 1500],
      [null, 1200, 1520],
      [null, 1600, 1480],
    ]);
    const one = lookAfter(walls, edits.leaveGroup(walls, piece('b'), planned));
    expect(one.hangings.map((h) => h.groupId)).toEqual(['g', null, 'g']);
    expect(hangingIn(one, 'b')).toMatchObject({ xMm: 1200, centreMm: 1520, gapMm: null });
  });

  it('lays out from scratch when its layout changes, and keeps hands off when it does not', () => {
    const byHand = [piece('a', { groupAt: { dxMm: 5, dyMm: 5 } }), piece('b')];
    const walls = wallsOf({ xMm: 900, centreMm: 1400 }, byHand);
    const own = walls.look.groups[0]!;
    const grid = lookAfter(walls, edits.relay(walls, own, { kind: 'grid' }));
    expect(grid.groups[0]).toMatchObject({ kind: 'grid', xMm: null, centreMm: null });
    expect(hangingIn(grid, 'a').groupAt).toBeNull();
    const named = lookAfter(walls, edits.relay(walls, own, { name: 'Four' }));
    expect(named.groups[0]).toMatchObject({ name: 'Four', xMm: 900 });
    expect(hangingIn(named, 'a').groupAt).not.toBeNull();
    const free = lookAfter(walls, edits.relay(walls, own, { kind: 'free' }));
    expect(hangingIn(free, 'a').groupAt).not.toBeNull();
  });

  it('puts pieces in another order, and touches only what comes after the first that differs', () => {
    const walls = wallsOf();
    const look = lookAfter(walls, edits.reorder(walls, group, ['a', 'c', 'b']));
    expect(look.hangings.map((h) => h.id)).toEqual(['a', 'c', 'b']);
    expect(edits.reorder(walls, group, ['a', 'c', 'b']).some((c) => 'id' in c && c.id === 'a')).toBe(false);
    expect(edits.reorder(walls, group, ['a', 'b', 'c'])).toEqual([]);
  });
});

describe('the width of a whole', () => {
  const [g] = wallsOf().plan.groups;
  it.each([
    { kind: 'row', count: 2, field: 'gapMm' },
    { kind: 'stair', count: 2, field: 'gapMm' },
    { kind: 'hinged', count: 2, field: 'gapMm' },
    { kind: 'grid', count: 1, field: 'gapMm' },
    { kind: 'pair', count: 2, field: 'apartMm' },
  ] as const)('of a $kind is made of $count parts', ({ kind, count, field }) => {
    expect(edits.widthParts(wallsOf(), { ...group, kind, hinge: 'tops' }, g!)).toMatchObject({
      count,
      field,
    });
  });

  it('cannot be typed where no gap runs across it, or a piece was put by hand', () => {
    expect(edits.widthParts(wallsOf(), { ...group, kind: 'column' }, g!)).toBeNull();
    expect(edits.widthParts(wallsOf(), { ...group, kind: 'free' }, g!)).toBeNull();
    expect(edits.widthParts(wallsOf(), { ...group, kind: 'hinged', hinge: 'line' }, g!)).toBeNull();
    const byHand = wallsOf({}, [piece('a', { groupAt: { dxMm: 0, dyMm: 0 } }), piece('b')]);
    expect(edits.widthParts(byHand, group, g!)).toBeNull();
  });
});
