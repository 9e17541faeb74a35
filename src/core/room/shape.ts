import { elementAt } from '../base/list';
import type { Mm } from '../base/units';
import type { Box, Point } from '../geometry/plane';
import type { OverheadPoint } from './ceiling';
import type { Heading, Pattern, Placement, RodMake, Swatch } from '../model/types';

export type Form =
  | 'wall'
  | 'skirting'
  | 'frame'
  | 'pane'
  | 'door'
  | 'box'
  | 'cushion'
  | 'leg'
  | 'pillow'
  | 'throw'
  | 'tossed'
  | 'across'
  | 'spread'
  | 'curtain'
  | 'rod'
  | 'shade'
  | 'lampBase'
  | 'picture'
  | 'fire'
  | 'socket'
  | 'radiator'
  | 'foliage'
  | 'vase'
  | 'thing'
  | 'bowl'
  | 'pot'
  | 'tray'
  | 'basket'
  | 'candle'
  | 'candlestick'
  | 'lantern'
  | 'dome'
  | 'books'
  | 'stack'
  | 'stems'
  | 'garland'
  | 'folded'
  | 'stairs';

/**
 * One thing, or a part of it, as it stands on an unrolled wall. What is drawn, printed and counted is this
 * list.
 */
export type Shape = {
  key: string;
  /** Id of the opening, piece, item placement … it belongs to; 'wall' and 'floor' for the shell. */
  about: string;
  name: string;
  form: Form;
  box: Box;
  /** How far from the wall, for what hides what. */
  depthMm: Mm;
  /** Empty: covers what is behind it but has no colour of its own (glass, cloth that is not chosen yet). */
  colours: readonly Swatch[];
  pattern: Pattern;
  soft: boolean;
  /** Part of the shell or of furniture that stays. */
  fixed: boolean;
  /** Only wished for: drawn with a mark. */
  wish?: true;
  /** Folds of a curtain panel, and whether it is drawn open. */
  folds?: number;
  /**
   * How a curtain is headed, what a rod is, or that a picture is a mirror; and how far the rod's centre is
   * above the panel's top.
   */
  heading?: Heading | RodMake | 'mirror';
  rodMm?: Mm;
  /** Share of the light that a thin cloth lets through: what is behind it is seen through it. */
  seeThrough?: number;
  /** At which ends a rod has finials. */
  finials?: 'left' | 'right' | 'leftright' | '';
  /** The side that stairs go up to. */
  rises?: 'left' | 'right';
  /** How far a throw across an arm or a bed hangs down at its left and right, as it is seen. */
  legLeftMm?: Mm;
  legRightMm?: Mm;
  /** How far bedding hangs down on the side of the bed that one faces. */
  faceMm?: Mm;
  /** A pillow: round, with a dent in its top edge, its zip on that side. */
  round?: true;
  chopped?: true;
  zip?: Placement['zip'];
  /** How many of them stand together, where that is seen. */
  many?: number;
  /** Stands away from the wall: it is not cut where the wall ends. */
  stands?: true;
  /** Where the middle of what was put on something is on the plan. */
  at?: Point;
  /** All colours of a thing that is drawn in parts: together they show it as a whole. */
  wholeColours?: readonly Swatch[];
};

/** edge: the wall's upper edge from left to right, where slopes and beams come down to it. */
export type Elevation = {
  wallId: string;
  lengthMm: Mm;
  ceilingMm: Mm;
  edge: OverheadPoint[];
  shapes: Shape[];
};

/** What cloth that is not chosen yet is drawn with. */
export const UNDYED = { l: 88, a: 0, b: 3 } as const;

export const PLAIN: Pattern = { kind: 'solid', repeatMm: 0 };

/** Fields that two shapes have to have the same, beside their box, pattern and colours. */
const PLAIN_FIELDS = [
  'form',
  'key',
  'about',
  'name',
  'depthMm',
  'soft',
  'fixed',
  'folds',
  'heading',
  'rodMm',
  'seeThrough',
  'rises',
  'finials',
  'stands',
  'many',
  'wish',
  'legLeftMm',
  'legRightMm',
  'faceMm',
  'round',
  'chopped',
  'zip',
] as const satisfies readonly (keyof Shape)[];

/** Every field of a shape is compared: one that is not does not compile. */
type Uncompared = Exclude<
  keyof Shape,
  (typeof PLAIN_FIELDS)[number] | 'box' | 'pattern' | 'colours' | 'at' | 'wholeColours'
>;

const sameBox = (a: Box, b: Box): boolean =>
  a.xMm === b.xMm && a.yMm === b.yMm && a.widthMm === b.widthMm && a.heightMm === b.heightMm;

const sameSwatch = (a: Swatch, b: Swatch | undefined): boolean =>
  a === b ||
  (b !== undefined && a.l === b.l && a.a === b.a && a.b === b.b && a.share === b.share && a.name === b.name);

const sameSwatches = (a: readonly Swatch[], b: readonly Swatch[]): boolean =>
  a === b || (a.length === b.length && a.every((c, i) => sameSwatch(c, b[i])));

/** Whether two shapes are drawn and counted the same. */
export const sameShape = (
  s: Shape & { [K in Uncompared]: never },
  t: Shape & { [K in Uncompared]: never },
): boolean =>
  s === t ||
  (PLAIN_FIELDS.every((field) => s[field] === t[field]) &&
    sameBox(s.box, t.box) &&
    s.pattern.kind === t.pattern.kind &&
    s.pattern.repeatMm === t.pattern.repeatMm &&
    s.at?.xMm === t.at?.xMm &&
    s.at?.yMm === t.at?.yMm &&
    sameSwatches(s.wholeColours ?? [], t.wholeColours ?? []) &&
    sameSwatches(s.colours, t.colours));

const sameElevation = (a: Elevation, b: Elevation): boolean =>
  a.wallId === b.wallId &&
  a.lengthMm === b.lengthMm &&
  a.ceilingMm === b.ceilingMm &&
  a.shapes.length === b.shapes.length &&
  a.edge.length === b.edge.length &&
  a.edge.every(
    (p, i) => p.xMm === elementAt(b.edge, i).xMm && p.heightMm === elementAt(b.edge, i).heightMm,
  ) &&
  a.shapes.every((s, i) => sameShape(s, elementAt(b.shapes, i)));

/**
 * Elevations with those of before kept where nothing of theirs changed, so that what draws them can tell at
 * once.
 */
export const keepElevations = (now: readonly Elevation[], previous: readonly Elevation[]): Elevation[] =>
  now.map((e, i) => {
    const was = previous[i];
    return was && sameElevation(e, was) ? was : e;
  });
