import type { Finding } from '../../model/finding';
import type { HolePlan } from './holes';

type HoleFinding = Pick<Finding, 'code' | 'level' | 'by'> & { rule: 'walls.holeReach' };

/** What is said of the wall's holes: in use, or near enough to be used or hidden by a shift. */
export function judgeHoles({ used, shift }: HolePlan): HoleFinding[] {
  const rule = 'walls.holeReach';
  if (used.length > 0) return [{ code: 'hole-used', level: 'ok', by: { count: used.length }, rule }];
  if (!shift) return [];
  const by = {
    acrossMm: Math.abs(shift.dxMm),
    side: shift.dxMm < 0 ? 'left' : 'right',
    upMm: Math.abs(shift.dyMm),
    way: shift.dyMm < 0 ? 'down' : 'up',
  };
  return [{ code: shift.uses ? 'hole-could-be-used' : 'hole-could-be-hidden', level: 'yielded', by, rule }];
}
