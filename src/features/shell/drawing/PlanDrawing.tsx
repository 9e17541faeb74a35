'use client';
import { elementAt } from '../../../core/base/list';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatLength } from '../../../core/base/length';
import type { Mm } from '../../../core/base/units';
import type { Lab } from '../../../core/colour/spaces';
import type { RoomFile } from '../../../core/model/types';
import { wallsOf } from '../../../core/room/walls';
import { Dimension, numbersOnPhone } from '../../../ui/drawing/Dimension';
import type { Scale } from '../../../ui/drawing/scale';
import type { Answer } from '../../../ui/Field';
import { besideThings } from './background';
import { besideWalls } from './besideWalls';
import { PLAN, PlanShapes, planScale, type ShapesProps } from './PlanShapes';

/** The room's plan at true scale with its lengths. */
export function PlanDrawing({
  file,
  paint,
  pieceProps,
  picked,
  placed,
  onBackground,
  onWallLength,
  children,
}: {
  file: RoomFile;
  paint: (c: Lab) => string;
  pieceProps?: ShapesProps['pieceProps'];
  picked?: string | null;
  placed?: ShapesProps['placed'];
  onBackground?: () => void;
  onWallLength?: (index: number, mm: Mm) => Answer;
  children?: (scale: Scale) => ReactNode;
}): ReactNode {
  const t = useTranslations();
  const { width, height, margin } = PLAN;
  const scale = planScale(file, width, height, margin);
  const walls = wallsOf(file.room);
  return (
    <figure className="m-0">
      <svg
        viewBox={`0 0 ${width} ${height}`}
        className="block w-full select-none"
        style={numbersOnPhone(width)}
        role="group"
        aria-label={t('wall.plan')}
        onPointerDown={besideThings(onBackground)}
      >
        <PlanShapes
          file={file}
          width={width}
          height={height}
          margin={margin}
          paint={paint}
          {...(pieceProps ? { pieceProps } : {})}
          {...(placed ? { placed } : {})}
          picked={picked ?? null}
        />
        {children?.(scale)}
        {besideWalls(walls, scale, file.pieces).map((line, i) => (
          <Dimension
            key={elementAt(walls, i).id}
            {...line}
            valueMm={elementAt(walls, i).lengthMm}
            unit={file.room.unit}
            name={elementAt(walls, i).ownName || elementAt(walls, i).side}
            onCommit={onWallLength && ((mm) => onWallLength(i, mm))}
          />
        ))}
        <g aria-hidden="true">
          <path d={`M${width - 24} 40V16M${width - 29} 24l5-9 5 9`} stroke="#141414" fill="none" />
          <text x={width - 24} y="54" textAnchor="middle" fontSize="11">
            N
          </text>
        </g>
      </svg>
      <figcaption className="sr-only">
        <ul>
          {file.pieces.map((p) => (
            <li
              key={p.id}
            >{`${p.name}: ${formatLength(p.widthMm, file.room.unit)} × ${formatLength(p.depthMm, file.room.unit)}`}</li>
          ))}
        </ul>
      </figcaption>
    </figure>
  );
}
