'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { BEDDING } from '../../../core/model/values/item';
import { LengthField, NumberField } from '../../../ui/Field';
import { Select } from '../../../ui/Select';
import { useStashRoom } from '../StashContext';
import { useItem } from './ItemContext';

/** Bedding whose warmth is told. */
const WARM: ReadonlySet<string | null> = new Set(['spread', 'duvet', 'topper']);
const MOST_TOGS = 60;

/** What bedding is, how warm it keeps, and how deep the pocket of a fitted sheet is. */
export function ItemBedding(): ReactNode {
  const t = useTranslations('stash');
  const { unit } = useStashRoom();
  const { item, save, take, key } = useItem();
  return (
    <div className="mt-2.5 grid grid-cols-2 gap-x-4 gap-y-2.5">
      <Select
        label={t('bedding')}
        value={item.bedding ?? 'none'}
        options={[
          { value: 'none', label: t('beddingUnknown') },
          ...BEDDING.map((x) => ({ value: x, label: t(`beddings.${x}`) })),
        ]}
        onChange={(x) => save({ bedding: BEDDING.find((as) => as === x) ?? null })}
      />
      {WARM.has(item.bedding) && (
        <NumberField
          label={t('tog')}
          draftKey={key('tog')}
          value={item.tog}
          decimals={1}
          step={0.5}
          range={[0, MOST_TOGS]}
          examples="4.5, 10.5"
          onCommit={(tog) => take({ tog })}
          onClear={() => save({ tog: null })}
        />
      )}
      {item.bedding === 'fitted' && (
        <LengthField
          label={t('pocket')}
          draftKey={key('pocket')}
          valueMm={item.pocketMm}
          unit={unit}
          onCommit={(pocketMm) => take({ pocketMm })}
          onClear={() => save({ pocketMm: null })}
        />
      )}
    </div>
  );
}
