import type { Item, Piece, Placement } from '../../../src/core/model/types';
import { inches, item, placement, standing } from '../rooms';
import type { FindingCases } from './case';
import { box, room, type Given } from './given';

/** A dining table, 72 × 36 in and 30 high, in the middle of the room. */
const table = (more: Partial<Piece> = {}): Piece =>
  box('table', [84, 72], [72, 36], { kind: 'diningTable', heightMm: inches(30), ...more });
/** A round one, 60 in across. */
const roundTable = table({ widthMm: inches(60), depthMm: inches(60), round: true });
const linen = (kind: Item['kind'], [w, h]: readonly [number, number], more: Partial<Item> = {}): Item =>
  item({ id: kind, name: `The ${kind}`, kind, widthMm: inches(w), heightMm: inches(h), count: 20, ...more });
const lay = (itemId: Item['kind'], lie: Placement['lie'], count = 1): Placement =>
  placement({ id: `p-${itemId}`, itemId, ...standing('table'), lie, count });
const withCloth = (size: readonly [number, number], more: Partial<Item> = {}, given: Given = {}) =>
  room({
    pieces: [table()],
    items: [linen('tablecloth', size, more)],
    placements: [lay('tablecloth', 'overTable')],
    ...given,
  });
const withRunner = (longIn: number) =>
  room({
    pieces: [table()],
    items: [linen('runner', [longIn, 14])],
    placements: [lay('runner', 'alongTable')],
  });
const withMats = (count: number, more: Given & { table?: Partial<Piece>; runnerIn?: number } = {}) => {
  const { table: its, runnerIn, ...given } = more;
  return room({
    pieces: [table(its)],
    items: [linen('placemat', [18, 14]), linen('runner', [84, runnerIn ?? 1])],
    placements: [
      lay('placemat', 'atPlaces', count),
      ...(runnerIn === undefined ? [] : [lay('runner', 'alongTable')]),
    ],
    ...given,
  });
};
const withNapkins = (count: number) =>
  room({
    pieces: [table()],
    items: [linen('placemat', [18, 14]), linen('napkin', [18, 18])],
    placements: [lay('placemat', 'atPlaces', 4), lay('napkin', 'atPlaces', count)],
  });

export const TABLES_CASES = {
  'cloth-falls-well': { level: 'ok', shows: withCloth([84, 48]), not: withCloth([83, 48]) },
  'cloth-too-short': { level: 'caution', shows: withCloth([84, 47]), not: withCloth([84, 48]) },
  'cloth-too-long': { level: 'caution', shows: withCloth([97, 60]), not: withCloth([96, 60]) },
  'cloth-on-floor': { level: 'caution', shows: withCloth([134, 98]), not: withCloth([132, 96]) },
  'cloth-corners-on-floor': {
    level: 'caution',
    shows: withCloth([131, 95]),
    not: withCloth([119, 119], { round: true }, { pieces: [roundTable] }),
  },
  'cloth-corner-bare': {
    level: 'caution',
    shows: withCloth([80, 80], { round: true }),
    not: withCloth([81, 81], { round: true }),
  },
  'cloth-pulled': {
    level: 'caution',
    shows: withCloth([84, 48], {}, { flags: { childrenAges: [9, 4] } }),
    not: withCloth([84, 48], {}, { flags: { childrenAges: [9, 5] } }),
  },
  'runner-hangs-little': { level: 'caution', shows: withRunner(83), not: withRunner(84) },
  'runner-stops-short': { level: 'caution', shows: withRunner(71), not: withRunner(72) },
  'places-fit': { level: 'ok', shows: withMats(8), not: withMats(9) },
  'places-crowded': { level: 'caution', shows: withMats(9), not: withMats(8) },
  'places-without-chairs': {
    level: 'caution',
    shows: withMats(7, { table: { chairs: 6 } }),
    not: withMats(6, { table: { chairs: 6 } }),
  },
  'mats-meet': {
    level: 'caution',
    shows: withMats(4, { runnerIn: 7 }),
    not: withMats(4, { runnerIn: 6 }),
  },
  'napkins-differ': { level: 'caution', shows: withNapkins(3), not: withNapkins(4) },
} satisfies FindingCases;
