'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { guessesFor, type ReadingField as Field } from '../../core/stages/measure/readings';
import type { Change } from '../../core/model/change';
import { applyChange } from '../../core/model/change';
import type { Fitting, Piece } from '../../core/model/types';
import { LengthField, NumberField, TAKEN, TextField, type Answer } from '../../ui/Field';
import { mayBeRound } from '../../core/room/kinds';
import { Checkbox } from '../../ui/Checkbox';
import { Select } from '../../ui/Select';
import { useRoom } from '../shell/room/RoomContext';
import { ColourField } from '../shell/ColourField';
import { useCommit } from '../shell/useCommit';
import { inSize } from './library/pieces';
import { SIZES } from './library/pieceSizes';
import { BedFields, SeatFields, ShelfFields, TurnField } from './PieceFields';
import { ReadingField } from './ReadingField';
import { usePositive } from './usePositive';

/** The readings of something that is fixed to a wall. */
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

/** The readings of a piece of furniture. */
export function PieceForm({ piece: p }: { piece: Piece }): ReactNode {
  const t = useTranslations('measure');
  const { file, change, preview } = useRoom();
  const commit = useCommit();
  const positive = usePositive();
  const unit = file.room.unit;
  const set = (patch: Partial<Piece>): Answer => commit({ do: 'putPiece', piece: { ...p, ...patch } }, p.id);
  const key = (name: string) => `${file.room.id}-${p.id}-${name}`;
  const [west, north] = [
    Math.min(...file.room.walls.map((w) => w.xMm)),
    Math.min(...file.room.walls.map((w) => w.yMm)),
  ];
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
      {mayBeRound(p) && (
        <Checkbox checked={p.round} onChange={(round) => void set({ round })}>
          {t('isRound')}
        </Checkbox>
      )}
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
        <TurnField piece={p} set={set} />
        <LengthField
          label={t('standsOn')}
          draftKey={key('bottom')}
          valueMm={p.bottomMm}
          unit={unit}
          onCommit={(bottomMm) => set({ bottomMm })}
        />
      </div>
      {p.seat && !p.bed && <SeatFields piece={p} seat={p.seat} set={set} />}
      {p.bed && <BedFields piece={p} bed={p.bed} set={set} />}
      {p.kind === 'bookcase' && <ShelfFields piece={p} set={set} />}
      {(p.kind === 'diningTable' || p.kind === 'desk' || p.chairs > 0) && (
        <NumberField
          label={t('chairs')}
          draftKey={key('chairs')}
          value={p.chairs}
          step={1}
          range={[0, 24]}
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
