'use client';
import { ITEM_KINDS } from '../../../core/model/values/item';
import type { ItemKind } from '../../../core/model/types';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { Select } from '../../../ui/Select';
import { TextField } from '../../../ui/Field';
import { PlaceSelect } from '../../shell/PlaceSelect';
import { useStashRoom } from '../StashContext';
import { ItemFlag, ItemLength, ItemNumber } from './fields';
import { ItemBedding } from './ItemBedding';
import { useItem } from './ItemContext';

const MAY_BE_ROUND: ReadonlySet<ItemKind> = new Set([
  'cover',
  'insert',
  'casing',
  'tablecloth',
  'placemat',
  'tray',
  'rug',
  'stool',
  'smallTable',
  'plantStand',
  'basketStand',
]);

/** What it is, how large and how many, and where it is kept. */
export function ItemBasics(): ReactNode {
  const t = useTranslations('stash');
  const { head, unit } = useStashRoom();
  const { item, save, take, key, putInto } = useItem();
  return (
    <>
      <div className="grid grid-cols-[1fr_74px_74px] gap-x-3 gap-y-2.5">
        <TextField
          label={t('name')}
          draftKey={key('name')}
          value={item.name}
          onCommit={(name) =>
            name ? take({ name: name.slice(0, 80) }) : { took: false, message: t('nameNeeded') }
          }
        />
        <ItemNumber field="count" label={t('howMany')} />
        <ItemNumber field="setOf" label={t('setOf')} />
      </div>
      <div className="mt-2.5 grid grid-cols-3 gap-x-3">
        <ItemLength field="widthMm" label={t('wide')} />
        <ItemLength field="heightMm" label={t('high')} />
        <ItemLength field="depthMm" label={t('deep')} mayBeZero />
      </div>
      {item.kind === 'bedding' && <ItemBedding />}
      {MAY_BE_ROUND.has(item.kind) && (
        <div className="mt-2">
          <ItemFlag field="round" />
        </div>
      )}
      <div className="mt-2.5 grid grid-cols-2 gap-x-4 gap-y-2.5">
        <Select
          label={t('kind')}
          value={item.kind}
          options={ITEM_KINDS.map((k) => ({ value: k, label: t(`kinds.${k}`) }))}
          onChange={(kind) => save({ kind })}
        />
        <PlaceSelect
          label={t('place')}
          value={item.placeId ?? ''}
          places={head.places}
          none={t('nowhere')}
          unit={unit}
          onChange={(id) => save({ placeId: id === '' ? null : id })}
          onMake={putInto}
        />
      </div>
    </>
  );
}
