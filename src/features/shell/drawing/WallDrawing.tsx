'use client';
import { first } from '../../../core/base/list';
import { Fragment, useId, useMemo, type ReactNode } from 'react';
import type { Mm } from '../../../core/base/units';
import type { Box } from '../../../core/geometry/plane';
import { seenSpan } from '../../../core/room/seenSpan';
import type { Elevation, Shape } from '../../../core/room/shape';
import { numbersOnPhone } from '../../../ui/drawing/Dimension';
import { fitScale, type Scale } from '../../../ui/drawing/scale';
import { Tape } from '../../../ui/drawing/Tape';
import { useRoom } from '../room/RoomContext';
import { usePaint } from '../usePaint';
import { AboveEdge } from './AboveEdge';
import { besideThings } from './background';
import { NearThings } from './NearThings';
import { ShapeView } from './ShapeView';
import { ThingsOnWall } from './ThingsOnWall';

export const DRAWING = { width: 676, height: 520 } as const;
const FAINT = 0.3;
const CLOSE = { left: 8, right: 8, top: 6, bottom: 44 };
const MARGIN = { left: 44, right: 18, top: 40, bottom: 52 };

type Props = {
  elevation: Elevation;
  width?: number;
  height?: number;
  /** What lies on the drawing: dimension lines, handles. */
  children?: (scale: Scale) => ReactNode;
  title: string;
  /** Shapes that answer to the pointer and the keyboard. */
  shapeProps?: (shape: Shape, scale: Scale) => React.SVGProps<SVGGElement> | undefined;
  onBackground?: () => void;
  /** Only this part of the wall, as large as it will go. */
  region?: Box;
  /** What is drawn faint, since it only stands behind what the drawing is about. */
  isFaint?: (shape: Shape) => boolean;
  /** What lies under everything but the wall itself, such as a photo of it. */
  underlay?: (scale: Scale) => ReactNode;
};

/** The floor under what is shown; none where that begins above it. */
const Ground = ({ fromMm, ...rect }: { fromMm: Mm } & React.SVGProps<SVGRectElement>): ReactNode =>
  fromMm <= 0 && <rect {...rect} />;

/** A wall at true scale with its tape, and the same as a list for who does not see the drawing. */
export function WallDrawing({
  elevation,
  width = DRAWING.width,
  height: most = DRAWING.height,
  children,
  title,
  shapeProps,
  onBackground,
  region,
  isFaint,
  underlay,
}: Props): ReactNode {
  const { view, kelvin, file, arranged } = useRoom();
  const paint = usePaint();
  const part = region ?? { ...seenSpan(elevation), yMm: 0, heightMm: elevation.ceilingMm };
  const margin = region ? CLOSE : MARGIN;
  // a long wall is held by the sheet's width: the sheet is then no higher than it needs
  const height = Math.min(
    most,
    Math.ceil(((width - margin.left - margin.right) * part.heightMm) / part.widthMm) +
      margin.top +
      margin.bottom,
  );
  const { xMm, yMm, widthMm, heightMm } = part;
  const scale = useMemo(
    () => fitScale({ widthMm, heightMm, xMm, yMm }, { width, height }, margin),
    [xMm, yMm, widthMm, heightMm, width, height, margin],
  );
  const clip = useId();
  const [left, top, wide, high] = [
    scale.x(part.xMm),
    scale.y(part.yMm + part.heightMm),
    part.widthMm * scale.perMm,
    part.heightMm * scale.perMm,
  ];
  const unit = file.room.unit;
  const flat = region !== undefined || elevation.edge.every((p) => p.heightMm >= elevation.ceilingMm - 0.5);
  const lampLit = kelvin < 4000;
  const shapes = elevation.shapes.map((shape) => ({ shape, props: shapeProps?.(shape, scale) }));
  const pressed = shapes.flatMap(({ shape, props }) => (props?.role === 'button' ? [{ shape, props }] : []));
  const floor = paint(first(arranged.room.floorFinish.colours));
  return (
    <figure className="m-0">
      <svg
        viewBox={`0 0 ${width} ${height}`}
        className="block w-full select-none"
        style={numbersOnPhone(width)}
        role="group"
        aria-label={title}
        onPointerDown={besideThings(onBackground)}
      >
        <clipPath id={clip}>
          <rect x={left} y={top} width={wide} height={high + (region ? 0 : 1)} />
        </clipPath>
        <Ground fromMm={yMm} x={left} y={top + high} width={wide} height={region ? 30 : 12} fill={floor} />
        <g clipPath={`url(#${clip})`}>
          <g style={view === 'squint' ? { filter: 'blur(7px)' } : undefined}>
            {shapes.flatMap(({ shape: s, props }) => {
              const drawn = <ShapeView key={s.key} shape={s} scale={scale} paint={paint} lampLit={lampLit} />;
              const faint = isFaint?.(s) ? { opacity: FAINT } : undefined;
              const shown =
                props || faint ? (
                  <g key={s.key} data-thing={s.key} {...faint} {...props}>
                    {drawn}
                  </g>
                ) : (
                  drawn
                );
              // beside the shapes, never round one: a shape that became the first would lose the focus and its drag
              return [
                s === pressed[0]?.shape && <NearThings key="near" things={pressed} scale={scale} />,
                shown,
                s.about === 'wall' && underlay && (
                  <Fragment key={`under ${s.key}`}>{underlay(scale)}</Fragment>
                ),
              ];
            })}
          </g>
        </g>
        {lampLit && view === 'plain' && (
          <rect
            x={left}
            y={top}
            width={wide}
            height={high}
            fill="#1a1206"
            fillOpacity="0.1"
            pointerEvents="none"
          />
        )}
        {!region && <AboveEdge elevation={elevation} scale={scale} fill="#f5f5f5" />}
        <WallFrame
          flat={flat}
          span={region ?? { xMm: 0, widthMm: elevation.lengthMm }}
          {...{ scale, top, high }}
        />
        {!region && (
          <Tape
            scale={scale}
            heightMm={elevation.ceilingMm}
            lengthMm={elevation.lengthMm}
            leftMm={xMm}
            unit={unit}
          />
        )}
        {children?.(scale)}
      </svg>
      <ThingsOnWall shapes={elevation.shapes} />
    </figure>
  );
}

/** The edge of a wall; under a slope its foot alone. */
function WallFrame({
  flat,
  span,
  scale,
  top,
  high,
}: {
  flat: boolean;
  span: Pick<Box, 'xMm' | 'widthMm'>;
  scale: Scale;
  top: number;
  high: number;
}): ReactNode {
  const [x, width] = [scale.x(span.xMm), span.widthMm * scale.perMm];
  const line = { stroke: '#141414', strokeWidth: '0.8', pointerEvents: 'none' } as const;
  return flat ? (
    <rect x={x} y={top} width={width} height={high} fill="none" {...line} />
  ) : (
    <path d={`M${x} ${top + high}H${x + width}`} {...line} />
  );
}
