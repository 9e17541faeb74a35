import type { Mm } from '../base/units';
import type { Item, ItemKind, Lie, Placement } from '../model/types';
import type { RuleBook } from '../rules/book';
import { pillowThickness, takenSize } from './pillow';
import type { Spot } from './spots/spot';
import { isMade, type Made } from './made';
import { isTabled, type Tabled } from './tableLinen';
import { foldOf, isDraped, LAYERS_OF, type Draped } from './throws';

/** How a thing lies that takes its size from itself. */
export type OwnLie = Exclude<Lie, Draped | Made | Tabled>;
type Lying = { lie: OwnLie; count: number; fold?: Placement['fold'] };
/** Width as one faces it, depth, height. */
export type Extent = { widthMm: Mm; depthMm: Mm; heightMm: Mm };

/** The ways in which each kind lies, the usual one first. */
const LIES_OF: Partial<Record<ItemKind, readonly Lie[]>> = {
  cover: ['propped', 'proppedSide', 'flat'],
  bedding: ['folded', 'flat'],
  tablecloth: ['folded'],
  runner: ['folded'],
  placemat: ['flat'],
  napkin: ['folded', 'flat'],
  panel: ['folded'],
  rug: ['flat'],
  book: ['standing', 'flat'],
  art: ['leaning', 'standing', 'flat'],
  mirror: ['leaning', 'standing', 'flat'],
  frame: ['leaning', 'standing', 'flat'],
  wallPanel: ['leaning', 'flat'],
  tray: ['standing', 'leaning'],
  candle: ['standing'],
  plant: ['standing'],
  lampshade: ['standing'],
  bulb: ['standing'],
};
const USUAL: readonly Lie[] = ['standing', 'side', 'overturned'];
const HANGING: readonly Lie[] = ['hanging'];
const AGAINST_A_BACK: ReadonlySet<Lie> = new Set(['propped', 'proppedSide']);
const BACKED: ReadonlySet<string> = new Set(['seat', 'mattress']);
/** A throw is draped where something is under it, and folded everywhere else. */
const THROW_LIES: Partial<Record<string, readonly Lie[]>> = {
  seat: ['overBack', 'corner', 'acrossSeat', 'folded'],
  mattress: ['acrossFoot', 'overBack', 'folded'],
  arm: ['overArm', 'folded'],
  // folded in thirds a shawl is a runner (common practice)
  top: ['folded', 'alongTable', 'acrossTable'],
};
/** Bedding is spread over a bed, or folded across its foot. */
const ON_A_BED: readonly Lie[] = ['made', 'acrossFoot', 'folded'];
/** Table linen is laid where people sit at a top, and put away folded everywhere else. */
const ON_A_TABLE: Partial<Record<ItemKind, readonly Lie[]>> = {
  tablecloth: ['overTable', 'folded'],
  runner: ['alongTable', 'acrossTable', 'folded'],
  placemat: ['atPlaces', 'flat'],
  napkin: ['atPlaces', 'folded', 'flat'],
};

/**
 * How a thing may lie on a part of furniture, the usual way first: what leans on a back does so where there is one, and
 * lies otherwise everywhere else.
 */
export function liesOn(kind: ItemKind, partKind: string): readonly Lie[] {
  if (partKind === 'hook' || partKind === 'rung') return HANGING;
  if (kind === 'bedding' && partKind === 'mattress') return ON_A_BED;
  if (kind === 'throw') return THROW_LIES[partKind] ?? ['folded'];
  const tabled = partKind === 'top' ? ON_A_TABLE[kind] : undefined;
  if (tabled) return tabled;
  const lies = LIES_OF[kind] ?? USUAL;
  const leaning = lies.filter((lie) => AGAINST_A_BACK.has(lie));
  if (leaning.length > 0 && BACKED.has(partKind)) return leaning;
  return lies.filter((lie) => !AGAINST_A_BACK.has(lie));
}

/** How a thing may lie on a spot: a tray or a pile of books is no table, though things stand on its top. */
export const liesAt = (kind: ItemKind, { kind: partKind, of, root }: Pick<Spot, 'kind' | 'of' | 'root'>) =>
  liesOn(kind, partKind === 'top' && of !== root ? 'board' : partKind);

export const usualLie = (kind: ItemKind, partKind: string): Lie => liesOn(kind, partKind)[0] ?? 'standing';

/** A pillow leaning on a back, on either of its sides. */
export const isPropped = ({ lie }: Pick<Placement, 'lie'>): boolean =>
  lie === 'propped' || lie === 'proppedSide';
export const isOwnLie = (lie: Lie): lie is OwnLie => !isDraped(lie) && !isMade(lie) && !isTabled(lie);
/** Cloth laid over furniture, whose size follows from that. */
export const isLaid = ({ lie }: Pick<Placement, 'lie'>): boolean => !isOwnLie(lie);
/** What stands for itself, on a top or in something; not a pillow or cloth laid over furniture. */
export const isObject = (placement: Pick<Placement, 'lie'>): boolean =>
  !isPropped(placement) && !isLaid(placement);

/** What is spread over a whole bed or laid on a table lies straight, in its middle; only a runner across is moved along. */
export const isStraight = (lie: Lie): boolean => isMade(lie) || isTabled(lie);
export const isInTheMiddle = (lie: Lie): boolean => isStraight(lie) && lie !== 'acrossTable';

/** A thing as it is seen: its other face, where that is turned up. */
export const facing = (item: Item, face: Placement['face']): Item =>
  face === 'back' && item.back ? { ...item, ...item.back, back: null } : item;

/** Kinds that are thin however they are measured. */
const THIN_KINDS: ReadonlySet<ItemKind> = new Set(['art', 'mirror', 'frame', 'wallPanel']);
const THIN: Mm = 25;
/** Cloth that is folded: in thirds across unless it is said, in four along, so many layers of a finger's thickness. */
const FOLDED = { along: 4, layerMm: 5 };
/** A cloth in thirds, hung by its middle, so many layers thick. */
const HUNG_LAYERS = 12;
/** A thing that leans stands off by this much of its height. */
const LEAN = Math.sin((10 * Math.PI) / 180);
const UPRIGHT = Math.cos((10 * Math.PI) / 180);

/** A depth that nobody measured is the width, of what is not flat. */
export function depthOf({ kind, widthMm, depthMm }: Pick<Item, 'kind' | 'widthMm' | 'depthMm'>): Mm {
  if (depthMm > 0) return depthMm;
  return THIN_KINDS.has(kind) ? Math.min(THIN, widthMm) : widthMm;
}

const folded = ({ widthMm, heightMm }: Item, _rules: RuleBook, fold: Placement['fold']): Extent => {
  const across = LAYERS_OF[foldOf({ lie: 'folded', fold })];
  return {
    widthMm: Math.max(widthMm, heightMm) / FOLDED.along,
    depthMm: Math.min(widthMm, heightMm) / across,
    heightMm: FOLDED.along * across * FOLDED.layerMm,
  };
};

/** Cloth hangs over a hook by its middle, in thirds (common practice); other things hang as they stand. */
const HANGS_FOLDED: ReadonlySet<ItemKind> = new Set([
  'throw',
  'bedding',
  'panel',
  'cover',
  'tablecloth',
  'runner',
]);
const hanging = (item: Item, _rules: RuleBook, fold: Placement['fold']): Extent =>
  HANGS_FOLDED.has(item.kind)
    ? {
        widthMm: Math.min(item.widthMm, item.heightMm) / LAYERS_OF[foldOf({ lie: 'hanging', fold })],
        depthMm: HUNG_LAYERS * FOLDED.layerMm,
        heightMm: Math.max(item.widthMm, item.heightMm) / 2,
      }
    : { widthMm: item.widthMm, depthMm: depthOf(item), heightMm: item.heightMm };

const propped = (item: Item, turned: boolean, rules: RuleBook): Extent => ({
  ...takenSize(item, turned, rules),
  depthMm: pillowThickness(item, rules),
});

const onItsBack = (item: Item): Extent => ({
  widthMm: item.widthMm,
  depthMm: item.heightMm,
  heightMm: depthOf(item),
});
/** Books lie with their spines to the front; a pillow is as thick as it is filled. */
const FLAT: Partial<Record<ItemKind, (item: Item, rules: RuleBook) => Extent>> = {
  book: (item) => ({ widthMm: item.heightMm, depthMm: depthOf(item), heightMm: item.widthMm }),
  cover: (item, rules) => ({ ...onItsBack(item), heightMm: pillowThickness(item, rules) }),
};

/** What leans stands on its foot; a tray on its edge, its face to the front. */
function leant(item: Item): { tallMm: Mm; thickMm: Mm } {
  const [highMm, deepMm] = [item.heightMm, depthOf(item)];
  return item.kind === 'tray'
    ? { tallMm: Math.max(highMm, deepMm), thickMm: Math.min(highMm, deepMm) }
    : { tallMm: highMm, thickMm: deepMm };
}

type ExtentOf = (item: Item, rules: RuleBook, fold: Placement['fold']) => Extent;
const EXTENTS: Record<OwnLie, ExtentOf> = {
  standing: (item) => ({ widthMm: item.widthMm, depthMm: depthOf(item), heightMm: item.heightMm }),
  overturned: (item) => ({ widthMm: item.widthMm, depthMm: depthOf(item), heightMm: item.heightMm }),
  side: (item) => ({ widthMm: item.heightMm, depthMm: depthOf(item), heightMm: item.widthMm }),
  flat: (item, rules) => FLAT[item.kind]?.(item, rules) ?? onItsBack(item),
  leaning: (item) => {
    const { tallMm, thickMm } = leant(item);
    return {
      widthMm: item.widthMm,
      depthMm: tallMm * LEAN + thickMm * UPRIGHT,
      heightMm: tallMm * UPRIGHT,
    };
  },
  folded,
  hanging,
  propped: (item, rules) => propped(item, false, rules),
  proppedSide: (item, rules) => propped(item, true, rules),
};

/** Cloth that is put into something loosely takes about twice the room that it takes folded (common practice). */
const LOOSE = 2;

/**
 * How large a thing is on a spot, all of its count together. Cloth in a basket gives way: it takes what the basket has and
 * rises by what is left of it, out over the rim where that is more.
 */
export function extentAt(item: Item, lying: Lying, spot: InSpot, rules: RuleBook): Extent {
  const own = extentOf(item, lying, rules);
  if (spot.kind !== 'inside' || lying.lie !== 'folded') return own;
  const widthMm = Math.min(own.widthMm, spot.widthMm);
  const depthMm = Math.min(own.depthMm, spot.depthMm);
  const volume = own.widthMm * own.depthMm * own.heightMm * LOOSE;
  return { widthMm, depthMm, heightMm: widthMm * depthMm > 0 ? volume / (widthMm * depthMm) : own.heightMm };
}
type InSpot = Pick<Spot, 'kind' | 'widthMm' | 'depthMm'>;

/** Things that share one place however many they are: a bunch. */
const BUNCHED: ReadonlySet<ItemKind> = new Set(['stem']);

/**
 * How large a thing is as it lies, all of its count together: flat ones are stacked, stems are one bunch, others stand side
 * by side. Cloth laid over furniture takes its size from that.
 */
export function extentOf(item: Item, { lie, count, fold = null }: Lying, rules: RuleBook): Extent {
  const one = EXTENTS[lie](item, rules, fold);
  if (count === 1 || BUNCHED.has(item.kind)) return one;
  const isStacked = lie === 'flat' || lie === 'folded';
  return isStacked ? { ...one, heightMm: one.heightMm * count } : { ...one, widthMm: one.widthMm * count };
}
