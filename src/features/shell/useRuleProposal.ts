'use client';
import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { typedFineLength } from '../../core/base/fineLength';
import { parseLength } from '../../core/base/length';
import type { OwnRule } from '../../core/rules/book';
import { checkOwnRule } from '../../core/rules/ownRule';
import { RULE_TABLE, type RuleId, type RuleRow, type RuleValue } from '../../core/rules/table';
import { useLengthIssue } from '../../ui/Field';
import { useRoom } from './room/RoomContext';
import { valueOf } from './ruleWords';

/** What stands between the values of a rule as they are typed. */
const BETWEEN: Partial<Record<RuleRow['shape'], RegExp>> = { range: /\s+[–-]\s+|–/, list: /,\s+|;/ };

export type RuleProposal = { own: OwnRule } | { problem: string };

/** A value or a school of one's own for a rule, while it is typed. */
export function useRuleProposal(id: RuleId) {
  const t = useTranslations();
  const { file, rules } = useRoom();
  const lengthIssue = useLengthIssue(file.room.unit);
  const { unit } = file.room;
  const row: RuleRow = RULE_TABLE[id];
  const asText = (v: RuleValue) =>
    (typeof v === 'number' ? [v] : v)
      .map((n) => {
        if (row.unit === 'length') return typedFineLength(n, unit);
        return row.unit === 'money' ? String(n / 100) : String(Number(n.toFixed(4)));
      })
      .join(row.shape === 'range' ? ' – ' : ', ');
  const [text, setText] = useState(() => (row.shape === 'school' ? '' : asText(valueOf(id, row, rules))));
  const [school, setSchool] = useState(() => rules.school(id));

  const numberOf = (part: string): number | { problem: string } => {
    if (row.unit === 'length') {
      const read = parseLength(part, unit);
      return read.ok ? read.value : { problem: lengthIssue(read.issues[0]) };
    }
    const n = Number(part.replace(',', '.'));
    if (!Number.isFinite(n)) return { problem: t('lengths.not-a-number', { came: part }) };
    return row.unit === 'money' ? Math.round(n * 100) : n;
  };
  /** What is typed, as a value of the studio's own; null when it is what holds already. */
  const propose = (): RuleProposal | null => {
    if (row.shape === 'school') return school === rules.school(id) ? null : { own: { ruleId: id, school } };
    if (text.trim() === asText(valueOf(id, row, rules))) return null;
    const values: number[] = [];
    for (const part of text.split(BETWEEN[row.shape] ?? /\n/)) {
      if (part.trim() === '') continue;
      const value = numberOf(part.trim());
      if (typeof value !== 'number') return value;
      values.push(value);
    }
    const value = row.shape === 'number' && values.length === 1 ? values[0] : values;
    const proposed: OwnRule = { ruleId: id, value };
    const issue = checkOwnRule(proposed);
    return issue ? { problem: t('why.refused', { why: t(`why.issues.${issue.code}`) }) } : { own: proposed };
  };
  return { text, setText, school, setSchool, proposal: propose() };
}
