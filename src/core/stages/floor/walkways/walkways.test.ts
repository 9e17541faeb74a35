import { describe, expect, it } from 'vitest';
import { chestAt, floorCodes, floorOf } from '../../../../../tests/helpers/floor';
import { bareRoom, inches, opening, piece, toIn } from '../../../../../tests/helpers/rooms';
import type { Piece, RoomFile } from '../../../model/types';

const box = chestAt;
const plan = floorOf;
const codes = floorCodes;

describe('how wide a way is, along all of it', () => {
  const door = opening({
    id: 'd',
    kind: 'door',
    wallId: 'w',
    xMm: inches(10),
    widthMm: inches(34),
    sillMm: 0,
    dropsMm: null,
  });
  const chair = (x: number, y: number) =>
    piece({
      id: 'chair',
      name: 'Chair',
      kind: 'armchair',
      xMm: inches(x),
      yMm: inches(y),
      widthMm: inches(28),
      depthMm: inches(26),
      turnDeg: 270,
      seat: {
        widthMm: inches(20),
        heightMm: inches(17),
        depthMm: inches(20),
        seats: 1,
        wantedSitters: 1,
        armHeightMm: 0,
        looseCushions: 0,
      },
    });
  const room = (pieces: Piece[], more: Partial<RoomFile> = {}): RoomFile => ({
    ...bareRoom(inches(170), inches(150)),
    openings: [door],
    pieces,
    ...more,
  });
  const told = (file: RoomFile) => {
    const { findings } = plan(file);
    const narrow = findings.find((f) => f.code === 'walkway-narrow');
    if (findings.some((f) => f.code === 'no-way-to')) return 'none';
    return narrow ? Math.round(toIn(narrow.by.byMm as number) * 10) / 10 : 'wide';
  };
  /** A chest along the north wall leaves a dead end, at whose end a chair stands. */
  const deadEnd = (gapIn: number, turnDeg = 0) =>
    room([
      chair(153, 13),
      box('island', [inches(108), inches(gapIn + 12)], [inches(124), inches(24)], { turnDeg }),
      box('end', [inches(160), inches(gapIn + 40)], [inches(20), inches(32)]),
    ]);
  it('a dead end is as wide as it is, though its narrowest point lies anywhere in it', () => {
    for (const gap of [9, 14, 22, 28, 29.5])
      for (const turnDeg of [0, 180]) expect(told(deadEnd(gap, turnDeg)), `${gap} ${turnDeg}`).toBe(gap);
    for (const gap of [30, 34]) expect(told(deadEnd(gap))).toBe('wide');
    expect(told(deadEnd(7))).toBe('none');
  });
  it('nobody walks through furniture: a chair walled in on all sides is not reached', () => {
    const shelf = (id: string, x: number, y: number, w: number, d: number) =>
      box(id, [inches(x), inches(y)], [inches(w), inches(d)]);
    const walled = (gapIn: number) => [
      chair(90, 75),
      shelf('north', 90, 54, 60, 12),
      shelf('south', 90, 96, 60, 12),
      shelf('west', 66, 75, 12, 30),
      shelf('east', 114 + gapIn, 75, 12, 30),
    ];
    expect(told(room(walled(0)))).toBe('none');
    // through a gap of 4 in one sees the chair, and does not get to it
    expect(told(room(walled(4)))).toBe('none');
  });
  it('a window is reached over what is low, and not over what is high', () => {
    const window = opening({ id: 'v', wallId: 'n', xMm: inches(100), widthMm: inches(40) });
    const before = (heightMm: number) =>
      told(
        room([box('c', [inches(120), inches(9)], [inches(60), inches(18)], { heightMm })], {
          openings: [door, window],
        }),
      );
    expect(before(inches(30))).toBe('wide');
    expect(before(inches(80))).toBe('none');
  });
  it('of a narrow way the path is given, from the door to the seat, and its narrowest point', () => {
    const { paths, lines } = plan(deadEnd(20));
    expect(paths.map((p) => [p.code, p.about])).toEqual([['walkway-narrow', ['chair']]]);
    const [start, end] = [paths[0]!.points[0]!, paths[0]!.points.at(-1)!];
    expect(start.xMm).toBeLessThan(inches(20));
    expect(end.xMm).toBeGreaterThan(inches(100));
    expect(toIn(lines.find((l) => l.code === 'walkway-narrow')!.mm)).toBeCloseTo(20, 6);
  });
  it('in a home with a wheelchair the door counts too, less the leaf that stands in it', () => {
    const wheels = (widthIn: number, more: Partial<typeof door> = {}) => {
      const base = room([], { openings: [{ ...door, widthMm: inches(widthIn), ...more }] });
      const home = { ...base.home, flags: { ...base.home.flags, wheelchair: true } };
      return codes({ ...base, home }).includes('door-narrow-for-wheels');
    };
    expect([wheels(31.5), wheels(32), wheels(36)]).toEqual([true, false, false]);
    const leaf = { opens: 'out' as const, hinge: 'left' as const };
    expect([wheels(33, leaf), wheels(34, leaf)]).toEqual([true, false]);
    expect([wheels(35, { opens: 'in', hinge: 'both' }), wheels(36, { opens: 'in', hinge: 'both' })]).toEqual([
      true,
      false,
    ]);
    expect(codes(room([], { openings: [{ ...door, widthMm: inches(20) }] }))).not.toContain(
      'door-narrow-for-wheels',
    );
  });
});
