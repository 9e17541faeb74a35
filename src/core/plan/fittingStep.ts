import type { Gram, Mm } from '../base/units';
import type { Work } from '../model/types';
import type { RuleBook } from '../rules/book';
import type { WorkPlan } from '../stages/works/planWork';
import type { PanelWork } from '../stages/windows/panelWork';
import type { Fixing } from '../stages/walls/fixing';

/** A mark on a wall: from the wall's left end, above the floor datum, and from the level line. */
export type Mark = {
  label:
    | 'bracketLeft'
    | 'bracketRight'
    | 'bracketCentre'
    | 'nail'
    | 'shelfBracket'
    | 'leanTop'
    | 'frameTop'
    | 'frameCentre'
    | 'hemLeft'
    | 'hemRight';
  xMm: Mm;
  heightMm: Mm;
  fromLineMm: Mm;
  /** Down from the ceiling over it, where the studio measures from there. */
  fromCeilingMm?: Mm;
  /** Where it is on another wall than its step. */
  wallId?: string;
};
export type FittingStep = {
  kind: 'work' | 'floor' | 'rod' | 'curtain' | 'sheer' | 'shelf' | 'picture' | 'seat' | 'bed' | 'surface';
  about: string;
  name: string;
  wallId: string;
  marks: Mark[];
  finishedMm: Mm[];
  count: number;
  /** What is done to each panel, where they are of different lengths. */
  panels?: PanelWork[];
  /** Rings that are longer than usual, and where the pins go: what gives the cloth its height. */
  ringDropMm?: Mm;
  pinPlaceMm?: Mm;
  /** What holds a picture, and whether its weight was guessed. */
  fixing?: Fixing;
  massGuessed?: boolean;
  twoPoints?: boolean;
  /** It leans, with its foot so far out from the wall. */
  footMm?: Mm;
  /** The most that one bracket of a shelf carries. */
  bracketG?: Gram;
  /** Which part of its piece a surface is. */
  part?: { kind: string; n: number; of: number };
  /** Loose cushions of a seat that are taken out, and where they are kept; no words where that is not known yet. */
  cushions?: { count: number; where: string };
  /** What is spread over a bed, from the mattress up; how much comes off it at night, and where that is put. */
  made?: string[];
  /** What a table is laid with, from below. */
  laid?: { name: string; count: number }[];
  night?: { count: number; where: string };
  /** What is set out on a surface, a seat or a bed: its middle from the left end, and what carries it where something does. */
  setOut?: { name: string; count: number; xMm: Mm; on: string | null }[];
  /** Furniture that is moved for the look: its left end along the wall, and its nearest edge from it. */
  floor?: { act: 'in' | 'out' | 'moved'; alongMm: Mm; fromWallMm: Mm };
  /** What is done before the day: with how much, when it is begun at the latest, how long it waits. */
  work?: Pick<Work, 'act' | 'on' | 'coats' | 'minutes'> &
    Pick<WorkPlan, 'amount' | 'beginDays' | 'waitHours'>;
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
