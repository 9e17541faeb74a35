import { describe, expect, it } from 'vitest';
import { bareRoom, inches, inchRules } from '../../../tests/helpers/rooms';
import { labOfHex } from '../colour/spaces';
import { wallsOf } from '../room/walls';
import { familiesOf } from './families';
import type { Patch } from './patches';
import { placesOfPatches, roomExtent, spreadOf } from './places';
import { planSpread, spreadFamilies } from './planSpread';

const rules = inchRules();
const file = bareRoom(inches(200), inches(100));
const walls = wallsOf(file.room);
const room = roomExtent(walls);
let n = 0;
const patch = (hex: string, xIn: number, yIn: number, more: Partial<Patch> = {}): Patch => {
  n++;
  return {
    about: `t${n}`,
    name: `Thing ${n}`,
    wallId: 'n',
    colour: { ...labOfHex(hex)!, share: 1 },
    areaMm2: 100_000,
    at: { xMm: inches(xIn), yMm: inches(yIn) },
    zMm: inches(30),
    soft: true,
    fixed: false,
    shell: false,
    ...more,
  };
};
const shell = (hex: string, areaMm2: number): Patch =>
  patch(hex, 100, 50, { about: 'wall', name: '', areaMm2, fixed: true, shell: true, soft: false });
const flat = (p: Patch) => p.areaMm2;
const red = '#a3462f';
const planOf = (patches: Patch[]) => planSpread(patches, spreadFamilies(patches, walls, rules), null);
const codes = (patches: Patch[]) => planOf(patches).findings.map((f) => f.code);

describe('families', () => {
  it('takes shades of one hue together and leaves neutrals apart', () => {
    const f = familiesOf(
      [
        patch(red, 0, 0),
        patch('#b9664c', 50, 0),
        patch('#2c5c82', 90, 0),
        patch('#f2f2f0', 20, 0),
        patch('#777777', 10, 0),
      ],
      rules,
    );
    expect(f.map((x) => [x.neutral, x.shades.length]).sort()).toEqual([
      [false, 1],
      [false, 2],
      [true, 1],
      [true, 1],
    ]);
    expect(f.reduce((s, x) => s + x.share, 0)).toBeCloseTo(1, 9);
  });
  it('does not call a gold and a beige of the same hue one colour', () => {
    expect(familiesOf([patch('#d0a338', 0, 0), patch('#b8a585', 50, 0)], rules).length).toBe(2);
  });
  it('splits a patterned thing over its colours', () => {
    const f = familiesOf(
      [
        patch(red, 0, 0, { about: 'x', areaMm2: 30_000 }),
        patch('#f2f2f0', 0, 0, { about: 'x', areaMm2: 70_000 }),
      ],
      rules,
    );
    expect(f.map((x) => Number(x.share.toFixed(2)))).toEqual([0.7, 0.3]);
  });
});

describe('places', () => {
  it('nearer than 24 in is one place, in three dimensions', () => {
    const close = [patch(red, 10, 0), patch(red, 30, 0)];
    expect(placesOfPatches(close, flat, walls, rules).length).toBe(1);
    expect(
      placesOfPatches([patch(red, 10, 0), patch(red, 10, 0, { zMm: inches(70) })], flat, walls, rules).length,
    ).toBe(2);
    expect(
      placesOfPatches([patch(red, 10, 0), patch(red, 31, 0), patch(red, 52, 0)], flat, walls, rules).length,
    ).toBe(1);
  });
  it('of two gaps of one length the first round the room is named, whatever reckoning leaves', () => {
    for (const crumbIn of [-1e-9, 0, 1e-9]) {
      const s = spreadOf([patch(red, 100, 0), patch(red, 100 + crumbIn, 100)], flat, room, rules);
      expect(s.widestGap.fromMm).toBeCloseTo(inches(100), 6);
    }
    const s = spreadOf([patch(red, 100, 0), patch(red, 99, 100)], flat, room, rules);
    expect(s.widestGap.fromMm).toBeCloseTo(inches(100), 6);
    expect(
      spreadOf([patch(red, 100, 0), patch(red, 101, 100)], flat, room, rules).widestGap.fromMm,
    ).toBeCloseTo(inches(399), 6);
  });
  it('the widest gap runs round the corners of the room', () => {
    const s = spreadOf([patch(red, 50, 0), patch(red, 150, 0)], flat, room, rules);
    expect(s.widestGap.lengthMm).toBeCloseTo(inches(500), 6);
    expect(s.widestGap.share).toBeCloseTo(500 / 600, 9);
  });
  it('four places at the middles of the walls balance', () => {
    const s = spreadOf(
      [patch(red, 100, 0), patch(red, 200, 50), patch(red, 100, 100), patch(red, 0, 50)],
      flat,
      room,
      rules,
    );
    expect(s.pull).toBeCloseTo(0, 9);
    expect(s.pullTowards).toBeNull();
    expect(s.widestGap.lengthMm).toBeCloseTo(inches(150), 6);
  });
  it('a place in the corner pulls all the way', () => {
    const s = spreadOf([patch(red, 200, 0)], flat, room, rules);
    expect(s.pull).toBeCloseTo(1, 9);
    expect(s.pullTowards).toBe('east');
    expect(s.widestGap.share).toBe(1);
  });
  it('heights fall into low, hand, eye and high', () => {
    const s = spreadOf(
      [10, 30, 60, 80].map((z, i) => patch(red, 40 * i + 10, 0, { zMm: inches(z) })),
      flat,
      room,
      rules,
    );
    expect(s.heights).toEqual({ low: 1, hand: 1, eye: 1, high: 1 });
  });
  it('no place at all has no gap to speak of', () => {
    const s = spreadOf([], flat, room, rules);
    expect([s.places.length, s.pull]).toEqual([0, 0]);
  });
});

describe('what is found', () => {
  const base = () => [
    shell('#d4cbb6', 9_000_000),
    shell('#a98e6b', 2_000_000),
    patch('#2b2b2c', 60, 60, { areaMm2: 600_000 }),
  ];
  it('an accent that stands alone, one answered only once, one that is spread', () => {
    expect(codes([...base(), patch(red, 10, 0)])).toContain('accent-alone');
    expect(codes([...base(), patch(red, 10, 0), patch(red, 100, 100)])).toContain('accent-answered-once');
    const even = [
      patch(red, 100, 0),
      patch(red, 200, 50, { zMm: inches(60), soft: false }),
      patch(red, 100, 100),
      patch(red, 0, 50),
    ];
    expect(codes([...base(), ...even])).toEqual(expect.arrayContaining(['accent-even']));
    expect(codes([...base(), ...even])).not.toEqual(
      expect.arrayContaining(['accent-gap', 'accent-pull', 'accent-one-height']),
    );
  });
  it('a colour of the shell is no accent', () => {
    expect(
      planOf([...base(), shell('#4f6f93', 500_000)]).families.filter((f) => f.role === 'accent'),
    ).toEqual([]);
  });
  it('two whites that nearly match, and not two that match or are meant apart', () => {
    const whites = (other: string) => codes([...base(), patch('#e9e5da', 50, 50), patch(other, 60, 50)]);
    expect(whites('#f6f6f4')).toContain('near-miss');
    expect(whites('#e9e5da')).not.toContain('near-miss');
    expect(whites('#c8c2b0')).not.toContain('near-miss');
  });
  it('far apart or small they may miss', () => {
    expect(codes([...base(), patch('#e9e5da', 10, 50), patch('#f6f6f4', 190, 50)])).not.toContain(
      'near-miss',
    );
    expect(
      codes([...base(), patch('#e9e5da', 50, 50), patch('#f6f6f4', 60, 50, { areaMm2: 9_000 })]),
    ).not.toContain('near-miss');
  });
  it('no dark, too many accents, shares off the plan', () => {
    expect(codes([shell('#d4cbb6', 9_000_000)])).toEqual(
      expect.arrayContaining(['no-dark', 'shares-off-plan']),
    );
    expect(
      codes([
        ...base(),
        ...['#a3462f', '#3f7f4f', '#4f5fb3', '#d0a338'].map((c, i) => patch(c, 10 + 40 * i, 0)),
      ]),
    ).toContain('too-many-accents');
  });
  it('an empty room has nothing to say about colour', () => {
    const s = planOf([]);
    expect([s.families, s.findings.filter((f) => f.code !== 'shares-off-plan')]).toEqual([[], []]);
  });
});

describe('families of the plan before', () => {
  const blue = '#2c5c82';
  const [wall, onWall, onSofa, cup] = [
    shell('#d4cbb6', 9_000_000),
    patch(red, 10, 0),
    patch(red, 90, 60),
    patch(blue, 150, 50),
  ];
  const earlier = spreadFamilies([wall, onWall, onSofa, cup], walls, rules);
  const after = (patches: Patch[], within = walls, by = rules) => {
    const found = spreadFamilies(patches, within, by, earlier);
    const plan = planSpread(patches, found, null);
    expect(plan).toEqual(planSpread(patches, spreadFamilies(patches, within, by), null));
    return found.families.map((f) => earlier.families.some((e) => e.plan === f.plan));
  };
  it('are kept where only another colour has moved', () => {
    expect(after([wall, { ...onWall, at: { xMm: 700, yMm: 0 } }, onSofa, cup])).toEqual([true, false, true]);
  });
  it('are made anew where more or less of them is seen, as then are all shares', () => {
    expect(after([wall, onWall, onSofa, { ...cup, areaMm2: 99_000 }])).toEqual([false, false, false]);
    expect(after([wall, onWall, cup])).toEqual([false, false, false]);
  });
  it('are made anew where the same parts are of another lightness, which all weights are reckoned from', () => {
    const darker = { ...wall, colour: { ...wall.colour, l: wall.colour.l - 4 } };
    expect(after([darker, onWall, onSofa, cup])).toEqual([false, false, false]);
  });
  it('are made anew in a room of other walls, and by other rules', () => {
    const wider = wallsOf(bareRoom(inches(220), inches(100)).room);
    expect(after([wall, onWall, onSofa, cup], wider)).toEqual([false, false, false]);
    expect(after([wall, onWall, onSofa, cup], walls, inchRules())).toEqual([false, false, false]);
  });
  it('take another role where they come to be more of what is seen than an accent may be', () => {
    const own = inchRules([{ ruleId: 'spread.accentShareMost', value: 0.001 }]);
    expect(spreadFamilies([wall, onWall, onSofa, cup], walls, own, earlier).families[1]!.plan.role).toBe(
      'second',
    );
  });
});
