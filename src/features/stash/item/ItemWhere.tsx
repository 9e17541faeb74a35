'use client';
import { SEASONS } from '../../../core/model/values/item';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { Collapsible } from '../../../ui/Collapsible';
import { Select } from '../../../ui/Select';
import { TextField } from '../../../ui/Field';
import { useStashRoom } from '../StashContext';
import { ItemManyOf } from './fields';
import { useItem } from './ItemContext';

/** Where it is, in which seasons it is used, and in which looks. */
export function ItemWhere(): ReactNode {
  const t = useTranslations('stash');
  const { head } = useStashRoom();
  const { item, sheet, save, take, key } = useItem();
  const place = head.places.find((p) => p.id === item.placeId);
  const room = head.rooms.find((r) => r.id === item.roomId);
  return (
    <Collapsible title={t('where')} summary={room?.name ?? place?.name ?? item.whereabouts}>
      <Select
        label={t('room')}
        value={item.roomId ?? ''}
        options={[
          { value: '', label: t('noRoom') },
          ...head.rooms.slice(0, 300).map((r) => ({ value: r.id, label: r.name })),
        ]}
        onChange={(x) => save({ roomId: x === '' ? null : x })}
      />
      <div className="mt-2">
        <TextField
          label={t('whereabouts')}
          draftKey={key('whereabouts')}
          value={item.whereabouts}
          onCommit={(whereabouts) => take({ whereabouts: whereabouts.slice(0, 80) })}
        />
      </div>
      <p className="mb-0.5 mt-2 font-narrow text-[13px] text-soft">{t('season')}</p>
      <ItemManyOf field="season" values={SEASONS} word={(v) => t(`seasons.${v}`)} />
      {sheet.uses.length > 0 ? (
        <ul className="mt-2 text-[14px]">
          {sheet.uses.map((u) => (
            <li key={`${u.roomId}${u.lookId}`}>
              {t('usedIn', { count: u.count, room: u.roomName, look: u.lookName })}
            </li>
          ))}
        </ul>
      ) : (
        <p className="mt-2 text-[14px] text-soft">{t('unused')}</p>
      )}
    </Collapsible>
  );
}
