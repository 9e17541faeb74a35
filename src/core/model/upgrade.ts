/** Files of older versions, brought to the present one. What does not look like such a file is given back as it came, for the schema to refuse. */
import { CLEAR, FITTING, FLAGS, ITEM, OPENING, PIECE, ROOM, SEAT } from './defaults';
import { ROOM_FILE_VERSION, STUDIO_FILE_VERSION } from './version';

type Fields = Record<string, unknown>;
const isFields = (value: unknown): value is Fields => typeof value === 'object' && value !== null && !Array.isArray(value);
const each = (value: unknown, edit: (row: Fields) => Fields): unknown => (Array.isArray(value) ? value.map((row: unknown) => (isFields(row) ? edit(row) : row)) : value);
const with_ = (defaults: Fields, value: unknown): unknown => (isFields(value) ? { ...defaults, ...value } : value);

const home = (h: unknown): unknown => (isFields(h) ? { ...h, flags: with_(FLAGS, h.flags) } : h);
const item = (i: Fields): Fields => ({ ...ITEM, ...i });
const body = (r: Fields): Fields => ({
  ...r, room: with_(ROOM, r.room), clear: CLEAR, looks: each(r.looks, (l) => ({ approvedWallIds: [], ...l })), openings: each(r.openings, (o) => ({ ...OPENING, ...o })), fittings: each(r.fittings, (f) => ({ ...FITTING, ...f })),
  pieces: each(r.pieces, (p) => ({ ...PIECE, ...p, seat: with_(SEAT, p.seat) })),
});

/** A room file of version 1 as version 2: what version 1 could not say is taken as not known, and none of it as guessed. */
export function upgradeRoomFile(input: unknown): unknown {
  if (!isFields(input) || input.rideau !== 1) return input;
  return { ...body(input), rideau: ROOM_FILE_VERSION, home: home(input.home), items: each(input.items, item), places: [] };
}

/** A studio backup of version 1 as version 2. */
export function upgradeStudioFile(input: unknown): unknown {
  if (!isFields(input) || input.rideauStudio !== 1) return input;
  return { ...input, rideauStudio: STUDIO_FILE_VERSION, homes: Array.isArray(input.homes) ? input.homes.map(home) : input.homes, places: [], items: each(input.items, item), rooms: each(input.rooms, body) };
}
