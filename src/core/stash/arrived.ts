import { deltaE00, hueApart, labHueDeg, chromaOf, type Lab } from '../colour/spaces';
import type { RuleBook } from '../rules/book';

export type Turn = 'lighter' | 'darker' | 'redder' | 'greener' | 'yellower' | 'bluer' | 'stronger' | 'greyer';
export type Arrival = { deltaE: number; same: boolean; turns: Turn[] };

/** A smaller difference in one direction isn't mentioned. */
const WORD_FROM = 1.5;

/** How an arrival differs from what was expected: ΔE00, and in words, the largest first. */
export function arrivalOf(relied: Lab, seen: Lab, rules: RuleBook): Arrival {
  const deltaE = deltaE00(relied, seen);
  const [dl, da, db] = [seen.l - relied.l, seen.a - relied.a, seen.b - relied.b];
  const dc = chromaOf(seen) - chromaOf(relied);
  // when the hue holds, a change of both a* and b* is one of strength
  const hueHolds =
    chromaOf(relied) > 5 && chromaOf(seen) > 5 && hueApart(labHueDeg(relied), labHueDeg(seen)) < 8;
  const ways: [number, Turn][] = [
    [Math.abs(dl), dl > 0 ? 'lighter' : 'darker'],
    ...(hueHolds
      ? [[Math.abs(dc), dc > 0 ? 'stronger' : 'greyer'] as [number, Turn]]
      : [
          [Math.abs(da), da > 0 ? 'redder' : 'greener'] as [number, Turn],
          [Math.abs(db), db > 0 ? 'yellower' : 'bluer'] as [number, Turn],
        ]),
  ];
  return {
    deltaE,
    same: deltaE <= rules.number('stash.arrivedSame'),
    turns: ways
      .filter(([amount]) => amount >= WORD_FROM)
      .sort((p, q) => q[0] - p[0])
      .map(([, turn]) => turn),
  };
}
