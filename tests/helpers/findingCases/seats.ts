import type { Item, Placement } from '../../../src/core/model/types';
import { hanging, inches, item, piece, placement, onSeat } from '../rooms';
import { type Given, room, art, hung } from './given';
import type { FindingCases } from './case';

// pillows on a seat
const cover = (sizeIn: number, more: Partial<Item> = {}) =>
  item({ widthMm: inches(sizeIn), heightMm: inches(sizeIn), ...more });
const put = (xIn: number, more: Partial<Placement> = {}) =>
  placement({ id: `x${xIn}${more.row ?? 0}`, xMm: inches(xIn), ...more });
const seat = (items: Item[], placements: Placement[], more: Given = {}) =>
  room({ pieces: [piece()], items, placements, ...more });
/** A bench: as high as its seat, and nothing behind. */
const BENCH: Given = {
  pieces: [piece({ kind: 'bench', heightMm: piece().seat!.heightMm })],
};
const stacked = (backIn: number, frontIn: number) =>
  seat(
    [cover(backIn), cover(frontIn, { id: 'front', name: 'Front cover' })],
    [put(36), put(36, { itemId: 'front', row: 1 })],
  );
const bold = (n: number) => {
  const ids = ['i1', 'i2', 'i3'].slice(0, n);
  return seat(
    ids.map((id) => cover(18, { id, pattern: { kind: 'check', repeatMm: inches(5) } })),
    ids.map((itemId, i) => put(12 + 20 * i, { itemId })),
  );
};
/** Patterned covers of these repeats, from left to right; the last stands in front of the others. */
const repeats = (lastRow: number, ...repeatsIn: number[]) => {
  const covers = repeatsIn.map((r, i) =>
    cover(18 - (i === repeatsIn.length - 1 ? 2 : 0), {
      id: `r${i}`,
      name: `Cover ${i}`,
      pattern: r === 0 ? { kind: 'solid', repeatMm: 0 } : { kind: 'stripe', repeatMm: inches(r) },
    }),
  );
  const isLast = (i: number) => i === covers.length - 1;
  return seat(
    covers,
    covers.map(({ id }, i) => put(12 + 20 * i, { itemId: id, row: isLast(i) ? lastRow : 0 })),
  );
};
const plaid = item({ id: 'i1', name: 'Plaid', kind: 'throw', widthMm: inches(50), heightMm: inches(60) });
const thrown = (more: Partial<Placement>) => seat([plaid], [put(36, { lie: 'overBack', ...more })]);
const cushioned = { ...piece(), seat: { ...piece().seat!, looseCushions: 3 } };
const without = (whereabouts: string) =>
  seat([], [], { pieces: [cushioned], cushionsOut: [{ of: 'p1', count: 3, whereabouts }] });
/** Two chairs alike, a cover on each. */
const chairs = (right: string, more: Given = {}) => {
  const chair = (id: string, xIn: number) =>
    piece({
      id,
      name: `Chair ${id}`,
      kind: 'armchair',
      xMm: inches(xIn),
      widthMm: inches(30),
      seat: { ...piece().seat!, widthMm: inches(22), seats: 1, wantedSitters: 1 },
    });
  return seat(
    [cover(16), cover(16, { id: 'red', name: 'Red', colours: [{ l: 45, a: 60, b: 40, share: 1 }] })],
    [put(11, onSeat('a')), put(11, { id: 'y', itemId: right, ...onSeat('b') })],
    { pieces: [chair('a', 40), chair('b', 90)], ...more },
  );
};
const ends = (l: number) =>
  seat(
    [cover(20), cover(20, { id: 'other', name: 'Other', colours: [{ l, a: 38, b: 30, share: 1 }] })],
    [put(10), put(62, { itemId: 'other' })],
  );

/** Two pillows at the left end, another thing at the right. */
const oneSided = (right: Item) =>
  seat(
    [cover(20), cover(18, { id: 'small', name: 'Small' }), right],
    [put(10), put(20, { id: 'b', itemId: 'small', row: 1 }), put(62, { id: 'c', itemId: 'other' })],
  );

// a colour over the room
const RED = [{ l: 45, a: 60, b: 40, share: 1 }];
const redArt = art(18, 18, { id: 'art', colours: RED, count: 9 });
const redCover = cover(20, { colours: RED, count: 9 });
const onWalls = (...walls: [string, number, number?][]) =>
  walls.map(([wallId, xIn, centreIn], i) =>
    hanging({
      id: `h${i}`,
      itemId: 'art',
      wallId,
      xMm: inches(xIn),
      centreMm: centreIn === undefined ? null : inches(centreIn),
    }),
  );
const red = (pillows: number[], walls: [string, number, number?][], more: Given = {}) =>
  room({
    pieces: [piece()],
    items: [redCover, redArt],
    placements: pillows.map((x) => put(x)),
    hangings: onWalls(...walls),
    ...more,
  });
const EVEN = red(
  [36],
  [
    ['e', 72],
    ['s', 84],
    ['w', 72],
  ],
);
const HUES = [
  [45, 60, 40],
  [45, 5, -50],
  [50, -45, 35],
  [80, 0, 75],
] as const;
const hues = (n: number) =>
  seat(
    HUES.slice(0, n).map(([l, a, b], i) =>
      cover(16, { id: `c${i}`, name: `Cover ${i}`, colours: [{ l, a, b, share: 1 }] }),
    ),
    HUES.slice(0, n).map((_, i) => put(9 + 18 * i, { itemId: `c${i}` })),
  );
const floor = (l: number) =>
  room({
    room: {
      floorFinish: { colours: [{ l, a: 2, b: 6, share: 1 }], pattern: { kind: 'solid', repeatMm: 0 } },
    },
  });
const trimmed = (l: number, b: number) =>
  room({
    room: { trimFinish: { colours: [{ l, a: 0, b, share: 1 }], pattern: { kind: 'solid', repeatMm: 0 } } },
  });
const acrossSeats = room({
  pieces: [piece(), piece({ id: 'p2', name: 'Bench', yMm: inches(124) })],
  items: [redCover, redArt],
  placements: [put(36), put(30, onSeat('p2'))],
});

export const SEATS_CASES = {
  'insert-none-fits': {
    level: 'caution',
    shows: seat([cover(31)], [put(36)]),
    not: seat([cover(20)], [put(36)]),
  },
  'inserts-to-buy': {
    level: 'caution',
    shows: seat([cover(20)], [put(36)]),
    not: seat([cover(20), cover(22, { id: 'in', kind: 'insert', fill: 'feather' })], [put(36)]),
  },
  'cover-bought-short': {
    level: 'caution',
    shows: seat([cover(20, { count: 1 })], [put(10), put(62)]),
    not: seat([cover(20, { count: 2 })], [put(10), put(62)]),
  },
  'seat-room-good': {
    level: 'ok',
    shows: seat([cover(20)], [put(9)]),
    not: seat([cover(24)], [put(12), put(36), put(60)]),
  },
  'seat-room-short': {
    level: 'caution',
    shows: seat([cover(24)], [put(12), put(36), put(60)]),
    not: seat([cover(20)], [put(9)]),
  },
  'steps-good': { level: 'ok', shows: stacked(22, 20), not: stacked(22, 21) },
  'step-too-small': { level: 'caution', shows: stacked(22, 21), not: stacked(22, 20) },
  'front-larger-than-back': { level: 'caution', shows: stacked(20, 22), not: stacked(20, 18) },
  'back-too-tall': {
    level: 'caution',
    shows: seat([cover(26)], [put(36)]),
    not: seat([cover(20)], [put(36)]),
  },
  'bench-pillow-tall': {
    level: 'caution',
    shows: seat([cover(20)], [put(36)], BENCH),
    not: seat([cover(15)], [put(36)], BENCH),
  },
  'too-many-bold': { level: 'caution', shows: bold(3), not: bold(2) },
  'patterns-same-scale': { level: 'yielded', shows: repeats(0, 4, 3), not: repeats(0, 4, 2.5) },
  'all-patterned': { level: 'yielded', shows: repeats(0, 6, 3, 1), not: repeats(0, 6, 3, 0) },
  'accent-patterned': { level: 'yielded', shows: repeats(1, 6, 3, 1), not: repeats(1, 6, 3, 0) },
  'chop-wont-hold': {
    level: 'yielded',
    shows: seat([cover(20)], [put(36, { chopped: true, fill: 'polyester' })]),
    not: seat([cover(20)], [put(36, { chopped: true, fill: 'feather' })]),
  },
  'zip-shows': {
    level: 'yielded',
    shows: seat([cover(20)], [put(36, { zip: 'up' })]),
    not: seat([cover(20)], [put(36, { zip: 'left' })]),
  },
  'throw-falls': { level: 'ok', shows: thrown({}), not: thrown({ hangsMm: inches(40) }) },
  'throw-drags': {
    level: 'caution',
    shows: thrown({ hangsMm: inches(35) }),
    not: thrown({ hangsMm: inches(33) }),
  },
  'throw-past-edge': {
    level: 'caution',
    shows: thrown({ xMm: inches(60), fold: 'open' }),
    not: thrown({ xMm: inches(60), fold: 'thirds' }),
  },
  'cushions-out': { level: 'ok', shows: without('Under the bed'), not: without(' ') },
  'cushions-no-place': { level: 'caution', shows: without(' '), not: without('Under the bed') },
  'chairs-match': { level: 'ok', shows: chairs('i1'), not: chairs('red') },
  'chairs-differ': { level: 'caution', shows: chairs('red'), not: chairs('i1') },
  'casings-to-buy': {
    level: 'yielded',
    shows: seat([cover(20, { texture: 'linen' })], [put(36, { fill: 'feather' })]),
    not: seat([cover(20, { texture: 'velvet' })], [put(36, { fill: 'feather' })]),
  },
  'ends-differ': { level: 'caution', shows: ends(55), not: ends(46) },
  'ends-one-sided': {
    level: 'ok',
    shows: oneSided(cover(20, { id: 'other', heightMm: inches(12) })),
    not: oneSided(cover(20, { id: 'other' })),
  },
  'ends-match': { level: 'ok', shows: ends(46), not: ends(55) },
  'feather-in-feather-free': {
    level: 'stop',
    shows: seat([cover(20)], [put(36)], { flags: { featherFree: true } }),
    not: seat([cover(20)], [put(36, { fill: 'polyester' })], { flags: { featherFree: true } }),
  },
  'white-on-a-seat': {
    level: 'yielded',
    shows: seat([cover(20, { colours: [{ l: 96, a: 0, b: 2, share: 1 }] })], [put(36, { lie: 'overBack' })]),
    not: seat([cover(20, { colours: [{ l: 96, a: 0, b: 2, share: 1 }] })], [put(36)]),
  },
  'pillow-off-the-seat': {
    level: 'stop',
    shows: seat([cover(20)], [put(0)]),
    not: seat([cover(20)], [put(8)]),
  },
  'unwashable-with-children': {
    level: 'caution',
    shows: seat([cover(20, { washable: false })], [put(36)], { flags: { childrenAges: [4] } }),
    not: seat([cover(20, { washable: false })], [put(36)]),
  },
  'item-in-two-places': {
    level: 'caution',
    shows: hung(
      art(30, 20, { count: 1 }),
      {},
      { hangings: [hanging({ xMm: inches(30) }), hanging({ id: 'h2', xMm: inches(120) })] },
    ),
    not: hung(
      art(30, 20, { count: 2 }),
      {},
      { hangings: [hanging({ xMm: inches(30) }), hanging({ id: 'h2', xMm: inches(120) })] },
    ),
  },

  'near-miss': { level: 'caution', shows: trimmed(97, 1), not: trimmed(92, 4) },
  'accent-alone': { level: 'caution', shows: red([36], []), not: EVEN },
  'accent-answered-once': { level: 'caution', shows: red([36], [['s', 84]]), not: EVEN },
  'accent-gap': { level: 'caution', shows: red([10], [['n', 140]]), not: EVEN },
  'accent-pull': { level: 'caution', shows: red([10], [['n', 140]]), not: EVEN },
  'accent-one-height': {
    level: 'caution',
    shows: red(
      [],
      [
        ['n', 84],
        ['s', 84],
      ],
    ),
    not: EVEN,
  },
  'accent-even': { level: 'ok', shows: EVEN, not: red([36], [['s', 84]]) },
  'too-many-accents': { level: 'caution', shows: hues(4), not: hues(3) },
  'no-dark': { level: 'caution', shows: floor(58), not: floor(20) },
  'shares-off-plan': {
    level: 'yielded',
    shows: room({ shares: [0.2, 0.7, 0.1] }),
    not: room({ shares: [0.2, 0.7, 0.1], rules: [{ ruleId: 'spread.sharesOff', value: 0.9 }] }),
  },
  'no-hard-answer': { level: 'yielded', shows: acrossSeats, not: EVEN },
} satisfies FindingCases;
