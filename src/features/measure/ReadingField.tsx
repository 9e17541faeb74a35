'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import type { Mm } from '../../core/base/units';
import { setReading, type ReadingField as Field } from '../../core/stages/measure/readings';
import { LengthField, type Answer } from '../../ui/Field';
import { Words } from '../../ui/Words';
import { useRoom } from '../shell/room/RoomContext';

/** Lengths closer than this are one. */
const SAME: Mm = 0.05;

type Props = {
  about: string;
  field: Field;
  label: string;
  valueMm: Mm | null;
  onCommit: (mm: Mm) => Answer;
  onClear?: () => void;
  size?: 'large' | 'normal' | 'small';
};

/** One reading of the tape in its field: whether it is guessed, and a second reading that differs. */
export function ReadingField({ about, field, label, valueMm, onCommit, onClear, size }: Props): ReactNode {
  const t = useTranslations('measure');
  const { file, change } = useRoom();
  const unit = file.room.unit;
  const mark = file.room.readings.find((r) => r.about === about && r.field === field);
  const settle = (mm: Mm | null) => {
    const measured = { about, field, guess: false, secondMm: null };
    const set = mm === null ? null : setReading(file, about, field, mm);
    change([...(set?.ok ? [set.value] : []), { do: 'markReadings', readings: [measured] }]);
  };
  // a guess that is typed once more has been measured
  const measure = () => {
    if (mark?.guess) settle(null);
  };
  return (
    <div>
      <LengthField
        label={label}
        draftKey={`${file.room.id}-${about}-${field}`}
        valueMm={valueMm}
        unit={unit}
        onCommit={(mm) => {
          const answer = onCommit(mm);
          if (answer.took && valueMm !== null && Math.abs(mm - valueMm) < SAME) measure();
          return answer;
        }}
        onSame={measure}
        {...(onClear ? { onClear } : {})}
        {...(size ? { size } : {})}
      >
        {mark?.guess && (
          <button
            type="button"
            // beside the way from reading to reading: by keys the number is typed once more
            tabIndex={-1}
            onClick={() => settle(null)}
            title={t('guessSays')}
            aria-label={`${label}: ${t('guessSays')}`}
            className="whitespace-nowrap rounded-md border border-dashed border-ink px-1 font-narrow text-[11.5px] leading-[15px] hover:border-solid"
          >
            {t('guess')}
          </button>
        )}
      </LengthField>
      {mark && mark.secondMm !== null && valueMm !== null && (
        <p className="mt-1 text-[12.5px] leading-snug">
          <Words>
            {t('twice', { first: formatLength(valueMm, unit), second: formatLength(mark.secondMm, unit) })}
          </Words>{' '}
          <button type="button" className="underline underline-offset-2" onClick={() => settle(null)}>
            {t('keepFirst')}
          </button>
          {' · '}
          <button
            type="button"
            className="underline underline-offset-2"
            onClick={() => settle(mark.secondMm)}
          >
            {t('takeSecond')}
          </button>
        </p>
      )}
    </div>
  );
}
