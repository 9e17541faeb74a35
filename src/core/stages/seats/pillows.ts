import type { Mm } from '../../base/units';
import { overlapLength } from '../../geometry/plane';
import type { Placement } from '../../model/types';
import type { InsertChoice } from './insert';

export type PillowPlan = {
  placementId: string;
  itemId: string;
  name: string;
  /** Centre along the seat from the left arm, and the size it takes up when filled. */
  xMm: Mm;
  useWidthMm: Mm;
  useHeightMm: Mm;
  layer: number;
  thicknessMm: Mm;
  cover: { widthMm: Mm; heightMm: Mm };
  insert: InsertChoice;
  fill: Placement['fill'];
};

/** The stretch of the seat that two pillows share. */
export const overlapOf = (p: PillowPlan, q: PillowPlan): Mm =>
  overlapLength(
    p.xMm - p.useWidthMm / 2,
    p.xMm + p.useWidthMm / 2,
    q.xMm - q.useWidthMm / 2,
    q.xMm + q.useWidthMm / 2,
  );

/** How far the pillows at a place along the seat stand out together. */
export const stackAt = (pillows: readonly PillowPlan[], xMm: Mm): Mm =>
  pillows
    .filter((q) => overlapLength(xMm - 1, xMm + 1, q.xMm - q.useWidthMm / 2, q.xMm + q.useWidthMm / 2) > 0)
    .reduce((s, q) => s + q.thicknessMm, 0);

export const thickestStack = (pillows: readonly PillowPlan[]): Mm =>
  Math.max(0, ...pillows.map((p) => stackAt(pillows, p.xMm)));
