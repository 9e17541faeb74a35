import { toMark, type Mm } from '../../base/units';
import { boxesOverlap, overlapLength, type Box } from '../../geometry/plane';
import type { Finding, FindingCode, FindingFacts, Level } from '../../model/finding';
import type { Hanging, Item } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';
import { chooseHeight, gapRule } from './height';
import { planNails } from './wire';

/** What is on the hanging's wall, unrolled: boxes in mm from the wall's left end and the floor datum. */
export type HangingPlace = {
  wallLengthMm: Mm; ceilingMm: Mm;
  over: { id: string; name: string; isBed: boolean; isSeat: boolean; xMm: Mm; widthMm: Mm; topMm: Mm } | null;
  openings: readonly { id: string; name: string; box: Box }[];
  fittings: readonly { id: string; name: string; electric: boolean; box: Box }[];
  furniture: readonly { id: string; name: string; box: Box }[];
};

export type HangingPlan = {
  hangingId: string; itemId: string; name: string; wallId: string;
  xMm: Mm; centreMm: Mm; widthMm: Mm; heightMm: Mm; topMm: Mm; bottomMm: Mm;
  gapMm: Mm | null; yielded: 'none' | 'centre' | 'gap'; yieldedByMm: Mm;
  widthShare: number | null;
  nails: { xMm: Mm; heightMm: Mm }[]; nailDropMm: Mm; hooksApartMm: Mm;
  massG: number; twoPoints: boolean;
  rulesUsed: { height: RuleId; width: RuleId; hooks: RuleId };
  findings: Finding[];
};

/** One piece hung: centre, gap, share of the furniture's width, nails, and what to look out for. */
export function planHanging(hanging: Hanging, item: Item, place: HangingPlace, rules: RuleBook): HangingPlan {
  const findings: Finding[] = [];
  const find = (code: FindingCode, level: Level, by: FindingFacts, rule?: RuleId) => findings.push({ code, level, stage: 'walls', about: [hanging.id], by: { piece: item.name, ...by }, ...(rule ? { rule } : {}) });
  const { over } = place;
  const height = chooseHeight(item.heightMm, over, hanging, place.ceilingMm, rules);
  const xMm = hanging.xMm ?? (over ? over.xMm + over.widthMm / 2 : place.wallLengthMm / 2);
  const box: Box = { xMm: xMm - item.widthMm / 2, yMm: height.centreMm - item.heightMm / 2, widthMm: item.widthMm, heightMm: item.heightMm };
  const topMm = box.yMm + box.heightMm;
  const nail = planNails(item, hanging.hanger, rules);
  const nails = nail.offsetsMm.map((offset) => ({ xMm: xMm + offset, heightMm: toMark(topMm - nail.dropMm, rules.unit) }));
  const widthShare = over ? item.widthMm / over.widthMm : null;
  const twoPoints = item.massG > rules.number('walls.heavyFrom') || (over?.isBed ?? false) || (over?.isSeat ?? false);
  judge();
  return {
    hangingId: hanging.id, itemId: item.id, name: item.name, wallId: hanging.wallId, xMm, centreMm: height.centreMm, widthMm: item.widthMm, heightMm: item.heightMm, topMm, bottomMm: box.yMm,
    gapMm: height.gapMm, yielded: height.yielded, yieldedByMm: height.byMm, widthShare, nails, nailDropMm: nail.dropMm,
    hooksApartMm: nails.length > 1 ? nails[1]!.xMm - nails[0]!.xMm : 0, massG: item.massG, twoPoints,
    rulesUsed: { height: over ? gapRule(over.isBed) : 'walls.centre', width: 'walls.widthShare', hooks: 'walls.hookSpread' }, findings,
  };

  function judge(): void {
    const wish = rules.number('walls.centre');
    if (height.yielded === 'centre') find('centre-yielded', 'yielded', { byMm: Math.abs(height.byMm), direction: height.byMm > 0 ? 'above' : 'below', gapMm: height.gapMm ?? -1, wishMm: wish, over: over?.name ?? 'none' }, over ? gapRule(over.isBed) : 'walls.clearAbove');
    else if (height.yielded === 'gap') find('gap-yielded', 'yielded', { byMm: Math.abs(height.byMm), direction: height.byMm > 0 ? 'above' : 'below', gapMm: height.gapMm ?? 0, over: over?.name ?? '' }, over ? gapRule(over.isBed) : 'walls.centre');
    else if (over) find('centre-and-gap-agree', 'ok', { gapMm: height.gapMm ?? 0, centreMm: height.centreMm, over: over.name }, gapRule(over.isBed));
    else {
      const [low, high] = rules.range('walls.centreRange');
      const outside = height.centreMm < low - 0.5 ? low - height.centreMm : height.centreMm > high + 0.5 ? height.centreMm - high : 0;
      if (outside > 0) find('centre-yielded', 'caution', { byMm: outside, direction: height.centreMm > high ? 'above' : 'below', gapMm: -1, wishMm: wish, over: 'none' }, 'walls.centreRange');
      else find('centre-as-wished', 'ok', { centreMm: height.centreMm }, 'walls.centre');
    }
    if (widthShare !== null && over) {
      const [low, high] = rules.range('walls.widthShareAccepted');
      const off = widthShare < low || widthShare > high;
      const [wishLow, wishHigh] = rules.range('walls.widthShare');
      find(off ? 'width-share-off' : 'width-share-good', off ? 'caution' : 'ok', { share: widthShare, wantMm: wishLow * over.widthMm, wantToMm: wishHigh * over.widthMm, over: over.name, direction: widthShare < low ? 'narrow' : 'wide' }, 'walls.widthShare');
    }
    if (box.xMm < -0.5 || box.xMm + box.widthMm > place.wallLengthMm + 0.5) find('picture-past-wall', 'stop', { byMm: Math.max(-box.xMm, box.xMm + box.widthMm - place.wallLengthMm) });
    if (topMm > place.ceilingMm + 0.5) find('picture-over-ceiling', 'stop', { byMm: topMm - place.ceilingMm });
    if (height.gapMm !== null && height.gapMm < -0.5) find('picture-into-furniture', 'stop', { over: over?.name ?? '', byMm: -height.gapMm });
    for (const o of place.openings) if (boxesOverlap(box, o.box)) find('picture-over-opening', 'stop', { other: o.name });
    for (const f of place.fittings) if (boxesOverlap(box, f.box)) find('picture-over-fitting', 'caution', { other: f.name });
    for (const f of place.furniture) if (f.id !== over?.id && boxesOverlap(box, f.box)) find('picture-into-furniture', 'caution', { over: f.name, byMm: overlapLength(box.yMm, topMm, f.box.yMm, f.box.yMm + f.box.heightMm) });
    if (nail.problem) find(nail.problem, 'stop', { dropMm: nail.dropMm }, 'walls.hookSpread');
    if (twoPoints) {
      const single = nails.length < 2;
      find('two-points', single ? 'caution' : 'ok', { massG: item.massG, single: single ? 'yes' : 'no', why: item.massG > rules.number('walls.heavyFrom') ? 'heavy' : 'over' }, 'walls.heavyFrom');
    }
    const band = rules.number('walls.cableBand');
    const live = place.fittings.find((f) => f.electric && nails.some((n) => overlapLength(n.xMm - band, n.xMm + band, f.box.xMm, f.box.xMm + f.box.widthMm) > 0));
    if (live) find('cable-zone', 'caution', { other: live.name }, 'walls.cableBand');
  }
}
