import { elementAt, first } from '../base/list';
import { sum, type Mm } from '../base/units';
import { polygonCentre, type Point } from '../geometry/plane';
import { perimeterPosition } from '../room/place';
import type { Side, Wall } from '../room/walls';
import type { RuleBook } from '../rules/book';
import type { Patch } from './patches';

export type Place = {
  at: Point;
  zMm: Mm;
  weight: number;
  names: string[];
  about: string[];
  wallIds: string[];
  aroundMm: Mm;
};
export type AccentSpread = {
  places: Place[];
  widestGap: { lengthMm: Mm; share: number; fromMm: Mm; toMm: Mm };
  /** 0 is balanced, 1 is in the corner. */
  pull: number;
  pullTowards: Side | null;
  heights: { low: number; hand: number; eye: number; high: number };
  soft: number;
  hard: number;
};

/**
 * Patches nearer than the rule in 3-D are one place (single linkage). Weight is area × distance from the
 * room's grey.
 */
export function placesOfPatches(
  patches: readonly Patch[],
  weightOf: (p: Patch) => number,
  walls: readonly Wall[],
  rules: RuleBook,
): Place[] {
  const reach = rules.number('spread.placeReach');
  const groups = new Groups(patches.length);
  const firstOf = new Map<string, number>();
  patches.forEach(({ about }, i) => {
    const known = firstOf.get(about);
    if (known === undefined) firstOf.set(about, i);
    else groups.join(known, i);
  });
  groups.joinNear(patches, reach);
  const membersOf = new Map<number, Patch[]>();
  patches.forEach((patch, i) => {
    const root = groups.root(i);
    const members = membersOf.get(root);
    if (members) members.push(patch);
    else membersOf.set(root, [patch]);
  });
  return [...membersOf.values()].map((members) => placeOf(members, weightOf, walls));
}

function placeOf(members: readonly Patch[], weightOf: (p: Patch) => number, walls: readonly Wall[]): Place {
  const names = new Set<string>();
  const abouts = new Set<string>();
  const wallIds = new Set<string>();
  for (const { name, about, wallId } of members) {
    names.add(name);
    abouts.add(about);
    if (wallId !== null) wallIds.add(wallId);
  }
  const { at: centre, zMm, weight } = middleOfWeights(members, weightOf);
  const aroundMm = perimeterPosition(centre, walls);
  return { at: centre, zMm, weight, names: [...names], about: [...abouts], wallIds: [...wallIds], aroundMm };
}

/** Where the weight of some patches has its middle, and how much it is. */
function middleOfWeights(
  members: readonly Patch[],
  weightOf: (p: Patch) => number,
): Pick<Place, 'at' | 'zMm' | 'weight'> {
  let [weight, xMm, yMm, zMm] = [0, 0, 0, 0];
  for (const member of members) {
    const own = weightOf(member);
    weight += own;
    xMm += own * member.at.xMm;
    yMm += own * member.at.yMm;
    zMm += own * member.zMm;
  }
  weight = weight || 1e-9;
  return { at: { xMm: xMm / weight, yMm: yMm / weight }, zMm: zMm / weight, weight };
}

/** Groups of so many things, each alone until it is joined with another. */
class Groups {
  readonly #above: Int32Array;

  constructor(count: number) {
    this.#above = new Int32Array(count);
    for (let i = 0; i < count; i++) this.#above[i] = i;
  }

  root(i: number): number {
    const above = this.#above;
    let at = i;
    while (above[at] !== at) {
      above[at] = above[above[at]!]!;
      at = above[at]!;
    }
    return at;
  }

  join(i: number, j: number): void {
    this.#above[this.root(j)] = this.root(i);
  }

  /**
   * Joins every two patches nearer than the reach. From west to east, so that most pairs are never looked at; of the
   * others most are in one group already, which is quicker to see than how far apart they are.
   */
  joinNear(patches: readonly Patch[], reachMm: Mm): void {
    const order = patches
      .map(({ at, zMm }, i) => ({ i, xMm: at.xMm, yMm: at.yMm, zMm }))
      .sort((one, other) => one.xMm - other.xMm);
    const above = this.#above;
    for (let a = 0; a < order.length; a++) {
      const one = order[a]!;
      const group = this.root(one.i);
      for (let b = a + 1; b < order.length; b++) {
        const other = order[b]!;
        const dx = other.xMm - one.xMm;
        if (dx >= reachMm) break;
        if (above[other.i] === group) continue;
        const dy = other.yMm - one.yMm;
        const dz = other.zMm - one.zMm;
        if (dx * dx + dy * dy + dz * dz < reachMm * reachMm) above[this.root(other.i)] = group;
      }
    }
  }
}

/**
 * How one colour is spread over the room: places, widest stretch of wall without it, pull off centre,
 * heights, soft and hard.
 */
export function spreadOf(
  patches: readonly Patch[],
  weightOf: (p: Patch) => number,
  walls: readonly Wall[],
  rules: RuleBook,
): AccentSpread {
  const places = placesOfPatches(patches, weightOf, walls, rules);
  const perimeter = sum(walls.map((w) => w.lengthMm));
  const positions = places.map((p) => p.aroundMm).sort((a, b) => a - b);
  let widest = { lengthMm: perimeter, share: 1, fromMm: positions[0] ?? 0, toMm: positions[0] ?? 0 };
  if (positions.length > 1) {
    widest = { lengthMm: -1, share: 0, fromMm: 0, toMm: 0 };
    positions.forEach((startMm, i) => {
      const endMm = i + 1 < positions.length ? elementAt(positions, i + 1) : first(positions) + perimeter;
      if (endMm - startMm > widest.lengthMm)
        widest = {
          lengthMm: endMm - startMm,
          share: (endMm - startMm) / perimeter,
          fromMm: startMm,
          toMm: endMm % perimeter,
        };
    });
  }
  const corners = walls.map((w) => w.from);
  const centre = polygonCentre(corners);
  const weight = sum(places.map((p) => p.weight)) || 1e-9;
  const dx = sum(places.map((p) => p.weight * (p.at.xMm - centre.xMm))) / weight;
  const dy = sum(places.map((p) => p.weight * (p.at.yMm - centre.yMm))) / weight;
  const span = (pick: (p: Point) => number) =>
    Math.max(...corners.map(pick)) - Math.min(...corners.map(pick));
  const halfDiagonal =
    Math.hypot(
      span((p) => p.xMm),
      span((p) => p.yMm),
    ) / 2;
  const pull = places.length === 0 ? 0 : Math.hypot(dx, dy) / halfDiagonal;
  const [low, hand, eye] = rules.list('spread.heightBands') as [Mm, Mm, Mm];
  const band = (lowMm: Mm, highMm: Mm) => places.filter((p) => p.zMm >= lowMm && p.zMm < highMm).length;
  return {
    places,
    widestGap: widest,
    pull,
    pullTowards: pull < 0.01 ? null : sideOf(dx, dy),
    heights: {
      low: band(-Infinity, low),
      hand: band(low, hand),
      eye: band(hand, eye),
      high: band(eye, Infinity),
    },
    ...softAndHard(patches),
  };
}

/** How many things are soft, and how many hard; what is both counts as both. */
function softAndHard(patches: readonly Patch[]): Pick<AccentSpread, 'soft' | 'hard'> {
  const [soft, hard] = [new Set<string>(), new Set<string>()];
  for (const patch of patches) (patch.soft ? soft : hard).add(patch.about);
  return { soft: soft.size, hard: hard.size };
}

/** The side of the plan that a direction points to most. */
function sideOf(dx: number, dy: number): 'north' | 'east' | 'south' | 'west' {
  if (Math.abs(dx) > Math.abs(dy)) return dx > 0 ? 'east' : 'west';
  return dy > 0 ? 'south' : 'north';
}
