import { describe, expect, test } from 'vitest';
import {
  bareRoom,
  dressing,
  fittingOf,
  hanging,
  inches,
  item,
  opening,
  piece,
  placement,
  standing,
  toIn,
} from '../../../tests/helpers/rooms';
import type { Fitting, HomeFlags, Look, RoomFile } from '../model/types';
import { placeOnWall } from '../room/place';
import { wallsOf } from '../room/walls';
import { planLook } from './planLook';

/** A room 168 × 144 in; each wall with a piece of 60 in whose back is an inch off it. */
const WALLS = [
  { wallId: 'n', lengthIn: 168, xIn: 70, yIn: 10, turnDeg: 0, alongIn: 70 },
  { wallId: 'e', lengthIn: 144, xIn: 158, yIn: 50, turnDeg: 90, alongIn: 50 },
  { wallId: 's', lengthIn: 168, xIn: 70, yIn: 134, turnDeg: 180, alongIn: 98 },
  { wallId: 'w', lengthIn: 144, xIn: 10, yIn: 50, turnDeg: 270, alongIn: 94 },
] as const;
const OTHERS: Record<string, string> = { n: 's', e: 'w', s: 'n', w: 'e' };

const chest = ({ xIn, yIn, turnDeg }: (typeof WALLS)[number]) =>
  piece({
    id: 'chest',
    name: 'Chest',
    kind: 'chest',
    seat: null,
    xMm: inches(xIn),
    yMm: inches(yIn),
    turnDeg,
    widthMm: inches(60),
    depthMm: inches(18),
    heightMm: inches(32),
  });
const picture = item({ id: 'art', kind: 'art', widthMm: inches(40), heightMm: inches(20) });
const roomWith = (more: Partial<RoomFile>, look: Partial<Look> = {}): RoomFile => {
  const base = bareRoom();
  return { ...base, ...more, looks: [{ ...base.looks[0]!, ...look }] };
};
const plan = (file: RoomFile) => planLook(file, { lookId: 'look' });
const codes = (file: RoomFile) => plan(file).findings.map((f) => f.code);

describe.each(WALLS)('at wall $wallId', (wall) => {
  const file = roomWith(
    { pieces: [chest(wall)], items: [picture] },
    {
      hangings: [
        hanging({ id: 'over', itemId: 'art', wallId: wall.wallId, overPieceId: 'chest' }),
        hanging({ id: 'there', itemId: 'art', wallId: OTHERS[wall.wallId]!, overPieceId: null }),
      ],
    },
  );

  test('furniture is found with its middle along the wall, an inch off it', () => {
    const onWall = placeOnWall(file.pieces[0]!, wallsOf(file.room));
    expect(onWall.wallId).toBe(wall.wallId);
    expect(toIn(onWall.xMm + onWall.widthMm / 2)).toBeCloseTo(wall.alongIn, 6);
    expect(toIn(onWall.widthMm)).toBeCloseTo(60, 6);
    expect(toIn(onWall.nearMm)).toBeCloseTo(1, 6);
  });

  test('a picture over it takes its middle; one on the opposite wall does not', () => {
    const [over, there] = plan(file).hangings;
    expect(toIn(over!.xMm)).toBeCloseTo(wall.alongIn, 6);
    expect(over!.gapMm).not.toBeNull();
    expect(toIn(there!.xMm)).toBeCloseTo(wall.lengthIn / 2, 6);
    expect(there!.gapMm).toBeNull();
  });

  test('furniture is drawn on its own wall only as near as it is', () => {
    const { elevations } = plan(file);
    const near = (wallId: string) =>
      elevations
        .find((e) => e.wallId === wallId)!
        .shapes.filter((s) => s.about === 'chest' && Math.abs(s.box.widthMm - inches(60)) < 1);
    expect(near(wall.wallId).length).toBeGreaterThan(0);
    expect(near(OTHERS[wall.wallId]!)).toEqual([]);
  });

  test.each([
    ['a shelf', fittingOf({ kind: 'shelf', bottomMm: inches(55), heightMm: inches(2), depthMm: inches(10) })],
    [
      'a socket',
      fittingOf({ kind: 'socket', bottomMm: inches(12), heightMm: inches(4), widthMm: inches(4) }),
    ],
    ['a screen', fittingOf({ kind: 'tv', bottomMm: inches(36), heightMm: inches(28), widthMm: inches(48) })],
  ])('%s on the opposite wall moves no picture and no rod here', (_name, fitting) => {
    const window = opening({ wallId: wall.wallId, xMm: inches(20), widthMm: inches(36) });
    const look = { dressings: [dressing()], hangings: [file.looks[0]!.hangings[0]!] };
    const withFittings = (fittings: Fitting[]) =>
      plan(roomWith({ openings: [window], pieces: [chest(wall)], items: [picture], fittings }, look));
    const bare = withFittings([]);
    const placed = withFittings([{ ...fitting, wallId: OTHERS[wall.wallId]!, xMm: inches(60) }]);
    const facts = ({ windows, hangings }: typeof bare) => ({
      rods: windows.map((w) => [w.rodHeightMm, w.finishedLengthMm, w.brackets, w.findings]),
      pictures: hangings.map((h) => [h.xMm, h.centreMm, h.nails]),
    });
    expect(facts(placed)).toEqual(facts(bare));
  });
});

describe('a thing on a mantel under a screen', () => {
  const mantel = { widthMm: inches(60), depthMm: inches(9), topMm: inches(48) };
  const fireplace = fittingOf({
    id: 'fire',
    kind: 'fireplace',
    xMm: inches(60),
    widthMm: inches(48),
    bottomMm: 0,
    heightMm: inches(42),
    mantel,
  });
  const tv = fittingOf({
    id: 'tv',
    kind: 'tv',
    xMm: inches(60),
    widthMm: inches(48),
    bottomMm: inches(54),
    heightMm: inches(28),
    depthMm: inches(2),
  });
  const vase = (heightIn: number) =>
    item({ id: 'vase', kind: 'vase', widthMm: inches(5), heightMm: inches(heightIn) });
  const on = (heightIn: number, xIn = 30, screen: Fitting = tv) =>
    codes(
      roomWith(
        { fittings: [fireplace, screen], items: [vase(heightIn)] },
        { placements: [placement({ itemId: 'vase', ...standing('fire', 'mantel'), xMm: inches(xIn) })] },
      ),
    );
  test('is reported as soon as it rises in front of it', () => {
    // an inch is kept free below the screen
    expect(on(5)).not.toContain('before-screen');
    expect(on(5.5)).toContain('before-screen');
  });
  test('not where it stands beside the screen, and not under a screen of another wall', () => {
    // the mantel is 6 in wider than the screen at each end
    expect(on(12, 2)).not.toContain('before-screen');
    expect(on(12, 5)).toContain('before-screen');
    expect(on(12, 30, { ...tv, wallId: 's' })).not.toContain('before-screen');
  });
});

describe('a poisonous plant', () => {
  const flagged = (flags: Partial<HomeFlags>, poisonous = true): boolean => {
    const base = roomWith(
      {
        pieces: [chest(WALLS[0])],
        items: [item({ id: 'lily', kind: 'plant', poisonous })],
      },
      { placements: [placement({ itemId: 'lily', ...standing('chest') })] },
    );
    const home = { ...base.home, flags: { ...base.home.flags, ...flags } };
    return codes({ ...base, home }).includes('poisonous-plant');
  };
  test.each([
    [{ pets: true, childrenAges: [] }, true],
    [{ pets: false, childrenAges: [3] }, true],
    [{ pets: false, childrenAges: [4] }, false],
    [{ pets: false, childrenAges: [9, 1] }, true],
    [{ pets: true, childrenAges: [9] }, true],
    [{ pets: false, childrenAges: [] }, false],
  ])('in a household of %j: reported is %s', (flags, expected) => {
    expect(flagged(flags)).toBe(expected);
    expect(flagged(flags, false)).toBe(false);
  });
});
