'use client';
import dynamic from 'next/dynamic';
import type { ReactNode, SVGProps } from 'react';
import type { Elevation } from '../../core/room/shape';
import type { Scale } from '../../ui/drawing/scale';
import { WallDrawing } from '../shell/drawing/WallDrawing';
import { useRoom } from '../shell/room/RoomContext';
import { findThing } from './thing';

const OpeningDimensions = dynamic(() => import('./OpeningDimensions').then((m) => m.OpeningDimensions), {
  loading: () => null,
});
const WallPhotoLayer = dynamic(() => import('./WallPhotoLayer').then((m) => m.WallPhotoLayer), {
  ssr: false,
});

/** A wall as it is measured: bare, over its photo, its openings named, what is picked with its measures. */
export function MeasuredWall({
  elevation,
  title,
  onScale,
  handle,
}: {
  elevation: Elevation;
  title: string;
  /** Called with the scale in which the wall is drawn. */ onScale: (scale: Scale) => void;
  handle: (id: string, scale: Scale, name: string) => SVGProps<SVGGElement>;
}): ReactNode {
  const { file, wallId, picked, pick } = useRoom();
  const current = findThing(file, picked);
  const photo = file.room.wallPhotos.find((p) => p.wallId === wallId);
  const bare = { ...elevation, shapes: elevation.shapes.filter((s) => s.fixed) };
  return (
    <WallDrawing
      elevation={bare}
      title={title}
      height={424}
      onBackground={() => pick(null)}
      {...(photo ? { underlay: (scale: Scale) => <WallPhotoLayer photo={photo} scale={scale} /> } : {})}
      shapeProps={(s, scale) => {
        if (s.about === 'wall' || s.about === 'trim' || file.pieces.some((p) => p.id === s.about))
          return undefined;
        // parts of a thing (its glass) drag with it, and only the thing itself is a stop for the
        // keyboard
        const whole = { ...handle(s.about, scale, s.name), onClick: () => pick(s.about) };
        return s.key === s.about
          ? whole
          : {
              ...whole,
              role: 'presentation',
              tabIndex: -1,
              'aria-label': undefined,
              'aria-pressed': undefined,
              onFocus: undefined,
            };
      }}
    >
      {(scale) => {
        onScale(scale);
        return (
          <>
            {file.openings
              .filter((o) => o.wallId === wallId && o.id !== picked)
              .map((o) => (
                <text
                  key={o.id}
                  x={scale.x(o.xMm + o.widthMm / 2)}
                  y={scale.y(o.sillMm + o.heightMm / 2) + 4}
                  fontSize="12.5"
                  textAnchor="middle"
                  fontWeight="500"
                  pointerEvents="none"
                  stroke="#f5f5f5"
                  strokeWidth="3"
                  paintOrder="stroke"
                >
                  {o.name}
                </text>
              ))}
            {current && current.kind !== 'piece' && current.thing.wallId === wallId && (
              <OpeningDimensions picked={current} scale={scale} />
            )}
          </>
        );
      }}
    </WallDrawing>
  );
}
