import { describe, expect, it } from 'vitest';
import { bedding, onBed, queen } from '../../../../tests/helpers/findingCases/beds';
import { bareRoom, inches, item, toIn } from '../../../../tests/helpers/rooms';
import { planLook } from '../planLook';
import { bedSideView, frontView } from './scene';

const QUILT = bedding('quilt', 'spread', [90, 96]);
const SQUARE = item({ id: 'sq', widthMm: inches(26), heightMm: inches(26) });

/** A queen bed, its mattress 25 in high, with a quilt, a pillow and a board at its foot. */
function bedWith(footboardIn: number, turnDeg = 0, more: Partial<ReturnType<typeof queen>> = {}) {
  const base = bareRoom(inches(200), inches(200));
  const bed = queen({ xMm: inches(100), yMm: inches(100), turnDeg, ...more });
  const piece = {
    ...bed,
    heightMm: inches(50),
    bed: { ...bed.bed!, mattressMm: inches(25), footboardMm: inches(footboardIn) },
  };
  const placements = [onBed('q', 'quilt', { lie: 'made' }), onBed('p', 'sq', { xMm: inches(30), row: 4 })];
  const file = {
    ...base,
    pieces: [piece],
    items: [QUILT, SQUARE],
    looks: [{ ...base.looks[0]!, placements }],
  };
  const plan = planLook(file, { lookId: 'look' });
  return {
    piece,
    plan,
    bed: plan.beds[0]!,
    front: frontView(piece, plan.placed),
    side: bedSideView(piece, plan.placed),
  };
}

describe('a board at the foot of a bed', () => {
  it('is in front of all that lies on the bed, as it is seen from its foot', () => {
    for (const turnDeg of [0, 90, 217]) {
      const { front } = bedWith(30, turnDeg);
      const last = front.at(-1)!;
      expect([last.key.slice(-4), toIn(last.box.heightMm), toIn(last.box.widthMm)]).toEqual(['foot', 30, 60]);
      expect(front.filter((s) => s.key.endsWith('foot'))).toHaveLength(1);
    }
    expect(bedWith(0).front.some((s) => s.key.endsWith('foot'))).toBe(false);
  });
  it('is behind what hangs down over it, where it rises no higher than the mattress', () => {
    const { front } = bedWith(24);
    const at = (name: string) => front.findIndex((s) => s.key.endsWith(name) || s.about === name);
    expect(at('foot')).toBeGreaterThan(at('mattress'));
    expect(at('q')).toBeGreaterThan(at('foot'));
  });
  it('where it rises over the mattress nothing hangs down there; a lower one does not hold it back', () => {
    const legs = (footboardIn: number) => {
      const { plan, side } = bedWith(footboardIn);
      const quilt = plan.placed.find(({ placement }) => placement.id === 'q')!;
      return [quilt.footMm, side.find((s) => s.about === 'q')!.legRightMm].map((mm) => toIn(mm!));
    };
    expect(legs(26)).toEqual([0, 0]);
    expect(legs(25)).toEqual([16, 16]);
    expect(legs(0)).toEqual([16, 16]);
    expect([bedWith(26).bed.bed.isFootClosed, bedWith(25).bed.bed.isFootClosed]).toEqual([true, false]);
  });
  it('is said of the cover: what is over at the foot is tucked in', () => {
    const said = (footboardIn: number) =>
      bedWith(footboardIn).plan.findings.find((f) => f.code === 'cover-hangs-good')?.by.closed;
    expect([said(30), said(0)]).toEqual(['yes', 'no']);
  });
});
