'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { dropPlaceAction } from '../../actions/stash';
import type { PlaceRow } from '../../actions/stashTypes';
import { formatLength } from '../../core/base/length';
import type { StoragePlace } from '../../core/model/types';
import { STORAGE_KINDS } from '../../core/model/values/item';
import { Button } from '../../ui/Button';
import { LengthField, TextField, type Answer } from '../../ui/Field';
import { Mark } from '../../ui/Mark';
import { Select } from '../../ui/Select';
import { Words } from '../../ui/Words';
import { useStashRoom } from './StashContext';
import { TEXT_LINK } from '../../ui/PageLink';

/** How many pieces of furniture are named that a box goes under. */
const UNDER_SHOWN = 4;
const SIDES = { widthMm: 'wide', depthMm: 'deep', heightMm: 'high' } as const;
const SIDE_NAMES = ['widthMm', 'depthMm', 'heightMm'] as const;

const litres = (n: number) => (n >= 10 ? n.toFixed(0) : n.toFixed(1));

/** A storage place: its size, how full it is, what is in it, and what it goes under. */
export function StoragePlaceRow({
  row,
  put,
}: {
  row: PlaceRow;
  put: (place: StoragePlace) => Answer;
}): ReactNode {
  const t = useTranslations('stash');
  const { head, unit, refresh } = useStashRoom();
  const { place } = row;
  const key = (field: string) => `place-${place.id}-${field}`;
  return (
    <li data-worksheet className="border-t-2 border-ink pt-2">
      <div className="grid grid-cols-2 items-end gap-x-4 gap-y-2 sm:grid-cols-[1.6fr_1.2fr_1fr_1fr_1fr]">
        <TextField
          className="col-span-2 sm:col-span-1"
          label={t('name')}
          draftKey={key('name')}
          value={place.name}
          onCommit={(name) =>
            name ? put({ ...place, name: name.slice(0, 80) }) : { took: false, message: t('nameNeeded') }
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
      <Contents row={row} />
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
          className={`${TEXT_LINK} whitespace-nowrap text-[13px]`}
          href={`/api/stash/labels.pdf?place=${place.id}`}
        >
          {t('places.label')}
        </a>
        <Button small variant="quiet" onClick={() => void dropPlaceAction(place.id).then(refresh)}>
          {t('places.remove')}
        </Button>
      </div>
    </li>
  );
}

/** How full it is, what is too long for it or has to stay dry, and what it goes under. */
function Contents({ row: { place, contents, items, goesUnder } }: { row: PlaceRow }): ReactNode {
  const t = useTranslations('stash');
  const { unit } = useStashRoom();
  const share = contents.holds > 0 ? contents.takes / contents.holds : 0;
  return (
    <>
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
        <p className="mt-1 text-[14px]">{t('places.tooLong', { names: contents.tooLong.join(', ') })}</p>
      )}
      {contents.keepDry.length > 0 && (
        <p className="mt-1 text-[13px] text-soft">{t('places.dry', { count: contents.keepDry.length })}</p>
      )}
      {goesUnder.length > 0 && (
        <p className="mt-1 text-[13px] text-soft">
          <Words>
            {t('places.under', {
              count: Math.max(0, goesUnder.length - UNDER_SHOWN),
              names: goesUnder
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
      {place.kind === 'underFurniture' && goesUnder.length === 0 && (
        <p className="mt-1 text-[14px]">{t('places.underNone')}</p>
      )}
      <p className="mt-1 text-[14px]">
        {items.length === 0 ? (
          <span className="text-soft">{t('places.empty')}</span>
        ) : (
          items.map((i) => (i.count === 1 ? i.name : `${i.count} × ${i.name}`)).join(', ')
        )}
      </p>
    </>
  );
}
