/** Rooms drawn at random, for what has to hold in any room. */
import fc from 'fast-check';
import { elementAt } from '../../src/core/base/list';
import { GROUP, SHEER } from '../../src/core/model/defaults';
import {
  groupKindSchema,
  headingSchema,
  landingSchema,
  liningSchema,
  mountSchema,
  pieceKindSchema,
  rodMakeSchema,
} from '../../src/core/model/schema';
import type {
  Dressing,
  Hanging,
  HangingGroup,
  Item,
  Opening,
  Piece,
  Placement,
  RoomFile,
} from '../../src/core/model/types';
import {
  bareRoom,
  dressing,
  fittingOf,
  hanging,
  item,
  opening,
  piece,
  placement,
  onSeat,
  standing,
} from './rooms';

const mm = (min: number, max: number) => fc.integer({ min, max });
const orNull = <T>(a: fc.Arbitrary<T>) => fc.option(a, { nil: null });
const wallId = fc.constantFrom('n', 'e', 's', 'w');
const anyOpening = fc.record({
  kind: fc.constantFrom('window' as const, 'frenchDoor' as const, 'door' as const),
  wallId,
  xMm: mm(0, 2000),
  widthMm: mm(200, 1800),
  sillMm: mm(0, 1100),
  heightMm: mm(300, 1500),
  trimMm: mm(0, 120),
  revealMm: mm(0, 200),
  opens: fc.constantFrom('fixed' as const, 'sash' as const, 'in' as const, 'out' as const),
  hinge: fc.constantFrom('none' as const, 'left' as const, 'right' as const, 'both' as const),
  overlooked: fc.boolean(),
  hazy: fc.boolean(),
  drop: orNull(fc.tuple(mm(-40, 40), mm(-40, 40), mm(-40, 40))),
});
const anyDressing = fc.record({
  heading: fc.constantFrom(...headingSchema.options),
  landing: fc.constantFrom(...landingSchema.options),
  mount: fc.constantFrom(...mountSchema.options),
  hemAt: fc.constantFrom('floor' as const, 'sill' as const, 'apron' as const),
  make: fc.constantFrom(...rodMakeSchema.options),
  rodHeightMm: orNull(mm(100, 2600)),
  extensionLeftMm: orNull(mm(0, 600)),
  extensionRightMm: orNull(mm(0, 600)),
  fullness: orNull(mm(5, 40).map((n) => n / 10)),
  panels: orNull(mm(1, 9)),
  joinsNext: fc.boolean(),
  drawn: fc.constantFrom('open' as const, 'closed' as const),
  sheer: fc.boolean(),
  itemId: fc.constantFrom(null, 'panel'),
  lining: fc.constantFrom(...liningSchema.options),
  halfDrop: fc.boolean(),
  repeatMm: orNull(mm(0, 900)),
  made: fc.boolean(),
  pinMm: orNull(mm(0, 120)),
});
const anyHanging = fc.record({
  wallId,
  w: mm(60, 2200),
  h: mm(60, 2200),
  kind: fc.constantFrom('art' as const, 'mirror' as const, 'wallPanel' as const),
  glazed: fc.boolean(),
  massG: mm(50, 40_000),
  over: fc.boolean(),
  xMm: orNull(mm(-200, 4200)),
  centreMm: orNull(mm(0, 2600)),
  leans: fc.boolean(),
  grouped: fc.boolean(),
  gapMm: orNull(mm(0, 600)),
  hanger: fc.constantFrom('wire' as const, 'sawtooth' as const, 'dRings' as const, 'cleat' as const),
});
const anyGroup = fc.record({
  wallId,
  kind: fc.constantFrom(...groupKindSchema.options),
  hinge: fc.constantFrom('tops' as const, 'centres' as const, 'bottoms' as const, 'line' as const),
  over: fc.boolean(),
  xMm: orNull(mm(0, 4000)),
  centreMm: orNull(mm(0, 2600)),
  gapMm: orNull(mm(0, 300)),
  columns: orNull(mm(1, 5)),
  reuseHoles: fc.boolean(),
});
const anyFitting = fc.record({
  kind: fc.constantFrom(
    'tv' as const,
    'vent' as const,
    'shelf' as const,
    'radiator' as const,
    'heater' as const,
    'socket' as const,
    'stairs' as const,
    'toilet' as const,
    'tub' as const,
    'fireplace' as const,
  ),
  wallId,
  xMm: mm(0, 2500),
  widthMm: mm(60, 1500),
  bottomMm: mm(0, 1500),
  heightMm: mm(20, 1000),
  depthMm: mm(10, 700),
});
export const anyRoom = fc.record({
  unit: fc.constantFrom('in' as const, 'cm' as const),
  ceilingMm: mm(1900, 3600),
  crownMm: mm(0, 150),
  slope: orNull(fc.record({ wallId, lowMm: mm(800, 1800), runMm: mm(300, 2500) })),
  beam: orNull(
    fc.record({ wallId, fromWallMm: mm(0, 2000), widthMm: mm(50, 400), undersideMm: mm(1700, 1890) }),
  ),
  rented: fc.boolean(),
  wheelchair: fc.boolean(),
  windows: fc.array(fc.tuple(anyOpening, anyDressing), { maxLength: 4 }),
  hangings: fc.array(anyHanging, { maxLength: 6 }),
  group: anyGroup,
  fittings: fc.array(anyFitting, { maxLength: 3 }),
  holes: fc.array(fc.tuple(wallId, mm(0, 3000), mm(300, 2200)), { maxLength: 3 }),
});

export type AnyRoom = Parameters<Parameters<typeof anyRoom.map>[0]>[0];

type AnyWindow = AnyRoom['windows'][number];
type AnyHanging = AnyRoom['hangings'][number];

function openingOf(o: AnyWindow[0], i: number, ceilingMm: number): Opening {
  const { drop, ...rest } = o;
  const sillMm = o.kind === 'window' ? o.sillMm : 0;
  const heightMm = Math.min(o.heightMm, ceilingMm - sillMm);
  const top = sillMm + heightMm;
  return opening({
    ...rest,
    id: `o${i}`,
    name: `Window ${i}`,
    sillMm,
    heightMm,
    dropsMm: drop && { left: top + drop[0], middle: top + drop[1], right: top + drop[2] },
  });
}

function dressingOf(d: AnyWindow[1], i: number): Dressing {
  const { make, lining, halfDrop, repeatMm, made, sheer, ...rest } = d;
  return dressing({
    ...rest,
    id: `d${i}`,
    openingId: `o${i}`,
    rod: { make, outerMm: null },
    making: { clothWidthMm: null, repeatMm, halfDrop, lining },
    sheer: sheer ? SHEER : null,
    route: made ? { kind: 'made', stockMm: null } : null,
  });
}

/** Every window dressed, and a shower curtain on every tub. */
const dressingsOf = (r: AnyRoom): Dressing[] => [
  ...r.windows.flatMap(([o, d], i) => (o.kind === 'door' ? [] : [dressingOf(d, i)])),
  ...r.fittings.flatMap((f, i) =>
    f.kind === 'tub'
      ? [dressing({ id: `t${i}`, openingId: `f${i}`, rod: { make: 'tension', outerMm: null } })]
      : [],
  ),
];

const groupOf = ({ over: isOver, ...group }: AnyRoom['group']): HangingGroup => ({
  ...GROUP,
  ...group,
  id: 'g',
  name: 'Group',
  overPieceId: isOver ? 'p1' : null,
});

const HANGERS: Record<string, Hanging['hanger']> = {
  wire: { kind: 'wire', hooks: 2, ringDropMm: 60, ringsApartMm: 300, wireMm: 340, hooksApartMm: null },
  sawtooth: { kind: 'sawtooth', dropMm: 20 },
  dRings: { kind: 'dRings', dropMm: 40, ringsApartMm: 250 },
  cleat: { kind: 'cleat', dropMm: 30, widthMm: 200 },
};

const hangingOf = (h: AnyHanging, i: number, groupWallId: string): Hanging =>
  hanging({
    id: `h${i}`,
    itemId: `i${i}`,
    wallId: h.grouped ? groupWallId : h.wallId,
    overPieceId: h.over ? 'p1' : null,
    xMm: h.xMm,
    centreMm: h.centreMm,
    gapMm: h.gapMm,
    leans: h.leans,
    hanger: HANGERS[h.hanger]!,
    groupId: h.grouped ? 'g' : null,
  });

const itemOf = ({ kind, w, h, massG, glazed }: AnyHanging, i: number): Item =>
  item({ id: `i${i}`, name: `Piece ${i}`, kind, widthMm: w, heightMm: h, massG, glazed });

const PANEL = item({
  id: 'panel',
  name: 'Linen panel',
  kind: 'panel',
  widthMm: 1300,
  heightMm: 2500,
  count: 5,
});

export function roomOf(r: AnyRoom): RoomFile {
  const base = bareRoom(4000, 3000, r.ceilingMm, r.unit);
  return {
    ...base,
    home: { ...base.home, flags: { ...base.home.flags, rented: r.rented, wheelchair: r.wheelchair } },
    room: {
      ...base.room,
      crownMm: r.crownMm,
      slopes: r.slope ? [r.slope] : [],
      beams: r.beam ? [{ id: 'b', name: 'Beam', ...r.beam }] : [],
      holes: r.holes.map(([wall, xMm, heightMm], i) => ({ id: `x${i}`, wallId: wall, xMm, heightMm })),
      standpoints: [{ id: 'door', name: 'Door', kind: 'door', xMm: 300, yMm: 2500, eyeMm: 1600 }],
    },
    openings: r.windows.map(([o], i) => openingOf(o, i, r.ceilingMm)),
    fittings: r.fittings.map((f, i) => fittingOf({ ...f, id: `f${i}`, name: `Fitting ${i}` })),
    pieces: [piece({ xMm: 2000, yMm: 500 })],
    items: [...r.hangings.map(itemOf), PANEL],
    looks: [
      {
        ...base.looks[0]!,
        dressings: dressingsOf(r),
        hangings: r.hangings.map((h, i) => hangingOf(h, i, r.group.wallId)),
        groups: r.hangings.some((h) => h.grouped) ? [groupOf(r.group)] : [],
      },
    ],
  };
}

const anyPiece = fc.record({
  round: fc.boolean(),
  kind: fc.constantFrom(...pieceKindSchema.options),
  xMm: mm(200, 3800),
  yMm: mm(200, 2800),
  turnDeg: fc.constantFrom(0, 90, 180, 270, 30),
  widthMm: mm(300, 2200),
  depthMm: mm(250, 1600),
  heightMm: mm(200, 2100),
  seated: fc.boolean(),
});
const anyPlacement = fc.record({
  piece: fc.nat({ max: 5 }),
  item: fc.nat({ max: 3 }),
  lie: fc.constantFrom('propped' as const, 'overBack' as const, 'standing' as const, 'flat' as const),
  /** On the thing that was put before it, in a part that it may have. */
  isCarried: fc.boolean(),
  part: fc.constantFrom('top', 'mouth', 'inside'),
  count: fc.integer({ min: 1, max: 3 }),
  turnDeg: fc.constantFrom(0, 0, 0, 90, 30),
  xMm: mm(0, 2000),
  row: fc.nat({ max: 2 }),
});
const anyCover = fc.record({
  kind: fc.constantFrom(
    ...(['cover', 'throw', 'candle', 'plant', 'tray', 'vase', 'object', 'basket', 'stem'] as const),
  ),
  widthMm: mm(20, 700),
  heightMm: mm(20, 600),
  count: fc.integer({ min: 0, max: 4 }),
  l: mm(5, 98),
  a: mm(-60, 60),
  b: mm(-60, 60),
});

function spotFor(
  p: { piece: number; lie: Placement['lie']; isCarried: boolean; part: string },
  pieces: readonly Piece[],
  i: number,
): Pick<Placement, 'spot' | 'lie' | 'fill'> {
  if (p.isCarried && i > 0) return { ...standing(`l${i - 1}`, p.part), lie: 'standing' };
  const host = elementAt(pieces, p.piece % pieces.length);
  if (host.seat) return { ...onSeat(host.id), lie: p.lie, fill: null };
  return { ...standing(host.id), lie: p.lie };
}

/** A room with furniture and things on it, for a household with children, pets or allergies. */
export const anyFurnishedRoom = fc.record({
  room: anyRoom,
  pieces: fc.array(anyPiece, { minLength: 1, maxLength: 6 }),
  placements: fc.array(anyPlacement, { maxLength: 6 }),
  covers: fc.array(anyCover, { minLength: 1, maxLength: 4 }),
  ages: fc.array(fc.nat({ max: 14 }), { maxLength: 2 }),
  pets: fc.boolean(),
});
export type AnyFurnishedRoom = Parameters<Parameters<typeof anyFurnishedRoom.map>[0]>[0];

export function furnishedRoomOf(r: AnyFurnishedRoom): RoomFile {
  const file = roomOf(r.room);
  const pieces = r.pieces.map(({ seated, ...p }, i): Piece =>
    piece({ ...p, id: `p${i + 1}`, name: `Piece of ${i}`, ...(seated ? {} : { seat: null }) }),
  );
  const covers = r.covers.map(({ l, a, b, ...c }, i): Item =>
    item({ ...c, id: `c${i}`, name: `Thing ${i}`, colours: [{ l, a, b, share: 1 }] }),
  );
  const placements = r.placements.map((p, i): Placement =>
    placement({
      id: `l${i}`,
      ...spotFor(p, pieces, i),
      itemId: `c${p.item % covers.length}`,
      xMm: p.xMm,
      row: p.row,
      count: p.count,
      turnDeg: p.turnDeg,
    }),
  );
  const flags = { ...file.home.flags, childrenAges: r.ages, pets: r.pets };
  return {
    ...file,
    home: { ...file.home, flags },
    pieces,
    items: [...file.items, ...covers],
    looks: file.looks.map((look) => ({ ...look, placements })),
  };
}
