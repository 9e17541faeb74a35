'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { LengthUnit } from '../../core/base/units';
import type { Finish, Room, RoomFile } from '../../core/model/types';
import { Button } from '../../ui/Button';
import { Select } from '../../ui/Select';
import { Checkbox } from '../../ui/Checkbox';
import { Collapsible } from '../../ui/Collapsible';
import { NumberField, TAKEN, TextField } from '../../ui/Field';
import { useRoom } from '../shell/room/RoomContext';
import { useCommit } from '../shell/useCommit';
import { useWallName } from '../shell/useWords';
import { ColourField } from '../shell/ColourField';

/** What the room is called, its finishes, and who lives here. */
export function RoomDetails(): ReactNode {
  const t = useTranslations('measure');
  const { file, change, preview } = useRoom();
  const commit = useCommit();
  const { room, home } = file;
  const set = (patch: Partial<Room>) => commit({ do: 'setRoom', room: { ...room, ...patch } }, 'room');
  const key = (field: string) => `${room.id}-${field}`;
  const finish = (field: 'wallFinish' | 'floorFinish' | 'trimFinish') => {
    const next = (colours: RoomFile['room']['wallFinish']['colours']) => ({
      do: 'setRoom' as const,
      room: { ...room, [field]: { ...room[field], colours } },
    });
    return (
      <ColourField
        label={t(field)}
        colours={room[field].colours}
        onPreview={(c) => preview([next(c)])}
        onCommit={(c) => {
          preview(null);
          change([next(c)]);
        }}
      />
    );
  };
  const flag = (name: 'pets' | 'featherFree' | 'woolFree' | 'scentFree' | 'rented' | 'wheelchair') => (
    <Checkbox
      checked={home.flags[name]}
      onChange={(checked) =>
        change([{ do: 'setHome', home: { ...home, flags: { ...home.flags, [name]: checked } } }])
      }
    >
      {t(name)}
    </Checkbox>
  );
  const ages = (childrenAges: number[]) =>
    change([{ do: 'setHome', home: { ...home, flags: { ...home.flags, childrenAges } } }]);
  return (
    <>
      <Collapsible title={t('nameUnit')} summary={room.name}>
        <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
          <TextField
            label={t('name')}
            draftKey={key('name')}
            value={room.name}
            onCommit={(name) => (name ? set({ name: name.slice(0, 80) }) : TAKEN)}
          />
          <TextField
            label={t('home')}
            draftKey={key('home')}
            value={home.name}
            onCommit={(name) => {
              if (name) change([{ do: 'setHome', home: { ...home, name: name.slice(0, 80) } }]);
              return TAKEN;
            }}
          />
          <Select
            label={t('unit')}
            value={room.unit}
            options={(['in', 'ft-in', 'cm'] as LengthUnit[]).map((u) => ({
              value: u,
              label: t(`unit-${u}`),
            }))}
            onChange={(unit) => {
              change([{ do: 'setRoom', room: { ...room, unit } }]);
            }}
          />
        </div>
      </Collapsible>
      <Collapsible title={t('finishes')}>
        {finish('wallFinish')}
        <OwnFinish />
        {finish('floorFinish')}
        {finish('trimFinish')}
        <div className="mt-2 grid grid-cols-2 gap-x-4">
          <Select
            label={t('wallsOf')}
            value={room.wallsOf}
            options={(['plasterboard', 'plaster', 'brick', 'wood'] as const).map((m) => ({
              value: m,
              label: t(`builtOf.${m}`),
            }))}
            onChange={(wallsOf) => {
              change([{ do: 'setRoom', room: { ...room, wallsOf } }]);
            }}
          />
          <Select
            label={t('floorOf')}
            value={room.floorOf}
            options={(['wood', 'carpet', 'tile', 'concrete'] as const).map((m) => ({
              value: m,
              label: t(`builtOf.${m}`),
            }))}
            onChange={(floorOf) => {
              change([{ do: 'setRoom', room: { ...room, floorOf } }]);
            }}
          />
        </div>
      </Collapsible>
      <Collapsible title={t('flags')}>
        <div className="grid grid-cols-2 gap-x-4 gap-y-1">
          {flag('pets')}
          {flag('rented')}
          {flag('wheelchair')}
          {flag('featherFree')}
          {flag('woolFree')}
          {flag('scentFree')}
          <Checkbox
            checked={room.childsRoom}
            onChange={(checked) => change([{ do: 'setRoom', room: { ...room, childsRoom: checked } }])}
          >
            {t('childsRoom')}
          </Checkbox>
        </div>
        <div className="mt-2 grid grid-cols-2 gap-4">
          {home.flags.childrenAges.map((a, i) => (
            <NumberField
              key={i}
              label={t('childAge', { n: i + 1 })}
              draftKey={key(`age${i}`)}
              value={a}
              decimals={1}
              size="small"
              examples="6"
              onClear={() => ages(home.flags.childrenAges.filter((_, k) => k !== i))}
              range={[0, 17]}
              onCommit={(n) => {
                ages(home.flags.childrenAges.map((x, k) => (k === i ? n : x)));
                return TAKEN;
              }}
            />
          ))}
          <NumberField
            label={t('childNew')}
            draftKey={key('age-new')}
            value={null}
            decimals={1}
            size="small"
            examples="6"
            placeholder="+"
            range={[0, 17]}
            onCommit={(n) => {
              ages([...home.flags.childrenAges, n]);
              return TAKEN;
            }}
          />
        </div>
      </Collapsible>
    </>
  );
}

/** The shown wall where it is finished otherwise than the others. */
function OwnFinish(): ReactNode {
  const t = useTranslations('measure');
  const { file, plan, wallId, change, preview } = useRoom();
  const wallName = useWallName();
  const { room } = file;
  const wall = plan.walls.find((w) => w.id === wallId);
  if (!wall) return null;
  const name = wallName(wall);
  const own = room.walls.find((w) => w.id === wallId)?.finish;
  const put = (finish: Finish | null) => ({
    do: 'setRoom' as const,
    room: {
      ...room,
      walls: room.walls.map(({ finish: before, ...w }) => {
        const kept = w.id === wallId ? finish : before;
        return kept ? { ...w, finish: kept } : w;
      }),
    },
  });
  if (!own)
    return (
      <p className="border-b border-line py-1.5">
        <Button small onClick={() => change([put(room.wallFinish)])}>
          {t('ownFinish', { wall: name })}
        </Button>
      </p>
    );
  return (
    <>
      <ColourField
        label={name}
        colours={own.colours}
        onPreview={(colours) => preview([put({ ...own, colours })])}
        onCommit={(colours) => {
          preview(null);
          change([put({ ...own, colours })]);
        }}
      />
      <p className="border-b border-line py-1.5">
        <Button small onClick={() => change([put(null)])}>
          {t('asOthers', { wall: name })}
        </Button>
      </p>
    </>
  );
}
