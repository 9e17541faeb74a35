'use client';
import { useTranslations } from 'next-intl';
import { useMemo, type ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import type { Mm } from '../../core/base/units';
import type { Opening } from '../../core/model/types';
import { clearanceOf } from '../../core/room/clearance';
import { isGlazed, isWay } from '../../core/room/kinds';
import { placeOnWall } from '../../core/room/place';
import { Select } from '../../ui/Select';
import { TextField, TAKEN, type Answer } from '../../ui/Field';
import { Words } from '../../ui/Words';
import { useRoom } from '../shell/room/RoomContext';
import { useRefusal } from '../shell/useRefusal';
import { OpeningDrops } from './OpeningDrops';
import { ReadingField } from './ReadingField';
import { useOpeningActs } from './useOpeningActs';

type Props = { opening: Opening };

/**
 * Readings of a window, door or arch, in the order of the tape, how it moves, and what room is left round it.
 */
export function OpeningForm({ opening }: Props): ReactNode {
  const t = useTranslations('measure');
  const { file } = useRoom();
  const { choose } = useOpeningActs(opening);
  return (
    <div className="space-y-2.5">
      <TextField
        label={t('name')}
        draftKey={`${file.room.id}-${opening.id}-name`}
        value={opening.name}
        onCommit={(name) => {
          if (name) choose({ name: name.slice(0, 80) });
          return TAKEN;
        }}
      />
      <FrameFields opening={opening} />
      {opening.kind !== 'arch' && <MoveFields opening={opening} />}
      <RoomAround opening={opening} />
      {isGlazed(opening) && <OpeningDrops opening={opening} />}
    </div>
  );
}

/** A field that shows one of the opening's own lengths and sets it. */
type OwnLength =
  'xMm' | 'widthMm' | 'heightMm' | 'trimMm' | 'revealMm' | 'sillDepthMm' | 'handleMm' | 'underMm';
function OwnField({ opening, field, label }: Props & { field: OwnLength; label: string }): ReactNode {
  const { set } = useOpeningActs(opening);
  const { positive } = useRefusal();
  const take = (mm: Mm) => set({ [field]: mm });
  const hasToBe = field === 'widthMm' || field === 'heightMm';
  // a leaf that hangs free of the floor by nothing has not been measured
  const valueMm = field === 'underMm' && opening.underMm === 0 ? null : opening[field];
  return (
    <ReadingField
      about={opening.id}
      field={field}
      label={label}
      valueMm={valueMm}
      onCommit={(mm) => (hasToBe ? positive(mm, () => take(mm)) : take(mm))}
    />
  );
}

function FrameFields({ opening }: Props): ReactNode {
  const t = useTranslations('measure');
  const { set } = useOpeningActs(opening);
  const { refuse } = useRefusal();
  const { id, sillMm } = opening;
  const headMm = sillMm + opening.heightMm;
  const isWindow = opening.kind === 'window';
  const setSill = (mm: Mm): Answer =>
    mm >= headMm ? refuse('sill-above-head', mm, headMm) : set({ sillMm: mm });
  const setHead = (mm: Mm): Answer =>
    mm <= sillMm ? refuse('sill-above-head', sillMm, mm) : set({ heightMm: mm - sillMm });
  return (
    <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
      <OwnField opening={opening} field="xMm" label={t('fromLeft')} />
      <OwnField opening={opening} field="widthMm" label={t('frameWidth')} />
      <ReadingField
        about={id}
        field="sillMm"
        label={isWindow ? t('sill') : t('step')}
        valueMm={sillMm}
        onCommit={setSill}
      />
      <OwnField opening={opening} field="heightMm" label={t('height')} />
      <ReadingField about={id} field="heightMm" label={t('head')} valueMm={headMm} onCommit={setHead} />
      {opening.kind !== 'arch' && <OwnField opening={opening} field="trimMm" label={t('trim')} />}
      {isWindow && <OwnField opening={opening} field="revealMm" label={t('reveal')} />}
      {isWindow && <OwnField opening={opening} field="sillDepthMm" label={t('sillDepth')} />}
    </div>
  );
}

/** How the sash or the leaf moves. */
function MoveFields({ opening }: Props): ReactNode {
  const t = useTranslations('measure');
  const { choose } = useOpeningActs(opening);
  const { opens, hinge } = opening;
  const isHinged = opens === 'in' || opens === 'out';
  const moves =
    opening.kind === 'window'
      ? WINDOW_MOVES.map((move) => ({ value: move, label: t(`opensWindow.${move}`) }))
      : DOOR_MOVES.map((move) => ({ value: move, label: t(`opensDoor.${move}`) }));
  return (
    <div className="grid grid-cols-2 gap-x-4 gap-y-2.5 pt-1">
      <Select
        label={t('opens')}
        value={opens}
        options={moves}
        onChange={(next) =>
          choose({ opens: next, hinge: next === 'in' || next === 'out' ? hingeOf(hinge) : 'none' })
        }
      />
      {isHinged && (
        <Select
          label={t('hinge')}
          value={hinge}
          options={HINGES.map((side) => ({ value: side, label: t(`hinges.${side}`) }))}
          onChange={(next) => choose({ hinge: next })}
        />
      )}
      {opens !== 'fixed' && <OwnField opening={opening} field="handleMm" label={t('handle')} />}
      {isWay(opening) && opens === 'in' && <OwnField opening={opening} field="underMm" label={t('under')} />}
    </div>
  );
}

const WINDOW_MOVES = ['fixed', 'sash', 'in', 'out'] as const;
const DOOR_MOVES = ['fixed', 'in', 'out'] as const;
const HINGES = ['left', 'right', 'both'] as const;
/** A leaf that opens hangs on the left until it is said otherwise. */
const hingeOf = (hinge: Opening['hinge']): Opening['hinge'] => (hinge === 'none' ? 'left' : hinge);

/** How far it is from the frame to what is next to it and above it. */
function RoomAround({ opening }: Props): ReactNode {
  const t = useTranslations('measure');
  const { arranged: file, plan } = useRoom();
  const { unit } = file.room;
  const clear = useMemo(() => {
    const places = new Map(file.pieces.map((p) => [p.id, placeOnWall(p, plan.walls)]));
    return clearanceOf(opening, file, places, plan.walls);
  }, [opening, file, plan.walls]);
  const nameOf = (neighbour: string) => {
    if (neighbour === 'wall') return t('theCorner');
    return neighbour === 'ceiling' ? t('theCeiling') : neighbour;
  };
  return (
    <p className="border-t border-line pt-2 text-[13px] text-soft">
      <Words>
        {t('roomRound', {
          head: formatLength(clear.headMm, unit),
          headBy: nameOf(clear.headBy),
          left: formatLength(Math.max(0, clear.leftMm), unit),
          leftBy: nameOf(clear.leftBy),
          right: formatLength(Math.max(0, clear.rightMm), unit),
          rightBy: nameOf(clear.rightBy),
        })}
      </Words>
    </p>
  );
}
