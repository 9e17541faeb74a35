'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import type { Opening } from '../../core/model/types';
import { floorLine } from '../../core/room/floor';
import { Button } from '../../ui/Button';
import { LengthField, TextField, TAKEN, type Answer } from '../../ui/Field';
import { Words } from '../../ui/Words';
import { useRoom } from '../shell/room/RoomContext';
import { useMeasureWords } from '../shell/useWords';
import { useCommit } from '../shell/useCommit';

/** Readings of a window, door or arch, in the order of the tape. */
export function OpeningForm({ opening: o }: { opening: Opening }): ReactNode {
  const t = useTranslations('measure');
  const { file, change } = useRoom();
  const commit = useCommit();
  const words = useMeasureWords(file.room.unit);
  const unit = file.room.unit;
  const set = (patch: Partial<Opening>): Answer => commit({ do: 'putOpening', opening: { ...o, ...patch } }, o.id);
  const key = (field: string) => `${file.room.id}-${o.id}-${field}`;
  const top = o.sillMm + o.heightMm;
  const refuse = (code: 'sill-above-head' | 'not-positive', cameMm: number, expectedMm: number): Answer => ({ took: false, message: words({ code: code as 'sill-above-head', level: 'refuse', path: [], about: o.id, field: 'sillMm', cameMm, expectedMm }) });
  const setSill = (sillMm: number): Answer => (sillMm >= top ? refuse('sill-above-head', sillMm, top) : set({ sillMm }));
  const setHead = (headMm: number): Answer => (headMm <= o.sillMm ? refuse('sill-above-head', o.sillMm, headMm) : set({ heightMm: headMm - o.sillMm }));
  const positive = (mm: number, take: () => Answer): Answer => (mm > 0 ? take() : refuse('not-positive', mm, 1000));
  const floor = floorLine(o);
  return (
    <div className="space-y-2.5">
      <TextField label={t('name')} draftKey={key('name')} value={o.name} onCommit={(name) => { if (name) change([{ do: 'putOpening', opening: { ...o, name: name.slice(0, 80) } }]); return TAKEN; }} />
      <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
        <LengthField label={t('fromLeft')} draftKey={key('x')} valueMm={o.xMm} unit={unit} onCommit={(xMm) => set({ xMm })} />
        <LengthField label={t('frameWidth')} draftKey={key('width')} valueMm={o.widthMm} unit={unit} onCommit={(widthMm) => positive(widthMm, () => set({ widthMm }))} />
        <LengthField label={t('sill')} draftKey={key('sill')} valueMm={o.sillMm} unit={unit} onCommit={setSill} />
        <LengthField label={t('height')} draftKey={key('height')} valueMm={o.heightMm} unit={unit} onCommit={(heightMm) => positive(heightMm, () => set({ heightMm }))} />
        <LengthField label={t('head')} draftKey={key('head')} valueMm={top} unit={unit} onCommit={setHead} />
        <LengthField label={t('trim')} draftKey={key('trim')} valueMm={o.trimMm} unit={unit} onCommit={(trimMm) => set({ trimMm })} />
      </div>
      {o.kind === 'window' && (
        <section className="pt-2">
          <h3 className="mb-1.5 font-sans text-[14px] font-semibold">{t('drops')}</h3>
          {o.dropsMm === null ? (
            <><p className="mb-2 text-[14px] text-soft">{t('dropsMissing')}</p><Button small onClick={() => change([{ do: 'putOpening', opening: { ...o, dropsMm: { left: top, middle: top, right: top } } }])}>{t('measureDrops')}</Button></>
          ) : (
            <>
              <div className="grid grid-cols-3 gap-x-4">
                {(['left', 'middle', 'right'] as const).map((side) => (
                  <LengthField key={side} label={t(side === 'left' ? 'dropLeft' : side === 'middle' ? 'dropMiddle' : 'dropRight')} draftKey={key(`drop-${side}`)} valueMm={o.dropsMm![side]} unit={unit} onCommit={(mm) => positive(mm, () => set({ dropsMm: { ...o.dropsMm!, [side]: mm } }))} />
                ))}
              </div>
              <p className="mt-2 text-[13px] text-soft"><Words>{t('floorAt', { left: formatLength(floor.atMm(o.xMm), unit), middle: formatLength(floor.atMm(o.xMm + o.widthMm / 2), unit), right: formatLength(floor.atMm(o.xMm + o.widthMm), unit) })}</Words></p>
              <Button small look="quiet" onClick={() => change([{ do: 'putOpening', opening: { ...o, dropsMm: null } }])}>{t('clearDrops')}</Button>
            </>
          )}
        </section>
      )}
    </div>
  );
}
