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
  /** The widest stretch between two supports: what sags most. */
  spanMm: Mm;
  sagMm: Mm;
  sagMostMm: Mm;
  /**
   * The end bracket with the curtains open, all cloth of the heavier side by it, and the most that a bracket
   * between carries with them drawn; newton.
   */
  endForceN: number;
  centreForceN: number;
};

/** Most that a span may sag: the smaller of its share and the length that is seen. */
export const sagMost = (spanMm: Mm, rules: RuleBook): Mm =>
  Math.min(spanMm / rules.number('windows.sagShare'), rules.number('windows.sagMost'));

/** The rod to be held: how long, where it is bent, and the cloth that it carries. */
export type HeldRod = {
  lengthMm: Mm;
  /** Places of its bends from the left bracket; each has a support of its own. */
  bendsMm: readonly Mm[];
  /** All its cloth, and what hangs by the heavier end when the curtains are open. */
  clothG: Gram;
  endClothG: Gram;
};

const newton = (g: Gram): number => (g / 1000) * GRAVITY;

/** Cloth and rod spread evenly along the rod, N/m. */
const loadPerMetre = (section: RodSection, { lengthMm, clothG }: HeldRod): number =>
  lengthMm > 0 ? newton(clothG + (section.gramPerM * lengthMm) / 1000) / (lengthMm / 1000) : 0;

/** The stretches between supports. */
const spansOf = (supportsMm: readonly Mm[]): Mm[] =>
  supportsMm.slice(1).map((mm, i) => mm - elementAt(supportsMm, i));

/**
 * Where the supports of a rod stand, from its left bracket: at both ends and at each bend, and between them
 * until no span sags more than it may. Never more than one per foot besides. A sheer on an inner rod shares
 * the brackets, so the rod that needs more sets them.
 */
export function holdRods(section: RodSection, rods: readonly HeldRod[], rules: RuleBook): Mm[] {
  const [rod] = rods;
  if (!rod) return [];
  const loadNPerM = Math.max(...rods.map((r) => loadPerMetre(section, r)));
  const most = Math.max(2 + rod.bendsMm.length, 2 + Math.floor(rod.lengthMm / inches(12)));
  const sags = (spanMm: Mm) =>
    sagOf(loadNPerM, spanMm, section.modulusGPa, section.inertiaMm4) > sagMost(spanMm, rules) + 1e-9;
  let supportsMm = supportsAt(rod.lengthMm, 2 + rod.bendsMm.length, rod.bendsMm);
  while (supportsMm.length < most && sags(Math.max(...spansOf(supportsMm))))
    supportsMm = supportsAt(rod.lengthMm, supportsMm.length + 1, rod.bendsMm);
  return supportsMm;
}

/**
 * What a rod does on its supports: the sag of its widest span and the force on its brackets, each span taken
 * as a beam of its own.
 */
export function carry(
  section: RodSection,
  rod: HeldRod,
  supportsMm: readonly Mm[],
  rules: RuleBook,
): RodLoad {
  const rodG = (section.gramPerM * rod.lengthMm) / 1000;
  const loadNPerM = loadPerMetre(section, rod);
  const spans = spansOf(supportsMm);
  const spanMm = Math.max(0, ...spans);
  const endSpanMm = Math.max(0, spans[0] ?? 0, spans.at(-1) ?? 0);
  const between = spans.slice(1).map((mm, i) => (mm + elementAt(spans, i)) / 2);
  return {
    massG: rod.clothG + rodG,
    clothG: rod.clothG,
    rodG,
    supports: supportsMm.length,
    spanMm,
    sagMm: sagOf(loadNPerM, spanMm, section.modulusGPa, section.inertiaMm4),
    sagMostMm: sagMost(spanMm, rules),
    endForceN: newton(rod.endClothG) + newton((section.gramPerM * endSpanMm) / 1000) / 2,
    centreForceN: loadNPerM * (Math.max(0, ...between) / 1000),
  };
}

/**
 * So many supports along a rod, from its left bracket: one at each end and at each bend, the others where the
 * rod is longest between two of them.
 */
export function supportsAt(lengthMm: Mm, supports: number, bendsMm: readonly Mm[]): Mm[] {
  const stops = [0, ...bendsMm, lengthMm];
  const legs = stops.slice(1).map((endMm, i) => ({ fromMm: elementAt(stops, i), endMm, parts: 1 }));
  const spanOf = ({ fromMm, endMm, parts }: (typeof legs)[number]): Mm => (endMm - fromMm) / parts;
  for (let left = supports - stops.length; left > 0; left--)
    legs.reduce((widest, leg) => (spanOf(leg) > spanOf(widest) + 1e-9 ? leg : widest)).parts++;
  return [
    ...legs.flatMap((leg) => Array.from({ length: leg.parts }, (_, k) => leg.fromMm + k * spanOf(leg))),
    lengthMm,
  ];
}
