'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { Look } from '../../core/model/types';
import { occasionOf } from '../../core/plan/occasion';
import { Button } from '../../ui/Button';
import { useRoom } from './room/RoomContext';

/** How much of a look is there for the occasion only, and all of it off in one act. */
export function OccasionLine({ look }: { look: Look }): ReactNode {
  const t = useTranslations('look');
  const { look: shown, plan, change } = useRoom();
  // where things stand is known of the look that is open
  if (look.id !== shown.id) return null;
  const { count, takeOff } = occasionOf(look, plan.placed);
  return (
    <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1.5 border-t border-line pt-3 text-[14px]">
      <span>{t('occasion', { count })}</span>
      <Button small disabled={count === 0} onClick={() => change(takeOff)}>
        {t('occasionOff')}
      </Button>
    </div>
  );
}
