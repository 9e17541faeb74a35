'use client';
import { useTranslations } from 'next-intl';
import { memo, useId, type ReactNode } from 'react';
import { formatBareLength, parseLength, typedLength, type LengthIssue } from '../core/base/length';
import { markStep, type LengthUnit, type Mm } from '../core/base/units';
import { useStableCallback } from './useStableCallback';
import { TAKEN, useTyped, type Answer, type Typing } from './useTyped';
import { Words } from './Words';

export { TAKEN, type Answer };

type Base = {
  label: string;
  draftKey: string;
  size?: 'large' | 'normal' | 'small';
  hideLabel?: boolean;
  suffix?: string;
  placeholder?: string;
  className?: string;
  children?: ReactNode;
};

type Raw = Base & Typing & { inputMode?: 'decimal' | 'numeric' | 'text' };

/** Why a value was refused, with a way to keep it where it is only odd. */
function Refusal({
  id,
  answer,
  onDone,
}: {
  id: string;
  answer: Exclude<Answer, { took: true }>;
  onDone: () => void;
}): ReactNode {
  const t = useTranslations('lengths');
  return (
    <p id={id} role="alert" className="mt-1 flex items-start gap-1.5 text-[13px] leading-snug">
      <svg width="11" height="11" viewBox="0 0 14 14" aria-hidden="true" className="mt-1 shrink-0">
        <path d="M7 1.2 13.4 12.6H0.6z" fill="#8a5200" />
      </svg>
      <span>
        <Words>{answer.message}</Words>
        {answer.keep && (
          <button
            type="button"
            className="ml-2 rounded-md border border-ink px-1.5 font-medium"
            onMouseDown={(e) => e.preventDefault()}
            onClick={() => {
              answer.keep?.();
              onDone();
            }}
          >
            {t('sure')}
          </button>
        )}
      </span>
    </p>
  );
}

const SIZES = { large: 'text-[25px] py-0.5', normal: 'text-[15px] py-1', small: 'text-[14px] py-[3px]' };

// a drag redraws the worksheet many times a second; a field whose reading stays the same is left alone
const RawField = memo(function RawField({
  label,
  draftKey,
  size = 'normal',
  hideLabel = false,
  suffix,
  placeholder,
  className = '',
  shown,
  commit,
  onSame,
  nudge,
  inputMode = 'text',
  children,
}: Raw): ReactNode {
  const id = useId();
  const { draft, answer, type, done, settle, onKeyDown } = useTyped({
    draftKey,
    shown,
    commit,
    onSame,
    nudge,
  });
  // a reading with a fraction is drawn over the field, in the font's own fraction form
  const isOverdrawn = draft === null && shown.includes('\u2044');
  const textColour = isOverdrawn ? 'text-transparent caret-ink' : '';
  const labelStyle = hideLabel ? 'sr-only' : 'text-[13px] text-soft font-narrow leading-tight';
  return (
    <div className={className}>
      <div className={`flex items-baseline justify-between gap-2 ${children ? 'pb-1' : ''}`}>
        <label htmlFor={id} className={labelStyle}>
          {label}
        </label>
        {children}
      </div>
      <div className="relative flex items-baseline border-b border-line focus-within:border-ink">
        <input
          id={id}
          data-reading
          inputMode={inputMode}
          autoComplete="off"
          spellCheck={false}
          value={draft ?? shown}
          placeholder={placeholder}
          aria-invalid={answer !== null}
          aria-describedby={answer ? `${id}-why` : undefined}
          onChange={(e) => type(e.target.value)}
          // the same typed over itself is no change to React
          onInput={(e) => e.currentTarget.value === shown && type(shown)}
          onFocus={(e) => e.target.select()}
          onBlur={() => {
            settle();
          }}
          onKeyDown={onKeyDown}
          className={`w-full min-w-0 bg-transparent outline-none ${SIZES[size]} ${textColour}`}
        />
        {isOverdrawn && (
          <span aria-hidden="true" className={`pointer-events-none absolute left-0 ${SIZES[size]}`}>
            <Words>{shown}</Words>
          </span>
        )}
        {suffix && <span className="whitespace-nowrap pl-1 text-[13px] text-soft">{suffix}</span>}
      </div>
      {answer?.message && <Refusal id={`${id}-why`} answer={answer} onDone={done} />}
    </div>
  );
});

/** A refusal without words of its own says what came and gives an example. */
const worded = (answer: Answer, words: string): Answer =>
  answer.took || answer.message !== '' ? answer : { ...answer, message: words };

export const lengthExamples = (unit: LengthUnit): string =>
  unit === 'cm' ? '251.5, 2.5 m, 99 1/2 in' : "99 1/2, 8' 3 1/2, 251.5 cm";

/** The sentence for a length that can't be read, with an example. */
export function useLengthIssue(unit: LengthUnit): (issue: LengthIssue) => string {
  const t = useTranslations('lengths');
  return (issue) => {
    const [one = '', other = ''] = issue.readings ?? [];
    const told = t(issue.code, { came: issue.came.trim(), at: issue.at + 1, one, other });
    return issue.readings ? told : `${told} ${t('would', { examples: lengthExamples(unit) })}`;
  };
}

type LengthProps = Base & {
  valueMm: Mm | null;
  unit: LengthUnit;
  onCommit: (mm: Mm) => Answer;
  onClear?: () => void;
  onSame?: () => void;
  negative?: boolean;
};

/** A length as people say it; what can't be read stays in the field, with an example. */
export function LengthField({
  valueMm,
  unit,
  onCommit,
  onClear,
  negative = false,
  suffix,
  ...rest
}: LengthProps): ReactNode {
  const t = useTranslations('lengths');
  const issueWords = useLengthIssue(unit);
  const shown = valueMm === null ? '' : formatBareLength(valueMm, unit);
  const commit = useStableCallback((text: string): Answer => {
    if (text.trim() === '' && onClear) {
      onClear();
      return TAKEN;
    }
    const read = parseLength(text, unit);
    if (!read.ok) return { took: false, message: issueWords(read.issues[0]) };
    if (read.value < 0 && !negative)
      return { took: false, message: issueWords({ code: 'not-a-length', at: 0, came: text }) };
    return worded(
      onCommit(read.value),
      `${t('out-of-place', { came: text.trim() })} ${t('would', { examples: lengthExamples(unit) })}`,
    );
  });
  const nudge = useStableCallback((steps: number) =>
    valueMm === null ? null : typedLength(valueMm + steps * markStep(unit), unit),
  );
  const inches = shown.includes('′') ? '' : 'in';
  return (
    <RawField
      shown={shown}
      commit={commit}
      nudge={nudge}
      suffix={suffix ?? (unit === 'cm' ? 'cm' : inches)}
      {...rest}
    />
  );
}

type NumberProps = Base & {
  value: number | null;
  decimals?: number;
  onCommit: (n: number) => Answer;
  onClear?: () => void;
  step?: number;
  examples?: string;
  /** The least and the most that is taken. */ range?: readonly [number, number];
  /** Only whole numbers. */ whole?: boolean;
};

/** A plain number; a comma is the decimal mark too. */
export function NumberField({
  value,
  decimals = 0,
  onCommit,
  onClear,
  step,
  examples = '2',
  range,
  whole = false,
  ...rest
}: NumberProps): ReactNode {
  const t = useTranslations('lengths');
  const shown = value === null ? '' : String(Number(value.toFixed(decimals)));
  const commit = useStableCallback((text: string): Answer => {
    if (text.trim() === '' && onClear) {
      onClear();
      return TAKEN;
    }
    const plain = text.trim().replace(',', '.');
    if (!/^-?\d+(\.\d+)?$/.test(plain))
      return {
        took: false,
        message: `${t('not-a-number', { came: text })} ${t('numberWould', { examples })}`,
      };
    const n = Number(plain);
    if (range && (n < range[0] || n > range[1] || (whole && !Number.isInteger(n))))
      return {
        took: false,
        message: t(whole ? 'wholeWithin' : 'within', {
          came: text.trim(),
          least: range[0],
          most: range[1],
        }),
      };
    return worded(
      onCommit(n),
      `${t('out-of-place', { came: text.trim() })} ${t('numberWould', { examples })}`,
    );
  });
  const nudge = useStableCallback((steps: number) =>
    value === null ? null : String(Number((value + steps * (step ?? 0)).toFixed(decimals))),
  );
  return (
    <RawField shown={shown} commit={commit} nudge={step ? nudge : undefined} inputMode="decimal" {...rest} />
  );
}

/** Words; may be required. */
export function TextField({
  value,
  onCommit,
  ...rest
}: Base & Pick<Raw, 'inputMode'> & { value: string; onCommit: (text: string) => Answer }): ReactNode {
  const commit = useStableCallback((text: string) => onCommit(text.trim()));
  return <RawField shown={value} commit={commit} {...rest} />;
}
