import { sum, toPlanned, type Mm } from '../../base/units';
import type { RuleBook } from '../../rules/book';
import type { LayerPlace, Stretch } from './layerPlan';
import type { PanelDrop } from './routes';

/**
 * Finished lengths from a top edge to the floor under each panel: each its own, or all that of the highest
 * floor, by the studio's school or where the landing hides the difference.
 */
export function hemsOver(
  floorsMm: readonly Mm[],
  topMm: Mm,
  landMm: Mm,
  rules: RuleBook,
): { oneLength: boolean; hemsMm: Mm[] } {
  const highest = Math.max(...floorsMm);
  const hidden = landMm < 0 && highest - Math.min(...floorsMm) <= -landMm + 1e-6;
  const oneLength = rules.school('windows.unevenFloor') !== 'eachPanel' || hidden;
  return {
    oneLength,
    hemsMm: floorsMm.map((f) => toPlanned(topMm - (oneLength ? highest : f) - landMm, rules.unit)),
  };
}

/** So many panels on a rod: every one covers its own stretch when drawn, over its own floor. */
export type HungPanels = {
  stretches: Stretch[];
  floors: ReturnType<LayerPlace['base']>[];
  highestMm: Mm;
  oneLength: boolean;
  drops: PanelDrop[];
};

/** Hangs panels on their stretches of a rod, over the floor that each finds there. */
export function hangPanels(
  stretches: Stretch[],
  rod: { takeDownMm: Mm; landMm: Mm },
  place: LayerPlace,
  rules: RuleBook,
): HungPanels {
  const floors = stretches.map((s) => place.base(s.fromMm, s.toMm));
  const topMm = place.rodMm - rod.takeDownMm;
  const highs = floors.map((f) => f.highMm);
  const { oneLength, hemsMm } = hemsOver(highs, topMm, rod.landMm, rules);
  return {
    stretches,
    floors,
    highestMm: Math.max(...highs),
    oneLength,
    drops: hemsMm.map((finishedMm, i) => ({ rodToFloorMm: place.rodMm - (highs[i] ?? 0), finishedMm })),
  };
}

/** A rod divided evenly among its panels. */
export function stretchesOf(count: number, leftMm: Mm, rightMm: Mm): Stretch[] {
  const each = (rightMm - leftMm) / count;
  return Array.from({ length: count }, (_, i) => ({
    fromMm: leftMm + i * each,
    toMm: leftMm + i * each + each,
  }));
}

/** As many panels on each leaf as on the others. */
export function stretchesOnLeaves(count: number, leaves: readonly Stretch[]): Stretch[] {
  const totalMm = sum(leaves.map((l) => l.toMm - l.fromMm));
  const each = totalMm / count;
  const perLeaf = count / leaves.length;
  return Array.from({ length: count }, (_, i) => {
    const leaf = leaves[Math.floor(i / perLeaf)] ?? { fromMm: 0 };
    const fromMm = leaf.fromMm + (i % perLeaf) * each;
    return { fromMm, toMm: fromMm + each };
  });
}
