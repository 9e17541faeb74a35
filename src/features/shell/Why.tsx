'use client';
import { useTranslations } from 'next-intl';
import { memo, type ReactNode } from 'react';
import type { RuleId } from '../../core/rules/table';
import { useRoomAtRest } from './room/RoomContext';

/** Opens the rule behind a number. */
export const Why = memo(function Why({ rule }: { rule: RuleId }): ReactNode {
  const t = useTranslations();
  const { askWhy } = useRoomAtRest();
  return (
    <button
      type="button"
      onClick={() => askWhy(rule)}
      aria-label={t('why.open', { what: t(`rules.${rule}.name` as 'rules.windows.hem.name') })}
      className="-my-[3px] min-w-[24px] whitespace-nowrap text-[13px] text-soft underline decoration-line underline-offset-[3px] hover:text-ink hover:decoration-ink"
    >
      {t('why.title')}
    </button>
  );
});
