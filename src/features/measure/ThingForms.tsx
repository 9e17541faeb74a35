'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { guessesFor, type ReadingField as Field } from '../../core/stages/measure/readings';
import type { Change } from '../../core/model/change';
import { applyChange } from '../../core/model/change';
import type { Fitting, Piece, Seat } from '../../core/model/types';
import { Button } from '../../ui/Button';
import { LengthField, NumberField, TAKEN, TextField, type Answer } from '../../ui/Field';
import { Select } from '../../ui/Select';
import { useRoom } from '../shell/room/RoomContext';
import { useMeasureWords } from '../shell/useWords';
import { ColourField } from './ColourField';
import { useCommit } from '../shell/useCommit';
import { inSize, SIZES } from './library';
import { ReadingField } from './ReadingField';

export function FittingForm({ fitting: f }: { fitting: Fitting }): ReactNode {
  const t = useTranslations('measure');
  const { file, change, preview } = useRoom();
  const commit = useCommit();
  const positive = usePositive();
  const set = (patch: Partial<Fitting>): Answer =>
    commit({ do: 'putFitting', fitting: { ...f, ...patch } }, f.id);
  const field = (name: Field, label: string, valueMm: number, onCommit: (mm: number) => Answer) => (
    <ReadingField about={f.id} field={name} label={label} valueMm={valueMm} onCommit={onCommit} />
  );
  return (
    <div className="space-y-2.5">
      <TextField
        label={t('name')}
        draftKey={`${file.room.id}-${f.id}-name`}
        value={f.name}
        onCommit={(name) => {
          if (name) change([{ do: 'putFitting', fitting: { ...f, name: name.slice(0, 80) } }]);
          return TAKEN;
        }}
      />
      <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
        {field('xMm', t('fromLeft'), f.xMm, (xMm) => set({ xMm }))}
        {field('widthMm', t('width'), f.widthMm, (widthMm) => positive(widthMm, () => set({ widthMm })))}
        {field('bottomMm', t('bottom'), f.bottomMm, (bottomMm) => set({ bottomMm }))}
        {field('heightMm', t('height'), f.heightMm, (heightMm) =>
          positive(heightMm, () => set({ heightMm })),
        )}
        {field('depthMm', t('depth'), f.depthMm, (depthMm) => set({ depthMm }))}
      </div>
      {f.kind === 'stairs' && (
        <Select
          label={t('rises')}
          value={f.rises}
          options={(['left', 'right'] as const).map((side) => ({
            value: side,
            label: t(side === 'left' ? 'risesLeft' : 'risesRight'),
          }))}
          onChange={(rises) => {
            change([{ do: 'putFitting', fitting: { ...f, rises } }]);
          }}
        />
      )}
      {f.mantel && (
        <section className="pt-1">
          <h3 className="mb-1.5 font-sans text-[14px] font-semibold">{t('mantel')}</h3>
          <div className="grid grid-cols-3 gap-x-4">
            {field('mantelTop', t('mantelTop'), f.mantel.topMm, (topMm) =>
              positive(topMm, () => set({ mantel: { ...f.mantel!, topMm } })),
            )}
            {field('mantelWidth', t('width'), f.mantel.widthMm, (widthMm) =>
              positive(widthMm, () => set({ mantel: { ...f.mantel!, widthMm } })),
            )}
            {field('mantelDepth', t('depth'), f.mantel.depthMm, (depthMm) =>
              positive(depthMm, () => set({ mantel: { ...f.mantel!, depthMm } })),
            )}
          </div>
        </section>
      )}
      <ColourField
        label={t('colour')}
        colours={f.colours}
        onPreview={(colours) => preview([{ do: 'putFitting', fitting: { ...f, colours } }])}
        onCommit={(colours) => {
          preview(null);
          change([{ do: 'putFitting', fitting: { ...f, colours } }]);
        }}
      />
    </div>
  );
}

function usePositive(): (mm: number, take: () => Answer) => Answer {
  const { file } = useRoom();
  const words = useMeasureWords(file.room.unit);
  return (mm, take) =>
    mm > 0
      ? take()
      : {
          took: false,
          message: words({
            code: 'not-positive' as 'sill-above-head',
            level: 'refuse',
            path: [],
            about: '',
            field: '',
            cameMm: mm,
            expectedMm: 1000,
          }),
        };
}

const TURN_BY = 15;

export function PieceForm({ piece: p }: { piece: Piece }): ReactNode {
  const t = useTranslations('measure');
  const { file, change, preview } = useRoom();
  const commit = useCommit();
  const positive = usePositive();
  const unit = file.room.unit;
  const set = (patch: Partial<Piece>): Answer => commit({ do: 'putPiece', piece: { ...p, ...patch } }, p.id);
  const setSeat = (patch: Partial<Seat>): Answer => set({ seat: { ...p.seat!, ...patch } });
  const key = (name: string) => `${file.room.id}-${p.id}-${name}`;
  const [west, north] = [
    Math.min(...file.room.walls.map((w) => w.xMm)),
    Math.min(...file.room.walls.map((w) => w.yMm)),
  ];
  const turn = ((p.turnDeg % 360) + 360) % 360;
  const field = (name: Field, label: string, valueMm: number, onCommit: (mm: number) => Answer) => (
    <ReadingField about={p.id} field={name} label={label} valueMm={valueMm} onCommit={onCommit} />
  );
  const takeSize = (name: string) => {
    const usual = SIZES[p.kind].find((s) => s.name === name);
    if (!usual) return;
    const put: Change = { do: 'putPiece', piece: inSize(p, usual, unit) };
    change([put, { do: 'markReadings', readings: guessesFor(applyChange(file, put), p.id) }]);
  };
  return (
    <div className="space-y-2.5">
      <div className="grid grid-cols-2 gap-x-4">
        <TextField
          label={t('name')}
          draftKey={key('name')}
          value={p.name}
          onCommit={(name) => {
            if (name) change([{ do: 'putPiece', piece: { ...p, name: name.slice(0, 80) } }]);
            return TAKEN;
          }}
        />
        {SIZES[p.kind].length > 1 && (
          <Select
            label={t('usual')}
            value=""
            options={[
              { value: '', label: t('usualPick') },
              ...SIZES[p.kind].map((s) => ({ value: s.name, label: t(`sizes.${s.name as 'usual'}`) })),
            ]}
            onChange={takeSize}
          />
        )}
      </div>
      <div className="grid grid-cols-3 gap-x-4 gap-y-2.5">
        {field('widthMm', t('width'), p.widthMm, (widthMm) => positive(widthMm, () => set({ widthMm })))}
        {field('depthMm', t('depth'), p.depthMm, (depthMm) => positive(depthMm, () => set({ depthMm })))}
        {field('heightMm', t('height'), p.heightMm, (heightMm) =>
          positive(heightMm, () => set({ heightMm })),
        )}
      </div>
      <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
        <LengthField
          label={t('fromWest')}
          draftKey={key('x')}
          valueMm={p.xMm - west}
          unit={unit}
          onCommit={(mm) => set({ xMm: mm + west })}
        />
        <LengthField
          label={t('fromNorth')}
          draftKey={key('y')}
          valueMm={p.yMm - north}
          unit={unit}
          onCommit={(mm) => set({ yMm: mm + north })}
        />
        <div className="flex items-end gap-1.5">
          <NumberField
            className="flex-1"
            label={t('turn')}
            draftKey={key('turn')}
            value={Number(turn.toFixed(2))}
            decimals={2}
            suffix="°"
            within={[-360, 360]}
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
        <LengthField
          label={t('standsOn')}
          draftKey={key('bottom')}
          valueMm={p.bottomMm}
          unit={unit}
          onCommit={(bottomMm) => set({ bottomMm })}
        />
      </div>
      {p.seat && !p.bed && (
        <section className="pt-1">
          <h3 className="mb-1.5 font-sans text-[14px] font-semibold">{t('seat')}</h3>
          <div className="grid grid-cols-3 gap-x-4 gap-y-2.5">
            {field('seatWidth', t('seatWidth'), p.seat.widthMm, (widthMm) =>
              positive(widthMm, () => setSeat({ widthMm })),
            )}
            {field('seatHeight', t('seatHeight'), p.seat.heightMm, (heightMm) =>
              positive(heightMm, () => setSeat({ heightMm })),
            )}
            {field('seatDepth', t('seatDepth'), p.seat.depthMm, (depthMm) =>
              positive(depthMm, () => setSeat({ depthMm })),
            )}
            {field('armHeight', t('armHeight'), p.seat.armHeightMm, (armHeightMm) =>
              setSeat({ armHeightMm }),
            )}
            <NumberField
              label={t('cushions')}
              draftKey={key('cushions')}
              value={p.seat.looseCushions}
              step={1}
              within={[0, 24]}
              whole
              onCommit={(n) => setSeat({ looseCushions: n })}
            />
            <NumberField
              label={t('seats')}
              draftKey={key('seats')}
              value={p.seat.seats}
              step={1}
              within={[1, 12]}
              whole
              onCommit={(n) => setSeat({ seats: n })}
            />
            <NumberField
              label={t('wanted')}
              draftKey={key('wanted')}
              value={p.seat.wantedSitters}
              step={1}
              within={[0, 12]}
              whole
              onCommit={(n) => setSeat({ wantedSitters: n })}
            />
          </div>
        </section>
      )}
      {p.bed && (
        <div className="grid grid-cols-3 gap-x-4 gap-y-2.5">
          {field('mattress', t('mattress'), p.bed.mattressMm, (mattressMm) =>
            positive(mattressMm, () => set({ bed: { ...p.bed!, mattressMm } })),
          )}
          {field('headboard', t('headboard'), p.bed.headboardMm, (headboardMm) =>
            set({ bed: { ...p.bed!, headboardMm } }),
          )}
          {field('footboard', t('footboard'), p.bed.footboardMm, (footboardMm) =>
            set({ bed: { ...p.bed!, footboardMm } }),
          )}
        </div>
      )}
      {p.kind === 'bookcase' && (
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
                onCommit={(at) => set({ shelvesMm: p.shelvesMm.map((s, k) => (k === i ? at : s)) })}
              />
            ))}
            <LengthField
              label={t('shelfNew')}
              draftKey={key('shelf-new')}
              valueMm={null}
              unit={unit}
              placeholder="+"
              onCommit={(at) => set({ shelvesMm: [...p.shelvesMm, at].sort((a, b) => a - b) })}
            />
          </div>
        </section>
      )}
      {(p.kind === 'diningTable' || p.kind === 'desk' || p.chairs > 0) && (
        <NumberField
          label={t('chairs')}
          draftKey={key('chairs')}
          value={p.chairs}
          step={1}
          within={[0, 24]}
          whole
          onCommit={(n) => set({ chairs: n })}
        />
      )}
      <ColourField
        label={t('colour')}
        colours={p.colours}
        onPreview={(colours) => preview([{ do: 'putPiece', piece: { ...p, colours } }])}
        onCommit={(colours) => {
          preview(null);
          change([{ do: 'putPiece', piece: { ...p, colours } }]);
        }}
      />
    </div>
  );
}
