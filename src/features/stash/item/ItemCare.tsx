'use client';
import { CARES } from '../../../core/model/values/item';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { Collapsible } from '../../../ui/Collapsible';
import { TextField } from '../../../ui/Field';

import { ItemFlag, ItemManyOf } from './fields';
import { useItem } from './ItemContext';

/** How it is cleaned, what is damaged, and what it may not stand near. */
export function ItemCare(): ReactNode {
  const t = useTranslations('stash');

  const { item, take, key } = useItem();
  return (
    <Collapsible title={t('care')} summary={item.defects || item.defectsLit ? t('damaged') : ''}>
      <ItemManyOf field="care" values={CARES} word={(v) => t(`cares.${v}`)} />
      <div className="mt-1 space-y-2">
        <TextField
          label={t('defects')}
          draftKey={key('defects')}
          value={item.defects}
          onCommit={(defects) => take({ defects: defects.slice(0, 400) })}
        />
        <TextField
          label={t('defectsLit')}
          draftKey={key('defects-lit')}
          value={item.defectsLit}
          onCommit={(defectsLit) => take({ defectsLit: defectsLit.slice(0, 400) })}
        />
      </div>
      <div className="mt-1 grid grid-cols-2">
        <ItemFlag field="washable" />
        <ItemFlag field="glazed" />
        <ItemFlag field="scented" />
        <ItemFlag field="poisonous" />
        {item.kind === 'candle' && <ItemFlag field="battery" />}
      </div>
    </Collapsible>
  );
}
