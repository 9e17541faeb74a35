'use client';
import { first } from '../../../core/base/list';
import { useTranslations } from 'next-intl';
import { useCallback, useEffect, useRef, useState } from 'react';
import {
  duplicateItemAction,
  itemSheetAction,
  removeItemsAction,
  saveChangedItemAction,
} from '../../../actions/stash';
import type { ItemSheet } from '../../../actions/stashTypes';
import type { Item, StoragePlace } from '../../../core/model/types';
import { useStashRoom } from '../StashContext';
import { untilAnswered } from '../../shell/untilAnswered';
import { useMakePlace } from '../useMakePlace';
import { waiting } from '../waiting';
import type { Problem } from './ItemContext';
import { listWords } from '../../../messages/findingWords';

/** An item's sheet from the studio, and what can be done with the item. */
export function useItemSheet(id: string) {
  const t = useTranslations('stash');
  const { head, refresh, open } = useStashRoom();
  const makePlace = useMakePlace();
  /** Undefined while it is fetched, null where there is no such item any more. */
  const [sheet, setSheet] = useState<ItemSheet | null | undefined>(undefined);
  const [problem, setProblem] = useState<Problem | null>(null);
  const saving = useRef<Promise<void>>(Promise.resolve());
  const load = useCallback(async () => {
    const now = await untilAnswered(
      () => itemSheetAction(id),
      () => setProblem({ text: t('noAnswer') }),
    );
    setSheet(now);
    setProblem((p) => (p?.text === t('noAnswer') ? null : p));
  }, [id, t]);
  useEffect(() => {
    // eslint-disable-next-line react-hooks/set-state-in-effect -- the thing is fetched when its sheet opens
    void load();
  }, [load, head]);

  /** Writes a change; it waits only until the studio has answered, not until the list is fetched again. */
  const write = async (
    previous: Item,
    next: Item,
    { back, answered }: { back: () => void; answered: () => void },
  ): Promise<void> => {
    const result = await untilAnswered(
      () => saveChangedItemAction(previous, next),
      () => setProblem({ text: t('noAnswer') }),
    );
    answered();
    setProblem(null);
    if (result.ok) {
      // it is written; that the list cannot be fetched just now takes nothing back
      await refresh().catch(() => undefined);
      return;
    }
    const issue = result.issues[0];
    back();
    setProblem(
      'item' in issue
        ? { text: t('stale'), current: issue.item }
        : { text: t('refused', { why: `${issue.path.join('.')} ${issue.message}` }) },
    );
  };
  const save = (patch: Partial<Item>): void => {
    if (!sheet) return;
    const { item } = sheet;
    const next = { ...item, ...patch };
    const back = () => setSheet({ ...sheet, item });
    setSheet({ ...sheet, item: next });
    setProblem(null);
    const answered = waiting().keep({ kind: 'item', before: item, after: next });
    // one after the other: a change starts from what the one in front of it made
    saving.current = saving.current
      .then(() => write(item, next, { back, answered }))
      .catch(() => {
        answered();
        back();
        setProblem({ text: t('refused', { why: '' }) });
      });
  };
  /** Puts the item into a place that is made here; the place is written first. */
  const putInto = (place: StoragePlace): void => {
    const placed = makePlace(place, () => setProblem({ text: t('noAnswer') }));
    saving.current = Promise.all([saving.current, placed]).then(() => undefined);
    save({ placeId: place.id });
  };
  const showCurrent = (current: Item): void => {
    if (sheet) setSheet({ ...sheet, item: current });
    setProblem(null);
  };
  const remove = async (): Promise<void> => {
    const result = await removeItemsAction([id]);
    if (result.ok) {
      open(null);
      await refresh();
      return;
    }
    const issue = result.issues[0];
    setProblem({
      text:
        issue.code === 'in-use' ? t('inUse', { name: issue.name, rooms: listWords(issue.rooms) }) : t('gone'),
    });
  };
  const duplicate = async (): Promise<void> => {
    if (!sheet) return;
    const result = await duplicateItemAction(id, t('copyOf', { name: sheet.item.name }));
    if (!result.ok) return;
    await refresh();
    open(first(result.value.ids));
  };
  return { sheet, problem, setProblem, load, save, putInto, showCurrent, remove, duplicate };
}
