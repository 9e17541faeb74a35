import type { Finding, FindingCode, Level } from '../../model/finding';
import type { Work, WorkedOn } from '../../model/types';
import type { RuleId } from '../../rules/table';
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
    by: { ...by, name: target.name, on, act },
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
  if (amount.kind !== 'strips') return [];
  const rollMm = work.strip?.lengthMm ?? null;
  const found: Finding[] = [];
  if (rollMm !== null && amount.rolls === null)
    found.push(
      tell('strip-past-roll', {
        level: 'stop',
        rule: 'works.stripTrim',
        by: { stripMm: amount.stripMm, rollMm },
      }),
    );
  if (work.leftMm !== null && toBuy !== null && toBuy > 0)
    found.push(
      tell('strip-left-short', {
        level: 'caution',
        rule: 'works.stripTrim',
        by: { needMm: amount.lengthMm, leftMm: work.leftMm },
      }),
    );
  return found;
}

/** Cut down to more than there was. */
function grows({ work, target: { extent } }: Planned): boolean {
  if (work.act !== 'cutDown' || !extent) return false;
  const sizes = ['widthMm', 'heightMm', 'depthMm'] as const satisfies readonly (keyof Work['after'])[];
  return sizes.some((size) => (work.after[size] ?? 0) > extent[size]);
}
