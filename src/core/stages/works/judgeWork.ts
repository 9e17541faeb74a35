import type { Finding, FindingCode, Level } from '../../model/finding';
import type { Work, WorkedOn } from '../../model/types';
import type { RuleId } from '../../rules/table';
import { lengthTaken, type Amount } from './amount';
import type { WorkPlan } from './work';

type Planned = Omit<WorkPlan, 'findings'>;
type Told = { level: Level; rule?: RuleId; by?: Finding['by'] };

/** What belongs to the house. */
const BUILT: ReadonlySet<WorkedOn> = new Set(['walls', 'wall', 'trim', 'floor', 'fitting']);
/** What may have old paint on it: sanding sets it free. */
const PAINTED: ReadonlySet<WorkedOn> = new Set([...BUILT, 'piece']);

/** What is open before a work is begun. */
export function judgeWork(planned: Planned, { rented }: { rented: boolean }): Finding[] {
  const { work, target, amount } = planned;
  const { act, on } = work;
  const tell = (code: FindingCode, { level, rule, by = {} }: Told): Finding => ({
    code,
    level,
    stage: 'works',
    about: [work.id],
    ...(rule ? { rule } : {}),
    by: { ...by, name: target.name, on, act, ...(on === 'wall' ? { wallId: target.wallId ?? '' } : {}) },
  });
  const found: Finding[] = [];
  if (!target.isOwned) found.push(tell('work-not-owned', { level: 'caution' }));
  if (!target.isUsed) found.push(tell('work-unused', { level: 'caution' }));
  if (grows(planned)) found.push(tell('work-grows', { level: 'stop' }));
  if (rented && BUILT.has(on) && work.undo !== 'yes') found.push(tell('work-rented', { level: 'caution' }));
  if (act === 'sand' && PAINTED.has(on)) found.push(tell('work-old-paint', { level: 'caution' }));
  if (work.trial === 'toDo') found.push(tell('work-untried', { level: 'caution' }));
  if (planned.waitHours === null) found.push(tell('work-wait-open', { level: 'caution' }));
  if (amount.kind === 'open') found.push(tell('work-size-open', { level: 'caution' }));
  if (amount.kind === 'pulls' && amount.holes.meetMm !== null)
    found.push(
      tell('pull-holes-meet', {
        level: 'caution',
        rule: 'works.holesApart',
        by: { byMm: amount.holes.meetMm },
      }),
    );
  return [...found, ...judgeLeft(planned, tell)];
}

type Tell = (code: FindingCode, told: Told) => Finding;

/** Whether what is left over is enough, and a strip comes whole out of a roll. */
function judgeLeft({ work, amount, toBuy }: Planned, tell: Tell): Finding[] {
  if (amount.kind === 'litres' && work.leftLitres !== null) {
    const by = { needLitres: amount.litres, leftLitres: work.leftLitres };
    const isEnough = toBuy === 0;
    return [
      tell(isEnough ? 'paint-left-enough' : 'paint-left-short', {
        level: isEnough ? 'ok' : 'caution',
        rule: 'works.cover',
        by,
      }),
    ];
  }
  return [...judgeRoll(work, amount, tell), ...judgeLeftLength({ work, amount, toBuy }, tell)];
}

/** Whether what is cut comes whole out of the roll. */
function judgeRoll({ strip }: Work, amount: Amount, tell: Tell): Finding[] {
  if (strip === null) return [];
  if (amount.kind === 'strips' && strip.lengthMm !== null && amount.rolls === null) {
    const by = { stripMm: amount.stripMm, rollMm: strip.lengthMm };
    return [tell('strip-past-roll', { level: 'stop', rule: 'works.stripTrim', by })];
  }
  if (amount.kind !== 'sheet' || amount.cut !== undefined) return [];
  const by = { wideMm: amount.widthMm, highMm: amount.heightMm, rollMm: strip.widthMm };
  return [tell('sheet-past-roll', { level: 'stop', rule: 'works.turnIn', by })];
}

/** Whether what is left over from elsewhere is as long as it takes. */
function judgeLeftLength(
  { work, amount, toBuy }: Pick<Planned, 'work' | 'amount' | 'toBuy'>,
  tell: Tell,
): Finding[] {
  const needMm = lengthTaken(amount);
  if (work.leftMm === null || needMm === null || toBuy === null || toBuy <= 0) return [];
  const rule = amount.kind === 'sheet' ? 'works.turnIn' : 'works.stripTrim';
  return [tell('strip-left-short', { level: 'caution', rule, by: { needMm, leftMm: work.leftMm } })];
}

/** Cut down to more than there was. */
function grows({ work, target: { extent } }: Planned): boolean {
  if (work.act !== 'cutDown' || !extent) return false;
  const sizes = ['widthMm', 'heightMm', 'depthMm'] as const satisfies readonly (keyof Work['after'])[];
  return sizes.some((size) => (work.after[size] ?? 0) > extent[size]);
}
