'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { relatedRules } from '../../core/rules/related';
import { RULE_TABLE, type RuleId, type RuleRow } from '../../core/rules/table';
import { ScrollArea } from '../../ui/ScrollArea';
import { Words } from '../../ui/Words';
import { useRoom } from './room/RoomContext';
import { valueOf, valueWords, type SchoolKey } from './ruleWords';

/** A longer list of values is counted rather than listed. */
const LISTED = 4;

/** The rules that a rule works together with, each with what it holds. */
export function RelatedRules({ rule: id }: { rule: RuleId }): ReactNode {
  const t = useTranslations();
  const { file, rules, askWhy } = useRoom();
  const related = relatedRules(id);
  const briefValue = (r: RuleId): string => {
    const row: RuleRow = RULE_TABLE[r];
    if (row.shape === 'school') return t(`schools.${rules.school(r) as SchoolKey}`);
    const value = valueOf(r, row, rules);
    return typeof value !== 'number' && value.length > LISTED
      ? t('why.values', { count: value.length })
      : valueWords(value, row, {
          unit: file.room.unit,
          currency: rules.school('stash.currency'),
          suffix: t(`units.${row.unit === 'length' ? 'count' : row.unit}`),
        });
  };
  if (related.length === 0) return null;
  return (
    <section className="mt-4 border-t border-line pt-3">
      <h3 className="mb-1 font-sans text-[14px] font-semibold">{t('why.together')}</h3>
      <ScrollArea label={t('why.together')} className="max-h-[126px]">
        <ul className="pr-3 text-[14px]">
          {related.map((r) => (
            <li key={r} className="flex items-baseline justify-between gap-3 py-[2px]">
              <button
                type="button"
                onClick={() => askWhy(r)}
                className="min-h-[24px] text-left underline decoration-line underline-offset-4 hover:decoration-ink"
              >
                {t(`rules.${r}.name` as 'rules.windows.hem.name')}
              </button>
              <span className="text-right text-soft">
                <Words>{briefValue(r)}</Words>
              </span>
            </li>
          ))}
        </ul>
      </ScrollArea>
    </section>
  );
}
