import { useTranslations } from 'next-intl';
import type { Say } from '../../messages/workWords';

/** Words of the fitting sheet, which say of a work here what they say there. */
export function useSay(): Say {
  const t = useTranslations('fitting');
  return (key, values) => t(key as 'title', values);
}
