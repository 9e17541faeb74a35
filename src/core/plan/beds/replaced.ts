import type { Item, Placement } from '../../model/types';
import { isPropped } from '../../room/lies';
import { isMade } from '../../room/made';
import { isDraped } from '../../room/throws';

/** What is on a bed that another way of making it takes the place of. */
export function isReplaced(p: Placement, bedId: string, item: Pick<Item, 'bedding'> | undefined): boolean {
  if (p.spot.of !== bedId || p.locked) return false;
  if (isPropped(p) || isDraped(p.lie)) return true;
  return isMade(p.lie) && !UNDER.has(item?.bedding ?? null);
}
/** What is under the cover stays whatever lies on it. */
const UNDER: ReadonlySet<Item['bedding']> = new Set(['sheet', 'fitted', 'topper', 'skirt']);
