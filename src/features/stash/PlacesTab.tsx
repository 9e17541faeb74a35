'use client';
import { STORAGE_KINDS } from '../../core/model/values';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { useCallback, useEffect, useState, type ReactNode } from 'react';
import { dropPlaceAction, placeRowsAction, putPlaceAction } from '../../actions/stash';
import type { PlaceRow } from '../../actions/stashTypes';
import { formatLength } from '../../core/base/length';
import { cm, inches } from '../../core/base/units';
import type { StoragePlace } from '../../core/model/types';
import { Button } from '../../ui/Button';
import { Select } from '../../ui/Select';
import { LengthField, TAKEN, TextField, type Answer } from '../../ui/Field';
import { Mark } from '../../ui/Mark';
import { Words } from '../../ui/Words';
import { useStashRoom } from './StashContext';
import { untilAnswered } from './untilAnswered';
import { waiting } from './waiting';

/** How many pieces of furniture are named that a box goes under. */
const UNDER_SHOWN = 4;

/** Storage places: how much they hold, what is in them, what they go under, and labels for them. */
export function PlacesTab(): ReactNode {
  const t = useTranslations('stash');
  const { head, unit, refresh, entries } = useStashRoom();
  const [rows, setRows] = useState<PlaceRow[] | null>(null);
  const [where, setWhere] = useState('');
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
    const answered = waiting().keep({ kind: 'place', place });
    void untilAnswered(
      () => putPlaceAction(place),
      () => setSilent(true),
    )
      .finally(answered)
      .then(() => {
        setSilent(false);
        return refresh();
      });
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
  const litres = (n: number) => (n >= 10 ? n.toFixed(0) : n.toFixed(1));
  const asked = where.trim().toLowerCase();
  const found = asked.length < 2 ? [] : entries.filter((e) => e.words.includes(asked)).slice(0, 12);
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
            <a
              href="/api/stash/labels.pdf?paper=letter"
              className="self-center text-[13px] underline underline-offset-4"
            >
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
            {rows.map(({ place, contents, items, under }) => {
              const key = (f: string) => `place-${place.id}-${f}`;
              const share = contents.holds > 0 ? contents.takes / contents.holds : 0;
              return (
                <li key={place.id} data-worksheet className="border-t-2 border-ink pt-2">
                  <div className="grid grid-cols-2 items-end gap-x-4 gap-y-2 sm:grid-cols-[1.6fr_1.2fr_1fr_1fr_1fr]">
                    <TextField
                      className="col-span-2 sm:col-span-1"
                      label={t('name')}
                      draftKey={key('name')}
                      value={place.name}
                      onCommit={(name) =>
                        name
                          ? put({ ...place, name: name.slice(0, 80) })
                          : { took: false, message: t('nameNeeded') }
                      }
                    />
                    <Select
                      label={t('kind')}
                      value={place.kind}
                      options={STORAGE_KINDS.map((k) => ({ value: k, label: t(`places.kinds.${k}`) }))}
                      onChange={(kind) => put({ ...place, kind })}
                    />
                    {SIDE_NAMES.map((f) => (
                      <LengthField
                        key={f}
                        label={t(SIDES[f])}
                        draftKey={key(f)}
                        valueMm={place[f]}
                        unit={unit}
                        onCommit={(mm) =>
                          mm > 0 ? put({ ...place, [f]: mm }) : { took: false, message: t('moreThanNothing') }
                        }
                      />
                    ))}
                  </div>
                  <div className="mt-2 flex items-center gap-2.5">
                    <div
                      className="h-2.5 flex-1 bg-well"
                      role="img"
                      aria-label={t('places.full', { percent: Math.round(share * 100) })}
                    >
                      <div className="h-2.5 bg-ink" style={{ width: `${Math.min(100, share * 100)}%` }} />
                    </div>
                    <span className="flex items-center gap-1.5 whitespace-nowrap text-[14px]">
                      <Mark
                        level={contents.fits ? 'ok' : 'caution'}
                        title={contents.fits ? t('places.fits') : t('places.over')}
                      />
                      {t('places.holds', { takes: litres(contents.takes), holds: litres(contents.holds) })}
                    </span>
                  </div>
                  {contents.tooLong.length > 0 && (
                    <p className="mt-1 text-[14px]">
                      {t('places.tooLong', { names: contents.tooLong.join(', ') })}
                    </p>
                  )}
                  {contents.keepDry.length > 0 && (
                    <p className="mt-1 text-[13px] text-soft">
                      {t('places.dry', { count: contents.keepDry.length })}
                    </p>
                  )}
                  {under.length > 0 && (
                    <p className="mt-1 text-[13px] text-soft">
                      <Words>
                        {t('places.under', {
                          count: Math.max(0, under.length - UNDER_SHOWN),
                          names: under
                            .slice(0, UNDER_SHOWN)
                            .map((u) =>
                              t('places.spare', {
                                name: u.name,
                                room: u.room,
                                left: formatLength(u.leftMm, unit),
                              }),
                            )
                            .join('; '),
                        })}
                      </Words>
                    </p>
                  )}
                  {place.kind === 'underFurniture' && under.length === 0 && (
                    <p className="mt-1 text-[14px]">{t('places.underNone')}</p>
                  )}
                  <p className="mt-1 text-[14px]">
                    {items.length === 0 ? (
                      <span className="text-soft">{t('places.empty')}</span>
                    ) : (
                      items.map((i) => (i.count === 1 ? i.name : `${i.count} × ${i.name}`)).join(', ')
                    )}
                  </p>
                  <div className="mt-1 flex items-center gap-3">
                    <Select
                      label={t('room')}
                      hideLabel
                      value={place.roomId ?? ''}
                      options={[
                        { value: '', label: t('noRoom') },
                        ...head.rooms.slice(0, 300).map((r) => ({ value: r.id, label: r.name })),
                      ]}
                      onChange={(x) => put({ ...place, roomId: x === '' ? null : x })}
                    />
                    <a
                      className="whitespace-nowrap text-[13px] underline underline-offset-4"
                      href={`/api/stash/labels.pdf?place=${place.id}`}
                    >
                      {t('places.label')}
                    </a>
                    <Button small look="quiet" onClick={() => void dropPlaceAction(place.id).then(refresh)}>
                      {t('places.remove')}
                    </Button>
                  </div>
                </li>
              );
            })}
          </ul>
        )}
      </section>
      <section className="bg-sheet px-5 py-4">
        <h2 className="text-[19px]">{t('places.where')}</h2>
        <input
          aria-label={t('places.where')}
          value={where}
          onChange={(e) => setWhere(e.target.value)}
          placeholder={t('places.whereHint')}
          className="mt-1 w-full border-b border-ink bg-transparent py-1 text-[16px] outline-none"
        />
        <ul className="mt-2 space-y-1.5 text-[14px]" aria-live="polite">
          {found.map((e) => (
            <li key={e.id}>
              <b className="font-medium">{e.name}</b>
              <br />
              <span className="text-soft">
                {[
                  head.rooms.find((r) => r.id === e.roomId)?.name,
                  head.places.find((p) => p.id === e.placeId)?.name,
                  e.whereabouts,
                ]
                  .filter((x, i, all) => x && all.indexOf(x) === i)
                  .join(', ') || t('nowhere')}
              </span>
            </li>
          ))}
        </ul>
        {asked.length >= 2 && found.length === 0 && (
          <p className="mt-2 text-[14px] text-soft">{t('nothing')}</p>
        )}
      </section>
    </div>
  );
}

const SIDES = { widthMm: 'wide', depthMm: 'deep', heightMm: 'high' } as const;
const SIDE_NAMES = ['widthMm', 'depthMm', 'heightMm'] as const;
