'use client';
import { elementAt, first } from '../../../core/base/list';
import { useId, type ReactNode } from 'react';
import type { Mm } from '../../../core/base/units';
import type { Lab } from '../../../core/colour/spaces';
import { step, wayOf, type Point } from '../../../core/geometry/plane';
import type { Piece, RoomFile } from '../../../core/model/types';
import { footprint } from '../../../core/room/place';
import { isGlazed, isLamp } from '../../../core/room/kinds';
import { swingsOf } from '../../../core/room/swing';
import type { PlacedThing } from '../../../core/room/placed';
import { pointOnWall, wallsOf } from '../../../core/room/walls';
import type { Scale } from '../../../ui/drawing/scale';
import { PlacedOnPlan } from './PlacedOnPlan';

export const PLAN = { width: 676, height: 400, margin: 50 } as const;

/** The plan's scale: north up, x to the east, y to the south. `y` of the scale grows downwards here. */
export function planScale(file: RoomFile, width: number, height: number, margin: number): Scale {
  const xs = file.room.walls.map((w) => w.xMm);
  const ys = file.room.walls.map((w) => w.yMm);
  const [x0, y0] = [Math.min(...xs), Math.min(...ys)];
  const [w, h] = [Math.max(...xs) - x0, Math.max(...ys) - y0];
  const perMm = Math.min((width - 2 * margin) / w, (height - 2 * margin) / h);
  const left = (width - w * perMm) / 2;
  const top = (height - h * perMm) / 2;
  return {
    perMm,
    width,
    height,
    x: (mm) => left + (mm - x0) * perMm,
    y: (mm) => top + (mm - y0) * perMm,
    toMm: (u) => u / perMm,
  };
}

export type ShapesProps = {
  file: RoomFile;
  width: number;
  height: number;
  margin: number;
  paint: (c: Lab) => string;
  plain?: boolean;
  pieceProps?: (piece: Piece, scale: Scale) => React.SVGProps<SVGGElement>;
  picked?: string | null;
  /** What the look puts on them. */
  placed?: readonly PlacedThing[];
};

const NOTHING: readonly PlacedThing[] = [];

/** Outline, openings, fittings and pieces seen from above, with what is on them. */
export function PlanShapes({
  file,
  width,
  height,
  margin,
  paint,
  plain = false,
  pieceProps,
  picked,
  placed = NOTHING,
}: ShapesProps): ReactNode {
  const scale = planScale(file, width, height, margin);
  const walls = wallsOf(file.room);
  const clip = useId();
  const d = `M${file.room.walls.map((w) => `${scale.x(w.xMm)} ${scale.y(w.yMm)}`).join('L')}Z`;
  const onWall = (wallId: string, fromMm: Mm, toMm: Mm) => {
    const wall = walls.find((w) => w.id === wallId);
    if (!wall) return undefined;
    const [a, b] = [pointOnWall(wall, fromMm), pointOnWall(wall, toMm)];
    return { x1: scale.x(a.xMm), y1: scale.y(a.yMm), x2: scale.x(b.xMm), y2: scale.y(b.yMm) };
  };
  const inside = (f: RoomFile['fittings'][number]): string | undefined => {
    const wall = walls.find((w) => w.id === f.wallId);
    if (!wall) return undefined;
    const a = ((wall.facingDeg + 180) * Math.PI) / 180;
    const deep = Math.max(f.depthMm, 4 / scale.perMm);
    const [p, q] = [pointOnWall(wall, f.xMm), pointOnWall(wall, f.xMm + f.widthMm)];
    const inward = (c: Point): Point => ({
      xMm: c.xMm + deep * Math.sin(a),
      yMm: c.yMm - deep * Math.cos(a),
    });
    return `M${[p, q, inward(q), inward(p)].map((c) => `${scale.x(c.xMm)} ${scale.y(c.yMm)}`).join('L')}Z`;
  };
  const pieces = [...file.pieces].sort(
    (a, b) => Number(b.kind === 'rug') - Number(a.kind === 'rug') || a.bottomMm - b.bottomMm,
  );
  return (
    <g>
      {!plain && (
        <clipPath id={clip}>
          <path d={d} />
        </clipPath>
      )}
      <path
        d={d}
        fill={paint(first(file.room.floorFinish.colours))}
        fillOpacity={plain ? 1 : 0.55}
        stroke="#141414"
        strokeWidth={plain ? 1.2 : 5}
        strokeLinejoin="miter"
      />
      {file.openings.map((o) => {
        const l = onWall(o.wallId, o.xMm, o.xMm + o.widthMm);
        return (
          l && (
            <g key={o.id}>
              <line {...l} stroke={isGlazed(o) ? '#cfdde7' : '#f5f5f5'} strokeWidth={plain ? 2 : 6} />
              {!plain && <line {...l} stroke="#141414" strokeWidth="0.8" />}
            </g>
          )
        );
      })}
      {!plain &&
        file.openings.flatMap((o) => {
          const w = walls.find((x) => x.id === o.wallId);
          return w
            ? swingsOf(o, w).map((s, i) => (
                <g key={`${o.id}${i}`} fill="none" stroke="#141414" strokeWidth="0.7">
                  <path
                    d={`M${scale.x(s.hinge.xMm)} ${scale.y(s.hinge.yMm)}L${scale.x(s.open.xMm)} ${scale.y(s.open.yMm)}`}
                    strokeWidth="1.6"
                  />
                  <path
                    d={`M${s.sweeps
                      .slice(1)
                      .map((p) => `${scale.x(p.xMm)} ${scale.y(p.yMm)}`)
                      .join('L')}`}
                    strokeDasharray="3 3"
                  />
                </g>
              ))
            : [];
        })}
      {!plain &&
        file.room.beams.map((b) => {
          const w = walls.find((x) => x.id === b.wallId);
          if (!w) return null;
          const inside = wayOf(w.facingDeg + 180);
          return (
            <g key={b.id} stroke="#141414" strokeWidth="0.7" strokeDasharray="6 4" clipPath={`url(#${clip})`}>
              {[b.fromWallMm, b.fromWallMm + b.widthMm].map((mm) => {
                const [p, q] = [
                  step(step(w.from, inside, mm), wayOf(w.facingDeg - 90), 20_000),
                  step(step(w.to, inside, mm), wayOf(w.facingDeg + 90), 20_000),
                ];
                return (
                  <line
                    key={mm}
                    x1={scale.x(p.xMm)}
                    y1={scale.y(p.yMm)}
                    x2={scale.x(q.xMm)}
                    y2={scale.y(q.yMm)}
                  />
                );
              })}
            </g>
          );
        })}
      {!plain &&
        file.fittings.map((f) => {
          const d = inside(f);
          return (
            d && <path key={f.id} d={d} fill={paint(first(f.colours))} stroke="#141414" strokeWidth="0.6" />
          );
        })}
      {pieces.map((p) => {
        const corners = footprint(p);
        const path = `M${corners.map((c) => `${scale.x(c.xMm)} ${scale.y(c.yMm)}`).join('L')}Z`;
        return (
          <g key={p.id} {...pieceProps?.(p, scale)}>
            <path
              d={path}
              fill={paint(first(p.colours))}
              stroke="#141414"
              strokeWidth={picked === p.id ? 2.4 : 0.7}
              strokeLinejoin="round"
            />
            {!plain && p.seat && !p.round && (
              <line
                x1={scale.x(first(corners).xMm)}
                y1={scale.y(first(corners).yMm)}
                x2={scale.x(elementAt(corners, 1).xMm)}
                y2={scale.y(elementAt(corners, 1).yMm)}
                stroke="#141414"
                strokeWidth="4"
                strokeOpacity="0.5"
              />
            )}
          </g>
        );
      })}
      <PlacedOnPlan placed={placed} scale={scale} paint={paint} />
      {!plain &&
        pieces
          .filter((p) => !isLamp(p) && p.kind !== 'rug')
          .map((p) => <PieceName key={p.id} piece={p} scale={scale} />)}
    </g>
  );
}

const LETTER = 5.6;

/**
 * A piece's name on the plan, along its longer side where it would not fit across; none where it fits neither
 * way.
 */
function PieceName({ piece: p, scale }: { piece: Piece; scale: Scale }): ReactNode {
  const corners = footprint(p);
  const span = (pick: (c: Point) => number) =>
    (Math.max(...corners.map(pick)) - Math.min(...corners.map(pick))) * scale.perMm;
  const [widthMm, depthMm, needs] = [span((c) => c.xMm), span((c) => c.yMm), p.name.length * LETTER];
  if (Math.max(widthMm, depthMm) < needs * 0.8) return null;
  const [x, y] = [scale.x(p.xMm), scale.y(p.yMm)];
  return (
    <text
      x={x}
      y={y + 4}
      fontSize="11.5"
      textAnchor="middle"
      fill="#141414"
      stroke="#f5f5f5"
      strokeWidth="3"
      paintOrder="stroke"
      pointerEvents="none"
      {...(widthMm < needs && depthMm > widthMm ? { transform: `rotate(-90 ${x} ${y})` } : {})}
    >
      {p.name}
    </text>
  );
}
