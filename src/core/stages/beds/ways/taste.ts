import { sum } from '../../../base/units';
import { chromaOf, hueApart, labHueDeg, type Lab } from '../../../colour/spaces';
import type { Item, Season } from '../../../model/types';
import type { RuleBook } from '../../../rules/book';
import type { BedWay } from './ask';

/** How thick a texture looks and feels, from 0 to 1 (our own definition). */
const DEPTH: Record<Item['texture'], number> = {
  smooth: 0,
  hard: 0,
  linen: 0.3,
  embroidered: 0.4,
  woven: 0.5,
  velvet: 0.7,
  tweed: 0.7,
  boucle: 0.8,
  knit: 0.9,
  fur: 1,
};

/** Colours by how much they cover. */
function averageOf(item: Item, of: (colour: Lab) => number): number {
  const whole = sum(item.colours.map((c) => c.share));
  return sum(item.colours.map((c) => of(c) * c.share)) / whole;
}
export const strengthOf = (item: Item): number => averageOf(item, chromaOf);

/** The piece of the bed that an item is for: its ground, or the accent on it. */
export type Part = 'ground' | 'accent';
export type Chosen = {
  accentHueDeg: number | null;
  textures: ReadonlySet<Item['texture']>;
  season: Season | null;
};

type Asked = { chosen: Chosen; rules: RuleBook };

/** How well an item does for a part of a bed that is made in one of the ways; more is better. */
export function tasteOf(way: BedWay, item: Item, part: Part, { chosen, rules }: Asked): number {
  return BY_WAY[way](item, part, { chosen, rules }) + seasonOf(item, chosen.season);
}

/** Something kept for another season is not brought out. */
function seasonOf({ season }: Item, asked: Season | null): number {
  if (asked === null || season.length === 0) return 0;
  return season.includes(asked) ? 0.5 : -1.5;
}

/** Whether an item belongs to a way at all: a strong colour never to a neutral bed, a pale one hardly to a heavy one. */
export function suits(way: BedWay, item: Item, part: Part, rules: RuleBook): boolean {
  const strength = strengthOf(item);
  const isNeutral = strength <= rules.number('beds.neutralTo');
  if (way === 'neutral') return isNeutral;
  if (way === 'accent') return part === 'accent' ? strength >= rules.number('beds.accentFrom') : isNeutral;
  return averageOf(item, (c) => c.l) <= rules.number('beds.darkTo') || DEPTH[item.texture] >= DEPTH.velvet;
}

type Taste = (item: Item, part: Part, asked: Asked) => number;
const BY_WAY: Record<BedWay, Taste> = {
  accent: (item, part, { chosen: { accentHueDeg }, rules }) => {
    const strength = strengthOf(item);
    if (part === 'ground') return -strength / 8 + averageOf(item, (c) => c.l) / 60;
    const colour = item.colours[0];
    const apart = accentHueDeg === null || !colour ? 0 : hueApart(labHueDeg(colour), accentHueDeg) / 20;
    return (strength < rules.number('beds.accentFrom') ? -4 : strength / 15) - apart;
  },
  neutral: (item, _part, { chosen: { textures } }) =>
    -strengthOf(item) / 5 + DEPTH[item.texture] + (textures.has(item.texture) ? -0.6 : 0.3),
  heavy: (item) =>
    (55 - averageOf(item, (c) => c.l)) / 12 +
    2 * DEPTH[item.texture] +
    Math.min(item.tog ?? 0, 6) / 4 -
    strengthOf(item) / 25,
};
