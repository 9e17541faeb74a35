'use client';
import { findOne } from '../../core/base/list';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { useEffect, useState, type ReactNode } from 'react';
import { roomsOfHomeAction } from '../../actions/room';
import type { Change } from '../../core/model/change';
import { Button } from '../../ui/Button';
import { useRoom } from '../shell/room/RoomContext';
import { FoundEntry } from './FoundEntry';
import { FoundRow } from './FoundRow';

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
  const asFound = findOne(file.looks, (l) => l.id === asFoundId);
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
      <FoundEntry wallId={here} />
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
