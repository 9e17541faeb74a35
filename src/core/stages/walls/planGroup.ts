import type { Mm } from '../../base/units';
import type { Fitting, HangingGroup } from '../../model/types';
import { facing } from '../../packing/facing';
import { treadAt, treadUnder } from '../../room/stairs';
import type { RuleBook } from '../../rules/book';
import type { GroupMember, GroupPlace, GroupPlan } from './groupPlan';
import type { InGroup } from './hangingPlan';
import { groupHoles, shiftOntoHoles } from './groupHoles';
import {
  aimAt,
  chooseHeight,
  eyeLevel,
  gapRule,
  type Aim,
  type HeightFacts,
  type HeightPlan,
} from './height';
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
  /** Where across the wall its pieces are placed from. */
  fromXMm: Mm;
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
  // where pieces were put by hand the group's middle is the point that they are placed from, else it is the
  // outline's own
  const middleYMm = (outline.bottomMm + outline.topMm) / 2;
  const { fromXMm } = laid;
  const floorMm = treadUnder(about.place.stairs, fromXMm + (outline.leftMm + outline.rightMm) / 2);
  const schools = schoolsOf(laid, floorMm, rules);
  const aim = aimOf(laid, { schools, floorMm, middleYMm }, rules);
  const overhead = overheadOf(laid, fromXMm, aim.wishMm);
  const heightMm = outline.topMm - outline.bottomMm;
  const typed = group.centreMm === null ? null : group.centreMm + (moved ? middleYMm : 0);
  const facts: HeightFacts = {
    heightMm,
    overPiece,
    given: { centreMm: typed, gapMm: group.aboveMm },
    ceilingMm: overhead.mm,
    floorMm,
  };
  const schoolsMm = members.length > 1 ? [schools.singleMm, schools.quarterMm] : [];
  const byRule = chooseHeight(facts, rules, aim);
  const laidAt = (dxMm: Mm, dyMm: Mm) => {
    const height: HeightPlan = {
      centreMm: byRule.centreMm + dyMm,
      gapMm: byRule.gapMm === null ? null : byRule.gapMm + dyMm,
    };
    const middle = { xMm: fromXMm + dxMm, centreMm: height.centreMm - middleYMm };
    const judged = { height, facts, aim, schools: schoolsMm };
    return { height, middle, group, members, inPlace: placesOf(laid, middle), place: about.place, judged };
  };
  const shift = shiftOntoHoles(laidAt(0, 0), rules);
  const hung = laidAt(shift.dxMm, shift.dyMm);
  const { middle, height, inPlace } = hung;
  const widthMm = outline.rightMm - outline.leftMm;
  const [bottomMm, topMm] = [middle.centreMm + outline.bottomMm, middle.centreMm + outline.topMm];
  const gapsMm = gapsOf(laid, inPlace);
  const unevenMm = unevenGaps(laid, gapsMm, rules);
  const plan: Omit<GroupPlan, 'findings'> = {
    groupId: group.id,
    name: group.name,
    wallId: group.wallId,
    kind: group.kind,
    xMm: middle.xMm + (outline.leftMm + outline.rightMm) / 2,
    centreMm: (bottomMm + topMm) / 2,
    middle,
    widthMm,
    heightMm,
    topMm,
    bottomMm,
    aboveMm: overPiece ? bottomMm - overPiece.topMm : null,
    gapMm,
    apartMm,
    overName: overPiece?.name ?? null,
    widthShare: overPiece ? widthMm / overPiece.widthMm : null,
    wishMm: aim.wishMm,
    overTreadsMm: overTreads(laid, middle),
    schools,
    members: inPlace,
    gapsMm,
    even: members.length < 2 || unevenMm.length === 0,
    holes: groupHoles(hung, rules),
    rulesUsed: { height: overPiece ? gapRule(overPiece.isBed) : 'walls.gallerySchool', gap: 'walls.gap' },
  };
  const edges = { leftMm: middle.xMm + outline.leftMm, rightMm: middle.xMm + outline.rightMm };
  const findings = judgeGroup(
    { plan, group, members, height: { plan: height, facts, aim }, about, overhead, unevenMm, edges },
    rules,
  );
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
  const pitchDeg = group.pitchDeg ?? (about.stair ? pitchOf(about.stair) : rules.number('walls.stairPitch'));
  const { kind, hinge, columns } = group;
  const byOrder =
    kind === 'free'
      ? new Map<string, At>()
      : layOut(sized, { kind, hinge, gapMm, columns, pitchDeg, apartMm });
  const moved = members.some(({ hanging }) => hanging.groupAt !== null);
  const inLine = placedBy(members, byOrder, gapMm);
  const fromXMm = fromX({ group, about, outline: outlineOf(sized, inLine), moved }, rules);
  const positions =
    kind === 'stair' && about.stair && group.pitchDeg === null
      ? placedBy(members, alongTreads(sized, byOrder, { stair: about.stair, fromXMm }), gapMm)
      : inLine;
  const outline = outlineOf(sized, positions);
  return { group, members, about, gapMm, apartMm, sized, positions, outline, moved, fromXMm };
}

/** Pitch of a stair, positive where it rises to the right. */
const pitchOf = (stair: Fitting): number =>
  (Math.atan2(stair.heightMm, stair.widthMm) * 180 * (stair.rises === 'right' ? 1 : -1)) / Math.PI;

/** A row whose every piece hangs as high over the tread below it; the outline's middle at 0. */
function alongTreads(
  sized: readonly Sized[],
  byOrder: ReadonlyMap<string, At>,
  { stair, fromXMm }: { stair: Fitting; fromXMm: Mm },
): Map<string, At> {
  const risen = new Map(
    [...byOrder].map(([id, { dxMm }]): [string, At] => [id, { dxMm, dyMm: treadAt(stair, fromXMm + dxMm) }]),
  );
  const { bottomMm, topMm } = outlineOf(sized, risen);
  const middleMm = (bottomMm + topMm) / 2;
  return new Map([...risen].map(([id, { dxMm, dyMm }]) => [id, { dxMm, dyMm: dyMm - middleMm }]));
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

function schoolsOf({ members, about }: Laid, floorMm: Mm, rules: RuleBook): GroupPlan['schools'] {
  const [low, high] = rules.range('walls.quarter');
  const singleMm = floorMm + rules.number('walls.centre');
  const quarterMm = floorMm + (about.place.wallHighMm - floorMm) * ((low + high) / 2);
  const differ = Math.abs(singleMm - quarterMm) > rules.number('walls.schoolsPart');
  return { singleMm, quarterMm, part: differ && members.length > 1 };
}

type Whole = { schools: GroupPlan['schools']; floorMm: Mm; middleYMm: Mm };

/** The preferred middle: of its zone, of a screen on its axis, over the treads, or by the school of height. */
function aimOf(laid: Laid, { schools, floorMm, middleYMm }: Whole, rules: RuleBook): Aim {
  const { group, members, about } = laid;
  const { zone } = group;
  if (zone) return aimAt(zone.bottomMm + zone.heightMm / 2);
  const axisCentreMm = group.kind === 'pair' ? about.axis?.centreMm : null;
  if (axisCentreMm !== null && axisCentreMm !== undefined) return aimAt(axisCentreMm);
  if (group.kind === 'stair' && about.stair) return aimOverTreads(laid, middleYMm, rules);
  const byQuarter = rules.school('walls.gallerySchool') === 'quarter' && members.length > 1;
  return byQuarter ? aimAt(schools.quarterMm) : eyeLevel(floorMm, rules);
}

/** The middle that brings every piece to eye level over the tread below it, as near as they can all come. */
function aimOverTreads({ positions, about, fromXMm }: Laid, middleYMm: Mm, rules: RuleBook): Aim {
  const { stair } = about;
  if (!stair || positions.size === 0) return eyeLevel(0, rules);
  const treads = [...positions.values()].map(({ dxMm, dyMm }) => treadAt(stair, fromXMm + dxMm) - dyMm);
  const [lowest, highest] = [Math.min(...treads), Math.max(...treads)];
  const level = eyeLevel(middleYMm, rules);
  const aim: Aim = {
    wishMm: level.wishMm + (lowest + highest) / 2,
    lowMm: level.lowMm + highest,
    highMm: level.highMm + lowest,
  };
  return aim.lowMm <= aim.highMm ? aim : aimAt(aim.wishMm);
}

/** Where each piece of a stair gallery hangs over the tread below it. */
function overTreads({ group, about, positions }: Laid, middle: { xMm: Mm; centreMm: Mm }): Mm[] | null {
  const { stair } = about;
  if (group.kind !== 'stair' || !stair) return null;
  return [...positions.values()].map(
    ({ dxMm, dyMm }) => middle.centreMm + dyMm - treadAt(stair, middle.xMm + dxMm),
  );
}

/** Where across the wall its pieces are placed from. */
function fromX(
  { group, about, outline, moved }: Pick<Laid, 'group' | 'about' | 'outline' | 'moved'>,
  rules: RuleBook,
): Mm {
  const ownMiddle = group.kind === 'pair' && !moved;
  const middleMm = ownMiddle ? 0 : (outline.leftMm + outline.rightMm) / 2;
  if (group.xMm !== null) return group.xMm - (moved ? 0 : middleMm);
  const { zone } = group;
  if (group.kind === 'pair' && about.axis) return about.axis.xMm - middleMm;
  if (group.kind === 'stair' && about.stair && !zone)
    return about.stair.xMm + about.stair.widthMm / 2 - middleMm;
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
