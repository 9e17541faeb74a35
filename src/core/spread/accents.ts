import { CRUMB } from '../base/tolerance';
import type { Finding, FindingCode, FindingFacts, Level } from '../model/finding';
import type { RuleBook } from '../rules/book';
import type { RuleId } from '../rules/table';
import type { AccentSpread } from './places';

type Accent = { id: string; role: string; spread: AccentSpread };

const finding = (
  about: readonly string[],
  code: FindingCode,
  level: Level,
  facts: FindingFacts,
  rule?: RuleId,
): Finding => ({ code, level, stage: 'colour', about, by: facts, ...(rule ? { rule } : {}) });

/** Each accent's spread over the room, and whether there are too many of them. */
export function judgeAccents(families: readonly Accent[], rules: RuleBook): Finding[] {
  const accents = families.filter((f) => f.role === 'accent');
  const most = rules.number('spread.accentFamiliesMost');
  return [
    ...accents.flatMap((accent) => judgeAccent(accent, rules)),
    ...(accents.length > most
      ? [
          finding(
            [],
            'too-many-accents',
            'caution',
            { count: accents.length, most },
            'spread.accentFamiliesMost',
          ),
        ]
      : []),
  ];
}

function judgeAccent({ id, spread }: Accent, rules: RuleBook): Finding[] {
  const { places } = spread;
  const about = places.flatMap((p) => p.about);
  const [least] = rules.range('spread.placesWanted');
  const facts = { family: id, places: places.length, least };
  const found = [
    ...judgePlaces(spread, about, facts),
    ...(places.length >= 2 ? judgeSpread(spread, about, facts, rules) : []),
  ];
  const uneven = found.some((f) => f.level === 'caution');
  if (places.length < least || uneven) return found;
  return [...found, finding(about, 'accent-even', 'ok', facts, 'spread.placesWanted')];
}

function judgePlaces({ places }: AccentSpread, about: readonly string[], facts: FindingFacts): Finding[] {
  const rule = 'spread.placesWanted';
  const [only, second] = places;
  if (only && !second) {
    const thing = only.names;
    return [finding(about, 'accent-alone', 'caution', { ...facts, thing }, rule)];
  }
  return places.length === 2 ? [finding(about, 'accent-answered-once', 'caution', facts, rule)] : [];
}

function judgeSpread(
  { widestGap, pull, pullTowards, heights, hard, soft }: AccentSpread,
  about: readonly string[],
  facts: FindingFacts,
  rules: RuleBook,
): Finding[] {
  const found: Finding[] = [];
  if (widestGap.share > rules.number('spread.gapNoticed') + CRUMB) {
    const gap = { gapMm: widestGap.lengthMm, share: widestGap.share };
    found.push(finding(about, 'accent-gap', 'caution', { ...facts, ...gap }, 'spread.gapNoticed'));
  }
  if (pull > rules.number('spread.pullNoticed')) {
    const side = pullTowards ?? 'north';
    found.push(finding(about, 'accent-pull', 'caution', { ...facts, pull, side }, 'spread.pullNoticed'));
  }
  const bands = Object.values(heights).filter((n) => n > 0).length;
  if (bands < rules.number('spread.bandsWanted'))
    found.push(finding(about, 'accent-one-height', 'caution', { ...facts, bands }, 'spread.bandsWanted'));
  if (hard === 0 || soft === 0) {
    const missing = hard === 0 ? 'hard' : 'soft';
    found.push(finding(about, 'no-hard-answer', 'yielded', { ...facts, missing }));
  }
  return found;
}
