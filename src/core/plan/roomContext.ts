import type { RoomFile } from '../model/types';
import { placeOnWall } from '../room/place';
import { wallsOf } from '../room/walls';
import { ruleBook } from '../rules/book';
import type { RoomContext } from './context';

/** What windows and walls are planned in, for work outside the plan of a look. */
export function roomContext(file: RoomFile): RoomContext & { file: RoomFile } {
  const walls = wallsOf(file.room);
  const places = new Map(file.pieces.map((p) => [p.id, placeOnWall(p, walls)]));
  return { file, walls, places, rules: ruleBook(file.rules, file.room.unit) };
}
