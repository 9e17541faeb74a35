'use client';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { useState, type ReactNode } from 'react';
import { first } from '../../core/base/list';
import { sum } from '../../core/base/units';
import { WORK_ACTS } from '../../core/model/values/look';
import type { WorkAct } from '../../core/model/types';
import type { WorkPlan } from '../../core/stages/works/planWork';
import { amountWords, timeWords } from '../../messages/workWords';
import { Button } from '../../ui/Button';
import { Disclosure } from '../../ui/Collapsible';
import { Select } from '../../ui/Select';
import { Words } from '../../ui/Words';
import { Findings } from '../shell/Findings';
import { useRoom } from '../shell/room/RoomContext';
import { useMoney } from '../shell/useMoney';
import { usePaint } from '../shell/usePaint';
import { Numeral, SheetTitle } from '../shell/Workspace';
import { newWork, useWorkables, useWorkTitle, wallOfWork } from './useWorks';
import { useSay } from './useSay';

const WorkForm = dynamic(() => import('./WorkForm').then((m) => m.WorkForm), { loading: () => null });

/** Worksheet of a look's works: what they come to, each of them, and what is open. */
export function WorkSheet(): ReactNode {
  const t = useTranslations('works');
  const { look, plan, picked } = useRoom();
  const open = plan.works.find((w) => w.work.id === picked);
  const findings = plan.findings.filter(
    (f) => f.stage === 'works' && (!open || f.about.includes(open.work.id)),
  );
  return (
    <>
      <SheetTitle detail={t('what')}>{t('title', { look: look.name })}</SheetTitle>
      {plan.works.length > 0 && <Sums />}
      <ol>
        {plan.works.map((planned) => (
          <WorkRow key={planned.work.id} planned={planned} />
        ))}
      </ol>
      <AddWork />
      <Findings findings={findings} title={t('checks')} />
    </>
  );
}

/** Cost, hours and the day on which the first of them is begun. What is not known is said to be unknown. */
function Sums(): ReactNode {
  const t = useTranslations('works');
  const { plan } = useRoom();
  const money = useMoney();
  const say = useSay();
  const toDo = plan.works.filter(({ work }) => work.doneOn === null);
  const unpriced = toDo.filter(({ work }) => work.cost === null).length;
  const untimed = toDo.filter(({ work }) => work.minutes === null).length;
  const begin = Math.max(0, ...toDo.map(({ beginDays }) => beginDays ?? 0));
  return (
    <div className="mb-3 grid grid-cols-2 gap-x-5">
      <Numeral label={t('cost')} note={unpriced > 0 ? t('unpriced', { count: unpriced }) : t('allPriced')}>
        {unpriced === toDo.length && unpriced > 0
          ? t('notKnown')
          : money(sum(toDo.map(({ work }) => work.cost ?? 0)))}
      </Numeral>
      <Numeral
        label={t('time')}
        note={untimed > 0 ? t('untimed', { count: untimed }) : t('begin', { days: begin })}
      >
        {untimed === toDo.length && untimed > 0
          ? t('notKnown')
          : timeWords(sum(toDo.map(({ work }) => work.minutes ?? 0)), say)}
      </Numeral>
    </div>
  );
}

function WorkRow({ planned }: { planned: WorkPlan }): ReactNode {
  const t = useTranslations('works');
  const { file, picked, pick, setWall } = useRoom();
  const paint = usePaint();
  const title = useWorkTitle();
  const say = useSay();
  const { work, target, amount } = planned;
  const open = picked === work.id;
  const colour = work.after.colours?.[0];
  const wallId = wallOfWork(planned);
  const said =
    work.doneOn === null ? amountWords(amount, say, file.room.unit) : t('doneOn', { day: work.doneOn });
  return (
    <li className={`-mx-2 border-b border-line px-2 ${open ? 'my-1 border-2 border-ink bg-white' : ''}`}>
      <Disclosure
        open={open}
        onOpenChange={(next) => {
          pick(next ? work.id : null);
          if (next && wallId) setWall(wallId);
        }}
        triggerClass="grid w-full grid-cols-[20px_1fr] items-start gap-x-2.5 py-1.5 text-left text-[14px]"
        trigger={
          <>
            <svg width="20" height="20" aria-hidden="true" className="mt-0.5 border border-line">
              <rect width="20" height="20" fill={colour ? paint(colour) : 'none'} />
            </svg>
            <span>
              <span className="font-semibold leading-tight">{title(work, target.name)}</span>
              {!open && (
                <span className="block text-soft">
                  <Words>{said}</Words>
                </span>
              )}
            </span>
          </>
        }
      >
        <WorkForm planned={planned} />
      </Disclosure>
    </li>
  );
}

/** What is done to what, put on the list. */
function AddWork(): ReactNode {
  const t = useTranslations('works');
  const { look, change, pick, setWall } = useRoom();
  const workables = useWorkables();
  const [act, setAct] = useState<WorkAct>('paint');
  const [key, setKey] = useState(first(workables).key);
  const target = workables.find((w) => w.key === key) ?? first(workables);
  const add = () => {
    const id = nanoid(10);
    change([{ do: 'putWork', lookId: look.id, work: newWork(id, act, target) }]);
    pick(id);
    if (target.on === 'wall' && target.of) setWall(target.of);
  };
  return (
    <div className="mb-4 mt-3 grid grid-cols-[1fr_1fr_auto] items-end gap-3">
      <Select
        label={t('act')}
        value={act}
        options={WORK_ACTS.map((value) => ({ value, label: t(`acts.${value}`) }))}
        onChange={setAct}
      />
      <Select
        label={t('on')}
        value={target.key}
        options={workables.map((w) => ({ value: w.key, label: w.name }))}
        onChange={setKey}
      />
      <Button small variant="primary" onClick={add}>
        {t('add')}
      </Button>
    </div>
  );
}
