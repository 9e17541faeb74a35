import fc from 'fast-check';
import type { z } from 'zod';
import { putKind, type Change } from '../../src/core/model/change';
import { NOUN_NAMES, NOUNS } from '../../src/core/model/nouns';
import { NOUN_SCHEMAS, roomSchema } from '../../src/core/model/schema';
import type { RoomFile } from '../../src/core/model/types';
import { anyValueOf } from './anyValue';

/** A row of anything that the schema of changes lets through, and often what the room then refuses. */
export const anyChange = (file: RoomFile): fc.Arbitrary<Change> => {
  const ids = {
    wallId: file.room.walls.map((w) => w.id),
    openingId: file.openings.map((o) => o.id),
    itemId: file.items.map((i) => i.id),
    pieceId: file.pieces.map((p) => p.id),
    id: ['new', ...file.openings.map((o) => o.id), ...file.pieces.map((p) => p.id)],
  };
  const withIds = (row: object): fc.Arbitrary<object> =>
    fc
      .record(
        Object.fromEntries(
          Object.entries(ids)
            .filter(([name]) => name in row)
            .map(([name, known]) => [name, fc.constantFrom(...known)]),
        ),
      )
      .map((known) => ({ ...row, ...known }));
  const puts = NOUN_NAMES.map((noun) =>
    anyValueOf(NOUN_SCHEMAS[noun] as z.ZodType)
      .chain((row) => withIds(row as object))
      .map((row) => {
        const inLook = NOUNS[noun].where === 'look' ? { lookId: file.looks[0]!.id } : {};
        return { do: putKind(noun), ...inLook, [noun]: row } as unknown as Change;
      }),
  );
  const setRoom = anyValueOf(roomSchema).map((room): Change => {
    const drawn = room as RoomFile['room'];
    return { do: 'setRoom', room: { ...drawn, id: file.room.id, walls: file.room.walls } };
  });
  return fc.oneof(...puts, setRoom);
};
