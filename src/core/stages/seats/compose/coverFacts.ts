import { deltaE00, hueApart, oklchOfLab, type Lab } from '../../../colour/spaces';
import type { Fill, Item } from '../../../model/types';
import { isLumbar, takenSize } from '../../../room/pillow';
import type { RuleBook } from '../../../rules/book';
import { chooseInsert, fillFor, type InsertUse } from '../../../textiles/insert';
import { isPatterned } from '../../../textiles/judge/judgePatterns';
import type { ComposeAsk, Free } from './ask';

/** What the search needs to know of a cover, worked out once. */
export type CoverFacts = {
  item: Item;
  free: number;
  isForSale: boolean;
  /** Covers of one size stand alike. */
  size: string;
  use: { widthMm: number; heightMm: number };
  fill: Fill;
  insert: InsertUse | null;
  shape: 'square' | 'lumbar' | 'other';
  pattern: 'plain' | 'small' | 'bold';
  /** How well it is tied to the room, and to the colours that are wanted, from 0 to 1. */
  tie: number;
  wanted: number;
  colour: Lab | null;
};

const shapeOf = ({ widthMm, heightMm }: Item): CoverFacts['shape'] => {
  if (isLumbar({ widthMm, heightMm })) return 'lumbar';
  return isLumbar({ widthMm: heightMm, heightMm: widthMm }) ? 'other' : 'square';
};

/** A cover that lies about; null where nothing may fill it. */
export function factsOf(
  item: Free | (Item & { free?: undefined; isForSale?: undefined }),
  ask: ComposeAsk,
  inserts: readonly Item[],
  rules: RuleBook,
): CoverFacts | null {
  const fill = fillFor(item, { featherFree: ask.flags.featherFree, inserts }, rules);
  if (!fill) return null;
  const { insert } = chooseInsert(item, fill, rules, { owned: inserts });
  const isBold = item.pattern.repeatMm >= rules.number('seats.boldRepeat');
  const patterned = isBold ? 'bold' : 'small';
  return {
    item,
    free: item.free ?? 0,
    isForSale: item.isForSale ?? false,
    size: `${item.widthMm} ${item.heightMm} ${String(item.round)}`,
    use: takenSize(item, false, rules),
    fill,
    insert: insert && { ...insert, fill },
    shape: shapeOf(item),
    pattern: isPatterned(item.pattern) ? patterned : 'plain',
    tie: tieOf(item, ask.roomColours, rules),
    wanted: ask.wantedColours.length === 0 ? 0 : tieOf(item, ask.wantedColours, rules),
    colour: item.colours[0] ?? null,
  };
}

/** Covers that may be put on a seat of the home at all. */
export function usableCovers(ask: ComposeAsk, rules: RuleBook): CoverFacts[] {
  const inserts = [...ask.items.values()].filter((i) => i.kind === 'insert' && i.state !== 'gone');
  const isRough = ask.flags.pets || ask.flags.childrenAges.length > 0;
  return ask.covers
    .filter(
      (c) => c.free > 0 && c.state !== 'gone' && (c.wish === null || c.isForSale) && (c.washable || !isRough),
    )
    .flatMap((c) => factsOf(c, ask, inserts, rules) ?? [])
    .filter((c) => c.insert !== null)
    .sort((a, b) => (a.item.id < b.item.id ? -1 : 1));
}

/** How well a thing is tied to some colours: 1 a match, ½ a shade of a family that is there, 0 alone; by its shares. */
export function tieOf(item: Pick<Item, 'colours'>, room: readonly Lab[], rules: RuleBook): number {
  let tied = 0;
  for (const c of item.colours) {
    const nearest = Math.min(Infinity, ...room.map((r) => deltaE00(c, r)));
    if (nearest <= rules.number('seats.matchDeltaE') * 2) tied += c.share;
    else if (room.some((r) => isSameFamily(c, r, rules))) tied += c.share / 2;
  }
  return tied;
}

function isSameFamily(a: Lab, b: Lab, rules: RuleBook): boolean {
  const [p, q] = [oklchOfLab(a), oklchOfLab(b)];
  const isColoured = Math.min(p.c, q.c) >= rules.number('spread.neutralChroma');
  return isColoured && hueApart(p.hueDeg, q.hueDeg) <= rules.number('spread.familyHue');
}
