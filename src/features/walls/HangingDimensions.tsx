'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { Hanging } from '../../core/model/types';
import type { HangingPlan } from '../../core/stages/walls/planHanging';
import { TAKEN } from '../../ui/Field';
import { Dimension } from '../../ui/drawing/Dimension';
import type { Scale } from '../../ui/drawing/scale';
import { useRoom } from '../shell/room/RoomContext';
import { useWallActs } from './useWallActs';

/** Dimension lines of a hung piece: centre, gap, from the left, and its nails as crosses. */
export function HangingDimensions({
  plan: p,
  hanging: h,
  scale,
}: {
  plan: HangingPlan;
  hanging: Hanging;
  scale: Scale;
}): ReactNode {
  const t = useTranslations('walls');
  const { file, look, change } = useRoom();
  const unit = file.room.unit;
  const acts = useWallActs();
  const move = (xMm: number, centreMm: number) => {
    change(acts.moveTo(h, p, xMm, centreMm));
    return TAKEN;
  };
  const put = (patch: Partial<Hanging>) => {
    change([{ do: 'putHanging', lookId: look.id, hanging: { ...h, ...patch } }]);
    return TAKEN;
  };
  const [left, right] = [scale.x(p.xMm - p.widthMm / 2), scale.x(p.xMm + p.widthMm / 2)];
  const nailMm = p.nails[0]?.heightMm ?? p.centreMm;
  const wide = left - scale.x(0) > 46;
  const lineX = wide ? left - 22 : right + 22;
  const nailX = wide ? right + 26 : right + 54;
  return (
    <g>
      <rect
        x={left - 2}
        y={scale.y(p.topMm) - 2}
        width={right - left + 4}
        height={p.heightMm * scale.perMm + 4}
        fill="none"
        stroke="#141414"
        strokeWidth="2"
        pointerEvents="none"
      />
      <line
        x1={Math.min(left, lineX)}
        x2={Math.max(right, lineX)}
        y1={scale.y(p.centreMm)}
        y2={scale.y(p.centreMm)}
        stroke="#141414"
        strokeWidth="0.7"
        strokeDasharray="1.5 4"
        pointerEvents="none"
      />
      <Dimension
        x1={lineX}
        x2={lineX}
        y1={scale.y(p.centreMm)}
        y2={scale.y(0)}
        valueMm={p.centreMm}
        unit={unit}
        name={t('centre')}
        onCommit={h.leans ? undefined : (centreMm) => move(p.xMm, centreMm)}
      />
      {!h.leans && (
        <Dimension
          x1={nailX}
          x2={nailX}
          y1={scale.y(nailMm)}
          y2={scale.y(0)}
          valueMm={nailMm}
          unit={unit}
          name={t('nailOne')}
          labelShare={0.35}
          onCommit={(mm) => move(p.xMm, p.centreMm + mm - nailMm)}
        />
      )}
      <Dimension
        x1={scale.x(0)}
        x2={scale.x(p.xMm)}
        y1={scale.y(p.topMm) - 16}
        y2={scale.y(p.topMm) - 16}
        valueMm={p.xMm}
        unit={unit}
        name={t('fromLeft')}
        onCommit={(xMm) => move(xMm, p.centreMm)}
      />
      {p.overName !== null && p.gapMm !== null && p.gapMm > 0 && (
        <Dimension
          x1={scale.x(p.xMm)}
          x2={scale.x(p.xMm)}
          y1={scale.y(p.bottomMm)}
          y2={scale.y(p.bottomMm - p.gapMm)}
          valueMm={p.gapMm}
          unit={unit}
          name={t('gap', { over: p.overName })}
          onCommit={(gapMm) => put({ gapMm, centreMm: null })}
        />
      )}
      {!h.leans &&
        p.nails.map((n, i) => (
          <g key={i} pointerEvents="none">
            <path
              d={`M${scale.x(n.xMm) - 4} ${scale.y(n.heightMm)}h8M${scale.x(n.xMm)} ${scale.y(n.heightMm) - 4}v8`}
              stroke="#fff"
              strokeWidth="3.4"
            />
            <path
              d={`M${scale.x(n.xMm) - 4} ${scale.y(n.heightMm)}h8M${scale.x(n.xMm)} ${scale.y(n.heightMm) - 4}v8`}
              stroke="#141414"
              strokeWidth="1.5"
            />
          </g>
        ))}
    </g>
  );
}
