import type { Mm } from '../base/units';
import type { Box } from '../geometry/plane';
import type { Elevation } from './shape';

/** No more than this is shown past the end of a wall, and nothing for less than that. */
const PAST_END: Mm = 1000;
const POKES_OUT: Mm = 100;

/** A wall from end to end, and past its ends where furniture stands there, as at an inner corner. In mm along the wall. */
export function seenSpan({
  lengthMm,
  shapes,
}: Pick<Elevation, 'lengthMm' | 'shapes'>): Pick<Box, 'xMm' | 'widthMm'> {
  const standing = shapes.filter((s) => s.stands).map((s) => s.box);
  const past = (ends: readonly Mm[]): Mm => {
    const most = Math.max(0, ...ends);
    return most > POKES_OUT ? Math.min(PAST_END, most) : 0;
  };
  const left = past(standing.map((b) => -b.xMm));
  const right = past(standing.map((b) => b.xMm + b.widthMm - lengthMm));
  return { xMm: 0 - left, widthMm: left + lengthMm + right };
}
