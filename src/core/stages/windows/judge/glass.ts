import type { Mm } from '../../../base/units';
import type { Finding } from '../../../model/finding';
import { unlinedWeight } from '../layerChoice';
import { finding, type WindowCase, type WindowJudge } from './windowCase';

/** Panels a little short of the least fullness by rounding are not. */
const EPSILON = 1e-6;

/** How much glass stays covered, and how full the curtain is. */
export const judgeGlass: WindowJudge = (w) => [
  ...judgeWeight(w),
  ...(w.target.shower ? judgeShowerWidth(w) : [judgeStack(w), judgeFullness(w)]),
];

/** Cloth that was never weighed: stack, light and load rest on a guess. */
const judgeWeight = ({ cloths, rules, sheer, ...w }: WindowCase): Finding[] =>
  [
    { cloth: cloths.main, isSheer: false },
    { cloth: sheer ? cloths.sheer : undefined, isSheer: true },
  ].flatMap(({ cloth, isSheer }) => {
    if (!cloth) return [];
    const { gsm, guessedBy } = unlinedWeight(cloth, isSheer, rules);
    if (guessedBy === null) return [];
    return [finding(w, 'cloth-weight-guessed', 'caution', { item: cloth.name, gsm }, guessedBy)];
  });

function judgeShowerWidth(w: WindowCase): Finding[] {
  const { fullness, panels, flatWidthMm, brackets } = w.layer;
  if (fullness >= 1) return [];
  const facts = { widthMm: panels * flatWidthMm, coveredMm: brackets.coveredMm };
  return [finding(w, 'shower-too-narrow', 'caution', facts, 'windows.showerFullness')];
}

function judgeStack(w: WindowCase): Finding {
  const { dressing, layer, glassCoveredMm: coveredMm, rules } = w;
  const rule = layer.rules.packing;
  // on a leaf the cloth is meant to stay in front of the glass
  if (dressing.mount === 'leaf') return finding(w, 'leaf-covered', 'ok', { share: w.light.open }, rule);
  const stackMm = layer.stackPerSideMm;
  const drawn = layer.decorative ? 'never' : 'back';
  if (coveredMm <= 1) return finding(w, 'glass-clear', 'ok', { stackMm, drawn }, rule);
  const share = coveredMm / w.glassMm;
  const facts = {
    stackMm,
    reachMm: reachOfStack(layer),
    coveredMm,
    share,
    drawn,
    where: dressing.mount === 'inside' || dressing.mount === 'cafe' ? dressing.mount : 'past',
  };
  const noticed = share > rules.number('windows.glassNoticed');
  return finding(w, 'glass-covered', noticed ? 'caution' : 'yielded', facts, rule);
}

/** The reach on the side whose stack is covered the more by glass. */
function reachOfStack({ brackets, stackLeftMm, stackRightMm }: WindowCase['layer']): Mm {
  const onLeft = stackLeftMm - brackets.leftMm > stackRightMm - brackets.rightMm;
  return onLeft ? brackets.leftMm : brackets.rightMm;
}

function judgeFullness(w: WindowCase): Finding {
  const { fullness, wishedFullness: wished, panels, fewer } = w.layer;
  const least = w.rules.number('windows.leastFullness');
  if (w.layer.decorative) return finding(w, 'side-panels', 'ok', { fullness, panels }, 'windows.sidePanels');
  if (fewer && fewer.fullness >= least - EPSILON) {
    const facts = { fullness, wished, panels, fewer: fewer.panels, gives: fewer.fullness, least };
    return finding(w, 'fullness-more', 'yielded', facts, 'windows.fullnessOver');
  }
  const facts = { fullness, least, panels };
  if (fullness < least - EPSILON)
    return finding(w, 'fullness-low', 'caution', facts, 'windows.leastFullness');
  return finding(w, 'fullness-good', 'ok', facts, 'windows.fullness');
}
