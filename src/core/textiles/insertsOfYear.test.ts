import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sum } from '../base/units';
import type { Season } from '../model/types';
import { SEASONS } from '../model/values/item';
import { smallestSet, type CoverOut, type LookWorn } from './insertsOfYear';

const out = (roomId: string, lookId: string, ...options: string[]): CoverOut => ({ roomId, lookId, options });
const worn = (roomId: string, lookId: string, season: Season | null): LookWorn => ({
  roomId,
  lookId,
  season,
});
const NONE = new Map<string, number>();
const bought = (kept: ReturnType<typeof smallestSet>) => Object.fromEntries(kept.map((k) => [k.name, k.buy]));

/** Whether the covers that are out at once can all be filled: each tried with each insert that is left. */
function canFill(options: readonly (readonly string[])[], left: Map<string, number>): boolean {
  const [first, ...rest] = options;
  if (!first) return true;
  return first.some((name) => {
    const n = left.get(name) ?? 0;
    return n > 0 && canFill(rest, new Map(left).set(name, n - 1));
  });
}

/** Everything that may be out at once: for each season each choice of one look a room. */
function together(covers: readonly CoverOut[], looks: readonly LookWorn[]): (readonly string[])[][] {
  const rooms = [...new Set(looks.map((l) => l.roomId))];
  return SEASONS.flatMap((season) => {
    let choices: (readonly string[])[][] = [[]];
    for (const roomId of rooms) {
      const ofRoom = looks.filter((l) => l.roomId === roomId);
      const own = ofRoom.filter((l) => l.season === season);
      const wearable = own.length > 0 ? own : ofRoom.filter((l) => l.season === null);
      if (wearable.length === 0) continue;
      choices = wearable.flatMap(({ lookId }) => {
        const here = covers.filter((c) => c.roomId === roomId && c.lookId === lookId).map((c) => c.options);
        return choices.map((rest) => [...rest, ...here]);
      });
    }
    return choices;
  });
}

/** The fewest to buy, and then the fewest in all, found by trying every number of every insert. */
function byBruteForce(
  covers: readonly CoverOut[],
  looks: readonly LookWorn[],
  owned: ReadonlyMap<string, number>,
): { buy: number; total: number } {
  const scenes = together(covers, looks);
  const names = [...new Set(covers.flatMap((c) => c.options))];
  const most = Math.max(0, ...scenes.map((s) => s.length));
  let best = { buy: Infinity, total: Infinity };
  const tryFrom = (i: number, counts: Map<string, number>): void => {
    const name = names[i];
    if (name !== undefined) {
      for (let n = 0; n <= most; n++) tryFrom(i + 1, new Map(counts).set(name, n));
      return;
    }
    const buy = sum([...counts].map(([k, n]) => Math.max(0, n - (owned.get(k) ?? 0))));
    const total = sum([...counts.values()]);
    const isBetter = buy < best.buy || (buy === best.buy && total < best.total);
    if (isBetter && scenes.every((scene) => canFill(scene, counts))) best = { buy, total };
  };
  tryFrom(0, new Map());
  return best;
}

describe('the smallest set of inserts for a year', () => {
  it('covers that are never out at once share inserts', () => {
    const looks = [worn('a', 'winter', 'winter'), worn('a', 'summer', 'summer')];
    const covers = [
      out('a', 'winter', '22'),
      out('a', 'winter', '22'),
      out('a', 'summer', '22'),
      out('a', 'summer', '20', '22'),
    ];
    expect(bought(smallestSet(covers, looks, NONE))).toEqual({ '22': 2 });
  });
  it('rooms are dressed at the same time, looks of one room are not', () => {
    const covers = [out('a', 'x', '22'), out('a', 'y', '22'), out('b', 'z', '22')];
    const looks = [worn('a', 'x', 'summer'), worn('a', 'y', 'summer'), worn('b', 'z', null)];
    expect(bought(smallestSet(covers, looks, NONE))).toEqual({ '22': 2 });
  });
  it('a look without a season is not worn in one that its room has a look for', () => {
    const looks = [worn('a', 'any', null), ...SEASONS.map((s) => worn('a', s, s))];
    expect(smallestSet([out('a', 'any', '22')], looks, NONE)).toEqual([]);
  });
  it('what is owned is kept before anything is bought, though it fits less well', () => {
    const covers = [out('a', 'x', '20', '22'), out('a', 'x', '20', '22')];
    const looks = [worn('a', 'x', 'spring')];
    expect(smallestSet(covers, looks, new Map([['22', 1]]))).toEqual([
      { name: '20', owned: 0, kept: 0, buy: 1 },
      { name: '22', owned: 1, kept: 1, buy: 0 },
    ]);
  });
  it('of two that serve equally the nearest is bought', () => {
    const looks = [worn('a', 'x', 'spring')];
    expect(bought(smallestSet([out('a', 'x', '22', '20')], looks, NONE))).toEqual({ '22': 1 });
    expect(bought(smallestSet([out('a', 'x', '20', '22')], looks, NONE))).toEqual({ '20': 1 });
  });
  it('nothing out, or nothing that fits, needs nothing', () => {
    expect(smallestSet([], [], NONE)).toEqual([]);
    expect(smallestSet([out('a', 'x')], [worn('a', 'x', null)], NONE)).toEqual([]);
  });
  it('is as small as trying everything finds, whatever is out and owned', () => {
    const name = fc.constantFrom('18', '20', '22');
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            room: fc.constantFrom('a', 'b'),
            look: fc.nat(2),
            options: fc.uniqueArray(name, { minLength: 1 }),
          }),
          { maxLength: 6 },
        ),
        fc.array(fc.constantFrom<Season | null>('winter', 'summer', null), { minLength: 6, maxLength: 6 }),
        fc.dictionary(name, fc.nat(2)),
        (rows, seasons, stock) => {
          const looks = ['a', 'b'].flatMap((r, i) =>
            [0, 1, 2].map((n) => worn(r, `l${n}`, seasons[3 * i + n] ?? null)),
          );
          const covers = rows.map((row) => out(row.room, `l${row.look}`, ...row.options));
          const owned = new Map(Object.entries(stock));
          const found = smallestSet(covers, looks, owned);
          const best = byBruteForce(covers, looks, owned);
          expect(sum(found.map((k) => k.buy))).toBe(best.buy);
          expect(sum(found.map((k) => k.kept + k.buy))).toBe(best.total);
          for (const k of found) expect(k.kept).toBeLessThanOrEqual(owned.get(k.name) ?? 0);
        },
      ),
      { numRuns: 150 },
    );
  });
});
