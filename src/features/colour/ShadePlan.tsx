'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { FamilyPlan } from '../../core/spread/planSpread';
import { polygonCentre } from '../../core/geometry/plane';
import { planScale } from '../shell/drawing/PlanShapes';
import { useRoom } from '../shell/room/RoomContext';
import { usePaint } from '../shell/usePaint';
import { TieLines } from './TieLines';
import type { RoomTies } from './useTies';

const SIZE = { width: 220, height: 180 };

/** Where a colour's places are on the plan, and the way the room leans; with what the chosen textile answers. */
export function ShadePlan({
  family,
  ties: { chosen, onPlan },
}: {
  family: FamilyPlan;
  ties: RoomTies;
}): ReactNode {
  const t = useTranslations('colour');
  const { arranged: file } = useRoom();
  const paint = usePaint();
  const scale = planScale(file, SIZE.width, SIZE.height, 14);
  const { places } = family.spread;
  const weight = places.reduce((s, p) => s + p.weight, 0) || 1;
  const centre = polygonCentre(file.room.walls);
  const lean = {
    xMm: places.reduce((s, p) => s + p.weight * p.at.xMm, 0) / weight,
    yMm: places.reduce((s, p) => s + p.weight * p.at.yMm, 0) / weight,
  };
  const most = Math.max(...places.map((p) => p.weight), 1);
  return (
    <svg
      viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
      width={SIZE.width}
      height={SIZE.height}
      role="img"
      aria-label={t('pull')}
      className="block bg-well"
    >
      <path
        d={`M${file.room.walls.map((w) => `${scale.x(w.xMm)} ${scale.y(w.yMm)}`).join('L')}Z`}
        fill="#f5f5f5"
        stroke="#141414"
        strokeWidth="2"
      />
      {file.pieces
        .filter((p) => p.kind !== 'rug')
        .map((p) => (
          <rect
            key={p.id}
            x={scale.x(p.xMm - p.widthMm / 2)}
            y={scale.y(p.yMm - p.depthMm / 2)}
            width={p.widthMm * scale.perMm}
            height={p.depthMm * scale.perMm}
            fill="#d9d9d9"
            transform={`rotate(${p.turnDeg} ${scale.x(p.xMm)} ${scale.y(p.yMm)})`}
          />
        ))}
      <path d={`M${scale.x(centre.xMm) - 4} ${scale.y(centre.yMm)}h8m-4-4v8`} stroke="#141414" />
      {places.map((p, i) => (
        <g key={i}>
          <circle
            cx={scale.x(p.at.xMm)}
            cy={scale.y(p.at.yMm)}
            r={4 + 9 * Math.sqrt(p.weight / most)}
            fill={paint(family.seed)}
            stroke="#141414"
            strokeWidth="0.8"
          />
          <text
            x={scale.x(p.at.xMm)}
            y={scale.y(p.at.yMm) + 4}
            fontSize="11"
            fontWeight="600"
            textAnchor="middle"
            stroke="#f5f5f5"
            strokeWidth="2.5"
            paintOrder="stroke"
          >
            {i + 1}
          </text>
        </g>
      ))}
      {places.length > 0 && family.spread.pull > 0.05 && (
        <g>
          <line
            x1={scale.x(centre.xMm)}
            y1={scale.y(centre.yMm)}
            x2={scale.x(lean.xMm)}
            y2={scale.y(lean.yMm)}
            stroke="#141414"
            strokeWidth="1.6"
          />
          <circle cx={scale.x(lean.xMm)} cy={scale.y(lean.yMm)} r="3" fill="#141414" />
        </g>
      )}
      {chosen && (
        <TieLines
          tied={chosen}
          at={(id) => {
            const place = onPlan.get(id);
            return place && { x: scale.x(place.xMm), y: scale.y(place.yMm) };
          }}
        />
      )}
    </svg>
  );
}
