'use client';
import { elementAt } from '../../core/base/list';
import { useTranslations } from 'next-intl';
import { type ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import { sum } from '../../core/base/units';
import { perimeterPosition } from '../../core/room/place';
import { seenSpan } from '../../core/room/seenSpan';
import type { FamilyPlan } from '../../core/spread/planSpread';
import { fitScale } from '../../ui/drawing/scale';
import { SvgWords } from '../../ui/Words';
import { ShapeView } from '../shell/drawing/ShapeView';
import { useRoom } from '../shell/room/RoomContext';
import { usePaint } from '../shell/usePaint';
import { useWallName } from '../shell/useWords';
import { TieLines } from './TieLines';
import type { RoomTies } from './useTies';

const WIDTH = 676;
const GAP = 5;

/** All walls in one row at one scale, with the places of one colour and the widest stretch without it. */
export function UnrolledWalls({
  family,
  ties: { chosen, onWalls },
}: {
  family: FamilyPlan | undefined;
  /** Of the chosen textile lines are drawn to what it answers. */
  ties: RoomTies;
}): ReactNode {
  const t = useTranslations('colour');
  const { plan, file, view, kelvin, setWall } = useRoom();
  const paint = usePaint();
  const wallName = useWallName();
  // at an inner corner furniture is seen past the end of its wall
  const spans = plan.elevations.map(seenSpan);
  const shownMm = sum(spans.map((span) => span.widthMm));
  const pad = 14;
  const perMm = Math.min(
    (WIDTH - 2 * pad - GAP * (plan.walls.length - 1)) / shownMm,
    190 / file.room.ceilingMm,
  );
  const high = file.room.ceilingMm * perMm;
  const top = 30;
  const starts = plan.walls.map((_, i) => sum(plan.walls.slice(0, i).map((w) => w.lengthMm)));
  const panelAt = (i: number) => pad + sum(spans.slice(0, i).map((span) => span.widthMm)) * perMm + i * GAP;
  /** The left end of the wall itself. */
  const left = (i: number) => panelAt(i) - elementAt(spans, i).xMm * perMm;
  const xOf = (aroundMm: number) => {
    const i = Math.max(
      0,
      starts.findLastIndex((s) => s <= aroundMm + 1e-6),
    );
    return left(i) + (aroundMm - elementAt(starts, i)) * perMm;
  };
  const wallAt = (wallId: string) => plan.walls.findIndex((w) => w.id === wallId);
  const unit = file.room.unit === 'in' ? 'ft-in' : file.room.unit;
  const spread = family?.spread;
  const foot = top + high;
  const bar = (start: number, end: number, key: string, label: boolean) => (
    <g key={key}>
      <path
        d={`M${start} ${foot + 16}H${end}M${start} ${foot + 11}v10M${end} ${foot + 11}v10`}
        stroke="#141414"
        strokeWidth="1.2"
        fill="none"
      />
      {label && (
        <g>
          <rect x={(start + end) / 2 - 52} y={foot + 7} width="104" height="18" fill="#f5f5f5" />
          <text x={(start + end) / 2} y={foot + 20.5} textAnchor="middle" fontSize="12.5" fontWeight="600">
            <SvgWords>{t('none', { length: formatLength(spread!.widestGap.lengthMm, unit) })}</SvgWords>
          </text>
        </g>
      )}
    </g>
  );
  const gap = () => {
    if (!spread || spread.places.length < 2) return null;
    const [startX, endX] = [xOf(spread.widestGap.fromMm), xOf(spread.widestGap.toMm)];
    if (spread.widestGap.fromMm <= spread.widestGap.toMm) return bar(startX, endX, 'one', true);
    const end = pad + shownMm * perMm + GAP * (plan.walls.length - 1);
    // the stretch runs over the last corner: its longer part carries the number
    const labelLast = end - startX > endX - pad;
    return (
      <>
        {bar(startX, end, 'a', labelLast)}
        {bar(pad, endX, 'b', !labelLast)}
      </>
    );
  };
  return (
    <svg viewBox={`0 0 ${WIDTH} ${foot + 34}`} className="block w-full" role="group" aria-label={t('where')}>
      {plan.elevations.map((e, i) => {
        const scale = fitScale(
          { widthMm: e.lengthMm, heightMm: e.ceilingMm },
          { width: e.lengthMm * perMm, height: high },
          0,
        );
        const span = elementAt(spans, i);
        return (
          <g key={e.wallId} transform={`translate(${left(i)} ${top})`}>
            {e.lengthMm * perMm > wallName(elementAt(plan.walls, i)).length * 7 && (
              <text x="0" y="-9" fontSize="13" fontWeight="600">
                {wallName(elementAt(plan.walls, i))}
              </text>
            )}
            <clipPath id={`w${i}`}>
              <rect x={span.xMm * perMm} width={span.widthMm * perMm} height={high} />
            </clipPath>
            <g clipPath={`url(#w${i})`} onClick={() => setWall(e.wallId)}>
              <g style={view === 'squint' ? { filter: 'blur(5px)' } : undefined}>
                {e.shapes.map((s) => (
                  <ShapeView key={s.key} shape={s} scale={scale} paint={paint} lampLit={kelvin < 4000} />
                ))}
              </g>
            </g>
            <rect
              width={e.lengthMm * perMm}
              height={high}
              fill="none"
              stroke="#00000040"
              strokeWidth="0.6"
              pointerEvents="none"
            />
          </g>
        );
      })}
      {spread?.places.map((p, i) => {
        // where it is drawn, which in a corner need not be the nearest wall; the number stands clear of what it counts
        const aroundMm = perimeterPosition(p.at, plan.walls, new Set(p.wallIds));
        const [x, y] = [xOf(aroundMm), top + high - Math.min(p.zMm, file.room.ceilingMm) * perMm];
        const labelY = Math.max(top + 10, y - 30);
        return (
          <g key={i} pointerEvents="none">
            <line x1={x} x2={x} y1={labelY + 8} y2={y - 4} stroke="#141414" strokeWidth="1" />
            <circle cx={x} cy={labelY} r="8.5" fill="#f5f5f5" stroke="#141414" />
            <text x={x} y={labelY + 4} textAnchor="middle" fontSize="11" fontWeight="600">
              {i + 1}
            </text>
          </g>
        );
      })}
      {gap()}
      {chosen && (
        <TieLines
          tied={chosen}
          at={(id) => {
            const seen = onWalls.get(id);
            return (
              seen && { x: left(wallAt(seen.wallId)) + seen.xMm * perMm, y: foot - seen.heightMm * perMm }
            );
          }}
        />
      )}
    </svg>
  );
}
