import { HAIR_MM } from '../../base/tolerance';
import type { Finding, FindingFacts } from '../../model/finding';
import { foldedAtFoot, sheetPocket, skirtDrop, spreadFall } from '../../room/bedCover';
import { LAYERS_OF } from '../../room/throws';
import { finding } from '../../textiles/judge/laidCase';
import type { BedCase, JudgeBed } from './bedCase';
import type { MadeCover } from './bedPlan';

/** What is spread over a bed: how covers hang, skirts, the pockets of sheets, a duvet and its cover. */
export const judgeBedding: JudgeBed = (bed) => [
  ...bed.plan.covers.flatMap((cover) => judgeOf(cover)(bed, cover)),
  ...judgeDuvet(bed),
  ...judgeGuess(bed),
];

type JudgeCover = (bed: BedCase, cover: MadeCover) => Finding[];

function judgeOf({ item }: MadeCover): JudgeCover {
  if (item.bedding === 'skirt') return judgeSkirt;
  if (item.bedding === 'fitted') return judgeFitted;
  return SEEN.has(item.bedding) ? judgeFall : () => [];
}
/** Covers that one sees; of bedding that nobody named it is taken so. */
const SEEN: ReadonlySet<string | null> = new Set(['spread', 'duvetCover', null]);

/** Whether a cover hides the mattress and ends above the floor; one that is too small does at the foot. */
const judgeFall: JudgeCover = (bed, { placementId, item }) => {
  const { rules, plan } = bed;
  const size = { widthMm: item.widthMm, lengthMm: item.heightMm };
  const beyondMm = rules.number('beds.dropBeyond');
  const fall = spreadFall(size, plan.bed, { tuckMm: rules.number('beds.tuck'), beyondMm });
  const closed = plan.bed.isFootClosed ? 'yes' : 'no';
  const facts = { cover: item.name, sideMm: fall.sideMm, footMm: fall.footMm, closed };
  const about = [placementId];
  if (fall.onFloorMm > HAIR_MM || fall.side === 'floor' || fall.foot === 'floor') {
    const more = { ...facts, byMm: fall.onFloorMm };
    return [finding(bed, 'cover-on-floor', 'caution', more, { rule: 'beds.dropBeyond', about })];
  }
  if (fall.side === 'good' && fall.foot === 'good') {
    const more = { ...facts, aboveMm: fall.aboveFloorMm };
    return [finding(bed, 'cover-hangs-good', 'ok', more, { rule: 'beds.dropBeyond', about })];
  }
  const { bandMm, overhangMm } = foldedAtFoot(size, plan.bed, LAYERS_OF.thirds);
  const more: FindingFacts = {
    ...facts,
    wantMm: plan.bed.thickMm + beyondMm,
    where: fall.side === 'short' ? sideOf(fall.foot) : 'foot',
    bandMm,
    overMm: Math.max(0, overhangMm),
    reaches: overhangMm >= -HAIR_MM ? 'yes' : 'no',
  };
  return [finding(bed, 'cover-short', 'caution', more, { rule: 'beds.dropBeyond', about })];
};
const sideOf = (foot: string): string => (foot === 'short' ? 'both' : 'sides');

/** A skirt ends just above the floor. */
const judgeSkirt: JudgeCover = (bed, { placementId, item, sideMm }) => {
  const wantMm = skirtDrop(bed.plan.bed, bed.rules.number('beds.skirtClear'));
  const clearMm = bed.plan.bed.topMm - bed.plan.bed.thickMm - sideMm;
  const facts = { skirt: item.name, dropMm: sideMm, wantMm, clearMm: Math.max(0, clearMm) };
  const more = { rule: 'beds.skirtClear' as const, about: [placementId] };
  if (item.depthMm === 0) return [finding(bed, 'skirt-unmeasured', 'yielded', facts, more)];
  if (sideMm - wantMm > bed.rules.number('beds.skirtClear') - HAIR_MM)
    return [finding(bed, 'skirt-drags', 'caution', facts, more)];
  const isShort = wantMm - sideMm > bed.rules.number('beds.skirtClear') + HAIR_MM;
  return [finding(bed, isShort ? 'skirt-short' : 'skirt-good', isShort ? 'caution' : 'ok', facts, more)];
};

/** A fitted sheet is made for a mattress of its own size. */
const judgeFitted: JudgeCover = (bed, cover) => {
  const { placementId, item } = cover;
  const { widthMm, lengthMm } = bed.plan.bed;
  const overMm = [item.widthMm - widthMm, item.heightMm - lengthMm];
  const shortMm = -Math.min(...overMm);
  const byMm = Math.max(shortMm, ...overMm);
  if (byMm <= bed.rules.number('beds.fittedFits') + HAIR_MM) return judgePocket(bed, cover);
  const facts = { sheet: item.name, byMm, side: shortMm === byMm ? 'small' : 'large' };
  return [
    finding(bed, 'fitted-size-off', 'caution', facts, { rule: 'beds.fittedFits', about: [placementId] }),
  ];
};

/** The pocket of a fitted sheet goes round mattress and topper, and under. */
const judgePocket: JudgeCover = (bed, { placementId, item }) => {
  const wantMm = sheetPocket(bed.plan.bed.thickMm, 0, bed.rules.number('beds.sheetUnder'));
  const more = { rule: 'beds.sheetUnder' as const, about: [placementId] };
  if (item.pocketMm === null)
    return [finding(bed, 'pocket-unknown', 'yielded', { sheet: item.name, wantMm }, more)];
  const facts = { sheet: item.name, pocketMm: item.pocketMm, wantMm };
  return item.pocketMm < wantMm - HAIR_MM
    ? [finding(bed, 'pocket-short', 'caution', facts, more)]
    : [finding(bed, 'pocket-good', 'ok', facts, more)];
};

/** A duvet is in a cover of its size; a cover without one is a slim layer. */
const judgeDuvet: JudgeBed = (bed) => {
  const of = (kind: string) => bed.plan.covers.filter(({ item }) => item.bedding === kind);
  const folded = bed.throws.filter(({ item }) => item.bedding === 'duvetCover');
  const [duvets, covers] = [of('duvet'), of('duvetCover')];
  const bare = duvets.slice(covers.length).map(({ placementId, item }) =>
    finding(
      bed,
      'duvet-bare',
      'caution',
      { duvet: item.name },
      {
        about: [placementId],
      },
    ),
  );
  const slim = [
    ...covers.slice(duvets.length).map(({ placementId, item }) => ({ placementId, name: item.name })),
    ...folded,
  ].map(({ placementId, name }) =>
    finding(bed, 'duvet-out', 'ok', { cover: name }, { about: [placementId] }),
  );
  const pairs = duvets.slice(0, covers.length).flatMap(({ placementId, item: duvet }, i) => {
    const cover = covers[i]?.item;
    if (!cover) return [];
    const offMm = Math.max(
      Math.abs(cover.widthMm - duvet.widthMm),
      Math.abs(cover.heightMm - duvet.heightMm),
    );
    if (offMm <= bed.rules.number('beds.duvetFits') + HAIR_MM) return [];
    const facts = { duvet: duvet.name, cover: cover.name, byMm: offMm };
    const about = [placementId];
    return [finding(bed, 'duvet-cover-off', 'caution', facts, { rule: 'beds.duvetFits', about })];
  });
  return [...bare, ...pairs, ...slim];
};

/** Drops and pockets that rest on a mattress nobody measured. */
const judgeGuess: JudgeBed = (bed) => {
  const isJudged = bed.plan.covers.some(({ item }) => item.bedding !== 'topper' && item.bedding !== 'duvet');
  if (!bed.plan.isThicknessGuessed || !isJudged) return [];
  const facts = { thickMm: bed.plan.bed.thickMm };
  return [finding(bed, 'mattress-guessed', 'yielded', facts, { rule: 'beds.thickness' })];
};
