'use client';
import { useMemo, type ReactNode } from 'react';
import type { Mm } from '../../core/base/units';
import type { Fitting, Opening } from '../../core/model/types';
import { footprint } from '../../core/room/place';
import type { ReadingField, TapeReading } from '../../core/stages/measure/readings';
import { fitScale } from '../../ui/drawing/scale';
import { AboveEdge } from '../shell/drawing/AboveEdge';
import { PlanShapes, planScale } from '../shell/drawing/PlanShapes';
import { ShapeView } from '../shell/drawing/ShapeView';
import { useRoom } from '../shell/room/RoomContext';
import { usePaint } from '../shell/usePaint';

const SKETCH = { width: 560, height: 230 };

/** The two ends of a reading on its wall: x from the left, y above the floor. */
function endsOf(thing: Opening | Fitting, field: ReadingField): [[Mm, Mm], [Mm, Mm]] | null {
  const foot = 'sillMm' in thing ? thing.sillMm : thing.bottomMm;
  const top = foot + thing.heightMm;
  const [l, r, m] = [thing.xMm, thing.xMm + thing.widthMm, thing.xMm + thing.widthMm / 2];
  const trim = 'trimMm' in thing ? thing.trimMm : 0;
  switch (field) {
    case 'xMm':
      return [
        [0, (foot + top) / 2],
        [l, (foot + top) / 2],
      ];
    case 'widthMm':
      return [
        [l, (foot + top) / 2],
        [r, (foot + top) / 2],
      ];
    case 'sillMm':
    case 'bottomMm':
      return [
        [m, 0],
        [m, foot],
      ];
    case 'heightMm':
      return [
        [m, foot],
        [m, top],
      ];
    case 'trimMm':
      return [
        [r, top - 200],
        [r + Math.max(trim, 30), top - 200],
      ];
    case 'dropLeft':
      return [
        [l, 0],
        [l, top],
      ];
    case 'dropMiddle':
      return [
        [m, 0],
        [m, top],
      ];
    case 'dropRight':
      return [
        [r, 0],
        [r, top],
      ];
    case 'underMm':
      return [
        [m, 0],
        [m, Math.max(20, 'underMm' in thing ? thing.underMm : 0)],
      ];
    default:
      return null;
  }
}

/** Where the reading belongs, small: on its wall, or on the plan. */
export function ReadingSketch({ reading }: { reading: TapeReading }): ReactNode {
  const { file, plan } = useRoom();
  const paint = usePaint();
  const elevation =
    reading.kind === 'opening' || reading.kind === 'fitting'
      ? plan.elevations.find((e) => e.wallId === reading.wallId)
      : undefined;
  const scale = useMemo(
    () =>
      elevation
        ? fitScale({ widthMm: elevation.lengthMm, heightMm: elevation.ceilingMm }, SKETCH, {
            left: 10,
            right: 10,
            top: 10,
            bottom: 12,
          })
        : null,
    [elevation],
  );
  if (elevation && scale) {
    const thing = [...file.openings, ...file.fittings].find((x) => x.id === reading.about);
    const ends = thing && endsOf(thing, reading.field);
    return (
      <svg
        viewBox={`0 0 ${SKETCH.width} ${SKETCH.height}`}
        className="mt-2 block w-full bg-well"
        aria-hidden="true"
      >
        {elevation.shapes
          .filter((s) => s.fixed)
          .map((s) => (
            <ShapeView key={s.key} shape={s} scale={scale} paint={paint} lampLit={false} />
          ))}
        <AboveEdge elevation={elevation} scale={scale} fill="#eaeaea" />
        {thing && (
          <rect
            x={scale.x(thing.xMm) - 3}
            y={scale.y(('sillMm' in thing ? thing.sillMm : thing.bottomMm) + thing.heightMm) - 3}
            width={thing.widthMm * scale.perMm + 6}
            height={thing.heightMm * scale.perMm + 6}
            fill="none"
            stroke="#141414"
            strokeWidth="2"
          />
        )}
        {ends && (
          <g stroke="#141414" strokeWidth="3">
            <line
              x1={scale.x(ends[0][0])}
              y1={scale.y(ends[0][1])}
              x2={scale.x(ends[1][0])}
              y2={scale.y(ends[1][1])}
            />
            {ends.map(([x, y], i) => (
              <circle key={i} cx={scale.x(x)} cy={scale.y(y)} r="4.5" fill="#141414" />
            ))}
          </g>
        )}
      </svg>
    );
  }
  const plain = planScale(file, SKETCH.width, SKETCH.height, 16);
  const wall = plan.walls.find((w) => w.id === reading.about);
  const piece = file.pieces.find((p) => p.id === reading.about);
  return (
    <svg
      viewBox={`0 0 ${SKETCH.width} ${SKETCH.height}`}
      className="mt-2 block w-full bg-well"
      aria-hidden="true"
    >
      <PlanShapes file={file} width={SKETCH.width} height={SKETCH.height} margin={16} paint={paint} plain />
      {wall && (
        <line
          x1={plain.x(wall.from.xMm)}
          y1={plain.y(wall.from.yMm)}
          x2={plain.x(wall.to.xMm)}
          y2={plain.y(wall.to.yMm)}
          stroke="#141414"
          strokeWidth="7"
        />
      )}
      {piece && (
        <path
          d={`M${footprint(piece)
            .map((c) => `${plain.x(c.xMm)} ${plain.y(c.yMm)}`)
            .join('L')}Z`}
          fill="none"
          stroke="#141414"
          strokeWidth="4"
        />
      )}
    </svg>
  );
}
