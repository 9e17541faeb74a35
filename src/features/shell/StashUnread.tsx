'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { useStashIsUnread } from './useStash';

/** Says that a list is empty because the studio could not be reached, and not because nothing is owned. */
export function StashUnread(): ReactNode {
  const t = useTranslations('shell');
  return useStashIsUnread() ? (
    <p role="status" className="py-1 text-[14px] text-soft">
      {t('stashUnread')}
    </p>
  ) : null;
}
