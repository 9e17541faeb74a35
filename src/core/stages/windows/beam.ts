/**
 * The rod as a beam: how stiff it is, how it sags, and what each bracket carries. Newton, metre, pascal
 * inside; mm and g outside.
 */
import { elementAt } from '../../base/list';
import { inches, type Gram, type Mm } from '../../base/units';
import type { RodMake } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';

/** Standard acceleration of free fall, m/s² (3rd CGPM, 1901). */
const GRAVITY = 9.80665;

/** Second moment of area of a round tube, mm⁴: π(D⁴ − d⁴)/64; a solid rod has no hole. */
export const tubeInertia = (outerMm: Mm, wallMm: Mm): number =>
  (Math.PI * (outerMm ** 4 - Math.max(0, outerMm - 2 * wallMm) ** 4)) / 64;
const tubeArea = (outerMm: Mm, wallMm: Mm): number =>
  (Math.PI * (outerMm ** 2 - Math.max(0, outerMm - 2 * wallMm) ** 2)) / 4;

/**
 * Sag in the middle of a rod on two supports under a load spread evenly: δ = 5wL⁴ ÷ 384EI, mm.
 * w in N/m, L in mm, E in GPa, I in mm⁴. Source: beam tables, e.g. Roark's Formulas for Stress and Strain.
 */
export const sagOf = (loadNPerM: number, spanMm: Mm, modulusGPa: number, inertiaMm4: number): Mm =>
  ((5 * loadNPerM * (spanMm / 1000) ** 4) / (384 * modulusGPa * 1e9 * inertiaMm4 * 1e-12)) * 1000;

export type RodSection = {
  make: RodMake;
  outerMm: Mm;
  inertiaMm4: number;
  modulusGPa: number;
  gramPerM: Gram;
  rule: RuleId;
  /** The inner tube of one that slides is what bends. */ governs: 'whole' | 'inner';
};

const RULES: Record<RodMake, { size: RuleId; modulus: RuleId; density: RuleId }> = {
  tube: { size: 'windows.rodTube', modulus: 'windows.steel', density: 'windows.steelDensity' },
  telescoping: { size: 'windows.rodTelescoping', modulus: 'windows.steel', density: 'windows.steelDensity' },
  wood: { size: 'windows.rodWood', modulus: 'windows.hardwood', density: 'windows.hardwoodDensity' },
  track: { size: 'windows.rodTrack', modulus: 'windows.aluminium', density: 'windows.aluminiumDensity' },
  tension: { size: 'windows.rodTension', modulus: 'windows.steel', density: 'windows.steelDensity' },
};

/**
 * The studio's rod of a make, or one of another diameter: a tube keeps its wall, and one that slides the
 * difference of its tubes.
 */
export function sectionOf(make: RodMake, ownOuterMm: Mm | null, rules: RuleBook): RodSection {
  const { size, modulus, density } = RULES[make];
  const [outer, wall = 0, inner = 0, innerWall = 0] = rules.list(size) as [number, number?, number?, number?];
  const outerMm = ownOuterMm ?? outer;
  const slides = make === 'telescoping' || make === 'tension';
  const solid = make === 'wood';
  const thick = solid ? outerMm / 2 : Math.min(wall, outerMm / 2);
  const innerMm = Math.max(1, outerMm - (outer - inner));
  const area = solid
    ? tubeArea(outerMm, outerMm / 2)
    : tubeArea(outerMm, thick) + (slides ? tubeArea(innerMm, innerWall) / 2 : 0);
  return {
    make,
    outerMm,
    rule: size,
    governs: slides ? 'inner' : 'whole',
    modulusGPa: rules.number(modulus),
    gramPerM: area * rules.number(density) * 1e-3,
    inertiaMm4: slides ? tubeInertia(innerMm, innerWall) : tubeInertia(outerMm, thick),
  };
}

export type RodLoad = {
  /** Cloth and rod together. */
  massG: Gram;
  clothG: Gram;
  rodG: Gram;
  supports: number;
  spanMm: Mm;
  sagMm: Mm;
  sagMostMm: Mm;
  /**
   * The end bracket with the curtains open, all cloth of a side by it, and a bracket between with them drawn;
   * newton.
   */
  endForceN: number;
  centreForceN: number;
};

/** Most that a span may sag: the smaller of its share and the length that is seen. */
export const sagMost = (spanMm: Mm, rules: RuleBook): Mm =>
  Math.min(spanMm / rules.number('windows.sagShare'), rules.number('windows.sagMost'));

/**
 * Supports for a rod of a length under an even load: two ends, and as many between as it takes until no span
 * sags more than it may. `least` is how many there must be anyway (a bend carries one). Never more than one
 * per foot.
 */
export function carry(section: RodSection, lengthMm: Mm, clothG: Gram, rules: RuleBook, least = 2): RodLoad {
  const rodG = (section.gramPerM * lengthMm) / 1000;
  const massG = clothG + rodG;
  const loadNPerM = lengthMm > 0 ? ((massG / 1000) * GRAVITY) / (lengthMm / 1000) : 0;
  const most = Math.max(least, 2 + Math.floor(lengthMm / inches(12)));
  let supports = least;
  const span = () => lengthMm / (supports - 1);
  const sag = () => sagOf(loadNPerM, span(), section.modulusGPa, section.inertiaMm4);
  while (supports < most && sag() > sagMost(span(), rules) + 1e-9) supports++;
  const newton = (g: Gram) => (g / 1000) * GRAVITY;
  return {
    massG,
    clothG,
    rodG,
    supports,
    spanMm: span(),
    sagMm: sag(),
    sagMostMm: sagMost(span(), rules),
    endForceN: newton(clothG) / 2 + newton(rodG) / (supports - 1) / 2,
    centreForceN: supports > 2 ? loadNPerM * (span() / 1000) : 0,
  };
}

/**
 * Where the supports stand along the rod, from its left bracket: even, but a bend has one of its own by its
 * side.
 */
export function supportsAt(lengthMm: Mm, supports: number, bendsMm: readonly Mm[]): Mm[] {
  const even = Array.from({ length: supports }, (_, i) => (i * lengthMm) / Math.max(1, supports - 1));
  if (bendsMm.length === 0) return even;
  // every leg of a bent rod is held at its ends; what is left over goes to the longest leg
  const stops = [0, ...bendsMm, lengthMm];
  const perLeg = stops.slice(1).map(() => 1);
  for (let left = supports - stops.length; left > 0; left--) {
    const widest = perLeg.reduce(
      (best, n, i) =>
        (elementAt(stops, i + 1) - elementAt(stops, i)) / n >
        (elementAt(stops, best + 1) - elementAt(stops, best)) / elementAt(perLeg, best) + 1e-9
          ? i
          : best,
      0,
    );
    perLeg[widest]!++;
  }
  return [
    ...perLeg.flatMap((n, i) =>
      Array.from(
        { length: n },
        (_, k) => elementAt(stops, i) + (k * (elementAt(stops, i + 1) - elementAt(stops, i))) / n,
      ),
    ),
    lengthMm,
  ];
}
