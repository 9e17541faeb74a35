import { elementAt } from '../base/list';
import { HAIR_MM } from '../base/tolerance';
import { sum, type Mm } from '../base/units';
import type { Fill, Item } from '../model/types';
import { mostVolume, sameInsert, sameSize, type FlatCover } from '../room/pillow';
import type { RuleBook } from '../rules/book';
import type { RuleId } from '../rules/table';

export type { Fill } from '../model/types';
export type Size = { widthMm: Mm; heightMm: Mm };
export type InsertSize = Size & { round: boolean };
export type InsertChoice = {
  /** Stock or owned insert; null when no such size is near what is wanted. */
  insert: InsertSize | null;
  wanted: InsertSize;
  nearest: InsertSize;
  /** Insert's own volume ÷ the most the cover can hold. */
  plumpness: number;
  rule: RuleId;
};

export const FILL_SCHOOLS = ['light', 'full', 'veryFull'] as const;
/** How full a pillow is wanted: lightly filled, full, very full. */
export type FillSchool = (typeof FILL_SCHOOLS)[number];

const OVER: Record<Fill, Record<FillSchool, RuleId>> = {
  feather: { light: 'seats.lightOver', full: 'seats.featherOver', veryFull: 'seats.veryFullOver' },
  polyester: { light: 'seats.lightOver', full: 'seats.polyesterOver', veryFull: 'seats.polyesterMost' },
  foam: { light: 'seats.foamOver', full: 'seats.foamOver', veryFull: 'seats.foamOver' },
};
/** What a school gives way to where no insert is of its own size: the next fuller one. */
const FULLER: Record<FillSchool, FillSchool> = { light: 'full', full: 'veryFull', veryFull: 'veryFull' };

export const fillSchoolOf = (rules: RuleBook): FillSchool => {
  const own = rules.school('seats.fillSchool');
  return FILL_SCHOOLS.find((school) => school === own) ?? 'full';
};

/**
 * How much larger than its cover an insert is, on each side. Large covers take at least the low end of their
 * own range, unless they are lightly filled.
 */
export function insertOver(
  cover: Size,
  fill: Fill,
  school: FillSchool,
  rules: RuleBook,
): { overMm: Mm; rule: RuleId } {
  if (isSham(cover, rules)) return { overMm: 0, rule: 'seats.shamSizes' };
  const rule = OVER[fill][school];
  const overMm = rules.number(rule);
  const [largeLow] = rules.range('seats.largeCoverOver');
  const isLarge = Math.max(cover.widthMm, cover.heightMm) > rules.number('seats.largeCoverFrom') + HAIR_MM;
  if (fill !== 'foam' && school !== 'light' && isLarge && largeLow > overMm)
    return { overMm: largeLow, rule: 'seats.largeCoverOver' };
  return { overMm, rule };
}

/**
 * Covers of the size of a pillow that is slept on: it goes in as it is (common practice). Oblong ones may be a little
 * off, as those of 20 × 30 in are sold for pillows of 50 × 75 cm; a square is a cushion's size too and has to be the pillow's.
 */
function isSham(cover: Size, rules: RuleBook): boolean {
  const { widthMm: short, heightMm: long } = upright(cover, false);
  return inPairs(rules.list('seats.shamSizes')).some((pillow) => {
    const offMm = Math.max(Math.abs(pillow.widthMm - short), Math.abs(pillow.heightMm - long));
    const isSquare = pillow.widthMm === pillow.heightMm;
    return offMm <= HAIR_MM + (isSquare ? 0 : rules.number('seats.insertTolerance'));
  });
}

/** How much larger than its cover an insert of a fill may be. */
function mostOver(fill: Fill, school: FillSchool, rules: RuleBook): Mm {
  if (fill === 'foam') return rules.number('seats.foamOver') + rules.number('seats.insertTolerance');
  const fullerMm = rules.number(OVER[fill][FULLER[school]]);
  if (fill === 'polyester' || school === 'light') return fullerMm;
  return Math.max(fullerMm, rules.range('seats.largeCoverOver')[1]);
}

/** Sizes that are listed as width, height, width, height … */
const inPairs = (list: readonly Mm[]): InsertSize[] =>
  Array.from({ length: Math.floor(list.length / 2) }, (_, i) => ({
    widthMm: elementAt(list, 2 * i),
    heightMm: elementAt(list, 2 * i + 1),
    round: false,
  }));

/** Stock sizes as pairs: squares, oblongs listed as width, height, width, height …, rounds. */
export function stockInserts(rules: RuleBook): InsertSize[] {
  const sizes = [
    ...rules.list('seats.stockSquares').map((s) => ({ widthMm: s, heightMm: s, round: false })),
    ...inPairs(rules.list('seats.stockOblongs')),
  ];
  const shams = inPairs(rules.list('seats.shamSizes')).filter(
    (sham) => !sizes.some((known) => sameSize(known, sham)),
  );
  return [
    ...sizes,
    ...shams,
    ...rules.list('seats.stockRounds').map((s) => ({ widthMm: s, heightMm: s, round: true })),
  ];
}

const upright = ({ widthMm, heightMm }: Size, round: boolean): InsertSize => ({
  widthMm: Math.min(widthMm, heightMm),
  heightMm: Math.max(widthMm, heightMm),
  round,
});
/** An insert's size, kept the short side first, the same way round as its cover. */
export const laidLike = (cover: Size, { widthMm, heightMm }: Size): Size =>
  cover.widthMm >= cover.heightMm ? { widthMm: heightMm, heightMm: widthMm } : { widthMm, heightMm };

/**
 * How badly an insert misses, the larger side's miss; too small counts double, because a slack cover cannot
 * be helped.
 */
const miss = (have: Size, want: Size): Mm =>
  Math.max(
    ...(['widthMm', 'heightMm'] as const).map((k) =>
      have[k] < want[k] ? 2 * (want[k] - have[k]) : have[k] - want[k],
    ),
  );

const SAME_MISS = 1e-6;

const nearestOf = (sizes: readonly InsertSize[], wanted: Size): InsertSize | undefined =>
  sizes.reduce<InsertSize | undefined>(
    (best, s) => (best === undefined || miss(s, wanted) < miss(best, wanted) - SAME_MISS ? s : best),
    undefined,
  );

/** What there is to fill a cover with: the sizes that shops carry, and those that the studio owns of the fill. */
function sizesFor(round: boolean, fill: Fill, owned: readonly Item[], rules: RuleBook): InsertSize[] {
  const own = owned.filter((i) => i.kind === 'insert' && i.fill === fill && i.state !== 'gone');
  return [...stockInserts(rules), ...own]
    .filter((size) => size.round === round)
    .map((size) => upright(size, round));
}

type HowFilled = { school?: FillSchool; owned?: readonly Item[] };

/** What an insert for a cover has to be: the size wanted, and how much larger than the cover at least and at most. */
type Asked = { flat: InsertSize; wanted: InsertSize; leastMm: Mm; mostMm: Mm; rule: RuleId };

function askedOf(cover: FlatCover, fill: Fill, school: FillSchool, rules: RuleBook): Asked {
  const { overMm, rule } = insertOver(cover, fill, school, rules);
  const flat = upright(cover, cover.round ?? false);
  return {
    flat,
    wanted: { ...flat, widthMm: flat.widthMm + overMm, heightMm: flat.heightMm + overMm },
    leastMm: overMm - rules.number('seats.insertTolerance') - HAIR_MM,
    mostMm:
      rule === 'seats.shamSizes'
        ? rules.number('seats.insertTolerance') + HAIR_MM
        : Math.max(overMm, mostOver(fill, school, rules)) + HAIR_MM,
    rule,
  };
}

const isAllowed = (size: InsertSize, { flat, leastMm, mostMm }: Asked): boolean => {
  const [wide, high] = [size.widthMm - flat.widthMm, size.heightMm - flat.heightMm];
  return Math.min(wide, high) >= leastMm && Math.max(wide, high) <= mostMm;
};

/** The inserts that fill a cover as a school wants it, the nearest first. */
export function insertsFor(
  cover: FlatCover,
  fill: Fill,
  rules: RuleBook,
  { school = fillSchoolOf(rules), owned = [] }: HowFilled = {},
): InsertSize[] {
  const asked = askedOf(cover, fill, school, rules);
  return sizesFor(asked.flat.round, fill, owned, rules)
    .filter((size) => isAllowed(size, asked))
    .sort((a, b) => miss(a, asked.wanted) - miss(b, asked.wanted));
}

/**
 * The insert for a cover: of the sizes in stock or owned that are not larger than its fill may be, and no smaller than it
 * should be but for the tolerance, the nearest; null when there is none. A round cover takes a round insert.
 */
export function chooseInsert(
  cover: FlatCover,
  fill: Fill,
  rules: RuleBook,
  { school = fillSchoolOf(rules), owned = [] }: HowFilled = {},
): InsertChoice {
  const asked = askedOf(cover, fill, school, rules);
  const { flat, wanted, rule } = asked;
  const sizes = sizesFor(flat.round, fill, owned, rules);
  const insert =
    nearestOf(
      sizes.filter((size) => isAllowed(size, asked)),
      wanted,
    ) ?? null;
  const nearest = insert ?? nearestOf(sizes, wanted) ?? wanted;
  return { insert, wanted, nearest, plumpness: mostVolume(nearest) / mostVolume(flat), rule };
}

/** What would fill a cover that nothing fills as it was asked: by another school, with another filling. */
export type OtherInsert = { fill: Fill; school: FillSchool; insert: InsertSize; plumpness: number };

const FILLS: readonly Fill[] = ['feather', 'polyester', 'foam'];

/** Every way in which a cover can be filled, in the order of fills and schools. */
export const waysToFill = (cover: FlatCover, rules: RuleBook, owned: readonly Item[] = []): OtherInsert[] =>
  FILLS.flatMap((fill) =>
    FILL_SCHOOLS.flatMap((school) => {
      const { insert, plumpness } = chooseInsert(cover, fill, rules, { school, owned });
      return insert ? [{ fill, school, insert, plumpness }] : [];
    }),
  );

export type InsertUse = InsertSize & { fill: Fill };
export type InsertNeed = InsertUse & { need: number; have: number; buy: number };

/** Inserts of each size and fill: needed by the look, owned, to buy. */
export function insertNeeds(uses: readonly InsertUse[], owned: readonly Item[]): InsertNeed[] {
  const needs: InsertNeed[] = [];
  for (const use of uses) {
    const same = needs.find((n) => sameInsert(n, use));
    if (same) same.need++;
    else
      needs.push({
        ...use,
        need: 1,
        have: sum(owned.filter((i) => i.kind === 'insert' && sameInsert(i, use)).map((i) => i.count)),
        buy: 0,
      });
  }
  return needs.map((n) => ({ ...n, buy: Math.max(0, n.need - n.have) }));
}

type FillContext = { featherFree: boolean; inserts: readonly Item[] };

/** What a cover is filled with: what there is an insert of, rather one that is owned; undefined where none fits. */
export function fillFor(
  cover: FlatCover,
  { featherFree, inserts }: FillContext,
  rules: RuleBook,
): Fill | undefined {
  const fitting = fillsAllowed(featherFree).flatMap((fill) => {
    const { insert } = chooseInsert(cover, fill, rules, { owned: inserts });
    const isOwned = insert !== null && insertNeeds([{ ...insert, fill }], inserts).every((n) => n.buy === 0);
    return insert ? [{ fill, isOwned }] : [];
  });
  return (fitting.find((f) => f.isOwned) ?? fitting[0])?.fill;
}

/** What a home has its pillows filled with, the usual first. */
export const fillsAllowed = (featherFree: boolean): Fill[] =>
  featherFree ? ['polyester'] : ['feather', 'polyester'];

/** What fills a cover: what was chosen, else what it can be filled with, else what a home usually has. */
export function fillOf(cover: FlatCover, chosen: Fill | null, context: FillContext, rules: RuleBook): Fill {
  return chosen ?? fillFor(cover, context, rules) ?? (context.featherFree ? 'polyester' : 'feather');
}
