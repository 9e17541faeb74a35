import { expose } from 'comlink';
import type { LengthUnit } from '../../core/base/units';
import { ruleBook, type OwnRule } from '../../core/rules/book';
import {
  cuttingOf,
  mostOf,
  type CoverToCut,
  type CutCloth,
  type Cutting,
} from '../../core/textiles/clothCuts';

/** A cloth and the studio's rules, which a worker makes its book of. */
export type CutAsk = { item: CutCloth; rules: readonly OwnRule[]; unit: LengthUnit };
export type CutWorker = typeof worker;
const worker = {
  plan: ({ item, rules, unit }: CutAsk): Cutting => cuttingOf(item, ruleBook(rules, unit)),
  most: ({ item, rules, unit }: CutAsk, cover: CoverToCut): number =>
    mostOf(cover, item, ruleBook(rules, unit)),
};
expose(worker);
