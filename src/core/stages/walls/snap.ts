/**
 * A piece dragged on a wall is drawn to the rules that are near, each with its name; one across and one up.
 * Lengths in mm.
 */
import type { Mm } from '../../base/units';
import type { RuleBook } from '../../rules/book';
import { gapRule } from './height';

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
/** What a piece came to rest on: the rule, the thing it speaks of, and a line to draw. */
export type SnapGuide = {
  why: SnapWhy;
  of: string;
  byMm: Mm;
  from: { xMm: Mm; heightMm: Mm };
  to: { xMm: Mm; heightMm: Mm };
};
export type SnapPlace = {
  wallLengthMm: Mm;
  over: { name: string; isBed: boolean; xMm: Mm; widthMm: Mm; topMm: Mm } | null;
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

type Pull = { toMm: Mm; rank: number; guide: (x: Mm, y: Mm) => SnapGuide };

/** The piece where the nearest rule in reach puts it, across and up; a hole takes both at once. */
export function snapHanging(box: SnapBox, place: SnapPlace, rules: RuleBook): Snapped {
  const reach = rules.number('walls.snapWithin');
  for (const hole of place.holes)
    for (const n of place.nails) {
      const [x, y] = [hole.xMm - n.dxMm, hole.heightMm - n.dyMm];
      if (Math.hypot(x - box.xMm, y - box.centreMm) <= reach / 2)
        return { xMm: x, centreMm: y, guides: [{ why: 'hole', of: '', byMm: 0, from: hole, to: hole }] };
    }
  const across = nearest(acrossPulls(), box.xMm);
  const xMm = across?.toMm ?? box.xMm;
  const up = nearest(upPulls(), box.centreMm);
  const centreMm = up?.toMm ?? box.centreMm;
  return { xMm, centreMm, guides: [across, up].flatMap((p) => (p ? [p.guide(xMm, centreMm)] : [])) };

  function nearest(pulls: readonly Pull[], at: Mm): Pull | undefined {
    return pulls
      .filter((p) => Math.abs(p.toMm - at) <= reach)
      .sort((a, b) => a.rank - b.rank || Math.abs(a.toMm - at) - Math.abs(b.toMm - at))[0];
  }
  function beside(): SnapBox[] {
    return place.others.filter((o) => Math.abs(o.centreMm - box.centreMm) < (o.heightMm + box.heightMm) / 2);
  }
  function aboveBelow(): SnapBox[] {
    return place.others.filter((o) => Math.abs(o.xMm - box.xMm) < (o.widthMm + box.widthMm) / 2);
  }

  function acrossPulls(): Pull[] {
    const gap = rules.number('walls.gap');
    const pulls: Pull[] = [];
    if (place.over) {
      const x = place.over.xMm + place.over.widthMm / 2;
      pulls.push({
        toMm: x,
        rank: 0,
        guide: (_x, y) => ({
          why: 'axis',
          of: place.over!.name,
          byMm: 0,
          from: { xMm: x, heightMm: place.over!.topMm },
          to: { xMm: x, heightMm: y },
        }),
      });
    }
    for (const a of place.axes)
      pulls.push({
        toMm: a.xMm,
        rank: 2,
        guide: (_x, y) => ({
          why: 'axis',
          of: a.name,
          byMm: 0,
          from: { xMm: a.xMm, heightMm: 0 },
          to: { xMm: a.xMm, heightMm: y },
        }),
      });
    for (const a of place.axes) {
      if (!a.flanked) continue;
      const side = box.xMm < a.xMm ? -1 : 1;
      const other = place.others
        .filter(
          (o) =>
            (o.xMm - a.xMm) * side < 0 &&
            Math.abs(o.centreMm - box.centreMm) < (o.heightMm + box.heightMm) / 2,
        )
        .sort((p, q) => Math.abs(p.xMm - a.xMm) - Math.abs(q.xMm - a.xMm))[0];
      if (!other) continue;
      const byMm = Math.abs(other.xMm - a.xMm) - other.widthMm / 2;
      const x = a.xMm + side * (byMm + box.widthMm / 2);
      if (byMm > 0)
        pulls.push({
          toMm: x,
          rank: 0,
          guide: (_x, y) => ({
            why: 'mirrored',
            of: `${a.name}, ${other.name}`,
            byMm,
            from: { xMm: a.xMm - side * byMm, heightMm: y },
            to: { xMm: a.xMm + side * byMm, heightMm: y },
          }),
        });
    }
    pulls.push({
      toMm: place.wallLengthMm / 2,
      rank: 3,
      guide: (x, y) => ({
        why: 'wallMiddle',
        of: '',
        byMm: 0,
        from: { xMm: x, heightMm: 0 },
        to: { xMm: x, heightMm: y },
      }),
    });
    const row = beside();
    for (const o of row)
      for (const side of [-1, 1]) {
        const x = o.xMm + side * ((o.widthMm + box.widthMm) / 2 + gap);
        pulls.push({
          toMm: x,
          rank: 1,
          guide: (_x, y) => ({
            why: 'groupGap',
            of: o.name,
            byMm: gap,
            from: { xMm: o.xMm + (side * o.widthMm) / 2, heightMm: y },
            to: { xMm: x - (side * box.widthMm) / 2, heightMm: y },
          }),
        });
      }
    const left = row
      .filter((o) => o.xMm < box.xMm)
      .sort((a, b) => b.xMm + b.widthMm / 2 - a.xMm - a.widthMm / 2)[0];
    const right = row
      .filter((o) => o.xMm > box.xMm)
      .sort((a, b) => a.xMm - a.widthMm / 2 - b.xMm + b.widthMm / 2)[0];
    if (left && right) {
      const x = (left.xMm + left.widthMm / 2 + right.xMm - right.widthMm / 2) / 2;
      const each = x - box.widthMm / 2 - left.xMm - left.widthMm / 2;
      if (each > 0)
        pulls.push({
          toMm: x,
          rank: 1,
          guide: (_x, y) => ({
            why: 'equalGaps',
            of: `${left.name}, ${right.name}`,
            byMm: each,
            from: { xMm: left.xMm + left.widthMm / 2, heightMm: y },
            to: { xMm: right.xMm - right.widthMm / 2, heightMm: y },
          }),
        });
    }
    for (const o of aboveBelow())
      pulls.push({
        toMm: o.xMm,
        rank: 2,
        guide: (_x, y) => ({
          why: 'neighbourCentre',
          of: o.name,
          byMm: 0,
          from: { xMm: o.xMm, heightMm: o.centreMm },
          to: { xMm: o.xMm, heightMm: y },
        }),
      });
    return pulls;
  }

  function upPulls(): Pull[] {
    const gap = rules.number('walls.gap');
    const pulls: Pull[] = [
      {
        toMm: rules.number('walls.centre'),
        rank: 1,
        guide: (x, y) => ({
          why: 'centre',
          of: '',
          byMm: y,
          from: { xMm: x - box.widthMm, heightMm: y },
          to: { xMm: x + box.widthMm, heightMm: y },
        }),
      },
    ];
    if (place.quarterMm !== null)
      pulls.push({
        toMm: place.quarterMm,
        rank: 1,
        guide: (x, y) => ({
          why: 'quarter',
          of: '',
          byMm: y,
          from: { xMm: x - box.widthMm, heightMm: y },
          to: { xMm: x + box.widthMm, heightMm: y },
        }),
      });
    if (place.over) {
      const { over } = place;
      const [low, high] = rules.range(gapRule(over.isBed));
      for (const g of [low, high]) {
        const y = over.topMm + g + box.heightMm / 2;
        pulls.push({
          toMm: y,
          rank: 1,
          guide: (x) => ({
            why: 'gap',
            of: over.name,
            byMm: g,
            from: { xMm: x, heightMm: over.topMm },
            to: { xMm: x, heightMm: over.topMm + g },
          }),
        });
      }
    }
    for (const o of place.others) {
      pulls.push({
        toMm: o.centreMm,
        rank: 0,
        guide: (x, y) => ({
          why: 'neighbourCentre',
          of: o.name,
          byMm: 0,
          from: { xMm: o.xMm, heightMm: y },
          to: { xMm: x, heightMm: y },
        }),
      });
      for (const side of [-1, 1])
        pulls.push({
          toMm: o.centreMm + (side * (o.heightMm - box.heightMm)) / 2,
          rank: 2,
          guide: (x, y) => ({
            why: 'neighbourEdge',
            of: o.name,
            byMm: 0,
            from: { xMm: o.xMm, heightMm: y + (side * box.heightMm) / 2 },
            to: { xMm: x, heightMm: y + (side * box.heightMm) / 2 },
          }),
        });
    }
    const stack = aboveBelow();
    for (const o of stack)
      for (const side of [-1, 1]) {
        const y = o.centreMm + side * ((o.heightMm + box.heightMm) / 2 + gap);
        pulls.push({
          toMm: y,
          rank: 1,
          guide: (x) => ({
            why: 'groupGap',
            of: o.name,
            byMm: gap,
            from: { xMm: x, heightMm: o.centreMm + (side * o.heightMm) / 2 },
            to: { xMm: x, heightMm: y - (side * box.heightMm) / 2 },
          }),
        });
      }
    const below = stack
      .filter((o) => o.centreMm < box.centreMm)
      .sort((a, b) => b.centreMm + b.heightMm / 2 - a.centreMm - a.heightMm / 2)[0];
    const above = stack
      .filter((o) => o.centreMm > box.centreMm)
      .sort((a, b) => a.centreMm - a.heightMm / 2 - b.centreMm + b.heightMm / 2)[0];
    if (below && above) {
      const y = (below.centreMm + below.heightMm / 2 + above.centreMm - above.heightMm / 2) / 2;
      const each = y - box.heightMm / 2 - below.centreMm - below.heightMm / 2;
      if (each > 0)
        pulls.push({
          toMm: y,
          rank: 1,
          guide: (x) => ({
            why: 'equalGaps',
            of: `${below.name}, ${above.name}`,
            byMm: each,
            from: { xMm: x, heightMm: below.centreMm + below.heightMm / 2 },
            to: { xMm: x, heightMm: above.centreMm - above.heightMm / 2 },
          }),
        });
    }
    return pulls;
  }
}

/**
 * Room from a piece to what is next to it on each side, as long as they face each other; the live gaps of a
 * drag.
 */
export function gapsRound(
  box: SnapBox,
  others: readonly SnapBox[],
): { side: 'left' | 'right' | 'up' | 'down'; gapMm: Mm; other: SnapBox }[] {
  const found: { side: 'left' | 'right' | 'up' | 'down'; gapMm: Mm; other: SnapBox }[] = [];
  for (const o of others) {
    const [dx, dy] = [
      Math.abs(o.xMm - box.xMm) - (o.widthMm + box.widthMm) / 2,
      Math.abs(o.centreMm - box.centreMm) - (o.heightMm + box.heightMm) / 2,
    ];
    if (dx >= -0.01 && dy < 0)
      found.push({ side: o.xMm < box.xMm ? 'left' : 'right', gapMm: Math.max(0, dx), other: o });
    else if (dy >= -0.01 && dx < 0)
      found.push({ side: o.centreMm < box.centreMm ? 'down' : 'up', gapMm: Math.max(0, dy), other: o });
  }
  return (['left', 'right', 'up', 'down'] as const).flatMap((side) =>
    found
      .filter((f) => f.side === side)
      .sort((a, b) => a.gapMm - b.gapMm)
      .slice(0, 1),
  );
}
