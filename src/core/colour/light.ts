import { solveLinear } from '../base/linear';
import type { Kelvin } from '../base/units';
import { chromaOf, labHueDeg, labOfXyz, xyzOfLab, type Lab, type Xyz } from './spaces';
import {
  DAYLIGHT_S0,
  DAYLIGHT_S1,
  DAYLIGHT_S2,
  FIRST_NM,
  OBSERVER_X,
  OBSERVER_Y,
  OBSERVER_Z,
  STEP_NM,
} from './spectra';

/**
 * Relative power of a light source, 380 to 730 nm in steps of 10, and the XYZ of a perfect white under it (Y
 * = 1).
 */
export type Source = { kelvin: Kelvin; white: Xyz; power: readonly number[] };

const BANDS = OBSERVER_X.length;
/** Warmest lamp and coolest daylight of the "Seen by" slider. */
export const WARMEST: Kelvin = 2700;
export const DAYLIGHT: Kelvin = 6504;
const PLANCK_C2 = 1.4388e-2; // m·K, CODATA second radiation constant

/**
 * A light of the given colour temperature: Planck's law below 4000 K, the CIE daylight formula from 4000 K up
 * (CIE 015). Valid 1000 to 25000 K.
 */
export function lightSource(kelvin: Kelvin): Source {
  const power = kelvin < 4000 ? planck(kelvin) : daylight(kelvin);
  return { kelvin, power, white: integrate(power, undefined) };
}

function planck(kelvin: Kelvin): number[] {
  const radiance = (nm: number) => (nm * 1e-9) ** -5 / Math.expm1(PLANCK_C2 / (nm * 1e-9 * kelvin));
  const reference = radiance(560);
  return Array.from({ length: BANDS }, (_, i) => (100 * radiance(FIRST_NM + i * STEP_NM)) / reference);
}

function daylight(kelvin: Kelvin): number[] {
  const t = 1000 / kelvin;
  const x =
    kelvin <= 7000
      ? -4.607 * t ** 3 + 2.9678 * t ** 2 + 0.09911 * t + 0.244063
      : -2.0064 * t ** 3 + 1.9018 * t ** 2 + 0.24748 * t + 0.23704;
  const y = -3 * x * x + 2.87 * x - 0.275;
  const m = 0.0241 + 0.2562 * x - 0.7341 * y;
  const m1 = (-1.3515 - 1.7703 * x + 5.9114 * y) / m;
  const m2 = (0.03 - 31.4424 * x + 30.0717 * y) / m;
  return DAYLIGHT_S0.map((s0, i) => s0 + m1 * DAYLIGHT_S1[i]! + m2 * DAYLIGHT_S2[i]!);
}

function integrate(power: readonly number[], reflectance: readonly number[] | undefined): Xyz {
  let x = 0;
  let y = 0;
  let z = 0;
  let white = 0;
  for (let i = 0; i < BANDS; i++) {
    const seen = power[i]! * (reflectance ? reflectance[i]! : 1);
    x += seen * OBSERVER_X[i]!;
    y += seen * OBSERVER_Y[i]!;
    z += seen * OBSERVER_Z[i]!;
    white += power[i]! * OBSERVER_Y[i]!;
  }
  return { x: x / white, y: y / white, z: z / white };
}

/**
 * A measured reflectance (400 to 700 nm, every 10 nm) over this table's bands; beyond its ends it is taken to
 * go on as it ended.
 */
const overBands = (measured: readonly number[]): number[] =>
  Array.from(
    { length: BANDS },
    (_, i) => measured[Math.min(measured.length - 1, Math.max(0, i - (400 - FIRST_NM) / STEP_NM))]!,
  );

/**
 * CIELAB of a measured reflectance under a source, against that source's own white: what an eye that is used
 * to the light sees.
 */
export function labUnder(measured: readonly number[], source: Source): Lab {
  const { x, y, z } = integrate(source.power, overBands(measured));
  return labOfXyz({ x: (x / source.white.x) * 0.95047, y, z: (z / source.white.z) * 1.08883 });
}

const day = lightSource(DAYLIGHT);

/**
 * A smooth reflectance (36 bands, 0 to 1) that looks like `lab` by daylight: the least hyperbolic tangent
 * slope squared method (S. A. Burns, Color Res. Appl. 45, 2020). It cannot foretell metamerism. Colours no
 * cloth can have come back as the nearest that converges.
 */
export function estimateReflectance(lab: Lab): number[] {
  const target = xyzOfLab({ ...lab, l: Math.min(lab.l, 99.5) });
  // D65 here and in the colour library differ in the fourth decimal: aim at the same share of this white
  const aim = [target.x * (day.white.x / 0.95047), target.y, target.z * (day.white.z / 1.08883)];
  for (let pull = 1; pull > 0.3; pull -= 0.1) {
    const grey = [day.white.x * target.y, target.y, day.white.z * target.y];
    const found = solveSmooth(aim.map((v, k) => pull * v + (1 - pull) * grey[k]!));
    if (found) return found;
  }
  return Array.from({ length: BANDS }, () => Math.min(1, Math.max(0, target.y)));
}

const observerWeights = (() => {
  const total = day.power.reduce((s, p, i) => s + p * OBSERVER_Y[i]!, 0);
  return [OBSERVER_X, OBSERVER_Y, OBSERVER_Z].map((curve) =>
    curve.map((v, i) => (v * day.power[i]!) / total),
  );
})();

/** Bands and the three colour constraints. */
const UNKNOWNS = BANDS + 3;
const NEWTON_STEPS = 24;
const SOLVED = 1e-7;

/**
 * Newton's method on the Lagrangian of Σ(z[i+1] − z[i])² with ρ = (tanh z + 1) / 2 and three colour
 * constraints.
 */
function solveSmooth(aim: readonly number[]): number[] | undefined {
  const z = new Float64Array(BANDS);
  const lambda = new Float64Array(3);
  for (let step = 0; step < NEWTON_STEPS; step++) {
    const { matrix, missed } = linearised(z, lambda, aim);
    if (missed < SOLVED) return Array.from(z, (v) => (Math.tanh(v) + 1) / 2);
    const move = solveLinear(matrix, UNKNOWNS);
    if (!move) return undefined;
    for (let i = 0; i < BANDS; i++) z[i]! += move[i]!;
    for (let k = 0; k < 3; k++) lambda[k]! += move[BANDS + k]!;
    if (!z.every(Number.isFinite)) return undefined;
  }
  return undefined;
}

/** The equations of one step, augmented and row by row, and how far they are from being met. */
function linearised(
  z: Float64Array,
  lambda: Float64Array,
  aim: readonly number[],
): { matrix: Float64Array; missed: number } {
  const matrix = new Float64Array(UNKNOWNS * (UNKNOWNS + 1));
  const put = (row: number, column: number, value: number): void => {
    matrix[row * (UNKNOWNS + 1) + column]! += value;
  };
  let missed = 0;
  const short = [...aim];
  for (let i = 0; i < BANDS; i++) {
    const slope = (1 - Math.tanh(z[i]!) ** 2) / 2;
    const bend = -2 * Math.tanh(z[i]!) * slope;
    const { own, gradient: smooth } = smoothness(z, i);
    let gradient = smooth;
    let curve = 0;
    for (let k = 0; k < 3; k++) {
      const weight = observerWeights[k]![i]!;
      gradient += lambda[k]! * weight * slope;
      curve += lambda[k]! * weight * bend;
      put(i, BANDS + k, weight * slope);
      put(BANDS + k, i, weight * slope);
      short[k]! -= (weight * (Math.tanh(z[i]!) + 1)) / 2;
    }
    put(i, i, own + curve);
    if (i > 0) put(i, i - 1, -2);
    if (i < BANDS - 1) put(i, i + 1, -2);
    put(i, UNKNOWNS, -gradient);
    missed = Math.max(missed, Math.abs(gradient));
  }
  for (let k = 0; k < 3; k++) {
    put(BANDS + k, UNKNOWNS, short[k]!);
    missed = Math.max(missed, Math.abs(short[k]!));
  }
  return { matrix, missed };
}

/** What the sum of squared steps asks of one band: its own weight, and its slope there. */
function smoothness(z: Float64Array, i: number): { own: number; gradient: number } {
  const own = i === 0 || i === BANDS - 1 ? 2 : 4;
  const left = i > 0 ? z[i - 1]! : 0;
  const right = i < BANDS - 1 ? z[i + 1]! : 0;
  return { own, gradient: own * z[i]! - 2 * left - 2 * right };
}

// CAT16 (Li et al., Color Res. Appl. 42, 2017)
const CAT16 = [
  [0.401288, 0.650173, -0.051461],
  [-0.250268, 1.204414, 0.045854],
  [-0.002079, 0.048952, 0.953127],
] as const;
const CAT16_BACK = [
  [1.86206786, -1.01125463, 0.14918677],
  [0.38752654, 0.62144744, -0.00897398],
  [-0.0158415, -0.03412294, 1.04996444],
] as const;
const cones = (m: typeof CAT16 | typeof CAT16_BACK, { x, y, z }: Xyz) =>
  m.map(([p, q, r]) => p * x + q * y + r * z) as [number, number, number];

/**
 * How far the eye adapts to a room's light: CIECAM16 degree of adaptation, average surround, for an adapting
 * luminance in cd/m².
 */
export const degreeOfAdaptation = (luminance: number): number =>
  Math.min(1, Math.max(0, 1 - (1 / 3.6) * Math.exp((-luminance - 42) / 92)));

/** A lamp-lit room of about 100 lx gives the eye some 6 cd/m² to adapt to (100 lx × 0.2 ÷ π). */
const LAMP_LUMINANCE = (100 * 0.2) / Math.PI;

/**
 * The colour as it is seen by a source, on a daylight screen: estimated reflectance, lit by the source,
 * adapted incompletely with CAT16. An estimate: two cloths that part between lights need a measured spectrum.
 */
export function seenBy(lab: Lab, source: Source): Lab {
  if (Math.abs(source.kelvin - DAYLIGHT) < 1) return lab;
  const lit = integrate(source.power, estimateReflectance(lab));
  const d = degreeOfAdaptation(LAMP_LUMINANCE);
  const sourceCones = cones(CAT16, source.white);
  const dayCones = cones(CAT16, day.white);
  const [l, m, s] = cones(CAT16, lit);
  const scale = (v: number, i: number) => v * (d * (dayCones[i]! / sourceCones[i]!) + 1 - d);
  const [x, y, z] = cones(CAT16_BACK, { x: scale(l, 0), y: scale(m, 1), z: scale(s, 2) });
  return labOfXyz({ x: x * (0.95047 / day.white.x), y, z: z * (1.08883 / day.white.z) });
}

/** Warmth of a colour: chroma × cos(hue − 60°); positive is warm. */
export const warmthOf = (lab: Lab): number =>
  chromaOf(lab) * Math.cos(((labHueDeg(lab) - 60) * Math.PI) / 180);
