/**
 * Files of older versions, brought to the present one. What does not look like such a file is given back as
 * it came, for the schema to refuse.
 */
import {
  BRIEF,
  BROUGHT,
  CLEAR,
  DRESSING,
  FITTING,
  FLAGS,
  HANGING,
  ITEM,
  OPENING,
  PIECE,
  PLACEMENT,
  ROOM,
  SEAT,
  SHEER,
} from './defaults';
import { inches } from '../base/units';
import type { Placement } from './types';
import { listsSince } from './nouns';
import { ROOM_FILE_VERSION, STUDIO_FILE_VERSION } from './version';

type Fields = Record<string, unknown>;
const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const each = (value: unknown, edit: (row: Fields) => Fields): unknown =>
  Array.isArray(value) ? value.map((row: unknown) => (isFields(row) ? edit(row) : row)) : value;
const with_ = (defaults: Fields, value: unknown): unknown =>
  isFields(value) ? { ...defaults, ...value } : value;

const home = (h: unknown): unknown => (isFields(h) ? { ...h, flags: with_(FLAGS, h.flags) } : h);
const item = (i: Fields): Fields => ({ ...ITEM, ...i });
/** What version 1 was silent about. */
const bodyFrom1 = (r: Fields): Fields => ({
  ...r,
  room: with_(ROOM, r.room),
  clear: CLEAR,
  looks: each(r.looks, (l) => ({ approvedWallIds: [], ...l })),
  openings: each(r.openings, (o) => ({ ...OPENING, ...o })),
  pieces: each(r.pieces, (p) => ({ ...PIECE, ...p, seat: with_(SEAT, p.seat) })),
});
/**
 * What versions 1 and 2 were silent about: how the rod is fixed, what it is, what hangs behind; what the room
 * is built of.
 */
const bodyFrom2 = (r: Fields): Fields => ({
  ...r,
  room: with_(ROOM, r.room),
  fittings: each(r.fittings, (f) => ({ ...FITTING, ...f })),
  looks: each(r.looks, (l) => ({
    ...l,
    dressings: each(l.dressings, (d) => ({ ...DRESSING, ...d })),
    hangings: each(l.hangings, (h) => ({ ...HANGING, ...h })),
  })),
});
/** What versions 1 to 3 were silent about: how a curtain draws, its cords, how a sheer is made. */
const bodyFrom3 = (r: Fields): Fields => ({
  ...r,
  openings: each(r.openings, (o) => ({ blindCord: OPENING.blindCord, ...o })),
  looks: each(r.looks, (l) => ({
    ...l,
    dressings: each(l.dressings, (d) => ({ ...NEW_IN_4, ...d, sheer: with_(SHEER, d.sheer) })),
  })),
});
const NEW_IN_4 = { draw: DRESSING.draw, decorative: DRESSING.decorative, cord: DRESSING.cord };
/**
 * What versions 1 to 4 said otherwise: a thing was put on a piece or on a mantel as a pillow, a throw or an object; now it
 * lies on a spot.
 */
function bodyFrom4(r: Fields): Fields {
  const hosts = ['openings', 'fittings', 'pieces'].flatMap((list) => rowsOf(r[list]));
  const taken = new Set(hosts.map((host) => host.id));
  const pieces = new Map(rowsOf(r.pieces).map((piece) => [piece.id, piece]));
  return {
    ...r,
    pieces: each(r.pieces, (p) => ({ gapMm: PIECE.gapMm, ...p })),
    looks: each(r.looks, (l) => ({
      brief: BRIEF,
      approvedZones: [],
      ...l,
      placements: each(l.placements, (p) => placementFrom4(p, pieces, taken)),
    })),
  };
}
/** What versions 1 to 6 were silent about: folds, dents and zips of placed textiles, cushions taken out. */
const bodyFrom6 = (r: Fields): Fields => ({
  ...r,
  looks: each(r.looks, (l) => ({
    cushionsOut: [],
    ...l,
    placements: each(l.placements, (p) => ({ ...NEW_IN_7, ...p })),
  })),
});
/** What versions 1 to 7 were silent about: how thick a mattress is, where its pillows go at night, layers of what hangs. */
function bodyFrom7(r: Fields): Fields {
  const beds = new Set(
    rowsOf(r.pieces)
      .filter((p) => p.bed || p.kind === 'bed' || p.kind === 'cot')
      .map((p) => p.id),
  );
  return {
    ...r,
    pieces: each(r.pieces, (p) => ({ ...p, bed: with_({ thickMm: null }, p.bed) })),
    looks: each(r.looks, (l) => ({
      night: [],
      ...l,
      placements: each(l.placements, (p) => onMattress(p, beds)),
      brought: each(l.brought, (b) => ({ layer: BROUGHT.layer, ...b })),
      dressings: each(l.dressings, (d) => ({ layer: DRESSING.layer, ...d })),
      hangings: each(l.hangings, (h) => ({ layer: HANGING.layer, ...h })),
    })),
  };
}
/** What versions 1 to 9 were silent about: which furniture is round. */
const bodyFrom9 = (r: Fields): Fields => ({
  ...r,
  pieces: each(r.pieces, (p) => ({ round: PIECE.round, ...p })),
});
/** What lay on the seat or the top of a bed lies on its mattress. */
const onMattress = (p: Fields, beds: ReadonlySet<unknown>): Fields =>
  isFields(p.spot) && beds.has(p.spot.of) && (p.spot.part === 'seat' || p.spot.part === 'top')
    ? { ...p, spot: { ...p.spot, part: 'mattress' } }
    : p;
const NEW_IN_7 = {
  fold: PLACEMENT.fold,
  hangsMm: PLACEMENT.hangsMm,
  chopped: PLACEMENT.chopped,
  zip: PLACEMENT.zip,
};
const rowsOf = (value: unknown): Fields[] => (Array.isArray(value) ? value.filter(isFields) : []);

function placementFrom4(
  p: Fields,
  pieces: ReadonlyMap<unknown, Fields>,
  taken: ReadonlySet<unknown>,
): Fields {
  if (!('pieceId' in p)) return p;
  const { pieceId, as, layer, fill, turned, ...rest } = p;
  return {
    ...PLACEMENT,
    ...rest,
    // a thing may now carry others, so that its name may not be one that carries already
    id: taken.has(p.id) ? `${String(p.id)}-on` : p.id,
    spot: { of: pieceId, part: partFrom4(pieces.get(pieceId)) },
    row: layer,
    lie: lieFrom4(as, turned),
    fill: as === 'pillow' ? fill : null,
  };
}

/** Things lay along the seat, the mattress or the top of a piece; on a fitting they lay on its mantel. */
function partFrom4(piece: Fields | undefined): string {
  if (!piece) return 'mantel';
  if (piece.seat) return 'seat';
  return piece.bed ? 'mattress' : 'top';
}

function lieFrom4(as: unknown, turned: unknown): Placement['lie'] {
  if (as === 'throw') return 'overBack';
  if (as !== 'pillow') return 'standing';
  return turned === true ? 'proppedSide' : 'propped';
}
/** Rules that were replaced: pleats now follow from ring and pin, centre brackets from the rod's sag. */
const ruleRows = (rules: unknown): unknown =>
  Array.isArray(rules)
    ? rules
        .flatMap((r: unknown) => {
          if (!isFields(r) || r.ruleId === 'windows.centreBracketSpan') return isFields(r) ? [] : [r];
          if (r.ruleId !== 'windows.takeDownPinchPleat') return [r];
          return typeof r.value === 'number'
            ? [{ ...r, ruleId: 'windows.pin', value: Math.max(0, RING_DROP - r.value) }]
            : [];
        })
        .filter(canBe)
    : rules;
/** Older versions took lengths below nothing, which no rule but a take-down can have. */
const canBe = (r: unknown): boolean =>
  !isFields(r) ||
  typeof r.ruleId !== 'string' ||
  r.ruleId.startsWith('windows.takeDown') ||
  ![r.value].flat().some((v) => typeof v === 'number' && v < 0);
/** The usual drop of a ring; converts a studio's own take-down of pleats to a pin's position. */
const RING_DROP = inches(1.75);

const bodyFrom =
  (version: number) =>
  (r: Fields): Fields => {
    const from2 = version === 1 ? bodyFrom1(r) : r;
    const from3 = version <= 2 ? bodyFrom2(from2) : from2;
    const from4 = version <= 3 ? bodyFrom3(from3) : from3;
    const from5 = version <= 4 ? bodyFrom4(from4) : from4;
    const present = bodyFrom6(from5);
    return bodyFrom9(
      bodyFrom7({
        ...listsSince(version, 'room'),
        ...present,
        looks: each(present.looks, (l) => ({ ...listsSince(version, 'look'), ...l })),
      }),
    );
  };

const isOlder = (version: unknown, present: number): version is number =>
  Number.isInteger(version) && (version as number) >= 1 && (version as number) < present;

/**
 * A room file of an older version as the present one: what it could not say is taken as not known, and none
 * of it as guessed.
 */
export function upgradeRoomFile(input: unknown): unknown {
  if (!isFields(input)) return input;
  const version = input.rideau;
  if (!isOlder(version, ROOM_FILE_VERSION)) return input;
  const known = version === 1 ? { home: home(input.home), places: [] } : {};
  return {
    ...bodyFrom(version)(input),
    items: each(input.items, item),
    rideau: ROOM_FILE_VERSION,
    rules: ruleRows(input.rules),
    ...known,
  };
}

/** A studio backup of an older version as the present one. */
export function upgradeStudioFile(input: unknown): unknown {
  if (!isFields(input)) return input;
  const version = input.rideauStudio;
  if (!isOlder(version, STUDIO_FILE_VERSION)) return input;
  const known =
    version === 1
      ? {
          homes: Array.isArray(input.homes) ? input.homes.map(home) : input.homes,
          places: [],
        }
      : {};
  return {
    ...input,
    rideauStudio: STUDIO_FILE_VERSION,
    rules: ruleRows(input.rules),
    items: each(input.items, item),
    ...known,
    rooms: each(input.rooms, bodyFrom(version)),
  };
}
