/** What one layer of cloth on one rod is chosen by, finds, and becomes. Lengths in mm along the rod. */
import type { Mm } from '../../base/units';
import type { ChosenRoute, Heading, Item, Landing, Lining } from '../../model/types';
import type { RuleId } from '../../rules/table';
import type { MakingPlan } from './made';
import type { BracketPlan, Ends, Reach } from './panels';
import type { Route } from './routes';
import type { Span } from './span';

/**
 * One panel as it hangs: where it covers the rod when drawn and when open, in front of which walls, over
 * which floor, how long.
 */
export type PanelPlan = {
  side: 'left' | 'right' | 'single';
  number: number;
  fromMm: Mm;
  toMm: Mm;
  stackFromMm: Mm;
  stackToMm: Mm;
  drawnOn: { wallId: string; fromXMm: Mm; toXMm: Mm }[];
  openOn: { wallId: string; fromXMm: Mm; toXMm: Mm }[];
  floorHighMm: Mm;
  floorLowMm: Mm;
  finishedLengthMm: Mm;
  bottomMm: Mm;
  folds: number;
};

/** A stretch along the rod. */
export type Stretch = { fromMm: Mm; toMm: Mm };

/** What is chosen for a layer, of the dressing or of its sheer. */
export type LayerChoice = {
  cloth: Item | undefined;
  heading: Heading;
  pinMm: Mm | null;
  landing: Landing;
  fullness: number;
  panels: number | null;
  lining: Lining;
  route: ChosenRoute | null;
  clothWidthMm: Mm | null;
  repeatMm: Mm | null;
  halfDrop: boolean;
  flatWidthMm: Mm;
  stock: readonly Mm[];
  /** Hangs behind the curtain, on the inner rod. */
  isSheer: boolean;
  /** Panels at the sides that are never drawn. */
  decorative: boolean;
};
/** Where it hangs: the rod, how high it may go, what the hem lands on. */
export type LayerPlace = {
  span: Span;
  rodMm: Mm;
  /** Where the rod was before the chosen way moved it. */
  rodBeforeMm?: Mm;
  rodLowMm: Mm;
  rodHighMm: Mm;
  /** What the hem lands on under a stretch of the rod. */
  base: (fromMm: Mm, toMm: Mm) => { highMm: Mm; lowMm: Mm; measured: boolean };
  roomMm: Reach;
  given: { leftMm: Mm | null; rightMm: Mm | null };
  outer: { leftMm: Mm; rightMm: Mm; trims: Reach };
  ends: Ends;
  /**
   * What the hem keeps from what it lands on, where that is not the landing's to say: a shower's clear space,
   * nothing below a sill.
   */
  landMm: Mm | null;
  /** Whether a hem may lie down there. */
  mayLie: boolean;
  /** The rods on the leaves, where there is one on each; as many panels on each. */
  leaves?: readonly Stretch[];
};

export type LayerPlan = {
  itemId: string | null;
  heading: Heading;
  landing: Landing;
  landingMm: Mm;
  takeDownMm: Mm;
  /** How much of that longer rings or moved pins add to the usual one. */
  loweredMm: Mm;
  rodHeightMm: Mm;
  clothGsm: number;
  /** Whether that weight is a guess. */
  gsmGuessed: boolean;
  brackets: BracketPlan;
  leftMm: Mm;
  rightMm: Mm;
  sides: 1 | 2;
  /** Panels that are never drawn. */
  decorative: boolean;
  panels: number;
  /** The panels of the side that has more. */
  mostPerSide: number;
  fullness: number;
  wishedFullness: number;
  /** Fewer panels and their fullness, where there is much more than the target. */
  fewer: {
    panels: number;
    fullness: number;
  } | null;
  flatWidthMm: Mm;
  stackLeftMm: Mm;
  stackRightMm: Mm;
  /** The wider of the two stacks. */
  stackPerSideMm: Mm;
  panelPlans: PanelPlan[];
  finishedLengthMm: Mm;
  unevenMm: Mm;
  alongPanelMm: Mm;
  measured: boolean;
  positive: boolean;
  oneLength: boolean;
  routes: Route[];
  /** Ways that were found but aren't listed. */
  routesLeftOut: number;
  chosenRoute: Route | null;
  making: MakingPlan;
  repeatMm: Mm;
  rings: number;
  /** From the rod's centre to where a ring holds the cloth, and the pin's place below a pleat's top. */
  ringDropMm: Mm | null;
  pinPlaceMm: Mm | null;
  hooks: number;
  rules: { landing: RuleId | null; takeDown: RuleId; packing: RuleId };
};
