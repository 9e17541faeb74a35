'use client';
import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import { formatLength, parseLength, typedLength } from '../../core/base/length';
import type { LengthUnit } from '../../core/base/units';
import { planLook } from '../../core/plan/planLook';
import { checkOwnRule, type OwnRule, type RuleBook } from '../../core/rules/book';
import { relatedRules } from '../../core/rules/related';
import { RULE_TABLE, defaultValue, type RuleId, type RuleRow, type RuleValue } from '../../core/rules/table';
import { Button } from '../../ui/Button';
import { RadioGroup } from '../../ui/RadioGroup';
import { Dialog } from '../../ui/Dialog';
import { useLengthIssue } from '../../ui/Field';
import { Words } from '../../ui/Words';
import { useRoom } from './room/RoomContext';
import { useFindingWords } from './useWords';
import { planDifferences } from './planDifferences';

type SchoolKey =
  | 'high'
  | 'twoThirds'
  | 'overFrame'
  | 'shared'
  | 'each'
  | 'eachPanel'
  | 'oneLength'
  | 'pair'
  | 'single'
  | 'cost'
  | 'fit'
  | 'work'
  | 'centre'
  | 'gap';

function valueWords(value: RuleValue, row: RuleRow, unit: LengthUnit, suffix: string): string {
  const one = (v: number) => {
    if (row.unit === 'length') return formatLength(v, unit);
    if (row.unit === 'area') return `${(v / 1e6).toFixed(2)}`;
    return row.unit === 'money' ? (v / 100).toFixed(2) : String(Number(v.toFixed(3)));
  };
  const words = [value]
    .flat()
    .map(one)
    .join(row.shape === 'range' ? ' – ' : ', ');
  return suffix && row.unit !== 'length' ? `${words} ${suffix}` : words;
}

/**
 * The rule behind a number. It stays open while one goes from a rule to those that it works together with.
 */
export function WhyDialog({ rule, onClose }: { rule: RuleId; onClose: () => void }): ReactNode {
  const t = useTranslations();
  return (
    <Dialog
      open
      onClose={onClose}
      title={t(`rules.${rule}.name` as 'rules.windows.hem.name')}
      closeLabel={t('shell.close')}
    >
      <RuleSheet key={rule} rule={rule} onClose={onClose} />
    </Dialog>
  );
}

/**
 * A rule with its value, school, reason and source; the studio may set its own, and sees first what that
 * changes here.
 */
function RuleSheet({ rule: id, onClose }: { rule: RuleId; onClose: () => void }): ReactNode {
  const t = useTranslations();
  const { file, look, plan, rules, change, askWhy } = useRoom();
  const lengthIssue = useLengthIssue(file.room.unit);
  const findingWords = useFindingWords(file, plan);
  const unit = file.room.unit;
  const row: RuleRow = RULE_TABLE[id];
  const own = file.rules.find((r) => r.ruleId === id);
  const current = valueOf(id, row, rules);
  const asText = (v: RuleValue) =>
    (typeof v === 'number' ? [v] : v)
      .map((n) => {
        if (row.unit === 'length') return typedLength(n, unit);
        return row.unit === 'money' ? String(n / 100) : String(Number(n.toFixed(4)));
      })
      .join(row.shape === 'range' ? ' – ' : ', ');
  const [text, setText] = useState(() => (row.shape === 'school' ? '' : asText(current)));
  const [school, setSchool] = useState(() => rules.school(id));
  const wordsOf = (path: string) => t(`rules.${id}.${path}` as 'rules.windows.hem.name');

  const proposal = propose();
  const next =
    proposal && 'own' in proposal
      ? planLook(file, {
          lookId: look.id,
          rules: [...file.rules.filter((r) => r.ruleId !== id), proposal.own],
        })
      : null;
  const differences = next && planDifferences(plan, next);

  const keep = () => {
    if (!proposal || !('own' in proposal)) return;
    change([{ do: 'setRule', rule: proposal.own }]);
    onClose();
  };
  const suffix = t(`units.${row.unit === 'length' ? 'count' : row.unit}`);
  const schoolWords = (s: string) => t(`schools.${s as SchoolKey}`);
  const related = relatedRules(id);
  const briefValue = (r: RuleId): string => {
    const of: RuleRow = RULE_TABLE[r];
    if (of.shape === 'school') return schoolWords(rules.school(r));
    const all = valueOf(r, of, rules);
    return typeof all !== 'number' && all.length > 4
      ? t('why.values', { count: all.length })
      : valueWords(all, of, unit, t(`units.${of.unit === 'length' ? 'count' : of.unit}`));
  };
  const source = row.mark === 'PUB' ? wordsOf('source') : t(`why.${row.mark}`);
  /** What is typed, as a value of the studio's own; null when it is what holds already. */
  function propose(): { own: OwnRule } | { problem: string } | null {
    if (row.shape === 'school') return school === rules.school(id) ? null : { own: { ruleId: id, school } };
    if (text.trim() === asText(current)) return null;
    const parts = text
      .split(BETWEEN[row.shape] ?? /\n/)
      .map((p) => p.trim())
      .filter(Boolean);
    const values: number[] = [];
    for (const part of parts) {
      if (row.unit === 'length') {
        const read = parseLength(part, unit);
        if (!read.ok) return { problem: lengthIssue(read.issues[0]!) };
        values.push(read.value);
      } else {
        const n = Number(part.replace(',', '.'));
        if (!Number.isFinite(n)) return { problem: t('lengths.not-a-number', { came: part }) };
        values.push(row.unit === 'money' ? Math.round(n * 100) : n);
      }
    }
    const value = row.shape === 'number' && values.length === 1 ? values[0] : values;
    const proposed: OwnRule = { ruleId: id, value };
    const issue = checkOwnRule(proposed);
    return issue ? { problem: t('why.refused', { why: t(`why.issues.${issue.code}`) }) } : { own: proposed };
  }

  return (
    <>
      <p className="mb-1 text-[24px]">
        <Words>
          {row.shape === 'school' ? schoolWords(rules.school(id)) : valueWords(current, row, unit, suffix)}
        </Words>
      </p>
      <p className="mb-3 text-[13px] text-soft">{own ? t('why.own') : t('why.default')}</p>
      <dl className="grid grid-cols-[76px_1fr] gap-x-3 gap-y-1.5 text-[14px]">
        <dt className="text-soft">{t('why.reason')}</dt>
        <dd>{wordsOf('reason')}</dd>
        {row.schools && (
          <>
            <dt className="text-soft">{t('why.school')}</dt>
            <dd>{row.schools.map(schoolWords).join('; ')}</dd>
          </>
        )}
        <dt className="text-soft">{t('why.source')}</dt>
        <dd>{source}</dd>
      </dl>
      <div className="mt-4 border-t border-line pt-3">
        <h3 className="mb-2 font-sans text-[14px] font-semibold">{t('why.setOwn')}</h3>
        {row.shape === 'school' ? (
          <RadioGroup
            label={t('why.school')}
            value={school}
            onChange={setSchool}
            options={row.schools!.map((s) => ({ value: s, label: schoolWords(s) }))}
          />
        ) : (
          <label className="block">
            <span className="sr-only">{t('why.value')}</span>
            <input
              value={text}
              onChange={(e) => setText(e.target.value)}
              onKeyDown={(e) => {
                if (e.key === 'Enter') keep();
              }}
              className="w-full border-b border-ink bg-transparent py-1 text-[18px] outline-none focus-visible:outline-2"
              aria-invalid={proposal !== null && 'problem' in proposal}
            />
            {row.shape === 'list' && <span className="text-[13px] text-soft">{t('why.listHint')}</span>}
          </label>
        )}
        {proposal && 'problem' in proposal && (
          <p role="alert" className="mt-1 text-[13px]">
            {proposal.problem}
          </p>
        )}
        {differences && (
          <section className="mt-3" aria-live="polite">
            <h3 className="mb-1 font-sans text-[14px] font-semibold">{t('why.changes')}</h3>
            {differences.amounts.length + differences.gone.length + differences.come.length === 0 ? (
              <p className="text-[14px]">{t('why.changesNone')}</p>
            ) : (
              <ul
                className="max-h-[190px] space-y-1 overflow-y-auto text-[14px]"
                tabIndex={0}
                aria-label={t('why.changes')}
              >
                {differences.amounts.map((a) => (
                  <li key={a.key}>
                    <Words>
                      {t('why.was', {
                        what: t(`quantities.${a.what}`, { name: a.name }),
                        from: a.isLength ? formatLength(a.from, unit) : String(a.from),
                        to: a.isLength ? formatLength(a.to, unit) : String(a.to),
                      })}
                    </Words>
                  </li>
                ))}
                {differences.come.map((f, i) => (
                  <li key={`c${i}`}>
                    <Words>{t('why.new', { what: findingWords(f) })}</Words>
                  </li>
                ))}
                {differences.gone.map((f, i) => (
                  <li key={`g${i}`}>
                    <Words>{t('why.gone', { what: findingWords(f) })}</Words>
                  </li>
                ))}
              </ul>
            )}
          </section>
        )}
        <div className="mt-4 flex gap-2">
          <Button look="strong" disabled={!proposal || 'problem' in proposal} onClick={keep}>
            {t('why.keep')}
          </Button>
          {own && (
            <Button
              onClick={() => {
                change([{ do: 'dropRule', ruleId: id }]);
                onClose();
              }}
            >
              <Words>{`${t('why.back')}${row.shape === 'school' ? '' : `, ${valueWords(defaultValue(id, unit), row, unit, suffix)}`}`}</Words>
            </Button>
          )}
        </div>
      </div>
      {related.length > 0 && (
        <section className="mt-4 border-t border-line pt-3">
          <h3 className="mb-1 font-sans text-[14px] font-semibold">{t('why.together')}</h3>
          <ul
            className="max-h-[126px] overflow-y-auto text-[14px]"
            tabIndex={0}
            aria-label={t('why.together')}
          >
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
        </section>
      )}
    </>
  );
}

const valueOf = (id: RuleId, { shape }: RuleRow, rules: RuleBook): RuleValue => {
  if (shape === 'number') return rules.number(id);
  return shape === 'range' ? rules.range(id) : rules.list(id);
};

/** What stands between the values of a rule as they are typed. */
const BETWEEN: Partial<Record<RuleRow['shape'], RegExp>> = { range: /\s+[–-]\s+|–/, list: /,\s+|;/ };
