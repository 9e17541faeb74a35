/** For every kind of finding a room in which it shows, and one close to it in which it does not. */
import type { FindingCode, Level } from '../../src/core/model/finding';
import type { Dressing, Fitting, Hanging, Item, Opening, Piece, Placement, RoomFile } from '../../src/core/model/types';
import type { OwnRule } from '../../src/core/rules/book';
import { bareRoom, dressing, hanging, inches, item, opening, piece, placement } from './rooms';

type Given = { openings?: Opening[]; fittings?: Fitting[]; pieces?: Piece[]; items?: Item[]; dressings?: Dressing[]; hangings?: Hanging[]; placements?: Placement[]; flags?: Partial<RoomFile['home']['flags']>; rules?: OwnRule[]; ceilingIn?: number; shares?: [number, number, number]; room?: Partial<RoomFile['room']> };
const room = (g: Given): RoomFile => {
  const base = bareRoom(inches(168), inches(144), inches(g.ceilingIn ?? 96));
  return {
    ...base, rules: g.rules ?? [], room: { ...base.room, ...g.room }, home: { ...base.home, flags: { ...base.home.flags, ...g.flags } }, openings: g.openings ?? [], fittings: g.fittings ?? [], pieces: g.pieces ?? [], items: g.items ?? [],
    looks: [{ ...base.looks[0]!, plannedShares: g.shares ?? null, dressings: g.dressings ?? [], hangings: g.hangings ?? [], placements: g.placements ?? [] }],
  };
};

// a window
const drops = (left: number, middle: number, right: number): Partial<Opening> => ({ dropsMm: { left: inches(left), middle: inches(middle), right: inches(right) } });
const win = (o: Partial<Opening> = {}, d: Partial<Dressing> = {}, more: Given = {}) => room({ openings: [opening(o)], dressings: [dressing(d)], ...more });
const panel = (more: Partial<Item> = {}) => item({ id: 'panel', name: 'Linen panel', kind: 'panel', widthMm: inches(54), heightMm: inches(96), clothGsm: 190, count: 8, ...more });
const cloth = (more: Partial<Item>, d: Partial<Dressing> = {}) => win({}, { itemId: 'panel', ...d }, { items: [panel(more)] });
const two = (d: Partial<Dressing>) => room({ openings: [opening({ id: 'a', xMm: inches(20), widthMm: inches(36) }), opening({ id: 'b', xMm: inches(110), widthMm: inches(36) })], dressings: [dressing({ id: 'da', openingId: 'a' }), dressing({ id: 'db', openingId: 'b', ...d })] });
const fitting = (kind: Fitting['kind'], wallId: string, xIn: number, bottomIn: number, wIn = 20, hIn = 20): Fitting => ({ id: 'f', name: `The ${kind}`, kind, wallId, xMm: inches(xIn), widthMm: inches(wIn), bottomMm: inches(bottomIn), heightMm: inches(hIn), depthMm: inches(5), colours: [{ l: 90, a: 0, b: 2, share: 1 }] });
const RUNS = drops(78, 78.5, 79);

// a piece on a wall
const art = (wIn: number, hIn: number, more: Partial<Item> = {}) => item({ id: 'i1', name: 'Regatta', kind: 'art', widthMm: inches(wIn), heightMm: inches(hIn), texture: 'hard', ...more });
const hung = (a: Item, h: Partial<Hanging> = {}, more: Given = {}) => room({ items: [a], hangings: [hanging(h)], ...more });
const overSofa = (a: Item, more: Given = {}) => hung(a, { overPieceId: 'p1' }, { pieces: [piece()], ...more });
const pair = (x: number, centre: number) => hung(art(30, 20, { count: 2 }), { xMm: inches(40) }, { hangings: [hanging({ xMm: inches(40) }), hanging({ id: 'h2', xMm: inches(x), centreMm: inches(centre) })] });
const wire = (hooks: 1 | 2, ringDrop: number, rings: number, length: number, apart: number | null = null) => hung(art(30, 20), { hanger: { kind: 'wire', hooks, ringDropMm: inches(ringDrop), ringsApartMm: inches(rings), wireMm: inches(length), hooksApartMm: apart === null ? null : inches(apart) } });

// pillows on a seat
const cover = (sizeIn: number, more: Partial<Item> = {}) => item({ widthMm: inches(sizeIn), heightMm: inches(sizeIn), ...more });
const put = (xIn: number, more: Partial<Placement> = {}) => placement({ id: `x${xIn}${more.layer ?? 0}`, xMm: inches(xIn), ...more });
const seat = (items: Item[], placements: Placement[], more: Given = {}) => room({ pieces: [piece()], items, placements, ...more });
const stacked = (backIn: number, frontIn: number) => seat([cover(backIn), cover(frontIn, { id: 'front', name: 'Front cover' })], [put(36), put(36, { itemId: 'front', layer: 1 })]);
const bold = (n: number) => { const ids = ['i1', 'i2', 'i3'].slice(0, n); return seat(ids.map((id) => cover(18, { id, pattern: { kind: 'check', repeatMm: inches(5) } })), ids.map((itemId, i) => put(12 + 20 * i, { itemId }))); };
const ends = (l: number) => seat([cover(20), cover(20, { id: 'other', name: 'Other', colours: [{ l, a: 38, b: 30, share: 1 }] })], [put(10), put(62, { itemId: 'other' })]);

// a colour over the room
const RED = [{ l: 45, a: 60, b: 40, share: 1 }];
const redArt = art(18, 18, { id: 'art', colours: RED, count: 9 });
const redCover = cover(20, { colours: RED, count: 9 });
const onWalls = (...walls: [string, number, number?][]) => walls.map(([wallId, xIn, centreIn], i) => hanging({ id: `h${i}`, itemId: 'art', wallId, xMm: inches(xIn), centreMm: centreIn === undefined ? null : inches(centreIn) }));
const red = (pillows: number[], walls: [string, number, number?][], more: Given = {}) => room({ pieces: [piece()], items: [redCover, redArt], placements: pillows.map((x) => put(x)), hangings: onWalls(...walls), ...more });
const EVEN = red([36], [['e', 72], ['s', 84], ['w', 72]]);
const HUES = [[45, 60, 40], [45, 5, -50], [50, -45, 35], [80, 0, 75]] as const;
const hues = (n: number) => seat(HUES.slice(0, n).map(([l, a, b], i) => cover(16, { id: `c${i}`, name: `Cover ${i}`, colours: [{ l, a, b, share: 1 }] })), HUES.slice(0, n).map((_, i) => put(9 + 18 * i, { itemId: `c${i}` })));
const floor = (l: number) => room({ room: { floorFinish: { colours: [{ l, a: 2, b: 6, share: 1 }], pattern: { kind: 'solid', repeatMm: 0 } } } });
const trimmed = (l: number, b: number) => room({ room: { trimFinish: { colours: [{ l, a: 0, b, share: 1 }], pattern: { kind: 'solid', repeatMm: 0 } } } });
const nothing = room({});
const acrossSeats = room({ pieces: [piece(), piece({ id: 'p2', name: 'Bench', yMm: inches(124) })], items: [redCover, redArt], placements: [put(36), put(30, { pieceId: 'p2' })] });

export const FINDING_CASES: { [C in FindingCode]: { level: Level; shows: RoomFile; not: RoomFile } } = {
  'floor-not-measured': { level: 'caution', shows: win({ dropsMm: null }), not: win() },
  'floor-level': { level: 'ok', shows: win(drops(78, 78.125, 78)), not: win(RUNS) },
  'hems-differ': { level: 'caution', shows: win(RUNS), not: win(RUNS, {}, { rules: [{ ruleId: 'windows.unevenFloor', school: 'oneLength' }] }) },
  'kiss-over-uneven-floor': { level: 'caution', shows: win(RUNS), not: win(RUNS, { landing: 'clear' }) },
  'clear-over-uneven-floor': { level: 'caution', shows: win(RUNS, { landing: 'clear' }), not: win({}, { landing: 'clear' }) },
  'floor-hidden-by-landing': { level: 'ok', shows: win(RUNS, { landing: 'pool' }), not: win(drops(78, 80, 82), { landing: 'break' }) },
  'rod-held-under-ceiling': { level: 'yielded', shows: win({}, {}, { ceilingIn: 80, rules: [{ ruleId: 'windows.heightSchool', school: 'overFrame' }] }), not: win({}, {}, { rules: [{ ruleId: 'windows.heightSchool', school: 'overFrame' }] }) },
  'rod-off-the-line': { level: 'caution', shows: two({ rodHeightMm: inches(92) }), not: two({}) },
  'rod-below-the-rule': { level: 'caution', shows: win({}, { rodHeightMm: inches(85) }), not: win({}, { rodHeightMm: inches(92) }) },
  'rod-below-frame': { level: 'stop', shows: win({}, { rodHeightMm: inches(77.875) }), not: win({}, { rodHeightMm: inches(78) }) },
  'rod-above-ceiling': { level: 'stop', shows: win({}, { rodHeightMm: inches(96.125) }), not: win({}, { rodHeightMm: inches(96) }) },
  'bracket-held-by-neighbour': { level: 'yielded', shows: win({ xMm: inches(6) }), not: win() },
  'bracket-past-the-wall': { level: 'stop', shows: win({ xMm: inches(6) }, { extensionLeftMm: inches(12) }), not: win({}, { extensionLeftMm: inches(12) }) },
  'bracket-widened-for-stack': { level: 'ok', shows: cloth({ clothGsm: 460 }), not: cloth({ clothGsm: 460 }, { extensionLeftMm: inches(7), extensionRightMm: inches(7) }) },
  'glass-clear': { level: 'ok', shows: win(), not: win({ xMm: inches(6), widthMm: inches(150) }) },
  'glass-covered': { level: 'caution', shows: win({ xMm: inches(6), widthMm: inches(150) }), not: win() },
  'fullness-good': { level: 'ok', shows: win(), not: cloth({}, { panels: 2 }) },
  'fullness-low': { level: 'caution', shows: cloth({}, { panels: 2 }), not: win() },
  'nothing-in-stock-lands': { level: 'caution', shows: win({}, {}, { rules: [{ ruleId: 'windows.stockLengths', value: [inches(63)] }] }), not: win() },
  'length-not-positive': { level: 'stop', shows: win({}, { rodHeightMm: inches(1) }), not: win() },
  'set-short': { level: 'caution', shows: cloth({ count: 3 }), not: cloth({ count: 4 }) },
  'curtain-by-heater': { level: 'caution', shows: win({}, {}, { fittings: [fitting('heater', 'n', 130, 0)] }), not: win({}, {}, { fittings: [fitting('heater', 's', 60, 0)] }) },
  'curtain-on-radiator': { level: 'caution', shows: win({}, {}, { fittings: [fitting('radiator', 'n', 70, 4)] }), not: win({}, {}, { fittings: [fitting('radiator', 'n', 2, 4)] }) },
  'pool-on-wheels': { level: 'caution', shows: win({}, { landing: 'pool' }, { flags: { wheelchair: true } }), not: win({}, { landing: 'break' }, { flags: { wheelchair: true } }) },
  'owned-panel-short': { level: 'caution', shows: cloth({ heightMm: inches(84) }), not: cloth({}) },

  'centre-and-gap-agree': { level: 'ok', shows: overSofa(art(58, 32)), not: overSofa(art(58, 20)) },
  'centre-yielded': { level: 'yielded', shows: overSofa(art(58, 20)), not: overSofa(art(58, 32)) },
  'gap-yielded': { level: 'yielded', shows: overSofa(art(58, 20), { rules: [{ ruleId: 'walls.yields', school: 'gap' }] }), not: overSofa(art(58, 20)) },
  'centre-as-wished': { level: 'ok', shows: hung(art(30, 20)), not: hung(art(30, 20), { centreMm: inches(70) }) },
  'width-share-good': { level: 'ok', shows: overSofa(art(58, 32)), not: overSofa(art(30, 32)) },
  'width-share-off': { level: 'caution', shows: overSofa(art(30, 32)), not: overSofa(art(58, 32)) },
  'picture-past-wall': { level: 'stop', shows: hung(art(30, 20), { xMm: inches(14) }), not: hung(art(30, 20), { xMm: inches(15) }) },
  'picture-over-opening': { level: 'stop', shows: hung(art(30, 20), {}, { openings: [opening()] }), not: hung(art(30, 20), { xMm: inches(25) }, { openings: [opening()] }) },
  'pictures-overlap': { level: 'stop', shows: pair(60, 60), not: pair(120, 60) },
  'picture-over-ceiling': { level: 'stop', shows: hung(art(30, 20), { centreMm: inches(87) }), not: hung(art(30, 20), { centreMm: inches(86) }) },
  'picture-over-fitting': { level: 'caution', shows: hung(art(30, 20), {}, { fittings: [fitting('shelf', 'n', 80, 55)] }), not: hung(art(30, 20), {}, { fittings: [fitting('shelf', 'n', 80, 75)] }) },
  'picture-into-furniture': { level: 'caution', shows: hung(art(30, 20), {}, { pieces: [piece({ kind: 'chest', seat: null, heightMm: inches(55) })] }), not: hung(art(30, 20), {}, { pieces: [piece({ kind: 'chest', seat: null })] }) },
  'neighbour-centres-differ': { level: 'caution', shows: pair(90, 63), not: pair(90, 60) },
  'two-points': { level: 'caution', shows: hung(art(30, 20, { massG: 9500 })), not: hung(art(30, 20, { massG: 9000 })) },
  'cable-zone': { level: 'caution', shows: hung(art(30, 20), {}, { fittings: [fitting('socket', 'n', 82, 12, 4, 4)] }), not: hung(art(30, 20), {}, { fittings: [fitting('socket', 'n', 20, 12, 4, 4)] }) },
  'hook-above-frame': { level: 'stop', shows: wire(1, 1, 20, 30), not: wire(1, 6, 20, 21) },
  'wire-too-short': { level: 'stop', shows: wire(1, 5, 20, 15), not: wire(1, 6, 20, 21) },
  'hooks-too-wide': { level: 'stop', shows: wire(2, 5, 20, 24, 25), not: wire(2, 5, 20, 24, 8) },
  'old-walls': { level: 'caution', shows: hung(art(30, 20)), not: nothing },

  'insert-none-fits': { level: 'caution', shows: seat([cover(31)], [put(36)]), not: seat([cover(20)], [put(36)]) },
  'inserts-to-buy': { level: 'caution', shows: seat([cover(20)], [put(36)]), not: seat([cover(20), cover(22, { id: 'in', kind: 'insert', fill: 'feather' })], [put(36)]) },
  'cover-bought-short': { level: 'caution', shows: seat([cover(20, { count: 1 })], [put(10), put(62)]), not: seat([cover(20, { count: 2 })], [put(10), put(62)]) },
  'seat-room-good': { level: 'ok', shows: seat([cover(20)], [put(9)]), not: seat([cover(24)], [put(12), put(36), put(60)]) },
  'seat-room-short': { level: 'caution', shows: seat([cover(24)], [put(12), put(36), put(60)]), not: seat([cover(20)], [put(9)]) },
  'steps-good': { level: 'ok', shows: stacked(22, 20), not: stacked(22, 21) },
  'step-too-small': { level: 'caution', shows: stacked(22, 21), not: stacked(22, 20) },
  'front-larger-than-back': { level: 'caution', shows: stacked(20, 22), not: stacked(20, 18) },
  'back-too-tall': { level: 'caution', shows: seat([cover(26)], [put(36)]), not: seat([cover(20)], [put(36)]) },
  'too-many-bold': { level: 'caution', shows: bold(3), not: bold(2) },
  'ends-differ': { level: 'caution', shows: ends(55), not: ends(46) },
  'ends-match': { level: 'ok', shows: ends(46), not: ends(55) },
  'feather-in-feather-free': { level: 'stop', shows: seat([cover(20)], [put(36)], { flags: { featherFree: true } }), not: seat([cover(20)], [put(36, { fill: 'polyester' })], { flags: { featherFree: true } }) },
  'white-on-a-seat': { level: 'yielded', shows: seat([cover(20, { colours: [{ l: 96, a: 0, b: 2, share: 1 }] })], [put(36)]), not: seat([cover(20, { colours: [{ l: 88, a: 0, b: 2, share: 1 }] })], [put(36)]) },
  'pillow-off-the-seat': { level: 'stop', shows: seat([cover(20)], [put(0)]), not: seat([cover(20)], [put(8)]) },
  'unwashable-with-children': { level: 'caution', shows: seat([cover(20, { washable: false })], [put(36)], { flags: { childrenAges: [4] } }), not: seat([cover(20, { washable: false })], [put(36)]) },
  'item-in-two-places': { level: 'caution', shows: hung(art(30, 20, { count: 1 }), {}, { hangings: [hanging({ xMm: inches(30) }), hanging({ id: 'h2', xMm: inches(120) })] }), not: hung(art(30, 20, { count: 2 }), {}, { hangings: [hanging({ xMm: inches(30) }), hanging({ id: 'h2', xMm: inches(120) })] }) },

  'near-miss': { level: 'caution', shows: trimmed(97, 1), not: trimmed(92, 4) },
  'accent-alone': { level: 'caution', shows: red([36], []), not: EVEN },
  'accent-answered-once': { level: 'caution', shows: red([36], [['s', 84]]), not: EVEN },
  'accent-gap': { level: 'caution', shows: red([10], [['n', 140]]), not: EVEN },
  'accent-pull': { level: 'caution', shows: red([10], [['n', 140]]), not: EVEN },
  'accent-one-height': { level: 'caution', shows: red([], [['n', 84], ['s', 84]]), not: EVEN },
  'accent-even': { level: 'ok', shows: EVEN, not: red([36], [['s', 84]]) },
  'too-many-accents': { level: 'caution', shows: hues(4), not: hues(3) },
  'no-dark': { level: 'caution', shows: floor(58), not: floor(20) },
  'shares-off-plan': { level: 'yielded', shows: room({ shares: [0.2, 0.7, 0.1] }), not: room({ shares: [0.2, 0.7, 0.1], rules: [{ ruleId: 'spread.sharesOff', value: 0.9 }] }) },
  'no-hard-answer': { level: 'yielded', shows: acrossSeats, not: EVEN },

  ladder: { level: 'caution', shows: win(), not: hung(art(30, 20)) },
  'two-people-rod': { level: 'caution', shows: win({ widthMm: inches(70), xMm: inches(40) }), not: hung(art(30, 20)) },
  'detector-before-drilling': { level: 'caution', shows: win(), not: nothing },
  'rating-of-fixings': { level: 'caution', shows: hung(art(30, 20)), not: nothing },
  'rented-no-drill': { level: 'caution', shows: hung(art(30, 20), {}, { flags: { rented: true } }), not: hung(art(30, 20)) },
};
