'use client';
import { useTranslations } from 'next-intl';
import type { LengthUnit } from '../../core/base/units';
import { sheetRowWords } from '../../messages/sheetWords';

export function useSheetRows(unit: LengthUnit): ReturnType<typeof sheetRowWords> {
  const t = useTranslations('fitting');
  return sheetRowWords((key, values) => t(key as 'title', values), unit);
}
