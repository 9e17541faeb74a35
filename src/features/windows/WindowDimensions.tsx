'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { Opening } from '../../core/model/types';
import type { WindowPlan } from '../../core/stages/windows/windowPlan';
import type { LengthUnit } from '../../core/base/units';
import type { Answer } from '../../ui/Field';
import { Dimension } from '../../ui/drawing/Dimension';
import type { Scale } from '../../ui/drawing/scale';

export type WindowEdits = {
  setRod: (mm: number) => Answer;
  setSpan: (mm: number) => Answer;
  setExtension: (side: 'left' | 'right', mm: number) => Answer;
  setLength: (mm: number, nowMm?: number) => Answer;
};

/**
 * Dimension lines of the dressed window: rod, span, reach to each side, finished length. Each number can be
 * typed over.
 */
export function WindowDimensions({
  plan: w,
  opening: o,
  scale,
  unit,
  ceilingMm,
  edits,
  whole = true,
}: {
  plan: WindowPlan;
  opening: Opening;
  scale: Scale;
  unit: LengthUnit;
  ceilingMm: number;
  edits?: WindowEdits;
  /** The rod's height and the hem are told once; a rod round a bay has more walls. */ whole?: boolean;
}): ReactNode {
  const t = useTranslations('windows');
  // what of the rod is before this wall; a rod round a bay is dimensioned wall by wall
  const here = w.rodOn.find((r) => r.wallId === o.wallId) ?? w.rodOn[0]!;
  const onPanel = (p: WindowPlan['panelPlans'][number]) => p.openOn.find((x) => x.wallId === o.wallId);
  const shown = w.panelPlans.filter((p) => onPanel(p));
  const rodY = scale.y(w.rodHeightMm);
  const rod = w.leaves?.[0] ? { fromXMm: w.leaves[0].fromMm, toXMm: w.leaves[0].toMm } : here;
  const [left, right] = [scale.x(rod.fromXMm), scale.x(rod.toXMm)];
  const outerLeft = scale.x(o.xMm - o.trimMm);
  const outerRight = scale.x(o.xMm + o.widthMm + o.trimMm);
  const reachY = scale.y(o.sillMm + o.heightMm) + 26;
  // never so near to the ceiling's line that the two are taken for one
  const ceilingY = scale.y(ceilingMm);
  const over = rodY - 22;
  const top = Math.max(12, Math.abs(over - ceilingY) < 14 ? ceilingY - 15 : over);
  const panel = shown[0] ?? w.panelPlans[0]!;
  const last = shown[shown.length - 1] ?? panel;
  const panelTop = scale.y(w.rodHeightMm - w.takeDownMm);
  const leftStack = onPanel(panel);
  const rightStack = onPanel(last);
  const inside = Math.min((leftStack ? scale.x(leftStack.toXMm) : left) + 20, (left + right) / 2 - 16);
  const rodX = Math.max(scale.x(0) + 16, left - 14);
  const differs = Math.abs(last.finishedLengthMm - panel.finishedLengthMm) > 0.5;
  const lastX = Math.max((rightStack ? scale.x(rightStack.fromXMm) : right) - 20, inside + 34);
  const firstWall = w.rodOn[0]?.wallId === o.wallId;
  const lastWall = w.rodOn[w.rodOn.length - 1]?.wallId === o.wallId;
  const alone = w.rodOn.length === 1;
  const endMm = here.toXMm - here.fromXMm;
  // a bent rod is lengthened at its own end; a part between two corners is as long as the wall
  const setEnd = (by: WindowEdits, side: 'left' | 'right', extensionMm: number) => (mm: number) =>
    by.setExtension(side, extensionMm + mm - endMm);
  const setOwnEnd = (by: WindowEdits) => {
    if (firstWall) return setEnd(by, 'left', w.extensionLeftMm);
    return lastWall ? setEnd(by, 'right', w.extensionRightMm) : undefined;
  };
  return (
    <g>
      <Dimension
        x1={left}
        x2={right}
        y1={top}
        y2={top}
        valueMm={alone ? w.bracketToBracketMm : here.toXMm - here.fromXMm}
        unit={unit}
        name={t('span')}
        {...(edits && w.mount !== 'inside' && w.mount !== 'cafe' && w.mount !== 'leaf' && !w.shower
          ? {
              onCommit: alone ? edits.setSpan : setOwnEnd(edits),
            }
          : {})}
      />
      {whole && (
        <Dimension
          x1={rodX}
          x2={rodX}
          y1={rodY}
          y2={scale.y(0)}
          valueMm={w.rodHeightMm}
          unit={unit}
          name={t('rod')}
          at={0.42}
          {...(edits ? { onCommit: edits.setRod } : {})}
        />
      )}
      {firstWall && w.extensionLeftMm > 1 && (
        <Dimension
          x1={left}
          x2={outerLeft}
          y1={reachY}
          y2={reachY}
          valueMm={w.extensionLeftMm}
          unit={unit}
          name={`${t('extension')}, ${t('left')}`}
          {...(edits ? { onCommit: (mm: number) => edits.setExtension('left', mm) } : {})}
        />
      )}
      {lastWall && w.extensionRightMm > 1 && (
        <Dimension
          x1={outerRight}
          x2={right}
          y1={reachY}
          y2={reachY}
          valueMm={w.extensionRightMm}
          unit={unit}
          name={`${t('extension')}, ${t('right')}`}
          {...(edits ? { onCommit: (mm: number) => edits.setExtension('right', mm) } : {})}
        />
      )}
      {leftStack && (
        <Dimension
          x1={inside}
          x2={inside}
          y1={panelTop}
          y2={scale.y(w.rodHeightMm - w.takeDownMm - panel.finishedLengthMm)}
          valueMm={panel.finishedLengthMm}
          unit={unit}
          name={t('length')}
          at={0.55}
          {...(edits ? { onCommit: (mm: number) => edits.setLength(mm, panel.finishedLengthMm) } : {})}
        />
      )}
      {differs && (
        <Dimension
          x1={lastX}
          x2={lastX}
          y1={panelTop}
          y2={scale.y(w.rodHeightMm - w.takeDownMm - last.finishedLengthMm)}
          valueMm={last.finishedLengthMm}
          unit={unit}
          name={t('length')}
          at={0.62}
          {...(edits ? { onCommit: (mm: number) => edits.setLength(mm, last.finishedLengthMm) } : {})}
        />
      )}
    </g>
  );
}
