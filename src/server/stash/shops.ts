import 'server-only';
import shop from '../../../demo/shop.json';
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
