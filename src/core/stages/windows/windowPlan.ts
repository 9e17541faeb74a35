import type { Mm } from '../../base/units';
import type { Finding } from '../../model/finding';
import type { Landing, Mount } from '../../model/types';
import type { Live } from '../../room/cables';
import type { RuleId } from '../../rules/table';
import type { RodLoad, RodSection } from './beam';
import type { LayerPlan, PanelPlan } from './layer';
import type { LightPlan } from './light';
import type { Reach } from './panels';
import type { Span } from './span';

export type { PanelPlan } from './layer';

/** What is dressed: one window, several round a bay under one rod, or a tub with its shower curtain. */
export type WindowTarget = { id: string; name: string; wallId: string; span: Span; shower: boolean };

/** A thing at the wall along the rod, over the heights that it takes. */
export type ThingAtWall = {
  id: string;
  name: string;
  fromMm: Mm;
  toMm: Mm;
  bottomMm: Mm;
  topMm: Mm;
  /** A stack ends before it wherever it shares a height with the cloth; another is only told of. */
  holds: boolean;
  /** Radiators, heaters and vents: cloth over them is found by rules of their own. */
  hasOwnFinding: boolean;
};

/**
 * What the window's wall leaves it: free room beyond the trim on each side and what stands there. Places lie
 * along the rod.
 */
export type WindowPlace = {
  /** Lowest ceiling, slope, beam, crown or thing on the wall over a stretch of the rod, and what it is. */
  overhead: (fromMm: Mm, toMm: Mm) => { mm: Mm; by: string };
  /** The lowest of the ceiling itself there, before the crown. */
  ceilingOver: (fromMm: Mm, toMm: Mm) => Mm;
  roomMm: Reach;
  /** What ends that room on each side: the name of an opening, or the wall's own end. */
  endsAt: { left: string; right: string };
  /** From the trim to the end of the wall itself. */
  toWallMm: Reach;
  /** Furniture and fittings at the wall that rod or cloth can meet. */
  things: readonly ThingAtWall[];
  /** The line shared by the room's windows; undefined when each keeps its own. */
  lineMm: Mm | undefined;
  wheelchair: boolean;
  rented: boolean;
  /**
   * Hot things near the wall: along-the-wall span and distance rules are checked by the caller's geometry.
   */
  heaters: readonly { id: string; name: string; distanceMm: (fromMm: Mm, toMm: Mm) => Mm }[];
  radiators: readonly { id: string; name: string; xMm: Mm; widthMm: Mm; topMm: Mm }[];
  /** Doors and stairs that people pass by, how far from a stretch of the rod. */
  ways: readonly { id: string; name: string; stairs: boolean; distanceMm: (fromMm: Mm, toMm: Mm) => Mm }[];
  vents: readonly { id: string; name: string; xMm: Mm; widthMm: Mm; bottomMm: Mm; topMm: Mm }[];
  /** Sockets and switches on the wall, along the rod: cables run up and across from them. */
  electric: readonly Live[];
};

export type WindowPlan = {
  openingId: string;
  dressingId: string;
  name: string;
  wallId: string;
  /** All windows under this rod, from the left; one unless it is bent round a bay. */
  openingIds: string[];
  shower: boolean;
  mount: Mount;
  span: Span;
  rodHeightMm: Mm;
  rodFrom: 'own' | 'line' | 'school' | 'mount';
  /** Whether it can't hold the line that the other windows share. */
  offLine: boolean;
  frameTopMm: Mm;
  hemOn: 'floor' | 'sill' | 'apron' | 'leaf';
  /** Rod and brackets before the walls; the ends in wall coordinates of the first and the last wall. */
  rodOn: { wallId: string; fromXMm: Mm; toXMm: Mm }[];
  bracketLeftXMm: Mm;
  bracketRightXMm: Mm;
  bracketToBracketMm: Mm;
  extensionLeftMm: Mm;
  extensionRightMm: Mm;
  takeDownMm: Mm;
  /** How much of that longer rings or moved pins add to the usual one. */
  loweredMm: Mm;
  landing: Landing;
  landingMm: Mm;
  finishedLengthMm: Mm;
  panels: number;
  fullness: number;
  flatWidthMm: Mm;
  panelPlans: PanelPlan[];
  /** From rod to wall at each end, and the overlap in the middle of a pair. */
  returnMm: Mm;
  overlapMm: Mm;
  stackLeftMm: Mm;
  stackRightMm: Mm;
  stackPerSideMm: Mm;
  /** Panels that are never drawn. */
  decorative: boolean;
  /** From the rod's centre to where a ring holds the cloth, and the pin's place below a pleat's top. */
  ringDropMm: Mm | null;
  pinPlaceMm: Mm | null;
  glassWidthMm: Mm;
  glassCoveredMm: Mm;
  glassCoveredShare: number;
  routes: LayerPlan['routes'];
  routesLeftOut: number;
  chosenRoute: LayerPlan['chosenRoute'];
  making: LayerPlan['making'];
  /** Repeat of the cloth's own pattern. */ repeatMm: Mm;
  layerGsm: number;
  /** Whether that weight is a guess. */
  gsmGuessed: boolean;
  /** The sheer on the inner rod. */
  sheer: LayerPlan | null;
  light: LightPlan;
  /** Share of the light that each layer lets through. */
  passes: { main: number; sheer: number };
  rod: {
    section: RodSection;
    load: RodLoad;
    lengthMm: Mm;
    bends: number;
    /** How many rods of that length. */ count: number;
  };
  /**
   * Rods that move with the leaves: where each is, and the height of those below, where the cloth has a
   * pocket at its hem.
   */
  leaves: readonly { fromMm: Mm; toMm: Mm }[] | null;
  lowerRodMm: Mm | null;
  /** Where the brackets are fixed: before which wall, where on it, how high; rod by rod. */
  bracketsAt: { wallId: string; xMm: Mm; heightMm: Mm }[];
  brackets: number;
  rings: number;
  hooks: number;
  finials: number;
  rulesUsed: {
    rod: RuleId;
    extension: RuleId;
    landing: RuleId | null;
    takeDown: RuleId;
    packing: RuleId;
    light: RuleId;
  };
  findings: Finding[];
};
