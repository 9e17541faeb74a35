/** For every kind of finding a room in which it shows, and one close to it in which it does not. */
import type { FindingCode, Level } from '../../src/core/model/finding';
import type {
  Dressing,
  Fitting,
  Hanging,
  HangingGroup,
  Item,
  Opening,
  Piece,
  Placement,
  RoomFile,
} from '../../src/core/model/types';
import type { OwnRule } from '../../src/core/rules/book';
import { GROUP, SHEER } from '../../src/core/model/defaults';
import { bareRoom, dressing, hanging, inches, item, opening, piece, placement } from './rooms';

type Given = {
  clear?: Partial<RoomFile['clear']>;
  openings?: Opening[];
  fittings?: Fitting[];
  pieces?: Piece[];
  items?: Item[];
  dressings?: Dressing[];
  hangings?: Hanging[];
  groups?: HangingGroup[];
  placements?: Placement[];
  flags?: Partial<RoomFile['home']['flags']>;
  rules?: OwnRule[];
  ceilingIn?: number;
  shares?: [number, number, number];
  room?: Partial<RoomFile['room']>;
};
const room = (g: Given): RoomFile => {
  const base = bareRoom(inches(168), inches(144), inches(g.ceilingIn ?? 96));
  return {
    ...base,
    rules: g.rules ?? [],
    room: { ...base.room, ...g.room },
    home: { ...base.home, flags: { ...base.home.flags, ...g.flags } },
    openings: g.openings ?? [],
    fittings: g.fittings ?? [],
    pieces: g.pieces ?? [],
    clear: { ...base.clear, ...g.clear },
    items: g.items ?? [],
    looks: [
      {
        ...base.looks[0]!,
        plannedShares: g.shares ?? null,
        dressings: g.dressings ?? [],
        hangings: g.hangings ?? [],
        groups: g.groups ?? [],
        placements: g.placements ?? [],
      },
    ],
  };
};

// a window
const drops = (left: number, middle: number, right: number): Partial<Opening> => ({
  dropsMm: { left: inches(left), middle: inches(middle), right: inches(right) },
});
const win = (o: Partial<Opening> = {}, d: Partial<Dressing> = {}, more: Given = {}) =>
  room({ openings: [opening(o)], dressings: [dressing(d)], ...more });
const panel = (more: Partial<Item> = {}) =>
  item({
    id: 'panel',
    name: 'Linen panel',
    kind: 'panel',
    widthMm: inches(54),
    heightMm: inches(96),
    clothGsm: 190,
    count: 8,
    ...more,
  });
const cloth = (more: Partial<Item>, d: Partial<Dressing> = {}) =>
  win({}, { itemId: 'panel', ...d }, { items: [panel(more)] });
const two = (d: Partial<Dressing>, xIn = 110) =>
  room({
    openings: [
      opening({ id: 'a', xMm: inches(20), widthMm: inches(36) }),
      opening({ id: 'b', xMm: inches(xIn), widthMm: inches(36) }),
    ],
    dressings: [dressing({ id: 'da', openingId: 'a' }), dressing({ id: 'db', openingId: 'b', ...d })],
  });
const fitting = (
  kind: Fitting['kind'],
  wallId: string,
  xIn: number,
  bottomIn: number,
  wIn = 20,
  hIn = 20,
): Fitting => ({
  mantel: null,
  rises: 'right',
  id: 'f',
  name: `The ${kind}`,
  kind,
  wallId,
  xMm: inches(xIn),
  widthMm: inches(wIn),
  bottomMm: inches(bottomIn),
  heightMm: inches(hIn),
  depthMm: inches(5),
  colours: [{ l: 90, a: 0, b: 2, share: 1 }],
});
const RUNS = drops(78, 78.5, 79);
const TENSION = { mount: 'inside', heading: 'rodPocket', rod: { make: 'tension', outerMm: null } } as const;
const inReveal = (o: Partial<Opening>) => win(o, TENSION);
const heavyInside = (clothGsm: number) =>
  win({ revealMm: inches(4) }, { ...TENSION, itemId: 'panel' }, { items: [panel({ clothGsm })] });
const french = (o: Partial<Opening>, d: Partial<Dressing>) =>
  win(
    {
      kind: 'frenchDoor',
      sillMm: 0,
      heightMm: inches(80),
      opens: 'out',
      hinge: 'both',
      ...drops(80, 80, 80),
      ...o,
    },
    d,
  );
const shower = (wIn: number, d: Partial<Dressing> = {}) =>
  room({
    fittings: [{ ...fitting('tub', 'n', 10, 0, wIn, 22), id: 'tub' }],
    dressings: [
      dressing({
        openingId: 'tub',
        landing: 'clear',
        rod: { make: 'tension', outerMm: null },
        drawn: 'closed',
        ...d,
      }),
    ],
  });
const ADVISE: Given = { rules: [{ ruleId: 'windows.unevenFloor', school: 'advise' }] };
const PLEATED = { heading: 'pinchPleat', route: { kind: 'made', stockMm: null } } as const;

// a piece on a wall
const art = (wIn: number, hIn: number, more: Partial<Item> = {}) =>
  item({
    id: 'i1',
    name: 'Regatta',
    kind: 'art',
    widthMm: inches(wIn),
    heightMm: inches(hIn),
    texture: 'hard',
    ...more,
  });
const hung = (a: Item, h: Partial<Hanging> = {}, more: Given = {}) =>
  room({ items: [a], hangings: [hanging(h)], ...more });
const overSofa = (a: Item, more: Given = {}) =>
  hung(a, { overPieceId: 'p1' }, { pieces: [piece()], ...more });
const pair = (x: number, centre: number) =>
  hung(
    art(30, 20, { count: 2 }),
    { xMm: inches(40) },
    {
      hangings: [
        hanging({ xMm: inches(40) }),
        hanging({ id: 'h2', xMm: inches(x), centreMm: inches(centre) }),
      ],
    },
  );
/** Two pictures of 30 by 20 either side of a screen whose middle is 84 in along. */
const flanked = (x: number) =>
  hung(
    art(30, 20, { count: 2 }),
    { xMm: inches(50) },
    {
      hangings: [hanging({ xMm: inches(50) }), hanging({ id: 'h2', xMm: inches(x) })],
      fittings: [{ ...fitting('tv', 'n', 64, 48, 40, 24), depthMm: inches(2) }],
    },
  );
const wire = (hooks: 1 | 2, ringDrop: number, rings: number, length: number, apart: number | null = null) =>
  hung(art(30, 20), {
    hanger: {
      kind: 'wire',
      hooks,
      ringDropMm: inches(ringDrop),
      ringsApartMm: inches(rings),
      wireMm: inches(length),
      hooksApartMm: apart === null ? null : inches(apart),
    },
  });

/** A picture 30 by 20 with its nail an inch under its top, and a hole in the wall. */
const withHole = (xIn: number, heightIn: number) =>
  room({
    items: [art(30, 20)],
    hangings: [hanging()],
    room: { holes: [{ id: 'hole', wallId: 'n', xMm: inches(xIn), heightMm: inches(heightIn) }] },
  });
const grouped = (
  sizes: [number, number][],
  g: Partial<HangingGroup> = {},
  at?: [number, number][],
  more: Given = {},
): RoomFile =>
  room({
    items: sizes.map(([w, h], i) => art(w, h, { id: `f${i}`, name: `Frame ${i}` })),
    hangings: sizes.map((_, i) =>
      hanging({
        id: `g${i}`,
        itemId: `f${i}`,
        groupId: 'group',
        groupAt: at ? { dxMm: inches(at[i]![0]), dyMm: inches(at[i]![1]) } : null,
      }),
    ),
    groups: [{ ...GROUP, id: 'group', name: 'Group', wallId: 'n', kind: 'row', ...g }],
    ...more,
  });
const zone = (wIn: number) => ({
  xMm: inches(60),
  bottomMm: inches(40),
  widthMm: inches(wIn),
  heightMm: inches(40),
});
const screen = (bottomIn: number) =>
  room({
    fittings: [{ ...fitting('tv', 's', 60, bottomIn, 48, 26), depthMm: inches(2) }],
    pieces: [piece({ yMm: inches(20) })],
  });
/** A vase of a height on a chest 30 in high under a screen that begins at 36 in. */
const underScreen = (vaseIn: number) =>
  room({
    fittings: [{ ...fitting('tv', 'n', 60, 36, 48, 26), depthMm: inches(2) }],
    pieces: [
      piece({
        id: 'chest',
        name: 'Chest',
        kind: 'chest',
        seat: null,
        xMm: inches(84),
        yMm: inches(9),
        widthMm: inches(60),
        depthMm: inches(18),
        heightMm: inches(30),
      }),
    ],
    items: [item({ id: 'vase', name: 'Vase', kind: 'vase', widthMm: inches(5), heightMm: inches(vaseIn) })],
    placements: [placement({ itemId: 'vase', pieceId: 'chest', as: 'object', xMm: inches(30) })],
  });
const tank = (tankIn: number, shelfIn: number) =>
  room({
    fittings: [
      { ...fitting('toilet', 'n', 60, 0, 16, tankIn), id: 'toilet' },
      { ...fitting('shelf', 'n', 58, shelfIn - 1, 20, 1), id: 'shelf' },
    ],
  });
const shelves = (stepIn: number) =>
  room({
    fittings: [
      { ...fitting('shelf', 'n', 58, 40, 20, 1), id: 'low' },
      { ...fitting('shelf', 'n', 58, 41 + stepIn, 20, 1), id: 'high' },
    ],
  });
/** A piece on the north wall, looked at from the middle of the room, with a window behind whoever looks. */
const opposite = (more: Partial<Item>, h: Partial<Hanging> = {}) =>
  hung(art(30, 20, more), h, {
    openings: [opening({ wallId: 's', xMm: inches(60), dropsMm: null })],
    room: {
      standpoints: [
        {
          id: 'stand',
          name: 'From the middle',
          kind: 'own',
          xMm: inches(84),
          yMm: inches(72),
          eyeMm: inches(62),
        },
      ],
    },
  });
const printed = (sheet: [number, number], px: [number, number] | null) =>
  hung(art(20, 24, { kind: 'frame' }), {
    print: {
      itemId: null,
      sheetWidthMm: inches(sheet[0]),
      sheetHeightMm: inches(sheet[1]),
      pxWide: px?.[0] ?? null,
      pxHigh: px?.[1] ?? null,
    },
  });

// pillows on a seat
const cover = (sizeIn: number, more: Partial<Item> = {}) =>
  item({ widthMm: inches(sizeIn), heightMm: inches(sizeIn), ...more });
const put = (xIn: number, more: Partial<Placement> = {}) =>
  placement({ id: `x${xIn}${more.layer ?? 0}`, xMm: inches(xIn), ...more });
const seat = (items: Item[], placements: Placement[], more: Given = {}) =>
  room({ pieces: [piece()], items, placements, ...more });
const stacked = (backIn: number, frontIn: number) =>
  seat(
    [cover(backIn), cover(frontIn, { id: 'front', name: 'Front cover' })],
    [put(36), put(36, { itemId: 'front', layer: 1 })],
  );
const bold = (n: number) => {
  const ids = ['i1', 'i2', 'i3'].slice(0, n);
  return seat(
    ids.map((id) => cover(18, { id, pattern: { kind: 'check', repeatMm: inches(5) } })),
    ids.map((itemId, i) => put(12 + 20 * i, { itemId })),
  );
};
const ends = (l: number) =>
  seat(
    [cover(20), cover(20, { id: 'other', name: 'Other', colours: [{ l, a: 38, b: 30, share: 1 }] })],
    [put(10), put(62, { itemId: 'other' })],
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
const nothing = room({});
const acrossSeats = room({
  pieces: [piece(), piece({ id: 'p2', name: 'Bench', yMm: inches(124) })],
  items: [redCover, redArt],
  placements: [put(36), put(30, { pieceId: 'p2' })],
});

// the floor
const box = (id: string, x: number, y: number, w: number, d: number, more: Partial<Piece> = {}): Piece =>
  piece({
    id,
    name: id,
    kind: 'chest',
    seat: null,
    xMm: inches(x),
    yMm: inches(y),
    widthMm: inches(w),
    depthMm: inches(d),
    heightMm: inches(18),
    ...more,
  });
const seatAt = (id: string, x: number, y: number): Piece =>
  box(id, x, y, 30, 30, {
    kind: 'armchair',
    seat: {
      widthMm: inches(22),
      heightMm: inches(18),
      depthMm: inches(22),
      seats: 1,
      wantedSitters: 1,
      armHeightMm: 0,
      looseCushions: 0,
    },
  });
const rug = (x: number, y: number, w: number, d: number, id = 'rug'): Piece =>
  box(id, x, y, w, d, { kind: 'rug', heightMm: inches(0.5) });
const door = (more: Partial<Opening> = {}): Opening =>
  opening({
    id: 'door',
    name: 'Door',
    kind: 'door',
    wallId: 's',
    xMm: inches(67),
    widthMm: inches(34),
    sillMm: 0,
    heightMm: inches(80),
    dropsMm: null,
    opens: 'in',
    hinge: 'left',
    ...more,
  });
/** A sofa by the north wall, a door in the south wall, and a wall of chests between with one gap. */
const passage = (gapIn: number) =>
  room({
    openings: [door({ opens: 'out' })],
    pieces: [
      piece({ yMm: inches(20) }),
      box('left', 35, 85, 70, 16),
      box('right', 70 + gapIn + (168 - 70 - gapIn) / 2, 85, 168 - 70 - gapIn, 16),
    ],
  });
const withTable = (gapIn: number) =>
  room({
    pieces: [piece({ yMm: inches(20) }), box('table', 84, 38 + gapIn + 12, 40, 24, { kind: 'coffeeTable' })],
  });
const withRug = (tuckIn: number) =>
  room({ pieces: [piece({ yMm: inches(20) }), rug(84, 38 - tuckIn + 30, 96, 60)] });
const layered = (offIn: number, borderIn: number) =>
  room({
    pieces: [
      rug(84, 72, 100, 80, 'lower'),
      rug(84 + offIn, 72, 100 - 2 * borderIn, 80 - 2 * borderIn, 'upper'),
    ],
  });
const doorAndRug = (underIn: number) =>
  room({ openings: [door({ underMm: inches(underIn) })], pieces: [rug(84, 115, 40, 40)] });
const bedroom = (sideIn: number) =>
  room({
    pieces: [
      box('bed', sideIn + 30, 60, 60, 80, {
        kind: 'bed',
        bed: { mattressMm: inches(18), headboardMm: inches(18), footboardMm: 0 },
      }),
    ],
  });
const onTable = (i: Item, flags: Partial<RoomFile['home']['flags']>) =>
  room({
    pieces: [box('table', 84, 72, 40, 24, { kind: 'coffeeTable' })],
    items: [i],
    placements: [placement({ pieceId: 'table', as: 'object', xMm: inches(20) })],
    flags,
  });
const candles = (apartIn: number) =>
  room({
    pieces: [box('table', 84, 72, 60, 24, { kind: 'console' })],
    items: [
      item({ id: 'c', kind: 'candle', widthMm: inches(2), heightMm: inches(6) }),
      item({ id: 'g', kind: 'plant', widthMm: inches(6), heightMm: inches(10) }),
    ],
    placements: [
      placement({ id: 'a', itemId: 'c', pieceId: 'table', as: 'object', xMm: inches(10) }),
      placement({ id: 'b', itemId: 'g', pieceId: 'table', as: 'object', xMm: inches(10 + apartIn) }),
    ],
  });
const found = (verdict: RoomFile['clear']['found'][number]['verdict']) => ({
  id: 'f',
  itemId: 'i1',
  wallId: null,
  verdict,
  toRoomId: null,
  placeId: null,
});
const task = (more: Partial<RoomFile['clear']['tasks'][number]>) => ({
  id: 't',
  kind: 'carpet' as const,
  text: 'Powder the carpet',
  itemId: null,
  waitMinutes: 0,
  startedAt: null,
  done: false,
  ...more,
});

export const FINDING_CASES: { [C in FindingCode]: { level: Level; shows: RoomFile; not: RoomFile } } = {
  'floor-not-measured': { level: 'caution', shows: win({ dropsMm: null }), not: win() },
  'floor-level': { level: 'ok', shows: win(drops(78, 78.125, 78)), not: win(RUNS) },
  'hems-differ': {
    level: 'caution',
    shows: win(RUNS),
    not: win(RUNS, {}, { rules: [{ ruleId: 'windows.unevenFloor', school: 'oneLength' }] }),
  },
  'kiss-over-uneven-floor': { level: 'caution', shows: win(RUNS), not: win(RUNS, { landing: 'clear' }) },
  'clear-over-uneven-floor': {
    level: 'caution',
    shows: win(RUNS, { landing: 'clear' }),
    not: win({}, { landing: 'clear' }),
  },
  'floor-hidden-by-landing': {
    level: 'ok',
    shows: win(RUNS, { landing: 'pool' }),
    not: win(drops(78, 80, 82), { landing: 'break' }),
  },
  'rod-held-under-ceiling': {
    level: 'yielded',
    shows: win({}, {}, { ceilingIn: 80, rules: [{ ruleId: 'windows.heightSchool', school: 'overFrame' }] }),
    not: win({}, {}, { rules: [{ ruleId: 'windows.heightSchool', school: 'overFrame' }] }),
  },
  'rod-off-the-line': { level: 'caution', shows: two({ rodHeightMm: inches(92) }), not: two({}) },
  'rod-follows': { level: 'ok', shows: win({}, {}, { room: { crownMm: inches(4) } }), not: win({}) },
  'rods-meet': { level: 'yielded', shows: two({}, 70), not: two({}) },
  'rod-below-the-rule': {
    level: 'caution',
    shows: win({}, { rodHeightMm: inches(85) }),
    not: win({}, { rodHeightMm: inches(92) }),
  },
  'rod-below-frame': {
    level: 'stop',
    shows: win({}, { rodHeightMm: inches(77.875) }),
    not: win({}, { rodHeightMm: inches(78) }),
  },
  'rod-above-ceiling': {
    level: 'stop',
    shows: win({}, { rodHeightMm: inches(96.125) }),
    not: win({}, { rodHeightMm: inches(96) }),
  },
  'bracket-held-by-neighbour': { level: 'yielded', shows: win({ xMm: inches(6) }), not: win() },
  'bracket-past-the-wall': {
    level: 'stop',
    shows: win({ xMm: inches(6) }, { extensionLeftMm: inches(12) }),
    not: win({}, { extensionLeftMm: inches(12) }),
  },
  'bracket-widened-for-stack': {
    level: 'ok',
    shows: cloth({ clothGsm: 460 }),
    not: cloth({ clothGsm: 460 }, { extensionLeftMm: inches(7), extensionRightMm: inches(7) }),
  },
  'glass-clear': { level: 'ok', shows: win(), not: win({ xMm: inches(6), widthMm: inches(150) }) },
  'glass-covered': { level: 'caution', shows: win({ xMm: inches(6), widthMm: inches(150) }), not: win() },
  'fullness-good': { level: 'ok', shows: win(), not: cloth({}, { panels: 2 }) },
  'fullness-more': {
    level: 'yielded',
    shows: win({ widthMm: inches(30) }),
    not: win({ widthMm: inches(48) }),
  },
  'fullness-low': { level: 'caution', shows: cloth({}, { panels: 2 }), not: win() },
  'nothing-in-stock-lands': {
    level: 'caution',
    shows: win({}, {}, { rules: [{ ruleId: 'windows.stockLengths', value: [inches(63)] }] }),
    not: win(),
  },
  'length-not-positive': { level: 'stop', shows: win({}, { rodHeightMm: inches(1) }), not: win() },
  'set-short': { level: 'caution', shows: cloth({ count: 3 }), not: cloth({ count: 4 }) },
  'panels-borrowed': {
    level: 'yielded',
    shows: cloth({ roomId: 'elsewhere' }),
    not: cloth({ roomId: 'room' }),
  },
  'reveal-too-shallow': {
    level: 'caution',
    shows: inReveal({ revealMm: inches(1) }),
    not: inReveal({ revealMm: inches(4) }),
  },
  'inside-rod-meets-sash': {
    level: 'caution',
    shows: inReveal({ revealMm: inches(4), opens: 'in', hinge: 'left' }),
    not: inReveal({ revealMm: inches(4), opens: 'out', hinge: 'left' }),
  },
  'shower-too-narrow': { level: 'caution', shows: shower(80, { panels: 1 }), not: shower(60, { panels: 1 }) },
  'shower-hem': { level: 'ok', shows: shower(60), not: win() },
  'one-length-shows-floor': {
    level: 'caution',
    shows: win(RUNS, {}, ADVISE),
    not: win(RUNS, { landing: 'break' }, ADVISE),
  },
  'pool-on-sill': {
    level: 'caution',
    shows: win({}, { hemAt: 'sill', landing: 'pool' }),
    not: win({}, { hemAt: 'sill', landing: 'clear' }),
  },
  'hem-in-doorway': {
    level: 'caution',
    shows: french({}, { landing: 'pool' }),
    not: french({}, { landing: 'clear' }),
  },
  'pool-by-way': {
    level: 'caution',
    shows: win({}, { landing: 'pool' }, { fittings: [fitting('stairs', 'n', 126, 0, 36, 60)] }),
    not: win({}, { landing: 'kiss' }, { fittings: [fitting('stairs', 'n', 126, 0, 36, 60)] }),
  },
  'pleats-cloth-off': {
    level: 'caution',
    shows: win({}, { ...PLEATED, fullness: 3.4 }),
    not: win({}, { ...PLEATED, fullness: 2 }),
  },
  'curtain-over-vent': {
    level: 'caution',
    shows: win({}, {}, { fittings: [fitting('vent', 'n', 75, 4, 12, 6)] }),
    not: win({}, { hemAt: 'apron' }, { fittings: [fitting('vent', 'n', 75, 4, 12, 6)] }),
  },
  'heading-needs-track': {
    level: 'stop',
    shows: win({}, { heading: 'wave' }),
    not: win({}, { heading: 'wave', rod: { make: 'track', outerMm: null } }),
  },
  'heading-not-on-track': {
    level: 'stop',
    shows: win({}, { heading: 'grommet', rod: { make: 'track', outerMm: null } }),
    not: win({}, { heading: 'pinchPleat', rod: { make: 'track', outerMm: null } }),
  },
  'tension-needs-two-sides': {
    level: 'stop',
    shows: win({}, { rod: { make: 'tension', outerMm: null } }),
    not: inReveal({ revealMm: inches(4) }),
  },
  'tension-too-long': {
    level: 'caution',
    shows: inReveal({ widthMm: inches(61), revealMm: inches(4) }),
    not: inReveal({ widthMm: inches(60), revealMm: inches(4) }),
  },
  'tension-too-heavy': { level: 'caution', shows: heavyInside(1400), not: heavyInside(150) },
  'rod-sags': {
    level: 'caution',
    shows: win(
      { widthMm: inches(60) },
      { rod: { make: 'tube', outerMm: 4 }, itemId: 'panel' },
      { items: [panel({ clothGsm: 2500 })] },
    ),
    not: win({ widthMm: inches(60) }),
  },
  'centre-brackets': {
    level: 'ok',
    shows: win({ xMm: inches(20), widthMm: inches(120) }),
    not: win({ widthMm: inches(30) }),
  },
  'bracket-by-lintel-edge': {
    level: 'caution',
    shows: win({}, { rodHeightMm: inches(84.5) }),
    not: win({}, { rodHeightMm: inches(86) }),
  },
  'bracket-cable-zone': {
    level: 'caution',
    shows: win({}, {}, { fittings: [fitting('socket', 'n', 46, 12, 5, 3)] }),
    not: win({}, {}, { fittings: [fitting('socket', 'n', 64, 12, 5, 3)] }),
  },
  'rented-tension': { level: 'caution', shows: win({}, {}, { flags: { rented: true } }), not: win() },
  'seen-by-lamp': {
    level: 'caution',
    shows: win(
      { overlooked: true },
      { drawn: 'closed', sheer: { ...SHEER, drawn: 'open' }, lightShare: 0.5 },
      {},
    ),
    not: win(
      { overlooked: true },
      { drawn: 'closed', sheer: { ...SHEER, drawn: 'closed' }, lightShare: 0.5 },
      {},
    ),
  },
  'never-hidden': {
    level: 'caution',
    shows: win({ overlooked: true }, { lightShare: 0.6 }),
    not: win({ overlooked: true }, { lightShare: 0.2 }),
  },
  hidden: {
    level: 'ok',
    shows: win({ overlooked: true }, { drawn: 'closed' }),
    not: win({ overlooked: true }, { drawn: 'open' }),
  },
  'hazy-hidden': { level: 'ok', shows: win({ hazy: true }, { sheer: SHEER }), not: win({ hazy: true }) },
  'hazy-shows': { level: 'yielded', shows: win({ hazy: true }), not: win({ hazy: true }, { sheer: SHEER }) },
  'leaf-meets-rod': {
    level: 'stop',
    shows: french({ opens: 'in' }, { rodHeightMm: inches(80.5) }),
    not: french({ opens: 'in' }, { rodHeightMm: inches(83) }),
  },
  'leaf-meets-stack': {
    level: 'caution',
    shows: french(
      { opens: 'in', hinge: 'both' },
      { extensionLeftMm: inches(2), extensionRightMm: inches(2) },
    ),
    not: french({ opens: 'in', hinge: 'both' }, {}),
  },
  'leaf-screws': {
    level: 'caution',
    shows: french({ opens: 'in', hinge: 'both' }, { mount: 'leaf', heading: 'rodPocket' }),
    not: french({ opens: 'in', hinge: 'both' }, {}),
  },
  'leaf-covered': {
    level: 'ok',
    shows: french({ opens: 'in', hinge: 'both' }, { mount: 'leaf', heading: 'rodPocket' }),
    not: french({ opens: 'in', hinge: 'both' }, {}),
  },
  'curtain-by-heater': {
    level: 'caution',
    shows: win({}, {}, { fittings: [fitting('heater', 'n', 130, 0)] }),
    not: win({}, {}, { fittings: [fitting('heater', 's', 60, 0)] }),
  },
  'curtain-on-radiator': {
    level: 'caution',
    shows: win({}, {}, { fittings: [fitting('radiator', 'n', 70, 4)] }),
    not: win({}, {}, { fittings: [fitting('radiator', 'n', 2, 4)] }),
  },
  'pool-on-wheels': {
    level: 'caution',
    shows: win({}, { landing: 'pool' }, { flags: { wheelchair: true } }),
    not: win({}, { landing: 'break' }, { flags: { wheelchair: true } }),
  },
  'owned-panel-short': { level: 'caution', shows: cloth({ heightMm: inches(84) }), not: cloth({}) },

  'centre-and-gap-agree': { level: 'ok', shows: overSofa(art(58, 32)), not: overSofa(art(58, 20)) },
  'centre-yielded': { level: 'yielded', shows: overSofa(art(58, 20)), not: overSofa(art(58, 32)) },
  'gap-yielded': {
    level: 'yielded',
    shows: overSofa(art(58, 20), { rules: [{ ruleId: 'walls.yields', school: 'gap' }] }),
    not: overSofa(art(58, 20)),
  },
  'centre-as-wished': {
    level: 'ok',
    shows: hung(art(30, 20)),
    not: hung(art(30, 20), { centreMm: inches(70) }),
  },
  'width-share-good': { level: 'ok', shows: overSofa(art(58, 32)), not: overSofa(art(30, 32)) },
  'width-share-off': { level: 'caution', shows: overSofa(art(30, 32)), not: overSofa(art(58, 32)) },
  'picture-past-wall': {
    level: 'stop',
    shows: hung(art(30, 20), { xMm: inches(14) }),
    not: hung(art(30, 20), { xMm: inches(15) }),
  },
  'picture-over-opening': {
    level: 'stop',
    shows: hung(art(30, 20), {}, { openings: [opening()] }),
    not: hung(art(30, 20), { xMm: inches(25) }, { openings: [opening()] }),
  },
  'pictures-overlap': { level: 'stop', shows: pair(60, 60), not: pair(120, 60) },
  'clear-above-short': {
    level: 'caution',
    shows: hung(art(30, 20), { centreMm: inches(82.25) }),
    not: hung(art(30, 20), { centreMm: inches(82) }),
  },
  'ceiling-yielded': { level: 'yielded', shows: hung(art(20, 66)), not: hung(art(20, 64)) },
  'picture-below-floor': {
    level: 'stop',
    shows: hung(art(30, 20), { centreMm: inches(9) }),
    not: hung(art(30, 20), { centreMm: inches(10) }),
  },
  'picture-over-ceiling': {
    level: 'stop',
    shows: hung(art(30, 20), { centreMm: inches(87) }),
    not: hung(art(30, 20), { centreMm: inches(86) }),
  },
  'picture-by-curtain': {
    level: 'caution',
    shows: hung(
      art(30, 20),
      { xMm: inches(128) },
      { openings: [opening({ xMm: inches(60), widthMm: inches(48) })], dressings: [dressing({})] },
    ),
    not: hung(
      art(30, 20),
      { xMm: inches(145) },
      { openings: [opening({ xMm: inches(60), widthMm: inches(48) })], dressings: [dressing({})] },
    ),
  },
  'picture-over-fitting': {
    level: 'caution',
    shows: hung(art(30, 20), {}, { fittings: [fitting('shelf', 'n', 80, 55)] }),
    not: hung(art(30, 20), {}, { fittings: [fitting('shelf', 'n', 80, 75)] }),
  },
  'picture-into-furniture': {
    level: 'caution',
    shows: hung(art(30, 20), {}, { pieces: [piece({ kind: 'chest', seat: null, heightMm: inches(55) })] }),
    not: hung(art(30, 20), {}, { pieces: [piece({ kind: 'chest', seat: null })] }),
  },
  'leaning-fix': { level: 'caution', shows: hung(art(24, 60), { leans: true }), not: hung(art(24, 60)) },
  'panels-acclimatise': {
    level: 'caution',
    shows: hung(art(30, 20, { kind: 'wallPanel' })),
    not: hung(art(30, 20)),
  },
  'no-hook-holds': {
    level: 'stop',
    shows: hung(art(30, 20, { massG: 60_000 })),
    not: hung(art(30, 20, { massG: 40_000 })),
  },
  'hole-used': { level: 'ok', shows: withHole(84, 69), not: withHole(84, 66) },
  'hole-could-be-used': { level: 'yielded', shows: withHole(85, 68), not: withHole(90, 60) },
  'hole-could-be-hidden': { level: 'yielded', shows: withHole(100.5, 60), not: withHole(106, 60) },
  'group-gaps-even': {
    level: 'ok',
    shows: grouped([
      [16, 20],
      [16, 20],
    ]),
    not: grouped([[16, 20]]),
  },
  'group-gaps-uneven': {
    level: 'caution',
    shows: grouped(
      [
        [16, 20],
        [16, 20],
        [16, 20],
      ],
      {},
      [
        [-20, 0],
        [0, 0],
        [19, 0],
      ],
    ),
    not: grouped([
      [16, 20],
      [16, 20],
      [16, 20],
    ]),
  },
  'group-gap-off': {
    level: 'yielded',
    shows: grouped(
      [
        [16, 20],
        [16, 20],
      ],
      { gapMm: inches(5) },
    ),
    not: grouped(
      [
        [16, 20],
        [16, 20],
      ],
      { gapMm: inches(3) },
    ),
  },
  'group-schools-part': {
    level: 'yielded',
    shows: grouped(
      [
        [16, 20],
        [16, 20],
      ],
      {},
      undefined,
      { ceilingIn: 108 },
    ),
    not: grouped([
      [16, 20],
      [16, 20],
    ]),
  },
  'group-count': {
    level: 'yielded',
    shows: grouped(
      [
        [10, 10],
        [10, 10],
        [10, 10],
      ],
      { kind: 'grid' },
    ),
    not: grouped(
      [
        [10, 10],
        [10, 10],
        [10, 10],
        [10, 10],
      ],
      { kind: 'grid' },
    ),
  },
  'pair-sizes-differ': {
    level: 'yielded',
    shows: grouped(
      [
        [16, 20],
        [18, 20],
      ],
      { kind: 'pair' },
    ),
    not: grouped(
      [
        [16, 20],
        [16, 20],
      ],
      { kind: 'pair' },
    ),
  },
  'group-past-zone': {
    level: 'caution',
    shows: grouped(
      [
        [16, 20],
        [16, 20],
      ],
      { zone: zone(30) },
    ),
    not: grouped(
      [
        [16, 20],
        [16, 20],
      ],
      { zone: zone(40) },
    ),
  },
  'before-screen': { level: 'caution', shows: underScreen(8), not: underScreen(6) },
  'tv-too-high': { level: 'caution', shows: screen(70), not: screen(40) },
  'tv-height-good': { level: 'ok', shows: screen(40), not: screen(70) },
  'shelf-over-tank': { level: 'ok', shows: tank(30, 54), not: tank(30, 48) },
  'shelf-over-tank-off': { level: 'caution', shows: tank(30, 48), not: tank(30, 54) },
  'shelf-step-off': { level: 'yielded', shows: shelves(20), not: shelves(13) },
  glare: { level: 'yielded', shows: opposite({ glazed: true }), not: opposite({ glazed: false }) },
  'mirror-does': {
    level: 'ok',
    shows: opposite({ kind: 'mirror' }),
    not: hung(art(30, 20, { kind: 'mirror' })),
  },
  'mirror-idle': {
    level: 'yielded',
    shows: hung(art(30, 20, { kind: 'mirror' })),
    not: opposite({ kind: 'mirror' }),
  },
  'mirror-shows': { level: 'ok', shows: opposite({ kind: 'mirror' }), not: opposite({ glazed: true }) },
  'print-pixels-short': {
    level: 'caution',
    shows: printed([16, 20], [1200, 1500]),
    not: printed([16, 20], [2400, 3000]),
  },
  'print-pixels-good': {
    level: 'ok',
    shows: printed([16, 20], [2400, 3000]),
    not: printed([16, 20], [1200, 1500]),
  },
  'print-too-large': { level: 'stop', shows: printed([24, 36], null), not: printed([16, 20], null) },
  'print-matte': {
    level: 'yielded',
    shows: opposite(
      { glazed: true },
      {
        print: {
          itemId: null,
          sheetWidthMm: inches(16),
          sheetHeightMm: inches(20),
          pxWide: null,
          pxHigh: null,
        },
      },
    ),
    not: printed([16, 20], null),
  },
  'flanks-uneven': { level: 'yielded', shows: flanked(120), not: flanked(118) },
  'neighbour-centres-differ': { level: 'caution', shows: pair(90, 63), not: pair(90, 60) },
  'two-points': {
    level: 'caution',
    shows: hung(art(30, 20, { massG: 9500 })),
    not: hung(art(30, 20, { massG: 9000 })),
  },
  'cable-zone': {
    level: 'caution',
    shows: hung(art(30, 20), {}, { fittings: [fitting('socket', 'n', 82, 12, 4, 4)] }),
    not: hung(art(30, 20), {}, { fittings: [fitting('socket', 'n', 20, 12, 4, 4)] }),
  },
  'hook-above-frame': { level: 'stop', shows: wire(1, 1, 20, 30), not: wire(1, 6, 20, 21) },
  'wire-too-short': { level: 'stop', shows: wire(1, 5, 20, 15), not: wire(1, 6, 20, 21) },
  'hooks-too-wide': { level: 'stop', shows: wire(2, 5, 20, 24, 25), not: wire(2, 5, 20, 24, 8) },
  'old-walls': { level: 'caution', shows: hung(art(30, 20)), not: nothing },

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
  'too-many-bold': { level: 'caution', shows: bold(3), not: bold(2) },
  'ends-differ': { level: 'caution', shows: ends(55), not: ends(46) },
  'ends-match': { level: 'ok', shows: ends(46), not: ends(55) },
  'feather-in-feather-free': {
    level: 'stop',
    shows: seat([cover(20)], [put(36)], { flags: { featherFree: true } }),
    not: seat([cover(20)], [put(36, { fill: 'polyester' })], { flags: { featherFree: true } }),
  },
  'white-on-a-seat': {
    level: 'yielded',
    shows: seat([cover(20, { colours: [{ l: 96, a: 0, b: 2, share: 1 }] })], [put(36)]),
    not: seat([cover(20, { colours: [{ l: 88, a: 0, b: 2, share: 1 }] })], [put(36)]),
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

  ladder: { level: 'caution', shows: win(), not: hung(art(30, 20)) },
  'two-people-rod': {
    level: 'caution',
    shows: win({ widthMm: inches(70), xMm: inches(40) }),
    not: hung(art(30, 20)),
  },
  'detector-before-drilling': { level: 'caution', shows: win(), not: nothing },
  'rating-of-fixings': { level: 'caution', shows: hung(art(30, 20)), not: nothing },
  'rented-no-drill': {
    level: 'caution',
    shows: hung(art(30, 20), {}, { flags: { rented: true } }),
    not: hung(art(30, 20)),
  },

  // floor
  'walkway-narrow': { level: 'caution', shows: passage(29), not: passage(30) },
  'no-way-to': {
    level: 'caution',
    shows: room({ openings: [door()], pieces: [piece({ yMm: inches(20) }), box('wall', 84, 80, 168, 10)] }),
    not: passage(30),
  },
  'walkways-good': { level: 'ok', shows: passage(30), not: passage(29) },
  'seat-out-of-talk': {
    level: 'caution',
    shows: room({ ceilingIn: 96, pieces: [seatAt('p1', 20, 20), seatAt('p2', 148, 20)] }),
    not: room({ pieces: [seatAt('p1', 20, 20), seatAt('p2', 110, 20)] }),
  },
  'seats-talk': {
    level: 'ok',
    shows: room({ pieces: [seatAt('p1', 20, 20), seatAt('p2', 116, 20)] }),
    not: room({ pieces: [seatAt('p1', 20, 20), seatAt('p2', 140, 20)] }),
  },
  'seat-without-surface': {
    level: 'caution',
    shows: room({ pieces: [piece(), box('t', 155, 20, 20, 20, { kind: 'sideTable' })] }),
    not: room({ pieces: [piece(), box('t', 154, 20, 20, 20, { kind: 'sideTable' })] }),
  },
  'seat-without-light': {
    level: 'caution',
    shows: room({
      pieces: [seatAt('p1', 20, 20), box('l', 92, 20, 14, 14, { kind: 'floorLamp', heightMm: inches(60) })],
    }),
    not: room({
      pieces: [seatAt('p1', 20, 20), box('l', 90, 20, 14, 14, { kind: 'floorLamp', heightMm: inches(60) })],
    }),
  },
  'sofa-table-near': { level: 'caution', shows: withTable(15.75), not: withTable(16) },
  'sofa-table-far': { level: 'caution', shows: withTable(18.25), not: withTable(18) },
  'sofa-table-good': { level: 'ok', shows: withTable(17), not: withTable(20) },
  'rug-tuck-good': { level: 'ok', shows: withRug(10), not: withRug(9) },
  'rug-tuck-off': { level: 'caution', shows: withRug(9), not: withRug(10) },
  'layer-border-good': { level: 'ok', shows: layered(0, 10), not: layered(0, 7) },
  'layer-border-off': { level: 'caution', shows: layered(0, 7), not: layered(0, 8) },
  'layer-border-uneven': { level: 'caution', shows: layered(1.5, 12), not: layered(1, 12) },
  'rug-by-toilet': {
    level: 'caution',
    shows: room({ fittings: [fitting('toilet', 'n', 70, 0, 15, 30)], pieces: [rug(78, 30, 40, 30)] }),
    not: room({ fittings: [fitting('toilet', 'n', 70, 0, 15, 30)], pieces: [rug(78, 50, 40, 30)] }),
  },
  'rug-on-wheels': {
    level: 'caution',
    shows: room({ pieces: [rug(84, 72, 60, 40)], flags: { wheelchair: true } }),
    not: room({ pieces: [rug(84, 72, 60, 40)] }),
  },
  'door-over-rug': { level: 'caution', shows: doorAndRug(0.5), not: doorAndRug(0.625) },
  'door-over-rug-unmeasured': { level: 'caution', shows: doorAndRug(0), not: doorAndRug(0.5) },
  'swing-blocked': {
    level: 'caution',
    shows: room({ openings: [door()], pieces: [box('c', 84, 130, 20, 20)] }),
    not: room({ openings: [door({ opens: 'out' })], pieces: [box('c', 84, 130, 20, 20)] }),
  },
  'vent-covered': {
    level: 'caution',
    shows: room({ fittings: [fitting('radiator', 'n', 70, 4)], pieces: [box('c', 80, 18, 40, 16)] }),
    not: room({ fittings: [fitting('radiator', 'n', 70, 4)], pieces: [box('c', 80, 19, 40, 16)] }),
  },
  'piece-by-heater': {
    level: 'caution',
    shows: room({ fittings: [fitting('heater', 'n', 2, 0, 18, 16)], pieces: [piece({ xMm: inches(97.5) })] }),
    not: room({ fittings: [fitting('heater', 'n', 2, 0, 18, 16)], pieces: [piece({ xMm: inches(98) })] }),
  },
  'bed-passage-good': { level: 'ok', shows: bedroom(24), not: bedroom(23) },
  'bed-passage-narrow': { level: 'caution', shows: bedroom(23), not: bedroom(24) },
  'pieces-overlap': {
    level: 'caution',
    shows: room({ pieces: [box('a', 84, 72, 20, 20), box('b', 96, 72, 20, 20)] }),
    not: room({ pieces: [box('a', 84, 72, 20, 20), box('b', 104, 72, 20, 20)] }),
  },

  // readings, and cautions of a room's facts
  'rests-on-guess': {
    level: 'caution',
    shows: win(
      {},
      {},
      { room: { readings: [{ about: 'o1', field: 'widthMm', guess: true, secondMm: null }] } },
    ),
    not: win(
      {},
      {},
      { room: { readings: [{ about: 'o1', field: 'widthMm', guess: false, secondMm: 1000 }] } },
    ),
  },
  'readings-differ': {
    level: 'caution',
    shows: win(
      {},
      {},
      { room: { readings: [{ about: 'o1', field: 'widthMm', guess: false, secondMm: 1000 }] } },
    ),
    not: win(),
  },
  'bed-by-window': {
    level: 'caution',
    shows: room({ openings: [opening()], pieces: [box('c', 84, 37, 30, 30, { kind: 'cot' })] }),
    not: room({ openings: [opening()], pieces: [box('c', 84, 39, 30, 30, { kind: 'cot' })] }),
  },
  'glazed-over-cot': {
    level: 'stop',
    shows: hung(art(20, 20, { glazed: true }), {}, { pieces: [box('c', 84, 20, 54, 30, { kind: 'cot' })] }),
    not: hung(art(20, 20), {}, { pieces: [box('c', 84, 20, 54, 30, { kind: 'cot' })] }),
  },
  'can-tip': {
    level: 'caution',
    shows: room({
      pieces: [box('c', 84, 20, 40, 18, { kind: 'chest', heightMm: inches(27) })],
      flags: { childrenAges: [6] },
    }),
    not: room({
      pieces: [box('c', 84, 20, 40, 18, { kind: 'chest', heightMm: inches(26) })],
      flags: { childrenAges: [6] },
    }),
  },
  'poisonous-plant': {
    level: 'caution',
    shows: onTable(item({ kind: 'plant', poisonous: true }), { pets: true }),
    not: onTable(item({ kind: 'plant', poisonous: true }), {}),
  },
  'wool-in-wool-free': {
    level: 'stop',
    shows: onTable(item({ fibre: 'wool' }), { woolFree: true }),
    not: onTable(item({ fibre: 'cotton' }), { woolFree: true }),
  },
  'scent-in-scent-free': {
    level: 'stop',
    shows: onTable(item({ kind: 'candle', scented: true }), { scentFree: true }),
    not: onTable(item({ kind: 'candle' }), { scentFree: true }),
  },
  'small-part-in-reach': {
    level: 'caution',
    shows: onTable(item({ kind: 'object', widthMm: 25, heightMm: 25, depthMm: 25 }), { childrenAges: [1.5] }),
    not: onTable(item({ kind: 'object', widthMm: 60, heightMm: 60, depthMm: 60 }), { childrenAges: [1.5] }),
  },
  'candle-near-cloth': { level: 'caution', shows: candles(14), not: candles(20) },
  'candle-in-reach': {
    level: 'caution',
    shows: onTable(item({ kind: 'candle' }), { pets: true }),
    not: onTable(item({ kind: 'candle' }), {}),
  },
  'sash-meets-curtain': {
    level: 'caution',
    shows: win({ opens: 'in', hinge: 'left' }, { rodHeightMm: inches(80) }),
    not: win({ opens: 'in', hinge: 'left' }, { rodHeightMm: inches(84) }),
  },

  'colour-unseen': { level: 'caution', shows: onTable(item({ seen: false }), {}), not: onTable(item(), {}) },
  'colour-uncorrected': {
    level: 'yielded',
    shows: onTable(item({ colourFrom: 'photo' }), {}),
    not: onTable(item({ colourFrom: 'corrected' }), {}),
  },

  'verdicts-open': {
    level: 'caution',
    shows: room({ items: [item()], clear: { found: [found(null)] } }),
    not: room({ items: [item()], clear: { found: [found('stays')] } }),
  },
  'task-waits': {
    level: 'yielded',
    shows: room({ clear: { tasks: [task({ startedAt: '2026-01-01T10:00:00.000Z', waitMinutes: 15 })] } }),
    not: room({
      clear: { tasks: [task({ startedAt: '2026-01-01T10:00:00.000Z', waitMinutes: 15, done: true })] },
    }),
  },
  'bleach-alone': {
    level: 'caution',
    shows: room({ clear: { tasks: [task({ kind: 'clean' })] } }),
    not: room({ clear: { tasks: [task({ kind: 'mend' })] } }),
  },
  'keep-dry': {
    level: 'caution',
    shows: room({ items: [item({ fibre: 'wool' })], clear: { found: [found('away')] } }),
    not: room({ items: [item({ fibre: 'cotton' })], clear: { found: [found('away')] } }),
  },
};
