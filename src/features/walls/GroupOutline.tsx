'use client';
import type { ReactNode } from 'react';
import type { GroupPlan } from '../../core/stages/walls/planGroup';
import type { Scale } from '../../ui/drawing/scale';

/** The outline of a group: a handle for the whole. */
export function GroupOutline({
  plan: g,
  scale,
  picked,
  name,
  props,
  onNudge,
  onPick,
}: {
  plan: GroupPlan;
  scale: Scale;
  picked: boolean;
  name: string;
  props: React.SVGProps<SVGRectElement>;
  onNudge: (e: React.KeyboardEvent) => void;
  onPick: () => void;
}): ReactNode {
  if (g.members.size === 0) return null;
  const pad = 7;
  const box = {
    x: scale.x(g.xMm - g.widthMm / 2) - pad,
    y: scale.y(g.topMm) - pad,
    width: g.widthMm * scale.perMm + 2 * pad,
    height: g.heightMm * scale.perMm + 2 * pad,
  };
  return (
    <g>
      <rect
        {...box}
        fill="none"
        stroke="#141414"
        strokeWidth={picked ? 2 : 0.9}
        strokeDasharray={picked ? undefined : '3 3'}
        pointerEvents="none"
        rx="2"
      />
      {/* the line round the pieces is what is taken hold of; they themselves stay free to be moved */}
      <rect
        {...box}
        {...props}
        fill="none"
        stroke="#000"
        strokeOpacity="0"
        strokeWidth="12"
        pointerEvents="stroke"
        rx="2"
        role="button"
        tabIndex={0}
        aria-label={name}
        aria-pressed={picked}
        onKeyDown={onNudge}
        onFocus={onPick}
        style={{ cursor: 'move', touchAction: 'none' }}
      />
    </g>
  );
}
