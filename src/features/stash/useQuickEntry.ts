'use client';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { useRef, useState } from 'react';
import { putNewItemsAction } from '../../actions/stash';
import { cm, inches, type LengthUnit } from '../../core/base/units';
import { labOfHex } from '../../core/colour/spaces';
import { newItem } from '../../core/model/defaults';
import type { Item, StoragePlace } from '../../core/model/types';
import { startSampler, type Sampler } from '../../workers/sample/client';
import { useTakeInPhoto } from '../shell/photos';
import { untilAnswered } from '../shell/untilAnswered';
import { useStashRoom } from './StashContext';
import { useMakePlace } from './useMakePlace';
import { waiting } from './waiting';

const MOST_PHOTOS = 60;
/** Where in a photo the thing is, if it is anywhere: its middle. */
const MIDDLE = { x: 0.25, y: 0.25, width: 0.5, height: 0.5 };

type Entry = {
  name: string;
  kind: Item['kind'];
  count: number;
  widthMm: number;
  heightMm: number;
  hex: string;
  placeId: string;
};

const emptyEntry = (unit: LengthUnit): Entry => {
  const usualMm = unit === 'cm' ? cm(50) : inches(20);
  return {
    name: '',
    kind: 'cover',
    count: 1,
    widthMm: usualMm,
    heightMm: usualMm,
    hex: '#a8a49a',
    placeId: '',
  };
};

const nameOfFile = (file: File): string =>
  file.name
    .replace(/\.[^.]+$/, '')
    .replace(/[_-]+/g, ' ')
    .trim()
    .slice(0, 80);

/** A thing's colours from the middle of its photo; none where it cannot be read. */
async function coloursOf(sampler: Sampler, file: File): Promise<Item['colours'] | null> {
  if (!(await sampler.open(file))) return null;
  const sample = await sampler.colours({
    regions: [MIDDLE],
    card: null,
    cardReflectance: 0.9,
    count: 3,
    seed: 1,
  });
  if (!sample || sample.colours.length === 0) return null;
  return sample.colours.slice(0, 8).map((c) => ({ l: c.l, a: c.a, b: c.b, share: c.share }));
}

/** Entering one thing after the other: what was typed stays for the next, all but the name. */
export function useQuickEntry() {
  const t = useTranslations('stash');
  const takeInPhoto = useTakeInPhoto();
  const ts = useTranslations('shell');
  const { unit, refresh } = useStashRoom();
  const makePlace = useMakePlace();
  const [entry, setEntry] = useState<Entry>(() => emptyEntry(unit));
  const [notice, setNotice] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const [added, setAdded] = useState<readonly { id: string; name: string }[]>([]);
  const set = (patch: Partial<Entry>) => setEntry((e) => ({ ...e, ...patch }));
  const shared = {
    kind: entry.kind,
    widthMm: entry.widthMm,
    heightMm: entry.heightMm,
    placeId: entry.placeId || null,
  };

  /** Chooses a place that is made here; what is put into it is written after it. */
  const placed = useRef<Promise<void>>(Promise.resolve());
  const putIn = (place: StoragePlace): void => {
    placed.current = makePlace(place, () => setNotice(ts('unsent')));
    set({ placeId: place.id });
  };

  /** Puts things in as soon as the studio answers; they are kept in the browser until then. */
  const putSoon = async (items: Item[]) => {
    const answered = waiting().keep({ kind: 'new', items });
    await placed.current.catch(() => undefined);
    return untilAnswered(
      () => putNewItemsAction(items),
      () => setNotice(ts('unsent')),
    ).finally(answered);
  };

  const add = async (): Promise<void> => {
    const { name, count, hex } = entry;
    if (!name) {
      setNotice(t('nameNeeded'));
      return;
    }
    const id = nanoid(12);
    const colours = [{ ...labOfHex(hex)!, share: 1 }];
    const items = [newItem({ ...shared, id, name, count, colours })];
    // the next one can be typed at once
    set({ name: '' });
    const result = await putSoon(items);
    if (!result.ok) {
      setNotice(t('refused', { why: result.issues[0].message }));
      setEntry((now) => (now.name === '' ? { ...now, name } : now));
      return;
    }
    setNotice(t('new.added', { name }));
    setAdded((list) => [{ id, name }, ...list]);
    await refresh().catch(() => undefined);
  };

  /** A thing for every photo: its name from the file's, its colours from the photo's middle. */
  const addFromPhotos = async (files: readonly File[]): Promise<void> => {
    setBusy(true);
    const sampler = startSampler();
    const items: Item[] = [];
    const refused: string[] = [];
    for (const file of files.slice(0, MOST_PHOTOS)) {
      const kept = await takeInPhoto(file);
      if (!kept.ok) {
        refused.push(`${file.name}: ${kept.message}`);
        continue;
      }
      const colours = await coloursOf(sampler, file);
      items.push(
        newItem({
          ...shared,
          id: nanoid(12),
          name: nameOfFile(file) || t('new.unnamed'),
          photoId: kept.id,
          colourFrom: 'photo',
          ...(colours ? { colours } : {}),
        }),
      );
    }
    sampler.close();
    const result = items.length > 0 ? await putSoon(items) : null;
    setBusy(false);
    const kept = result?.ok ? items : [];
    setAdded((list) => [...kept.map(({ id, name }) => ({ id, name })), ...list]);
    const words = [
      kept.length > 0 ? t('new.photos', { count: kept.length }) : '',
      result && !result.ok ? t('refused', { why: result.issues[0].message }) : '',
      ...refused,
    ];
    setNotice(words.filter(Boolean).join(' '));
    await refresh().catch(() => undefined);
  };
  return { entry, set, putIn, add, addFromPhotos, busy, notice, clearNotice: () => setNotice(null), added };
}
