import { solve, type Model } from 'yalps';
import { elementAt } from '../base/list';
import { sum } from '../base/units';
import type { Season } from '../model/types';
import { SEASONS } from '../model/values/item';

/** A cover that a look has out, and the inserts that may fill it, the nearest first, each by its name. */
export type CoverOut = { roomId: string; lookId: string; options: readonly string[] };
/** A look of a room; without a season it is worn in any that has no look of its own. */
export type LookWorn = { roomId: string; lookId: string; season: Season | null };
/** How many of an insert are kept and how many more are bought. */
export type KeptInsert = { name: string; owned: number; kept: number; buy: number };

/** A subset of inserts as bits, and how many must be among them. */
type Least = { inserts: readonly string[]; count: number };

/**
 * The fewest inserts that fill every look of a year: fewest to buy, then fewest in all, then the nearest to what the
 * covers want. A room wears one look at a time, any of those that a season has; rooms are dressed at the same time.
 *
 * Exact. By Hall's theorem all covers that are out at once can be filled if, for each group of inserts, no more covers
 * depend on that group alone than it has inserts; that is a whole-number program with one row for each group. A group that
 * falls into two parts with no cover in common asks for nothing that its parts do not.
 *
 * @param covers every cover of every look; one without options is left out
 * @param owned how many there are of each insert
 */
export function smallestSet(
  covers: readonly CoverOut[],
  looks: readonly LookWorn[],
  owned: ReadonlyMap<string, number>,
): KeptInsert[] {
  const filled = covers.filter((c) => c.options.length > 0);
  const rows = leastOf(filled, looks);
  const names = [...new Set(filled.flatMap((c) => c.options))].sort();
  const counts = rows.length === 0 ? new Map<string, number>() : solved(names, rows, owned, missOf(filled));
  return names.flatMap((name) => {
    const kept = counts.get(`keep ${name}`) ?? 0;
    const buy = counts.get(`buy ${name}`) ?? 0;
    return kept + buy > 0 ? [{ name, owned: owned.get(name) ?? 0, kept, buy }] : [];
  });
}

/** An insert that has to be bought weighs more than any number that are kept; how well it fits decides between equals. */
const WEIGHT = { buy: 1e5, each: 100 };

function solved(
  names: readonly string[],
  rows: readonly Least[],
  owned: ReadonlyMap<string, number>,
  miss: ReadonlyMap<string, number>,
): Map<string, number> {
  const inRows = new Map(
    names.map((name) => [
      name,
      rows.flatMap((row, i): [string, number][] => (row.inserts.includes(name) ? [[`row ${i}`, 1]] : [])),
    ]),
  );
  const variable = (name: string, cost: number): [string, number][] => [
    ['cost', cost + (miss.get(name) ?? 0)],
    ...(inRows.get(name) ?? []),
  ];
  const has = names.filter((name) => (owned.get(name) ?? 0) > 0);
  const model: Model = {
    direction: 'minimize',
    objective: 'cost',
    constraints: [
      ...rows.map((row, i): [string, { min: number }] => [`row ${i}`, { min: row.count }]),
      ...has.map((name): [string, { max: number }] => [`owned ${name}`, { max: owned.get(name) ?? 0 }]),
    ],
    variables: [
      ...has.map((name): [string, [string, number][]] => [
        `keep ${name}`,
        [...variable(name, WEIGHT.each), [`owned ${name}`, 1]],
      ]),
      ...names.map((name): [string, [string, number][]] => [
        `buy ${name}`,
        variable(name, WEIGHT.each + WEIGHT.buy),
      ]),
    ],
    integers: true,
  };
  const { status, variables } = solve(model, { timeout: Infinity, maxIterations: Infinity });
  if (status !== 'optimal') throw new Error(`The inserts of a year: the solver ended as ${status}`);
  return new Map(variables.map(([name, value]) => [name, Math.round(value)]));
}

/** How far down the covers' own lists an insert stands, from 0 for what they want most to below 1. */
function missOf(covers: readonly CoverOut[]): Map<string, number> {
  const places = new Map<string, number[]>();
  for (const { options } of covers)
    options.forEach((name, i) => places.set(name, [...(places.get(name) ?? []), i / options.length]));
  return new Map([...places].map(([name, at]) => [name, sum(at) / at.length]));
}

/** For each group of inserts that hangs together, the most covers that depend on it alone at any one time. */
function leastOf(covers: readonly CoverOut[], looks: readonly LookWorn[]): Least[] {
  const names = [...new Set(covers.flatMap((c) => c.options))].sort();
  const bitOf = new Map(names.map((name, i) => [name, 1n << BigInt(i)]));
  const maskOf = (options: readonly string[]) => options.reduce((m, name) => m | (bitOf.get(name) ?? 0n), 0n);
  const masked = covers.map((c) => ({ ...c, mask: maskOf(c.options) }));
  const worn = wornTogether(masked, looks);
  return unionsOf([...new Set(masked.map((c) => c.mask))]).flatMap((group) => {
    const count = Math.max(
      ...worn.map((rooms) =>
        sum(rooms.map((ofRoom) => Math.max(...ofRoom.map((look) => countWithin(look, group))))),
      ),
    );
    return count > 0 ? [{ inserts: names.filter((_, i) => (group >> BigInt(i)) & 1n), count }] : [];
  });
}

type Masked = CoverOut & { mask: bigint };
const countWithin = (look: readonly Masked[], group: bigint): number =>
  look.filter(({ mask }) => (mask & ~group) === 0n).length;

/** For each season its rooms, for each of those the looks that may be worn: their covers. */
function wornTogether(covers: readonly Masked[], looks: readonly LookWorn[]): Masked[][][][] {
  const rooms = [...new Set(looks.map((l) => l.roomId))];
  const key = (l: { roomId: string; lookId: string }) => `${l.roomId}/${l.lookId}`;
  const byLook = new Map<string, Masked[]>();
  for (const c of covers) byLook.set(key(c), [...(byLook.get(key(c)) ?? []), c]);
  return SEASONS.map((season) =>
    rooms.flatMap((roomId) => {
      const ofRoom = looks.filter((l) => l.roomId === roomId);
      const own = ofRoom.filter((l) => l.season === season);
      const wearable = own.length > 0 ? own : ofRoom.filter((l) => l.season === null);
      return wearable.length > 0 ? [wearable.map((l) => byLook.get(key(l)) ?? [])] : [];
    }),
  );
}

/** Everything that joins up from the given sets where they have something in common. */
function unionsOf(masks: readonly bigint[]): bigint[] {
  const found = new Set(masks);
  const open = [...masks];
  for (let i = 0; i < open.length; i++) {
    const group = elementAt(open, i);
    for (const mask of masks) {
      const joined = group | mask;
      if ((group & mask) !== 0n && !found.has(joined)) {
        found.add(joined);
        open.push(joined);
      }
    }
  }
  return [...found];
}
