import { describe, expect, it } from 'vitest';
import {
  bareRoom,
  demoRoom,
  hanging,
  inches,
  item,
  opening,
  piece,
  placement,
  onSeat,
} from '../../../../tests/helpers/rooms';
import type { RoomFile } from '../../model/types';
import { checkRoomFile } from './check';

const file = (more: Partial<RoomFile>): RoomFile => ({ ...bareRoom(), ...more });
const found = (more: Partial<RoomFile>) =>
  checkRoomFile(file(more)).map((i) => `${i.level} ${i.code} ${i.path.join('.')}`);

describe('readings that cannot be', () => {
  it('a sound room has none', () => expect(checkRoomFile(demoRoom('long-room'))).toEqual([]));
  it.each([
    [{ widthMm: inches(200) }, 'refuse wider-than-wall openings.0.widthMm'],
    [{ xMm: inches(-4) }, 'refuse starts-before-wall openings.0.xMm'],
    [{ xMm: inches(140) }, 'refuse ends-past-wall openings.0.xMm'],
    [{ sillMm: inches(60), dropsMm: null }, 'refuse above-ceiling openings.0.heightMm'],
    [{ wallId: 'zz' }, 'refuse wall-missing openings.0.wallId'],
    [
      { dropsMm: { left: inches(78), middle: inches(780), right: inches(78) } },
      'refuse drop-too-long openings.0.dropsMm.middle',
    ],
  ])('a window with %j', (patch, expected) => {
    expect(found({ openings: [opening(patch)] })).toContain(expected);
  });
  it('openings that overlap, but not two that touch or stand over each other', () => {
    expect(found({ openings: [opening(), opening({ id: 'o2', name: 'Other', xMm: inches(80) })] })).toContain(
      'refuse openings-overlap openings.0.xMm',
    );
    expect(
      found({
        openings: [opening({ dropsMm: null }), opening({ id: 'o2', xMm: inches(108), dropsMm: null })],
      }),
    ).toEqual([]);
    expect(
      found({
        openings: [
          opening({ heightMm: inches(20), dropsMm: null }),
          opening({ id: 'o2', sillMm: inches(60), heightMm: inches(20), dropsMm: null }),
        ],
      }),
    ).toEqual([]);
  });
  it('a piece outside the room, taller than it, or with a seat larger than itself', () => {
    expect(found({ pieces: [piece({ xMm: inches(20) })] })).toContain('refuse outside-room pieces.0.xMm');
    expect(found({ pieces: [piece({ yMm: inches(900) })] })).toContain('refuse outside-room pieces.0.yMm');
    expect(found({ pieces: [piece({ yMm: -inches(3) })] })).toContain('refuse outside-room pieces.0.yMm');
    expect(found({ pieces: [piece({ heightMm: inches(120) })] })).toContain(
      'refuse taller-than-room pieces.0.heightMm',
    );
    expect(
      found({
        pieces: [
          piece({
            seat: {
              widthMm: inches(90),
              heightMm: inches(40),
              depthMm: inches(40),
              seats: 3,
              wantedSitters: 0,
              armHeightMm: 0,
              looseCushions: 0,
            },
          }),
        ],
      }),
    ).toEqual([
      'refuse seat-wider-than-piece pieces.0.seat.widthMm',
      'refuse seat-deeper-than-piece pieces.0.seat.depthMm',
      'refuse seat-higher-than-piece pieces.0.seat.heightMm',
    ]);
  });
  it('a turned piece is checked by its own corners', () => {
    expect(
      found({ pieces: [piece({ xMm: inches(45), yMm: inches(72), turnDeg: 0, widthMm: inches(84) })] }),
    ).toEqual([]);
    expect(found({ pieces: [piece({ xMm: inches(20), yMm: inches(45), turnDeg: 270 })] })).toEqual([]);
    expect(found({ pieces: [piece({ xMm: inches(20), yMm: inches(45), turnDeg: 45 })] })).toContain(
      'refuse outside-room pieces.0.xMm',
    );
  });
  it('an outline that crosses itself or runs the wrong way', () => {
    const room = bareRoom().room;
    expect(found({ room: { ...room, walls: [...room.walls].reverse() } })).toContain(
      'refuse outline-not-clockwise room.walls',
    );
    const [a, b, c, d] = room.walls;
    expect(found({ room: { ...room, walls: [a!, c!, b!, d!] } })[0]).toMatch(
      /^refuse outline-crosses room\.walls\.\d$/,
    );
  });
});

describe('readings that are odd', () => {
  it('a drop that differs from its neighbour by more than 2 in', () => {
    expect(
      found({
        openings: [opening({ dropsMm: { left: inches(80.5), middle: inches(78), right: inches(78) } })],
      }),
    ).toEqual(['ask drops-apart openings.0.dropsMm.left']);
    expect(
      found({
        openings: [opening({ dropsMm: { left: inches(80), middle: inches(78), right: inches(78) } })],
      }),
    ).toEqual([]);
  });
  it('drops that do not belong to this sill and height', () => {
    expect(
      found({
        openings: [opening({ dropsMm: { left: inches(84), middle: inches(84), right: inches(84) } })],
      }),
    ).toEqual(['ask drop-and-frame-apart openings.0.dropsMm.middle']);
  });
  it('a ceiling under 6 ft 6', () => {
    expect(
      checkRoomFile(bareRoom(inches(168), inches(144), inches(77))).map((i) => `${i.level} ${i.code}`),
    ).toEqual(['ask ceiling-low']);
    expect(checkRoomFile(bareRoom(inches(168), inches(144), inches(78)))).toEqual([]);
  });
});

describe('references', () => {
  it('speak only of what is there, once', () => {
    const look = bareRoom().looks[0]!;
    expect(found({ looks: [{ ...look, hangings: [hanging({ itemId: 'none' })] }] })).toEqual([
      'refuse not-found looks.0.hangings.0.itemId',
    ]);
    expect(found({ items: [item()], looks: [{ ...look, placements: [placement(onSeat('gone'))] }] })).toEqual(
      ['refuse not-found looks.0.placements.0.spot.of'],
    );
    const onWindow = opening({ id: 'win' });
    const placed = (...placements: ReturnType<typeof placement>[]) =>
      found({ items: [item()], openings: [onWindow], looks: [{ ...look, placements }] });
    const on = (id: string, of: string) => placement({ id, spot: { of, part: 'top' } });
    expect(placed(on('a', 'win'), on('b', 'a'), on('c', 'b'))).toEqual([]);
    expect(placed(on('a', 'a'))).toEqual(['refuse carries-itself looks.0.placements.0.spot.of']);
    expect(placed(on('a', 'b'), on('b', 'a'), on('c', 'a'))).toEqual([
      'refuse carries-itself looks.0.placements.0.spot.of',
      'refuse carries-itself looks.0.placements.1.spot.of',
    ]);
    expect(placed(on('win', 'win'))).toContain('refuse same-id looks.0.placements.0.id');
    expect(found({ items: [item(), item()] })).toEqual(['refuse same-id items.1.id']);
    expect(found({ looks: [{ ...look, plannedShares: [0.6, 0.3, 0.3] }] })).toEqual([
      'refuse shares-not-whole looks.0.plannedShares',
    ]);
    expect(
      found({
        rules: [
          { ruleId: 'windows.hem', value: -1e9 },
          { ruleId: 'no.such', value: 1 },
        ],
      }).length,
    ).toBe(2);
  });
});
