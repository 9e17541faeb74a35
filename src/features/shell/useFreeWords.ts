'use client';
import { useTranslations } from 'next-intl';
import { useCallback } from 'react';
import type { StashRow } from './useStash';

/**
 * How many of a thing are free: not in this look, and in the look's season not in another room; that room is named. The
 * same everywhere that something of the stash is offered.
 */
export function useFreeWords(): (row: Pick<StashRow, 'count' | 'elsewhere'>, usedHere: number) => string {
  const t = useTranslations('shell');
  return useCallback(
    ({ count, elsewhere }, usedHere) => {
      const free = Math.max(0, count - usedHere - (elsewhere?.count ?? 0));
      return elsewhere ? t('freeElsewhere', { free, room: elsewhere.room }) : t('free', { free, count });
    },
    [t],
  );
}
