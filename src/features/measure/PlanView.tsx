'use client';
import { elementAt } from '../../core/base/list';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import type { ReactNode, SVGProps } from 'react';
import type { Mm } from '../../core/base/units';
import type { Piece } from '../../core/model/types';
import { footprint } from '../../core/room/place';
import type { Guide } from '../../core/room/snap';
import { withWallLength } from '../../core/room/wallLength';
import type { Scale } from '../../ui/drawing/scale';
import { PlanDrawing } from '../shell/drawing/PlanDrawing';
import { itemOf, useRoom } from '../shell/room/RoomContext';
import { useCommit } from '../shell/useCommit';
import { usePaint } from '../shell/usePaint';
import { useFurniture } from './arrange/useFurniture';
import { FloorLines } from './FloorLines';
import { PieceDimensions } from './PieceDimensions';
import { StandMarks } from './StandMarks';
import { TurnHandle } from './TurnHandle';
import { usePlanDrag } from './usePlanDrag';

const WallHandles = dynamic(() => import('./WallHandles').then((m) => m.WallHandles), {
  loading: () => null,
});

export type PlanMode = 'pieces' | 'walls' | 'standing' | 'arrange';
/** The modes in which furniture is moved: the room's own, or one look's. */
export const isFurnished = (mode: PlanMode): boolean => mode === 'pieces' || mode === 'arrange';

const HANDLE = { role: 'button', tabIndex: 0, style: { cursor: 'grab', touchAction: 'none' } } as const;

/** The plan to work on: the room's pieces, the outline, viewpoints, or the furniture as the look arranges it. */
export function PlanView({ mode }: { mode: PlanMode }): ReactNode {
  const t = useTranslations('measure');
  const { file, arranged, look, plan, picked, pick } = useRoom();
  const furniture = useFurniture(mode === 'arrange' ? 'look' : 'room');
  const shown = mode === 'arrange' ? arranged : file;
  // the floor is checked as the look arranges it; what the look paints stands where it stood
  const isAsPlanned = mode === 'arrange' || (look.moved.length === 0 && look.brought.length === 0);
  const paint = usePaint();
  const commit = useCommit();
  const { room } = file;
  const { drag, guides, onPieceKey, onStandKey } = usePlanDrag(furniture);
  const current = isFurnished(mode) ? furniture.pieces.find((p) => p.id === picked) : undefined;
  const setLength = (index: number, mm: Mm) =>
    mm > 0
      ? commit(
          { do: 'setRoom', room: { ...room, walls: withWallLength(room.walls, index, mm) } },
          elementAt(room.walls, index).id,
        )
      : { took: false as const, message: '' };
  const pieceProps = (p: Piece, scale: Scale): SVGProps<SVGGElement> => ({
    ...(drag(p.id, scale) as SVGProps<SVGGElement>),
    ...HANDLE,
    'aria-label': p.name,
    'aria-pressed': picked === p.id,
    onFocus: () => {
      if (picked !== p.id) pick(p.id);
    },
    onKeyDown: (e) => onPieceKey(e, p),
  });
  return (
    <PlanDrawing
      file={shown}
      paint={paint}
      picked={isFurnished(mode) ? picked : null}
      onBackground={() => pick(null)}
      onWallLength={setLength}
      {...(isFurnished(mode) ? { pieceProps } : {})}
      {...(isAsPlanned ? { placed: plan.placed } : {})}
    >
      {(scale) => (
        <>
          {mode === 'arrange' && <AsMeasured scale={scale} />}
          {isFurnished(mode) && isAsPlanned && (
            <FloorLines lines={plan.floor.lines} paths={plan.floor.paths} scale={scale} unit={room.unit} />
          )}
          <StandMarks
            scale={scale}
            {...(mode === 'standing'
              ? {
                  markProps: (s) => ({
                    ...(drag(`stand:${s.id}`, scale) as SVGProps<SVGGElement>),
                    ...HANDLE,
                    'aria-label': s.name,
                    onKeyDown: (e) => onStandKey(e, s),
                  }),
                }
              : {})}
          />
          {mode === 'walls' && <WallHandles scale={scale} />}
          <GuideLines guides={guides} scale={scale} />
          {current && (
            <>
              <TurnHandle
                piece={current}
                scale={scale}
                props={{
                  ...(drag(`turn:${current.id}`, scale) as SVGProps<SVGGElement>),
                  'aria-label': t('turnHandle', { name: current.name }),
                  style: { cursor: 'crosshair', touchAction: 'none' },
                }}
              />
              <PieceDimensions piece={current} scale={scale} />
            </>
          )}
        </>
      )}
    </PlanDrawing>
  );
}

/**
 * Pieces of the room that the look moves or takes out, faintly, where they were measured; and round what it brings in that is
 * only wished for.
 */
function AsMeasured({ scale }: { scale: Scale }): ReactNode {
  const { file, arranged, look } = useRoom();
  const moved = new Set(look.moved.map((m) => m.id));
  const wished = new Set(look.brought.filter((row) => itemOf(file, row.itemId)?.wish).map((row) => row.id));
  const outlineOf = (p: Piece) => (
    <path
      key={p.id}
      d={`M${footprint(p)
        .map((c) => `${scale.x(c.xMm)} ${scale.y(c.yMm)}`)
        .join('L')}Z`}
    />
  );
  return (
    <g aria-hidden="true" pointerEvents="none" fill="none" strokeDasharray="3 4">
      <g stroke="#8a8a8a">{file.pieces.filter((p) => moved.has(p.id)).map(outlineOf)}</g>
      <g stroke="#141414" strokeWidth="2">
        {arranged.pieces.filter((p) => wished.has(p.id)).map(outlineOf)}
      </g>
    </g>
  );
}

/** What a dragged piece has snapped to. */
function GuideLines({ guides, scale }: { guides: readonly Guide[]; scale: Scale }): ReactNode {
  return (
    <>
      {guides.map((g, i) => (
        <line
          key={i}
          x1={scale.x(g.from.xMm)}
          y1={scale.y(g.from.yMm)}
          x2={scale.x(g.to.xMm)}
          y2={scale.y(g.to.yMm)}
          stroke="#141414"
          strokeWidth="1"
          strokeDasharray={g.why === 'centre' ? '7 3 1 3' : '4 3'}
          pointerEvents="none"
        />
      ))}
    </>
  );
}
