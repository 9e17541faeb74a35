import type { RuleBook } from '../../rules/book';
import {
  aboveBelow,
  neighboursOf,
  pull,
  type Dragged,
  type Pull,
  type SnapBox,
  type SnapPlace,
} from './snapPlace';

const left = (box: SnapBox) => box.xMm - box.widthMm / 2;
const right = (box: SnapBox) => box.xMm + box.widthMm / 2;

/** What a piece is drawn to across the wall: the furniture below, axes, its neighbours, the wall's middle. */
export const acrossPulls = (dragged: Dragged, rules: RuleBook): Pull[] => [
  ...overPulls(dragged.place),
  ...axisPulls(dragged.place),
  ...mirrorPulls(dragged),
  pull(dragged.place.wallLengthMm / 2, 3, { why: 'wallMiddle' }, (x, y) => ({
    from: { xMm: x, heightMm: 0 },
    to: { xMm: x, heightMm: y },
  })),
  ...gapPulls(dragged, rules),
  ...equalGapPulls(dragged),
  ...aboveBelow(dragged).map((o) =>
    pull(o.xMm, 2, { why: 'neighbourCentre', of: o.name }, (_x, y) => ({
      from: { xMm: o.xMm, heightMm: o.centreMm },
      to: { xMm: o.xMm, heightMm: y },
    })),
  ),
];

function overPulls({ overPiece }: SnapPlace): Pull[] {
  if (!overPiece) return [];
  const xMm = overPiece.xMm + overPiece.widthMm / 2;
  return [
    pull(xMm, 0, { why: 'axis', of: overPiece.name }, (_x, y) => ({
      from: { xMm, heightMm: overPiece.topMm },
      to: { xMm, heightMm: y },
    })),
  ];
}

const axisPulls = ({ axes }: SnapPlace): Pull[] =>
  axes.map(({ name, xMm }) =>
    pull(xMm, 2, { why: 'axis', of: name }, (_x, y) => ({
      from: { xMm, heightMm: 0 },
      to: { xMm, heightMm: y },
    })),
  );

/** As far from an axis as the piece on its other side. */
const mirrorPulls = ({ box, place }: Dragged): Pull[] =>
  place.axes
    .filter((axis) => axis.flanked)
    .flatMap((axis) => {
      const side = box.xMm < axis.xMm ? -1 : 1;
      const other = neighboursOf({ box, place })
        .filter((o) => (o.xMm - axis.xMm) * side < 0)
        .sort((p, q) => Math.abs(p.xMm - axis.xMm) - Math.abs(q.xMm - axis.xMm))[0];
      const byMm = other ? Math.abs(other.xMm - axis.xMm) - other.widthMm / 2 : 0;
      if (!other || byMm <= 0) return [];
      const toMm = axis.xMm + side * (byMm + box.widthMm / 2);
      const names = `${axis.name}, ${other.name}`;
      return [
        pull(toMm, 0, { why: 'mirrored', of: names, byMm }, (_x, y) => ({
          from: { xMm: axis.xMm - side * byMm, heightMm: y },
          to: { xMm: axis.xMm + side * byMm, heightMm: y },
        })),
      ];
    });

/** One gap beside a neighbour. */
function gapPulls(dragged: Dragged, rules: RuleBook): Pull[] {
  const gapMm = rules.number('walls.gap');
  const { box } = dragged;
  return neighboursOf(dragged).flatMap((o) =>
    [-1, 1].map((side) => {
      const toMm = o.xMm + side * ((o.widthMm + box.widthMm) / 2 + gapMm);
      return pull(toMm, 1, { why: 'groupGap', of: o.name, byMm: gapMm }, (_x, y) => ({
        from: { xMm: o.xMm + (side * o.widthMm) / 2, heightMm: y },
        to: { xMm: toMm - (side * box.widthMm) / 2, heightMm: y },
      }));
    }),
  );
}

/** Half way between the nearest neighbours on both sides. */
function equalGapPulls(dragged: Dragged): Pull[] {
  const { box } = dragged;
  const row = neighboursOf(dragged);
  const previous = row.filter((o) => o.xMm < box.xMm).sort((a, b) => right(b) - right(a))[0];
  const next = row.filter((o) => o.xMm > box.xMm).sort((a, b) => left(a) - left(b))[0];
  if (!previous || !next) return [];
  const toMm = (right(previous) + left(next)) / 2;
  const byMm = toMm - box.widthMm / 2 - right(previous);
  if (byMm <= 0) return [];
  return [
    pull(toMm, 1, { why: 'equalGaps', of: `${previous.name}, ${next.name}`, byMm }, (_x, y) => ({
      from: { xMm: right(previous), heightMm: y },
      to: { xMm: left(next), heightMm: y },
    })),
  ];
}
