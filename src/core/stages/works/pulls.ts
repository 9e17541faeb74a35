import type { Mm } from '../../base/units';
import type { Work } from '../../model/types';
import type { RuleBook } from '../../rules/book';

type Pulls = NonNullable<Work['pulls']>;

/** Holes of one front, from its middle line to the right. */
export type PullHoles = {
  newMm: readonly Mm[];
  /** Old holes that stay in sight and are filled. */
  fillMm: readonly Mm[];
  /** Between a new hole and the nearest old one; null where none is near enough to matter. */
  meetMm: Mm | null;
};

/** Both holes of a pull; a knob has one, in the middle. */
const holesOf = (apartMm: Mm): readonly Mm[] => (apartMm === 0 ? [0] : [-apartMm / 2, apartMm / 2]);
/** A new hole that is so near to an old one is the old one. */
const SAME: Mm = 0.5;
/** How far a plate has to go past the middle of a hole to hide it. */
const HIDES: Mm = 3;

/** New holes centred on where the old ones are, which of those are filled, and whether new ones break into them. */
export function pullHoles({ oldMm, newMm, plateMm }: Pulls, rules: RuleBook): PullHoles {
  const made = holesOf(newMm);
  const old = oldMm === null ? [] : holesOf(oldMm);
  const isUsed = (mm: Mm) => made.some((hole) => Math.abs(hole - mm) <= SAME);
  const isHidden = (mm: Mm) => plateMm !== null && Math.abs(mm) + HIDES <= plateMm / 2;
  const left = old.filter((mm) => !isUsed(mm));
  const apart = made
    .filter((hole) => !old.some((mm) => Math.abs(hole - mm) <= SAME))
    .flatMap((hole) => left.map((mm) => Math.abs(hole - mm)));
  const nearest = apart.length > 0 ? Math.min(...apart) : Infinity;
  return {
    newMm: made,
    fillMm: left.filter((mm) => !isHidden(mm)),
    meetMm: nearest < rules.number('works.holesApart') ? nearest : null,
  };
}
