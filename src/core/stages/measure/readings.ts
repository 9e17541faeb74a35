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
  | 'headboard'
  | 'footboard';

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

const DROPS = { dropLeft: 'left', dropMiddle: 'middle', dropRight: 'right' } as const;
type DropField = keyof typeof DROPS;
const isDrop = (f: ReadingField): f is DropField => f in DROPS;

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
  ...(p.bed ? (['mattress', 'headboard', 'footboard'] as const) : []),
];

function openingValue(o: Opening, field: ReadingField): Mm | null {
  if (isDrop(field)) return o.dropsMm?.[DROPS[field]] ?? null;
  return (o as unknown as Record<string, number>)[field] ?? null;
}
const fittingValue = (f: Fitting, field: ReadingField): Mm | null =>
  (field === 'mantelTop'
    ? f.mantel?.topMm
    : field === 'mantelWidth'
      ? f.mantel?.widthMm
      : field === 'mantelDepth'
        ? f.mantel?.depthMm
        : (f as unknown as Record<string, number>)[field]) ?? null;
const pieceValue = (p: Piece, field: ReadingField): Mm | null =>
  (field === 'seatWidth'
    ? p.seat?.widthMm
    : field === 'seatHeight'
      ? p.seat?.heightMm
      : field === 'seatDepth'
        ? p.seat?.depthMm
        : field === 'armHeight'
          ? p.seat?.armHeightMm
          : field === 'mattress'
            ? p.bed?.mattressMm
            : field === 'headboard'
              ? p.bed?.headboardMm
              : field === 'footboard'
                ? p.bed?.footboardMm
                : (p as unknown as Record<string, number>)[field]) ?? null;

/**
 * Every reading of the room: its walls and ceiling, then wall by wall the openings and fittings from left to
 * right, then the pieces.
 */
export function tapeReadings(file: RoomFile): TapeReading[] {
  const marks = new Map(file.room.readings.map((r) => [`${r.about}/${r.field}`, r]));
  const reading = (
    about: string,
    name: string,
    kind: TapeReading['kind'],
    wallId: string | null,
    field: ReadingField,
    valueMm: Mm | null,
  ): TapeReading => {
    const mark = marks.get(`${about}/${field}`);
    return {
      about,
      name,
      kind,
      wallId,
      field,
      valueMm,
      guess: mark?.guess ?? false,
      secondMm: mark?.secondMm ?? null,
    };
  };
  const walls = wallsOf(file.room);
  return [
    ...walls.map((w) => reading(w.id, w.ownName, 'wall', w.id, 'wallLength', w.lengthMm)),
    reading('room', file.room.name, 'room', null, 'ceilingMm', file.room.ceilingMm),
    ...walls.flatMap((w) => [
      ...file.openings
        .filter((o) => o.wallId === w.id)
        .sort((a, b) => a.xMm - b.xMm)
        .flatMap((o) =>
          openingFields(o).map((f) => reading(o.id, o.name, 'opening', w.id, f, openingValue(o, f))),
        ),
      ...file.fittings
        .filter((f) => f.wallId === w.id)
        .sort((a, b) => a.xMm - b.xMm)
        .flatMap((x) =>
          fittingFields(x).map((f) => reading(x.id, x.name, 'fitting', w.id, f, fittingValue(x, f))),
        ),
    ]),
    ...file.pieces.flatMap((p) =>
      pieceFields(p).map((f) => reading(p.id, p.name, 'piece', null, f, pieceValue(p, f))),
    ),
  ];
}

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
  if (about === 'room')
    return field === 'ceilingMm'
      ? ok({ do: 'setRoom', room: { ...file.room, ceilingMm: mm } })
      : fail('not-found' as const);
  const wall = file.room.walls.findIndex((w) => w.id === about);
  if (wall >= 0 && field === 'wallLength')
    return ok({ do: 'setRoom', room: { ...file.room, walls: withWallLength(file.room.walls, wall, mm) } });
  const opening = file.openings.find((o) => o.id === about);
  if (opening)
    return ok({
      do: 'putOpening',
      opening: isDrop(field)
        ? {
            ...opening,
            dropsMm: { ...(opening.dropsMm ?? { left: mm, middle: mm, right: mm }), [DROPS[field]]: mm },
          }
        : { ...opening, [field]: mm },
    });
  const f = file.fittings.find((x) => x.id === about);
  if (f) {
    if (field === 'mantelTop' || field === 'mantelWidth' || field === 'mantelDepth')
      return f.mantel
        ? ok({
            do: 'putFitting',
            fitting: {
              ...f,
              mantel: {
                ...f.mantel,
                [field === 'mantelTop' ? 'topMm' : field === 'mantelWidth' ? 'widthMm' : 'depthMm']: mm,
              },
            },
          })
        : fail('not-found' as const);
    return ok({ do: 'putFitting', fitting: { ...f, [field]: mm } });
  }
  const p = file.pieces.find((x) => x.id === about);
  if (!p) return fail('not-found' as const);
  switch (field) {
    case 'seatWidth':
    case 'seatHeight':
    case 'seatDepth':
    case 'armHeight':
      return p.seat
        ? ok({
            do: 'putPiece',
            piece: {
              ...p,
              seat: {
                ...p.seat,
                [field === 'seatWidth'
                  ? 'widthMm'
                  : field === 'seatHeight'
                    ? 'heightMm'
                    : field === 'seatDepth'
                      ? 'depthMm'
                      : 'armHeightMm']: mm,
              },
            },
          })
        : fail('not-found' as const);
    case 'mattress':
    case 'headboard':
    case 'footboard':
      return p.bed
        ? ok({ do: 'putPiece', piece: { ...p, bed: { ...p.bed, [`${field}Mm`]: mm } } })
        : fail('not-found' as const);
    default:
      return ok({ do: 'putPiece', piece: { ...p, [field]: mm } });
  }
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
export function changedFields(before: RoomFile, after: RoomFile, about: string): ReadingField[] {
  const was = new Map(
    tapeReadings(before)
      .filter((r) => r.about === about)
      .map((r) => [r.field, r.valueMm]),
  );
  return tapeReadings(after)
    .filter((r) => r.about === about && was.get(r.field) !== r.valueMm)
    .map((r) => r.field);
}
