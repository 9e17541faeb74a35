import { describe, expect, it } from 'vitest';
import { inches, inchRules, item, piece, placement } from '../../../../tests/helpers/rooms';
import { FLAGS } from '../../model/defaults';
import type { Item, Piece, Placement, Seat } from '../../model/types';
import { planSeat } from './planSeat';

const rules = inchRules();
const sofa = piece() as Piece & { seat: Seat };
const plan = (placements: Placement[], items: Item[], on = sofa) =>
  planSeat(
    on,
    {
      placements,
      items: new Map(items.map((i) => [i.id, i])),
      flags: FLAGS,
      purpose: 'everyday',
      cushionsOut: [],
    },
    rules,
  );
const codes = (seat: ReturnType<typeof plan>) => seat.findings.map((f) => f.code);

describe('a shallow seat', () => {
  it('is sat on wherever nothing stands on it', () => {
    const bench = piece({
      kind: 'bench',
      seat: { ...sofa.seat, depthMm: inches(15), seats: 2, wantedSitters: 2 },
    }) as Piece & { seat: Seat };
    const pillow = item({ widthMm: inches(16), heightMm: inches(12) });
    const on = (placements: Placement[]) => plan(placements, [pillow], bench);
    expect([on([]).canSit, codes(on([]))]).toEqual([2, expect.arrayContaining(['seat-room-good'])]);
    const [left, right] = [placement({ xMm: inches(8) }), placement({ id: 'r', xMm: inches(40) })];
    expect([on([left]).canSit, on([left, right]).canSit]).toEqual([2, 1]);
  });
});

describe('ends that differ', () => {
  const BLUE = [{ l: 40, a: 0, b: -30, share: 1 }];
  /** A blue one first, then two of another cover, the last in front; what is said of the ends. */
  const said = (blueHighIn: number, ...xIn: number[]) =>
    codes(
      plan(
        xIn.map((x, i) =>
          placement({ id: `p${i}`, itemId: i === 0 ? 'blue' : 'mid', xMm: inches(x), row: i === 2 ? 1 : 0 }),
        ),
        [
          item({ id: 'mid', name: 'Mid' }),
          item({ id: 'blue', widthMm: inches(20), heightMm: inches(blueHighIn), colours: BLUE }),
        ],
      ),
    ).filter((code) => code.startsWith('ends'));
  it('on purpose: two or more are gathered at one end, and nothing but a lumbar is at the other', () => {
    expect(said(12, 60, 10, 24)).toEqual(['ends-one-sided']);
    expect(said(12, 12, 62, 48)).toEqual(['ends-one-sided']);
  });
  it('not on purpose: a square, one against one, one in the middle, two at each end', () => {
    expect(said(18, 60, 10, 24)).toEqual(['ends-differ']);
    expect(said(12, 60, 10)).toEqual(['ends-differ']);
    expect(said(12, 60, 10, 36)).toEqual(['ends-differ']);
    // 20 in covers take up 17.6: within 4.4 in of the middle they stand in the middle
    expect([said(12, 60, 10, 32), said(12, 60, 10, 31)]).toEqual([['ends-differ'], ['ends-one-sided']]);
    expect([said(12, 60, 10, 40), said(12, 10, 60, 40)]).toEqual([['ends-differ'], ['ends-differ']]);
    expect(said(12, 60, 10, 48)).toEqual(['ends-differ']);
  });
});
