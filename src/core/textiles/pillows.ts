import type { SeenCover } from './coverDifference';
import { CRUMB_MM } from '../base/tolerance';
import { sum, type Mm } from '../base/units';
import { overlapLength } from '../geometry/plane';
import type { Fill, Item, Placement } from '../model/types';
import type { RuleBook } from '../rules/book';
import type { InsertChoice } from './insert';

export type PillowPlan = {
  placementId: string;
  itemId: string;
  name: string;
  /** The cover, with the face that is shown. */
  shown: Item;
  /** Centre along the seat from the left arm, and the size it takes up when filled. */
  xMm: Mm;
  useWidthMm: Mm;
  useHeightMm: Mm;
  /** From the back. */
  row: number;
  thicknessMm: Mm;
  /** The cover as it stands: on its side where it is turned. */
  cover: { widthMm: Mm; heightMm: Mm };
  insert: InsertChoice;
  fill: Fill;
  /** Whether a casing goes between its feathers and the cover. */
  hasCasing: boolean;
  chopped: boolean;
  zip: Placement['zip'];
};

/** A pillow as it is seen beside others. */
export const seenCover = ({ cover, shown }: Pick<PillowPlan, 'cover' | 'shown'>): SeenCover => ({
  ...cover,
  colours: shown.colours,
  pattern: shown.pattern,
  texture: shown.texture,
});

/** What of a pillow decides what is in front of what. */
export type Standing = Pick<PillowPlan, 'xMm' | 'useWidthMm' | 'row'>;

/** What stands right behind a pillow, not in every row further back. */
export function rightBehind<P extends Standing>(
  front: Standing,
  pillows: readonly P[],
  rules: RuleBook,
): P | undefined {
  const leastMm = front.useWidthMm * rules.number('seats.inFrontFrom');
  return pillows
    .filter((back) => back.row < front.row && overlapOf(front, back) >= leastMm)
    .sort((a, b) => b.row - a.row || overlapOf(front, b) - overlapOf(front, a))[0];
}

/** The stretch of the seat that two pillows share. */
export const overlapOf = (p: Standing, q: Standing): Mm =>
  overlapLength(
    p.xMm - p.useWidthMm / 2,
    p.xMm + p.useWidthMm / 2,
    q.xMm - q.useWidthMm / 2,
    q.xMm + q.useWidthMm / 2,
  );

/** How far pillows stand out together on a stretch of the seat. */
export type Stretch = { fromMm: Mm; toMm: Mm; thickMm: Mm };

/** A seat from end to end, cut wherever a pillow begins or ends. */
export function stretchesOf(
  pillows: readonly (Standing & { thicknessMm: Mm })[],
  seatWidthMm: Mm,
): Stretch[] {
  const ends = pillows.flatMap((p) => [p.xMm - p.useWidthMm / 2, p.xMm + p.useWidthMm / 2]);
  const cuts = [0, ...ends.filter((x) => x > 0 && x < seatWidthMm), seatWidthMm].sort((a, b) => a - b);
  return cuts.slice(1).flatMap((toMm, i) => {
    const fromMm = cuts[i] ?? 0;
    if (toMm - fromMm <= CRUMB_MM) return [];
    const here = pillows.filter((p) => Math.abs(p.xMm - (fromMm + toMm) / 2) < p.useWidthMm / 2);
    return [{ fromMm, toMm, thickMm: sum(here.map((p) => p.thicknessMm)) }];
  });
}

export const thickestOf = (stretches: readonly Stretch[]): Mm =>
  Math.max(0, ...stretches.map((s) => s.thickMm));
