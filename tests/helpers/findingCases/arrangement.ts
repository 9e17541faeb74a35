import { BROUGHT } from '../../../src/core/model/defaults';
import type { Item } from '../../../src/core/model/types';
import { inches, item } from '../rooms';
import type { FindingCases } from './case';
import { box, room, type Given } from './given';

const chair = (more: Partial<Item> = {}): Item =>
  item({
    id: 'chair',
    name: 'Cane chair',
    kind: 'chair',
    widthMm: inches(28),
    heightMm: inches(32),
    depthMm: inches(28),
    ...more,
  });
const chairAt = (xIn: number, yIn: number, more: Partial<Item> = {}, given: Given = {}) =>
  room({
    items: [chair(more)],
    brought: [{ id: 'b', itemId: 'chair', ...BROUGHT, xMm: inches(xIn), yMm: inches(yIn), turnDeg: 0 }],
    ...given,
  });
/** A chest of the room that the look moves: its middle so far from the west wall. */
const chestMovedTo = (xIn: number) =>
  room({
    pieces: [box('chest', [84, 60], [48, 18])],
    moved: [{ id: 'chest', isOut: false, xMm: inches(xIn), yMm: inches(60), turnDeg: 0 }],
  });

/** A chair at 120 that nobody owns, with so much to spend. */
const mostSpent = (mostCost: number) => chairAt(84, 60, { count: 0, price: 12000 }, { brief: { mostCost } });

export const ARRANGEMENT_CASES = {
  'over-cost': { level: 'caution', shows: mostSpent(11999), not: mostSpent(12000) },
  'stands-past-wall': { level: 'stop', shows: chestMovedTo(20), not: chestMovedTo(24) },
  'taller-than-ceiling': {
    level: 'stop',
    shows: chairAt(84, 60, { heightMm: inches(97) }),
    not: chairAt(84, 60, { heightMm: inches(96) }),
  },
  'not-for-floor': { level: 'stop', shows: chairAt(84, 60, { kind: 'vase' }), not: chairAt(84, 60) },
} satisfies FindingCases;
