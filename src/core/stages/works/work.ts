import type { SquareMm } from '../../base/units';
import type { Finding } from '../../model/finding';
import type { Work } from '../../model/types';
import type { Amount } from './amount';
import type { WorkTarget } from './target';

/** A work as it is planned: what it takes, how long it has to wait, when it is begun. */
export type WorkPlan = {
  work: Work;
  target: WorkTarget;
  areaMm2: SquareMm;
  amount: Amount;
  /** From the first stroke until it may be used, without the work itself; null where the label has to say it. */
  waitHours: number | null;
  /** Days before the fitting day on which it is begun at the latest; null where the wait is not known. */
  beginDays: number | null;
  /** What has to be bought beside what is left over, in litres or in mm of length; null where nothing is counted. */
  toBuy: number | null;
  findings: readonly Finding[];
};
