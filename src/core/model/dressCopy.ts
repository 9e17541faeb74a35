import type { Change } from './change';
import type { RoomFile } from './types';

/** The changes as they are done to a copy of the record that they would dress, with an id and a name of its own. */
const onCopyOfRecord = (
  { looks }: RoomFile,
  changes: readonly Change[],
  { from, id, name }: { from: string; id: string; name: string },
): Change[] =>
  changes.map((change): Change => {
    if (change.do === 'putLook' && change.look.id === from) {
      const order = Math.max(...looks.map((l) => l.order)) + 1;
      return { do: 'putLook', look: { ...change.look, id, name, order, isRecord: false } };
    }
    return 'lookId' in change && change.lookId === from ? { ...change, lookId: id } : change;
  });

/** What is done instead of dressing a record: a copy of it is begun, or was, and is dressed. */
export function dressCopy(
  file: RoomFile,
  changes: readonly Change[],
  copy: {
    from: string;
    id: string;
    isBegun: boolean;
    /** Names of new looks. */ named: (n: number) => string;
  },
): Change[] {
  let n = 1;
  while (file.looks.some((l) => l.name === copy.named(n))) n++;
  const { from, id } = copy;
  const name = copy.named(n);
  const begin: Change[] = copy.isBegun ? [] : [{ do: 'copyLook', from, id, name }];
  return [...begin, ...onCopyOfRecord(file, changes, { from, id, name })];
}
