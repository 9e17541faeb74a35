'use client';
import { useTranslations } from 'next-intl';
import { formatLength } from '../../core/base/length';
import type { LengthUnit } from '../../core/base/units';
import type { Label } from './room/saver';

/** What a change did, in words; its lengths in the room's unit. */
export function useActWords(unit: LengthUnit = 'in'): (label: Label) => string {
  const t = useTranslations();
  const actWords = ({ code, name: ownName, field, mm }: Label): string => {
    const isRule = code === 'setRule' || code === 'dropRule';
    const name = isRule && ownName ? t(`rules.${ownName}.name` as 'rules.windows.hem.name') : (ownName ?? '');
    if (mm === undefined) {
      const key = `actsOf.${field as 'route'}` as const;
      return field !== undefined && t.has(key) ? t(key, { name }) : t(`acts.${code as 'setRoom'}`, { name });
    }
    const key = `actsTo.${field as 'other'}` as const;
    return t(t.has(key) ? key : 'actsTo.other', { name, to: formatLength(mm, unit) });
  };
  return (label) =>
    label.more ? t('actsMore', { act: actWords(label), count: label.more }) : actWords(label);
}
