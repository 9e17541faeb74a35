'use client';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { useState, type ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import type { LengthUnit } from '../../core/base/units';
import type { Point } from '../../core/geometry/plane';
import type { Room, RoomFile } from '../../core/model/types';
import { walkOfOutline, type Leg } from '../../core/room/survey';
import { Pick } from '../../ui/Choice';
import { Fold } from '../../ui/Fold';
import { NumberField, TAKEN, TextField } from '../../ui/Field';
import { Findings } from '../shell/Findings';
import { useRoom } from '../shell/room/RoomContext';
import { useCommit } from '../shell/useCommit';
import { ColourField } from './ColourField';
import { ReadingField } from './ReadingField';

const OutlineForm = dynamic(() => import('../shell/outline/OutlineForm').then((m) => m.OutlineForm));
const CeilingForm = dynamic(() => import('./CeilingForm').then((m) => m.CeilingForm));
const GuessList = dynamic(() => import('./GuessList').then((m) => m.GuessList));

/** The room itself: what its floor says, then name, ceiling, outline, finishes, and who lives here. */
export function RoomForm({ outlineOpen }: { outlineOpen: boolean }): ReactNode {
  const t = useTranslations('measure');
  const to = useTranslations('outline');
  const { file, plan, change, preview, rules } = useRoom();
  const commit = useCommit();
  const { room, home } = file;
  const set = (patch: Partial<Room>) => commit({ do: 'setRoom', room: { ...room, ...patch } }, 'room');
  const key = (field: string) => `${room.id}-${field}`;
  const kept = walkOfOutline(room);
  // the walk being edited, until the room's own outline is another one
  const [edited, setEdited] = useState<{ of: string; legs: Leg[] } | null>(null);
  const outlineKey = JSON.stringify(kept);
  const legs = edited?.of === outlineKey ? edited.legs : kept.legs;
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
  const flag = (name: 'pets' | 'featherFree' | 'woolFree' | 'scentFree' | 'rented' | 'wheelchair') => (
    <label className="flex min-h-[26px] items-center gap-2 text-[14px]"><input type="checkbox" className="accent-black" checked={home.flags[name]} onChange={(e) => change([{ do: 'setHome', home: { ...home, flags: { ...home.flags, [name]: e.target.checked } } }])} />{t(name)}</label>
  );
  const ages = (childrenAges: number[]) => change([{ do: 'setHome', home: { ...home, flags: { ...home.flags, childrenAges } } }]);
  const age = (n: number, take: () => void) => { if (n < 0 || n > 17) return { took: false as const, message: '0 – 17' }; take(); return TAKEN; };
  const floor = plan.findings.filter((f) => f.stage === 'measure');
  const amiss = floor.filter((f) => f.level !== 'ok').length;
  const guesses = room.readings.length;
  return (
    <div>
      <Fold title={t('floorChecks')} says={amiss === 0 ? t('allWell') : t('toLookAt', { count: amiss })} open={!outlineOpen}>{floor.length > 0 ? <div className="-mt-4"><Findings findings={floor} /></div> : <p className="text-[14px] text-soft">{t('floorNothing')}</p>}</Fold>
      {guesses > 0 && <Fold title={t('toMeasure')} says={t('guessCount', { count: guesses })}><GuessList /></Fold>}
      <Fold title={to('title')} says={t('wallCount', { count: room.walls.length })} open={outlineOpen}>
        <OutlineForm legs={legs} startDeg={kept.startDeg} start={{ xMm: room.walls[0]!.xMm, yMm: room.walls[0]!.yMm }} onLegs={(next) => setEdited({ of: outlineKey, legs: next })} unit={room.unit} toleranceMm={rules.number('measure.closing')} draftKey={key('outline')} onSet={setOutline}
          names={room.walls.map((w) => w.name)} onName={(i, name) => { if (room.walls[i]) change([{ do: 'setRoom', room: { ...room, walls: room.walls.map((w, k) => (k === i ? { ...w, name } : w)) } }]); }} />
      </Fold>
      <Fold title={t('overhead')} says={formatLength(room.ceilingMm, room.unit)} open>
        <ReadingField about="room" field="ceilingMm" label={t('ceiling')} valueMm={room.ceilingMm} onCommit={(ceilingMm) => (ceilingMm > 0 ? set({ ceilingMm }) : { took: false, message: '' })} />
        <CeilingForm />
      </Fold>
      <Fold title={t('nameUnit')} says={room.name}>
        <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
          <TextField label={t('name')} draftKey={key('name')} value={room.name} onCommit={(name) => (name ? set({ name: name.slice(0, 80) }) : TAKEN)} />
          <TextField label={t('home')} draftKey={key('home')} value={home.name} onCommit={(name) => { if (name) change([{ do: 'setHome', home: { ...home, name: name.slice(0, 80) } }]); return TAKEN; }} />
          <Pick label={t('unit')} value={room.unit} options={(['in', 'ft-in', 'cm'] as LengthUnit[]).map((u) => ({ value: u, label: t(`unit-${u}`) }))} onChange={(unit) => { change([{ do: 'setRoom', room: { ...room, unit } }]); }} />
        </div>
      </Fold>
      <Fold title={t('finishes')}>{finish('wallFinish')}{finish('floorFinish')}{finish('trimFinish')}</Fold>
      <Fold title={t('flags')}>
        <div className="grid grid-cols-2 gap-x-4 gap-y-1">
          {flag('pets')}{flag('rented')}{flag('wheelchair')}{flag('featherFree')}{flag('woolFree')}{flag('scentFree')}
          <label className="flex min-h-[26px] items-center gap-2 text-[14px]"><input type="checkbox" className="accent-black" checked={room.childsRoom} onChange={(e) => change([{ do: 'setRoom', room: { ...room, childsRoom: e.target.checked } }])} />{t('childsRoom')}</label>
        </div>
        <div className="mt-2 grid grid-cols-2 gap-4">
          {home.flags.childrenAges.map((a, i) => <NumberField key={i} label={t('childAge', { n: i + 1 })} draftKey={key(`age${i}`)} value={a} decimals={1} size="small" examples="6" onClear={() => ages(home.flags.childrenAges.filter((_, k) => k !== i))} onCommit={(n) => age(n, () => ages(home.flags.childrenAges.map((x, k) => (k === i ? n : x))))} />)}
          <NumberField label={t('childNew')} draftKey={key('age-new')} value={null} decimals={1} size="small" examples="6" placeholder="+" onCommit={(n) => age(n, () => ages([...home.flags.childrenAges, n]))} />
        </div>
      </Fold>
    </div>
  );
}
