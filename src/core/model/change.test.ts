import { describe, expect, it } from 'vitest';
import { demoRoom, inches, opening } from '../../../tests/helpers/rooms';
import { applyChange, type Change } from './change';
import { changeSchema } from './changeSchema';
import { ROOM_FILE_VERSION, roomFileSchema } from './schema';

const file = demoRoom('long-room');
const look = file.looks[1]!;

describe('changes', () => {
  it('put replaces by id or adds, and never touches what it was given', () => {
    const previous = JSON.stringify(file);
    const moved = applyChange(file, { do: 'putOpening', opening: { ...file.openings[0]!, xMm: inches(30) } });
    expect(moved.openings.map((o) => o.id)).toEqual(file.openings.map((o) => o.id));
    expect(applyChange(file, { do: 'putOpening', opening: opening({ id: 'new' }) }).openings.length).toBe(
      file.openings.length + 1,
    );
    expect(JSON.stringify(file)).toBe(previous);
  });
  it('what hung on a removed thing goes with it, in every look', () => {
    const noWindow = applyChange(file, { do: 'removeOpening', id: 'harbour-window' });
    expect(noWindow.looks.every((l) => l.dressings.every((d) => d.openingId !== 'harbour-window'))).toBe(
      true,
    );
    const noSofa = applyChange(file, { do: 'removePiece', id: 'long-sofa' });
    expect(
      noSofa.looks.every(
        (l) =>
          l.placements.every((p) => p.spot.of !== 'long-sofa') &&
          l.hangings.every((h) => h.overPieceId !== 'long-sofa'),
      ),
    ).toBe(true);
    expect(noSofa.looks[1]!.hangings.length).toBe(look.hangings.length);
  });
  it('a copied look is the same dressing under another name, and changes alone', () => {
    const copied = applyChange(file, { do: 'copyLook', from: look.id, id: 'copy', name: 'Copy' });
    const copy = copied.looks.find((l) => l.id === 'copy')!;
    expect([copy.dressings, copy.order]).toEqual([look.dressings, 3]);
    const changed = applyChange(copied, {
      do: 'removePlacement',
      lookId: 'copy',
      id: look.placements[0]!.id,
    });
    expect(changed.looks.find((l) => l.id === look.id)!.placements.length).toBe(look.placements.length);
    expect(changed.looks.find((l) => l.id === 'copy')!.placements.length).toBe(look.placements.length - 1);
  });
  it('an own rule replaces the one before, and is dropped again', () => {
    const one = applyChange(file, { do: 'setRule', rule: { ruleId: 'walls.centre', value: 1 } });
    const two = applyChange(one, { do: 'setRule', rule: { ruleId: 'walls.centre', value: 2 } });
    expect(two.rules).toEqual([{ ruleId: 'walls.centre', value: 2 }]);
    expect(applyChange(two, { do: 'dropRule', ruleId: 'walls.centre' }).rules).toEqual([]);
  });
  it.each<[string, Change]>([
    ['putDressing', { do: 'putDressing', lookId: look.id, dressing: look.dressings[0]! }],
    ['putHanging', { do: 'putHanging', lookId: look.id, hanging: look.hangings[0]! }],
    ['putPlacement', { do: 'putPlacement', lookId: look.id, placement: look.placements[0]! }],
    ['putItem', { do: 'putItem', item: file.items[0]! }],
    ['putPlace', { do: 'putPlace', place: file.places[0]! }],
    ['setRoom', { do: 'setRoom', room: file.room }],
    ['setHome', { do: 'setHome', home: file.home }],
    ['putPiece', { do: 'putPiece', piece: file.pieces[0]! }],
    ['putFitting', { do: 'putFitting', fitting: file.fittings[0]! }],
  ])('%s passes the door, and one that changes nothing leaves the file equal', (_name, change) => {
    expect(changeSchema.safeParse(change).success).toBe(true);
    expect(applyChange(file, change)).toEqual(file);
  });
  it('the door refuses unknown fields, wrong types and unknown acts', () => {
    for (const bad of [
      { do: 'putOpening', opening: { ...opening(), extra: 1 } },
      { do: 'putOpening', opening: { ...opening(), widthMm: '48' } },
      { do: 'putOpening', opening: { ...opening(), widthMm: Number.NaN } },
      { do: 'dropTable' },
      { do: 'putOpening', opening: { ...opening(), id: '../x' } },
    ])
      expect(changeSchema.safeParse(bad).success).toBe(false);
  });
});

describe('the room file', () => {
  it('of the demo passes its own schema and comes back the same', () => {
    expect(roomFileSchema.parse(JSON.parse(JSON.stringify(file)))).toEqual(file);
  });
  it.each([
    ['version', { rideau: ROOM_FILE_VERSION + 1 }],
    ['no looks', { looks: [] }],
    ['two walls', { room: { ...file.room, walls: file.room.walls.slice(0, 2) } }],
    ['a foreign field', { colour: 'red' }],
  ])('refuses %s', (_what, patch) => {
    expect(roomFileSchema.safeParse({ ...file, ...patch }).success).toBe(false);
  });
});
