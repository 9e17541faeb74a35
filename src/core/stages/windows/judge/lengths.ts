import type { Finding } from '../../../model/finding';
import { finding, lengthsOf, type WindowCase, type WindowJudge } from './windowCase';

/** Whether the length can be had, owned panels reach, and pleats take the cloth that there is. */
export const judgeLengths: WindowJudge = (w) =>
  w.layer.positive ? [...judgeStock(w), ...judgeOwned(w), ...judgePleats(w)] : [];

function judgeStock(w: WindowCase): Finding[] {
  if (w.layer.routes.some((r) => r.kind !== 'made')) return [];
  const rule = w.target.shower ? 'windows.showerStock' : 'windows.stockLengths';
  return [finding(w, 'nothing-in-stock-lands', 'caution', {}, rule)];
}

/** A panel of the stash that is too short even with its hems let down. */
function judgeOwned(w: WindowCase): Finding[] {
  const { rules, cloths } = w;
  const cloth = cloths.main;
  const longest = Math.max(...lengthsOf(w));
  const inHems = 2 * (rules.number('windows.stockHem') - rules.number('windows.leastHem'));
  if (cloth?.kind !== 'panel' || cloth.heightMm >= longest - inHems - 1) return [];
  const facts = { item: cloth.name, lengthMm: cloth.heightMm, byMm: longest - cloth.heightMm };
  return [finding(w, 'owned-panel-short', 'caution', facts, 'windows.leastHem')];
}

function judgePleats(w: WindowCase): Finding[] {
  const { chosenRoute, making } = w.layer;
  const { pleated, widths, widthsForPleats } = making;
  const off = pleated.find((p) => !p.good);
  if (chosenRoute?.kind !== 'made' || !off) return [];
  const facts = { clothMm: off.clothPerPleatMm, widths, better: widthsForPleats ?? 0 };
  return [finding(w, 'pleats-cloth-off', 'caution', facts, 'windows.pleatCloth')];
}
