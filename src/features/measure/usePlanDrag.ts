'use client';
import { useRef, useState, type KeyboardEvent } from 'react';
import { markStep, type Mm } from '../../core/base/units';
import { distance, polygonCentre, wayOf } from '../../core/geometry/plane';
import type { Change } from '../../core/model/change';
import type { Piece, Room } from '../../core/model/types';
import type { Furniture } from './arrange/useFurniture';
import { backToWall } from '../../core/room/backToWall';
import { snapPiece, type Guide } from '../../core/room/snap';
import { nudgeOf, useDrawingDrag } from '../shell/drawing/useDrag';
import { usePendingChange } from '../shell/drawing/usePendingChange';
import { useRoom } from '../shell/room/RoomContext';
import { staysSound } from '../shell/useCommit';
import { reach, type Offset } from './reach';

/** How near a dragged piece comes to a wall, a middle or an equal gap before it is drawn there. */
const SNAP_WITHIN: Mm = 55;
const TURN_STEP = 15;
/** From a piece's front to the knob that turns it. */
const TURN_ARM_MM: Mm = 250;

type Standpoint = Room['standpoints'][number];

/** The turn, in steps, that points a piece's front to a spot beside its middle. */
function turnTowards(x: number, y: number): number {
  const deg = (Math.atan2(x, -y) * 180) / Math.PI + 180;
  return (((Math.round(deg / TURN_STEP) * TURN_STEP) % 360) + 360) % 360;
}

/**
 * What is dragged on the plan: a piece, the knob that turns it, or a viewpoint. The key of a drag names the
 * kind in front of the id.
 */
export function usePlanDrag({ pieces, put, remove, takes }: Furniture) {
  const { file, plan, pick, change } = useRoom();
  const { unit } = file.room;
  const pending = usePendingChange();
  const [guides, setGuides] = useState<readonly Guide[]>([]);
  const held = useRef<{ piece: Piece | null; stand: Standpoint | null }>({ piece: null, stand: null });
  const reached = useRef<Offset>({ dxMm: 0, dyMm: 0 });

  const movePiece = (start: Piece, dx: Mm, dy: Mm) => {
    const moved = ({ dxMm, dyMm }: Offset): Piece => ({
      ...start,
      xMm: start.xMm + dxMm,
      yMm: start.yMm - dyMm,
    });
    reached.current = reach(reached.current, { dxMm: dx, dyMm: dy }, markStep(unit), (offset) =>
      takes(moved(offset)),
    );
    const pivot = {
      others: pieces.filter((p) => p.id !== start.id),
      openings: file.openings,
      walls: plan.walls,
      centre: polygonCentre(file.room.walls),
    };
    const turned = backToWall(moved(reached.current), plan.walls, SNAP_WITHIN);
    const stands = turned && takes(turned) ? turned : moved(reached.current);
    const snapped = snapPiece(stands, pivot, SNAP_WITHIN);
    const isSnapped = snapped.guides.length > 0 && takes(snapped.piece);
    setGuides(isSnapped ? snapped.guides : []);
    const next = isSnapped ? snapped.piece : stands;
    const isBack = distance(next, start) < 0.01 && next.turnDeg === start.turnDeg;
    pending.hold(isBack ? null : put(next));
  };
  const turnPiece = (start: Piece, dx: Mm, dy: Mm) => {
    const front = wayOf(start.turnDeg + 180);
    const arm = start.depthMm / 2 + TURN_ARM_MM;
    const turnDeg = turnTowards(front.xMm * arm + dx, front.yMm * arm - dy);
    const next = { ...start, turnDeg };
    if (turnDeg === start.turnDeg) pending.hold(null);
    else if (takes(next)) pending.hold(put(next));
  };
  const moveStand = (start: Standpoint, dx: Mm, dy: Mm) => {
    const moved = { ...start, xMm: start.xMm + dx, yMm: start.yMm - dy };
    const standpoints = file.room.standpoints.map((s) => (s.id === start.id ? moved : s));
    const next: Change = { do: 'setRoom', room: { ...file.room, standpoints } };
    if (staysSound(file, next)) pending.hold(next);
  };
  const drag = useDrawingDrag(unit, {
    start: (key) => {
      const id = key.split(':').pop()!;
      held.current = {
        piece: pieces.find((p) => p.id === id) ?? null,
        stand: file.room.standpoints.find((s) => s.id === id) ?? null,
      };
      reached.current = { dxMm: 0, dyMm: 0 };
      pending.begin();
      pick(id);
    },
    move: (key, dx, dy) => {
      const { piece, stand } = held.current;
      if (key.startsWith('stand:')) {
        if (stand) moveStand(stand, dx, dy);
      } else if (piece && key.startsWith('turn:')) turnPiece(piece, dx, dy);
      else if (piece) movePiece(piece, dx, dy);
    },
    end: () => {
      setGuides([]);
      pending.release();
    },
  });
  /** Keys on a piece: arrows move it, comma and full stop turn it, Delete takes it out. */
  const onPieceKey = (e: KeyboardEvent, p: Piece) => {
    if (e.key === 'Delete' || e.key === 'Backspace') {
      e.preventDefault();
      change([remove(p)]);
      pick(null);
      return;
    }
    const turn = { ',': 360 - TURN_STEP, '.': TURN_STEP }[e.key];
    const step = nudgeOf(e, unit);
    if (turn === undefined && !step) return;
    e.preventDefault();
    const next: Piece = {
      ...p,
      ...(turn === undefined ? {} : { turnDeg: (p.turnDeg + turn) % 360 }),
      ...(step ? { xMm: p.xMm + step.dxMm, yMm: p.yMm - step.dyMm } : {}),
    };
    if (takes(next)) change([put(next)]);
  };
  const onStandKey = (e: KeyboardEvent, s: Standpoint) => {
    const step = nudgeOf(e, unit);
    if (!step) return;
    e.preventDefault();
    pending.begin();
    moveStand(s, step.dxMm, step.dyMm);
    pending.release();
  };
  return { drag, guides, onPieceKey, onStandKey };
}
