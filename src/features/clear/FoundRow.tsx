'use client';
import { first } from '../../core/base/list';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import type { ReactNode } from 'react';
import { formatSize } from '../../core/base/length';
import { hexOfLab } from '../../core/colour/spaces';
import type { Change, ItemMove } from '../../core/model/change';
import type { Found, Item, Verdict } from '../../core/model/types';
import { Select } from '../../ui/Select';
import { ToggleGroup } from '../../ui/ToggleGroup';
import { Words } from '../../ui/Words';
import { PlaceSelect } from '../shell/PlaceSelect';
import { useRoom } from '../shell/room/RoomContext';
import { useWallName } from '../shell/useWords';
import { RemoveButton } from '../../ui/RemoveButton';

const VERDICTS: readonly Verdict[] = ['stays', 'moves', 'away', 'letGo', 'mend'];

/** One thing that was found, with its verdict and where that takes it. */
export function FoundRow({
  found: f,
  rooms,
}: {
  found: Found;
  rooms: readonly { id: string; name: string }[];
}): ReactNode {
  const t = useTranslations('clear');
  const ts = useTranslations('stash');
  const { file, change, plan } = useRoom();
  const wallName = useWallName();
  const item = file.items.find((i) => i.id === f.itemId);
  if (!item) return null;
  const { unit } = file.room;
  const wall = plan.walls.find((w) => w.id === f.wallId);
  const settle = (patch: Partial<Found>, before: Change[] = []) => {
    const next = { ...f, ...patch };
    const move = moveBy(next, item, file.room.id);
    const mend =
      next.verdict === 'mend' && !file.clear.tasks.some((x) => x.itemId === item.id && x.kind === 'mend');
    change([
      ...before,
      { do: 'putFound', found: next },
      { do: 'moveItem', id: item.id, to: move },
      ...(mend
        ? [
            {
              do: 'putTask' as const,
              task: {
                id: nanoid(8),
                kind: 'mend' as const,
                text: t('mendText', { name: item.name }).slice(0, 200),
                itemId: item.id,
                waitMinutes: 0,
                startedAt: null,
                done: false,
              },
            },
          ]
        : []),
    ]);
  };
  const about = [
    ts(`kinds.${item.kind}`),
    formatSize(item.widthMm, item.heightMm, unit),
    ...(wall ? [wallName(wall)] : []),
  ];
  return (
    <li className="border-b border-line py-2">
      <div className="flex items-center gap-2.5">
        {item.photoId ? (
          <img
            src={`/api/photos/${item.photoId}?size=small`}
            alt=""
            className="h-8 w-8 shrink-0 border border-black/20 object-cover"
          />
        ) : (
          <span
            aria-hidden="true"
            className="h-8 w-8 shrink-0 border border-black/20"
            style={{ background: hexOfLab(first(item.colours)) }}
          />
        )}
        <p className="min-w-0 flex-1 leading-tight">
          <span className="line-clamp-2 text-[15px] font-medium">{item.name}</span>
          <span className="block truncate text-[13px] text-soft">
            <Words>{about.join(', ')}</Words>
          </span>
        </p>
        <RemoveButton
          label={t('drop', { name: item.name })}
          onClick={() => change([{ do: 'removeFound', id: f.id }])}
        />
      </div>
      <ToggleGroup
        label={t('verdictOf', { name: item.name })}
        variant="boxes"
        value={f.verdict}
        options={VERDICTS.map((v) => ({ value: v, label: t(`verdicts.${v}`) }))}
        onChange={(verdict) =>
          settle({
            verdict,
            ...(verdict === 'moves' ? {} : { toRoomId: null }),
            ...(verdict === 'away' ? {} : { placeId: null }),
          })
        }
        onClear={() => settle({ verdict: null })}
        className="mt-1.5"
      />
      {f.verdict === 'moves' && (
        <Select
          label={t('toRoom')}
          hideLabel
          value={f.toRoomId ?? ''}
          options={[{ value: '', label: t('toRoom') }, ...rooms.map((r) => ({ value: r.id, label: r.name }))]}
          onChange={(x) => settle({ toRoomId: x === '' ? null : x })}
        />
      )}
      {f.verdict === 'away' && (
        <PlaceSelect
          label={t('toPlace')}
          hideLabel
          value={f.placeId ?? ''}
          places={file.places}
          none={t('toPlace')}
          unit={unit}
          onChange={(id) => settle({ placeId: id === '' ? null : id })}
          onMake={(place) => settle({ placeId: place.id }, [{ do: 'putPlace', place }])}
        />
      )}
    </li>
  );
}

/** Where a verdict moves a thing: out of the studio, into a storage place, to another room, or it stays. */
function moveBy(found: Found, item: Pick<Item, 'state'>, roomId: string): ItemMove {
  if (found.verdict === 'letGo') return { state: 'gone' };
  const state = item.state === 'gone' ? 'owned' : item.state;
  if (found.verdict === 'away') return { state, placeId: found.placeId, roomId: null };
  return { state, roomId: found.verdict === 'moves' ? found.toRoomId : roomId };
}
