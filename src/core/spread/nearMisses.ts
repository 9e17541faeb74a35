import { elementAt } from '../base/list';
import { ByColour } from '../colour/byColour';
import { deltaE00, hueApart, oklchOfLab, type Oklch } from '../colour/spaces';
import { distance } from '../geometry/plane';
import type { Finding } from '../model/finding';
import type { RuleBook } from '../rules/book';
import type { Patch } from './patches';

/** A patch with what it is compared by, worked out once: the pairs are many. */
type Large = { patch: Patch; lch: Oklch; white: boolean; key: string };
type Miss = { one: Patch; other: Patch; deltaE: number; area: number };

/** Of one pair of colours the two things that the stylist can move are named before the room's shell. */
const SHELL_COUNTS = 0.01;
const SEEN_EQUALLY = 1 + 1e-9;

/** Colours near one another in the room that are nearly, but not quite, the same. */
export function judgeNearMisses(patches: readonly Patch[], rules: RuleBook): Finding[] {
  const white = rules.number('spread.whiteFrom');
  return [...worstPairs(largePatches(patches, rules), rules).values()]
    .sort((a, b) => b.area - a.area)
    .map(({ one, other, deltaE }) => ({
      code: 'near-miss',
      level: 'caution',
      stage: 'colour',
      about: [one.about, other.about],
      rule: 'spread.nearMiss',
      by: {
        one: one.name,
        oneKind: one.about,
        other: other.name,
        otherKind: other.about,
        deltaE,
        whites: one.colour.l >= white ? 'yes' : 'no',
      },
    }));
}

function largePatches(patches: readonly Patch[], rules: RuleBook): Large[] {
  const least = rules.number('spread.nearMissArea');
  const white = rules.number('spread.whiteFrom');
  const colours = new ByColour<Omit<Large, 'patch'>>();
  return patches
    .filter((p) => p.areaMm2 >= least)
    .map((patch) => {
      const { colour } = patch;
      const compared = colours.of(colour, () => ({
        lch: oklchOfLab(colour),
        white: colour.l >= white,
        key: `${colour.l},${colour.a},${colour.b}`,
      }));
      return { patch, lch: compared.lch, white: compared.white, key: compared.key };
    });
}

/** Of each pair of colours that nearly match, the two patches that show it most. */
function worstPairs(large: readonly Large[], rules: RuleBook): Map<string, Miss> {
  const [low, high] = rules.range('spread.nearMiss');
  const comparable = comparer(rules);
  const differences = new Map<string, number>();
  const worst = new Map<string, Miss>();
  large.forEach((a, i) => {
    for (let j = i + 1; j < large.length; j++) {
      const b = elementAt(large, j);
      if (!comparable(a, b)) continue;
      const { patch: one } = a;
      const { patch: other } = b;
      const key = a.key < b.key ? `${a.key}|${b.key}` : `${b.key}|${a.key}`;
      const deltaE = differences.get(key) ?? deltaE00(one.colour, other.colour);
      differences.set(key, deltaE);
      if (deltaE < low || deltaE > high) continue;
      const counts = one.shell || other.shell ? SHELL_COUNTS : 1;
      const area = Math.min(one.areaMm2, other.areaMm2) * counts;
      // of pairs that are seen equally the first is named: their areas differ by what reckoning leaves
      if (area > (worst.get(key)?.area ?? 0) * SEEN_EQUALLY) worst.set(key, { one, other, deltaE, area });
    }
  });
  return worst;
}

/** Whether two patches are of different things and colours, are seen together, and could be taken for one colour. */
function comparer(rules: RuleBook): (a: Large, b: Large) => boolean {
  const reach = rules.number('spread.nearMissReach');
  const neutral = rules.number('spread.neutralChroma');
  const withinDeg = rules.number('spread.familyHue');
  // two chromatic colours of one hue, as a family is
  const sameHue = (a: Oklch, b: Oklch) =>
    Math.min(a.c, b.c) >= neutral && hueApart(a.hueDeg, b.hueDeg) <= withinDeg;
  const seenTogether = (one: Patch, other: Patch) => {
    const onOneWall = one.wallId !== null && one.wallId === other.wallId;
    return (onOneWall && (one.shell || other.shell)) || distance(one.at, other.at) <= reach;
  };
  return (a, b) =>
    a.patch.about !== b.patch.about &&
    a.key !== b.key &&
    seenTogether(a.patch, b.patch) &&
    ((a.white && b.white) || sameHue(a.lch, b.lch));
}
