import { describe, expect, test } from 'vitest';
import { bareRoom, fittingOf, inches, opening, piece, toIn } from '../../../tests/helpers/rooms';
import type { Opening, RoomFile } from '../model/types';
import { clearanceOf } from './clearance';
import { placeOnWall } from './place';
import { swingsOf } from './swing';
import { wallsOf } from './walls';

/** A wall of 168 in, ceiling 96; a window from 60 to 108, sill 30, head 78, trim 3: 57 to 111, up to 81. */
const window = opening();
const around = (more: Partial<RoomFile> = {}, o = window) => {
  const file = { ...bareRoom(), openings: [o], ...more };
  const walls = wallsOf(file.room);
  const places = new Map(file.pieces.map((p) => [p.id, placeOnWall(p, walls)]));
  const c = clearanceOf(o, file, places, walls);
  return {
    head: [toIn(c.headMm), c.headBy],
    left: [toIn(c.leftMm), c.leftBy],
    right: [toIn(c.rightMm), c.rightBy],
  };
};
const shelf = (xIn: number, bottomIn: number, more = {}) =>
  fittingOf({
    kind: 'shelf',
    name: 'Shelf',
    xMm: inches(xIn),
    widthMm: inches(20),
    bottomMm: inches(bottomIn),
    heightMm: inches(2),
    ...more,
  });

describe('room around an opening', () => {
  test('is up to the ceiling and to the corners where nothing is nearer', () => {
    expect(around()).toEqual({ head: [15, 'ceiling'], left: [57, 'wall'], right: [57, 'wall'] });
  });
  test('a shelf beside it counts only at its own height', () => {
    expect(around({ fittings: [shelf(30, 50)] }).left).toEqual([7, 'Shelf']);
    expect(around({ fittings: [shelf(120, 50)] }).right).toEqual([9, 'Shelf']);
    expect(around({ fittings: [shelf(30, 82)] }).left).toEqual([57, 'wall']);
    expect(around({ fittings: [shelf(30, 20)] }).left).toEqual([57, 'wall']);
  });
  test('a shelf over it takes from its head room, one that only touches its side does not', () => {
    expect(around({ fittings: [shelf(80, 86)] }).head).toEqual([5, 'Shelf']);
    expect(around({ fittings: [shelf(111, 86)] }).head).toEqual([15, 'ceiling']);
  });
  test('of two the nearer one is named, whichever comes first', () => {
    const near = shelf(34, 50, { id: 'a', name: 'Near' });
    const far = shelf(10, 50, { id: 'b', name: 'Far' });
    expect(around({ fittings: [near, far] }).left).toEqual([3, 'Near']);
    expect(around({ fittings: [far, near] }).left).toEqual([3, 'Near']);
  });
  test('what is on another wall does not count', () => {
    expect(around({ fittings: [shelf(30, 50, { wallId: 's' })] }).left).toEqual([57, 'wall']);
    const other = opening({ id: 'o2', name: 'Other', wallId: 'e', xMm: inches(10) });
    expect(around({ openings: [window, other] }).left).toEqual([57, 'wall']);
  });
  test('another opening counts with its trim', () => {
    const other = opening({ id: 'o2', name: 'Other', xMm: inches(120), widthMm: inches(30) });
    expect(around({ openings: [window, other] }).right).toEqual([6, 'Other']);
  });
  test('furniture counts where its back is near the wall, a rug never does', () => {
    const chest = (yIn: number, kind: 'chest' | 'rug' = 'chest') =>
      piece({
        name: 'Chest',
        kind,
        seat: null,
        xMm: inches(30),
        yMm: inches(yIn),
        widthMm: inches(40),
        depthMm: inches(18),
        heightMm: inches(40),
      });
    expect(around({ pieces: [chest(10)] }).left).toEqual([7, 'Chest']);
    expect(around({ pieces: [chest(9 + 23)] }).left).toEqual([7, 'Chest']);
    expect(around({ pieces: [chest(9 + 24)] }).left).toEqual([57, 'wall']);
    expect(around({ pieces: [chest(10, 'rug')] }).left).toEqual([57, 'wall']);
  });
  test('under a slope the lowest of it over the opening counts', () => {
    const base = bareRoom();
    const sloped = { ...base.room, slopes: [{ wallId: 'n', lowMm: inches(84), runMm: inches(60) }] };
    expect(around({ room: sloped }).head).toEqual([3, 'ceiling']);
  });
});

describe('what a leaf sweeps over', () => {
  const [north] = wallsOf(bareRoom().room);
  const swings = (more: Partial<Opening>) =>
    swingsOf(opening({ xMm: inches(60), widthMm: inches(32), ...more }), north!);
  const at = ({ xMm, yMm }: { xMm: number; yMm: number }) => [toIn(xMm) + 0, toIn(yMm) + 0];
  test('nothing where it is fixed, slides or has no hinge', () => {
    expect(swings({ opens: 'fixed', hinge: 'left' })).toEqual([]);
    expect(swings({ opens: 'sash', hinge: 'left' })).toEqual([]);
    expect(swings({ opens: 'in', hinge: 'none' })).toEqual([]);
  });
  test('into the room from its hinge, which is on the left or on the right', () => {
    const [left] = swings({ opens: 'in', hinge: 'left' });
    expect([at(left!.hinge), at(left!.closed), at(left!.open)]).toEqual([
      [60, 0],
      [92, 0],
      [60, 32],
    ]);
    const [right] = swings({ opens: 'in', hinge: 'right' });
    expect([at(right!.hinge), at(right!.closed), at(right!.open)]).toEqual([
      [92, 0],
      [60, 0],
      [92, 32],
    ]);
  });
  test('out of it to the other side', () => {
    const [leaf] = swings({ opens: 'out', hinge: 'left' });
    expect(at(leaf!.open)).toEqual([60, -32]);
    expect(leaf!.inwards).toBe(false);
  });
  test('two leaves meet in the middle, each half as wide', () => {
    const leaves = swings({ opens: 'in', hinge: 'both' });
    expect(leaves.map((l) => [toIn(l.widthMm), ...at(l.closed)])).toEqual([
      [16, 76, 0],
      [16, 76, 0],
    ]);
    expect(leaves.map((l) => at(l.hinge)[0])).toEqual([60, 92]);
  });
});
