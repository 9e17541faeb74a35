/**
 * Facts of the trade, worked by hand. All marked common practice: no published source, the numbers stylists
 * use.
 */
import { describe, expect, it } from 'vitest';
import {
  bareRoom,
  dressing,
  hanging,
  inches,
  inchRules,
  item,
  opening,
  piece,
  placement,
  toIn,
} from '../helpers/rooms';
import { planLook } from '../../src/core/plan/planLook';
import type { Item } from '../../src/core/model/types';
import { chooseInsert } from '../../src/core/textiles/insert';
import { chooseHeight } from '../../src/core/stages/walls/height';

const rules = inchRules();
const dressed = (
  ceilingIn: number,
  more: Parameters<typeof dressing>[0] = {},
  o = opening(),
  items: Item[] = [],
) => {
  const file = bareRoom(inches(168), inches(144), inches(ceilingIn));
  return planLook(
    { ...file, items, openings: [o], looks: [{ ...file.looks[0]!, dressings: [dressing(more)] }] },
    { lookId: 'look' },
  ).windows[0]!;
};

describe('curtains (common practice)', () => {
  it('a 102 in drape with grommets hangs its rod about 3 in under a 104 in ceiling', () => {
    // rod 101 (3 below the ceiling), grommet heading stands 1½ above: 101 + 1½ = 102½; the 102 lands by
    // moving the rod ½ down
    const w = dressed(104, { heading: 'grommet' });
    expect([toIn(w.rodHeightMm), toIn(w.finishedLengthMm)]).toEqual([101, 102.5]);
    expect(w.routes.find((r) => r.kind === 'asItIs' && toIn(r.stockMm!) === 102)).toMatchObject({
      landing: 'kiss',
    });
  });
  it('108 in panels are taken up to 102 with a new 4 in hem', () => {
    // 9 ft ceiling less 4½: rod 103½, rings take down 1½, so 102 kisses
    const w = dressed(108, { rodHeightMm: inches(103.5) });
    expect(toIn(w.finishedLengthMm)).toBe(102);
    const upwards = w.routes.find((r) => r.kind === 'takeUp')!;
    expect([
      toIn(upwards.stockMm!),
      toIn(upwards.stockMm! - upwards.finishedMm),
      toIn(rules.number('windows.hem')),
    ]).toEqual([108, 6, 4]);
  });
  it('98 in panels just pool where 95½ would kiss', () => {
    const w = dressed(100, { rodHeightMm: inches(97) });
    expect(toIn(w.finishedLengthMm)).toBe(95.5);
    expect(w.routes.find((r) => r.kind === 'otherLanding' && toIn(r.stockMm!) === 98)).toMatchObject({
      landing: 'pool',
    });
  });
  it('brackets reach 6 to 8 in past the frame, 7 by rule; rods go 2 to 3 in under the ceiling, 3 by rule', () => {
    const w = dressed(108, {}, opening({ trimMm: 0 }));
    expect(toIn(rules.number('windows.bracketExtension'))).toBe(7);
    expect(toIn(inches(108) - w.rodHeightMm)).toBe(3);
  });
  it('fullness 2: a 66 in rod with returns of 3½ and an overlap of 3 wants 142 in of cloth, so 4 panels of 40', () => {
    const w = dressed(
      108,
      { itemId: 'panel', extensionLeftMm: inches(6), extensionRightMm: inches(6) },
      opening(),
      [item({ id: 'panel', kind: 'panel', count: 9, widthMm: inches(40), heightMm: inches(108) })],
    );
    expect(w.bracketToBracketMm).toBeCloseTo(inches(66), 6);
    expect(w.panels).toBe(4);
    // 160 of cloth over 66 and the returns and the overlap
    expect(w.fullness).toBeCloseTo((160 - 2 * 3.5 - 3) / 66, 6);
  });
  it('made to measure: 103½ finished, cut 8 in heading + 8 in double hem = 119½; 3 widths of 54', () => {
    const w = dressed(108);
    const made = w.routes.find((r) => r.kind === 'made')!.made!;
    expect(toIn(w.finishedLengthMm)).toBe(103.5);
    expect(toIn(made.cutMm)).toBe(119.5);
  });
});

describe('pictures (common practice)', () => {
  it('a dresser of 32 with a gap of 10 and a 36 high piece makes 60', () => {
    const h = chooseHeight(
      {
        heightMm: inches(36),
        overPiece: { topMm: inches(32), isBed: false },
        given: { centreMm: null, gapMm: null },
        ceilingMm: inches(108),
        floorMm: 0,
      },
      rules,
    );
    expect([toIn(h.gapMm!), toIn(h.centreMm)]).toEqual([10, 60]);
  });
  it('a 48 high piece over the same dresser sits at 62 with a 6 in gap, 66 with 10', () => {
    const gapAt = (gapMm: number | null) =>
      toIn(
        chooseHeight(
          {
            heightMm: inches(48),
            overPiece: { topMm: inches(32), isBed: false },
            given: { centreMm: null, gapMm },
            ceilingMm: inches(108),
            floorMm: 0,
          },
          rules,
        ).centreMm,
      );
    expect([gapAt(null), gapAt(inches(10))]).toEqual([62, 66]);
  });
  it('over a 60 in bed 36 to 48 in of width is accepted', () => {
    const file = bareRoom();
    const overTable = (widthIn: number) => {
      const full = {
        ...file,
        pieces: [
          piece({
            kind: 'bed',
            widthMm: inches(60),
            depthMm: inches(80),
            yMm: inches(41),
            heightMm: inches(36),
            seat: null,
          }),
        ],
        items: [item({ kind: 'art', widthMm: inches(widthIn), heightMm: inches(20) })],
        looks: [{ ...file.looks[0]!, hangings: [hanging({ overPieceId: 'p1' })] }],
      };
      return planLook(full, { lookId: 'look' }).findings.some((f) => f.code === 'width-share-good');
    };
    expect([35, 36, 42, 48, 49].map(overTable)).toEqual([false, true, true, true, false]);
  });
});

describe('pillows (common practice)', () => {
  it('18 in a 16 cover, 22 in a 20, 14 × 22 in a 12 × 20', () => {
    const pick = (w: number, h: number) => {
      const { insert } = chooseInsert({ widthMm: inches(w), heightMm: inches(h) }, 'feather', rules);
      return insert && [toIn(insert.widthMm), toIn(insert.heightMm)];
    };
    expect([pick(16, 16), pick(20, 20), pick(20, 12)]).toEqual([
      [18, 18],
      [22, 22],
      [14, 22],
    ]);
  });
  it('two squares on an 86 in seat leave 86 − 2 × 17.6 = 50.8, so two can still sit', () => {
    const file = bareRoom();
    const full = {
      ...file,
      pieces: [
        piece({
          widthMm: inches(100),
          seat: {
            widthMm: inches(86),
            heightMm: inches(18),
            depthMm: inches(22),
            seats: 3,
            wantedSitters: 2,
            armHeightMm: 0,
            looseCushions: 0,
          },
        }),
      ],
      items: [item()],
      looks: [
        {
          ...file.looks[0]!,
          placements: [placement({ xMm: inches(8.8) }), placement({ id: 'x2', xMm: inches(77.2) })],
        },
      ],
    };
    const seat = planLook(full, { lookId: 'look' }).seats[0]!;
    expect(toIn(seat.free[0]!.toMm - seat.free[0]!.fromMm)).toBeCloseTo(50.8, 5);
    expect(seat.canSit).toBe(2);
  });
});
