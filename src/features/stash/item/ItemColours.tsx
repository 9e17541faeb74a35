'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { Button } from '../../../ui/Button';
import { Collapsible } from '../../../ui/Collapsible';
import { ColourRows } from '../ColourRows';

import { ItemFlag } from './fields';
import { useItem } from './ItemContext';

/** Its colours and how they came to be known. */
export function ItemColours(): ReactNode {
  const t = useTranslations('stash');

  const { item, sheet, save, key, setSide } = useItem();
  return (
    <Collapsible open title={t('colours')} summary={t(`from.${item.colourFrom}`)}>
      <ColourRows
        colours={item.colours}
        draftKey={key('colours')}
        onChange={(colours) => save({ colours, colourFrom: 'typed' })}
      />
      <div className="mt-2 flex flex-wrap gap-2">
        <Button small onClick={() => setSide('photo')}>
          {t('fromPhotoDo')}
        </Button>
        <Button small onClick={() => setSide('reader')}>
          {t('fromReader')}
        </Button>
      </div>
      <ItemFlag field="seen" />
      {sheet.parts.length > 0 && (
        <p className="mt-1 text-[14px]">
          {t('parts', {
            names: sheet.parts
              .map((p) => `${p.name} (ΔE ${p.day.toFixed(1)} / ${p.lamp.toFixed(1)})`)
              .join(', '),
          })}
        </p>
      )}
      {item.spectrum === null && <p className="text-[13px] text-soft">{t('estimated')}</p>}
    </Collapsible>
  );
}
