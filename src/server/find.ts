import 'server-only';
import { askedWords, matchOf } from '../core/base/fold';
import { loadRoomHeads, loadLookHeads } from '../data/roomRepository';
import { loadPlaces } from '../data/placeRepository';
import { findItems } from '../data/itemRepository';
import { studioDatabase } from './studio';

/** What is found in the studio by its name, the newest-changed room first. */
export type FoundInStudio = {
  rooms: { id: string; name: string; homeName: string }[];
  looks: { id: string; name: string; roomId: string; roomName: string }[];
  things: { id: string; name: string; where: string }[];
  places: { id: string; name: string }[];
  /** Rules are asked in a room: this one. */ roomId: string | null;
};

/** Of each sort; who wants more types another letter. */
const MOST = 8;

/** Rooms, looks, things and storage places in whose names all the words occur; without words the newest rooms alone. */
export function findInStudio(words: string): FoundInStudio {
  const db = studioDatabase();
  const asked = askedWords(words);
  const isAsked = (name: string, beside?: string) => matchOf(asked, name, beside) !== null;
  const rooms = loadRoomHeads(db);
  const found = rooms.filter((r) => isAsked(r.name, r.homeName)).slice(0, MOST);
  const roomId = rooms[0]?.id ?? null;
  if (asked.length === 0) return { rooms: found, looks: [], things: [], places: [], roomId };
  return {
    rooms: found,
    looks: loadLookHeads(db)
      .filter((l) => isAsked(l.name, l.roomName))
      .slice(0, MOST),
    things: findItems(db, [], words, { limit: MOST }).map(({ id, name, whereabouts }) => ({
      id,
      name,
      where: whereabouts,
    })),
    places: loadPlaces(db)
      .filter((p) => isAsked(p.name))
      .slice(0, MOST)
      .map(({ id, name }) => ({ id, name })),
    roomId,
  };
}
