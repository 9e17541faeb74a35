import { failWith, type Result, ok } from '../../core/base/result';
import { placeSchema } from '../../core/model/schema';
import type { StoragePlace } from '../../core/model/types';
import { type Contents, contentsOf, goesUnder } from '../../core/stash/storage';
import { loadItems } from '../../data/itemRepository';
import { inEntry } from '../../data/journal';
import { loadPlaces, savePlace, removePlace } from '../../data/placeRepository';
import { loadRoom, loadSeatsAndBeds } from '../../data/roomRepository';
import { loadHomes } from '../../data/homeRepository';
import { inOneGo } from '../inOneGo';
import { type DoorIssue, schemaIssues } from '../issues';
import { studioDatabase, now } from '../studio';
import type { Label } from './labels';
import { rules } from './stash';

export type PlaceRow = {
  place: StoragePlace;
  contents: Contents;
  items: { id: string; name: string; count: number }[];
  goesUnder: { room: string; name: string; leftMm: number }[];
};
/** Every storage place with what it holds, and the furniture that it goes under. */
export function placeRows(): PlaceRow[] {
  const db = studioDatabase();
  const book = rules();
  const items = loadItems(db).filter((i) => i.placeId !== null);
  const furniture = loadSeatsAndBeds(db);
  return loadPlaces(db).map((place) => ({
    place,
    contents: contentsOf(place, items, book),
    items: items
      .filter((i) => i.placeId === place.id && i.state !== 'gone')
      .map(({ id, name, count }) => ({ id, name, count })),
    goesUnder:
      place.kind === 'underFurniture' || place.kind === 'box' || place.kind === 'bag'
        ? [
            ...furniture.filter((f) => f.roomId === place.roomId),
            ...furniture.filter((f) => f.roomId !== place.roomId),
          ].flatMap((f) =>
            goesUnder(place, [f.piece]).map((u) => ({ room: f.room, name: u.name, leftMm: u.leftMm })),
          )
        : [],
  }));
}

/** What the labels of storage places say; of one place, or of all. */
export function placeLabels(placeId: string | null): Label[] {
  const rows = placeRows().filter((row) => placeId === null || row.place.id === placeId);
  return rows.map(({ place, items }) => ({ name: place.name, where: whereIs(place), items }));
}

/** The room and the home that a place is in. */
function whereIs(place: StoragePlace): string {
  const db = studioDatabase();
  const room = place.roomId ? loadRoom(db, place.roomId) : undefined;
  const home = room && loadHomes(db).find((h) => h.id === room.homeId);
  return [room?.room.name, home?.name].filter(Boolean).join(', ');
}

export function putPlace(input: unknown): Result<{ id: string }, DoorIssue> {
  const read = placeSchema.safeParse(input);
  if (!read.success) return failWith(schemaIssues(read.error));
  const db = studioDatabase();
  return inOneGo(() => {
    inEntry(db, null, { code: 'putPlace', name: read.data.name }, now(), () => savePlace(db, read.data));
    return ok({ id: read.data.id });
  });
}

export function dropPlace(id: string): boolean {
  const db = studioDatabase();
  const place = loadPlaces(db).find((p) => p.id === id);
  if (!place) return false;
  db.transaction(() =>
    inEntry(db, null, { code: 'removePlace', name: place.name }, now(), () => removePlace(db, id)),
  ).immediate();
  return true;
}
