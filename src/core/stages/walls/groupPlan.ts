import type { Mm } from '../../base/units';
import type { Finding } from '../../model/finding';
import type { Hanging, HangingGroup, Item } from '../../model/types';
import type { RuleId } from '../../rules/table';
import type { HangingPlace, InGroup } from './hangingPlan';

export type GroupMember = { hanging: Hanging; item: Item };
/**
 * What a group has about it: its place on the wall, the lowest thing over a stretch of it, the axis of a
 * pair, the pitch of a stair beside it.
 */
export type GroupPlace = {
  place: HangingPlace;
  overhead: (fromMm: Mm, toMm: Mm) => Mm;
  axis: { name: string; xMm: Mm; widthMm: Mm; centreMm: Mm } | null;
  stairPitchDeg: number | null;
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
  widthShare: number | null;
  /** The preferred middle. */
  wishMm: Mm;
  /** The middle by each school of height, and whether they differ enough to be mentioned. */
  schools: { singleMm: Mm; quarterMm: Mm; part: boolean };
  members: Map<string, InGroup>;
  /** Gaps between pieces that face each other. */
  gapsMm: Mm[];
  even: boolean;
  rulesUsed: { height: RuleId; gap: RuleId };
  findings: Finding[];
};
