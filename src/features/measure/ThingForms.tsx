'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { Fitting, Piece, Seat } from '../../core/model/types';
import { LengthField, NumberField, TAKEN, TextField, type Answer } from '../../ui/Field';
import { Pick } from '../../ui/Choice';
import { useRoom } from '../shell/room/RoomContext';
import { useMeasureWords } from '../shell/useWords';
import { ColourField } from './ColourField';
import { useCommit } from '../shell/useCommit';

export function FittingForm({ fitting: f }: { fitting: Fitting }): ReactNode {
  const t = useTranslations('measure');
  const { file, change, preview } = useRoom();
  const commit = useCommit();
  const positive = usePositive();
  const unit = file.room.unit;
  const set = (patch: Partial<Fitting>): Answer => commit({ do: 'putFitting', fitting: { ...f, ...patch } }, f.id);
  const key = (field: string) => `${file.room.id}-${f.id}-${field}`;
  return (
    <div className="space-y-2.5">
      <TextField label={t('name')} draftKey={key('name')} value={f.name} onCommit={(name) => { if (name) change([{ do: 'putFitting', fitting: { ...f, name: name.slice(0, 80) } }]); return TAKEN; }} />
      <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
        <LengthField label={t('fromLeft')} draftKey={key('x')} valueMm={f.xMm} unit={unit} onCommit={(xMm) => set({ xMm })} />
        <LengthField label={t('width')} draftKey={key('width')} valueMm={f.widthMm} unit={unit} onCommit={(widthMm) => positive(widthMm, () => set({ widthMm }))} />
        <LengthField label={t('bottom')} draftKey={key('bottom')} valueMm={f.bottomMm} unit={unit} onCommit={(bottomMm) => set({ bottomMm })} />
        <LengthField label={t('height')} draftKey={key('height')} valueMm={f.heightMm} unit={unit} onCommit={(heightMm) => positive(heightMm, () => set({ heightMm }))} />
        <LengthField label={t('depth')} draftKey={key('depth')} valueMm={f.depthMm} unit={unit} onCommit={(depthMm) => set({ depthMm })} />
      </div>
      <ColourField label={t('colour')} colours={f.colours} onPreview={(colours) => preview([{ do: 'putFitting', fitting: { ...f, colours } }])} onCommit={(colours) => { preview(null); change([{ do: 'putFitting', fitting: { ...f, colours } }]); }} />
    </div>
  );
}

function usePositive(): (mm: number, take: () => Answer) => Answer {
  const { file } = useRoom();
  const words = useMeasureWords(file.room.unit);
  return (mm, take) => (mm > 0 ? take() : { took: false, message: words({ code: 'not-positive' as 'sill-above-head', level: 'refuse', path: [], about: '', field: '', cameMm: mm, expectedMm: 1000 }) });
}

export function PieceForm({ piece: p }: { piece: Piece }): ReactNode {
  const t = useTranslations('measure');
  const { file, change, preview } = useRoom();
  const commit = useCommit();
  const positive = usePositive();
  const unit = file.room.unit;
  const set = (patch: Partial<Piece>): Answer => commit({ do: 'putPiece', piece: { ...p, ...patch } }, p.id);
  const setSeat = (patch: Partial<Seat>): Answer => commit({ do: 'putPiece', piece: { ...p, seat: { ...p.seat!, ...patch } } }, p.id);
  const key = (field: string) => `${file.room.id}-${p.id}-${field}`;
  const [west, north] = [Math.min(...file.room.walls.map((w) => w.xMm)), Math.min(...file.room.walls.map((w) => w.yMm))];
  const turn = ((p.turnDeg % 360) + 360) % 360;
  const turns = ['0', '90', '180', '270'] as const;
  return (
    <div className="space-y-2.5">
      <TextField label={t('name')} draftKey={key('name')} value={p.name} onCommit={(name) => { if (name) change([{ do: 'putPiece', piece: { ...p, name: name.slice(0, 80) } }]); return TAKEN; }} />
      <div className="grid grid-cols-3 gap-x-4 gap-y-2.5">
        <LengthField label={t('width')} draftKey={key('width')} valueMm={p.widthMm} unit={unit} onCommit={(widthMm) => positive(widthMm, () => set({ widthMm }))} />
        <LengthField label={t('depth')} draftKey={key('depth')} valueMm={p.depthMm} unit={unit} onCommit={(depthMm) => positive(depthMm, () => set({ depthMm }))} />
        <LengthField label={t('height')} draftKey={key('height')} valueMm={p.heightMm} unit={unit} onCommit={(heightMm) => positive(heightMm, () => set({ heightMm }))} />
      </div>
      <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
        <LengthField label={t('fromWest')} draftKey={key('x')} valueMm={p.xMm - west} unit={unit} onCommit={(mm) => set({ xMm: mm + west })} />
        <LengthField label={t('fromNorth')} draftKey={key('y')} valueMm={p.yMm - north} unit={unit} onCommit={(mm) => set({ yMm: mm + north })} />
        {turns.includes(String(turn) as '0') ? <Pick label={t('turn')} value={String(turn) as '0'} options={turns.map((v) => ({ value: v, label: t(`turns.${v}`) }))} onChange={(v) => { const answer = set({ turnDeg: Number(v) }); if (!answer.took && answer.keep) answer.keep(); }} /> : <NumberField label={`${t('turn')}, °`} draftKey={key('turn')} value={turn} onCommit={(turnDeg) => set({ turnDeg })} step={5} examples="45" />}
        <LengthField label={t('standsOn')} draftKey={key('bottom')} valueMm={p.bottomMm} unit={unit} onCommit={(bottomMm) => set({ bottomMm })} />
      </div>
      {p.seat && (
        <section className="pt-1">
          <h3 className="mb-1.5 font-sans text-[14px] font-semibold">{t('seat')}</h3>
          <div className="grid grid-cols-3 gap-x-4 gap-y-2.5">
            <LengthField label={t('seatWidth')} draftKey={key('seat-width')} valueMm={p.seat.widthMm} unit={unit} onCommit={(widthMm) => positive(widthMm, () => setSeat({ widthMm }))} />
            <LengthField label={t('seatHeight')} draftKey={key('seat-height')} valueMm={p.seat.heightMm} unit={unit} onCommit={(heightMm) => positive(heightMm, () => setSeat({ heightMm }))} />
            <LengthField label={t('seatDepth')} draftKey={key('seat-depth')} valueMm={p.seat.depthMm} unit={unit} onCommit={(depthMm) => positive(depthMm, () => setSeat({ depthMm }))} />
            <NumberField label={t('seats')} draftKey={key('seats')} value={p.seat.seats} step={1} onCommit={(n) => (n >= 1 && n <= 12 && Number.isInteger(n) ? setSeat({ seats: n }) : { took: false, message: '1 – 12' })} />
            <NumberField label={t('wanted')} draftKey={key('wanted')} value={p.seat.wantedSitters} step={1} onCommit={(n) => (n >= 0 && n <= 12 && Number.isInteger(n) ? setSeat({ wantedSitters: n }) : { took: false, message: '0 – 12' })} />
          </div>
        </section>
      )}
      <ColourField label={t('colour')} colours={p.colours} onPreview={(colours) => preview([{ do: 'putPiece', piece: { ...p, colours } }])} onCommit={(colours) => { preview(null); change([{ do: 'putPiece', piece: { ...p, colours } }]); }} />
    </div>
  );
}
