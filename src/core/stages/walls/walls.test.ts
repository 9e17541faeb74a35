import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { hanging, inches, inchRules, item, toIn } from '../../../../tests/helpers/rooms';
import { chooseHeight, eyeLevel, heightVerdict, type HeightFacts } from './height';
import { judgeNeighbours } from './neighbours';
import { planHanging, type HangingPlace } from './planHanging';
import { planNails } from './wire';

const rules = inchRules();
const sofa = { topMm: inches(34), isBed: false };
const height = (
  h: number,
  overPiece: { topMm: number; isBed: boolean } | null,
  given: { centreMm?: number; gapMm?: number } = {},
  ceiling = 108,
  r = rules,
) => {
  const facts: HeightFacts = {
    heightMm: inches(h),
    overPiece,
    given: { centreMm: given.centreMm ?? null, gapMm: given.gapMm ?? null },
    ceilingMm: inches(ceiling),
    floorMm: 0,
  };
  const plan = chooseHeight(facts, r);
  return { ...plan, ...heightVerdict({ height: plan, facts, aim: eyeLevel(0, r), schools: [] }, r) };
};
/** Gap, centre, how far the gap is off and how far the centre, in inches. */
const said = ({ gapMm, centreMm, gapOffMm, centreOffMm }: ReturnType<typeof height>) =>
  [gapMm ?? NaN, centreMm, gapOffMm, centreOffMm].map(toIn);
const place = (more: Partial<HangingPlace> = {}): HangingPlace => ({
  holes: [],
  stairs: [],
  childrenOrPets: false,
  wallsOf: 'plasterboard',
  wallLengthMm: inches(192),
  wallHighMm: inches(108),
  ceilingMm: inches(108),
  ceilingBy: 'ceiling',
  overPiece: null,
  openings: [],
  fittings: [],
  furniture: [],
  ...more,
});
const overPiece = {
  id: 'p1',
  name: 'Sofa',
  isBed: false,
  isSeat: true,
  xMm: inches(46),
  widthMm: inches(100),
  topMm: inches(34),
};
const codes = (p: ReturnType<typeof planHanging>) => p.findings.map((f) => f.code);

describe('centre and gap', () => {
  it('bare wall: the centre is the rule', () => {
    expect(toIn(height(30, null).centreMm)).toBe(60);
  });
  it('choose the gap in its range that brings the centre to the wish', () => {
    const h = height(30, sofa);
    expect(said(h)).toEqual([11, 60, 0, 0]);
  });
  it('when no gap does, the gap holds and the centre gives way, by how much', () => {
    const h = height(48, sofa);
    expect(said(h)).toEqual([6, 64, 0, 4]);
  });
  it('a low chest and a small piece: the widest gap, and below the wish', () => {
    const h = height(11, { topMm: inches(30), isBed: false });
    expect(said(h)).toEqual([12, 47.5, 0, -12.5]);
  });
  it('the studio may rank the centre first: then the gap gives way', () => {
    const h = height(40, sofa, {}, 108, inchRules([{ ruleId: 'walls.yields', school: 'gap' }]));
    expect(said(h)).toEqual([6, 60, 0, 0]);
    const tall = height(46, sofa, {}, 108, inchRules([{ ruleId: 'walls.yields', school: 'gap' }]));
    expect(said(tall)).toEqual([3, 60, -3, 0]);
  });
  it('a headboard keeps to its own narrower band', () => {
    expect(toIn(height(20, { topMm: inches(36), isBed: true }).gapMm!)).toBe(10);
  });
  it('a low ceiling keeps its clear space, never sinking into the furniture', () => {
    const h = height(48, sofa, {}, 86);
    expect(toIn(h.centreMm + inches(24))).toBeLessThanOrEqual(86);
    expect(h.ceilingTookMm).toBeGreaterThan(0);
    expect(toIn(height(60, sofa, {}, 84).centreMm)).toBe(64);
  });
  it('a given centre or gap is kept', () => {
    expect(toIn(height(30, sofa, { centreMm: inches(66) }).gapMm!)).toBe(17);
    expect(toIn(height(30, sofa, { centreMm: inches(66) }).gapOffMm)).toBe(5);
    expect(toIn(height(30, sofa, { gapMm: inches(8) }).centreMm)).toBe(57);
  });
  it('57 to 62 is accepted: where gap and band can both hold, both do', () => {
    // 32 + 6 + 24 = 62: the least gap, and the top of the band
    const dresser = { topMm: inches(32), isBed: false };
    for (const school of ['centre', 'gap'])
      expect(said(height(48, dresser, {}, 108, inchRules([{ ruleId: 'walls.yields', school }])))).toEqual([
        6, 62, 0, 0,
      ]);
    // 33 + 12 + 12 = 57: the widest gap, and its foot
    expect(said(height(24, { topMm: inches(33), isBed: false }))).toEqual([12, 57, 0, 0]);
    // an eighth more and one has to give way, by how much it is off the preferred centre
    expect(said(height(48.25, dresser)).map((x) => Math.round(x * 1000) / 1000)).toEqual([
      6, 62.125, 0, 2.125,
    ]);
  });
  it('is judged the same however it came about', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 4, max: 60, noNaN: true }),
        fc.option(fc.double({ min: 16, max: 60, noNaN: true })),
        fc.double({ min: 84, max: 144, noNaN: true }),
        (h, top, ceiling) => {
          const over = top === null ? null : { topMm: inches(top), isBed: false };
          const worked = height(h, over, {}, ceiling);
          const typed = height(h, over, { centreMm: worked.centreMm }, ceiling);
          expect(typed).toEqual(worked);
          if (worked.gapMm !== null && worked.gapMm >= 0) {
            const byGap = height(h, over, { gapMm: worked.gapMm }, ceiling);
            expect(byGap.centreOffMm).toBeCloseTo(worked.centreOffMm, 6);
            expect(byGap.gapOffMm).toBeCloseTo(worked.gapOffMm, 6);
          }
        },
      ),
    );
  });
  it('always closes: top of furniture + gap + half the height = centre', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 4, max: 60 }),
        fc.integer({ min: 16, max: 60 }),
        fc.integer({ min: 84, max: 144 }),
        fc.boolean(),
        (h, top, ceiling, isBed) => {
          const p = height(h, { topMm: inches(top), isBed }, {}, ceiling);
          expect(inches(top) + p.gapMm! + inches(h) / 2).toBeCloseTo(p.centreMm, 6);
        },
      ),
    );
  });
});

describe('nails', () => {
  const piece = item({ kind: 'art', widthMm: inches(48), heightMm: inches(30) });
  it('sawtooth: one nail, its drop below the top', () => {
    expect(planNails(piece, { kind: 'sawtooth', dropMm: inches(0.75) }, rules)).toMatchObject({
      dropMm: inches(0.75),
      offsetsMm: [0],
    });
  });
  it('D-rings: two nails as far apart as the rings', () => {
    expect(
      planNails(piece, { kind: 'dRings', dropMm: inches(5), ringsApartMm: inches(40) }, rules).offsetsMm.map(
        toIn,
      ),
    ).toEqual([-20, 20]);
    expect(
      planNails(piece, { kind: 'dRings', dropMm: inches(5), ringsApartMm: inches(60) }, rules).problem,
    ).toBe('hooks-too-wide');
  });
  it('two hooks hold the wire lower on the frame than one', () => {
    const wire = {
      kind: 'wire' as const,
      ringDropMm: inches(8),
      ringsApartMm: inches(40),
      wireMm: inches(42),
      hooksApartMm: null,
    };
    const [one, two] = [
      planNails(piece, { ...wire, hooks: 1 }, rules),
      planNails(piece, { ...wire, hooks: 2 }, rules),
    ];
    expect(one.dropMm).toBeLessThan(two.dropMm);
    expect(toIn(two.offsetsMm[1]! - two.offsetsMm[0]!)).toBeCloseTo(48 * ((1 / 3 + 1 / 2) / 2), 5);
  });
  it.each([
    [
      {
        ringDropMm: inches(2),
        ringsApartMm: inches(30),
        wireMm: inches(36),
        hooksApartMm: null,
        hooks: 1 as const,
      },
      'hook-above-frame',
    ],
    [
      {
        ringDropMm: inches(6),
        ringsApartMm: inches(30),
        wireMm: inches(28),
        hooksApartMm: null,
        hooks: 1 as const,
      },
      'wire-too-short',
    ],
    [
      {
        ringDropMm: inches(6),
        ringsApartMm: inches(20),
        wireMm: inches(24),
        hooksApartMm: inches(22),
        hooks: 2 as const,
      },
      'hooks-too-wide',
    ],
  ])('a wire that cannot be: %j', (wire, problem) => {
    expect(planNails(piece, { kind: 'wire', ...wire }, rules).problem).toBe(problem);
  });
});

describe('a hung piece', () => {
  const wide = item({ kind: 'art', widthMm: inches(68), heightMm: inches(34), massG: 9800 });
  it('stands centred over its furniture with its share and its nails', () => {
    const p = planHanging(
      hanging({ overPieceId: 'p1', hanger: { kind: 'dRings', dropMm: inches(4), ringsApartMm: inches(50) } }),
      wide,
      place({ overPiece }),
      rules,
    );
    expect([toIn(p.xMm), toIn(p.centreMm), toIn(p.gapMm!)]).toEqual([96, 60, 9]);
    expect(p.widthShare).toBeCloseTo(0.68, 9);
    expect(p.nails.map((n) => [toIn(n.xMm), toIn(n.heightMm)])).toEqual([
      [71, 73],
      [121, 73],
    ]);
    expect(codes(p)).toEqual(['centre-and-gap-agree', 'width-share-good', 'two-points']);
  });
  it('too narrow, one nail overPiece a seat, into the ceiling, over an opening, past the wall', () => {
    const small = planHanging(
      hanging({ overPieceId: 'p1' }),
      item({ kind: 'art', widthMm: inches(20) }),
      place({ overPiece }),
      rules,
    );
    expect(codes(small)).toContain('width-share-off');
    expect(small.findings.find((f) => f.code === 'two-points')!.level).toBe('caution');
    expect(codes(planHanging(hanging({ centreMm: inches(100) }), wide, place(), rules))).toContain(
      'picture-over-ceiling',
    );
    expect(
      codes(
        planHanging(
          hanging(),
          wide,
          place({
            openings: [
              {
                id: 'o',
                name: 'Window',
                box: { xMm: inches(80), yMm: inches(30), widthMm: inches(40), heightMm: inches(48) },
              },
            ],
          }),
          rules,
        ),
      ),
    ).toContain('picture-over-opening');
    expect(codes(planHanging(hanging({ xMm: inches(10) }), wide, place(), rules))).toContain(
      'picture-past-wall',
    );
  });
  it('a shelf above takes the height and the clear space, one below the wish or beside does not', () => {
    const shelf = (bottomIn: number, xIn = 70) =>
      place({
        fittings: [
          {
            id: 's',
            name: 'Shelf',
            electric: false,
            stairs: false,
            shelf: true,
            box: { xMm: inches(xIn), yMm: inches(bottomIn), widthMm: inches(40), heightMm: inches(1) },
          },
        ],
      });
    const tall = item({ kind: 'art', widthMm: inches(20), heightMm: inches(30) });
    const underShelf = planHanging(hanging(), tall, shelf(76), rules);
    expect([toIn(underShelf.centreMm), toIn(underShelf.topMm)]).toEqual([57, 72]);
    expect(codes(underShelf)).not.toContain('clear-above-short');
    const byHand = planHanging(hanging({ centreMm: inches(60) }), tall, shelf(76), rules);
    const short = byHand.findings.find((f) => f.code === 'clear-above-short')!.by;
    expect([toIn(Number(short.leftMm)), short.other]).toEqual([1, 'Shelf']);
    expect(toIn(planHanging(hanging(), tall, shelf(76, 120), rules).centreMm)).toBe(60);
    expect(toIn(planHanging(hanging(), tall, shelf(50), rules).centreMm)).toBe(60);
  });
  it('stands in the middle across, or at the studio’s own share of the furniture or of the wall', () => {
    const art = item({ kind: 'art', widthMm: inches(20) });
    const third = inchRules([{ ruleId: 'walls.across', value: 0.25 }]);
    const acrossOf = (p: HangingPlace, r = rules) => toIn(planHanging(hanging(), art, p, r).xMm);
    expect([
      acrossOf(place()),
      acrossOf(place({ overPiece })),
      acrossOf(place(), third),
      acrossOf(place({ overPiece }), third),
    ]).toEqual([96, 96, 48, 71]);
    expect(toIn(planHanging(hanging({ xMm: inches(30) }), art, place(), third).xMm)).toBe(30);
  });
  it('warns of cables above and below a socket', () => {
    const socket = {
      id: 's',
      name: 'Socket',
      electric: true,
      stairs: false,
      shelf: false,
      box: { xMm: inches(94), yMm: inches(12), widthMm: inches(5), heightMm: inches(3) },
    };
    expect(
      codes(planHanging(hanging(), item({ kind: 'art' }), place({ fittings: [socket] }), rules)),
    ).toContain('cable-zone');
    expect(
      codes(
        planHanging(
          hanging({ xMm: inches(140) }),
          item({ kind: 'art' }),
          place({ fittings: [socket] }),
          rules,
        ),
      ),
    ).not.toContain('cable-zone');
  });
  it('a bare-wall centre outside the usual band is said', () => {
    expect(
      planHanging(hanging({ centreMm: inches(70) }), item({ kind: 'art' }), place(), rules).findings[0],
    ).toMatchObject({ code: 'centre-yielded', level: 'caution' });
  });
});

describe('neighbours', () => {
  const boxAt = (id: string, x: number, centre: number) =>
    planHanging(
      hanging({ id, xMm: inches(x), centreMm: inches(centre) }),
      item({ kind: 'art', name: id, widthMm: inches(12), heightMm: inches(16) }),
      place(),
      rules,
    );
  it('share their centre, do not overlap, and are left alone when far apart', () => {
    expect(judgeNeighbours([boxAt('a', 60, 60), boxAt('b', 80, 60)], rules)).toEqual([]);
    expect(judgeNeighbours([boxAt('a', 60, 60), boxAt('b', 80, 58)], rules).map((f) => f.code)).toEqual([
      'neighbour-centres-differ',
    ]);
    expect(judgeNeighbours([boxAt('a', 60, 60), boxAt('b', 66, 60)], rules).map((f) => f.code)).toEqual([
      'pictures-overlap',
    ]);
    expect(judgeNeighbours([boxAt('a', 20, 60), boxAt('b', 170, 50)], rules)).toEqual([]);
  });
});
