import { first } from '../core/base/list';
import { applyChange, headOfLook, listChange, type Change, type OtherChange } from '../core/model/change';
import { describeNoun, rowsOfNoun } from '../core/model/nouns';
import type { RoomFile } from '../core/model/types';
import type { Label } from '../data/journal';

/** What goes with another change, and is not what was done. */
const BESIDE: ReadonlySet<Change['do']> = new Set([
  'putItem',
  'moveItem',
  'putPlace',
  'markReadings',
  'copyLook',
]);

/** The label of what was done at once, for undo: its main change, and how many other things changed with it. */
export function labelOf(changes: readonly Change[], file: RoomFile): Label {
  const main = changes.find((c) => !BESIDE.has(c.do)) ?? first(changes);
  // what is done to a copy is told by what was in it
  const copied = changes.filter((c) => c !== main && c.do === 'copyLook').reduce(applyChange, file);
  const others = new Set(changes.filter((c) => !BESIDE.has(c.do)).map(aboutOf));
  const more = others.size - (others.has(aboutOf(main)) ? 1 : 0);
  return { ...labelOfOne(main, copied), ...(more > 0 ? { more } : {}) };
}

/** What a change is about, the same for all changes of it. */
function aboutOf(change: Change): string {
  const list = listChange(change);
  if (!list) return change.do;
  return `${list.noun} ${list.verb === 'put' ? list.row.id : list.id}`;
}

function labelOfOne(change: Change, file: RoomFile): Label {
  const name = nameOf(change, file);
  return { code: change.do, ...(name ? { name } : {}), ...whatChanged(change, file) };
}

/** Fields that have words of their own, what was meant before what only follows from it. */
export const SAID_FIELDS = [
  'approvedWallIds',
  'approvedZones',
  'sheetTaken',
  'season',
  'brief',
  'plannedShares',
  'cushionsOut',
  'night',
  'itemId',
  'route',
  'landing',
  'heading',
  'mount',
  'hemAt',
  'rod',
  'joinsNext',
  'fullness',
  'panels',
  'draw',
  'drawn',
  'sheer',
  'making',
  'decorative',
  'cord',
  'layer',
  'lie',
  'fold',
  'face',
  'chopped',
  'zip',
  'fill',
  'count',
  'locked',
  'spot',
  'hanger',
  'print',
  'leans',
  'colours',
  'name',
  'turnDeg',
  'holes',
  'standpoints',
  'slopes',
  'beams',
  'walls',
] as const;

/** Fields that say where something is. */
const PLACE: ReadonlySet<string> = new Set(['wallId', 'xMm', 'yMm', 'turnDeg', 'centreMm', 'groupAt']);

/** What became of a row that was there before; nothing of a new one. */
function whatChanged(change: Change, file: RoomFile): Partial<Label> {
  const pair = rowsOf(change, file);
  if (!pair) return {};
  const [before, after] = pair;
  const fields = Object.keys(after).filter(
    (field) => JSON.stringify(before[field]) !== JSON.stringify(after[field]),
  );
  const [field] = fields;
  const value = field === undefined ? undefined : after[field];
  if (field !== undefined && fields.length === 1 && field.endsWith('Mm') && typeof value === 'number')
    return { field, mm: value };
  if (fields.length > 1 && fields.every((f) => PLACE.has(f))) return { code: 'moved' };
  const said = SAID_FIELDS.find((f) => fields.includes(f));
  if (said) return { code: 'changed', field: said };
  return { code: fields.length > 0 && fields.every((f) => PLACE.has(f)) ? 'moved' : 'changed' };
}

type Fields = Record<string, unknown>;

/** A row before and after; undefined where there was none, or where it is no row. */
function rowsOf(change: Change, file: RoomFile): [Fields, Fields] | undefined {
  if (change.do === 'setRoom') return [file.room, change.room];
  if (change.do === 'putLook') {
    const look = file.looks.find((l) => l.id === change.look.id);
    return look && [headOfLook(look), change.look];
  }
  const list = listChange(change);
  if (list?.verb !== 'put') return undefined;
  const before = rowsOfNoun(file, list.noun, list.lookId).find((row) => row.id === list.row.id);
  return before && [before as Fields, list.row as Fields];
}

function nameOf(change: Change, file: RoomFile): string | undefined {
  const list = listChange(change);
  if (!list) return nameOfOther(change as OtherChange, file);
  const row =
    list.verb === 'put' ? list.row : rowsOfNoun(file, list.noun, list.lookId).find((r) => r.id === list.id);
  return row && describeNoun(list.noun).label(row, file);
}

type Names = {
  [K in OtherChange['do']]: (change: Extract<OtherChange, { do: K }>, file: RoomFile) => string | undefined;
};

const NAMES: Names = {
  setRoom: (change) => change.room.name,
  setHome: (change) => change.home.name,
  putItem: (change) => change.item.name,
  moveItem: (change, file) => file.items.find((i) => i.id === change.id)?.name,
  putPlace: (change) => change.place.name,
  putLook: (change) => change.look.name,
  copyLook: (change) => change.name,
  removeLook: (change, file) => file.looks.find((l) => l.id === change.id)?.name,
  markReadings: (change, file) => thingName(file, change.readings[0]?.about),
  putBeforePhoto: (_change, file) => file.room.name,
  removeBeforePhoto: (_change, file) => file.room.name,
  setRule: (change) => change.rule.ruleId,
  dropRule: (change) => change.ruleId,
};

const nameOfOther = (change: OtherChange, file: RoomFile): string | undefined =>
  (NAMES[change.do] as (change: OtherChange, file: RoomFile) => string | undefined)(change, file);

const thingName = (file: RoomFile, id: string | undefined): string =>
  [...file.openings, ...file.fittings, ...file.pieces].find((x) => x.id === id)?.name ?? file.room.name;
