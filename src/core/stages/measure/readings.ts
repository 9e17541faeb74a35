/** The readings of a room in the order in which one walks round it with a tape. */
import type { Mm } from '../../base/units';
import { fail, ok, type Result } from '../../base/result';
import type { Change } from '../../model/change';
import type { Fitting, Opening, Piece, Reading, RoomFile } from '../../model/types';
import { withWallLength } from '../../room/wallLength';
import { isGlazed, isWay } from '../../room/kinds';
import { wallsOf } from '../../room/walls';

export type ReadingField =
  | 'wallLength'
  | 'ceilingMm'
  | 'xMm'
  | 'widthMm'
  | 'sillMm'
  | 'heightMm'
  | 'trimMm'
  | 'revealMm'
  | 'sillDepthMm'
  | 'handleMm'
  | 'underMm'
  | 'dropLeft'
  | 'dropMiddle'
  | 'dropRight'
  | 'bottomMm'
  | 'depthMm'
  | 'mantelTop'
  | 'mantelWidth'
  | 'mantelDepth'
  | 'seatWidth'
  | 'seatHeight'
  | 'seatDepth'
  | 'armHeight'
  | 'mattress'
  | 'mattressThick'
  | 'headboard'
  | 'footboard'
  | 'gapMm';

export type TapeReading = {
  /** 'room', or the id of the wall, opening, fitting or piece. */
  about: string;
  name: string;
  kind: 'room' | 'wall' | 'opening' | 'fitting' | 'piece';
  wallId: string | null;
  field: ReadingField;
  /** null when it was never taken. */
  valueMm: Mm | null;
  guess: boolean;
  secondMm: Mm | null;
};

/** Fields that are part of something the thing may not have: where each is kept. */
const PARTS: Partial<Record<ReadingField, readonly [part: string, key: string]>> = {
  dropLeft: ['dropsMm', 'left'],
  dropMiddle: ['dropsMm', 'middle'],
  dropRight: ['dropsMm', 'right'],
  mantelTop: ['mantel', 'topMm'],
  mantelWidth: ['mantel', 'widthMm'],
  mantelDepth: ['mantel', 'depthMm'],
  seatWidth: ['seat', 'widthMm'],
  seatHeight: ['seat', 'heightMm'],
  seatDepth: ['seat', 'depthMm'],
  armHeight: ['seat', 'armHeightMm'],
  mattress: ['bed', 'mattressMm'],
  mattressThick: ['bed', 'thickMm'],
  headboard: ['bed', 'headboardMm'],
  footboard: ['bed', 'footboardMm'],
};

type Measured = Opening | Fitting | Piece;
type Fields = Record<string, unknown>;

/** What a reading of a thing is; null where it was never taken, or the thing has no such part. */
function valueOf(thing: Measured, field: ReadingField): Mm | null {
  const fields = thing as unknown as Fields;
  const place = PARTS[field];
  const value = place ? (fields[place[0]] as Fields | null)?.[place[1]] : fields[field];
  return (value as Mm | undefined) ?? null;
}

/** The thing with one reading set; undefined where it has no such part. A first drop fills in the other two. */
function withValue<T extends Measured>(thing: T, field: ReadingField, mm: Mm): T | undefined {
  const place = PARTS[field];
  if (!place) return { ...thing, [field]: mm };
  const [part, key] = place;
  const first = part === 'dropsMm' ? { left: mm, middle: mm, right: mm } : undefined;
  const known = ((thing as unknown as Fields)[part] as Fields | null) ?? first;
  return known && { ...thing, [part]: { ...known, [key]: mm } };
}

const openingFields = (o: Opening): ReadingField[] => [
  'xMm',
  'widthMm',
  ...(o.kind === 'window' ? ['sillMm' as const] : []),
  'heightMm',
  ...(o.kind === 'arch' ? [] : ['trimMm' as const]),
  ...(o.kind === 'window' ? ['revealMm' as const, 'sillDepthMm' as const] : []),
  ...(o.opens !== 'fixed' && o.kind !== 'arch' ? ['handleMm' as const] : []),
  ...(isWay(o) && o.opens === 'in' ? ['underMm' as const] : []),
  ...(isGlazed(o) ? (['dropLeft', 'dropMiddle', 'dropRight'] as const) : []),
];
const fittingFields = (f: Fitting): ReadingField[] => [
  'xMm',
  'bottomMm',
  'widthMm',
  'heightMm',
  'depthMm',
  ...(f.mantel ? (['mantelTop', 'mantelWidth', 'mantelDepth'] as const) : []),
];
const pieceFields = (p: Piece): ReadingField[] => [
  'widthMm',
  'depthMm',
  'heightMm',
  ...(p.seat && !p.bed ? (['seatWidth', 'seatHeight', 'seatDepth', 'armHeight'] as const) : []),
  ...(p.bed ? (['mattress', 'mattressThick', 'headboard', 'footboard'] as const) : []),
  ...(p.seat || p.bed ? (['gapMm'] as const) : []),
];

type Subject = Pick<TapeReading, 'about' | 'name' | 'kind' | 'wallId'>;

/**
 * Every reading of the room: its walls and ceiling, then wall by wall the openings and fittings from left to
 * right, then the pieces.
 */
export function tapeReadings(file: RoomFile): TapeReading[] {
  const marks = new Map(file.room.readings.map((r) => [`${r.about}/${r.field}`, r]));
  const reading = (subject: Subject, field: ReadingField, valueMm: Mm | null): TapeReading => {
    const mark = marks.get(`${subject.about}/${field}`);
    return { ...subject, field, valueMm, guess: mark?.guess ?? false, secondMm: mark?.secondMm ?? null };
  };
  const readingsOf = (
    thing: Measured,
    kind: TapeReading['kind'],
    wallId: string | null,
    fields: readonly ReadingField[],
  ) =>
    fields.map((field) =>
      reading({ about: thing.id, name: thing.name, kind, wallId }, field, valueOf(thing, field)),
    );
  const walls = wallsOf(file.room);
  return [
    ...walls.map((w) =>
      reading({ about: w.id, name: w.ownName, kind: 'wall', wallId: w.id }, 'wallLength', w.lengthMm),
    ),
    reading(
      { about: 'room', name: file.room.name, kind: 'room', wallId: null },
      'ceilingMm',
      file.room.ceilingMm,
    ),
    ...walls.flatMap((w) => [
      ...leftToRight(file.openings, w.id).flatMap((o) => readingsOf(o, 'opening', w.id, openingFields(o))),
      ...leftToRight(file.fittings, w.id).flatMap((f) => readingsOf(f, 'fitting', w.id, fittingFields(f))),
    ]),
    ...file.pieces.flatMap((p) => readingsOf(p, 'piece', null, pieceFields(p))),
  ];
}

const leftToRight = <T extends { wallId: string; xMm: Mm }>(things: readonly T[], wallId: string): T[] =>
  things.filter((t) => t.wallId === wallId).sort((a, b) => a.xMm - b.xMm);

/**
 * The change that sets one reading; fails when the thing is no longer there or the field is not one of its. A
 * first drop fills in the other two.
 */
export function setReading(
  file: RoomFile,
  about: string,
  field: ReadingField,
  mm: Mm,
): Result<Change, 'not-found'> {
  const change = roomChange(file, about, field, mm) ?? thingChange(file, about, field, mm);
  return change ? ok(change) : fail('not-found' as const);
}

function roomChange(file: RoomFile, about: string, field: ReadingField, mm: Mm): Change | undefined {
  const { room } = file;
  if (about === 'room' && field === 'ceilingMm') return { do: 'setRoom', room: { ...room, ceilingMm: mm } };
  const wall = room.walls.findIndex((w) => w.id === about);
  if (about === 'room' || wall < 0 || field !== 'wallLength') return undefined;
  return { do: 'setRoom', room: { ...room, walls: withWallLength(room.walls, wall, mm) } };
}

function thingChange(file: RoomFile, about: string, field: ReadingField, mm: Mm): Change | undefined {
  if (about === 'room') return undefined;
  const opening = file.openings.find((o) => o.id === about);
  const fitting = file.fittings.find((f) => f.id === about);
  const piece = file.pieces.find((p) => p.id === about);
  if (opening) {
    const changed = withValue(opening, field, mm);
    return changed && { do: 'putOpening', opening: changed };
  }
  if (fitting) {
    const changed = withValue(fitting, field, mm);
    return changed && { do: 'putFitting', fitting: changed };
  }
  const changed = piece && withValue(piece, field, mm);
  return changed && { do: 'putPiece', piece: changed };
}

/**
 * Every reading of a thing that was just put there in a usual size: all of it is a guess until it is
 * measured.
 */
export const guessesFor = (file: RoomFile, about: string): Reading[] =>
  tapeReadings(file)
    .filter((r) => r.about === about && r.valueMm !== null)
    .map((r) => ({ about, field: r.field, guess: true, secondMm: null }));

/**
 * What becomes of a reading's mark when a value is typed for it: a guess is then measured; a doubt that is
 * settled is gone.
 */
export const asMeasured = (file: RoomFile, about: string, fields: readonly string[]): Reading[] =>
  file.room.readings
    .filter((r) => r.about === about && fields.includes(r.field))
    .map((r) => ({ ...r, guess: false, secondMm: null }));

/** The fields of a thing whose readings differ between two states of it. */
export function changedFields(previous: RoomFile, current: RoomFile, about: string): ReadingField[] {
  const was = new Map(
    tapeReadings(previous)
      .filter((r) => r.about === about)
      .map((r) => [r.field, r.valueMm]),
  );
  return tapeReadings(current)
    .filter((r) => r.about === about && was.get(r.field) !== r.valueMm)
    .map((r) => r.field);
}
