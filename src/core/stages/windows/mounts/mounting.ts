import type { Mm } from '../../../base/units';
import type { Dressing, Opening } from '../../../model/types';
import type { RuleBook } from '../../../rules/book';
import type { RuleId } from '../../../rules/table';
import type { LayerPlace } from '../layer';
import type { Ends, Reach } from '../panels';
import { usualEnds } from '../panels';
import { floorOf, outerOf, type Span } from '../span';
import type { WindowPlace, WindowPlan } from '../windowPlan';

/** What a mount goes by. */
export type MountFacts = {
  span: Span;
  openings: readonly Opening[];
  first: Opening;
  last: Opening;
  /** From trim to trim. */
  trimmed: { leftMm: Mm; rightMm: Mm };
  /** Top of the trim, as widths count from its sides. */
  frameTopMm: Mm;
  sillMm: Mm;
  dressing: Dressing;
  place: WindowPlace;
  rules: RuleBook;
};

export type Limits = { lowMm: Mm; highMm: Mm };

/** What follows from where the rod is fixed. */
export type Mounting = {
  /** In the opening itself, not on the wall around it. */
  inReveal: boolean;
  hemOn: WindowPlan['hemOn'];
  /** What the hem lands on under a stretch of the rod. */
  base: LayerPlace['base'];
  outer: LayerPlace['outer'];
  ends: Ends;
  given: LayerPlace['given'];
  /** The rod's height where the mount decides it. */
  rodMm: Mm | undefined;
  /** The line that the room's windows share, where this rod goes along with it. */
  lineMm: Mm | undefined;
  limits: (ceilingMm: Mm) => Limits;
  /** Whether slopes and beams beside the window can end the rod early. */
  meetsOverhead: boolean;
  carriesSheer: boolean;
  /** Clear space below the hem, where that isn't the landing's to say. */
  landMm: Mm | null;
  /** Rods on the leaves, with the height of those below. */
  leaves: { rods: readonly { fromMm: Mm; toMm: Mm }[]; lowerRodMm: Mm | null } | null;
  /** Share of the opening's height that the cloth covers. */
  coversHeight: number;
  hasFinials: boolean;
  rules: { rod: RuleId; extension: RuleId; landing: RuleId | null };
};
export type Mount = (facts: MountFacts) => Mounting;

const NO_TRIM: Reach = { leftMm: 0, rightMm: 0 };

/** The top of the trim over the tallest of the windows. */
export const frameTopOf = (openings: readonly Opening[]): Mm =>
  Math.max(...openings.map((o) => o.sillMm + o.heightMm + o.trimMm));

/** The facts of a window under one rod. */
export function mountFacts(span: Span, dressing: Dressing, place: WindowPlace, rules: RuleBook): MountFacts {
  const openings = span.parts.map((p) => p.opening);
  const [first, last] = [openings[0], openings.at(-1)];
  if (!first || !last) throw new Error('a rod without a window');
  return {
    span,
    openings,
    first,
    last,
    trimmed: outerOf(span),
    frameTopMm: frameTopOf(openings),
    sillMm: Math.max(...openings.map((o) => o.sillMm)),
    dressing,
    place,
    rules,
  };
}

/** A hem that lands on the floor. */
export const onFloor =
  ({ span }: MountFacts): Mounting['base'] =>
  (fromMm, toMm) =>
    floorOf(span, fromMm, toMm);

/** A hem that ends at a height, whatever is below. */
export const atHeight =
  (heightMm: Mm): Mounting['base'] =>
  () => ({ highMm: heightMm, lowMm: heightMm, measured: true });

/** What all rods inside the opening have in common. */
export function inOpening(facts: MountFacts) {
  const { trimmed, first, last, sillMm, dressing, rules } = facts;
  const toFloor = sillMm <= 0;
  return {
    inReveal: true,
    hemOn: toFloor ? ('floor' as const) : ('sill' as const),
    base: toFloor ? onFloor(facts) : atHeight(sillMm),
    outer: {
      leftMm: trimmed.leftMm + first.trimMm,
      rightMm: trimmed.rightMm - last.trimMm,
      trims: NO_TRIM,
    },
    ends: { ...usualEnds(rules, dressing.draw), returnMm: 0 },
    given: { leftMm: 0, rightMm: 0 },
    lineMm: undefined,
    limits: () => ({ lowMm: first.sillMm, highMm: first.sillMm + first.heightMm }),
    meetsOverhead: false,
    carriesSheer: false,
    landMm: null,
    leaves: null,
    coversHeight: 1,
    hasFinials: false,
  } satisfies Partial<Mounting>;
}
