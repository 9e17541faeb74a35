import type { Mm } from '../../base/units';
import type { HangingGroup } from '../../model/types';
import { facing } from '../../packing/facing';
import type { RuleBook } from '../../rules/book';
import type { GroupMember, GroupPlace, GroupPlan } from './groupPlan';
import type { InGroup } from './hangingPlan';
import { chooseHeight, gapRule } from './height';
import { judgeGroup } from './judgeGroup';
import { layOut, outlineOf, type At, type Sized } from './layout';
import { acrossOf, topsOut, type Overhead } from './overhead';

export type { GroupMember, GroupPlace, GroupPlan } from './groupPlan';

/** A group with its pieces laid out around the point that they are placed from. */
type Laid = {
  group: HangingGroup;
  members: readonly GroupMember[];
  about: GroupPlace;
  gapMm: Mm;
  apartMm: Mm | null;
  sized: Sized[];
  positions: ReadonlyMap<string, At>;
  outline: ReturnType<typeof outlineOf>;
  /** Some piece was put by hand. */
  moved: boolean;
};

/**
 * Pieces that hang as one: their places, the whole's height and share, whether the gaps are even. Lengths in
 * mm.
 */
export function planGroup(
  group: HangingGroup,
  members: readonly GroupMember[],
  about: GroupPlace,
  rules: RuleBook,
): GroupPlan {
  const laid = layGroup(group, members, about, rules);
  const { outline, gapMm, apartMm, moved } = laid;
  const { overPiece } = about.place;
  const schools = schoolsOf(laid, rules);
  const wishMm = wishOf(laid, schools, rules);
  // where pieces were put by hand the group's middle is the point that they are placed from, else it is the
  // outline's own
  const middleYMm = (outline.bottomMm + outline.topMm) / 2;
  const fromXMm = fromX(laid, rules);
  const overhead = overheadOf(laid, fromXMm, wishMm);
  const heightMm = outline.topMm - outline.bottomMm;
  const typed = group.centreMm === null ? null : group.centreMm + (moved ? middleYMm : 0);
  const height = chooseHeight(
    { heightMm, overPiece, given: { centreMm: typed, gapMm: group.aboveMm }, ceilingMm: overhead.mm },
    rules,
    wishMm,
  );
  const middle = { xMm: fromXMm, centreMm: height.centreMm - middleYMm };
  const widthMm = outline.rightMm - outline.leftMm;
  const [bottomMm, topMm] = [middle.centreMm + outline.bottomMm, middle.centreMm + outline.topMm];
  const inPlace = placesOf(laid, middle);
  const gapsMm = gapsOf(laid, inPlace);
  const unevenMm = unevenGaps(laid, gapsMm, rules);
  const plan: Omit<GroupPlan, 'findings'> = {
    groupId: group.id,
    name: group.name,
    wallId: group.wallId,
    kind: group.kind,
    xMm: fromXMm + (outline.leftMm + outline.rightMm) / 2,
    centreMm: (bottomMm + topMm) / 2,
    middle,
    widthMm,
    heightMm,
    topMm,
    bottomMm,
    aboveMm: overPiece ? bottomMm - overPiece.topMm : null,
    gapMm,
    apartMm,
    widthShare: overPiece ? widthMm / overPiece.widthMm : null,
    wishMm,
    schools,
    members: inPlace,
    gapsMm,
    even: members.length < 2 || unevenMm.length === 0,
    rulesUsed: { height: overPiece ? gapRule(overPiece.isBed) : 'walls.gallerySchool', gap: 'walls.gap' },
  };
  const edges = { leftMm: fromXMm + outline.leftMm, rightMm: fromXMm + outline.rightMm };
  const findings = judgeGroup({ plan, group, members, overPiece, height, overhead, unevenMm, edges }, rules);
  return { ...plan, findings };
}

function layGroup(
  group: HangingGroup,
  members: readonly GroupMember[],
  about: GroupPlace,
  rules: RuleBook,
): Laid {
  const gapMm = group.gapMm ?? rules.number('walls.gap');
  const sized = members.map(({ hanging, item }) => ({
    id: hanging.id,
    widthMm: item.widthMm,
    heightMm: item.heightMm,
  }));
  const apartMm = apartOf(group, about, gapMm);
  const pitchDeg = group.pitchDeg ?? about.stairPitchDeg ?? rules.number('walls.stairPitch');
  const { kind, hinge, columns } = group;
  const byOrder =
    kind === 'free'
      ? new Map<string, At>()
      : layOut(sized, { kind, hinge, gapMm, columns, pitchDeg, apartMm });
  const positions = placedBy(members, byOrder, gapMm);
  return {
    group,
    members,
    about,
    gapMm,
    apartMm,
    sized,
    positions,
    outline: outlineOf(sized, positions),
    moved: members.some(({ hanging }) => hanging.groupAt !== null),
  };
}

/** From the axis to the nearest edges of a pair: typed, a gap beside what stands on the axis, or half a gap. */
function apartOf(group: HangingGroup, { axis }: GroupPlace, gapMm: Mm): Mm | null {
  if (group.kind !== 'pair') return null;
  return group.apartMm ?? (axis ? axis.widthMm / 2 + gapMm : gapMm / 2);
}

/** What was put by hand stays there; a free group's new pieces wait beside it until it is arranged. */
function placedBy(
  members: readonly GroupMember[],
  byOrder: ReadonlyMap<string, At>,
  gapMm: Mm,
): Map<string, At> {
  let waitingMm = 0;
  const positions = new Map<string, At>();
  for (const { hanging, item } of members) {
    const own = hanging.groupAt ?? byOrder.get(hanging.id);
    positions.set(hanging.id, own ?? { dxMm: waitingMm + item.widthMm / 2, dyMm: 0 });
    if (!own) waitingMm += item.widthMm + gapMm;
  }
  return positions;
}

function schoolsOf({ members, about }: Laid, rules: RuleBook): GroupPlan['schools'] {
  const [low, high] = rules.range('walls.quarter');
  const singleMm = rules.number('walls.centre');
  const quarterMm = about.place.wallHighMm * ((low + high) / 2);
  const differ = Math.abs(singleMm - quarterMm) > rules.number('walls.schoolsPart');
  return { singleMm, quarterMm, part: differ && about.place.overPiece === null && members.length > 1 };
}

/** The preferred middle: of its zone, of what stands on its axis, or by the school of height. */
function wishOf({ group, members, about }: Laid, schools: GroupPlan['schools'], rules: RuleBook): Mm {
  const { zone } = group;
  if (zone) return zone.bottomMm + zone.heightMm / 2;
  if (group.kind === 'pair' && about.axis) return about.axis.centreMm;
  const byQuarter = rules.school('walls.gallerySchool') === 'quarter' && members.length > 1;
  return byQuarter ? schools.quarterMm : schools.singleMm;
}

/** Where across the wall its pieces are placed from. */
function fromX({ group, about, outline, moved }: Laid, rules: RuleBook): Mm {
  const ownMiddle = group.kind === 'pair' && !moved;
  const middleMm = ownMiddle ? 0 : (outline.leftMm + outline.rightMm) / 2;
  if (group.xMm !== null) return group.xMm - (moved ? 0 : middleMm);
  const { zone } = group;
  if (group.kind === 'pair' && about.axis) return about.axis.xMm - middleMm;
  return (zone ? zone.xMm + zone.widthMm / 2 : acrossOf(about.place, rules)) - middleMm;
}

/** Each piece has its own ceiling; the one that is met first holds the whole. */
function overheadOf({ sized, positions, about, outline }: Laid, fromXMm: Mm, wishMm: Mm): Overhead {
  const { place, overhead } = about;
  return sized
    .map((piece) => {
      const own = positions.get(piece.id) ?? { dxMm: 0, dyMm: 0 };
      const xMm = fromXMm + own.dxMm;
      const ceilingMm = overhead(xMm - piece.widthMm / 2, xMm + piece.widthMm / 2);
      const met = topsOut({ ...place, ceilingMm }, xMm, piece.widthMm, wishMm);
      return { ...met, mm: met.mm + outline.topMm - (own.dyMm + piece.heightMm / 2) };
    })
    .reduce<Overhead>((least, met) => (met.mm < least.mm ? met : least), {
      mm: Infinity,
      by: place.ceilingBy,
    });
}

const placesOf = ({ group, positions }: Laid, middle: { xMm: Mm; centreMm: Mm }): Map<string, InGroup> =>
  new Map(
    [...positions].map(([id, { dxMm, dyMm }]) => [
      id,
      { groupId: group.id, xMm: middle.xMm + dxMm, centreMm: middle.centreMm + dyMm },
    ]),
  );

/** Gaps between pieces that face each other. */
const gapsOf = ({ sized }: Laid, inPlace: ReadonlyMap<string, InGroup>): Mm[] =>
  facing(
    sized.flatMap(({ id, widthMm, heightMm }) => {
      const place = inPlace.get(id);
      return place ? [{ widthMm, heightMm, xMm: place.xMm, yMm: place.centreMm }] : [];
    }),
  );

/** Gaps that are not the group's own, those across a pair's axis aside. Pieces far apart have none. */
function unevenGaps({ group, gapMm, apartMm }: Laid, gapsMm: readonly Mm[], rules: RuleBook): Mm[] {
  const tolerance = rules.number('fitting.levelTolerance');
  const acrossAxis = group.kind === 'pair' && apartMm !== null ? 2 * apartMm : gapMm;
  return gapsMm
    .filter((gap) => gap < 4 * Math.max(gapMm, 1))
    .filter((gap) => Math.abs(gap - gapMm) > tolerance && Math.abs(gap - acrossAxis) > tolerance);
}
