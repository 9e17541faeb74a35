'use client';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { useEffect, useState, type ReactNode } from 'react';
import { roomsOfHomeAction } from '../../actions/room';
import { feet, inches } from '../../core/base/units';
import { polygonCentre, step, wayOf } from '../../core/geometry/plane';
import type { Standpoint } from '../../core/model/types';
import { isWay, sits } from '../../core/room/kinds';
import { pointOnWall } from '../../core/room/walls';
import { Button } from '../../ui/Button';
import { LengthField, TAKEN, TextField, type Answer } from '../../ui/Field';
import { useRoom } from '../shell/room/RoomContext';
import { useCommit } from '../shell/useCommit';
import { Checkbox } from '../../ui/Checkbox';

/** Where one stands or sits to judge the room, and which other rooms are seen from here. */
export function StandingForm(): ReactNode {
  const t = useTranslations('measure');
  const { file, arranged, plan, rules, change, picked, pick } = useRoom();
  const commit = useCommit();
  const [others, setOthers] = useState<{ id: string; name: string }[]>([]);
  const { room } = file;
  useEffect(() => {
    let here = true;
    roomsOfHomeAction(file.home.id, room.id)
      .then((found) => {
        if (here) setOthers(found);
      })
      .catch(() => undefined);
    return () => {
      here = false;
    };
  }, [file.home.id, room.id]);
  const put = (standpoints: Standpoint[]) => change([{ do: 'setRoom', room: { ...room, standpoints } }]);
  const edit = (s: Standpoint, patch: Partial<Standpoint>): Answer =>
    commit(
      {
        do: 'setRoom',
        room: { ...room, standpoints: room.standpoints.map((x) => (x.id === s.id ? { ...x, ...patch } : x)) },
      },
      `standpoint.${s.id}`,
    );
  const [west, north] = [
    Math.min(...room.walls.map((w) => w.xMm)),
    Math.min(...room.walls.map((w) => w.yMm)),
  ];
  const add = (kind: Standpoint['kind']) => {
    const door = file.openings.find(isWay);
    const seat = arranged.pieces.filter(sits).sort((a, b) => b.widthMm - a.widthMm)[0];
    const wall = door && plan.walls.find((w) => w.id === door.wallId);
    let place = polygonCentre(room.walls);
    let name = t('stand.own', { n: room.standpoints.length + 1 });
    if (kind === 'door' && door && wall) {
      place = step(pointOnWall(wall, door.xMm + door.widthMm / 2), wayOf(wall.facingDeg + 180), feet(1));
      name = t('stand.from', { name: door.name });
    } else if (kind === 'seat' && seat) {
      place = { xMm: seat.xMm, yMm: seat.yMm };
      name = t('stand.on', { name: seat.name });
    }

    const id = nanoid(8);
    put([
      ...room.standpoints,
      {
        id,
        name: name.slice(0, 80),
        kind,
        xMm: place.xMm,
        yMm: place.yMm,
        eyeMm: kind === 'seat' ? rules.number('walls.seatedEye') : inches(62),
      },
    ]);
    pick(id);
  };
  return (
    <div>
      <p className="mb-3 text-[14px] text-soft">{t('stand.intro')}</p>
      {room.standpoints.map((s) => (
        <div
          key={s.id}
          className={`mb-3 border-l-2 pl-2.5 ${picked === s.id ? 'border-ink' : 'border-line'}`}
          onFocus={() => {
            if (picked !== s.id) pick(s.id);
          }}
        >
          <div className="grid grid-cols-[1fr_auto] items-end gap-3">
            <TextField
              label={t('name')}
              draftKey={`${room.id}-${s.id}-name`}
              size="small"
              value={s.name}
              onCommit={(name) => {
                if (name) edit(s, { name: name.slice(0, 80) });
                return TAKEN;
              }}
            />
            <Button small variant="quiet" onClick={() => put(room.standpoints.filter((x) => x.id !== s.id))}>
              {t('remove')}
            </Button>
          </div>
          <div className="mt-1 grid grid-cols-3 gap-x-4">
            <LengthField
              label={t('stand.west')}
              draftKey={`${room.id}-${s.id}-x`}
              size="small"
              valueMm={s.xMm - west}
              unit={room.unit}
              onCommit={(mm) => edit(s, { xMm: mm + west })}
            />
            <LengthField
              label={t('stand.north')}
              draftKey={`${room.id}-${s.id}-y`}
              size="small"
              valueMm={s.yMm - north}
              unit={room.unit}
              onCommit={(mm) => edit(s, { yMm: mm + north })}
            />
            <LengthField
              label={t('stand.eye')}
              draftKey={`${room.id}-${s.id}-eye`}
              size="small"
              valueMm={s.eyeMm}
              unit={room.unit}
              onCommit={(eyeMm) =>
                eyeMm > 0 && eyeMm <= 2500 ? edit(s, { eyeMm }) : { took: false, message: '' }
              }
            />
          </div>
        </div>
      ))}
      <div className="flex flex-wrap gap-2">
        {(['door', 'seat', 'own'] as const).map((kind) => (
          <Button key={kind} small onClick={() => add(kind)}>
            {t(`stand.add.${kind}`)}
          </Button>
        ))}
      </div>
      <h3 className="mb-1 mt-4 font-sans text-[14px] font-semibold">{t('stand.sees')}</h3>
      {others.length === 0 ? (
        <p className="text-[14px] text-soft">{t('stand.alone')}</p>
      ) : (
        others.map((o) => (
          <Checkbox
            key={o.id}
            checked={room.seesRoomIds.includes(o.id)}
            onChange={(checked) =>
              change([
                {
                  do: 'setRoom',
                  room: {
                    ...room,
                    seesRoomIds: checked
                      ? [...room.seesRoomIds, o.id]
                      : room.seesRoomIds.filter((id) => id !== o.id),
                  },
                },
              ])
            }
          >
            {o.name}
          </Checkbox>
        ))
      )}
    </div>
  );
}
