import type { Mm } from '../../../base/units';
import { nearestOnEdges, type Point } from '../../../geometry/plane';
import { endsOf, rootOf, wideAt, type Floor } from './cutFloor';
import { isNamedBefore, type Gate } from './gates';
import { centreOf, neighboursOf, squareFrom } from './grid';
import { roomAt } from './roomAt';
import { pathBetween } from './pathBetween';
import { zoneOf, type Aim } from './zones';

/**
 * A way that is too narrow: its narrowest place, and how it runs. Of the widest way that there is; null when there is none.
 */
export type Narrow = { fromGate: Aim; toGate: Aim; gate: Gate | null; path: Point[] };

const HAIR: Mm = 0.05;

/** A place from which something is reached: how wide a disc has room there, and where in the cell that is. */
type Foothold = { k: number; mm: Mm; at: Point };
/** From where some place is reached, and which of all that is joined without a gap that is. */
type Zone = {
  aim: Aim;
  shapes: readonly Aim['shape'][];
  roots: ReadonlySet<number>;
  footholds: () => Foothold[];
};

/**
 * The ways from each entrance to each aim that are narrower somewhere than the width the floor was cut for, however one
 * walks: at a gap on the way, or where the way begins or ends.
 */
export function narrowWays(floor: Floor, entrances: readonly Aim[], aims: readonly Aim[]): Narrow[] {
  const [entrance] = entrances;
  if (!entrance) return [];
  const starts = entrances.map((aim) => zoneFrom(floor, aim));
  const everywhere: Zone = {
    aim: entrance,
    shapes: entrances.map(({ shape }) => shape),
    roots: new Set(starts.flatMap(({ roots }) => [...roots])),
    footholds: () => starts.flatMap(({ footholds }) => footholds()),
  };
  const leadsHere = (k: number) => isWide(floor, k) && everywhere.roots.has(rootOf(floor.joined, k));
  const isServed = (aim: Aim): boolean => !zoneOf(floor, aim, leadsHere).next().done;
  const pairs = [
    ...starts.flatMap((from, i) => starts.slice(i + 1).map((to): [Zone, Zone] => [from, to])),
    // a seat is well served when one of the entrances leads to it
    ...aims.filter((aim) => !isServed(aim)).map((aim): [Zone, Zone] => [everywhere, zoneFrom(floor, aim)]),
  ];
  return pairs.flatMap(([from, to]): Narrow[] => {
    if ([...from.roots].some((root) => to.roots.has(root))) return [];
    const narrowest = narrowestBetween(floor, from.footholds(), to.footholds());
    if (narrowest && narrowest.mm >= floor.widthMm - HAIR) return [];
    const found = { fromGate: from.aim, toGate: to.aim };
    if (!narrowest || narrowest.mm < floor.sidewaysMm) return [{ ...found, gate: null, path: [] }];
    return [{ ...found, gate: narrowest, path: pathOf(floor, [from, to], narrowest.mm - HAIR) }];
  });
}

const isWide = (floor: Floor, k: number): boolean => wideAt(floor, k) >= floor.widthMm - HAIR;

/** How one walks from one place to another where it is never narrower than a width, up to both. */
function pathOf(floor: Floor, [from, to]: readonly [Zone, Zone], wideMm: Mm): Point[] {
  const cellsOf = ({ footholds }: Zone) =>
    footholds()
      .filter(({ mm }) => mm >= wideMm)
      .map(({ k }) => k)
      .sort((a, b) => a - b);
  const path = pathBetween(floor, cellsOf(from), cellsOf(to), wideMm);
  const nearest = ({ shapes }: Zone, end: Point): Point =>
    shapes.map((shape) => nearestOnEdges(end, shape)).reduce((a, b) => (b.mm < a.mm ? b : a)).point;
  const [start, end] = [path[0], path.at(-1)];
  return start && end ? [nearest(from, start), ...path, nearest(to, end)] : [];
}

/** From where a place is reached. */
function zoneFrom(floor: Floor, aim: Aim): Zone {
  const cells = [...zoneOf(floor, aim)];
  const roots = new Set(cells.filter((k) => isWide(floor, k)).map((k) => rootOf(floor.joined, k)));
  let footholds: Foothold[] | undefined;
  return {
    aim,
    shapes: [aim.shape],
    roots,
    footholds: () => (footholds ??= footholdsIn(floor, aim, cells)),
  };
}

/** How much room there is in each cell from which a place is reached, at its widest. */
function footholdsIn(floor: Floor, aim: Aim, cells: readonly number[]): Foothold[] {
  const { grid, widthMm } = floor;
  const zone = new Set(cells);
  const isInReach = (p: Point) => squareFrom(p.xMm, p.yMm, aim.shape) <= aim.reachMm * aim.reachMm;
  const isWidestAround = (k: number): boolean => {
    let widest = true;
    neighboursOf(grid, k, (next) => {
      if (zone.has(next) && wideAt(floor, next) > wideAt(floor, k) + HAIR) widest = false;
    });
    return widest;
  };
  return cells.map((k): Foothold => {
    const mm = wideAt(floor, k);
    // the middle of a cell is beside the middle of a narrow way
    if (mm < widthMm - HAIR && isWidestAround(k)) return { k, ...roomAt(floor, k, isInReach) };
    return { k, mm, at: centreOf(grid, k) };
  });
}

type Event = { mm: Mm; gate: number } | { mm: Mm; foothold: Foothold; side: 1 | 2 };

/**
 * The narrowest place of the widest way between two zones: gaps are opened and cells entered from the widest on until the
 * two are joined; what did that is the bottleneck. Null when nothing joins them.
 */
function narrowestBetween(floor: Floor, from: readonly Foothold[], to: readonly Foothold[]): Gate | null {
  const parent = floor.joined.slice();
  const sides = new Map<number, number>();
  let met = false;
  const mark = (root: number, side: number) => {
    const now = (sides.get(root) ?? 0) | side;
    sides.set(root, now);
    if (now === 3) met = true;
  };
  const join = (a: number, b: number) => {
    const [one, other] = [rootOf(parent, a), rootOf(parent, b)];
    if (one === other) return;
    parent[one] = other;
    mark(other, sides.get(one) ?? 0);
  };
  const events: Event[] = [
    ...from.map((foothold): Event => ({ mm: foothold.mm, foothold, side: 1 })),
    ...to.map((foothold): Event => ({ mm: foothold.mm, foothold, side: 2 })),
    ...floor.gates.map((gate, g): Event => ({ mm: gate.mm, gate: g })),
  ];
  // of things equally wide a gap comes last: it has a name
  const isGap = (event: Event): number => ('gate' in event ? 1 : 0);
  const tenths = (event: Event): number => Math.round(event.mm * 10);
  const numberOf = (event: Event): number => ('gate' in event ? event.gate : event.foothold.k);
  events.sort((a, b) => tenths(b) - tenths(a) || isGap(a) - isGap(b) || numberOf(a) - numberOf(b));
  for (const event of events) {
    if ('gate' in event) for (const move of floor.movesOf[event.gate]!) join(...endsOf(floor.grid, move));
    else mark(rootOf(parent, event.foothold.k), event.side);
    if (met) return 'gate' in event ? floor.gates[event.gate]! : gapAt(floor, event.foothold);
  }
  return null;
}

/** Things that are equally near but for this both narrow a place. */
const AS_NEAR: Mm = 1;

/** Between what there is so much room at a place: two things, or one and how far the place reaches. */
function gapAt(floor: Floor, { mm, at }: Foothold): Gate {
  const near = floor.obstacles
    .map((obstacle) => ({ obstacle, ...nearestOnEdges(at, obstacle.shape) }))
    .sort((a, b) => Math.round(a.mm) - Math.round(b.mm) || (isNamedBefore(a.obstacle, b.obstacle) ? -1 : 1));
  const one = near[0]!;
  const other = near.find((n) => n !== one && n.mm < one.mm + AS_NEAR);
  if (!other) {
    const across = { xMm: 2 * at.xMm - one.point.xMm, yMm: 2 * at.yMm - one.point.yMm };
    return { mm, at: [one.point, across], between: [one.obstacle.name, null] };
  }
  const [a, b] = isNamedBefore(one.obstacle, other.obstacle) ? [one, other] : [other, one];
  return { mm, at: [a.point, b.point], between: [a.obstacle.name, b.obstacle.name] };
}
