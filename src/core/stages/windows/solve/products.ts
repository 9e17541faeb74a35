import { inSets, type Mm, type Money } from '../../../base/units';
import type { RuleBook } from '../../../rules/book';
import { stockPrice } from '../routes';
import type { OwnedPanels, Product, ShopPanels, SolveWindow } from './solution';

const NOTHING_OWNED = { item: null, name: null, owned: 0, shop: undefined, lent: null } as const;

/** Cloth made to measure. */
export const MADE: Product = { ...NOTHING_OWNED, key: 'made', lengthMm: null, price: 0 };

/** Every kind of panel that can be had: those owned, then the lengths that shops keep. */
export function productsOf(
  windows: readonly SolveWindow[],
  owned: readonly OwnedPanels[],
  shops: readonly ShopPanels[],
  rules: RuleBook,
): Product[] {
  const allShowers = windows.every((w) => w.target.shower);
  const lengths = rules.list(allShowers ? 'windows.showerStock' : 'windows.stockLengths');
  return [
    ...owned
      .filter((i) => i.kind === 'panel' && i.state !== 'gone' && i.count > 0)
      .flatMap((item) => ownedProducts(item, shops)),
    ...lengths.map((mm) => stockProduct(mm, rules)),
  ];
}

const stockProduct = (lengthMm: Mm, rules: RuleBook): Product => ({
  ...NOTHING_OWNED,
  key: `stock${lengthMm}`,
  lengthMm,
  price: stockPrice(lengthMm, rules),
});

/** What hangs in another room is left there, or else is borrowed from it. */
function ownedProducts({ elsewhere, ...item }: OwnedPanels, shops: readonly ShopPanels[]): Product[] {
  const lent =
    elsewhere && elsewhere.count > 0
      ? { room: elsewhere.room, count: Math.min(item.count, elsewhere.count) }
      : null;
  const own: Product = {
    key: item.id,
    item,
    name: item.name,
    lengthMm: item.heightMm,
    owned: item.count - (lent?.count ?? 0),
    price: item.price,
    shop: shops
      .filter((s) => s.name.toLowerCase() === item.name.toLowerCase())
      .sort((a, b) => b.stock - a.stock)[0],
    lent: null,
  };
  return lent ? [own, { ...own, key: `${item.id} lent`, owned: item.count, lent }] : [own];
}

export type Purchase = {
  missing: number;
  buy: number;
  cost: Money;
  /** Fewer than that are to be had. */
  short: number;
  leadDays: number | null;
};

/** What has to be bought of a product to have so many panels. */
export function purchaseOf(product: Product, need: number, rules: RuleBook): Purchase {
  const { item, shop, price, owned } = product;
  const missing = Math.max(0, need - owned);
  const buy = inSets(missing, item?.setOf ?? rules.number('windows.panelsSoldIn'));
  if (!item) return { missing, buy, cost: buy * price, short: 0, leadDays: null };
  return {
    missing,
    buy,
    cost: buy * (shop?.price ?? price),
    short: Math.max(0, buy - (shop?.stock ?? 0)),
    leadDays: buy > 0 ? (shop?.leadDays ?? null) : null,
  };
}
