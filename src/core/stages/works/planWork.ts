import type { Work, WorkAct } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';
import { amountOf, lengthTaken, workedArea, type Amount } from './amount';
import { judgeWork } from './judgeWork';
import type { WorkPlan } from './work';
import type { WorkTarget } from './target';

export type { WorkPlan } from './work';

/** What is left open by these acts is known: they need no drying. */
const DRY: ReadonlySet<WorkAct> = new Set([
  'sand',
  'wrap',
  'cloth',
  'recover',
  'cutDown',
  'sew',
  'apart',
  'pulls',
]);
const COATED: ReadonlySet<WorkAct> = new Set(['paint', 'stain']);
const HOURS_PER_DAY = 24;

export function planWork(
  work: Work,
  target: WorkTarget,
  given: { rules: RuleBook; rented: boolean },
): WorkPlan {
  const { rules } = given;
  const amount = amountOf({ work, target, rules });
  const waitHours = waitOf(work, rules);
  const planned = {
    work,
    target,
    areaMm2: workedArea(work, target),
    amount,
    waitHours,
    beginDays: waitHours === null ? null : Math.ceil((waitHours + (work.minutes ?? 0) / 60) / HOURS_PER_DAY),
    toBuy: toBuyOf(work, amount),
  };
  return { ...planned, findings: work.doneOn === null ? judgeWork(planned, given) : [] };
}

/** Between coats, and until the last one is dry enough to be judged; glue, film and dye by their label. */
function waitOf({ act, coats, waitHours }: Work, rules: RuleBook): number | null {
  const between = COATED.has(act) ? (coats - 1) * rules.number('works.betweenCoats') : 0;
  if (waitHours !== null) return between + waitHours;
  if (COATED.has(act)) return between + rules.number('works.judgeAfter');
  return DRY.has(act) ? 0 : null;
}

/** The rule by which each amount is reckoned. */
const AMOUNT_RULES: Partial<Record<Amount['kind'], RuleId>> = {
  litres: 'works.cover',
  strips: 'works.stripTrim',
  sheet: 'works.turnIn',
  pulls: 'works.holesApart',
};

/** The rules that a work's amount and its wait come from; null where they are as somebody typed them. */
export const rulesOfWork = ({ work, amount }: WorkPlan): { amount: RuleId | null; wait: RuleId | null } => {
  const ownWait = work.coats > 1 ? 'works.betweenCoats' : null;
  const wait = work.waitHours === null ? 'works.judgeAfter' : ownWait;
  return { amount: AMOUNT_RULES[amount.kind] ?? null, wait: COATED.has(work.act) ? wait : null };
};

function toBuyOf({ leftLitres, leftMm }: Work, amount: Amount): number | null {
  if (amount.kind === 'litres') return Math.max(0, amount.litres - (leftLitres ?? 0));
  const lengthMm = lengthTaken(amount);
  return lengthMm === null ? null : Math.max(0, lengthMm - (leftMm ?? 0));
}
