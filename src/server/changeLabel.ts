import { listChange, type Change, type OtherChange } from '../core/model/change';
import { describeNoun, rowsOfNoun } from '../core/model/nouns';
import type { RoomFile } from '../core/model/types';
import type { Label } from '../data/journal';

/** The label of a change for undo: its kind, and the name of what it changed. */
export function labelOf(change: Change, file: RoomFile): Label {
  const name = nameOf(change, file);
  return { code: change.do, ...(name ? { name } : {}) };
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
