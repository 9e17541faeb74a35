'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { Piece, Seat } from '../../core/model/types';
import type { ReadingField as Field } from '../../core/stages/measure/readings';
import { Button } from '../../ui/Button';
import { LengthField, NumberField, type Answer } from '../../ui/Field';
import { useRoom } from '../shell/room/RoomContext';
import { ReadingField } from './ReadingField';
import { usePositive } from './usePositive';

type Props = { piece: Piece; set: (patch: Partial<Piece>) => Answer };
const TURN_BY = 15;

/** Which way it faces. */
export function TurnField({ piece: p, set }: Props): ReactNode {
  const t = useTranslations('measure');
  const { file } = useRoom();
  const key = (name: string) => `${file.room.id}-${p.id}-${name}`;
  const turn = ((p.turnDeg % 360) + 360) % 360;
  return (
    <div className="flex items-end gap-1.5">
      <NumberField
        className="flex-1"
        label={t('turn')}
        draftKey={key('turn')}
        value={Number(turn.toFixed(2))}
        decimals={2}
        suffix="°"
        range={[-360, 360]}
        onCommit={(turnDeg) => set({ turnDeg })}
        step={5}
        examples="45"
      />
      <Button
        small
        aria-label={t('turnLeft', { by: TURN_BY })}
        title={t('turnLeft', { by: TURN_BY })}
        onClick={() => set({ turnDeg: (turn + 360 - TURN_BY) % 360 })}
      >
        ↺
      </Button>
      <Button
        small
        aria-label={t('turnRight', { by: TURN_BY })}
        title={t('turnRight', { by: TURN_BY })}
        onClick={() => set({ turnDeg: (turn + TURN_BY) % 360 })}
      >
        ↻
      </Button>
    </div>
  );
}

/** What of it is sat on: between the arms, how high, how deep, for how many. */
export function SeatFields({ piece: p, seat, set }: Props & { seat: Seat }): ReactNode {
  const t = useTranslations('measure');
  const { file } = useRoom();
  const positive = usePositive();
  const key = (name: string) => `${file.room.id}-${p.id}-${name}`;
  const setSeat = (patch: Partial<Seat>): Answer => set({ seat: { ...seat, ...patch } });
  const field = (name: Field, label: string, valueMm: number, onCommit: (mm: number) => Answer) => (
    <ReadingField about={p.id} field={name} label={label} valueMm={valueMm} onCommit={onCommit} />
  );
  return (
    <section className="pt-1">
      <h3 className="mb-1.5 font-sans text-[14px] font-semibold">{t('seat')}</h3>
      <div className="grid grid-cols-3 gap-x-4 gap-y-2.5">
        {field('seatWidth', t('seatWidth'), seat.widthMm, (widthMm) =>
          positive(widthMm, () => setSeat({ widthMm })),
        )}
        {field('seatHeight', t('seatHeight'), seat.heightMm, (heightMm) =>
          positive(heightMm, () => setSeat({ heightMm })),
        )}
        {field('seatDepth', t('seatDepth'), seat.depthMm, (depthMm) =>
          positive(depthMm, () => setSeat({ depthMm })),
        )}
        {field('armHeight', t('armHeight'), seat.armHeightMm, (armHeightMm) => setSeat({ armHeightMm }))}
        <GapField piece={p} set={set} />
        <NumberField
          label={t('cushions')}
          draftKey={key('cushions')}
          value={seat.looseCushions}
          step={1}
          range={[0, 24]}
          whole
          onCommit={(n) => setSeat({ looseCushions: n })}
        />
        <NumberField
          label={t('seats')}
          draftKey={key('seats')}
          value={seat.seats}
          step={1}
          range={[1, 12]}
          whole
          onCommit={(n) => setSeat({ seats: n })}
        />
        <NumberField
          label={t('wanted')}
          draftKey={key('wanted')}
          value={seat.wantedSitters}
          step={1}
          range={[0, 12]}
          whole
          onCommit={(n) => setSeat({ wantedSitters: n })}
        />
      </div>
    </section>
  );
}

/** The clear height under a seat or a bed, where it was measured: what is stored goes there. */
function GapField({ piece: p, set }: Props): ReactNode {
  const t = useTranslations('measure');
  return (
    <ReadingField
      about={p.id}
      field="gapMm"
      label={t('gap')}
      valueMm={p.gapMm}
      onCommit={(gapMm) => set({ gapMm })}
      onClear={() => set({ gapMm: null })}
    />
  );
}

/** A bed's mattress and its boards. */
export function BedFields({ piece: p, bed, set }: Props & { bed: NonNullable<Piece['bed']> }): ReactNode {
  const t = useTranslations('measure');
  const positive = usePositive();
  const field = (name: Field, label: string, valueMm: number, onCommit: (mm: number) => Answer) => (
    <ReadingField about={p.id} field={name} label={label} valueMm={valueMm} onCommit={onCommit} />
  );
  return (
    <div className="grid grid-cols-3 gap-x-4 gap-y-2.5">
      {field('mattress', t('mattress'), bed.mattressMm, (mattressMm) =>
        positive(mattressMm, () => set({ bed: { ...bed, mattressMm } })),
      )}
      <ReadingField
        about={p.id}
        field="mattressThick"
        label={t('mattressThick')}
        valueMm={bed.thickMm}
        onCommit={(thickMm) => positive(thickMm, () => set({ bed: { ...bed, thickMm } }))}
        onClear={() => set({ bed: { ...bed, thickMm: null } })}
      />
      {field('headboard', t('headboard'), bed.headboardMm, (headboardMm) =>
        set({ bed: { ...bed, headboardMm } }),
      )}
      {field('footboard', t('footboard'), bed.footboardMm, (footboardMm) =>
        set({ bed: { ...bed, footboardMm } }),
      )}
      <GapField piece={p} set={set} />
    </div>
  );
}

/** The tops of a bookcase's shelves. */
export function ShelfFields({ piece: p, set }: Props): ReactNode {
  const t = useTranslations('measure');
  const { file } = useRoom();
  const { unit } = file.room;
  const key = (name: string) => `${file.room.id}-${p.id}-${name}`;
  return (
    <section className="pt-1">
      <h3 className="mb-1.5 font-sans text-[14px] font-semibold">{t('shelves')}</h3>
      <div className="grid grid-cols-3 gap-x-4 gap-y-2.5">
        {p.shelvesMm.map((mm, i) => (
          <LengthField
            key={i}
            label={t('shelfAt', { n: i + 1 })}
            draftKey={key(`shelf${i}`)}
            valueMm={mm}
            unit={unit}
            onClear={() => {
              set({ shelvesMm: p.shelvesMm.filter((_, k) => k !== i) });
            }}
            onCommit={(heightMm) => set({ shelvesMm: p.shelvesMm.map((s, k) => (k === i ? heightMm : s)) })}
          />
        ))}
        <LengthField
          label={t('shelfNew')}
          draftKey={key('shelf-new')}
          valueMm={null}
          unit={unit}
          placeholder="+"
          onCommit={(heightMm) => set({ shelvesMm: [...p.shelvesMm, heightMm].sort((a, b) => a - b) })}
        />
      </div>
    </section>
  );
}
