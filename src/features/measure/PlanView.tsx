'use client';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import { useRef, useState, type ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import { markStep, toMark, type Mm } from '../../core/base/units';
import type { Change } from '../../core/model/change';
import { distance, polygonCentre, wayOf } from '../../core/geometry/plane';
import type { Piece } from '../../core/model/types';
import { withWallLength } from '../../core/room/wallLength';
import { snapPiece, type Guide } from '../../core/room/snap';
import type { Scale } from '../../ui/drawing/scale';
import { PlanDrawing } from '../shell/drawing/PlanDrawing';
import { nudgeOf, useDrawingDrag } from '../shell/drawing/useDrag';
import { useRoom } from '../shell/room/RoomContext';
import { staysSound, useCommit } from '../shell/useCommit';
import { usePaint } from '../shell/usePaint';
import { FloorLines } from './FloorLines';
import { reach, type Offset } from './reach';
import { StandMarks } from './StandMarks';

const WallHandles = dynamic(() => import('./WallHandles').then((m) => m.WallHandles), {
  loading: () => null,
});

export type PlanMode = 'pieces' | 'walls' | 'standing';

/** How near a dragged piece comes to a wall, a middle or an equal gap before it is drawn there. */
const SNAP_WITHIN: Mm = 55;
const TURN_STEP = 15;

/** The plan to work on: pieces, the outline, or where one stands. */
export function PlanView({ mode }: { mode: PlanMode }): ReactNode {
  const t = useTranslations('measure');
  const { file, plan, picked, pick, preview, change } = useRoom();
  const paint = usePaint();
  const commit = useCommit();
  const { unit } = file.room;
  const [guides, setGuides] = useState<Guide[]>([]);
  const begun = useRef<Piece | null>(null);
  const last = useRef<Change | null>(null);
  const reached = useRef<Offset>({ dxMm: 0, dyMm: 0 });
  const drag = useDrawingDrag(unit, {
    start: (key) => {
      const id = key.split(':').pop()!;
      begun.current = file.pieces.find((p) => p.id === id) ?? null;
      last.current = null;
      reached.current = { dxMm: 0, dyMm: 0 };
      pick(id);
    },
    move: (key, dx, dy) => {
      const from = begun.current;
      if (key.startsWith('stand:')) {
        moveStand(key.slice(6), dx, dy);
        return;
      }
      if (!from) return;
      if (key.startsWith('turn:')) {
        turnTo(from, dx, dy);
        return;
      }
      const to = (at: Offset): Change => ({
        do: 'putPiece',
        piece: { ...from, xMm: from.xMm + at.dxMm, yMm: from.yMm - at.dyMm },
      });
      reached.current = reach(reached.current, { dxMm: dx, dyMm: dy }, markStep(unit), (at) =>
        staysSound(file, to(at)),
      );
      const { dxMm, dyMm } = reached.current;
      const moved = { ...from, xMm: from.xMm + dxMm, yMm: from.yMm - dyMm };
      const room = {
        others: file.pieces.filter((p) => p.id !== from.id),
        openings: file.openings,
        walls: plan.walls,
        centre: polygonCentre(file.room.walls),
      };
      const snapped = snapPiece(moved, room, SNAP_WITHIN);
      const drawn: Change = { do: 'putPiece', piece: snapped.piece };
      const takes = snapped.guides.length > 0 && staysSound(file, drawn);
      setGuides(takes ? snapped.guides : []);
      const atStart = dxMm === 0 && dyMm === 0;
      const stopped = atStart ? null : to(reached.current);
      last.current = takes ? drawn : stopped;
      if (
        last.current?.do === 'putPiece' &&
        distance(last.current.piece, from) < 0.01 &&
        last.current.piece.turnDeg === from.turnDeg
      )
        last.current = null;
      preview(last.current && [last.current]);
    },
    end: () => {
      setGuides([]);
      preview(null);
      if (last.current) change([last.current]);
      last.current = null;
    },
  });
  const moveStand = (id: string, dx: Mm, dy: Mm) => {
    const kept = standBegun.current ?? file.room.standpoints.find((s) => s.id === id);
    if (!kept) return;
    standBegun.current = kept;
    const next: Change = {
      do: 'setRoom',
      room: {
        ...file.room,
        standpoints: file.room.standpoints.map((s) =>
          s.id === id ? { ...s, xMm: kept.xMm + dx, yMm: kept.yMm - dy } : s,
        ),
      },
    };
    if (staysSound(file, next)) last.current = next;
    preview(last.current && [last.current]);
  };
  const standBegun = useRef<(typeof file.room.standpoints)[number] | null>(null);
  const turnTo = (from: Piece, dx: Mm, dy: Mm) => {
    const front = wayOf(from.turnDeg + 180);
    const arm = from.depthMm / 2 + 250;
    const [x, y] = [front.xMm * arm + dx, front.yMm * arm - dy];
    const turnDeg =
      (((Math.round(((Math.atan2(x, -y) * 180) / Math.PI + 180) / TURN_STEP) * TURN_STEP) % 360) + 360) % 360;
    const next: Change = { do: 'putPiece', piece: { ...from, turnDeg } };
    if (turnDeg === from.turnDeg || staysSound(file, next))
      last.current = turnDeg === from.turnDeg ? null : next;
    preview(last.current && [last.current]);
  };
  const nudge = (e: React.KeyboardEvent, p: Piece) => {
    if (e.key === 'Delete' || e.key === 'Backspace') {
      e.preventDefault();
      change([{ do: 'removePiece', id: p.id }]);
      pick(null);
      return;
    }
    if (e.key === ',' || e.key === '.') {
      e.preventDefault();
      const next: Change = {
        do: 'putPiece',
        piece: { ...p, turnDeg: (p.turnDeg + (e.key === '.' ? TURN_STEP : 360 - TURN_STEP)) % 360 },
      };
      if (staysSound(file, next)) change([next]);
      return;
    }
    const by = nudgeOf(e, unit);
    if (!by) return;
    e.preventDefault();
    const next: Change = { do: 'putPiece', piece: { ...p, xMm: p.xMm + by.dxMm, yMm: p.yMm - by.dyMm } };
    if (staysSound(file, next)) change([next]);
  };
  const current = mode === 'pieces' ? file.pieces.find((p) => p.id === picked) : undefined;
  const setLength = (index: number, mm: Mm) =>
    mm > 0
      ? commit(
          { do: 'setRoom', room: { ...file.room, walls: withWallLength(file.room.walls, index, mm) } },
          file.room.walls[index]!.id,
        )
      : { took: false as const, message: '' };
  return (
    <PlanDrawing
      file={file}
      paint={paint}
      picked={mode === 'pieces' ? picked : null}
      onBackground={() => pick(null)}
      onWallLength={setLength}
      {...(mode === 'pieces'
        ? {
            pieceProps: (p: Piece, scale: Scale): React.SVGProps<SVGGElement> => ({
              ...(drag(p.id, scale) as React.SVGProps<SVGGElement>),
              role: 'button',
              tabIndex: 0,
              'aria-label': p.name,
              'aria-pressed': picked === p.id,
              onFocus: () => {
                if (picked !== p.id) pick(p.id);
              },
              onKeyDown: (e) => nudge(e, p),
              style: { cursor: 'grab', touchAction: 'none' },
            }),
          }
        : {})}
    >
      {(scale) => (
        <>
          {mode === 'pieces' && <FloorLines lines={plan.floor.lines} scale={scale} unit={unit} />}
          {mode === 'standing' ? (
            <StandMarks
              scale={scale}
              markProps={(s) => ({
                ...(drag(`stand:${s.id}`, scale) as React.SVGProps<SVGGElement>),
                onPointerDownCapture: () => {
                  standBegun.current = null;
                },
                role: 'button',
                tabIndex: 0,
                'aria-label': s.name,
                style: { cursor: 'grab', touchAction: 'none' },
                onKeyDown: (e) => {
                  const by = nudgeOf(e, unit);
                  if (by) {
                    e.preventDefault();
                    standBegun.current = s;
                    moveStand(s.id, by.dxMm, by.dyMm);
                    preview(null);
                    if (last.current) change([last.current]);
                    last.current = null;
                    standBegun.current = null;
                  }
                },
              })}
            />
          ) : (
            <StandMarks scale={scale} />
          )}
          {mode === 'walls' && <WallHandles scale={scale} />}
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
          {current && (
            <TurnHandle
              piece={current}
              scale={scale}
              props={{
                ...(drag(`turn:${current.id}`, scale) as React.SVGProps<SVGGElement>),
                'aria-label': t('turnHandle', { name: current.name }),
                style: { cursor: 'crosshair', touchAction: 'none' },
              }}
            />
          )}
          {current && <PieceDimensions piece={current} scale={scale} />}
        </>
      )}
    </PlanDrawing>
  );
}

function TurnHandle({
  piece: p,
  scale,
  props,
}: {
  piece: Piece;
  scale: Scale;
  props: React.SVGProps<SVGGElement>;
}): ReactNode {
  const front = wayOf(p.turnDeg + 180);
  const [x0, y0] = [
    scale.x(p.xMm + (front.xMm * p.depthMm) / 2),
    scale.y(p.yMm + (front.yMm * p.depthMm) / 2),
  ];
  const [x, y] = [x0 + front.xMm * 17, y0 + front.yMm * 17];
  return (
    <g {...props}>
      <line x1={x0} y1={y0} x2={x} y2={y} stroke="#141414" />
      <circle cx={x} cy={y} r="6" fill="#f5f5f5" stroke="#141414" strokeWidth="1.4" />
    </g>
  );
}

/** How far the picked piece stands from the nearest walls. */
function PieceDimensions({ piece: p, scale }: { piece: Piece; scale: Scale }): ReactNode {
  const { file } = useRoom();
  const square = p.turnDeg % 90 === 0;
  if (!square || p.kind === 'rug') return null;
  const [hw, hd] = p.turnDeg % 180 === 0 ? [p.widthMm / 2, p.depthMm / 2] : [p.depthMm / 2, p.widthMm / 2];
  const box = {
    w: Math.min(...file.room.walls.map((c) => c.xMm)),
    n: Math.min(...file.room.walls.map((c) => c.yMm)),
  };
  const lines = [
    { x1: box.w, x2: p.xMm - hw, y1: p.yMm, y2: p.yMm, mm: p.xMm - hw - box.w },
    { x1: p.xMm, x2: p.xMm, y1: box.n, y2: p.yMm - hd, mm: p.yMm - hd - box.n },
  ];
  return (
    <g pointerEvents="none" aria-hidden="true" stroke="#141414" strokeWidth="0.8">
      {lines
        .filter((l) => l.mm * scale.perMm > 26)
        .map((l, i) => (
          <g key={i}>
            <line
              x1={scale.x(l.x1)}
              y1={scale.y(l.y1)}
              x2={scale.x(l.x2)}
              y2={scale.y(l.y2)}
              strokeDasharray="2 2"
            />
            <text
              x={(scale.x(l.x1) + scale.x(l.x2)) / 2 + (i ? 4 : 0)}
              y={(scale.y(l.y1) + scale.y(l.y2)) / 2 - (i ? 0 : 4)}
              fontSize="12"
              fontWeight="500"
              textAnchor={i ? 'start' : 'middle'}
              fill="#141414"
              stroke="#f5f5f5"
              strokeWidth="3"
              paintOrder="stroke"
            >
              {formatLength(toMark(l.mm, file.room.unit), file.room.unit)}
            </text>
          </g>
        ))}
    </g>
  );
}
