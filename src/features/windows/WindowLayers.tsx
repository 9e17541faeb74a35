'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { Elevation } from '../../core/room/shape';
import type { Scale } from '../../ui/drawing/scale';
import { SvgWords } from '../../ui/Words';
import { useRoom } from '../shell/room/RoomContext';
import type { RodStop } from './useRodDrag';
import type { WindowActs } from './useWindowActs';
import type { WindowPicked } from './useWindowPicked';
import { WindowDimensions } from './WindowDimensions';

const LABEL_PER_LETTER = 6;

function LevelLine({
  heightMm,
  elevation,
  scale,
  dashes,
  width,
}: {
  heightMm: number;
  elevation: Elevation;
  scale: Scale;
  dashes: string;
  width: number;
}): ReactNode {
  return (
    <line
      x1={scale.x(0)}
      x2={scale.x(elevation.lengthMm)}
      y1={scale.y(heightMm)}
      y2={scale.y(heightMm)}
      stroke="#141414"
      strokeWidth={width}
      strokeDasharray={dashes}
      pointerEvents="none"
    />
  );
}

/** Why the dragged rod has stopped here. */
function StopLabel({ label, scale }: { label: string; scale: Scale }): ReactNode {
  const halfWidth = (label.length * LABEL_PER_LETTER) / 2 + 8;
  return (
    <g pointerEvents="none">
      <rect x={scale.width / 2 - halfWidth} y="3" width={2 * halfWidth} height="18" rx="2" fill="#141414" />
      <text x={scale.width / 2} y="16" textAnchor="middle" fontSize="12" fontWeight="600" fill="#f5f5f5">
        <SvgWords>{label}</SvgWords>
      </text>
    </g>
  );
}

/** What is drawn over the wall: the room's rod line, the folds of an unrolled bay, names and measures. */
export function WindowLayers({
  picked,
  acts,
  scale,
  stop,
}: {
  picked: WindowPicked;
  acts: WindowActs;
  scale: Scale;
  stop: RodStop | null;
}): ReactNode {
  const t = useTranslations('windows');
  const { file, plan } = useRoom();
  const { windows, current, windowPlan, round, elevation, undressed } = picked;
  const atWall = (wallId: string): Scale => {
    const offset = round?.offsets.get(wallId) ?? 0;
    return offset === 0 ? scale : { ...scale, x: (mm) => scale.x(mm + offset) };
  };
  const measuredIds = round ? (windowPlan?.openingIds ?? []) : [current?.id];
  const folds = round ? [...round.offsets.values()].slice(1) : [];
  return (
    <>
      {plan.rodLineMm !== null && (
        <LevelLine heightMm={plan.rodLineMm} elevation={elevation} scale={scale} dashes="1.5 4" width={0.8} />
      )}
      {stop && (
        <>
          <LevelLine heightMm={stop.rodMm} elevation={elevation} scale={scale} dashes="5 3" width={1.3} />
          <StopLabel label={stop.label} scale={scale} />
        </>
      )}
      {folds.map((xMm) => (
        <line
          key={xMm}
          x1={scale.x(xMm)}
          x2={scale.x(xMm)}
          y1={scale.y(elevation.ceilingMm)}
          y2={scale.y(0)}
          stroke="#141414"
          strokeWidth="0.8"
          strokeDasharray="7 4"
          pointerEvents="none"
        />
      ))}
      {undressed.map((o) => (
        <text
          key={o.id}
          x={atWall(o.wallId).x(o.xMm + o.widthMm / 2)}
          y={scale.y(o.sillMm + o.heightMm) - 12}
          textAnchor="middle"
          fontSize="12.5"
          fontWeight="600"
          pointerEvents="none"
        >
          {t('notDressed', { name: o.name })}
        </text>
      ))}
      {windowPlan &&
        windows
          .filter((o) => measuredIds.includes(o.id))
          .map((o) => (
            <WindowDimensions
              key={o.id}
              plan={windowPlan}
              opening={o}
              scale={atWall(o.wallId)}
              unit={file.room.unit}
              ceilingMm={file.room.ceilingMm}
              edits={acts}
              whole={!round || o.id === windowPlan.openingIds[0]}
            />
          ))}
    </>
  );
}
