import { CRUMB_MM } from '../base/tolerance';
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
    const count = patches.length;
    if (count < 2) return;
    const [x, y, z] = [new Float64Array(count), new Float64Array(count), new Float64Array(count)];
    const order = new Uint32Array(count);
    for (let i = 0; i < count; i++) {
      const { at, zMm } = patches[i]!;
      x[i] = at.xMm;
      y[i] = at.yMm;
      z[i] = zMm;
      order[i] = i;
    }
    order.sort((i, j) => x[i]! - x[j]!);
    const above = this.#above;
    for (let a = 0; a < count; a++) {
      const one = order[a]!;
      const group = this.root(one);
      for (let b = a + 1; b < count; b++) {
        const other = order[b]!;
        const dx = x[other]! - x[one]!;
        if (dx >= reachMm) break;
        if (above[other] === group) continue;
        const dy = y[other]! - y[one]!;
        const dz = z[other]! - z[one]!;
        if (dx * dx + dy * dy + dz * dz < reachMm * reachMm) {
          above[this.root(other)] = group;
          above[other] = group;
        }
      }
    }
  }
}

/** What of a room the spread of a colour is measured by. */
export type RoomExtent = { walls: readonly Wall[]; perimeterMm: Mm; centre: Point; halfDiagonalMm: Mm };

export function roomExtent(walls: readonly Wall[]): RoomExtent {
  const corners = walls.map((w) => w.from);
  const span = (along: readonly Mm[]) => Math.max(...along) - Math.min(...along);
  return {
    walls,
    perimeterMm: sum(walls.map((w) => w.lengthMm)),
    centre: polygonCentre(corners),
    halfDiagonalMm: Math.hypot(span(corners.map((p) => p.xMm)), span(corners.map((p) => p.yMm))) / 2,
  };
}

/**
 * How one colour is spread over the room: places, widest stretch of wall without it, pull off centre,
 * heights, soft and hard.
 */
export function spreadOf(
  patches: readonly Patch[],
  weightOf: (p: Patch) => number,
  room: RoomExtent,
  rules: RuleBook,
): AccentSpread {
  const places = placesOfPatches(patches, weightOf, room.walls, rules);
  const off = offCentre(places, room.centre);
  const pull = places.length === 0 ? 0 : Math.hypot(off.xMm, off.yMm) / room.halfDiagonalMm;
  return {
    places,
    widestGap: widestGap(places, room.perimeterMm),
    pull,
    pullTowards: pull < 0.01 ? null : sideOf(off.xMm, off.yMm),
    heights: heightsOf(places, rules),
    ...softAndHard(patches),
  };
}

/** The longest stretch of wall between two places that follow one another round the room. */
function widestGap(places: readonly Place[], perimeterMm: Mm): AccentSpread['widestGap'] {
  const positions = places.map((p) => p.aroundMm).sort((a, b) => a - b);
  const [firstMm = 0] = positions;
  let widest = { lengthMm: perimeterMm, fromMm: firstMm, toMm: firstMm };
  if (positions.length > 1) {
    widest = { lengthMm: -1, fromMm: 0, toMm: 0 };
    positions.forEach((fromMm, i) => {
      const endMm = positions[i + 1] ?? firstMm + perimeterMm;
      const lengthMm = endMm - fromMm;
      // of stretches that are equally long the first round the room is named
      if (lengthMm > widest.lengthMm + CRUMB_MM) widest = { lengthMm, fromMm, toMm: endMm % perimeterMm };
    });
  }
  return { ...widest, share: widest.lengthMm / perimeterMm };
}

/** How far the middle of a colour's weight is from the room's. */
function offCentre(places: readonly Place[], centre: Point): Point {
  let [weight, xMm, yMm] = [0, 0, 0];
  for (const place of places) {
    weight += place.weight;
    xMm += place.weight * (place.at.xMm - centre.xMm);
    yMm += place.weight * (place.at.yMm - centre.yMm);
  }
  weight = weight || 1e-9;
  return { xMm: xMm / weight, yMm: yMm / weight };
}

/** How many places are in each band of heights. */
function heightsOf(places: readonly Place[], rules: RuleBook): AccentSpread['heights'] {
  const [low, hand, eye] = rules.list('spread.heightBands') as [Mm, Mm, Mm];
  const heights = { low: 0, hand: 0, eye: 0, high: 0 };
  for (const place of places) {
    const zMm = place.zMm + CRUMB_MM;
    if (zMm < low) heights.low++;
    else if (zMm < hand) heights.hand++;
    else if (zMm < eye) heights.eye++;
    else heights.high++;
  }
  return heights;
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
