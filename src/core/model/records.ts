import { listChange, type Change } from './change';
import type { Look, RoomFile } from './types';

/** What of a look's own fields says how the room is dressed. */
const DRESSED_BY = ['rodLineMm', 'plannedShares'] as const;

const isDressedBy = (look: Look, change: Change): boolean =>
  change.do === 'putLook'
    ? change.look.id === look.id &&
      DRESSED_BY.some((field) => String(look[field]) !== String(change.look[field]))
    : listChange(change)?.lookId === look.id;

/** The record that changes would dress; undefined where they dress none. */
export const recordDressedBy = ({ looks }: RoomFile, changes: readonly Change[]): Look | undefined =>
  looks.find((look) => look.isRecord && changes.some((change) => isDressedBy(look, change)));
