import type {
  Dressing,
  Fitting,
  Found,
  Irritation,
  Reading,
  Task,
  Hanging,
  HangingGroup,
  Home,
  Item,
  Look,
  Opening,
  Piece,
  Placement,
  Room,
  RoomFile,
} from './types';
import type { OwnRule } from '../rules/book';

/**
 * One act of a person on a room. The same pure function carries it out in the browser (at once) and on the
 * server (for keeps).
 */
export type Change =
  | { do: 'setRoom'; room: Room }
  | { do: 'setHome'; home: Home }
  | { do: 'putOpening'; opening: Opening }
  | { do: 'removeOpening'; id: string }
  | { do: 'putFitting'; fitting: Fitting }
  | { do: 'removeFitting'; id: string }
  | { do: 'putPiece'; piece: Piece }
  | { do: 'removePiece'; id: string }
  | { do: 'putItem'; item: Item }
  | { do: 'moveItem'; id: string; to: ItemMove }
  | { do: 'putLook'; look: LookHead }
  | { do: 'copyLook'; from: string; id: string; name: string }
  | { do: 'removeLook'; id: string }
  | { do: 'putDressing'; lookId: string; dressing: Dressing }
  | { do: 'removeDressing'; lookId: string; id: string }
  | { do: 'putHanging'; lookId: string; hanging: Hanging }
  | { do: 'removeHanging'; lookId: string; id: string }
  | { do: 'putGroup'; lookId: string; group: HangingGroup }
  | { do: 'removeGroup'; lookId: string; id: string }
  | { do: 'putPlacement'; lookId: string; placement: Placement }
  | { do: 'removePlacement'; lookId: string; id: string }
  | { do: 'markReadings'; readings: Reading[] }
  | { do: 'putFound'; found: Found }
  | { do: 'removeFound'; id: string }
  | { do: 'putIrritation'; irritation: Irritation }
  | { do: 'removeIrritation'; id: string }
  | { do: 'putTask'; task: Task }
  | { do: 'removeTask'; id: string }
  | { do: 'putBeforePhoto'; photoId: string; wallId: string | null }
  | { do: 'removeBeforePhoto'; photoId: string }
  | { do: 'setRule'; rule: OwnRule }
  | { do: 'dropRule'; ruleId: string };

/** Where a thing now is, and whether it still is; what is left out stays as it was. */
export type ItemMove = Partial<Pick<Item, 'placeId' | 'roomId' | 'state' | 'tagsOn'>>;
export type LookHead = Omit<Look, 'dressings' | 'hangings' | 'groups' | 'placements'>;
export type ChangeKind = Change['do'];

type WithId = { id: string };
const put = <T extends WithId>(rows: readonly T[], row: T): T[] =>
  rows.some((r) => r.id === row.id) ? rows.map((r) => (r.id === row.id ? row : r)) : [...rows, row];
/**
 * A reading is kept only while there is something to say of it: that it is a guess, or that a second one
 * differs.
 */
const withReadings = (file: RoomFile, marks: readonly Reading[]): RoomFile => {
  const same = (a: Reading, b: Reading) => a.about === b.about && a.field === b.field;
  const readings = [
    ...file.room.readings.filter((r) => !marks.some((m) => same(m, r))),
    ...marks.filter((m) => m.guess || m.secondMm !== null),
  ];
  return { ...file, room: { ...file.room, readings } };
};
const forget = (file: RoomFile, about: string): RoomFile =>
  file.room.readings.some((r) => r.about === about)
    ? { ...file, room: { ...file.room, readings: file.room.readings.filter((r) => r.about !== about) } }
    : file;
const without = <T extends WithId>(rows: readonly T[], id: string): T[] => rows.filter((r) => r.id !== id);

/**
 * The room file with the change carried out; the file given is not touched. What hung on a removed thing goes
 * with it.
 */
export function applyChange(file: RoomFile, change: Change): RoomFile {
  const looks = (edit: (look: Look) => Look): RoomFile => ({ ...file, looks: file.looks.map(edit) });
  const oneLook = (lookId: string, edit: (look: Look) => Look) =>
    looks((look) => (look.id === lookId ? edit(look) : look));
  const clear = (part: Partial<RoomFile['clear']>): RoomFile => ({
    ...file,
    clear: { ...file.clear, ...part },
  });
  switch (change.do) {
    case 'setRoom':
      return { ...file, room: change.room };
    case 'setHome':
      return { ...file, home: change.home };
    case 'putOpening':
      return { ...file, openings: put(file.openings, change.opening) };
    case 'removeOpening':
      return forget(
        {
          ...looks((l) => ({ ...l, dressings: l.dressings.filter((d) => d.openingId !== change.id) })),
          openings: without(file.openings, change.id),
        },
        change.id,
      );
    case 'putFitting':
      return { ...file, fittings: put(file.fittings, change.fitting) };
    case 'removeFitting':
      return forget(
        {
          ...looks((l) => ({
            ...l,
            placements: l.placements.filter((p) => p.pieceId !== change.id),
            dressings: l.dressings.filter((d) => d.openingId !== change.id),
            groups: l.groups.map((g) => (g.axisId === change.id ? { ...g, axisId: null } : g)),
          })),
          fittings: without(file.fittings, change.id),
        },
        change.id,
      );
    case 'putPiece':
      return { ...file, pieces: put(file.pieces, change.piece) };
    case 'removePiece':
      return forget(
        {
          ...looks((l) => ({
            ...l,
            placements: l.placements.filter((p) => p.pieceId !== change.id),
            hangings: l.hangings.map((h) => (h.overPieceId === change.id ? { ...h, overPieceId: null } : h)),
            groups: l.groups.map((g) => ({
              ...g,
              overPieceId: g.overPieceId === change.id ? null : g.overPieceId,
              axisId: g.axisId === change.id ? null : g.axisId,
            })),
          })),
          pieces: without(file.pieces, change.id),
        },
        change.id,
      );
    case 'putItem':
      return { ...file, items: put(file.items, change.item) };
    case 'moveItem':
      return { ...file, items: file.items.map((i) => (i.id === change.id ? { ...i, ...change.to } : i)) };
    case 'putLook':
      return file.looks.some((l) => l.id === change.look.id)
        ? oneLook(change.look.id, (l) => ({ ...l, ...change.look }))
        : {
            ...file,
            looks: [
              ...file.looks,
              { ...change.look, dressings: [], hangings: [], groups: [], placements: [] },
            ],
          };
    case 'copyLook': {
      const from = file.looks.find((l) => l.id === change.from);
      if (!from) return file;
      const order = Math.max(...file.looks.map((l) => l.order)) + 1;
      return { ...file, looks: [...file.looks, { ...from, id: change.id, name: change.name, order }] };
    }
    case 'removeLook':
      return { ...file, looks: without(file.looks, change.id) };
    case 'putDressing':
      return oneLook(change.lookId, (l) => ({ ...l, dressings: put(l.dressings, change.dressing) }));
    case 'removeDressing':
      return oneLook(change.lookId, (l) => ({ ...l, dressings: without(l.dressings, change.id) }));
    case 'putHanging':
      return oneLook(change.lookId, (l) => ({ ...l, hangings: put(l.hangings, change.hanging) }));
    case 'removeHanging':
      return oneLook(change.lookId, (l) => ({ ...l, hangings: without(l.hangings, change.id) }));
    case 'putGroup':
      return oneLook(change.lookId, (l) => ({ ...l, groups: put(l.groups, change.group) }));
    case 'removeGroup':
      return oneLook(change.lookId, (l) => ({
        ...l,
        groups: without(l.groups, change.id),
        hangings: l.hangings.map((h) =>
          h.groupId === change.id ? { ...h, groupId: null, groupAt: null } : h,
        ),
      }));
    case 'putPlacement':
      return oneLook(change.lookId, (l) => ({ ...l, placements: put(l.placements, change.placement) }));
    case 'removePlacement':
      return oneLook(change.lookId, (l) => ({ ...l, placements: without(l.placements, change.id) }));
    case 'markReadings':
      return withReadings(file, change.readings);
    case 'putFound':
      return clear({ found: put(file.clear.found, change.found) });
    case 'removeFound':
      return clear({ found: without(file.clear.found, change.id) });
    case 'putIrritation':
      return clear({ irritations: put(file.clear.irritations, change.irritation) });
    case 'removeIrritation':
      return clear({ irritations: without(file.clear.irritations, change.id) });
    case 'putTask':
      return clear({ tasks: put(file.clear.tasks, change.task) });
    case 'removeTask':
      return clear({ tasks: without(file.clear.tasks, change.id) });
    case 'putBeforePhoto':
      return clear({
        beforePhotos: [
          ...file.clear.beforePhotos.filter((p) => p.photoId !== change.photoId),
          { photoId: change.photoId, wallId: change.wallId },
        ],
      });
    case 'removeBeforePhoto':
      return clear({ beforePhotos: file.clear.beforePhotos.filter((p) => p.photoId !== change.photoId) });
    case 'setRule':
      return { ...file, rules: [...file.rules.filter((r) => r.ruleId !== change.rule.ruleId), change.rule] };
    case 'dropRule':
      return { ...file, rules: file.rules.filter((r) => r.ruleId !== change.ruleId) };
    default:
      return unknownChange(change);
  }
}

const unknownChange = (change: never): never => {
  throw new Error(`unknown change ${JSON.stringify(change)}`);
};
