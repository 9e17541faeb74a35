import type { Mm } from '../../base/units';
import type { RuleBook } from '../../rules/book';
import { gapRule } from './height';
import {
  aboveBelow,
  pull,
  type Dragged,
  type Pull,
  type SnapBox,
  type SnapPlace,
  type SnapWhy,
} from './snapPlace';

const foot = (box: SnapBox) => box.centreMm - box.heightMm / 2;
const top = (box: SnapBox) => box.centreMm + box.heightMm / 2;

/** What a piece is drawn to up the wall: the schools of height, the furniture below, its neighbours. */
export const upPulls = (dragged: Dragged, rules: RuleBook): Pull[] => [
  schoolPull(dragged.box, 'centre', rules.number('walls.centre')),
  ...(dragged.place.quarterMm === null ? [] : [schoolPull(dragged.box, 'quarter', dragged.place.quarterMm)]),
  ...overPulls(dragged, rules),
  ...dragged.place.others.flatMap((o) => neighbourPulls(dragged.box, o)),
  ...gapPulls(dragged, rules),
  ...equalGapPulls(dragged),
];

const schoolPull = (box: SnapBox, why: SnapWhy, heightMm: Mm): Pull => ({
  toMm: heightMm,
  rank: 1,
  guide: (x, y) => ({
    why,
    of: '',
    byMm: y,
    from: { xMm: x - box.widthMm, heightMm: y },
    to: { xMm: x + box.widthMm, heightMm: y },
  }),
});

/** The least and the widest gap over the furniture below. */
function overPulls(
  { box, place: { overPiece } }: { box: SnapBox; place: SnapPlace },
  rules: RuleBook,
): Pull[] {
  if (!overPiece) return [];
  return rules.range(gapRule(overPiece.isBed)).map((gapMm) =>
    pull(
      overPiece.topMm + gapMm + box.heightMm / 2,
      1,
      { why: 'gap', of: overPiece.name, byMm: gapMm },
      (x) => ({
        from: { xMm: x, heightMm: overPiece.topMm },
        to: { xMm: x, heightMm: overPiece.topMm + gapMm },
      }),
    ),
  );
}

/** In line with a neighbour's middle, top or foot. */
const neighbourPulls = (box: SnapBox, o: SnapBox): Pull[] => [
  pull(o.centreMm, 0, { why: 'neighbourCentre', of: o.name }, (x, y) => ({
    from: { xMm: o.xMm, heightMm: y },
    to: { xMm: x, heightMm: y },
  })),
  ...[-1, 1].map((side) =>
    pull(
      o.centreMm + (side * (o.heightMm - box.heightMm)) / 2,
      2,
      { why: 'neighbourEdge', of: o.name },
      (x, y) => ({
        from: { xMm: o.xMm, heightMm: y + (side * box.heightMm) / 2 },
        to: { xMm: x, heightMm: y + (side * box.heightMm) / 2 },
      }),
    ),
  ),
];

/** One gap above or below a neighbour. */
function gapPulls(dragged: Dragged, rules: RuleBook): Pull[] {
  const gapMm = rules.number('walls.gap');
  const { box } = dragged;
  return aboveBelow(dragged).flatMap((o) =>
    [-1, 1].map((side) => {
      const toMm = o.centreMm + side * ((o.heightMm + box.heightMm) / 2 + gapMm);
      return pull(toMm, 1, { why: 'groupGap', of: o.name, byMm: gapMm }, (x) => ({
        from: { xMm: x, heightMm: o.centreMm + (side * o.heightMm) / 2 },
        to: { xMm: x, heightMm: toMm - (side * box.heightMm) / 2 },
      }));
    }),
  );
}

/** Half way between the nearest neighbours above and below. */
function equalGapPulls(dragged: Dragged): Pull[] {
  const { box } = dragged;
  const stack = aboveBelow(dragged);
  const lower = stack.filter((o) => o.centreMm < box.centreMm).sort((a, b) => top(b) - top(a))[0];
  const upper = stack.filter((o) => o.centreMm > box.centreMm).sort((a, b) => foot(a) - foot(b))[0];
  if (!lower || !upper) return [];
  const toMm = (top(lower) + foot(upper)) / 2;
  const byMm = toMm - box.heightMm / 2 - top(lower);
  if (byMm <= 0) return [];
  return [
    pull(toMm, 1, { why: 'equalGaps', of: `${lower.name}, ${upper.name}`, byMm }, (x) => ({
      from: { xMm: x, heightMm: top(lower) },
      to: { xMm: x, heightMm: foot(upper) },
    })),
  ];
}
