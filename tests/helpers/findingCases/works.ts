import { WORK } from '../../../src/core/model/defaults';
import type { Item, RoomFile, Work } from '../../../src/core/model/types';
import { inches, item, placement, standing } from '../rooms';
import type { FindingCases } from './case';
import { box, room, type Given } from './given';

const box1 = (more: Partial<Item> = {}): Item =>
  item({
    id: 'box',
    name: 'Tea chest',
    kind: 'object',
    widthMm: inches(10),
    heightMm: inches(12),
    depthMm: inches(8),
    ...more,
  });
const chest = box('chest', [64, 9], [48, 18], { heightMm: inches(30) });

export const work = (more: Partial<Work>): Work => ({
  ...WORK,
  id: 'w1',
  act: 'paint',
  on: 'walls',
  ...more,
});

/** A room 14 ft by 12 and 8 ft high, with a chest and a box on it, and one work. */
const worked = (more: Partial<Work>, given: Given = {}): RoomFile =>
  room({
    pieces: [chest],
    items: [box1()],
    placements: [placement({ id: 'p', itemId: 'box', xMm: inches(24), ...standing('chest') })],
    works: [work(more)],
    ...given,
  });
const onBox = { on: 'item', itemId: 'box' } as const;
const onChest = { on: 'piece', of: 'chest' } as const;
const cutTo = (heightIn: number) =>
  worked({ ...onBox, act: 'cutDown', after: { ...WORK.after, heightMm: inches(heightIn) } });
const rented = (more: Partial<Work>) => worked(more, { flags: { rented: true } });
/** All walls: 52 ft round and 8 ft high, 38.65 m²: two coats at 11 m² a litre and a tenth to spare take 7.73 l. */
const left = (leftLitres: number) => worked({ leftLitres });
const film = { act: 'film', on: 'wall', of: 'n' } as const;
const strip = { widthMm: 450, lengthMm: null, overlapMm: 10 };
/** Strips for a wall of 96 in are 100 in long: 2540 mm. The wall of 168 in takes ten of them, 25.4 m. */
const onRoll = (lengthMm: number | null, leftMm: number | null = null) =>
  worked({ ...film, strip: { ...strip, lengthMm }, leftMm });
/** Round 10 by 12 by 8 in, turned under: a piece of 787 by 838 mm. */
const recovered = (widthMm: number) => worked({ ...onBox, act: 'recover', strip: { ...strip, widthMm } });
const pulls = (oldMm: number, newMm: number) =>
  worked({ ...onChest, act: 'pulls', pulls: { count: 6, oldMm, newMm, plateMm: null } });

export const WORKS_CASES = {
  'work-unused': {
    level: 'caution',
    shows: worked(onBox, { placements: [] }),
    not: worked(onBox),
  },
  'work-not-owned': {
    level: 'caution',
    shows: worked(onBox, { items: [box1({ count: 0 })] }),
    not: worked(onBox),
  },
  'work-grows': { level: 'stop', shows: cutTo(12.5), not: cutTo(12) },
  'work-rented': {
    level: 'caution',
    shows: rented({ on: 'trim' }),
    not: rented({ on: 'trim', undo: 'yes' }),
  },
  'work-old-paint': {
    level: 'caution',
    shows: worked({ ...onChest, act: 'sand' }),
    not: worked({ ...onBox, act: 'sand' }),
  },
  'work-untried': { level: 'caution', shows: worked({ trial: 'toDo' }), not: worked({ trial: 'done' }) },
  'work-wait-open': {
    level: 'caution',
    shows: worked({ ...onBox, act: 'glue' }),
    not: worked({ ...onBox, act: 'glue', waitHours: 12 }),
  },
  'work-size-open': { level: 'caution', shows: worked(film), not: onRoll(null) },
  'pull-holes-meet': { level: 'caution', shows: pulls(64, 76), not: pulls(64, 96) },
  'paint-left-enough': { level: 'ok', shows: left(7.8), not: left(7.7) },
  'paint-left-short': { level: 'caution', shows: left(7.7), not: left(7.8) },
  'strip-past-roll': { level: 'stop', shows: onRoll(2500), not: onRoll(2600) },
  'sheet-past-roll': { level: 'stop', shows: recovered(500), not: recovered(800) },
  'strip-left-short': { level: 'caution', shows: onRoll(null, 25_300), not: onRoll(null, 25_500) },
} satisfies FindingCases;
