import type { RoomFile } from '../model/types';
import type { OnWall } from '../room/place';
import type { Wall } from '../room/walls';
import type { RuleBook } from '../rules/book';

/** What is built and what stands in the room. */
export type BuiltKey = 'room' | 'openings' | 'fittings' | 'pieces' | 'home';

/**
 * Part of a room file with what follows from it alone: its walls, the place of its pieces on them, the rules
 * that hold.
 */
export type RoomContext<F extends keyof RoomFile = BuiltKey> = {
  file: Pick<RoomFile, F>;
  walls: readonly Wall[];
  /** Where each piece stands, by its id. */
  places: ReadonlyMap<string, OnWall>;
  rules: RuleBook;
};

/** The wall of an id that is known to be one of the room's. */
export function wallById(walls: readonly Wall[], id: string): Wall {
  const wall = walls.find((w) => w.id === id);
  if (!wall) throw new Error(`no wall ${id} in this room`);
  return wall;
}
