'use client';
import { memo, type ReactNode } from 'react';
import { extentOf, isOwnLie, usualLie } from '../../../core/room/lies';
import { formOf } from '../../../core/plan/scene/placed';
import { shape } from '../../../core/plan/scene/shapes';
import { fitScale } from '../../../ui/drawing/scale';
import { ShapeView } from '../drawing/ShapeView';
import type { Paint } from '../paint';
import { useRoom } from '../room/RoomContext';
import type { StashRow } from '../useStash';

/** A thing of the stash as it would stand there, in its own shape and colours. */
export const ThingPicture = memo(function ThingPicture({
  item,
  paint,
  width,
  height,
}: {
  item: StashRow;
  paint: Paint;
  width: number;
  height: number;
}): ReactNode {
  const { rules } = useRoom();
  const usual = usualLie(item.kind, 'top');
  const lie = isOwnLie(usual) ? usual : 'folded';
  const { widthMm, heightMm } = extentOf(item, { lie, count: 1 }, rules);
  const scale = fitScale({ widthMm, heightMm }, { width, height }, 3);
  const drawn = shape(
    { about: item.id, name: item.name },
    formOf({ lie }, item.kind),
    { xMm: 0, yMm: 0, widthMm, heightMm },
    0,
    { colours: item.colours, pattern: item.pattern },
  );
  return (
    <svg width={width} height={height} aria-hidden="true" className="block bg-well">
      <ShapeView shape={drawn} scale={scale} paint={paint} lampLit={false} />
    </svg>
  );
});
