import { first } from '../base/list';
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

/**
 * The look that a room opens with: the one that is asked for, else one that is meant to be dressed, a season's before any
 * other. The same on the server and in the browser.
 */
export function lookToOpen({ looks }: Pick<RoomFile, 'looks'>, asked: string | null): Look {
  const dressed = looks.filter((look) => !look.isRecord);
  return (
    looks.find(({ id }) => id === asked) ??
    dressed.find(({ season }) => season !== null) ??
    dressed[0] ??
    first(looks)
  );
}

/** The look that shows the room as it was found: its record, else the first that is of no season, else the first of all. */
export const lookAsFound = ({ looks }: Pick<RoomFile, 'looks'>): Look =>
  looks.find((look) => look.isRecord) ??
  [...looks].sort((a, b) => a.order - b.order).find((look) => look.season === null) ??
  first(looks);
