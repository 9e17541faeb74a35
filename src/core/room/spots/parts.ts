import type { ItemKind } from '../../model/types';
import { LAID_CLOTH } from '../../model/values/item';

/** Everything that stands on a top. */
const STANDS: readonly ItemKind[] = [
  'vase',
  'candle',
  'basket',
  'tray',
  'book',
  'object',
  'plant',
  'frame',
  'art',
  'mirror',
  'wallPanel',
  'bowl',
  'lantern',
  'candlestick',
  'dome',
  'pot',
  'garland',
  'lampBase',
];

/** What each kind of part takes. A new kind is a row here and a row where its host offers it. */
export const TAKES = {
  seat: [...LAID_CLOTH, ...STANDS],
  mattress: [...LAID_CLOTH, ...STANDS],
  top: [...STANDS, ...LAID_CLOTH],
  bay: [...STANDS, ...LAID_CLOTH],
  lower: [...STANDS, ...LAID_CLOTH],
  mantel: STANDS,
  sill: STANDS,
  edge: STANDS,
  counter: STANDS,
  /** The floor beside a seat or a bed, under what is open underneath, in a corner of the room. */
  beside: STANDS,
  under: [...STANDS, ...LAID_CLOTH],
  corner: STANDS,
  /** A tread of a stair. */
  step: STANDS,
  /** The floor in front of a fire. */
  hearth: STANDS,
  hob: ['pot', 'bowl', 'object'],
  /** What hangs down from it. */
  hook: ['throw', 'bedding', 'basket', 'object', 'garland'],
  /** A rung of a ladder, which cloth hangs over. */
  rung: ['throw', 'bedding', 'tablecloth', 'runner', 'garland'],
  arm: ['throw', 'tray'],
  mouth: ['stem', 'plant'],
  inside: [...STANDS, ...LAID_CLOTH, 'stem', 'panel'],
  socket: ['candle'],
  shade: ['lampshade'],
  /** Where a lamp's bulb is. */
  holder: ['bulb'],
  /** The top of what is no surface, such as a lamp: nothing is offered there, but what an older file put there stays. */
  perch: [],
} as const satisfies Record<string, readonly ItemKind[]>;

export type PartKind = keyof typeof TAKES;

/** Parts that things hang from: what is free is below them. */
export const isHungFrom = (kind: PartKind): boolean => kind === 'hook' || kind === 'rung';

/** Floor that is offered as far as nothing else needs it: what stands there is walked round. */
export const isOpenFloor = (kind: PartKind): boolean => kind === 'beside' || kind === 'corner';
/** Parts of the floor itself. */
export const isOnFloor = (kind: PartKind): boolean => isOpenFloor(kind) || kind === 'under';

export const takes = (kind: PartKind, item: ItemKind): boolean =>
  (TAKES[kind] as readonly ItemKind[]).includes(item);
