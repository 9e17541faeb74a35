import type { Finding } from '../../model/finding';
import type { Clear, Item, Task } from '../../model/types';
import type { RuleBook } from '../../rules/book';

/** The trade's waiting times, in minutes; a task's own value goes before them. */
const WAITS: Record<Exclude<Task['kind'], 'panels'>, number> = {
  // paint is judged when dry, the next day; carpet powder works a quarter of an hour
  clean: 0,
  mend: 0,
  wash: 0,
  paint: 24 * 60,
  creases: 20,
  carpet: 15,
  dry: 24 * 60,
  parcel: 5 * 24 * 60,
  other: 0,
};

/** How long a task of a kind waits, in minutes. Pressed-paper panels lie in the room by the studio's rule. */
export const waitOf = (kind: Task['kind'], rules: RuleBook): number =>
  kind === 'panels' ? rules.number('walls.acclimatise') * 60 : WAITS[kind];

export type TaskPlan = { task: Task; state: 'open' | 'waiting' | 'over' | 'done'; endsAt: string | null };
export type ClearPlan = {
  counts: Record<'stays' | 'moves' | 'away' | 'letGo' | 'mend' | 'open', number>;
  tasks: TaskPlan[];
  findings: Finding[];
};

const MINUTE = 60_000;

/**
 * Where the clearing of a room stands: verdicts counted, tasks with the moment at which their wait is over,
 * and the cautions that go with them. `now` is an ISO moment.
 */
export function planClear(clear: Clear, items: ReadonlyMap<string, Item>, now?: string): ClearPlan {
  const counts = { stays: 0, moves: 0, away: 0, letGo: 0, mend: 0, open: 0 };
  for (const f of clear.found) counts[f.verdict ?? 'open']++;
  const tasks = clear.tasks.map((task): TaskPlan => {
    if (task.done) return { task, state: 'done', endsAt: null };
    if (task.startedAt === null || task.waitMinutes === 0) return { task, state: 'open', endsAt: null };
    const endsAt = new Date(Date.parse(task.startedAt) + task.waitMinutes * MINUTE).toISOString();
    return { task, state: now !== undefined && endsAt <= now ? 'over' : 'waiting', endsAt };
  });
  const findings: Finding[] = [];
  const find = (code: Finding['code'], level: Finding['level'], about: string[], facts: Finding['by'] = {}) =>
    findings.push({ code, level, stage: 'clear', about, by: facts });
  if (counts.open > 0)
    find(
      'verdicts-open',
      'caution',
      clear.found.filter((f) => f.verdict === null).map((f) => f.id),
      { count: counts.open },
    );
  const waiting = tasks.filter((t) => t.state === 'waiting');
  if (waiting.length > 0)
    find(
      'task-waits',
      'yielded',
      waiting.map((t) => t.task.id),
      { count: waiting.length, tasks: waiting.map((t) => t.task.text) },
    );
  const cleaning = clear.tasks.filter(
    (t) => !t.done && (t.kind === 'clean' || t.kind === 'wash' || t.kind === 'paint' || t.kind === 'carpet'),
  );
  if (cleaning.length > 0)
    find(
      'bleach-alone',
      'caution',
      cleaning.map((t) => t.id),
    );
  const damp = clear.found.filter((f) => {
    const i = items.get(f.itemId);
    return f.verdict === 'away' && i && (i.fill === 'feather' || i.fibre === 'wool' || i.fibre === 'down');
  });
  if (damp.length > 0)
    find(
      'keep-dry',
      'caution',
      damp.map((f) => f.id),
      { names: damp.map((f) => items.get(f.itemId)!.name) },
    );
  return { counts, tasks, findings };
}
