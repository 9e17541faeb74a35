import { describe, expect, it } from 'vitest';
import {
  bareRoom,
  fittingOf,
  inches,
  inchRules,
  item,
  piece,
  placement,
  toIn,
} from '../../../../tests/helpers/rooms';
import type { Fitting, Piece } from '../../model/types';
import { liesOn } from '../lies';
import { placeThings } from '../placed';
import { wallsOf } from '../walls';
import { spotsOfRoom } from './roomSpots';
import { addressOf, type Spot } from './spot';

const rules = inchRules();
const walls = wallsOf(bareRoom(inches(210), inches(190)).room);
const spotsIn = ({ pieces = [], fittings = [] }: { pieces?: Piece[]; fittings?: Fitting[] }): Spot[] =>
  spotsOfRoom({ pieces, fittings, openings: [], walls });

describe('the steps of a stair', () => {
  const stair = (more: Partial<Fitting>): Fitting =>
    fittingOf({
      id: 'stair',
      kind: 'stairs',
      name: 'Stair',
      wallId: 'n',
      mantel: null,
      xMm: inches(20),
      bottomMm: 0,
      widthMm: inches(100),
      heightMm: inches(75),
      depthMm: inches(40),
      ...more,
    });
  const treads = (more: Partial<Fitting> = {}) =>
    spotsIn({ fittings: [stair(more)] }).map((s) => [
      s.part,
      toIn(s.middle.xMm),
      toIn(s.zMm),
      toIn(s.widthMm),
    ]);
  it('go up to the side that it rises to, each about 7½ in high', () => {
    const right = treads();
    expect(right).toHaveLength(10);
    expect(right[0]).toEqual(
      ['step1', 25, 7.5, 10].map((v) => (typeof v === 'number' ? expect.closeTo(v, 6) : v)),
    );
    expect(right[9]).toEqual(
      ['step10', 115, 75, 10].map((v) => (typeof v === 'number' ? expect.closeTo(v, 6) : v)),
    );
    const left = treads({ rises: 'left' });
    expect([left[0]?.[1], left[9]?.[1]]).toEqual([expect.closeTo(115, 6), expect.closeTo(25, 6)]);
  });
  it('begin where it begins; a stair drawn flat on the wall has none', () => {
    expect(treads({ bottomMm: inches(15) })[0]?.[2]).toBeCloseTo(22.5, 6);
    expect(treads({ depthMm: 0 })).toEqual([]);
    expect(treads({ heightMm: inches(3) })).toHaveLength(1);
  });
});

describe('the spots of a kitchen and a bathroom', () => {
  const at = (kind: Fitting['kind'], id: string, [x, bottom]: number[], [w, h, d]: number[]): Fitting =>
    fittingOf({
      id,
      kind,
      name: id,
      wallId: 'n',
      mantel: null,
      xMm: inches(x!),
      bottomMm: inches(bottom!),
      widthMm: inches(w!),
      heightMm: inches(h!),
      depthMm: inches(d!),
    });
  const counter = at('counter', 'counter', [10, 0], [100, 36, 25]);
  const hob = at('hob', 'hob', [60, 36], [24, 1, 20]);
  const sink = at('basin', 'sink', [20, 28], [24, 8, 20]);
  const stretchesOf = (fittings: Fitting[]) =>
    spotsIn({ fittings })
      .filter((s) => s.kind === 'counter')
      .map((s) =>
        [s.part, toIn(s.widthMm), toIn(s.middle.xMm)].map((v) =>
          typeof v === 'number' ? Math.round(v * 100) / 100 : v,
        ),
      );
  it('a counter is whole until a hob or a sink divides it, from the left', () => {
    expect(stretchesOf([counter])).toEqual([['counter1', 100, 60]]);
    expect(stretchesOf([counter, hob, sink])).toEqual([
      ['counter1', 10, 15],
      ['counter2', 16, 52],
      ['counter3', 26, 97],
    ]);
  });
  it('what is not in it leaves it whole: beside it, on another wall, high over it', () => {
    expect(stretchesOf([counter, at('fridge', 'fridge', [110, 0], [24, 66, 26])])).toHaveLength(1);
    expect(stretchesOf([counter, { ...hob, wallId: 's' }])).toHaveLength(1);
    expect(stretchesOf([counter, at('basin', 'high', [60, 60], [24, 8, 20])])).toHaveLength(1);
  });
  it('a sink at its very end leaves no stretch too narrow for anything', () => {
    expect(stretchesOf([counter, { ...sink, xMm: inches(11) }])).toEqual([['counter1', 75, 72.5]]);
  });
  it('a hearth is the floor in front of a fire, 16 in deep; hooks hang things from their lower edge', () => {
    const stove = at('stove', 'stove', [40, 0], [30, 34, 22]);
    const [hearth] = spotsIn({ fittings: [stove] }).filter((s) => s.kind === 'hearth');
    expect([toIn(hearth!.widthMm), toIn(hearth!.depthMm), hearth!.zMm]).toEqual([30, 16, 0]);
    expect(toIn(hearth!.middle.yMm)).toBeCloseTo(30, 6);
    const rail = at('hookRail', 'rail', [40, 66], [30, 3, 2]);
    const wrap = item({ id: 'wrap', kind: 'throw', widthMm: inches(50), heightMm: inches(60), depthMm: 0 });
    const jug = item({
      id: 'jug',
      kind: 'object',
      widthMm: inches(6),
      heightMm: inches(10),
      depthMm: inches(6),
    });
    const hang = (id: string, itemId: string) =>
      placement({ id, itemId, xMm: inches(9), spot: { of: 'rail', part: 'hook' }, lie: 'hanging' });
    const hung = placeThings([hang('t', 'wrap'), hang('b', 'jug')], {
      spots: spotsIn({ fittings: [rail] }),
      pieces: new Map(),
      items: new Map([wrap, jug].map((i) => [i.id, i])),
      rules,
    }).things;
    // cloth is folded in thirds over its middle, other things hang at their height
    expect(hung.map(({ at: a }) => [toIn(a.zMm), toIn(a.heightMm)].map((v) => Math.round(v)))).toEqual([
      [36, 30],
      [56, 10],
    ]);
    expect(liesOn('throw', 'hook')).toEqual(['hanging']);
    expect(liesOn('throw', 'top')).not.toContain('hanging');
  });
  it('a sofa has two arms once their height was measured', () => {
    const sofa = piece({ id: 'sofa', widthMm: inches(84) });
    const armed = { ...sofa, seat: { ...sofa.seat!, widthMm: inches(72), armHeightMm: inches(25) } };
    expect(
      spotsIn({ pieces: [{ ...sofa, seat: { ...sofa.seat!, armHeightMm: 0 } }] }).map(addressOf),
    ).toEqual(['sofa/seat']);
    const arms = spotsIn({ pieces: [armed] }).filter((s) => s.kind === 'arm');
    expect(arms.map((s) => [s.part, toIn(s.widthMm), Math.round(toIn(s.zMm))])).toEqual([
      ['arm1', 6, 25],
      ['arm2', 6, 25],
    ]);
  });
});
