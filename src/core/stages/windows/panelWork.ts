/** What is done to each panel where the floor falls under the window, so that no two are alike. */
import type { Mm } from '../../base/units';
import type { RuleBook } from '../../rules/book';
import type { LayerPlan, PanelPlan } from './layerPlan';

export type PanelWork = {
  side: PanelPlan['side'];
  /** Counted from the left. */
  number: number;
  /** The rod above the highest floor under the panel. */
  dropMm: Mm;
  /** The length bought; null where it is made. */
  boughtMm: Mm | null;
  finishedMm: Mm;
  /** How much shorter it becomes; less than nothing where its hem is let down. */
  takeUpMm: Mm | null;
  /** Cut from the roll where it is made; else what is cut off, and null where the hem is let down. */
  cutMm: Mm | null;
};

type Layer = Pick<LayerPlan, 'panelPlans' | 'chosenRoute' | 'making' | 'rodHeightMm'>;

/** Lengths that differ by less are one length. */
const SAME_MM: Mm = 0.5;

/** The work on each panel, from the left; empty where all of them are one length. */
export function panelWork(layer: Layer, rules: RuleBook): PanelWork[] {
  const { panelPlans, chosenRoute, making, rodHeightMm } = layer;
  const lengths = panelPlans.map((p) => p.finishedLengthMm);
  if (Math.max(...lengths) - Math.min(...lengths) < SAME_MM) return [];
  const boughtMm = chosenRoute?.stockMm ?? null;
  // the old double hem is let out before the new one is made
  const hemsMm = 2 * (rules.number('windows.stockHem') - rules.number('windows.hem'));
  return panelPlans.map(({ side, number, floorHighMm, finishedLengthMm }) => {
    const takeUpMm = boughtMm === null ? null : boughtMm - finishedLengthMm;
    return {
      side,
      number,
      dropMm: rodHeightMm - floorHighMm,
      boughtMm,
      finishedMm: finishedLengthMm,
      takeUpMm,
      // from the roll all are cut to the longest, and hemmed each to its own
      cutMm: takeUpMm === null ? making.cutMm : cutOff(takeUpMm, hemsMm),
    };
  });
}

const cutOff = (takeUpMm: Mm, hemsMm: Mm): Mm | null => (takeUpMm < 0 ? null : takeUpMm + hemsMm);
