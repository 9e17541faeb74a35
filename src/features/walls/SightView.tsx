'use client';
import { elementAt, findOne } from '../../core/base/list';
import { useTranslations } from 'next-intl';
import { useMemo, type ReactNode } from 'react';
import { sum } from '../../core/base/units';
import { glassOf, roomFor, roomLookedAt, type Sight } from '../../core/plan/walls/sights';
import { solidsOnTops, solidThings } from '../../core/room/solids';
import { patchesIn } from '../../core/room/mirrorPatches';
import { pointOnWall } from '../../core/room/walls';
import { fitScale } from '../../ui/drawing/scale';
import { PlanShapes, planScale } from '../shell/drawing/PlanShapes';
import { ShapeView } from '../shell/drawing/ShapeView';
import { useRoom } from '../shell/room/RoomContext';
import { usePaint } from '../shell/usePaint';
import { useWallName } from '../shell/useWords';
import { listWords } from '../../messages/findingWords';

const WIDTH = 676;
const PLAN_HIGH = 216;
const GAP = 5;

/**
 * What a glass shows from one place: the sight on the plan, and the parts of the unrolled walls that are seen
 * in it.
 */
export function SightView({ sight: s }: { sight: Sight }): ReactNode {
  const t = useTranslations('walls');
  const { arranged: file, plan, kelvin } = useRoom();
  const paint = usePaint();
  const wallName = useWallName();
  const h = findOne(plan.hangings, (x) => x.hangingId === s.hangingId);
  const wall = findOne(plan.walls, (w) => w.id === h.wallId);
  const scale = planScale(file, WIDTH, PLAN_HIGH, 16);
  const pointAt = (p: { xMm: number; yMm: number }) => `${scale.x(p.xMm)} ${scale.y(p.yMm)}`;
  const [a, b] = [pointOnWall(wall, h.xMm - h.widthMm / 2), pointOnWall(wall, h.xMm + h.widthMm / 2)];
  // from the glass to each part of a wall that it shows, in the order in which the glass shows them
  const patches = useMemo(() => {
    const room = roomFor(
      roomLookedAt({ file, walls: plan.walls, onTops: solidsOnTops(solidThings(plan.placed)) }),
      {
        id: s.fromId,
        eye: s.eye,
      },
    );
    return patchesIn(glassOf(h), s.eye, room);
  }, [file, plan.walls, plan.placed, h, s.fromId, s.eye]);
  const seen = patches.map((p) => {
    const w = findOne(plan.walls, (x) => x.id === p.wallId);
    const along = p.corners.map((c) => c.xMm);
    return { p, from: pointOnWall(w, Math.min(...along)), to: pointOnWall(w, Math.max(...along)) };
  });
  const perimeter = sum(plan.walls.map((w) => w.lengthMm));
  const perMm = Math.min((WIDTH - 28 - GAP * (plan.walls.length - 1)) / perimeter, 104 / file.room.ceilingMm);
  const high = file.room.ceilingMm * perMm;
  const starts = plan.walls.map(
    (_, i) => 14 + sum(plan.walls.slice(0, i).map((w) => w.lengthMm)) * perMm + i * GAP,
  );
  return (
    <figure className="m-0 px-4 pb-2">
      <figcaption className="mb-1 text-[14px]">
        {t('sightPlan', { piece: h.name, from: s.fromName })}:{' '}
        {s.shows.length > 0 ? listWords(s.shows.map((x) => x.name)) : t('glassNothing')}
      </figcaption>
      <svg
        viewBox={`0 0 ${WIDTH} ${PLAN_HIGH}`}
        className="block w-full"
        role="img"
        aria-label={t('sightPlan', { piece: h.name, from: s.fromName })}
      >
        <PlanShapes file={file} width={WIDTH} height={PLAN_HIGH} margin={16} paint={paint} picked={null} />
        {seen.map(({ p, from: start, to: end }, i) => (
          <path
            key={`${p.wallId}${i}`}
            d={`M${pointAt(a)}L${pointAt(b)}L${pointAt(start)}L${pointAt(end)}Z`}
            fill="#141414"
            fillOpacity="0.13"
            stroke="none"
          />
        ))}
        <path
          d={`M${pointAt(s.eye)}L${pointAt(a)}M${pointAt(s.eye)}L${pointAt(b)}`}
          stroke="#141414"
          strokeWidth="1"
          strokeDasharray="4 3"
          fill="none"
        />
        {seen.length > 0 && (
          <path
            d={seen.map(({ from: start, to: end }) => `M${pointAt(start)}L${pointAt(end)}`).join('')}
            stroke="#141414"
            strokeWidth="4"
            fill="none"
          />
        )}
        <path d={`M${pointAt(a)}L${pointAt(b)}`} stroke="#141414" strokeWidth="5" />
        <circle
          cx={scale.x(s.eye.xMm)}
          cy={scale.y(s.eye.yMm)}
          r="6"
          fill="#f5f5f5"
          stroke="#141414"
          strokeWidth="1.5"
        />
        <circle cx={scale.x(s.eye.xMm)} cy={scale.y(s.eye.yMm)} r="2" fill="#141414" />
      </svg>
      <p className="mb-1 mt-2 font-narrow text-[13px] font-semibold text-soft">{t('sightWalls')}</p>
      <svg
        viewBox={`0 0 ${WIDTH} ${high + 26}`}
        className="block w-full"
        role="img"
        aria-label={t('sightWalls')}
      >
        {plan.elevations.map((e, i) => {
          const own = fitScale(
            { widthMm: e.lengthMm, heightMm: e.ceilingMm },
            { width: e.lengthMm * perMm, height: high },
            0,
          );
          return (
            <g key={e.wallId} transform={`translate(${starts[i]} 18)`}>
              {e.lengthMm * perMm > wallName(elementAt(plan.walls, i)).length * 6.4 && (
                <text x="0" y="-6" fontSize="12" fontWeight="600">
                  {wallName(elementAt(plan.walls, i))}
                </text>
              )}
              <clipPath id={`sight${i}`}>
                <rect width={e.lengthMm * perMm} height={high} />
              </clipPath>
              <g clipPath={`url(#sight${i})`}>
                <g opacity="0.5">
                  {e.shapes.map((x) => (
                    <ShapeView key={x.key} shape={x} scale={own} paint={paint} lampLit={kelvin < 4000} />
                  ))}
                </g>
                {patches
                  .filter((p) => p.wallId === e.wallId)
                  .map((p, k) => (
                    <path
                      key={k}
                      d={`M${p.corners.map((c) => `${own.x(c.xMm)} ${own.y(c.yMm)}`).join('L')}Z`}
                      fill="#141414"
                      fillOpacity="0.16"
                      stroke="#141414"
                      strokeWidth="1.6"
                    />
                  ))}
                {e.wallId === h.wallId && (
                  <rect
                    x={own.x(h.xMm - h.widthMm / 2)}
                    y={own.y(h.topMm)}
                    width={h.widthMm * perMm}
                    height={h.heightMm * perMm}
                    fill="none"
                    stroke="#141414"
                    strokeWidth="2"
                  />
                )}
              </g>
              <rect
                width={e.lengthMm * perMm}
                height={high}
                fill="none"
                stroke="#00000060"
                strokeWidth="0.6"
              />
            </g>
          );
        })}
      </svg>
    </figure>
  );
}
