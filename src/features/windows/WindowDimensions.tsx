'use client';
import { first } from '../../core/base/list';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { plainUnit } from '../../core/base/length';
import type { LengthUnit } from '../../core/base/units';
import type { Opening } from '../../core/model/types';
import type { WindowPlan } from '../../core/stages/windows/windowPlan';
import { Dimension } from '../../ui/drawing/Dimension';
import type { Scale } from '../../ui/drawing/scale';
import type { Answer } from '../../ui/Field';

export type WindowEdits = {
  setRod: (mm: number) => Answer;
  setSpan: (mm: number) => Answer;
  setExtension: (side: 'left' | 'right', mm: number) => Answer;
  setLength: (mm: number, nowMm?: number) => Answer;
};

type Props = {
  plan: WindowPlan;
  opening: Opening;
  scale: Scale;
  unit: LengthUnit;
  ceilingMm: number;
  edits?: WindowEdits;
  /** The rod's height and the hem are shown once; a rod round a bay has more walls. */ whole?: boolean;
};
type Part = Omit<Props, 'whole' | 'ceilingMm'>;

/** The stretch of the rod on this opening's wall; a rod round a bay is dimensioned wall by wall. */
const stretchOn = (w: WindowPlan, wallId: string) =>
  w.rodOn.find((r) => r.wallId === wallId) ?? first(w.rodOn);

/** Where the rod is drawn: on a door's leaf it is as long as the leaf. */
const drawnRod = (w: WindowPlan, wallId: string) => {
  const leaf = w.leaves?.[0];
  return leaf ? { fromXMm: leaf.fromMm, toXMm: leaf.toMm } : stretchOn(w, wallId);
};

/**
 * Dimension lines of the dressed window: rod, span, reach to each side, finished length. Each number can be
 * typed over.
 */
export function WindowDimensions({ whole = true, ...props }: Props): ReactNode {
  const { plan: w, opening: o, scale, unit, edits } = props;
  const t = useTranslations('windows');
  const left = scale.x(drawnRod(w, o.wallId).fromXMm);
  const rodX = Math.max(scale.x(0) + 16, left - 14);
  return (
    <g>
      <SpanDimension {...props} />
      {whole && (
        <Dimension
          x1={rodX}
          x2={rodX}
          y1={scale.y(w.rodHeightMm)}
          y2={scale.y(0)}
          valueMm={w.rodHeightMm}
          unit={unit}
          name={t('rod')}
          labelShare={0.42}
          {...(edits ? { onCommit: edits.setRod } : {})}
        />
      )}
      {w.rodOn[0]?.wallId === o.wallId && <ReachDimension {...props} side="left" />}
      {w.rodOn[w.rodOn.length - 1]?.wallId === o.wallId && <ReachDimension {...props} side="right" />}
      <LengthDimensions {...props} />
    </g>
  );
}

/** Bracket to bracket, or this wall's part of a rod that goes round a bay. */
function SpanDimension({
  plan: w,
  opening: o,
  scale,
  unit,
  ceilingMm,
  edits,
}: Omit<Props, 'whole'>): ReactNode {
  const t = useTranslations('windows');
  const rod = drawnRod(w, o.wallId);
  const stretch = stretchOn(w, o.wallId);
  const partMm = stretch.toXMm - stretch.fromXMm;
  const isAlone = w.rodOn.length === 1;
  // never so near to the ceiling's line that the two are taken for one
  const overRod = scale.y(w.rodHeightMm) - 22;
  const ceilingY = scale.y(ceilingMm);
  const y = Math.max(12, Math.abs(overRod - ceilingY) < 14 ? ceilingY - 15 : overRod);
  const onCommit = edits && spanCommit(w, o, edits, partMm);
  return (
    <Dimension
      x1={scale.x(rod.fromXMm)}
      x2={scale.x(rod.toXMm)}
      y1={y}
      y2={y}
      valueMm={isAlone ? w.bracketToBracketMm : partMm}
      unit={unit}
      name={t('span')}
      {...(onCommit ? { onCommit } : {})}
    />
  );
}

const WITHIN_FRAME: ReadonlySet<WindowPlan['mount']> = new Set(['inside', 'cafe', 'leaf']);

/** What typing over the span does: nothing where frame or tub sets it, else it moves the rod's own ends. */
function spanCommit(
  w: WindowPlan,
  o: Opening,
  edits: WindowEdits,
  partMm: number,
): ((mm: number) => Answer) | undefined {
  if (WITHIN_FRAME.has(w.mount) || w.shower) return undefined;
  if (w.rodOn.length === 1) return edits.setSpan;
  // a bent rod is lengthened at its own end; a part between two corners is as long as the wall
  if (w.rodOn[0]?.wallId === o.wallId)
    return (mm) => edits.setExtension('left', w.extensionLeftMm + mm - partMm);
  if (w.rodOn[w.rodOn.length - 1]?.wallId === o.wallId)
    return (mm) => edits.setExtension('right', w.extensionRightMm + mm - partMm);
  return undefined;
}

/** How far the rod reaches past the trim on one side. */
function ReachDimension({
  plan: w,
  opening: o,
  scale,
  unit,
  edits,
  side,
}: Part & { side: 'left' | 'right' }) {
  const t = useTranslations('windows');
  const rod = drawnRod(w, o.wallId);
  const isLeft = side === 'left';
  const reachMm = isLeft ? w.extensionLeftMm : w.extensionRightMm;
  if (reachMm <= 1) return null;
  const y = scale.y(o.sillMm + o.heightMm) + 26;
  return (
    <Dimension
      x1={isLeft ? scale.x(rod.fromXMm) : scale.x(o.xMm + o.widthMm + o.trimMm)}
      x2={isLeft ? scale.x(o.xMm - o.trimMm) : scale.x(rod.toXMm)}
      y1={y}
      y2={y}
      valueMm={reachMm}
      unit={unit}
      name={`${t('extension')}, ${t(side)}`}
      {...(edits ? { onCommit: (mm: number) => edits.setExtension(side, mm) } : {})}
    />
  );
}

/** The finished length of the first panel, and of the last where that is another one. */
function LengthDimensions({ plan: w, opening: o, scale, unit, edits }: Part): ReactNode {
  const t = useTranslations('windows');
  const rod = drawnRod(w, o.wallId);
  const [left, right] = [scale.x(rod.fromXMm), scale.x(rod.toXMm)];
  const stackOf = (p: WindowPlan['panelPlans'][number]) => p.openOn.find((x) => x.wallId === o.wallId);
  const shown = w.panelPlans.filter((p) => stackOf(p));
  const leading = shown[0] ?? first(w.panelPlans);
  const trailing = shown[shown.length - 1] ?? leading;
  const [leftStack, rightStack] = [stackOf(leading), stackOf(trailing)];
  const firstX = Math.min((leftStack ? scale.x(leftStack.toXMm) : left) + 20, (left + right) / 2 - 16);
  const lastX = Math.max((rightStack ? scale.x(rightStack.fromXMm) : right) - 20, firstX + 34);
  const differs = Math.abs(trailing.finishedLengthMm - leading.finishedLengthMm) > 0.5;
  const topMm = w.rodHeightMm - w.takeDownMm;
  const dimension = (x: number, lengthMm: number, y: number) => (
    <Dimension
      x1={x}
      x2={x}
      y1={scale.y(topMm)}
      y2={scale.y(topMm - lengthMm)}
      valueMm={lengthMm}
      unit={plainUnit(unit)}
      name={t('length')}
      labelShare={y}
      {...(edits ? { onCommit: (mm: number) => edits.setLength(mm, lengthMm) } : {})}
    />
  );
  return (
    <>
      {leftStack && dimension(firstX, leading.finishedLengthMm, 0.55)}
      {differs && dimension(lastX, trailing.finishedLengthMm, 0.62)}
    </>
  );
}
