'use client';
import { useTranslations } from 'next-intl';
import { formatLength } from '../../core/base/length';
import type { Answer } from '../../ui/Field';
import { useRoom } from '../shell/room/RoomContext';

/** A length that would do, to name one. */
const EXAMPLE_MM = 1000;

/** Accepts a length above zero and refuses anything else with an example. */
export function usePositive(): (mm: number, take: () => Answer) => Answer {
  const t = useTranslations('measureIssues');
  const { unit } = useRoom().file.room;
  return (mm, take) =>
    mm > 0
      ? take()
      : { took: false, message: t('not-positive', { example: formatLength(EXAMPLE_MM, unit) }) };
}
