import { elementAt } from '../../core/base/list';
import { toMark, type Mm } from '../../core/base/units';
import { alongWay, step, wayOf } from '../../core/geometry/plane';
import type { Change } from '../../core/model/change';
import type { Room } from '../../core/model/types';
import { wallsOf } from '../../core/room/walls';

/** How near a dragged corner comes to being level or plumb with its neighbours before it is drawn there. */
const SQUARE_WITHIN: Mm = 60;

/** A room with other corners. */
export const withCorners = (room: Room, walls: Room['walls']): Change => ({
  do: 'setRoom',
  room: { ...room, walls },
});

/** A corner moved by so much, drawn level and plumb with its neighbours where it comes near to that. */
export function moveCorner(room: Room, index: number, dx: Mm, dy: Mm, square: boolean): Room['walls'] {
  const { walls } = room;
  const corner = elementAt(walls, index);
  let [x, y] = [corner.xMm + dx, corner.yMm - dy];
  const neighbours = [
    elementAt(walls, (index + walls.length - 1) % walls.length),
    elementAt(walls, (index + 1) % walls.length),
  ];
  for (const n of square ? neighbours : []) {
    if (Math.abs(n.xMm - x) < SQUARE_WITHIN) x = n.xMm;
    if (Math.abs(n.yMm - y) < SQUARE_WITHIN) y = n.yMm;
  }
  return walls.map((c, i) => (i === index ? { ...c, xMm: x, yMm: y } : c));
}

/** A wall moved in or out, square to itself, by as much of a drag as goes that way. */
export function moveWall(room: Room, index: number, dx: Mm, dy: Mm): Room['walls'] {
  const outward = wayOf(elementAt(wallsOf(room), index).facingDeg);
  const outMm = toMark(alongWay({ xMm: 0, yMm: 0 }, { xMm: dx, yMm: -dy }, outward), room.unit);
  const isEnd = (i: number) => i === index || i === (index + 1) % room.walls.length;
  return room.walls.map((c, i) =>
    isEnd(i) ? { ...c, ...step({ xMm: c.xMm, yMm: c.yMm }, outward, outMm) } : c,
  );
}
