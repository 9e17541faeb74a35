import type { Look, RoomFile } from '../model/types';
import { inLook } from '../room/arrange';
import { placeOnWall } from '../room/place';
import { wallsOf } from '../room/walls';
import { ruleBook } from '../rules/book';
import type { RoomContext } from './context';

/** What windows and walls are planned in, for work outside the plan of a look. */
export function roomContext(measured: RoomFile, look: Look): RoomContext & { file: RoomFile } {
  const file = inLook(measured, look);
  const walls = wallsOf(file.room);
  const places = new Map(file.pieces.map((p) => [p.id, placeOnWall(p, walls)]));
  return { file, walls, places, rules: ruleBook(file.rules, file.room.unit) };
}
