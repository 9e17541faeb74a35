'use client';
import { useTranslations } from 'next-intl';
import { useEffect, type ReactNode } from 'react';
import { planLook } from '../../core/plan/planLook';
import { RULE_TABLE, defaultValue, type RuleId, type RuleRow } from '../../core/rules/table';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { RadioGroup } from '../../ui/RadioGroup';
import { Select } from '../../ui/Select';
import { Words } from '../../ui/Words';
import { RelatedRules } from './RelatedRules';
import { useRoom } from './room/RoomContext';
import { RuleDifferences } from './RuleDifferences';
import { valueOf, valueWords, type SchoolKey } from './ruleWords';
import { useRuleProposal } from './useRuleProposal';

/**
 * The rule behind a number. It stays open while one goes from a rule to those that it works together with.
 */
export function WhyDialog({ rule, onClose }: { rule: RuleId; onClose: () => void }): ReactNode {
  const t = useTranslations();
  // an address that asked for it asks only once, and may ask for what is no rule
  useEffect(() => {
    const url = new URL(window.location.href);
    if (!url.searchParams.has('why')) return;
    url.searchParams.delete('why');
    window.history.replaceState(null, '', url);
  }, []);
  if (!Object.hasOwn(RULE_TABLE, rule)) return null;
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
  const { file, look, rules, change } = useRoom();
  const { unit } = file.room;
  const row: RuleRow = RULE_TABLE[id];
  const own = file.rules.find((r) => r.ruleId === id);
  const current = valueOf(id, row, rules);
  const asked = useRuleProposal(id);
  const { proposal } = asked;
  const wordsOf = (path: string) => t(`rules.${id}.${path}` as 'rules.windows.hem.name');
  const others = file.rules.filter((r) => r.ruleId !== id);
  const next =
    proposal && 'own' in proposal
      ? planLook(file, { lookId: look.id, rules: [...others, proposal.own] })
      : null;
  const keep = () => {
    if (!proposal || !('own' in proposal)) return;
    change([{ do: 'setRule', rule: proposal.own }]);
    onClose();
  };
  const suffix = t(`units.${row.unit === 'length' ? 'count' : row.unit}`);
  const written = { unit, currency: rules.school('stash.currency'), suffix };
  const schoolWords = (s: string) => t(`schools.${s as SchoolKey}`);
  const source = row.mark === 'PUB' ? wordsOf('source') : t(`why.${row.mark}`);
  return (
    <>
      <p className="mb-1 text-[24px]">
        <Words>
          {row.shape === 'school' ? schoolWords(rules.school(id)) : valueWords(current, row, written)}
        </Words>
      </p>
      <p className="mb-3 text-[13px] text-soft">{own ? t('why.own') : t('why.default')}</p>
      <dl className="grid grid-cols-[76px_1fr] gap-x-3 gap-y-1.5 text-[14px]">
        <dt className="text-soft">{t('why.reason')}</dt>
        <dd>{wordsOf('reason')}</dd>
        {row.schools && row.schools.length <= IN_A_ROW && (
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
        <OwnValue row={row} asked={asked} onEnter={keep} />
        {proposal && 'problem' in proposal && (
          <p role="alert" className="mt-1 text-[13px]">
            {proposal.problem}
          </p>
        )}
        {next && <RuleDifferences next={next} />}
        <div className="mt-4 flex gap-2">
          <Button variant="primary" disabled={!proposal || 'problem' in proposal} onClick={keep}>
            {t('why.keep')}
          </Button>
          {own && (
            <Button
              onClick={() => {
                change([{ do: 'dropRule', ruleId: id }]);
                onClose();
              }}
            >
              <Words>{`${t('why.back')}${row.shape === 'school' ? '' : `, ${valueWords(defaultValue(id, unit), row, written)}`}`}</Words>
            </Button>
          )}
        </div>
      </div>
      <RelatedRules rule={id} />
    </>
  );
}

/** So many schools stand side by side; more are a list. */
const IN_A_ROW = 4;

/** The field of an own value, or the choice of a school. */
function OwnValue({
  row,
  asked,
  onEnter,
}: {
  row: RuleRow;
  asked: ReturnType<typeof useRuleProposal>;
  onEnter: () => void;
}): ReactNode {
  const t = useTranslations();
  if (row.schools) {
    const Choice = row.schools.length > IN_A_ROW ? Select : RadioGroup;
    return (
      <Choice
        label={t('why.school')}
        value={asked.school}
        onChange={asked.setSchool}
        options={row.schools.map((s) => ({ value: s, label: t(`schools.${s as SchoolKey}`) }))}
      />
    );
  }
  return (
    <label className="block">
      <span className="sr-only">{t('why.value')}</span>
      <input
        value={asked.text}
        onChange={(e) => asked.setText(e.target.value)}
        onKeyDown={(e) => {
          if (e.key === 'Enter') onEnter();
        }}
        className="w-full border-b border-ink bg-transparent py-1 text-[18px] outline-none focus-visible:outline-2"
        aria-invalid={asked.proposal !== null && 'problem' in asked.proposal}
      />
      {row.shape === 'list' && <span className="text-[13px] text-soft">{t('why.listHint')}</span>}
    </label>
  );
}
