import type { Finding, StageName } from '../model/finding';
import type { Item } from '../model/types';
import { insertNeeds, type InsertNeed, type InsertUse } from '../textiles/insert';
import { sameInsert } from '../room/pillow';
import type { BuyLine } from '../stash/buying';
import { casingNeeds, type CasingNeed } from '../textiles/casing';
import type { PillowPlan } from '../textiles/pillows';

/** Seats or beds with their pillows. */
type Laid = { pillows: readonly PillowPlan[] };
/** Those of a stage, and those of the stages before it, which take from the same stock. */
type OfStage = { laid: readonly Laid[]; before: readonly Laid[] };
type Items = ReadonlyMap<string, Item>;

/** The inserts that the pillows want, by size and fill, against those that are owned. */
export const insertsOf = (laid: readonly Laid[], items: Items): InsertNeed[] =>
  insertNeeds(insertUses(laid), [...items.values()]);

/** What the pillows of some seats or beds take. */
export const insertUses = (laid: readonly Laid[]): InsertUse[] =>
  laid.flatMap((s) =>
    s.pillows.flatMap((p) => (p.insert.insert ? [{ ...p.insert.insert, fill: p.fill }] : [])),
  );

/** What a stage runs short of that those before it did not. */
function shortBy<N extends CasingNeed>(
  all: readonly N[],
  before: readonly N[],
  fillOf: (need: N) => string,
): N[] {
  return all.filter((need) => {
    const known = before.find((n) => sameInsert({ ...n, fill: fillOf(n) }, { ...need, fill: fillOf(need) }));
    return need.buy > (known?.buy ?? 0);
  });
}

/** Inserts that have to be bought for a stage. */
export function judgeInserts(stage: StageName, { laid, before }: OfStage, items: Items): Finding[] {
  const about = laid.flatMap((s) => s.pillows.map((p) => p.placementId));
  const all = insertsOf([...before, ...laid], items);
  return shortBy(all, insertsOf(before, items), ({ fill }) => fill).map(
    ({ widthMm, heightMm, fill, need, have, buy }): Finding => ({
      code: 'inserts-to-buy',
      level: 'caution',
      stage,
      about,
      by: { widthMm, heightMm, fill, need, have, buy },
    }),
  );
}

/** Casings for feathers under loose weaves, by size, against those that are owned. */
const casingsOf = (laid: readonly Laid[], items: Items): CasingNeed[] =>
  casingNeeds(
    laid.flatMap((s) => s.pillows.flatMap((p) => (p.hasCasing && p.insert.insert ? [p.insert.insert] : []))),
    [...items.values()],
  );

const casingsShort = ({ laid, before }: OfStage, items: Items): CasingNeed[] =>
  shortBy(casingsOf([...before, ...laid], items), casingsOf(before, items), () => 'feather');

/** Casings on the list to buy, for all seats and beds together. */
export const casingLines = (laid: readonly Laid[], items: Items): BuyLine[] =>
  casingsOf(laid, items)
    .filter((need) => need.buy > 0)
    .map(({ widthMm, heightMm, need, have, buy }) => ({
      kind: 'casing',
      name: '',
      count: buy,
      widthMm,
      heightMm,
      cost: null,
      need,
      have,
    }));

/** Casings that have to be bought for a stage. */
export function judgeCasings(stage: StageName, of: OfStage, items: Items): Finding[] {
  const about = of.laid.flatMap((s) => s.pillows.filter((p) => p.hasCasing).map((p) => p.placementId));
  return casingsShort(of, items).map(({ widthMm, heightMm, need, have, buy }): Finding => ({
    code: 'casings-to-buy',
    level: 'yielded',
    stage,
    about,
    rule: 'seats.casingSchool',
    by: { widthMm, heightMm, need, have, buy },
  }));
}
