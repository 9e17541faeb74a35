/**
 * The white card against a cast that was made with a known truth, spectra against their published
 * chromaticities, and k-means against the reference library on the same pixels.
 */
import { kmeans } from 'ml-kmeans';
import Color from 'colorjs.io';
import { describe, expect, it } from 'vitest';
import { seededRandom } from '../../src/core/base/random';
import { castFromCard, fromLinear, labOfLinear, toLinear, type Linear } from '../../src/core/colour/cast';
import { clusterColours } from '../../src/core/colour/cluster';
import { estimateReflectance, labUnder, lightSource, DAYLIGHT } from '../../src/core/colour/light';
import { metamerOf } from '../../src/core/colour/metamer';
import { partingOf, readReader } from '../../src/core/colour/reader';
import { sampleColours } from '../../src/core/colour/sample';
import { deltaE00, labOfHex } from '../../src/core/colour/spaces';
import { OBSERVER_X, OBSERVER_Y, OBSERVER_Z, FIRST_NM, STEP_NM } from '../../src/core/colour/spectra';

const linearOf = (hex: string): Linear =>
  [1, 3, 5].map((i) => toLinear(parseInt(hex.slice(i, i + 2), 16) / 255)) as unknown as Linear;

describe('the white card', () => {
  const cloths = ['#4f6f93', '#a3462f', '#e9e5da', '#6f7d5f', '#2c3c52'];
  // the truth: what a camera balanced for daylight sees of cloths lit by lamps of these tints, each channel
  // scaled in Bradford's cones
  it.each([
    ['warm', [1, 0.78, 0.5]],
    ['cool', [0.8, 0.95, 1]],
    ['greenish', [0.85, 1, 0.8]],
  ] as const)('takes most of a %s cast out', (_name, tint) => {
    const cast = (c: Linear): Linear => c.map((v, k) => v * tint[k]!) as unknown as Linear;
    const card = cast([0.9, 0.9, 0.9]);
    const mended = castFromCard(card, 0.9);
    if (typeof mended === 'string') throw new Error(mended);
    const [uncorrected, corrected]: [number[], number[]] = [[], []];
    for (const hex of cloths) {
      const truth = labOfHex(hex)!;
      const raw = labOfLinear(cast(linearOf(hex)));
      const got = labOfLinear(mended.apply(cast(linearOf(hex))));
      uncorrected.push(deltaE00(truth, raw));
      corrected.push(deltaE00(truth, got));
    }
    const mean = (ns: number[]) => ns.reduce((s, n) => s + n, 0) / ns.length;
    // the cast was made channel by channel and is taken out in cone space: what is left is the difference of
    // the two
    expect(mean(uncorrected)).toBeGreaterThan(3);
    expect(mean(corrected)).toBeLessThan(mean(uncorrected) * 0.35);
    expect(deltaE00(labOfLinear(mended.apply(card)), labOfLinear([0.9, 0.9, 0.9]))).toBeLessThan(0.01);
  });
  it('takes a cast that is one of Bradford’s cones out exactly, whatever the cloth', () => {
    // a von Kries cast: cones of the whole picture scaled by known gains (ICC.1:2010 annex E, the Bradford
    // matrix)
    const gains = [1.2, 0.95, 0.6];
    const scaled = (c: Linear): Linear => {
      const xyz = new Color('srgb-linear', [...c]).to('xyz-d65').coords as number[];
      const m = [
        [0.8951, 0.2664, -0.1614],
        [-0.7502, 1.7135, 0.0367],
        [0.0389, -0.0685, 1.0296],
      ];
      const back = [
        [0.9869929, -0.1470543, 0.1599627],
        [0.4323053, 0.5183603, 0.0492912],
        [-0.0085287, 0.0400428, 0.9684867],
      ];
      const cones = m.map((r, i) => r.reduce((s, v, k) => s + v * xyz[k]!, 0) * gains[i]!);
      return new Color(
        'xyz-d65',
        back.map((r) => r.reduce((s, v, k) => s + v * cones[k]!, 0)) as [number, number, number],
      ).to('srgb-linear').coords as unknown as Linear;
    };
    const mended = castFromCard(scaled([0.6, 0.6, 0.6]), 0.6);
    if (typeof mended === 'string') throw new Error(mended);
    for (const hex of cloths)
      expect(deltaE00(labOfHex(hex)!, labOfLinear(mended.apply(scaled(linearOf(hex)))))).toBeLessThan(0.05);
  });
  it('is refused when it is too dark, cut off, or no card', () => {
    expect([
      castFromCard([0.001, 0.001, 0.001], 0.9),
      castFromCard([1, 0.9, 0.8], 0.9),
      castFromCard([0.9, 0.05, 0.02], 0.9),
    ]).toEqual(['too-dark', 'clipped', 'not-a-card']);
  });
  it('corrects in a picture: the cloth’s own colour comes back, beside the one with the cast', () => {
    const [w, h] = [120, 80];
    const truth = '#4f6f93';
    const data = new Uint8ClampedArray(4 * w * h);
    for (let y = 0; y < h; y++)
      for (let x = 0; x < w; x++) {
        const c = x < 20 ? ([0.9, 0.9, 0.9] as Linear) : linearOf(truth);
        [1, 0.8, 0.55].forEach((tint, k) => {
          data[4 * (y * w + x) + k] = Math.round(fromLinear(c[k]! * tint) * 255);
        });
        data[4 * (y * w + x) + 3] = 255;
      }
    const sample = sampleColours(
      { width: w, height: h, data },
      {
        regions: [{ x: 0.3, y: 0.1, width: 0.6, height: 0.8 }],
        card: { x: 0.02, y: 0.2, width: 0.1, height: 0.5 },
        cardReflectance: 0.9,
        count: 3,
        seed: 7,
      },
    );
    expect(sample.corrected).toBe(true);
    expect(deltaE00(sample.raw[0]!, labOfHex(truth)!)).toBeGreaterThan(8);
    expect(deltaE00(sample.colours[0]!, labOfHex(truth)!)).toBeLessThan(4);
    expect(sample.colours.map((c) => c.share).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
  });
  it('linear sRGB to Lab agrees with the reference library', () => {
    for (const hex of cloths) {
      const { l, a, b } = labOfLinear(linearOf(hex));
      const theirs = new Color(hex).to('lab-d65').coords as number[];
      [l, a, b].forEach((v, i) => expect(Math.abs(v - theirs[i]!)).toBeLessThan(0.05));
    }
  });
});

describe('illuminants by their spectra', () => {
  const xy = (power: readonly number[]) => {
    const [x, y, z] = [OBSERVER_X, OBSERVER_Y, OBSERVER_Z].map((c) =>
      c.reduce((s, v, i) => s + v * power[i]!, 0),
    ) as [number, number, number];
    return [x / (x + y + z), y / (x + y + z)];
  };
  it('A by its own formula (CIE S 014-2: 1.435 × 10⁷ nm·K over 2848 K, 100 at 560 nm): 0.4476, 0.4074', () => {
    const a = OBSERVER_X.map((_, i) => {
      const nm = FIRST_NM + i * STEP_NM;
      return 100 * (560 / nm) ** 5 * (Math.expm1(1.435e7 / (2848 * 560)) / Math.expm1(1.435e7 / (2848 * nm)));
    });
    expect(Math.abs(xy(a)[0]! - 0.4476)).toBeLessThan(0.0006);
    expect(Math.abs(xy(a)[1]! - 0.4074)).toBeLessThan(0.0006);
    // Planck’s law at 2856 K is the same lamp
    const planck = lightSource(2856).power;
    a.forEach((v, i) => expect(Math.abs(v / planck[i]! - 1)).toBeLessThan(0.002));
  });
  it('D65 by the daylight formula: 0.3127, 0.3290', () => {
    expect(Math.abs(xy(lightSource(DAYLIGHT).power)[0]! - 0.3127)).toBeLessThan(0.0008);
    expect(Math.abs(xy(lightSource(DAYLIGHT).power)[1]! - 0.329)).toBeLessThan(0.0008);
  });
});

describe('k-means in Lab', () => {
  const random = seededRandom(42);
  const gauss = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  const means = [
    [35, 5, -30],
    [82, 2, 12],
    [45, 40, 30],
    [60, -15, 20],
  ];
  const points = Array.from({ length: 1200 }, (_, i) => means[i % 4]!.map((m) => m + 3 * gauss()));
  const pixels = Float32Array.from(points.flat());
  it('finds the same groups as the reference library from the same pixels, and never a worse sum', () => {
    const ours = clusterColours(pixels, { count: 4, restarts: 6, seed: 3 });
    let best = Infinity;
    let theirs: number[][] = [];
    for (let seed = 1; seed <= 6; seed++) {
      const run = kmeans(points, 4, { initialization: 'kmeans++', seed, maxIterations: 200 });
      const inertia = points.reduce(
        (s, p, i) => s + run.centroids[run.clusters[i]!]!.reduce((d, c, k) => d + (c - p[k]!) ** 2, 0),
        0,
      );
      if (inertia < best) {
        best = inertia;
        theirs = run.centroids;
      }
    }
    expect(ours.inertia).toBeLessThan(best * 1.0005);
    for (const c of ours.centres)
      expect(Math.min(...theirs.map((t) => Math.hypot(t[0]! - c.l, t[1]! - c.a, t[2]! - c.b)))).toBeLessThan(
        0.05,
      );
    expect(ours.centres.map((c) => c.share).every((s) => Math.abs(s - 0.25) < 0.02)).toBe(true);
  });
  it('gives the same answer for the same seed, and no more groups than colours', () => {
    expect(clusterColours(pixels, { count: 4, restarts: 2, seed: 9 })).toEqual(
      clusterColours(pixels, { count: 4, restarts: 2, seed: 9 }),
    );
    expect(
      clusterColours(Float32Array.from([50, 0, 0, 50, 0, 0]), { count: 5, restarts: 2, seed: 1 }).centres,
    ).toEqual([{ l: 50, a: 0, b: 0, share: 1 }]);
    expect(clusterColours(new Float32Array(0), { count: 3, restarts: 1, seed: 1 }).centres).toEqual([]);
  });
});

describe('a colour reader', () => {
  const bands = Array.from({ length: 31 }, (_, i) => String(400 + 10 * i));
  it('a perfect white is L* 100 without a tint, half the light L* 76.07, by any lamp (CIE 1976)', () => {
    for (const kelvin of [2700, 4000, DAYLIGHT]) {
      const white = labUnder(
        Array.from({ length: 31 }, () => 1),
        lightSource(kelvin),
      );
      const half = labUnder(
        Array.from({ length: 31 }, () => 0.5),
        lightSource(kelvin),
      );
      for (const [got, l] of [
        [white, 100],
        [half, 76.069],
      ] as const)
        expect([Math.abs(got.l - l) < 0.01, Math.hypot(got.a, got.b) < 0.05]).toEqual([true, true]);
    }
  });
  it('reads spectra as shares or per cent, and Lab', () => {
    const l = (rows: string[][]) => {
      const r = readReader(rows);
      return r.ok && r.value.map((x) => [x.name, Math.round(x.lab.l * 10) / 10]);
    };
    expect(
      l([
        ['name', ...bands.map((b) => `${b} nm`)],
        ['Card', ...bands.map(() => '20')],
      ]),
    ).toEqual([['Card', 51.8]]);
    expect(
      l([
        ['name', ...bands.map((b) => `R${b}`)],
        ['Card', ...bands.map(() => '0,2')],
      ]),
    ).toEqual([['Card', 51.8]]);
    // one file, one measure: a black of 1.2 per cent beside a card of 20 is no mirror (L* by CIE 1976 from Y
    // 0.012)
    expect(
      l([
        ['name', ...bands],
        ['Card', ...bands.map(() => '20')],
        ['Black', ...bands.map(() => '1.2')],
      ]),
    ).toEqual([
      ['Card', 51.8],
      ['Black', 10.6],
    ]);
    expect(
      l([
        ['name', ...bands.map((b) => `${b} (%)`)],
        ['Black', ...bands.map(() => '1.2')],
      ]),
    ).toEqual([['Black', 10.6]]);
    expect(
      readReader([
        ['Name', 'L*', 'a*', 'b*'],
        ['Cloth', '48.2', '-3', '12,5'],
      ]),
    ).toMatchObject({
      ok: true,
      value: [{ name: 'Cloth', lab: { l: 48.2, a: -3, b: 12.5 }, spectrum: null }],
    });
  });
  it('reads rows that came without a header: three numbers are Lab, thirty-one a spectrum', () => {
    expect(
      readReader([
        ['48.2', '-3', '12,5'],
        ['51', '0', '0'],
      ]),
    ).toMatchObject({
      ok: true,
      value: [
        { name: '1', lab: { l: 48.2, a: -3, b: 12.5 } },
        { name: '2', lab: { l: 51 } },
      ],
    });
    expect(readReader([['Cloth', '48.2', '-3', '12,5', '']])).toMatchObject({
      ok: true,
      value: [{ name: 'Cloth', lab: { b: 12.5 } }],
    });
    expect(readReader([bands.map(() => '0.2')])).toMatchObject({
      ok: true,
      value: [{ name: '1', spectrum: bands.map(() => 0.2) }],
    });
    const wide = readReader([
      ['name', '380', '390', ...bands, '710'],
      ['x', '9', '9', ...bands.map(() => '0.2'), '9'],
    ]);
    expect(wide).toMatchObject({ ok: true, value: [{ spectrum: bands.map(() => 0.2) }] });
  });
  it('says where it cannot be read', () => {
    const code = (rows: string[][]) => {
      const r = readReader(rows);
      return r.ok ? 'ok' : [r.issues[0]!.code, r.issues[0]!.row, r.issues[0]!.column];
    };
    expect(code([])).toEqual(['nothing', 0, '']);
    expect(
      code([
        ['a', 'b'],
        ['1', '2'],
      ]),
    ).toEqual(['no-header', 1, '']);
    expect(
      code([
        ['name', ...bands.slice(0, 30)],
        ['x', ...bands],
      ]),
    ).toEqual(['bands-missing', 1, '700']);
    expect(
      code([
        ['name', ...bands],
        ['x', ...bands.map((_, i) => (i === 3 ? 'n/a' : '0.4'))],
      ]),
    ).toEqual(['not-a-number', 2, '430']);
    expect(code([bands, bands.slice(0, 3)])).toEqual(['out-of-range', 2, '400']);
    expect(code([['50', '0', '400']])).toEqual(['out-of-range', 1, 'b']);
    expect(code([['50', '0']])).toEqual(['no-header', 1, '']);
    expect(
      code([
        ['L', 'a', 'b'],
        ['50', '0', '400'],
      ]),
    ).toEqual(['out-of-range', 2, 'b']);
  });
  it('a metameric black is nothing by day and something by lamp (Wyszecki; Cohen and Kappauf)', () => {
    const cloth = estimateReflectance(labOfHex('#4f6f93')!).slice(2, 33);
    const other = metamerOf(cloth, 0.12);
    const { day, lamp } = partingOf(cloth, other);
    expect(day).toBeLessThan(0.2);
    expect(lamp).toBeGreaterThan(2);
    expect(other.every((v) => v >= 0 && v <= 1)).toBe(true);
  });
});
