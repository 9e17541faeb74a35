import type { Item, Piece, Placement, RoomFile } from '../../../src/core/model/types';
import { inches, item, piece, placement } from '../rooms';
import type { FindingCases } from './case';
import { box, room, type Given } from './given';

/** A queen bed: its top 25 in above the floor, its mattress 12 in thick. */
export const queen = (more: Partial<Piece> = {}, thickIn: number | null = 12): Piece =>
  piece({
    id: 'bed',
    name: 'Bed',
    kind: 'bed',
    xMm: inches(84),
    yMm: inches(42),
    widthMm: inches(60),
    depthMm: inches(80),
    heightMm: inches(46),
    seat: null,
    bed: {
      mattressMm: inches(25),
      thickMm: thickIn === null ? null : inches(thickIn),
      headboardMm: inches(46),
      footboardMm: 0,
    },
    ...more,
  });
export const onBed = (id: string, itemId: string, more: Partial<Placement> = {}): Placement =>
  placement({
    id,
    itemId,
    spot: { of: 'bed', part: 'mattress' },
    lie: 'propped',
    xMm: inches(30),
    ...more,
  });
const cover = (id: string, [w, h]: readonly [number, number], more: Partial<Item> = {}): Item =>
  item({ id, name: id, widthMm: inches(w), heightMm: inches(h), ...more });
export const bedding = (
  id: string,
  as: NonNullable<Item['bedding']>,
  [w, h]: readonly [number, number],
  more: Partial<Item> = {},
): Item => cover(id, [w, h], { kind: 'bedding', bedding: as, ...more });

const bedWith = (items: Item[], placements: Placement[], more: Given = {}): RoomFile =>
  room({ pieces: [queen()], items, placements, night: [{ of: 'bed', whereabouts: 'Chest' }], ...more });
const spread = (size: readonly [number, number], more: Partial<Item> = {}, given: Given = {}) =>
  bedWith(
    [bedding('quilt', 'spread', size, { tog: 10.5, ...more })],
    [onBed('q', 'quilt', { lie: 'made' })],
    given,
  );
const inSeason = (file: RoomFile, season: 'summer' | 'winter'): RoomFile => ({
  ...file,
  looks: file.looks.map((look) => ({ ...look, season })),
});
/** Big squares in the back row. */
const squares = (n: number, more: Given = {}) =>
  bedWith(
    [cover('square', [26, 26], { count: 9 })],
    Array.from({ length: n }, (_, i) => onBed(`s${i}`, 'square', { xMm: inches((60 / n) * (i + 0.5)) })),
    more,
  );
/** Two big squares, 22.88 in wide when they are filled, for the night on a chest 18 in deep. */
const onChest = (wideIn: number) =>
  squares(2, {
    pieces: [queen(), box('chest', [140, 130], [wideIn, 18], { heightMm: inches(30) })],
    night: [{ of: 'bed', whereabouts: '', spot: { of: 'chest', part: 'top' } }],
  });
const rows = (backIn: number, frontIn: number) =>
  bedWith(
    [cover('back', [backIn, backIn]), cover('front', [frontIn, frontIn])],
    [onBed('b', 'back'), onBed('f', 'front', { row: 1 })],
  );
const skirt = (dropIn: number) =>
  bedWith(
    [bedding('skirt', 'skirt', [60, 80], { depthMm: inches(dropIn) })],
    [onBed('s', 'skirt', { lie: 'made' })],
  );
const fitted = (pocketIn: number | null) =>
  bedWith(
    [bedding('sheet', 'fitted', [60, 80], { pocketMm: pocketIn === null ? null : inches(pocketIn) })],
    [onBed('s', 'sheet', { lie: 'made' })],
  );
/** A fitted sheet so wide, with a pocket that is deep enough. */
const fittedTo = (wideIn: number) =>
  bedWith(
    [bedding('sheet', 'fitted', [wideIn, 80], { pocketMm: inches(16) })],
    [onBed('s', 'sheet', { lie: 'made' })],
  );
const duvet = (size: readonly [number, number] | null, hasCover: boolean) =>
  bedWith(
    [bedding('duvet', 'duvet', size ?? [88, 92], { tog: 10.5 }), bedding('cover', 'duvetCover', [90, 94])],
    [
      ...(size ? [onBed('d', 'duvet', { lie: 'made' })] : []),
      ...(hasCover ? [onBed('c', 'cover', { lie: 'made', row: 1 })] : []),
    ],
  );
const cot = (as: 'fitted' | 'spread') =>
  bedWith(
    [bedding('sheet', as, [28, 52], { pocketMm: inches(16) })],
    [onBed('s', 'sheet', { lie: 'made' })],
    { pieces: [queen({ kind: 'cot', widthMm: inches(28), depthMm: inches(52), yMm: inches(28) })] },
  );
const RED = [{ l: 45, a: 60, b: 40, share: 1 }];
const BLUE = [{ l: 45, a: 5, b: -50, share: 1 }];
const two = (colours: Item['colours']) =>
  bedWith(
    [
      cover('red', [20, 20], { colours: RED, texture: 'velvet' }),
      bedding('quilt', 'spread', [90, 96], { colours, texture: 'smooth' }),
    ],
    [onBed('p', 'red'), onBed('q', 'quilt', { lie: 'made' })],
  );

export const BEDS_CASES = {
  'bed-row-good': { level: 'ok', shows: squares(3), not: squares(1) },
  'bed-row-off': { level: 'caution', shows: squares(4), not: squares(2) },
  'bed-row-hidden': { level: 'caution', shows: rows(18, 20), not: rows(20, 18) },
  'pillow-off-the-bed': {
    level: 'stop',
    shows: bedWith([cover('square', [26, 26])], [onBed('s', 'square', { xMm: inches(2) })]),
    not: bedWith([cover('square', [26, 26])], [onBed('s', 'square', { xMm: inches(8) })]),
  },
  'bed-too-much': {
    level: 'caution',
    shows: squares(4, { rules: [{ ruleId: 'beds.looseSchool', school: 'spare' }] }),
    not: squares(3, { rules: [{ ruleId: 'beds.looseSchool', school: 'spare' }] }),
  },
  'night-no-place': { level: 'caution', shows: squares(2, { night: [] }), not: squares(2) },
  'night-place-small': { level: 'caution', shows: onChest(22), not: onChest(24) },
  'bed-lifted-off': { level: 'ok', shows: squares(2), not: squares(2, { night: [] }) },
  'cot-soft': { level: 'stop', shows: cot('spread'), not: cot('fitted') },
  'cover-on-floor': { level: 'caution', shows: spread([112, 96]), not: spread([108, 96]) },
  'cover-hangs-good': { level: 'ok', shows: spread([88, 94]), not: spread([87, 94]) },
  'cover-short': { level: 'caution', shows: spread([88, 93]), not: spread([88, 94]) },
  'skirt-unmeasured': { level: 'yielded', shows: skirt(0), not: skirt(12.5) },
  'skirt-drags': { level: 'caution', shows: skirt(13), not: skirt(12.5) },
  'skirt-short': { level: 'caution', shows: skirt(11.5), not: skirt(12) },
  'skirt-good': { level: 'ok', shows: skirt(12.5), not: skirt(11) },
  'fitted-size-off': { level: 'caution', shows: fittedTo(57), not: fittedTo(58) },
  'pocket-unknown': { level: 'yielded', shows: fitted(null), not: fitted(14) },
  'pocket-short': { level: 'caution', shows: fitted(13.5), not: fitted(14) },
  'pocket-good': { level: 'ok', shows: fitted(14), not: fitted(13.5) },
  'duvet-bare': { level: 'caution', shows: duvet([88, 92], false), not: duvet([88, 92], true) },
  'duvet-out': { level: 'ok', shows: duvet(null, true), not: duvet([88, 92], true) },
  'duvet-cover-off': { level: 'caution', shows: duvet([86, 92], true), not: duvet([87, 92], true) },
  'mattress-guessed': {
    level: 'yielded',
    shows: spread([90, 96], {}, { pieces: [queen({}, null)] }),
    not: spread([90, 96]),
  },
  'bed-warmth-unknown': {
    level: 'yielded',
    shows: inSeason(spread([90, 96], { tog: null }), 'winter'),
    not: inSeason(spread([90, 96]), 'winter'),
  },
  'bed-warmth-good': {
    level: 'ok',
    shows: inSeason(spread([90, 96]), 'winter'),
    not: inSeason(spread([90, 96]), 'summer'),
  },
  'bed-warmth-off': {
    level: 'caution',
    shows: inSeason(spread([90, 96], { tog: 10.4 }), 'winter'),
    not: inSeason(spread([90, 96]), 'winter'),
  },
  'bed-piece-alone': { level: 'yielded', shows: two(BLUE), not: two(RED) },
  'bed-answers': { level: 'ok', shows: two(RED), not: two(BLUE) },
} satisfies FindingCases;
