'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatLength } from '../../../core/base/length';
import { formatMoney } from '../../../core/base/money';
import type { Wish } from '../../../core/model/types';
import { Button } from '../../../ui/Button';
import { Words } from '../../../ui/Words';
import { useStashRoom } from '../StashContext';

/** What is looked for, and that it is there now. */
export function WishLine({ wish, onFound }: { wish: Wish; onFound: (count: number) => void }): ReactNode {
  const t = useTranslations('wish');
  const { rules } = useStashRoom();
  const long = (mm: number) => formatLength(mm, rules.unit);
  const [[leastWidth, mostWidth], [leastHeight, mostHeight]] = [wish.widthMm, wish.heightMm];
  return (
    <div className="mb-2 flex items-center justify-between gap-3 border border-dashed border-ink px-3 py-2 text-[14px]">
      <span>
        <Words>
          {t('line', {
            count: wish.count,
            widthFrom: long(leastWidth),
            width: long(mostWidth),
            heightFrom: long(leastHeight),
            height: long(mostHeight),
          })}
        </Words>{' '}
        {wish.mostPrice !== null &&
          t('lineMost', { most: formatMoney(wish.mostPrice, rules.school('stash.currency')) })}
      </span>
      <Button variant="primary" small onClick={() => onFound(wish.count)}>
        {t('found')}
      </Button>
    </div>
  );
}
