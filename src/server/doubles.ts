import 'server-only';
import type { DoorIssue } from './issues';

/** The ids of a list that are there twice, each with where the second one is. */
export function doublesIn(ids: readonly string[], pathOf: (index: number) => DoorIssue['path']): DoorIssue[] {
  const seen = new Set<string>();
  return ids.flatMap((id, i) => {
    const isTwice = seen.has(id);
    seen.add(id);
    return isTwice ? [{ path: pathOf(i), code: 'same-id', message: `${id} is there twice` }] : [];
  });
}
