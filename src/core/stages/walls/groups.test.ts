import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fittingOf, inches, piece, toIn } from '../../../../tests/helpers/rooms';
import { applyChange } from '../../model/change';
import { layOut, outlineOf, usualColumns, type LayoutAsk, type Sized } from './layout';
import { grouped, planOf } from '../../../../tests/helpers/grouped';

describe('layouts by their order', () => {
  const ask = (more: Partial<LayoutAsk>): LayoutAsk => ({
    kind: 'row',
    hinge: 'centres',
    gapMm: 60,
    columns: null,
    pitchDeg: 30,
    apartMm: null,
    ...more,
  });
  const size = fc.record({
    widthMm: fc.integer({ min: 50, max: 900 }),
    heightMm: fc.integer({ min: 50, max: 900 }),
  });
  const sized = fc
    .array(size, { minLength: 1, maxLength: 16 })
    .map((all): Sized[] => all.map((s, i) => ({ id: `p${i}`, ...s })));
  it('never lie over one another, and the outline’s middle is at nought', () => {
    fc.assert(
      fc.property(
        sized,
        fc.constantFrom(
          'row' as const,
          'column' as const,
          'grid' as const,
          'stair' as const,
          'hinged' as const,
        ),
        fc.constantFrom('tops' as const, 'centres' as const, 'bottoms' as const, 'line' as const),
        (pieces, kind, hinge) => {
          const positions = layOut(pieces, ask({ kind, hinge }));
          const o = outlineOf(pieces, positions);
          expect([o.leftMm + o.rightMm, o.bottomMm + o.topMm].every((n) => Math.abs(n) < 1e-6)).toBe(true);
          pieces.forEach((p, i) =>
            pieces.slice(i + 1).forEach((q) => {
              const [a, b] = [positions.get(p.id)!, positions.get(q.id)!];
              expect(
                Math.max(
                  Math.abs(a.dxMm - b.dxMm) - (p.widthMm + q.widthMm) / 2,
                  Math.abs(a.dyMm - b.dyMm) - (p.heightMm + q.heightMm) / 2,
                ),
              ).toBeGreaterThanOrEqual(60 - 1e-6);
            }),
          );
        },
      ),
    );
  });
  it('a row keeps equal gaps; hinged pieces share their tops, middles or bottoms', () => {
    fc.assert(
      fc.property(
        sized,
        fc.constantFrom('tops' as const, 'centres' as const, 'bottoms' as const),
        (pieces, hinge) => {
          const positions = layOut(pieces, ask({ kind: 'hinged', hinge }));
          pieces
            .slice(1)
            .forEach((p, i) =>
              expect(
                positions.get(p.id)!.dxMm -
                  p.widthMm / 2 -
                  positions.get(pieces[i]!.id)!.dxMm -
                  pieces[i]!.widthMm / 2,
              ).toBeCloseTo(60, 6),
            );
          const line = pieces.map(
            (p) => positions.get(p.id)!.dyMm + ({ tops: 1, centres: 0, bottoms: -1 }[hinge] * p.heightMm) / 2,
          );
          for (const l of line) expect(l).toBeCloseTo(line[0]!, 6);
        },
      ),
    );
  });
  it('a stair rises with its pitch', () => {
    const pieces = [0, 1, 2].map((i) => ({ id: `p${i}`, widthMm: 200, heightMm: 300 }));
    const positions = layOut(pieces, ask({ kind: 'stair', pitchDeg: 37 }));
    expect(
      (positions.get('p2')!.dyMm - positions.get('p0')!.dyMm) /
        (positions.get('p2')!.dxMm - positions.get('p0')!.dxMm),
    ).toBeCloseTo(Math.tan((37 * Math.PI) / 180), 9);
  });
  it('pairs are as far from the axis on both sides, at one height', () => {
    const positions = layOut(
      [
        { id: 'a', widthMm: 300, heightMm: 400 },
        { id: 'b', widthMm: 200, heightMm: 500 },
      ],
      ask({ kind: 'pair', apartMm: 700 }),
    );
    expect([positions.get('a')!.dxMm + 150, positions.get('b')!.dxMm - 100]).toEqual([-700, 700]);
    expect(positions.get('a')!.dyMm).toBe(positions.get('b')!.dyMm);
  });
  it('grids are as square as their count allows', () =>
    expect([1, 2, 4, 5, 6, 9, 12].map(usualColumns)).toEqual([1, 2, 2, 3, 3, 3, 4]));
});

describe('a group as a whole', () => {
  it('obeys the furniture’s width share together, and hangs over it by its gap', () => {
    const plan = planOf(
      grouped(
        [
          [16, 20],
          [16, 20],
          [16, 20],
        ],
        { overPieceId: 'p1' },
        { pieces: [piece()] },
      ),
    );
    const g = plan.groups[0]!;
    expect(toIn(g.widthMm)).toBe(53);
    expect(g.widthShare).toBeCloseTo(53 / 84, 6);
    expect(plan.findings.map((f) => f.code)).toEqual(
      expect.arrayContaining(['width-share-good', 'group-gaps-even']),
    );
    expect(toIn(g.aboveMm!)).toBeGreaterThanOrEqual(6);
    // its pieces are not judged one by one
    expect(plan.findings.filter((f) => f.code === 'width-share-off')).toEqual([]);
  });
  it.each([
    [96, 60, 60],
    [108, 60, 67.5],
    [120, 60, 75],
  ])('on a %d in wall the schools say %d and %d', (ceiling, single, quarter) => {
    const planBy = (school: string) =>
      planOf({
        ...grouped(
          [
            [16, 20],
            [16, 20],
          ],
          {},
          {},
          ceiling,
        ),
        rules: [{ ruleId: 'walls.gallerySchool', school }],
      }).groups[0]!;
    expect(toIn(planBy('asSingle').centreMm)).toBe(single);
    expect(toIn(planBy('quarter').centreMm)).toBe(quarter);
    expect(planBy('asSingle').schools.part).toBe(quarter - single > 2);
  });
  it('follows when its furniture moves, and when a piece is exchanged for a larger one', () => {
    const file = grouped(
      [
        [16, 20],
        [16, 20],
      ],
      { overPieceId: 'p1' },
      { pieces: [piece()] },
    );
    const previous = planOf(file);
    const moved = planOf(applyChange(file, { do: 'putPiece', piece: piece({ xMm: inches(94) }) }));
    for (const h of previous.hangings)
      expect(toIn(moved.hangings.find((x) => x.hangingId === h.hangingId)!.xMm - h.xMm)).toBeCloseTo(10, 6);
    const larger = planOf({
      ...file,
      items: file.items.map((i) => (i.id === 'f0' ? { ...i, widthMm: inches(24) } : i)),
    });
    expect(larger.groups[0]!.gapsMm.map(toIn)).toEqual([2.5]);
  });
  it('flanks a screen: same height, same distance from its middle', () => {
    const tv = fittingOf({
      id: 'tv',
      kind: 'tv',
      xMm: inches(60),
      widthMm: inches(48),
      bottomMm: inches(36),
      heightMm: inches(28),
    });
    const plan = planOf(
      grouped(
        [
          [12, 16],
          [12, 16],
        ],
        { kind: 'pair', axisId: 'tv' },
        { fittings: [tv] },
      ),
    );
    const [a, b] = plan.hangings as [(typeof plan.hangings)[0], (typeof plan.hangings)[0]];
    expect(toIn(a.centreMm)).toBe(50);
    expect(a.centreMm).toBe(b.centreMm);
    expect(toIn(84 * 25.4 - a.xMm)).toBeCloseTo(toIn(b.xMm - 84 * 25.4), 6);
  });
  it('takes its pitch from the stair on its wall, down to the left where that goes so', () => {
    const stair = fittingOf({
      id: 's',
      kind: 'stairs',
      rises: 'left',
      xMm: inches(20),
      widthMm: inches(120),
      bottomMm: 0,
      heightMm: inches(90),
    });
    const plan = planOf(
      grouped(
        [
          [10, 10],
          [10, 10],
          [10, 10],
        ],
        { kind: 'stair' },
        { fittings: [stair] },
        200,
      ),
    );
    const [a, , c] = plan.hangings;
    expect((c!.centreMm - a!.centreMm) / (c!.xMm - a!.xMm)).toBeCloseTo(-0.75, 6);
  });
  it('taken apart, its pieces stay; removed furniture leaves it on the wall', () => {
    const file = grouped(
      [
        [16, 20],
        [16, 20],
      ],
      { overPieceId: 'p1' },
      { pieces: [piece()] },
    );
    expect(
      applyChange(file, { do: 'removeGroup', lookId: 'look', id: 'group' }).looks[0]!.hangings.map(
        (h) => h.groupId,
      ),
    ).toEqual([null, null]);
    expect(applyChange(file, { do: 'removePiece', id: 'p1' }).looks[0]!.groups[0]!.overPieceId).toBeNull();
  });
  it('a grid says how many places stay empty, and that an odd one has no middle line', () => {
    const counted = (count: number, columns: number | null) =>
      planOf(
        grouped(
          Array.from({ length: count }, () => [8, 8] as [number, number]),
          { kind: 'grid', columns },
        ),
      ).groups[0]!.findings.find((f) => f.code === 'group-count')?.by.holes;
    expect(
      [
        [4, null],
        [6, null],
        [9, null],
        [10, 4],
        [5, null],
        [3, 7],
      ].map(([n, c]) => counted(n!, c ?? null)),
    ).toEqual([undefined, undefined, 0, 2, 1, 0]);
  });
  it('an empty group, one of a piece, and sixty pieces are planned', () => {
    for (const n of [0, 1, 60])
      expect(
        planOf(
          grouped(
            Array.from({ length: n }, () => [6, 8]),
            { kind: 'grid' },
            {},
            300,
          ),
        ).groups[0]!.members.size,
      ).toBe(n);
  });
});
