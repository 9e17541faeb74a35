/**
 * The stash as it is searched: one short row for each thing, so that thousands are filtered while one types.
 */
import { HAIR_MM } from '../base/tolerance';
import type { Mm } from '../base/units';
import { deltaE00, hueApart, oklchOfLab, type Lab, type Oklch } from '../colour/spaces';
import type { Item, Season } from '../model/types';
import type { RuleBook } from '../rules/book';
import { LAID_CLOTH } from '../model/values/item';

/**
 * How many of a thing the looks of one season use at once, all rooms together; `any` is the most of any
 * season.
 */
export type Used = Record<Season | 'any', number>;
export const UNUSED: Used = { spring: 0, summer: 0, autumn: 0, winter: 0, any: 0 };

export type StashEntry = Pick<
  Item,
  | 'id'
  | 'name'
  | 'kind'
  | 'count'
  | 'setOf'
  | 'widthMm'
  | 'heightMm'
  | 'depthMm'
  | 'colours'
  | 'pattern'
  | 'texture'
  | 'season'
  | 'state'
  | 'tagsOn'
  | 'returnBy'
  | 'placeId'
  | 'roomId'
  | 'whereabouts'
  | 'photoId'
  | 'colourFrom'
  | 'seen'
  | 'price'
  | 'wish'
  | 'bedding'
> & { used: Used };
/** What filtering needs to know of an entry's colours, worked out once. */
export type Prepared = StashEntry & { words: string; lch: readonly (Oklch & { share: number })[] };

export const prepare = (e: StashEntry): Prepared => ({
  ...e,
  words:
    `${e.name} ${e.whereabouts} ${e.texture} ${e.colours.map((c) => c.name ?? '').join(' ')}`.toLowerCase(),
  lch: e.colours.map((c) => ({ ...oklchOfLab(c), share: c.share })),
});

export type RepeatScale = 'plain' | 'small' | 'medium' | 'large';
export type StashFilter = {
  words: string;
  kinds: readonly Item['kind'][];
  texture: Item['texture'] | null;
  scale: RepeatScale | null;
  season: Season | null;
  freeIn: Season | 'any' | null;
  /** null: anywhere; '' : nowhere in particular. */
  placeId: string | null;
  state: Item['state'] | 'returns' | 'unseen' | 'wished' | null;
  family: Lab | null;
  fits: { widthMm: Mm; heightMm: Mm; depthMm: Mm | null } | null;
};
export const EVERYTHING: StashFilter = {
  words: '',
  kinds: [],
  texture: null,
  scale: null,
  season: null,
  freeIn: null,
  placeId: null,
  state: null,
  family: null,
  fits: null,
};

/** Textiles that may lie either way round. */
const TURNS: ReadonlySet<Item['kind']> = new Set([...LAID_CLOTH, 'insert', 'rug', 'tray', 'book']);

export const fitsIn = (
  e: Pick<Item, 'kind' | 'widthMm' | 'heightMm' | 'depthMm'>,
  spot: NonNullable<StashFilter['fits']>,
): boolean => {
  const flat = (w: Mm, h: Mm) => w <= spot.widthMm + HAIR_MM && h <= spot.heightMm + HAIR_MM;
  return (
    (spot.depthMm === null || e.depthMm <= spot.depthMm + HAIR_MM) &&
    (flat(e.widthMm, e.heightMm) || (TURNS.has(e.kind) && flat(e.heightMm, e.widthMm)))
  );
};

export function repeatScale(pattern: Item['pattern'], rules: RuleBook): RepeatScale {
  if (pattern.kind === 'solid' || pattern.kind === 'texture' || pattern.repeatMm === 0) return 'plain';
  if (pattern.repeatMm < rules.number('stash.smallRepeat')) return 'small';
  return pattern.repeatMm > rules.number('stash.largeRepeat') ? 'large' : 'medium';
}

/** Free of use in a season. */
export const freeIn = (e: Pick<StashEntry, 'count' | 'used'>, season: Season | 'any'): number =>
  e.count - e.used[season];

type Test = (e: Prepared) => boolean;

/** Which entries each filter of state lets through; owned, ordered and gone are their own. */
const STATES: Record<string, Test> = {
  returns: (e) => e.tagsOn && e.returnBy !== null && e.state === 'owned',
  unseen: (e) => !e.seen,
  wished: (e) => e.wish !== null,
};

function inState(state: StashFilter['state']): Test {
  if (state === null) return (e) => e.state !== 'gone';
  return STATES[state] ?? ((e) => e.state === state && e.wish === null);
}

function inFamily(lab: Lab, rules: RuleBook): Test {
  const family = oklchOfLab(lab);
  const neutral = rules.number('spread.neutralChroma');
  const hue = rules.number('spread.familyHue');
  const shade = rules.number('spread.shadeApart');
  return ({ lch, colours }) =>
    lch.some((colour, i) => {
      const isNeutral = colour.c < neutral;
      if (colour.share < 0.1 || isNeutral !== family.c < neutral) return false;
      const own = colours[i];
      if (isNeutral) return own !== undefined && deltaE00(own, lab) <= shade;
      return hueApart(colour.hueDeg, family.hueDeg) <= hue;
    });
}

/** The tests of a filter, those that are set. */
function testsOf(filter: StashFilter, rules: RuleBook): Test[] {
  const { kinds, texture, season, placeId, freeIn: free, scale, fits, family } = filter;
  const words = filter.words.toLowerCase().split(/\s+/).filter(Boolean);
  const tests: (Test | false)[] = [
    inState(filter.state),
    kinds.length > 0 && ((e) => kinds.includes(e.kind)),
    texture !== null && ((e) => e.texture === texture),
    season !== null && ((e) => e.season.length === 0 || e.season.includes(season)),
    placeId !== null && ((e) => (e.placeId ?? '') === placeId),
    free !== null && ((e) => freeIn(e, free) > 0),
    scale !== null && ((e) => repeatScale(e.pattern, rules) === scale),
    fits !== null && ((e) => fitsIn(e, fits)),
    words.length > 0 && ((e) => words.every((w) => e.words.includes(w))),
    family !== null && inFamily(family, rules),
  ];
  return tests.filter((test) => test !== false);
}

/** The entries that pass, in the order given. */
export function filterStash(entries: readonly Prepared[], filter: StashFilter, rules: RuleBook): Prepared[] {
  const tests = testsOf(filter, rules);
  return entries.filter((e) => tests.every((test) => test(e)));
}
