'use client';
import { TASK_KINDS } from '../../core/model/values/clear';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { useEffect, useState, type ReactNode } from 'react';
import type { Task } from '../../core/model/types';
import { planClear, waitOf } from '../../core/stages/clear/planClear';
import { Button } from '../../ui/Button';
import { Select } from '../../ui/Select';
import { Checkbox } from '../../ui/Checkbox';
import { NumberField, TAKEN, TextField } from '../../ui/Field';
import { useRoom } from '../shell/room/RoomContext';
import { RemoveButton } from '../../ui/RemoveButton';

const MINUTE = 60_000;

/** Cleaning and mending as tasks, with the trade's waiting times. */
export function TaskList(): ReactNode {
  const t = useTranslations('clear');
  const { file, change, rules } = useRoom();
  const [kind, setKind] = useState<Task['kind']>('clean');
  const [now, setNow] = useState<string | null>(null);
  useEffect(() => {
    const tick = () => setNow(new Date().toISOString());
    queueMicrotask(tick);
    const timer = setInterval(tick, 20_000);
    return () => clearInterval(timer);
  }, []);
  const { tasks } = planClear(file.clear, new Map(file.items.map((i) => [i.id, i])), now ?? undefined);
  const put = (task: Task) => change([{ do: 'putTask', task }]);
  const wait = (minutes: number) => {
    if (minutes >= 2 * 24 * 60) return t('days', { n: Math.round(minutes / 1440) });
    return minutes >= 120 ? t('hours', { n: Math.round(minutes / 60) }) : t('minutes', { n: minutes });
  };
  return (
    <div>
      <div data-worksheet className="grid grid-cols-[1fr_128px] gap-x-3 border-b border-line pb-3">
        <TextField
          label={t('taskNew')}
          draftKey={`${file.room.id}-task-new`}
          value=""
          placeholder={t('taskExample')}
          onCommit={(text) => {
            if (text)
              put({
                id: nanoid(8),
                kind,
                text: text.slice(0, 200),
                itemId: null,
                waitMinutes: waitOf(kind, rules),
                startedAt: null,
                done: false,
              });
            return TAKEN;
          }}
        />
        <Select
          label={t('taskKind')}
          value={kind}
          options={TASK_KINDS.map((k) => ({ value: k, label: t(`tasks.${k}`) }))}
          onChange={setKind}
        />
      </div>
      <ul>
        {tasks.map(({ task, state, endsAt }) => {
          const left =
            endsAt && now ? Math.max(0, Math.ceil((Date.parse(endsAt) - Date.parse(now)) / MINUTE)) : null;
          return (
            <li key={task.id} className="border-b border-line py-2 text-[14px]">
              <div className="flex items-baseline gap-2">
                <Checkbox checked={task.done} onChange={(checked) => put({ ...task, done: checked })}>
                  <span className={task.done ? 'text-soft line-through' : ''}>{task.text}</span>
                </Checkbox>
                <RemoveButton
                  label={t('strike', { text: task.text })}
                  onClick={() => change([{ do: 'removeTask', id: task.id }])}
                />
              </div>
              {!task.done && (
                <div className="ml-5 mt-1 flex flex-wrap items-end gap-x-3 gap-y-1 text-[13px] text-soft">
                  <span>{t(`tasks.${task.kind}`)}</span>
                  <NumberField
                    className="w-[92px]"
                    label={t('waitMinutes')}
                    size="small"
                    draftKey={`${file.room.id}-task-${task.id}-wait`}
                    value={task.waitMinutes}
                    suffix="min"
                    step={5}
                    range={[0, 1_000_000]}
                    whole
                    onCommit={(n) => {
                      put({ ...task, waitMinutes: n });
                      return TAKEN;
                    }}
                  />
                  {task.waitMinutes > 0 && <span>{wait(task.waitMinutes)}</span>}
                  {state === 'open' && task.waitMinutes > 0 && (
                    <Button small onClick={() => put({ ...task, startedAt: new Date().toISOString() })}>
                      {t('startWait')}
                    </Button>
                  )}
                  {state === 'waiting' && (
                    <span role="timer" className="text-ink">
                      {left === null ? '' : t('left', { time: wait(left) })}
                    </span>
                  )}
                  {state === 'over' && <span className="font-semibold text-ink">{t('over')}</span>}
                  {task.startedAt && (
                    <Button small variant="quiet" onClick={() => put({ ...task, startedAt: null })}>
                      {t('stopWait')}
                    </Button>
                  )}
                </div>
              )}
            </li>
          );
        })}
      </ul>
      {tasks.some((x) => x.endsAt) && (
        <p className="mt-2">
          <a
            href="/api/stash/returns.ics"
            className="text-[14px] underline decoration-line underline-offset-4"
          >
            {t('calendar')}
          </a>
        </p>
      )}
    </div>
  );
}
