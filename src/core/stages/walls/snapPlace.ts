import type { Mm } from '../../base/units';

export type SnapBox = { id: string; name: string; xMm: Mm; centreMm: Mm; widthMm: Mm; heightMm: Mm };
export type SnapWhy =
  | 'centre'
  | 'quarter'
  | 'gap'
  | 'groupGap'
  | 'neighbourCentre'
  | 'neighbourEdge'
  | 'equalGaps'
  | 'axis'
  | 'mirrored'
  | 'wallMiddle'
  | 'hole';
/** What a piece came to rest on: the rule, the thing it is about, and a line to draw. */
export type SnapGuide = {
  why: SnapWhy;
  of: string;
  byMm: Mm;
  from: { xMm: Mm; heightMm: Mm };
  to: { xMm: Mm; heightMm: Mm };
};
export type SnapPlace = {
  wallLengthMm: Mm;
  overPiece: { name: string; isBed: boolean; xMm: Mm; widthMm: Mm; topMm: Mm } | null;
  others: readonly SnapBox[];
  /** Middles of furniture, openings and fittings below and beside. */
  axes: readonly {
    name: string;
    xMm: Mm;
    /** Pieces hang either side of it at one distance. */ flanked?: boolean;
  }[];
  holes: readonly { xMm: Mm; heightMm: Mm }[];
  /** Middle of the second quarter from the top, for what hangs as one; null for a single piece. */
  quarterMm: Mm | null;
  /** Nails of the piece from its middle. */
  nails: readonly { dxMm: Mm; dyMm: Mm }[];
};
export type Snapped = { xMm: Mm; centreMm: Mm; guides: SnapGuide[] };

/** What draws a piece: where to, before what else, and the line that shows it. */
export type Pull = { toMm: Mm; rank: number; guide: (x: Mm, y: Mm) => SnapGuide };

/** A dragged piece among what it may be drawn to. */
export type Dragged = { box: SnapBox; place: SnapPlace };

/** Pieces that are level with it, so that it may hang beside them. */
export const neighboursOf = ({ box, place }: Dragged): SnapBox[] =>
  place.others.filter((o) => Math.abs(o.centreMm - box.centreMm) < (o.heightMm + box.heightMm) / 2);

/** Pieces that share its stretch of the wall, above or below. */
export const aboveBelow = ({ box, place }: Dragged): SnapBox[] =>
  place.others.filter((o) => Math.abs(o.xMm - box.xMm) < (o.widthMm + box.widthMm) / 2);

type Line = Pick<SnapGuide, 'from' | 'to'>;

/** A pull with its guide; `line` is drawn once it is known where the piece comes to rest. */
export const pull = (
  toMm: Mm,
  rank: number,
  { why, of: other = '', byMm = 0 }: { why: SnapWhy; of?: string; byMm?: Mm },
  line: (x: Mm, y: Mm) => Line,
): Pull => ({ toMm, rank, guide: (x, y) => ({ why, of: other, byMm, ...line(x, y) }) });
