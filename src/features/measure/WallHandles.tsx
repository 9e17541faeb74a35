'use client';
import { elementAt } from '../../core/base/list';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { useRef, type ReactNode } from 'react';
import { markStep, toMark, type Mm } from '../../core/base/units';
import type { Change } from '../../core/model/change';
import type { Room } from '../../core/model/types';
import { withoutCorner } from '../../core/room/bump';
import { wayOf } from '../../core/geometry/plane';
import { wallsOf } from '../../core/room/walls';
import type { Scale } from '../../ui/drawing/scale';
import { nudgeOf, useDrawingDrag } from '../shell/drawing/useDrag';
import { usePendingChange } from '../shell/drawing/usePendingChange';
import { useRoom } from '../shell/room/RoomContext';
import { staysSound } from '../shell/useCommit';
import { moveCorner, moveWall, withCorners } from './outlineMoves';
import { reach, type Offset } from './reach';

/** The outline on the plan: corners that are dragged, walls that are pushed in and out, new corners. */
export function WallHandles({ scale }: { scale: Scale }): ReactNode {
  const t = useTranslations('measure');
  const { file, change, picked, pick } = useRoom();
  const { room } = file;
  const begun = useRef<Room>(room);
  const reached = useRef<Offset>({ dxMm: 0, dyMm: 0 });
  const walls = wallsOf(room);
  const moved = (key: string, room_: Room, dx: Mm, dy: Mm, square: boolean): Change => {
    const [kind, id] = key.split(':') as ['corner' | 'wall', string];
    const index = room_.walls.findIndex((w) => w.id === id);
    const corners =
      kind === 'corner' ? moveCorner(room_, index, dx, dy, square) : moveWall(room_, index, dx, dy);
    return withCorners(room_, corners);
  };
  const pending = usePendingChange();
  const drag = useDrawingDrag(room.unit, {
    start: (key) => {
      begun.current = room;
      reached.current = { dxMm: 0, dyMm: 0 };
      pending.begin();
      pick(elementAt(key.split(':'), 1));
    },
    move: (key, dx, dy) => {
      const changeTo = (offset: Offset) => moved(key, begun.current, offset.dxMm, offset.dyMm, true);
      reached.current = reach(reached.current, { dxMm: dx, dyMm: dy }, markStep(room.unit), (offset) =>
        staysSound({ ...file, room: begun.current }, changeTo(offset)),
      );
      const { dxMm, dyMm } = reached.current;
      pending.hold(dxMm === 0 && dyMm === 0 ? null : changeTo(reached.current));
    },
    end: pending.release,
  });
  const handle = (key: string, name: string): React.SVGProps<SVGGElement> => ({
    ...(drag(key, scale) as React.SVGProps<SVGGElement>),
    role: 'button',
    tabIndex: 0,
    'aria-label': name,
    style: { cursor: 'move', touchAction: 'none' },
    onKeyDown: (e) => {
      const [kind, id] = key.split(':') as [string, string];
      if (kind === 'corner' && (e.key === 'Delete' || e.key === 'Backspace')) {
        e.preventDefault();
        const corners = withoutCorner(room.walls, id);
        if (corners && staysSound(file, withCorners(room, corners))) change([withCorners(room, corners)]);
        return;
      }
      const nudge = nudgeOf(e, room.unit);
      if (!nudge) return;
      e.preventDefault();
      const next = moved(key, room, nudge.dxMm, nudge.dyMm, false);
      if (staysSound(file, next)) change([next]);
    },
  });
  const addCorner = (index: number) => {
    const wall = elementAt(walls, index);
    const middle = {
      xMm: toMark((wall.from.xMm + wall.to.xMm) / 2, room.unit),
      yMm: toMark((wall.from.yMm + wall.to.yMm) / 2, room.unit),
    };
    const corners = [
      ...room.walls.slice(0, index + 1),
      { id: nanoid(8), name: '', ...middle },
      ...room.walls.slice(index + 1),
    ];
    if (staysSound(file, withCorners(room, corners))) change([withCorners(room, corners)]);
  };
  return (
    <g>
      {walls.map((w, i) => {
        const [x, y] = [scale.x((w.from.xMm + w.to.xMm) / 2), scale.y((w.from.yMm + w.to.yMm) / 2)];
        const inside = wayOf(w.facingDeg + 180);
        return (
          <g key={w.id}>
            <g {...handle(`wall:${w.id}`, t('pushWall', { n: i + 1 }))}>
              <rect
                x={x - 16}
                y={y - 5}
                width="32"
                height="10"
                rx="2"
                fill="#f5f5f5"
                stroke="#141414"
                strokeWidth={picked === w.id ? 2.4 : 1.2}
                transform={`rotate(${w.facingDeg} ${x} ${y})`}
              />
            </g>
            <AddCorner
              x={x + inside.xMm * 18}
              y={y + inside.yMm * 18}
              label={t('addCorner', { n: i + 1 })}
              onAdd={() => addCorner(i)}
            />
          </g>
        );
      })}
      {room.walls.map((c, i) => (
        <g key={c.id} {...handle(`corner:${c.id}`, t('dragCorner', { n: i + 1 }))}>
          <circle
            cx={scale.x(c.xMm)}
            cy={scale.y(c.yMm)}
            r="8"
            fill={picked === c.id ? '#141414' : '#f5f5f5'}
            stroke="#141414"
            strokeWidth="1.6"
          />
        </g>
      ))}
    </g>
  );
}

/** A plus in the middle of a wall: a new corner. */
function AddCorner({
  x,
  y,
  label,
  onAdd,
}: {
  x: number;
  y: number;
  label: string;
  onAdd: () => void;
}): ReactNode {
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={label}
      style={{ cursor: 'copy' }}
      onPointerDown={(e) => e.stopPropagation()}
      onClick={onAdd}
      onKeyDown={(e) => {
        if (e.key === 'Enter' || e.key === ' ') {
          e.preventDefault();
          onAdd();
        }
      }}
    >
      <circle cx={x} cy={y} r="8" fill="#f5f5f5" stroke="#141414" strokeWidth="0.8" />
      <path d={`M${x - 4} ${y}h8m-4 -4v8`} stroke="#141414" strokeWidth="1.2" />
    </g>
  );
}
