/**
 * Curtains made to measure: widths, cut lengths with the pattern's repeat, lining, pleats, and what can be
 * let down later. Lengths in mm.
 */
import { last } from '../../base/list';
import type { Mm, Money } from '../../base/units';
import type { Heading, Lining } from '../../model/types';
import type { RuleBook } from '../../rules/book';

export type MakingFacts = {
  /** Flat width wanted over the whole window, hems apart; finished length; panels that it is made up as. */
  makeUpWidthMm: Mm;
  finishedMm: Mm;
  panels: number;
  /** Finished width of a panel on the rod, with its return and its half of the overlap. */
  panelFinishedMm: Mm;
  returnMm: Mm;
  overlapMm: Mm;
  heading: Heading;
  /** A second pocket stands where the hem would be. */ pocketBelow?: boolean;
  lining: Lining;
  clothWidthMm: Mm | null;
  repeatMm: Mm;
  halfDrop: boolean;
};

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

export type MakingPlan = {
  /** The longest of its panels. */ finishedMm: Mm;
  widths: number;
  widthsPerPanel: number;
  cutMm: Mm;
  wasteMm: Mm;
  totalMm: Mm;
  /** Every second width is cut half a repeat longer, to be matched at the seam. */
  halfDropMm: Mm;
  /** Each cut: where on the cloth it starts and ends. */
  cuts: { fromMm: Mm; toMm: Mm }[];
  liningWidths: number;
  liningCutMm: Mm;
  liningTotalMm: Mm;
  headingAllowanceMm: Mm;
  hemAllowanceMm: Mm;
  sideHemMm: Mm;
  flatHemmedMm: Mm;
  pleats: PleatPlan | null;
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
 * Pinch pleats of a panel: p = round((F − return − overlap ÷ 2) ÷ spacing) + 1, one space fewer, and (W − F)
 * ÷ p of cloth in each.
 * Good while that is in the studio's range; where it is not, the plan says which number of widths would put
 * it there.
 * F finished width, W flat hemmed width, mm. The first pleat stands half the overlap in from the leading
 * edge, the last where the return begins.
 */
export function planPleats(
  finishedMm: Mm,
  flatMm: Mm,
  returnMm: Mm,
  overlapMm: Mm,
  rules: RuleBook,
): PleatPlan | null {
  const stretch = finishedMm - returnMm - overlapMm / 2;
  if (stretch <= 0 || flatMm <= finishedMm) return null;
  const [low, high] = rules.range('windows.pleatCloth');
  const pleats = Math.max(2, Math.round(stretch / rules.number('windows.pleatSpacing')) + 1);
  const spaces = pleats - 1;
  const clothPerPleatMm = (flatMm - finishedMm) / pleats;
  const spaceMm = stretch / spaces;
  const marks = Array.from({ length: pleats }, (_, i) => {
    const flatFromMm = overlapMm / 2 + i * (spaceMm + clothPerPleatMm);
    return { atMm: overlapMm / 2 + i * spaceMm, flatFromMm, flatToMm: flatFromMm + clothPerPleatMm };
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

/**
 * Widths, cuts, lining and pleats for a window. Cuts begin on a repeat; a half drop takes half a repeat more
 * for every other width.
 */
export function planMaking(f: MakingFacts, rules: RuleBook): MakingPlan {
  const usable = Math.max(
    1,
    (f.clothWidthMm ?? rules.number('windows.clothWidth')) - rules.number('windows.seamLoss'),
  );
  const sideHemMm = 2 * rules.number('windows.sideHem');
  // a panel is half or whole widths; the halves of a pair are cut from one
  const widths = Math.max(roundUp(f.panels / 2), roundUp(f.makeUpWidthMm / usable));
  const headingAllowanceMm =
    rules.school('windows.header') === 'selfTurn'
      ? rules.number('windows.headingAllowance')
      : rules.number('windows.buckramAllowance');
  const hemAllowanceMm = f.pocketBelow ? headingAllowanceMm : 2 * rules.number('windows.hem');
  const bareCut = f.finishedMm + headingAllowanceMm + hemAllowanceMm;
  const cutMm = toRepeats(bareCut, f.repeatMm);
  const halfDropMm = f.halfDrop && f.repeatMm > 0 ? f.repeatMm / 2 : 0;
  let startMm = 0;
  const cuts = Array.from({ length: widths }, (_, i) => {
    const fromMm = startMm;
    startMm += cutMm + (i % 2 === 1 ? halfDropMm : 0);
    return { fromMm, toMm: startMm };
  });
  const totalMm = cuts.length === 0 ? 0 : last(cuts).toMm;
  const lined = f.lining !== 'none';
  const liningCutMm = lined
    ? f.finishedMm - rules.number('windows.liningShorter') + 2 * rules.number('windows.liningHem')
    : 0;
  const liningWidths = lined ? widths : 0;
  const flatOf = (n: number) => Math.max(0, (n * usable) / f.panels - 2 * sideHemMm);
  const pleatsOf = (n: number) =>
    f.heading === 'pinchPleat'
      ? planPleats(f.panelFinishedMm, flatOf(n), f.returnMm, f.overlapMm, rules)
      : null;
  const flatHemmedMm = flatOf(widths);
  const pleats = pleatsOf(widths);
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
    pleats,
    widthsForPleats: pleats?.good ? widths : (goodWidths.find((n) => pleatsOf(n)?.good) ?? null),
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
