'use client';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { useCallback, useEffect, useState, type ReactNode } from 'react';
import { placeRowsAction } from '../../actions/stash';
import type { PlaceRow } from '../../actions/stashTypes';
import { cm, inches } from '../../core/base/units';
import type { StoragePlace } from '../../core/model/types';
import { Button } from '../../ui/Button';
import { TAKEN, type Answer } from '../../ui/Field';
import { FindItem } from './FindItem';
import { StoragePlaceRow } from './StoragePlaceRow';
import { useStashRoom } from './StashContext';
import { useMakePlace } from './useMakePlace';
import { untilAnswered } from '../shell/untilAnswered';
import { TEXT_LINK } from '../../ui/PageLink';

/** Storage places: how much they hold, what is in them, what they go under, and labels for them. */
export function PlacesTab(): ReactNode {
  const t = useTranslations('stash');
  const { head, unit } = useStashRoom();
  const makePlace = useMakePlace();
  const [rows, setRows] = useState<PlaceRow[] | null>(null);
  const [silent, setSilent] = useState(false);
  const load = useCallback(async () => {
    setRows(
      await untilAnswered(
        () => placeRowsAction(),
        () => setSilent(true),
      ),
    );
    setSilent(false);
  }, []);
  useEffect(() => {
    // eslint-disable-next-line react-hooks/set-state-in-effect -- the places are fetched when they are shown
    void load();
  }, [load, head]);
  const put = (place: StoragePlace): Answer => {
    setRows((all) => all && all.map((r) => (r.place.id === place.id ? { ...r, place } : r)));
    void makePlace(place, () => setSilent(true)).then(() => setSilent(false));
    return TAKEN;
  };
  const some = (i: number, c: number) => (unit === 'cm' ? cm(c) : inches(i));
  const add = () =>
    put({
      id: nanoid(10),
      name: t('places.newName', { n: (rows?.length ?? 0) + 1 }),
      kind: 'box',
      roomId: null,
      widthMm: some(24, 60),
      depthMm: some(16, 40),
      heightMm: some(12, 30),
      note: '',
    });
  return (
    <div className="grid items-start gap-3.5 lg:grid-cols-[1fr_340px]">
      <section className="bg-sheet px-5 py-4">
        <div className="mb-3 flex flex-wrap items-baseline gap-3">
          <h1 className="text-[24px]">{t('tab.places')}</h1>
          <div className="ml-auto flex gap-2">
            <Button small onClick={add}>
              {t('places.add')}
            </Button>
            <a
              href="/api/stash/labels.pdf"
              className="inline-flex rounded-md border border-ink px-2 py-0.5 text-[13px] font-medium"
            >
              {t('places.labels')}
            </a>
            <a href="/api/stash/labels.pdf?paper=letter" className={`${TEXT_LINK} self-center text-[13px]`}>
              {t('places.letter')}
            </a>
          </div>
        </div>
        {silent && (
          <p role="alert" className="mb-2 text-[14px]">
            {t('noAnswer')}
          </p>
        )}
        {rows === null && <p className="text-soft">{t('loading')}</p>}
        {rows?.length === 0 && <p className="text-soft">{t('places.none')}</p>}
        {rows !== null && rows.length > 0 && (
          <ul className="space-y-5">
            {rows.map((row) => (
              <StoragePlaceRow key={row.place.id} row={row} put={put} />
            ))}
          </ul>
        )}
      </section>
      <FindItem />
    </div>
  );
}
