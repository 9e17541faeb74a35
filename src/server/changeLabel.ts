import { headOfLook, listChange, type Change, type OtherChange } from '../core/model/change';
import { describeNoun, rowsOfNoun } from '../core/model/nouns';
import type { RoomFile } from '../core/model/types';
import type { Label } from '../data/journal';

/** The label of a change for undo: its kind, the name of what it changed, and what exactly where that is one length. */
export function labelOf(change: Change, file: RoomFile): Label {
  const name = nameOf(change, file);
  return { code: change.do, ...(name ? { name } : {}), ...whatChanged(change, file) };
}

/** Fields that say where something is. */
const PLACE: ReadonlySet<string> = new Set([
  'wallId',
  'xMm',
  'yMm',
  'turnDeg',
  'centreMm',
  'groupAt',
  'layer',
]);

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
