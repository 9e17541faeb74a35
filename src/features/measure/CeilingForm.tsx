'use client';
import { first } from '../../core/base/list';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import type { ReactNode } from 'react';
import { cm, inches } from '../../core/base/units';
import type { Beam, Room, Slope } from '../../core/model/types';
import { Button } from '../../ui/Button';
import { Select } from '../../ui/Select';
import { LengthField } from '../../ui/Field';
import { useRoom } from '../shell/room/RoomContext';
import { useCommit } from '../shell/useCommit';
import { useWallName } from '../shell/useWords';
import { RemoveButton } from '../../ui/RemoveButton';

/** Where the ceiling slopes down to a wall, and dropped beams across the room. */
export function CeilingForm(): ReactNode {
  const t = useTranslations('measure');
  const { file, plan, change, wallId } = useRoom();
  const commit = useCommit();
  const wallName = useWallName();
  const { room } = file;
  const { unit } = room;
  const chosenId = plan.walls.find((w) => w.id === wallId)?.id ?? first(plan.walls).id;
  const set = (patch: Partial<Room>) => commit({ do: 'setRoom', room: { ...room, ...patch } }, 'room');
  const put = (patch: Partial<Room>) => change([{ do: 'setRoom', room: { ...room, ...patch } }]);
  const slope = (i: number, patch: Partial<Slope>) => ({
    slopes: room.slopes.map((s, k) => (k === i ? { ...s, ...patch } : s)),
  });
  const beam = (i: number, patch: Partial<Beam>) => ({
    beams: room.beams.map((b, k) => (k === i ? { ...b, ...patch } : b)),
  });
  const walls = plan.walls.map((w) => ({ value: w.id, label: wallName(w) }));
  const some = (inch: number, metric: number) => (unit === 'cm' ? cm(metric) : inches(inch));
  return (
    <div className="mt-2 space-y-3">
      <LengthField
        label={t('crown')}
        draftKey={`${room.id}-crown`}
        valueMm={room.crownMm}
        unit={unit}
        onCommit={(crownMm) => set({ crownMm })}
      />
      {room.slopes.map((s, i) => (
        <div key={i} className="grid grid-cols-[1.2fr_1fr_1fr_auto] items-end gap-x-3">
          <Select
            label={t('slopeTo')}
            value={s.wallId}
            options={walls}
            onChange={(id) => set(slope(i, { wallId: id }))}
          />
          <LengthField
            label={t('slopeLow')}
            draftKey={`${room.id}-slope${i}-low`}
            size="small"
            valueMm={s.lowMm}
            unit={unit}
            onCommit={(lowMm) => set(slope(i, { lowMm }))}
          />
          <LengthField
            label={t('slopeRun')}
            draftKey={`${room.id}-slope${i}-run`}
            size="small"
            valueMm={s.runMm}
            unit={unit}
            onCommit={(runMm) => (runMm > 0 ? set(slope(i, { runMm })) : { took: false, message: '' })}
          />
          <RemoveButton
            label={t('slopeRemove', { n: i + 1 })}
            onClick={() => put({ slopes: room.slopes.filter((_, k) => k !== i) })}
          />
        </div>
      ))}
      {room.beams.map((b, i) => (
        <div key={b.id} className="grid grid-cols-[1.1fr_1fr_0.8fr_1fr_auto] items-end gap-x-3">
          <Select
            label={t('beamAlong')}
            value={b.wallId}
            options={walls}
            onChange={(id) => set(beam(i, { wallId: id }))}
          />
          <LengthField
            label={t('beamFrom')}
            draftKey={`${room.id}-beam${i}-from`}
            size="small"
            valueMm={b.fromWallMm}
            unit={unit}
            onCommit={(fromWallMm) => set(beam(i, { fromWallMm }))}
          />
          <LengthField
            label={t('width')}
            draftKey={`${room.id}-beam${i}-width`}
            size="small"
            valueMm={b.widthMm}
            unit={unit}
            onCommit={(widthMm) => (widthMm > 0 ? set(beam(i, { widthMm })) : { took: false, message: '' })}
          />
          <LengthField
            label={t('beamUnder')}
            draftKey={`${room.id}-beam${i}-under`}
            size="small"
            valueMm={b.undersideMm}
            unit={unit}
            onCommit={(undersideMm) =>
              undersideMm > 0 ? set(beam(i, { undersideMm })) : { took: false, message: '' }
            }
          />
          <RemoveButton
            label={t('beamRemove', { name: b.name })}
            onClick={() => put({ beams: room.beams.filter((x) => x.id !== b.id) })}
          />
        </div>
      ))}
      <div className="flex gap-2">
        <Button
          small
          onClick={() =>
            put({
              slopes: [
                ...room.slopes,
                { wallId: chosenId, lowMm: Math.round(room.ceilingMm * 0.6), runMm: some(48, 120) },
              ],
            })
          }
        >
          {t('slopeAdd')}
        </Button>
        <Button
          small
          onClick={() =>
            put({
              beams: [
                ...room.beams,
                {
                  id: nanoid(8),
                  name: t('beamName', { n: room.beams.length + 1 }),
                  wallId: chosenId,
                  fromWallMm: some(48, 120),
                  widthMm: some(8, 20),
                  undersideMm: Math.max(100, room.ceilingMm - some(10, 25)),
                },
              ],
            })
          }
        >
          {t('beamAdd')}
        </Button>
      </div>
    </div>
  );
}
