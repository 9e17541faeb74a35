'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { Brief, Look } from '../../core/model/types';
import { FILLINGS, PURPOSES, WORK_ORDERS } from '../../core/model/values/look';
import { NumberField, TAKEN } from '../../ui/Field';
import { RadioGroup } from '../../ui/RadioGroup';
import { Select } from '../../ui/Select';
import { useCurrency } from './useMoney';

/** What a look is for: its purpose, how full it gets, who comes, what it may cost, and how the day is worked. */
export function LookBrief({ look, onBrief }: { look: Look; onBrief: (brief: Brief) => void }): ReactNode {
  const t = useTranslations('look');
  const currency = useCurrency();
  const { brief } = look;
  const set = (patch: Partial<Brief>) => onBrief({ ...brief, ...patch });
  const key = (field: string) => `look-${look.id}-${field}`;
  return (
    <>
      <Select
        label={t('purpose')}
        value={brief.purpose}
        options={PURPOSES.map((value) => ({ value, label: t(`purposes.${value}`) }))}
        onChange={(purpose) => set({ purpose })}
      />
      <Labelled label={t('filling')}>
        <RadioGroup
          label={t('filling')}
          value={brief.filling}
          options={FILLINGS.map((value) => ({ value, label: t(`fillings.${value}`) }))}
          onChange={(filling) => set({ filling })}
        />
      </Labelled>
      <Labelled label={t('order')}>
        <RadioGroup
          label={t('order')}
          value={brief.order}
          options={WORK_ORDERS.map((value) => ({ value, label: t(`orders.${value}`) }))}
          onChange={(order) => set({ order })}
        />
      </Labelled>
      <VisitorAges brief={brief} draftKey={key} onAges={(visitorAges) => set({ visitorAges })} />
      <NumberField
        label={t('mostCost')}
        suffix={currency}
        draftKey={key('most')}
        value={brief.mostCost === null ? null : brief.mostCost / 100}
        decimals={2}
        examples="450"
        range={[0, MOST_COST]}
        onClear={() => set({ mostCost: null })}
        onCommit={(amount) => {
          set({ mostCost: Math.round(amount * 100) });
          return TAKEN;
        }}
      />
    </>
  );
}

/** A choice with its label over it, as a field has. */
const Labelled = ({ label, children }: { label: string; children: ReactNode }): ReactNode => (
  <div>
    <p className="mb-1 font-narrow text-[13px] text-soft" aria-hidden="true">
      {label}
    </p>
    {children}
  </div>
);

const MOST_COST = 1_000_000;
const OLDEST = 17;

/** The ages of children who visit on the days of the look. */
function VisitorAges({
  brief: { visitorAges },
  draftKey,
  onAges,
}: {
  brief: Brief;
  draftKey: (field: string) => string;
  onAges: (ages: number[]) => void;
}): ReactNode {
  const t = useTranslations('look');
  return (
    <div>
      <div className="grid grid-cols-3 gap-4">
        {visitorAges.map((age, i) => (
          <NumberField
            key={i}
            label={t('visitorAge', { n: i + 1 })}
            draftKey={draftKey(`visitor${i}`)}
            value={age}
            decimals={1}
            examples="2"
            range={[0, OLDEST]}
            onClear={() => onAges(visitorAges.filter((_, k) => k !== i))}
            onCommit={(typed) => {
              onAges(visitorAges.map((known, k) => (k === i ? typed : known)));
              return TAKEN;
            }}
          />
        ))}
        <NumberField
          label={t('visitorNew')}
          draftKey={draftKey('visitor-new')}
          value={null}
          decimals={1}
          examples="2"
          placeholder="+"
          range={[0, OLDEST]}
          onCommit={(typed) => {
            onAges([...visitorAges, typed]);
            return TAKEN;
          }}
        />
      </div>
      <p className="mt-1 text-[14px] text-soft">{t('visitorsNote')}</p>
    </div>
  );
}
