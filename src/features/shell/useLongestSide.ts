'use client';
import { useTranslations } from 'next-intl';
import { formatLength } from '../../core/base/length';
import type { LengthUnit, Mm } from '../../core/base/units';
import type { Item } from '../../core/model/types';
import { longestSide } from '../../core/stash/itemSize';
import type { Answer } from '../../ui/Field';

/** Accepts a side that a kind of thing can have and refuses any other, in words. */
export function useLongestSide(kind: Item['kind'], unit: LengthUnit) {
  const t = useTranslations('stash');
  return (mm: Mm, take: () => Answer): Answer => {
    if (mm <= 0) return { took: false, message: t('moreThanNothing') };
    const longest = longestSide(kind);
    return mm > longest
      ? { took: false, message: t('tooLong', { longest: formatLength(longest, unit) }) }
      : take();
  };
}
