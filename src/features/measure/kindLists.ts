import type { Fitting, Opening, Piece } from '../../core/model/types';

/** Kinds that are offered to be added, in the order in which they stand there. */
export const OPENINGS: readonly Opening['kind'][] = ['window', 'frenchDoor', 'door', 'arch'];
/** Set-backs and projections of a wall. */
export const BUMPS = ['bay', 'alcove', 'breast'] as const;
export const FITTINGS: readonly Fitting['kind'][] = [
  'fireplace',
  'radiator',
  'heater',
  'stove',
  'tv',
  'shelf',
  'socket',
  'switch',
  'vent',
  'pictureRail',
  'beam',
  'basin',
  'tub',
  'toilet',
  'stairs',
];
/** Kinds that are offered; 'table' and 'lamp' are what older rooms call them. */
export const PIECES: readonly Piece['kind'][] = [
  'sofa',
  'armchair',
  'wingChair',
  'windowSeat',
  'bench',
  'ottoman',
  'coffeeTable',
  'sideTable',
  'console',
  'chest',
  'bookcase',
  'desk',
  'diningTable',
  'diningChair',
  'bed',
  'cot',
  'bedside',
  'floorLamp',
  'tableLamp',
  'rug',
  'plant',
  'mirror',
];
