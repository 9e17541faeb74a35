import type { ReactNode } from 'react';
import { first } from '../../../core/base/list';
import type { Lab } from '../../../core/colour/spaces';
import { isObject } from '../../../core/room/lies';
import { footprint } from '../../../core/room/place';
import type { PlacedThing } from '../../../core/room/placed';
import { isRoundFromAbove } from '../../../core/room/spots/edges';
import type { Scale } from '../../../ui/drawing/scale';

/** What is seen from above of what a look puts on things: what stands for itself, but not under a table. */
const isSeen = ({ placement, spot }: PlacedThing): boolean => isObject(placement) && spot.kind !== 'under';

/** Things on tops and on the floor, from above: what carries others is under them. */
export function PlacedOnPlan({
  placed,
  scale,
  paint,
}: {
  placed: readonly PlacedThing[];
  scale: Scale;
  paint: (c: Lab) => string;
}): ReactNode {
  const fromBelow = placed.filter(isSeen).sort((a, b) => a.at.zMm - b.at.zMm);
  return (
    <g pointerEvents="none">
      {fromBelow.map(({ placement, item, at }) => (
        <path
          key={placement.id}
          data-placed={placement.id}
          d={`M${footprint({ ...at, round: isRoundFromAbove({ item, placement }) })
            .map((c) => `${scale.x(c.xMm)} ${scale.y(c.yMm)}`)
            .join('L')}Z`}
          fill={paint(first(item.colours))}
          stroke="#141414"
          strokeWidth="0.5"
          strokeLinejoin="round"
          {...(item.wish ? { strokeDasharray: '3 2' } : {})}
        />
      ))}
    </g>
  );
}
