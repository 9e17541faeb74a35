/** Thirty rooms that were drawn at random once, each under its number. */
import { readFileSync } from 'node:fs';
import { roomFileSchema } from '../../src/core/model/schema';
import { upgradeRoomFile } from '../../src/core/model/upgrade';

const read = JSON.parse(readFileSync(new URL('rooms.json', import.meta.url), 'utf8')) as unknown[];

export const ROOMS = read.map(
  (room, i) => [String(i + 1).padStart(2, '0'), roomFileSchema.parse(upgradeRoomFile(room))] as const,
);
