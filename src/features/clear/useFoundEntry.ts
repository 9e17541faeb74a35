'use client';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { cm, inches } from '../../core/base/units';
import { labOfHex } from '../../core/colour/spaces';
import { newItem } from '../../core/model/defaults';
import type { Item } from '../../core/model/types';
import { useTakeInPhoto } from '../shell/photos';
import { useRoom } from '../shell/room/RoomContext';

type Entry = Pick<Item, 'name' | 'kind' | 'count' | 'widthMm' | 'heightMm' | 'photoId'> & { hex: string };

/** Entering what is found, one thing after the other: what was typed stays for the next, all but the name. */
export function useFoundEntry(wallId: string | null) {
  const t = useTranslations('clear');
  const takeInPhoto = useTakeInPhoto();
  const ts = useTranslations('stash');
  const { file, change } = useRoom();
  const usualMm = file.room.unit === 'cm' ? cm(20) : inches(8);
  const [entry, setEntry] = useState<Entry>({
    name: '',
    kind: 'object',
    count: 1,
    widthMm: usualMm,
    heightMm: usualMm,
    hex: '#a8a49a',
    photoId: null,
  });
  const [notice, setNotice] = useState<string | null>(null);
  const set = (patch: Partial<Entry>) => setEntry((e) => ({ ...e, ...patch }));
  const add = () => {
    const { name, hex, ...rest } = entry;
    if (!name) {
      setNotice(ts('nameNeeded'));
      return;
    }
    const item = newItem({
      ...rest,
      id: nanoid(12),
      name,
      colours: [{ ...labOfHex(hex)!, share: 1 }],
      roomId: file.room.id,
    });
    const found = { id: nanoid(8), itemId: item.id, wallId, verdict: null, toRoomId: null, placeId: null };
    change([
      { do: 'putItem', item },
      { do: 'putFound', found },
    ]);
    set({ name: '', photoId: null });
    setNotice(t('added', { name }));
  };
  const takePhoto = async (chosen: File) => {
    const kept = await takeInPhoto(chosen);
    if (kept.ok) set({ photoId: kept.id });
    setNotice(kept.ok ? t('photoTaken') : kept.message);
  };
  return { entry, set, add, takePhoto, notice, clearNotice: () => setNotice(null) };
}
