'use client';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { useState, type ReactNode } from 'react';
import type { LengthUnit } from '../../core/base/units';
import type { Point } from '../../core/geometry/plane';
import type { Room, RoomFile } from '../../core/model/types';
import { walkOfOutline, type Leg } from '../../core/room/walls';
import { Pick } from '../../ui/Choice';
import { LengthField, NumberField, TAKEN, TextField } from '../../ui/Field';
import { useRoom } from '../shell/room/RoomContext';
import { OutlineForm } from '../shell/outline/OutlineForm';
import { ColourField } from './ColourField';
import { useCommit } from '../shell/useCommit';

/** The room itself: name, unit, ceiling, outline, finishes, and who lives here. */
export function RoomForm(): ReactNode {
  const t = useTranslations('measure');
  const to = useTranslations('outline');
  const { file, change, preview, rules } = useRoom();
  const commit = useCommit();
  const { room, home } = file;
  const set = (patch: Partial<Room>) => commit({ do: 'setRoom', room: { ...room, ...patch } }, 'room');
  const key = (field: string) => `${room.id}-${field}`;
  const kept = walkOfOutline(room);
  // the walk being edited, until the room's own outline is another one
  const [edited, setEdited] = useState<{ of: string; legs: Leg[] } | null>(null);
  const outlineKey = JSON.stringify(kept);
  const legs = edited?.of === outlineKey ? edited.legs : kept;
  const setOutline = (corners: Point[]): string | null => {
    const walls = corners.map((c, i) => ({ id: room.walls[i]?.id ?? nanoid(8), name: room.walls[i]?.name ?? '', ...c }));
    const answer = commit({ do: 'setRoom', room: { ...room, walls } }, 'room');
    if (!answer.took && answer.keep) answer.keep();
    return answer.took || answer.keep ? null : answer.message;
  };
  const finish = (field: 'wallFinish' | 'floorFinish' | 'trimFinish') => {
    const next = (colours: RoomFile['room']['wallFinish']['colours']) => ({ do: 'setRoom' as const, room: { ...room, [field]: { ...room[field], colours } } });
    return <ColourField label={t(field)} colours={room[field].colours} onPreview={(c) => preview([next(c)])} onCommit={(c) => { preview(null); change([next(c)]); }} />;
  };
  const flag = (name: 'pets' | 'featherFree' | 'rented' | 'wheelchair') => (
    <label className="flex min-h-[26px] items-center gap-2 text-[14px]"><input type="checkbox" className="accent-black" checked={home.flags[name]} onChange={(e) => change([{ do: 'setHome', home: { ...home, flags: { ...home.flags, [name]: e.target.checked } } }])} />{t(name)}</label>
  );
  return (
    <div className="space-y-3">
      <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
        <TextField label={t('name')} draftKey={key('name')} value={room.name} onCommit={(name) => (name ? set({ name: name.slice(0, 80) }) : TAKEN)} />
        <TextField label={t('home')} draftKey={key('home')} value={home.name} onCommit={(name) => { if (name) change([{ do: 'setHome', home: { ...home, name: name.slice(0, 80) } }]); return TAKEN; }} />
        <Pick label={t('unit')} value={room.unit} options={(['in', 'ft-in', 'cm'] as LengthUnit[]).map((u) => ({ value: u, label: t(`unit-${u}`) }))} onChange={(unit) => { change([{ do: 'setRoom', room: { ...room, unit } }]); }} />
        <LengthField label={t('ceiling')} draftKey={key('ceiling')} valueMm={room.ceilingMm} unit={room.unit} onCommit={(ceilingMm) => (ceilingMm > 0 ? set({ ceilingMm }) : { took: false, message: '' })} />
      </div>
      <section>
        <h3 className="mb-1 font-sans text-[14px] font-semibold">{to('title')}</h3>
        {legs ? <OutlineForm legs={legs} onLegs={(next) => setEdited({ of: outlineKey, legs: next })} unit={room.unit} toleranceMm={rules.number('measure.closing')} draftKey={key('outline')} onSet={setOutline} /> : <p className="text-[14px] text-soft">{to('notRight')}</p>}
      </section>
      <section>{finish('wallFinish')}{finish('floorFinish')}{finish('trimFinish')}</section>
      <section>
        <h3 className="mb-1 font-sans text-[14px] font-semibold">{t('flags')}</h3>
        <div className="grid grid-cols-2 gap-x-4 gap-y-1">
          {flag('pets')}{flag('featherFree')}{flag('rented')}{flag('wheelchair')}
        </div>
        <div className="mt-2 grid grid-cols-2 gap-4">
          {home.flags.childrenAges.map((age, i) => <NumberField key={i} label={t('childAge', { n: i + 1 })} draftKey={key(`age${i}`)} value={age} size="small" examples="6" onClear={() => change([{ do: 'setHome', home: { ...home, flags: { ...home.flags, childrenAges: home.flags.childrenAges.filter((_, k) => k !== i) } } }])} onCommit={(n) => { if (n < 0 || n > 17) return { took: false, message: '0 – 17' }; change([{ do: 'setHome', home: { ...home, flags: { ...home.flags, childrenAges: home.flags.childrenAges.map((a, k) => (k === i ? n : a)) } } }]); return TAKEN; }} />)}
          <NumberField label={t('childNew')} draftKey={key('age-new')} value={null} size="small" examples="6" placeholder="+" onCommit={(n) => { if (n < 0 || n > 17) return { took: false, message: '0 – 17' }; change([{ do: 'setHome', home: { ...home, flags: { ...home.flags, childrenAges: [...home.flags.childrenAges, n] } } }]); return TAKEN; }} />
        </div>
      </section>
    </div>
  );
}
