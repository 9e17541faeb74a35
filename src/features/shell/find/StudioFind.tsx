'use client';
import { useTranslations } from 'next-intl';
import dynamic from 'next/dynamic';
import type { ReactNode } from 'react';
import { FindAndHelp } from './FindAndHelp';

const FindInStudio = dynamic(() => import('./FindInStudio').then((m) => m.FindInStudio), {
  loading: () => null,
});

/** Finding and the keys, where no room is open. */
export function StudioFind({
  keys = [],
  onThing,
}: {
  /** Keys of the page beside those that all have. */ keys?: readonly string[];
  onThing?: (id: string) => void;
}): ReactNode {
  const t = useTranslations('keys');
  return (
    <FindAndHelp
      keys={[t('find'), ...keys, t('help')]}
      find={(onClose) => <FindInStudio onClose={onClose} {...(onThing ? { onThing } : {})} />}
    />
  );
}
