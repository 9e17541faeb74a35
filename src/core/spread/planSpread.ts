import { sum } from '../base/units';
import { deltaE00, oklchOfLab, hueApart, type Oklch } from '../colour/spaces';
import { distance } from '../geometry/plane';
import type { Finding, FindingCode, FindingFacts, Level } from '../model/finding';
import type { Wall } from '../room/walls';
import type { RuleBook } from '../rules/book';
import type { RuleId } from '../rules/table';
import { familiesOf, type Family } from './families';
import type { Patch } from './patches';
import { spreadOf, type AccentSpread } from './places';

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

/** Shares, accents and their spread over the room, with near misses. */
export function planSpread(
  patches: readonly Patch[],
  walls: readonly Wall[],
  plannedShares: readonly number[] | null,
  rules: RuleBook,
): SpreadPlan {
  const findings: Finding[] = [];
  const find = (code: FindingCode, level: Level, about: readonly string[], by: FindingFacts, rule?: RuleId) =>
    findings.push({ code, level, stage: 'colour', about, by, ...(rule ? { rule } : {}) });
  const total = sum(patches.map((p) => p.areaMm2)) || 1;
  const mean = (value: (p: Patch) => number) => sum(patches.map((p) => p.areaMm2 * value(p))) / total;
  const meanLightness = mean((p) => p.colour.l);
  // visual weight: area × Lab distance from the room's grey (the idea of Moon & Spencer, J. Opt. Soc. Am. 34,
  // 1944)
  const weightOf = (p: Patch) => p.areaMm2 * Math.hypot(p.colour.l - meanLightness, p.colour.a, p.colour.b);
  const families = familiesOf(patches, rules);
  const accentMost = rules.number('spread.accentShareMost');
  // an accent is what the look brings in: most of it is not shell or furniture
  const isAccent = (f: Family, i: number) =>
    i > 0 &&
    !f.neutral &&
    f.share <= accentMost &&
    sum(f.patches.filter((p) => !p.fixed).map((p) => p.areaMm2)) >= f.areaMm2 / 2;
  const secondIndex = families.findIndex((f, i) => i > 0 && !isAccent(f, i));
  const plans = families.map((f, i): FamilyPlan => {
    const { patches: own, ...rest } = f;
    const role = i === 0 ? 'base' : isAccent(f, i) ? 'accent' : i === secondIndex ? 'second' : 'other';
    const placed = own.filter((p) => !p.shell);
    return {
      ...rest,
      role,
      weight: sum(own.map(weightOf)),
      things: [...new Set(placed.map((p) => p.name))],
      spread: spreadOf(placed, weightOf, walls, rules),
    };
  });
  const share = (role: FamilyPlan['role']) => sum(plans.filter((f) => f.role === role).map((f) => f.share));
  const [base = 0, second = 0, accent = 0] = plannedShares ?? rules.list('spread.planned');
  const actual = { base: share('base'), second: share('second') + share('other'), accent: share('accent') };
  const darkShare =
    sum(patches.filter((p) => p.colour.l < rules.number('spread.darkBelow')).map((p) => p.areaMm2)) / total;

  for (const f of plans.filter((p) => p.role === 'accent')) judgeAccent(f);
  const accents = plans.filter((p) => p.role === 'accent').length;
  if (accents > rules.number('spread.accentFamiliesMost'))
    find(
      'too-many-accents',
      'caution',
      [],
      { count: accents, most: rules.number('spread.accentFamiliesMost') },
      'spread.accentFamiliesMost',
    );
  if (patches.length > 0 && darkShare < rules.number('spread.darkShareLeast'))
    find(
      'no-dark',
      'caution',
      [],
      { share: darkShare, leastShare: rules.number('spread.darkShareLeast') },
      'spread.darkShareLeast',
    );
  if (Math.abs(actual.base - base) > rules.number('spread.sharesOff'))
    find('shares-off-plan', 'yielded', [], { actual: actual.base, planned: base }, 'spread.planned');
  nearMisses();
  return {
    families: plans,
    meanLightness,
    meanChroma: mean((p) => Math.hypot(p.colour.a, p.colour.b)),
    darkShare,
    seenAreaMm2: total,
    planned: { base, second, accent },
    actual,
    findings,
  };

  function judgeAccent(f: FamilyPlan): void {
    const { spread } = f;
    const about = spread.places.flatMap((p) => p.about);
    const [least] = rules.range('spread.placesWanted');
    const by = { family: f.id, places: spread.places.length, least };
    if (spread.places.length === 1)
      find(
        'accent-alone',
        'caution',
        about,
        { ...by, thing: spread.places[0]!.names.join(', ') },
        'spread.placesWanted',
      );
    else if (spread.places.length === 2)
      find('accent-answered-once', 'caution', about, by, 'spread.placesWanted');
    if (spread.places.length >= 2) {
      if (spread.widestGap.share > rules.number('spread.gapNoticed'))
        find(
          'accent-gap',
          'caution',
          about,
          { ...by, gapMm: spread.widestGap.lengthMm, share: spread.widestGap.share },
          'spread.gapNoticed',
        );
      if (spread.pull > rules.number('spread.pullNoticed'))
        find(
          'accent-pull',
          'caution',
          about,
          { ...by, pull: spread.pull, side: spread.pullTowards ?? 'north' },
          'spread.pullNoticed',
        );
      const bands = Object.values(spread.heights).filter((n) => n > 0).length;
      if (bands < rules.number('spread.bandsWanted'))
        find('accent-one-height', 'caution', about, { ...by, bands }, 'spread.bandsWanted');
      if (spread.hard === 0 || spread.soft === 0)
        find('no-hard-answer', 'yielded', about, { ...by, missing: spread.hard === 0 ? 'hard' : 'soft' });
    }
    if (spread.places.length >= least && !findings.some((x) => x.by.family === f.id && x.level === 'caution'))
      find('accent-even', 'ok', about, by, 'spread.placesWanted');
  }

  function nearMisses(): void {
    const [low, high] = rules.range('spread.nearMiss');
    const white = rules.number('spread.whiteFrom');
    const reach = rules.number('spread.nearMissReach');
    const least = rules.number('spread.nearMissArea');
    const sameHue = hueKinship(rules);
    // what each patch is compared by, worked out once: the pairs are many
    const large = patches
      .filter((p) => p.areaMm2 >= least)
      .map((p) => ({
        p,
        lch: oklchOfLab(p.colour),
        white: p.colour.l >= white,
        key: `${p.colour.l},${p.colour.a},${p.colour.b}`,
      }));
    const apart = new Map<string, number>();
    const worst = new Map<string, { p: Patch; q: Patch; d: number; area: number }>();
    large.forEach((one, i) => {
      for (let j = i + 1; j < large.length; j++) {
        const other = large[j]!;
        const { p } = one;
        const { p: q } = other;
        if (p.about === q.about || one.key === other.key) continue;
        const near =
          (p.wallId !== null && p.wallId === q.wallId && (p.shell || q.shell)) ||
          distance(p.at, q.at) <= reach;
        if (!near || !((one.white && other.white) || sameHue(one.lch, other.lch))) continue;
        const key = one.key < other.key ? `${one.key}|${other.key}` : `${other.key}|${one.key}`;
        const d = apart.get(key) ?? deltaE00(p.colour, q.colour);
        apart.set(key, d);
        if (d < low || d > high) continue;
        // of one pair of colours the two things that the stylist can move are named before the room's shell
        const area = Math.min(p.areaMm2, q.areaMm2) * (p.shell || q.shell ? 0.01 : 1);
        if (area > (worst.get(key)?.area ?? 0)) worst.set(key, { p, q, d, area });
      }
    });
    for (const { p, q, d } of [...worst.values()].sort((a, b) => b.area - a.area))
      find(
        'near-miss',
        'caution',
        [p.about, q.about],
        {
          one: p.name,
          oneKind: p.about,
          other: q.name,
          otherKind: q.about,
          deltaE: d,
          whites: p.colour.l >= rules.number('spread.whiteFrom') ? 'yes' : 'no',
        },
        'spread.nearMiss',
      );
  }
}

/** Are two chromatic colours of one hue, as a family is? */
function hueKinship(rules: RuleBook): (a: Oklch, b: Oklch) => boolean {
  const neutral = rules.number('spread.neutralChroma');
  const within = rules.number('spread.familyHue');
  return (a, b) => Math.min(a.c, b.c) >= neutral && hueApart(a.hueDeg, b.hueDeg) <= within;
}
