import type { WorkAct, WorkedOn } from '../model/types';
import { inSets, sum, type Gram, type Mm, type Money } from '../base/units';

export type BuyKind =
  | 'panels'
  | 'cloth'
  | 'rod'
  | 'lining'
  | 'brackets'
  | 'finials'
  | 'rings'
  | 'hooks'
  | 'hems'
  | 'sheers'
  | 'sheerCloth'
  | 'sheerHems'
  | 'liner'
  | 'insert'
  | 'roundInsert'
  | 'casing'
  | 'cover'
  | 'thing'
  | 'panelShort'
  | 'pictureHooks'
  | 'hangers'
  | 'shelfBrackets'
  | 'anchors'
  | 'piece'
  | 'material'
  | 'bulb';
/** What a work takes: litres, mm of length, grams of cloth to dye, or as many as the line counts. */
export type Material = {
  act: WorkAct;
  on: WorkedOn;
  /** The wall that it is for, of a work on one wall; else null. */
  wallId: string | null;
  by: 'litres' | 'length' | 'rolls' | 'sheets' | 'dye' | 'pulls' | 'some';
  amount: number;
};
/** One line of the buying list. Sizes in mm; cost null when no price is known. */
export type BuyLine = {
  kind: BuyKind;
  name: string;
  count: number;
  widthMm: Mm | null;
  heightMm: Mm | null;
  cost: Money | null;
  need: number;
  have: number;
  /** What each has to hold: the class of a hook, the most on one bracket. */
  ratedG?: Gram;
  /** What a work takes. */
  material?: Material;
};

export type Use = {
  itemId: string;
  name: string;
  kind: BuyKind;
  widthMm: Mm;
  heightMm: Mm;
  price: Money;
  need: number;
  have: number;
  /** Sold by so many. */ setOf: number;
};

/** Things of the stash that the look needs more of than there are. */
export const shortLines = (uses: readonly Use[]): BuyLine[] =>
  uses
    .filter((u) => u.need > u.have)
    .map((u) => ({ u, count: inSets(u.need - u.have, u.setOf) }))
    .map(({ u, count }) => ({
      kind: u.kind,
      name: u.name,
      count,
      widthMm: u.widthMm,
      heightMm: u.heightMm,
      cost: u.price > 0 ? count * u.price : null,
      need: u.need,
      have: u.have,
    }));

export const totalCost = (lines: readonly BuyLine[]): Money => sum(lines.map((l) => l.cost ?? 0));
