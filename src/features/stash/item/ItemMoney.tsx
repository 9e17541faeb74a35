'use client';
import { ITEM_STATES } from '../../../core/model/values/item';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { Collapsible } from '../../../ui/Collapsible';
import { Select } from '../../../ui/Select';
import { NumberField, TextField } from '../../../ui/Field';
import { useStashMoney } from '../useStashMoney';
import { ItemDate, ItemFlag, ItemNumber } from './fields';
import { useItem } from './ItemContext';

/** What it cost, where it is from, and until when it can go back. */
export function ItemMoney(): ReactNode {
  const t = useTranslations('stash');
  const money = useStashMoney();
  const { item, save, take, key } = useItem();
  return (
    <Collapsible title={t('money')} summary={item.price > 0 ? money(item.price) : ''}>
      <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
        <NumberField
          label={t('price')}
          draftKey={key('price')}
          value={item.price / 100}
          decimals={2}
          examples="32, 24.50"
          onCommit={(n) =>
            n >= 0 ? take({ price: Math.round(n * 100) }) : { took: false, message: t('wholeNumber') }
          }
        />
        <TextField
          label={t('source')}
          draftKey={key('source')}
          value={item.source}
          onCommit={(source) => take({ source: source.slice(0, 80) })}
        />
        <Select
          label={t('state')}
          value={item.state}
          options={ITEM_STATES.map((x) => ({
            value: x,
            label: t(`states.${x}`),
          }))}
          onChange={(state) => save({ state })}
        />
        <ItemDate field="boughtOn" label={t('boughtOn')} />
        <ItemDate field="dueOn" label={t('dueOn')} />
        <ItemDate field="returnBy" label={t('returnBy')} />
        <ItemNumber field="seasonsServed" label={t('served')} />
        <p className="self-end text-[13px] text-soft">
          {item.price > 0 && item.seasonsServed > 0
            ? t('perSeason', { price: money(item.price / item.seasonsServed) })
            : ''}
        </p>
      </div>
      <ItemFlag field="tagsOn" />
    </Collapsible>
  );
}
