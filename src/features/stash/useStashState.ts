'use client';
import { useTranslations } from 'next-intl';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { replayStudioAction } from '../../actions/room';
import { stashHeadAction } from '../../actions/stash';
import type { StashHead } from '../../actions/stashTypes';
import type { LengthUnit } from '../../core/base/units';
import { useStashIndex } from './useStashIndex';
import { useToday } from './useToday';
import { sendLeft } from './waiting';

const UNIT_KEY = 'rideau:stash-unit';

/** The stash as the studio has it, its unit in this browser, and undo over it. */
export function useStashState(first: StashHead) {
  const t = useTranslations('stash');
  const tr = useTranslations();
  const [served, setHead] = useState(first);
  const today = useToday(served.today);
  const head = useMemo(() => ({ ...served, today }), [served, today]);
  const { entries, silent, reload } = useStashIndex();
  const [unit, setUnit] = useState<LengthUnit>(first.unit === 'cm' ? 'cm' : 'in');
  const [notice, setNotice] = useState<string | null>(null);
  useEffect(() => {
    queueMicrotask(() => {
      const kept = window.localStorage.getItem(UNIT_KEY);
      if (kept === 'cm' || kept === 'in') setUnit(kept);
    });
  }, []);
  const refresh = useCallback(async () => {
    const [next] = await Promise.all([stashHeadAction(), reload()]);
    setHead(next);
  }, [reload]);
  // what an earlier page typed while nobody answered
  useEffect(() => {
    void sendLeft(() => undefined)
      .then(async ({ taken, refused }) => {
        if (taken + refused === 0) return;
        await refresh();
        const words = [
          taken > 0 ? t('sentLater', { count: taken }) : '',
          refused > 0 ? t('refusedLater', { count: refused }) : '',
        ];
        setNotice(words.filter(Boolean).join(' '));
      })
      .catch(() => undefined);
  }, [refresh, t]);
  const replay = useCallback(
    async (way: 'undo' | 'redo') => {
      const { ok } = await replayStudioAction(way);
      setNotice(ok ? t(way === 'undo' ? 'undone' : 'redone') : tr('shell.standsInWay'));
      await refresh();
    },
    [refresh, t, tr],
  );
  const changeUnit = (next: LengthUnit) => {
    setUnit(next);
    try {
      window.localStorage.setItem(UNIT_KEY, next);
    } catch {
      // a browser without storage keeps no unit
    }
  };
  return {
    head,
    entries,
    silent,
    unit,
    changeUnit,
    refresh,
    replay,
    notice,
    clearNotice: () => setNotice(null),
  };
}
export type StashState = ReturnType<typeof useStashState>;
