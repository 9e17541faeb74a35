'use client';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { useEffect, useState, type ReactNode } from 'react';
import { roomsOfHomeAction } from '../../actions/room';
import { formatBareLength, formatLength } from '../../core/base/length';
import { cm, inches } from '../../core/base/units';
import { hexOfLab, labOfHex } from '../../core/colour/spaces';
import type { Change, ItemMove } from '../../core/model/change';
import { newItem } from '../../core/model/defaults';
import type { Found, Item, Verdict } from '../../core/model/types';
import { Button } from '../../ui/Button';
import { Pick } from '../../ui/Choice';
import { LengthField, NumberField, TAKEN, TextField } from '../../ui/Field';
import { Words } from '../../ui/Words';
import { takeInPhoto } from '../shell/photos';
import { useRoom } from '../shell/room/RoomContext';
import { useWallName } from '../shell/useWords';

const VERDICTS: readonly Verdict[] = ['stays', 'moves', 'away', 'letGo', 'mend'];
const KINDS: readonly Item['kind'][] = [
  'cover',
  'throw',
  'panel',
  'art',
  'vase',
  'object',
  'plant',
  'book',
  'basket',
  'tray',
  'candle',
  'frame',
  'mirror',
  'lampshade',
  'rug',
  'bedding',
  'insert',
];

/** Everything found in the room: entered in one pass, each thing with its verdict and where it goes. */
export function FoundList({ asFoundId }: { asFoundId: string }): ReactNode {
  const t = useTranslations('clear');
  const { file, change, wallId } = useRoom();
  const [rooms, setRooms] = useState<{ id: string; name: string }[]>([]);
  const { found } = file.clear;
  useEffect(() => {
    let here = true;
    roomsOfHomeAction(file.home.id, file.room.id)
      .then((r) => {
        if (here) setRooms(r);
      })
      .catch(() => undefined);
    return () => {
      here = false;
    };
  }, [file.home.id, file.room.id]);
  const asFound = file.looks.find((l) => l.id === asFoundId)!;
  // what the room as found holds and the list does not have yet
  const seenIn = new Map<string, string | null>([
    ...asFound.dressings.flatMap((d) =>
      d.itemId ? [[d.itemId, file.openings.find((o) => o.id === d.openingId)?.wallId ?? null] as const] : [],
    ),
    ...asFound.hangings.map((h) => [h.itemId, h.wallId] as const),
    ...asFound.placements.map((p) => [p.itemId, null] as const),
  ]);
  const missing = [...seenIn].filter(([id]) => !found.some((f) => f.itemId === id));
  const takeAll = () =>
    change(
      missing.map(([itemId, wall]): Change => ({
        do: 'putFound',
        found: { id: nanoid(8), itemId, wallId: wall, verdict: null, toRoomId: null, placeId: null },
      })),
    );
  const here = wallId === 'plan' ? null : wallId;
  return (
    <div>
      <Entry wallId={here} />
      {missing.length > 0 && (
        <p className="mt-2">
          <Button small onClick={takeAll}>
            {t('takeAll', { count: missing.length })}
          </Button>
        </p>
      )}
      <ul className="mt-3">
        {found.map((f) => (
          <FoundRow key={f.id} found={f} rooms={rooms} />
        ))}
      </ul>
    </div>
  );
}

/** A thing told quickly: name, kind, size, colour, photo; Enter, and the next. */
function Entry({ wallId }: { wallId: string | null }): ReactNode {
  const t = useTranslations('clear');
  const ts = useTranslations('stash');
  const { file, change } = useRoom();
  const { unit } = file.room;
  const [name, setName] = useState('');
  const [kind, setKind] = useState<Item['kind']>('object');
  const [count, setCount] = useState(1);
  const [size, setSize] = useState(() =>
    unit === 'cm' ? { w: cm(20), h: cm(20) } : { w: inches(8), h: inches(8) },
  );
  const [hex, setHex] = useState('#a8a49a');
  const [photoId, setPhotoId] = useState<string | null>(null);
  const [says, setSays] = useState<string | null>(null);
  const add = () => {
    if (!name) {
      setSays(ts('nameNeeded'));
      return;
    }
    const item = newItem({
      id: nanoid(12),
      name,
      kind,
      count,
      widthMm: size.w,
      heightMm: size.h,
      colours: [{ ...labOfHex(hex)!, share: 1 }],
      photoId,
      roomId: file.room.id,
    });
    change([
      { do: 'putItem', item },
      {
        do: 'putFound',
        found: { id: nanoid(8), itemId: item.id, wallId, verdict: null, toRoomId: null, placeId: null },
      },
    ]);
    setName('');
    setPhotoId(null);
    setSays(t('added', { name }));
  };
  const take = async (chosen: File | undefined) => {
    if (!chosen) return;
    const kept = await takeInPhoto(chosen);
    if (kept.ok) {
      setPhotoId(kept.id);
      setSays(t('photoTaken'));
    } else setSays(kept.message);
  };
  const positive = (mm: number, set: () => void) => {
    if (mm <= 0) return { took: false as const, message: ts('moreThanNothing') };
    set();
    return TAKEN;
  };
  const key = (f: string) => `${file.room.id}-found-${f}`;
  return (
    <form
      data-worksheet
      className="border-b border-line pb-3"
      onSubmit={(e) => {
        e.preventDefault();
        add();
      }}
    >
      <div className="grid grid-cols-[1fr_104px_52px] gap-x-3">
        <TextField
          label={t('what')}
          draftKey={key('name')}
          value={name}
          placeholder={t('example')}
          onCommit={(v) => {
            setName(v.slice(0, 80));
            setSays(null);
            return TAKEN;
          }}
        />
        <Pick
          label={ts('kind')}
          value={kind}
          options={KINDS.map((k) => ({ value: k, label: ts(`kinds.${k}`) }))}
          onChange={setKind}
        />
        <NumberField
          label={ts('howMany')}
          draftKey={key('count')}
          value={count}
          step={1}
          onCommit={(n) => {
            if (n < 1 || !Number.isInteger(n)) return { took: false, message: ts('wholeNumber') };
            setCount(n);
            return TAKEN;
          }}
        />
      </div>
      <div className="mt-1.5 grid grid-cols-[1fr_1fr_auto_auto_auto] items-end gap-x-3">
        <LengthField
          label={ts('wide')}
          size="small"
          draftKey={key('w')}
          valueMm={size.w}
          unit={unit}
          onCommit={(w) => positive(w, () => setSize((s) => ({ ...s, w })))}
        />
        <LengthField
          label={ts('high')}
          size="small"
          draftKey={key('h')}
          valueMm={size.h}
          unit={unit}
          onCommit={(h) => positive(h, () => setSize((s) => ({ ...s, h })))}
        />
        <input
          type="color"
          aria-label={ts('colour')}
          value={hex}
          onChange={(e) => setHex(e.target.value)}
          className="h-7 w-9 border border-ink bg-transparent"
        />
        <label
          className={`inline-flex cursor-pointer rounded-md border px-2 py-0.5 text-[13px] font-medium has-focus-visible:outline-2 ${photoId ? 'border-ink bg-well' : 'border-ink'}`}
        >
          <input
            type="file"
            accept="image/*"
            className="sr-only"
            onChange={(e) => {
              void take(e.target.files?.[0]);
              e.target.value = '';
            }}
          />
          {ts('photo')}
        </label>
        <Button small look="strong" type="submit">
          {t('add')}
        </Button>
      </div>
      {says && (
        <p role="status" className="mt-1 text-[13px]">
          {says}
        </p>
      )}
    </form>
  );
}

function FoundRow({
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
  const settle = (patch: Partial<Found>) => {
    const next = { ...f, ...patch };
    const to = moveBy(next, item, file.room.id);
    const mend =
      next.verdict === 'mend' && !file.clear.tasks.some((x) => x.itemId === item.id && x.kind === 'mend');
    change([
      { do: 'putFound', found: next },
      { do: 'moveItem', id: item.id, to },
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
            style={{ background: hexOfLab(item.colours[0]!) }}
          />
        )}
        <p className="min-w-0 flex-1 leading-tight">
          <span className="block truncate text-[15px] font-medium">{item.name}</span>
          <span className="block truncate text-[13px] text-soft">
            <Words>{`${ts(`kinds.${item.kind}`)}, ${formatBareLength(item.widthMm, unit)} × ${formatLength(item.heightMm, unit)}${wall ? `, ${wallName(wall)}` : ''}`}</Words>
          </span>
        </p>
        <Button
          small
          look="quiet"
          aria-label={t('drop', { name: item.name })}
          title={t('drop', { name: item.name })}
          onClick={() => change([{ do: 'removeFound', id: f.id }])}
        >
          ×
        </Button>
      </div>
      <div className="mt-1.5 flex" role="group" aria-label={t('verdictOf', { name: item.name })}>
        {VERDICTS.map((v) => (
          <button
            key={v}
            type="button"
            aria-pressed={f.verdict === v}
            onClick={() =>
              settle({
                verdict: f.verdict === v ? null : v,
                ...(v === 'moves' ? {} : { toRoomId: null }),
                ...(v === 'away' ? {} : { placeId: null }),
              })
            }
            className="min-h-[32px] flex-1 border border-l-0 border-line px-1 font-narrow text-[13px] first:border-l aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-sheet max-lg:min-h-[44px]"
          >
            {t(`verdicts.${v}`)}
          </button>
        ))}
      </div>
      {f.verdict === 'moves' && (
        <Pick
          label={t('toRoom')}
          hideLabel
          value={f.toRoomId ?? ''}
          options={[{ value: '', label: t('toRoom') }, ...rooms.map((r) => ({ value: r.id, label: r.name }))]}
          onChange={(x) => settle({ toRoomId: x === '' ? null : x })}
        />
      )}
      {f.verdict === 'away' && (
        <Pick
          label={t('toPlace')}
          hideLabel
          value={f.placeId ?? ''}
          options={[
            { value: '', label: file.places.length === 0 ? t('noPlaces') : t('toPlace') },
            ...file.places.map((p) => ({ value: p.id, label: p.name })),
          ]}
          onChange={(x) => settle({ placeId: x === '' ? null : x })}
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
