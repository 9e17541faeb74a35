import type { Mm } from '../base/units';
import type { RuleBook } from '../rules/book';

/** A mark on a wall: from the wall's left end, above the floor datum, and from the level line. */
export type Mark = {
  label:
    | 'bracketLeft'
    | 'bracketRight'
    | 'bracketCentre'
    | 'nail'
    | 'frameTop'
    | 'frameCentre'
    | 'hemLeft'
    | 'hemRight';
  xMm: Mm;
  heightMm: Mm;
  fromLineMm: Mm;
  /** Where it is on another wall than its step. */
  wallId?: string;
};
export type FittingStep = {
  kind: 'rod' | 'curtain' | 'sheer' | 'picture' | 'seat';
  about: string;
  name: string;
  wallId: string;
  marks: Mark[];
  finishedMm: Mm[];
  count: number;
  /** Rings that are longer than usual, and where the pins go: what gives the cloth its height. */
  ringDropMm?: Mm;
  pinPlaceMm?: Mm;
  /** Hangs inside the tub, behind the curtain. */
  liner?: boolean;
};

type MarkPlace = { xMm: Mm; heightMm: Mm; wallId?: string | undefined };

/** Sets marks out from the studio's level line. */
export const marker = (rules: RuleBook) => {
  const levelLineMm = rules.number('fitting.levelLine');
  return (label: Mark['label'], { xMm, heightMm, wallId }: MarkPlace): Mark => ({
    label,
    xMm,
    heightMm,
    fromLineMm: heightMm - levelLineMm,
    ...(wallId ? { wallId } : {}),
  });
};
