/**
 * Curtains made to measure: widths, cut lengths with the pattern's repeat, lining, pleats, and what can be
 * let down later. Lengths in mm.
 */
import type { Mm, Money } from '../../base/units';
import type { Heading, Lining } from '../../model/types';
import type { CutPiece } from '../../packing/cut/cloth';
import { cutWidths } from '../../packing/cut/widths';
import type { RuleBook } from '../../rules/book';

export type MakingFacts = {
  /** Flat width wanted over the whole window, hems apart; finished length; panels that it is made up as. */
  makeUpWidthMm: Mm;
  finishedMm: Mm;
  panels: number;
  /** What each panel covers of the rod, and what its edges add to that, panel by panel from the left. */
  coveredEachMm: Mm;
  edges: readonly PanelEdges[];
  heading: Heading;
  /** A second pocket stands where the hem would be. */ pocketBelow?: boolean;
  lining: Lining;
  clothWidthMm: Mm | null;
  repeatMm: Mm;
  halfDrop: boolean;
};

/**
 * Cloth of a panel beyond its stretch of the rod, from its leading edge: half the overlap where it meets the
 * other side, the return where it ends at a bracket, nothing where the next panel of its side goes on.
 */
export type PanelEdges = { leadingMm: Mm; trailingMm: Mm };

/**
 * Pleats of one panel: positions are the middles of the pleats from the leading edge, on the finished width.
 */
export type PleatPlan = {
  pleats: number;
  spaces: number;
  spaceMm: Mm;
  clothPerPleatMm: Mm;
  good: boolean;
  marks: { atMm: Mm; flatFromMm: Mm; flatToMm: Mm }[];
};
/** Panels that are pleated alike, by their numbers from the left. */
export type PleatedPanels = PleatPlan & { numbers: number[] };

export type MakingPlan = {
  /** The longest of its panels. */ finishedMm: Mm;
  widths: number;
  widthsPerPanel: number;
  cutMm: Mm;
  wasteMm: Mm;
  totalMm: Mm;
  /** Every second width is cut half a repeat longer, to be matched at the seam. */
  halfDropMm: Mm;
  /** Each cut: where on the cloth it starts and ends, and whether it is one that drops by half a repeat. */
  cuts: { fromMm: Mm; toMm: Mm; drops: boolean }[];
  liningWidths: number;
  liningCutMm: Mm;
  liningTotalMm: Mm;
  headingAllowanceMm: Mm;
  hemAllowanceMm: Mm;
  sideHemMm: Mm;
  flatHemmedMm: Mm;
  pleated: PleatedPanels[];
  /** Widths that would put a good amount of cloth in each pleat. */ widthsForPleats: number | null;
  handPleats: { least: number; most: number; bunches: number } | null;
  /** Cloth in the hem that can be let down later. */
  letDownMm: Mm;
  cost: Money;
  minutes: number;
};

const roundUp = (n: number): number => Math.ceil(n - 1e-9);

/** Length in whole repeats, the next one up; as it is without a pattern. */
export const toRepeats = (lengthMm: Mm, repeatMm: Mm): Mm =>
  repeatMm > 0 ? roundUp(lengthMm / repeatMm) * repeatMm : lengthMm;

/**
 * Pinch pleats of a panel: p = round((F − leading − trailing) ÷ spacing) + 1, one space fewer, and (W − F) ÷ p
 * of cloth in each. Plain cloth at its edges is half the overlap, the return, or none.
 * Good while that is in the studio's range; where it is not, the plan says which number of widths would put
 * it there.
 * F finished width, W flat hemmed width, mm.
 */
export function planPleats(
  finishedMm: Mm,
  flatMm: Mm,
  { leadingMm, trailingMm }: PanelEdges,
  rules: RuleBook,
): PleatPlan | null {
  const stretch = finishedMm - leadingMm - trailingMm;
  if (stretch <= 0 || flatMm <= finishedMm) return null;
  const [low, high] = rules.range('windows.pleatCloth');
  const pleats = Math.max(2, Math.round(stretch / rules.number('windows.pleatSpacing')) + 1);
  const spaces = pleats - 1;
  const clothPerPleatMm = (flatMm - finishedMm) / pleats;
  const spaceMm = stretch / spaces;
  const marks = Array.from({ length: pleats }, (_, i) => {
    const flatFromMm = leadingMm + i * (spaceMm + clothPerPleatMm);
    return { atMm: leadingMm + i * spaceMm, flatFromMm, flatToMm: flatFromMm + clothPerPleatMm };
  });
  return {
    pleats,
    spaces,
    spaceMm,
    clothPerPleatMm,
    good: clothPerPleatMm >= low - 1e-6 && clothPerPleatMm <= high + 1e-6,
    marks,
  };
}

/** The pleats of every panel, those alike together; none where a panel has too little cloth for any. */
function pleatPanels(f: MakingFacts, flatMm: Mm, rules: RuleBook): PleatedPanels[] {
  if (f.heading !== 'pinchPleat') return [];
  const alike = new Map<string, PleatedPanels>();
  for (const [i, edges] of f.edges.entries()) {
    const key = `${edges.leadingMm} ${edges.trailingMm}`;
    const known = alike.get(key);
    if (known) {
      known.numbers.push(i + 1);
      continue;
    }
    const plan = planPleats(f.coveredEachMm + edges.leadingMm + edges.trailingMm, flatMm, edges, rules);
    if (!plan) return [];
    alike.set(key, { ...plan, numbers: [i + 1] });
  }
  return [...alike.values()];
}

type Widths = { count: number; cutMm: Mm; clothWidthMm: Mm; repeatMm: Mm; halfDropMm: Mm };

/** How widths are cut along the roll, each beginning in its own phase of the pattern. */
function cutsOf(widths: Widths): { cuts: MakingPlan['cuts']; totalMm: Mm } {
  const { count, cutMm, clothWidthMm, repeatMm, halfDropMm } = widths;
  const drops = dropsOf(count, halfDropMm > 0);
  const pieces = drops.map((isDropped, i): CutPiece => ({
    id: String(i),
    widthMm: clothWidthMm,
    heightMm: cutMm,
    mayTurn: false,
    anchor:
      repeatMm > 0 ? onRepeat(repeatMm, cutMm / 2 + (isDropped ? halfDropMm : 0)) : { kind: 'anywhere' },
  }));
  const { cuts, lengthMm } = cutWidths(pieces, { widthMm: clothWidthMm, lengthMm: null, flaws: [] });
  return {
    cuts: cuts.map(({ yMm, heightMm }, i) => ({
      fromMm: yMm,
      toMm: yMm + heightMm,
      drops: drops[i] === true,
    })),
    totalMm: lengthMm,
  };
}

/** A width whose middle lies so far along the pattern's repeat; across it a width is as the cloth is. */
const onRepeat = (alongMm: Mm, yMm: Mm): CutPiece['anchor'] => ({
  kind: 'repeat',
  acrossMm: null,
  alongMm,
  middle: { xMm: 0, yMm },
});

/**
 * Which widths begin half a repeat further on, where the pattern drops: every second one, as they are sewn together. They
 * are cut by twos (one, two that drop, two that don't …), so that half a repeat is passed over once for each that drops and
 * no oftener (common practice: half a repeat more for every other width).
 */
function dropsOf(count: number, isHalfDrop: boolean): boolean[] {
  // with an odd number of widths that drop, an odd number in all begins with two that don't
  const second = count % 2 === 1 && Math.floor(count / 2) % 2 === 1 ? 1 : 3;
  return Array.from({ length: count }, (_, i) => isHalfDrop && i % 4 !== 0 && i % 4 !== second);
}

type FlatFacts = Pick<MakingFacts, 'makeUpWidthMm' | 'panels' | 'clothWidthMm'>;

const clothWidthOf = ({ clothWidthMm }: FlatFacts, rules: RuleBook): Mm =>
  clothWidthMm ?? rules.number('windows.clothWidth');

/** What is left of a width of cloth beside its selvedges and seams. */
const usableMm = (f: FlatFacts, rules: RuleBook): Mm =>
  Math.max(1, clothWidthOf(f, rules) - rules.number('windows.seamLoss'));

/** Widths of cloth for a window. A panel is half or whole widths; the halves of a pair are cut from one. */
const widthsOf = (f: FlatFacts, rules: RuleBook): number =>
  Math.max(roundUp(f.panels / 2), roundUp(f.makeUpWidthMm / usableMm(f, rules)));

/** How wide each panel of so many widths is when it lies flat, hemmed at its sides. */
const flatHemmed = (widths: number, f: FlatFacts, rules: RuleBook): Mm =>
  Math.max(0, (widths * usableMm(f, rules)) / f.panels - 4 * rules.number('windows.sideHem'));

/** How wide each panel is that is made to measure, flat and hemmed. */
export const madeFlatMm = (f: FlatFacts, rules: RuleBook): Mm => flatHemmed(widthsOf(f, rules), f, rules);

/**
 * Widths, cuts, lining and pleats for a window. Cuts begin on a repeat; a half drop takes half a repeat more
 * for every other width.
 */
export function planMaking(f: MakingFacts, rules: RuleBook): MakingPlan {
  const sideHemMm = 2 * rules.number('windows.sideHem');
  const widths = widthsOf(f, rules);
  const headingAllowanceMm =
    rules.school('windows.header') === 'selfTurn'
      ? rules.number('windows.headingAllowance')
      : rules.number('windows.buckramAllowance');
  const hemAllowanceMm = f.pocketBelow ? headingAllowanceMm : 2 * rules.number('windows.hem');
  const bareCut = f.finishedMm + headingAllowanceMm + hemAllowanceMm;
  const cutMm = toRepeats(bareCut, f.repeatMm);
  const halfDropMm = f.halfDrop && f.repeatMm > 0 ? f.repeatMm / 2 : 0;
  const { repeatMm } = f;
  const clothWidthMm = clothWidthOf(f, rules);
  const { cuts, totalMm } = cutsOf({ count: widths, cutMm, clothWidthMm, repeatMm, halfDropMm });
  const lined = f.lining !== 'none';
  const liningCutMm = lined
    ? f.finishedMm - rules.number('windows.liningShorter') + 2 * rules.number('windows.liningHem')
    : 0;
  const liningWidths = lined ? widths : 0;
  const flatOf = (n: number) => flatHemmed(n, f, rules);
  const pleatsOf = (n: number) => pleatPanels(f, flatOf(n), rules);
  const allGood = (panels: readonly PleatedPanels[]) => panels.length > 0 && panels.every((p) => p.good);
  const flatHemmedMm = flatOf(widths);
  const pleated = pleatsOf(widths);
  const [least, most] = rules.range('windows.handPleatBunches');
  const bunches = Math.max(1, Math.round(flatHemmedMm / rules.number('windows.ringSpacing')));
  const liningTotalMm = liningWidths * liningCutMm;
  const goodWidths = f.heading === 'pinchPleat' ? Array.from({ length: 60 }, (_, i) => i + 1) : [];
  return {
    finishedMm: f.finishedMm,
    widths,
    widthsPerPanel: widths / f.panels,
    cutMm,
    wasteMm: cutMm - bareCut,
    totalMm,
    halfDropMm,
    cuts,
    liningWidths,
    liningCutMm,
    liningTotalMm,
    headingAllowanceMm,
    hemAllowanceMm,
    sideHemMm,
    flatHemmedMm,
    pleated,
    widthsForPleats: allGood(pleated) ? widths : (goodWidths.find((n) => allGood(pleatsOf(n))) ?? null),
    handPleats:
      f.heading === 'ringClip'
        ? { least: Math.floor(bunches / most), most: Math.floor(bunches / Math.max(1, least)), bunches }
        : null,
    letDownMm: f.pocketBelow
      ? 0
      : Math.max(0, 2 * (rules.number('windows.hem') - rules.number('windows.leastHem'))),
    cost: Math.round(
      (totalMm / 1000) * rules.number('windows.clothPricePerMetre') +
        liningCost({ liningTotalMm }, rules) +
        widths * rules.number('windows.makingPricePerWidth'),
    ),
    minutes: widths * rules.number('windows.minutesPerWidthMade'),
  };
}

/** What the lining of a made pair costs, by its length from the roll. */
export const liningCost = ({ liningTotalMm }: Pick<MakingPlan, 'liningTotalMm'>, rules: RuleBook): Money =>
  Math.round((liningTotalMm / 1000) * rules.number('windows.liningPricePerMetre'));
