import type { ReactNode } from 'react';
import type { ClothColour } from '../../ui/drawing/cloth';
import type { Shape } from '../../core/room/shape';

/** What a form is drawn from: its shape, where it lies on the drawing, and its colours as painted. */
export type Drawn = {
  /** Unique on the page, for the patterns and gradients this drawing refers to. */
  id: string;
  shape: Shape;
  /** Top left corner, width and height, in units of the drawing. */
  x: number;
  y: number;
  w: number;
  h: number;
  perMm: number;
  colours: readonly ClothColour[];
  /** The main colour. */
  base: string;
  /** The cloth's pattern where it has one, or else the main colour. */
  fill: string;
  patterned: boolean;
  lampLit: boolean;
  /** Without details that only confuse a small drawing. */
  plain: boolean;
};

export type DrawForm = (drawn: Drawn) => ReactNode;

export const EDGE = '#00000055';

/** Where a cloth's pattern and its folds are defined. */
export const patternId = (d: Drawn): string => `c${d.id}`;
