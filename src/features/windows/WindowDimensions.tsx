'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { Opening } from '../../core/model/types';
import type { WindowPlan } from '../../core/stages/windows/planWindow';
import type { LengthUnit } from '../../core/base/units';
import type { Answer } from '../../ui/Field';
import { Dimension } from '../../ui/drawing/Dimension';
import type { Scale } from '../../ui/drawing/scale';

export type WindowEdits = { setRod: (mm: number) => Answer; setSpan: (mm: number) => Answer; setExtension: (side: 'left' | 'right', mm: number) => Answer; setLength: (mm: number) => Answer };

/** Dimension lines of the dressed window: rod, span, reach to each side, finished length. Each number can be typed over. */
export function WindowDimensions({ plan: w, opening: o, scale, unit, edits }: { plan: WindowPlan; opening: Opening; scale: Scale; unit: LengthUnit; edits?: WindowEdits }): ReactNode {
  const t = useTranslations('windows');
  const rodY = scale.y(w.rodHeightMm);
  const [left, right] = [scale.x(w.bracketLeftXMm), scale.x(w.bracketRightXMm)];
  const outerLeft = scale.x(o.xMm - o.trimMm);
  const outerRight = scale.x(o.xMm + o.widthMm + o.trimMm);
  const reachY = scale.y(w.frameTopMm) + 26;
  const top = Math.max(14, rodY - 22);
  const panel = w.panelPlans[0]!;
  const last = w.panelPlans[w.panelPlans.length - 1]!;
  const panelTop = scale.y(w.rodHeightMm - w.takeDownMm);
  const inside = Math.min(scale.x(panel.stackToXMm) + 20, (left + right) / 2 - 16);
  const rodX = Math.max(scale.x(0) + 16, left - 14);
  const differs = Math.abs(last.finishedLengthMm - panel.finishedLengthMm) > 0.5;
  return (
    <g>
      <Dimension x1={left} x2={right} y1={top} y2={top} valueMm={w.bracketToBracketMm} unit={unit} name={t('span')} {...(edits ? { onCommit: edits.setSpan } : {})} />
      <Dimension x1={rodX} x2={rodX} y1={rodY} y2={scale.y(0)} valueMm={w.rodHeightMm} unit={unit} name={t('rod')} at={0.42} {...(edits ? { onCommit: edits.setRod } : {})} />
      {w.extensionLeftMm > 1 && <Dimension x1={left} x2={outerLeft} y1={reachY} y2={reachY} valueMm={w.extensionLeftMm} unit={unit} name={`${t('extension')}, ${t('left')}`} {...(edits ? { onCommit: (mm: number) => edits.setExtension('left', mm) } : {})} />}
      {w.extensionRightMm > 1 && <Dimension x1={outerRight} x2={right} y1={reachY} y2={reachY} valueMm={w.extensionRightMm} unit={unit} name={`${t('extension')}, ${t('right')}`} {...(edits ? { onCommit: (mm: number) => edits.setExtension('right', mm) } : {})} />}
      <Dimension x1={inside} x2={inside} y1={panelTop} y2={scale.y(w.rodHeightMm - w.takeDownMm - panel.finishedLengthMm)} valueMm={panel.finishedLengthMm} unit={unit} name={t('length')} at={0.55} {...(edits ? { onCommit: edits.setLength } : {})} />
      {differs && <Dimension x1={Math.max(scale.x(last.stackFromXMm) - 20, inside + 34)} x2={Math.max(scale.x(last.stackFromXMm) - 20, inside + 34)} y1={panelTop} y2={scale.y(w.rodHeightMm - w.takeDownMm - last.finishedLengthMm)} valueMm={last.finishedLengthMm} unit={unit} name={t('length')} at={0.62} />}
    </g>
  );
}
