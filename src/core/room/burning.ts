import type { Item, ItemKind } from '../model/types';
import { CLOTH_KINDS } from '../model/values/item';

/** What burns, or spoils by heat: cloth, leaves, straw, paper. */
const BURNS: ReadonlySet<ItemKind> = new Set<ItemKind>([
  ...CLOTH_KINDS,
  'basket',
  'book',
  'plant',
  'stem',
  'garland',
  'lampshade',
]);

/** A candle with a flame. */
export const hasFlame = ({ kind, battery }: Pick<Item, 'kind' | 'battery'>): boolean =>
  kind === 'candle' && !battery;

export const burns = ({ kind }: Pick<Item, 'kind'>): boolean => BURNS.has(kind);
