'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { Item } from '../../../core/model/types';
import { Checkbox } from '../../../ui/Checkbox';
import { LengthField, NumberField } from '../../../ui/Field';
import { useStashRoom } from '../StashContext';
import { useLongestSide } from '../../shell/useLongestSide';
import { useItem } from './ItemContext';

const DAY = /^\d{4}-\d{2}-\d{2}$/;

/** One of the item's lengths. */
export function ItemLength({
  field,
  label,
  mayBeZero = false,
}: {
  field: 'widthMm' | 'heightMm' | 'depthMm';
  label: string;
  mayBeZero?: boolean;
}): ReactNode {
  const { unit } = useStashRoom();
  const { item, take, key } = useItem();
  const side = useLongestSide(item.kind, unit);
  return (
    <LengthField
      label={label}
      draftKey={key(field)}
      valueMm={item[field]}
      unit={unit}
      onCommit={(mm) =>
        mm === 0 && mayBeZero ? take({ [field]: mm }) : side(mm, () => take({ [field]: mm }))
      }
    />
  );
}

/** Grams need not be whole; everything that is counted has to be. */
const WEIGHED: ReadonlySet<string> = new Set(['clothGsm', 'massG']);

/** One of the item's numbers. */
export function ItemNumber({
  field,
  label,
  suffix,
}: {
  field: 'count' | 'setOf' | 'clothGsm' | 'massG' | 'seasonsServed';
  label: string;
  suffix?: string;
}): ReactNode {
  const t = useTranslations('stash');
  const { item, take, key } = useItem();
  const least = field === 'setOf' ? 1 : 0;
  return (
    <NumberField
      label={label}
      draftKey={key(field)}
      value={item[field]}
      {...(suffix ? { suffix } : {})}
      step={1}
      onCommit={(n) =>
        n >= least && (WEIGHED.has(field) || Number.isInteger(n))
          ? take({ [field]: n })
          : { took: false, message: t('wholeNumber') }
      }
    />
  );
}

/** Something that is so or not. */
export function ItemFlag({
  field,
}: {
  field: 'round' | 'glazed' | 'washable' | 'poisonous' | 'scented' | 'battery' | 'tagsOn' | 'seen';
}): ReactNode {
  const t = useTranslations('stash');
  const { item, save } = useItem();
  return (
    <Checkbox checked={item[field]} onChange={(checked) => save({ [field]: checked })}>
      {t(`flags.${field}`)}
    </Checkbox>
  );
}

/** A day, or none. */
export function ItemDate({
  field,
  label,
}: {
  field: 'boughtOn' | 'dueOn' | 'returnBy';
  label: string;
}): ReactNode {
  const { item, save } = useItem();
  return (
    <label className="block text-[13px] text-soft">
      <span className="block font-narrow">{label}</span>
      <input
        type="date"
        value={item[field] ?? ''}
        onChange={(e) => {
          const day = e.target.value;
          if (day === '') save({ [field]: null });
          else if (DAY.test(day)) save({ [field]: day });
        }}
        className="w-full border-b border-line bg-transparent py-1 text-[15px] text-ink"
      />
    </label>
  );
}

/** Any number out of a few. */
export function ItemManyOf<F extends 'season' | 'care'>({
  field,
  values,
  word,
}: {
  field: F;
  values: readonly Item[F][number][];
  word: (value: Item[F][number]) => string;
}): ReactNode {
  const { item, save } = useItem();
  const chosen: readonly Item[F][number][] = item[field];
  const set = (next: readonly Item[F][number][]) => save({ [field]: next } as Partial<Item>);
  return (
    <div className="flex flex-wrap gap-x-4">
      {values.map((v) => (
        <Checkbox
          key={v}
          checked={chosen.includes(v)}
          onChange={(checked) => set(checked ? [...chosen, v] : chosen.filter((x) => x !== v))}
        >
          {word(v)}
        </Checkbox>
      ))}
    </div>
  );
}
