'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { Fill } from '../../../core/model/types';
import { FILL_SCHOOLS, type FillSchool } from '../../../core/textiles/insert';
import { RadioGroup } from '../../../ui/RadioGroup';

export const FILLS: readonly Fill[] = ['feather', 'polyester', 'foam'];

/** What a cover is filled with, and how full. */
export function FillChoices({
  fill,
  school,
  onFill,
  onSchool,
}: {
  fill: Fill;
  school: FillSchool;
  onFill: (fill: Fill) => void;
  onSchool: (school: FillSchool) => void;
}): ReactNode {
  const t = useTranslations();
  return (
    <>
      <div className="col-span-2">
        <p className="mb-1 font-narrow text-[13px] text-soft">{t('seats.fill')}</p>
        <RadioGroup
          label={t('seats.fill')}
          value={fill}
          onChange={onFill}
          options={FILLS.map((f) => ({ value: f, label: t(`seats.${f}`) }))}
        />
      </div>
      <div className="col-span-2">
        <p className="mb-1 font-narrow text-[13px] text-soft">{t('inserts.school')}</p>
        <RadioGroup
          label={t('inserts.school')}
          value={school}
          onChange={onSchool}
          options={FILL_SCHOOLS.map((s) => ({ value: s, label: t(`inserts.schools.${s}`) }))}
        />
      </div>
    </>
  );
}
