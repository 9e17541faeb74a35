import { sum, type SquareMm } from '../base/units';
import { chromaOf } from '../colour/spaces';
import type { Finding } from '../model/finding';
import type { Wall } from '../room/walls';
import type { RuleBook } from '../rules/book';
import { judgeAccents } from './accents';
import { familiesOf, type Family } from './families';
import { judgeNearMisses } from './nearMisses';
import type { Patch } from './patches';
import { roomExtent, spreadOf, type AccentSpread, type RoomExtent } from './places';

export type FamilyPlan = Omit<Family, 'patches'> & {
  role: 'base' | 'second' | 'accent' | 'other';
  weight: number;
  things: string[];
  spread: AccentSpread;
};
export type SpreadPlan = {
  families: FamilyPlan[];
  /** Area-mean lightness and chroma of what is seen. */
  meanLightness: number;
  meanChroma: number;
  darkShare: number;
  seenAreaMm2: number;
  planned: { base: number; second: number; accent: number };
  actual: { base: number; second: number; accent: number };
  findings: Finding[];
};

type Shares = SpreadPlan['planned'];

/** The families of what is seen with their spread, and what they were worked out by. */
export type SpreadFamilies = {
  means: Means;
  walls: readonly Wall[];
  rules: RuleBook;
  families: readonly { of: Family; plan: FamilyPlan }[];
};
type Means = { total: SquareMm; meanLightness: number; meanChroma: number; darkShare: number };

/** Shares, accents and their spread over the room, with near misses. */
export function planSpread(
  patches: readonly Patch[],
  { means, rules, families: found }: SpreadFamilies,
  plannedShares: readonly number[] | null,
): SpreadPlan {
  const { total, meanLightness, meanChroma, darkShare } = means;
  const families = found.map(({ plan }) => plan);
  const share = (role: FamilyPlan['role']) =>
    sum(families.filter((f) => f.role === role).map((f) => f.share));
  const [base = 0, second = 0, accent = 0] = plannedShares ?? rules.list('spread.planned');
  const actual = { base: share('base'), second: share('second') + share('other'), accent: share('accent') };
  const planned = { base, second, accent };
  return {
    families,
    meanLightness,
    meanChroma,
    darkShare,
    seenAreaMm2: total,
    planned,
    actual,
    findings: [
      ...judgeAccents(families, rules),
      ...(patches.length > 0 ? judgeDark(darkShare, rules) : []),
      ...judgeShares(actual, planned, rules),
      ...judgeNearMisses(patches, rules),
    ],
  };
}

/** How much is seen in all, its means by area, and the share of it that is darker than a lightness. */
function meansOf(patches: readonly Patch[], darkBelow: number): Means {
  let [area, lightness, chroma, dark] = [0, 0, 0, 0];
  for (const { areaMm2, colour } of patches) {
    area += areaMm2;
    lightness += areaMm2 * colour.l;
    chroma += areaMm2 * chromaOf(colour);
    if (colour.l < darkBelow) dark += areaMm2;
  }
  const total = area || 1;
  return { total, meanLightness: lightness / total, meanChroma: chroma / total, darkShare: dark / total };
}

/** The families of what is seen, each with its role and spread; those that nothing has changed are kept. */
export function spreadFamilies(
  patches: readonly Patch[],
  walls: readonly Wall[],
  rules: RuleBook,
  previous?: SpreadFamilies,
): SpreadFamilies {
  const means = meansOf(patches, rules.number('spread.darkBelow'));
  const earlier = previous?.rules === rules && previous.walls === walls ? previous : undefined;
  const found = familiesOf(patches, rules, earlier?.families.map(({ of }) => of) ?? []);
  // every weight is reckoned from the mean
  const weighedAlike = earlier?.means.meanLightness === means.meanLightness ? earlier.families : [];
  const known = new Map(weighedAlike.map(({ of, plan }) => [of, plan]));
  const roles = rolesOf(found, rules);
  const room = roomExtent(walls);
  const families = found.map((of, i) => {
    const role = roles[i] ?? 'other';
    const plan = known.get(of);
    return { of, plan: plan?.role === role ? plan : planFamily({ of, role, means, room, rules }) };
  });
  return { means, walls, rules, families };
}

type InRoom = { of: Family; role: FamilyPlan['role']; means: Means; room: RoomExtent; rules: RuleBook };

function planFamily({ of, role, means: { meanLightness }, room, rules }: InRoom): FamilyPlan {
  // visual weight: area × Lab distance from the room's grey (the idea of Moon & Spencer, J. Opt. Soc. Am. 34,
  // 1944)
  const weightOf = ({ areaMm2, colour: { l, a, b } }: Patch) =>
    areaMm2 * Math.sqrt((l - meanLightness) ** 2 + a * a + b * b);
  const { patches: own, ...family } = of;
  const placed = own.filter((p) => !p.shell);
  return {
    ...family,
    role,
    weight: sum(own.map(weightOf)),
    things: [...new Set(placed.map(({ name }) => name))],
    spread: spreadOf(placed, weightOf, room, rules),
  };
}

/** The largest is the base; an accent is what the look brings in; the largest of the others is the second. */
function rolesOf(families: readonly Family[], rules: RuleBook): FamilyPlan['role'][] {
  const accentMost = rules.number('spread.accentShareMost');
  // most of an accent is not shell or furniture
  const isAccent = (f: Family) =>
    !f.neutral &&
    f.share <= accentMost &&
    sum(f.patches.filter((p) => !p.fixed).map((p) => p.areaMm2)) >= f.areaMm2 / 2;
  const second = families.findIndex((f, i) => i > 0 && !isAccent(f));
  return families.map((f, i) => {
    if (i === 0) return 'base';
    if (isAccent(f)) return 'accent';
    return i === second ? 'second' : 'other';
  });
}

function judgeDark(share: number, rules: RuleBook): Finding[] {
  const rule = 'spread.darkShareLeast';
  const leastShare = rules.number(rule);
  if (share >= leastShare) return [];
  return [{ code: 'no-dark', level: 'caution', stage: 'colour', about: [], by: { share, leastShare }, rule }];
}

function judgeShares(actual: Shares, planned: Shares, rules: RuleBook): Finding[] {
  if (Math.abs(actual.base - planned.base) <= rules.number('spread.sharesOff')) return [];
  const facts = { actual: actual.base, planned: planned.base };
  return [
    {
      code: 'shares-off-plan',
      level: 'yielded',
      stage: 'colour',
      about: [],
      by: facts,
      rule: 'spread.planned',
    },
  ];
}
