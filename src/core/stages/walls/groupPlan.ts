import type { Mm } from '../../base/units';
import type { Finding } from '../../model/finding';
import type { Fitting, Hanging, HangingGroup, Item } from '../../model/types';
import type { RuleId } from '../../rules/table';
import type { HangingPlace, InGroup } from './hangingPlan';
import type { HolePlan } from './holes';

export type GroupMember = { hanging: Hanging; item: Item };
/**
 * What a group has about it: its place on the wall, the lowest thing over a stretch of it, the axis of a pair
 * (with a middle of its own where that is what people look at), the stair that a stair gallery follows.
 */
export type GroupPlace = {
  place: HangingPlace;
  overhead: (fromMm: Mm, toMm: Mm) => Mm;
  axis: { name: string; xMm: Mm; widthMm: Mm; centreMm: Mm | null } | null;
  stair: Fitting | null;
};

export type GroupPlan = {
  groupId: string;
  name: string;
  wallId: string;
  kind: HangingGroup['kind'];
  /** The whole: its middle, its outline. */
  xMm: Mm;
  centreMm: Mm;
  widthMm: Mm;
  heightMm: Mm;
  topMm: Mm;
  bottomMm: Mm;
  /** The point from which its pieces' places are measured. */
  middle: { xMm: Mm; centreMm: Mm };
  aboveMm: Mm | null;
  gapMm: Mm;
  /** From the axis to the nearest edges of a pair. */
  apartMm: Mm | null;
  overName: string | null;
  widthShare: number | null;
  /** The preferred middle. */
  wishMm: Mm;
  /** Centres of a stair gallery's pieces over the tread below each; null for any other group. */
  overTreadsMm: Mm[] | null;
  /** The middle by each school of height, and whether they differ enough to be mentioned. */
  schools: { singleMm: Mm; quarterMm: Mm; part: boolean };
  members: Map<string, InGroup>;
  /** Gaps between pieces that face each other. */
  gapsMm: Mm[];
  even: boolean;
  /** Holes that its nails use, and the shift of the whole that would use or hide one. */
  holes: HolePlan;
  rulesUsed: { height: RuleId; gap: RuleId };
  findings: Finding[];
};
