'use client';
import { useTranslations } from 'next-intl';
import type { Label } from './room/saver';

/** What a change did, in words. */
export function useActWords(): (label: Label) => string {
  const t = useTranslations();
  return (label) => {
    const isRule = label.code === 'setRule' || label.code === 'dropRule';
    const name =
      isRule && label.name ? t(`rules.${label.name}.name` as 'rules.windows.hem.name') : (label.name ?? '');
    return t(`acts.${label.code as 'setRoom'}`, { name });
  };
}
