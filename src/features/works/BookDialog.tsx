'use client';
import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import { bookWork } from '../../core/room/bookWork';
import type { WorkPlan } from '../../core/stages/works/planWork';
import { Button } from '../../ui/Button';
import { LazyDialog } from '../../ui/LazyDialog';
import { NumberField, TAKEN } from '../../ui/Field';
import { useRoom } from '../shell/room/RoomContext';
import { useWorkTitle } from './useWorks';

type Props = { planned: WorkPlan; newId: string; onClose: () => void };

/** A work is done: the thing is so from now on. Where there are several of it, how many were done is asked. */
export function BookDialog({ planned, newId, onClose }: Props): ReactNode {
  const t = useTranslations('works');
  const { file, look, change } = useRoom();
  const title = useWorkTitle();
  const { work, target } = planned;
  const item = file.items.find((i) => i.id === work.itemId);
  const owned = item?.count ?? 1;
  const [count, setCount] = useState(Math.min(owned, target.count));
  const book = () => {
    const doneOn = new Date().toISOString().slice(0, 10);
    const name = t('partName', { name: target.name, act: work.act }).slice(0, 80);
    change(bookWork(file, look, work, { doneOn, count, newItem: { id: newId, name } }));
    onClose();
  };
  return (
    <LazyDialog open onClose={onClose} title={title(work, target.name)} closeLabel={t('notYet')}>
      <p className="mb-3">{t('bookNote')}</p>
      {item && owned > 1 && (
        <NumberField
          label={t('howMany', { count: owned })}
          draftKey={`${work.id}-booked`}
          value={count}
          range={[1, owned]}
          whole
          onCommit={(typed) => {
            setCount(typed);
            return TAKEN;
          }}
        />
      )}
      {item && count < owned && <p className="mt-2 text-[14px] text-soft">{t('partNote')}</p>}
      <div className="mt-4 flex gap-2">
        <Button variant="primary" onClick={book}>
          {t('done')}
        </Button>
        <Button onClick={onClose}>{t('notYet')}</Button>
      </div>
    </LazyDialog>
  );
}
