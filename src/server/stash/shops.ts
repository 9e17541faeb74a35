import 'server-only';
import shop from '../../../demo/shop.json';
import { newItem } from '../../core/model/defaults';
import type { Item, ItemKind } from '../../core/model/types';
import type { Offer } from '../../core/stash/need';
import type { ShopPanels } from '../../core/stages/windows/solve/solveWindows';

// A small stand-in for the stock of shops; it ships with the app.

export const shopNames = (): string[] => shop.sources.map((s) => s.name);

/** For how many days a shop takes things back; none for a shop that is not known. */
export const returnDaysOf = (name: string): number =>
  shop.sources.find((s) => s.name === name)?.returnDays ?? 0;

/** Everything that the shops have. */
export const shopOffers = (): Offer[] =>
  shop.sources.flatMap((s) =>
    s.lines.map((l) => ({
      source: s.name,
      name: l.name,
      insert: 'insert' in l ? l.insert : undefined,
      stock: l.stock,
      price: l.price,
      leadDays: s.leadDays,
      returnDays: s.returnDays,
    })),
  );

/** Curtain panels that the shops have, by name. */
export const shopPanels = (): ShopPanels[] =>
  shop.sources.flatMap((s) =>
    s.lines
      .filter((l) => l.kind === 'panel')
      .map((l) => ({ name: l.name, stock: l.stock, price: l.price, leadDays: s.leadDays })),
  );

/** A thing that a shop has: offered beside the stash, and only wished for once it is put somewhere. */
export type ShopThing = { item: Item; source: string; stock: number; leadDays: number };

/** Things of some kinds that shops have, with their sizes and colours, the cheapest first. */
export const shopThings = (kinds: readonly string[]): ShopThing[] =>
  shop.things
    .flatMap(({ name: source, things }) =>
      things
        .filter(({ kind, stock }) => kinds.includes(kind) && stock > 0)
        .map(({ stock, ...thing }) => ({
          item: wishedFrom(thing, source),
          source,
          stock,
          leadDays: shop.sources.find((s) => s.name === source)?.leadDays ?? 0,
        })),
    )
    .sort((a, b) => a.item.price - b.item.price);

type Thing = Omit<(typeof shop.things)[number]['things'][number], 'stock'>;

/** The same thing has the same id wherever it is put, so that two of it are one line to buy. */
function wishedFrom({ name, kind, widthMm, heightMm, depthMm, price, colour }: Thing, source: string): Item {
  return newItem({
    id: `shop-${`${source} ${name}`.toLowerCase().replace(/[^a-z0-9]+/g, '-')}`.slice(0, 64),
    name,
    kind: kind as ItemKind,
    count: 0,
    widthMm,
    heightMm,
    depthMm,
    price,
    source,
    colours: [{ ...colour, share: 1 }],
    seen: false,
    wish: { count: 1, widthMm: [widthMm, widthMm], heightMm: [heightMm, heightMm], mostPrice: price },
  });
}
