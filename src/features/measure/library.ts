import { cm, inches, toMark, type LengthUnit, type Mm } from '../../core/base/units';
import { FITTING, OPENING, PIECE, SEAT } from '../../core/model/defaults';
import type { Fitting, Opening, Piece, RoomFile, Swatch } from '../../core/model/types';
import { polygonCentre, insidePolygon } from '../../core/geometry/plane';
import { footprint } from '../../core/room/place';
import { checkFitting, checkOpening, checkPiece } from '../../core/stages/measure/check';
import { wallsOf } from '../../core/room/walls';
import { FITTINGS, OPENINGS, PIECES } from './kindLists';

const one = (l: number, a: number, b: number): Swatch[] => [{ l, a, b, share: 1 }];
const grey = one(70, 0, 2);
const white = one(96, 0, 1);
const iron = one(24, 0, 0);
const plain = { kind: 'solid', repeatMm: 0 } as const;

/** A usual size: inches, and the round size in cm that shops of the other system sell. */
type Usual = readonly [inches: number, cm: number];
const size = (unit: LengthUnit, [inchValue, cmValue]: Usual): Mm =>
  unit === 'cm' ? cm(cmValue) : inches(inchValue);

/** Widths tried for a new thing until one fits its wall. */
const SHRINK = [1, 0.75, 0.5, 0.3, 0.15];
const STEPS = 24;

function onWall<T extends { xMm: Mm; widthMm: Mm; wallId: string }>(
  thing: T,
  file: RoomFile,
  refused: (t: T) => boolean,
): T | undefined {
  const wall = wallsOf(file.room).find((w) => w.id === thing.wallId);
  if (!wall) return undefined;
  for (const share of SHRINK) {
    const widthMm = thing.widthMm * share;
    const room = wall.lengthMm - widthMm;
    if (room < 0) continue;
    // from the middle outwards
    for (let i = 0; i <= STEPS; i++) {
      const offset = (i % 2 ? 1 : -1) * Math.ceil(i / 2) * (room / STEPS);
      const candidate = { ...thing, widthMm, xMm: Math.min(Math.max(0, room / 2 + offset), room) };
      if (!refused(candidate)) return candidate;
    }
  }
  return undefined;
}

/** Usual widths of openings, in inches and centimetres. */
const USUAL_WIDTHS: Record<Opening['kind'], Usual> = {
  window: [40, 110],
  frenchDoor: [60, 150],
  door: [32, 85],
  arch: [32, 85],
};

/** How an opening of a kind usually moves. */
function usualMove(kind: Opening['kind'], s: (...u: Usual) => Mm): Partial<Opening> {
  if (kind === 'window') return { opens: 'sash', revealMm: s(4, 10), sillDepthMm: s(3, 8) };
  if (kind === 'arch') return {};
  return { opens: 'in', hinge: kind === 'door' ? 'left' : 'both', handleMm: s(2.5, 6) };
}

/** A new opening where the wall has room; undefined when it has none. */
function newOpening(
  kind: Opening['kind'],
  id: string,
  name: string,
  wallId: string,
  file: RoomFile,
): Opening | undefined {
  const { unit, ceilingMm } = file.room;
  const s = (...u: Usual) => size(unit, u);
  const door = kind !== 'window';
  const sillMm = door ? 0 : Math.min(s(32, 85), ceilingMm * 0.35);
  const opening: Opening = {
    ...OPENING,
    id,
    name,
    kind,
    wallId,
    xMm: 0,
    widthMm: s(...USUAL_WIDTHS[kind]),
    sillMm,
    heightMm: Math.min(door ? s(80, 205) : s(48, 120), ceilingMm - sillMm - s(2, 5)),
    trimMm: kind === 'arch' ? 0 : s(3, 7),
    dropsMm: null,
    ...usualMove(kind, s),
  };
  // under a slope a lower one may still fit
  for (const share of [1, 0.85, 0.7]) {
    const found = onWall({ ...opening, heightMm: opening.heightMm * share }, file, (o) =>
      checkOpening(o, file).some((i) => i.level === 'refuse'),
    );
    if (found) return found;
  }
  return undefined;
}

/** Width, height above the floor, height, depth, colour. */
const FITTING_SIZES: Record<Fitting['kind'], readonly [Usual, Usual, Usual, Usual, Swatch[]]> = {
  fireplace: [[48, 120], [0, 0], [42, 105], [8, 20], one(34, 2, 4)],
  radiator: [[36, 90], [5, 12], [22, 55], [4, 10], white],
  heater: [[18, 45], [0, 0], [16, 40], [8, 20], white],
  stove: [[28, 70], [0, 0], [32, 80], [20, 50], iron],
  socket: [[5, 15], [12, 30], [3.5, 8.5], [0.5, 1], white],
  switch: [[3.5, 8.5], [44, 110], [4.5, 8.5], [0.5, 1], white],
  vent: [[14, 35], [84, 215], [6, 15], [0.5, 1], white],
  tv: [[48, 120], [30, 75], [28, 70], [3, 7], iron],
  shelf: [[36, 90], [54, 135], [1.5, 4], [10, 25], grey],
  pictureRail: [[400, 1000], [80, 205], [2, 5], [1, 2.5], white],
  beam: [[400, 1000], [88, 225], [8, 20], [8, 20], one(40, 8, 18)],
  basin: [[24, 60], [30, 75], [8, 20], [18, 45], white],
  stairs: [[110, 280], [0, 0], [96, 244], [36, 90], one(50, 8, 18)],
  tub: [[60, 170], [0, 0], [22, 56], [30, 75], white],
  toilet: [[15, 38], [0, 0], [30, 76], [27, 68], white],
};

function newFitting(
  kind: Fitting['kind'],
  id: string,
  name: string,
  wallId: string,
  file: RoomFile,
): Fitting | undefined {
  const { unit, ceilingMm } = file.room;
  const [width, bottom, height, depth, colours] = FITTING_SIZES[kind];
  const [w, heightMm] = [size(unit, width), size(unit, height)];
  const wall = wallsOf(file.room).find((x) => x.id === wallId);
  // rails and beams run along the whole wall
  const widthMm = kind === 'pictureRail' || kind === 'beam' ? Math.min(w, wall?.lengthMm ?? w) : w;
  const mantel =
    kind === 'fireplace'
      ? {
          widthMm: size(unit, [60, 150]),
          depthMm: size(unit, [9, 23]),
          topMm: Math.min(size(unit, [52, 132]), ceilingMm),
        }
      : null;
  return onWall(
    {
      ...FITTING,
      id,
      name,
      kind,
      wallId,
      xMm: 0,
      widthMm,
      bottomMm: Math.max(0, Math.min(size(unit, bottom), ceilingMm - heightMm)),
      heightMm,
      depthMm: size(unit, depth),
      mantel,
      colours,
    },
    file,
    (f) => checkFitting(f, file).length > 0,
  );
}

/**
 * Width, depth, height; for seats the seat's width, height and depth with how many sit, the arms' height; for
 * beds mattress, head and foot board.
 */
type UsualPiece = {
  name: string;
  w: Usual;
  d: Usual;
  h: Usual;
  seat?: readonly [Usual, Usual, Usual, number, Usual];
  cushions?: number;
  bed?: readonly [Usual, Usual, Usual];
  shelves?: readonly Usual[];
  chairs?: number;
  at?: Usual;
};

/** The usual sizes of each kind, the first for a new one. All can be changed. */
export const SIZES: Record<Piece['kind'], readonly UsualPiece[]> = {
  sofa: [
    {
      name: 'three',
      w: [84, 210],
      d: [36, 90],
      h: [34, 86],
      seat: [[70, 175], [18, 45], [22, 55], 3, [25, 63]],
      cushions: 3,
    },
    {
      name: 'two',
      w: [64, 160],
      d: [36, 90],
      h: [34, 86],
      seat: [[50, 125], [18, 45], [22, 55], 2, [25, 63]],
      cushions: 2,
    },
    {
      name: 'long',
      w: [100, 250],
      d: [40, 100],
      h: [34, 86],
      seat: [[86, 215], [18, 45], [24, 60], 4, [25, 63]],
      cushions: 4,
    },
  ],
  armchair: [
    {
      name: 'usual',
      w: [32, 80],
      d: [34, 85],
      h: [34, 86],
      seat: [[22, 55], [18, 45], [22, 55], 1, [24, 60]],
      cushions: 1,
    },
    {
      name: 'slim',
      w: [27, 68],
      d: [29, 74],
      h: [32, 80],
      seat: [[20, 50], [17, 43], [20, 50], 1, [23, 58]],
    },
  ],
  wingChair: [
    {
      name: 'usual',
      w: [32, 80],
      d: [34, 85],
      h: [42, 107],
      seat: [[21, 53], [19, 48], [21, 53], 1, [25, 63]],
      cushions: 1,
    },
  ],
  windowSeat: [
    {
      name: 'usual',
      w: [54, 140],
      d: [20, 50],
      h: [18, 45],
      seat: [[54, 140], [18, 45], [20, 50], 2, [0, 0]],
    },
  ],
  bench: [
    {
      name: 'usual',
      w: [48, 120],
      d: [16, 40],
      h: [18, 45],
      seat: [[48, 120], [18, 45], [16, 40], 2, [0, 0]],
    },
  ],
  ottoman: [
    { name: 'usual', w: [24, 60], d: [24, 60], h: [17, 43], seat: [[24, 60], [17, 43], [24, 60], 1, [0, 0]] },
    { name: 'large', w: [36, 90], d: [36, 90], h: [17, 43], seat: [[36, 90], [17, 43], [36, 90], 2, [0, 0]] },
  ],
  bed: [
    {
      name: 'queen',
      w: [62, 165],
      d: [84, 210],
      h: [48, 120],
      seat: [[60, 160], [24, 60], [80, 200], 2, [0, 0]],
      bed: [
        [24, 60],
        [48, 120],
        [24, 0],
      ],
    },
    {
      name: 'single',
      w: [40, 95],
      d: [80, 210],
      h: [44, 110],
      seat: [[38, 90], [24, 55], [75, 200], 1, [0, 0]],
      bed: [
        [24, 55],
        [44, 110],
        [0, 0],
      ],
    },
    {
      name: 'double',
      w: [56, 145],
      d: [80, 210],
      h: [46, 115],
      seat: [[54, 140], [24, 60], [75, 200], 2, [0, 0]],
      bed: [
        [24, 60],
        [46, 115],
        [0, 0],
      ],
    },
    {
      name: 'king',
      w: [78, 185],
      d: [84, 210],
      h: [50, 125],
      seat: [[76, 180], [25, 62], [80, 200], 2, [0, 0]],
      bed: [
        [25, 62],
        [50, 125],
        [0, 0],
      ],
    },
  ],
  cot: [
    {
      name: 'usual',
      w: [30, 66],
      d: [54, 126],
      h: [38, 95],
      bed: [
        [20, 40],
        [38, 95],
        [38, 95],
      ],
    },
  ],
  bedside: [{ name: 'usual', w: [20, 50], d: [16, 40], h: [26, 60] }],
  table: [{ name: 'usual', w: [44, 110], d: [24, 60], h: [18, 45] }],
  coffeeTable: [
    { name: 'usual', w: [48, 120], d: [24, 60], h: [17, 42] },
    { name: 'square', w: [36, 90], d: [36, 90], h: [16, 40] },
    { name: 'round', w: [36, 90], d: [36, 90], h: [17, 42] },
  ],
  sideTable: [
    { name: 'usual', w: [20, 50], d: [20, 50], h: [24, 60] },
    { name: 'small', w: [12, 30], d: [12, 30], h: [22, 55] },
  ],
  console: [{ name: 'usual', w: [54, 135], d: [14, 35], h: [32, 80] }],
  chest: [
    { name: 'usual', w: [48, 120], d: [18, 45], h: [32, 80] },
    { name: 'tall', w: [36, 90], d: [18, 45], h: [48, 120] },
  ],
  bookcase: [
    {
      name: 'usual',
      w: [36, 90],
      d: [12, 30],
      h: [72, 180],
      shelves: [
        [4, 8],
        [17, 42],
        [30, 76],
        [43, 110],
        [56, 144],
      ],
    },
    {
      name: 'low',
      w: [48, 120],
      d: [12, 30],
      h: [36, 90],
      shelves: [
        [4, 8],
        [19, 48],
      ],
    },
  ],
  desk: [{ name: 'usual', w: [48, 120], d: [24, 60], h: [29, 74], chairs: 1 }],
  diningTable: [
    { name: 'six', w: [72, 180], d: [36, 90], h: [30, 75], chairs: 6 },
    { name: 'four', w: [48, 120], d: [32, 80], h: [30, 75], chairs: 4 },
    { name: 'eight', w: [96, 240], d: [40, 100], h: [30, 75], chairs: 8 },
  ],
  diningChair: [{ name: 'usual', w: [18, 45], d: [20, 50], h: [34, 86] }],
  lamp: [{ name: 'usual', w: [16, 40], d: [16, 40], h: [60, 150] }],
  floorLamp: [{ name: 'usual', w: [16, 40], d: [16, 40], h: [60, 152] }],
  tableLamp: [{ name: 'usual', w: [14, 35], d: [14, 35], h: [25, 63], at: [26, 60] }],
  rug: [
    { name: 'usual', w: [96, 240], d: [60, 150], h: [0.5, 1] },
    { name: 'large', w: [120, 300], d: [96, 240], h: [0.5, 1] },
    { name: 'round', w: [72, 180], d: [72, 180], h: [0.5, 1] },
    { name: 'runner', w: [96, 240], d: [30, 75], h: [0.375, 1] },
  ],
  plant: [
    { name: 'usual', w: [20, 50], d: [20, 50], h: [36, 90] },
    { name: 'tree', w: [32, 80], d: [32, 80], h: [72, 180] },
  ],
  mirror: [{ name: 'leaning', w: [28, 70], d: [6, 15], h: [66, 170] }],
};

const colourOf = (kind: Piece['kind']): Swatch[] => {
  if (kind === 'plant') return one(42, -14, 18);
  return kind === 'mirror' ? one(52, 3, 12) : one(68, 3, 14);
};

/** A piece of one of its kind's usual sizes, in its place and with its name. */
export function inSize(p: Piece, usual: UsualPiece, unit: LengthUnit): Piece {
  const s = (u: Usual) => size(unit, u);
  return {
    ...p,
    widthMm: s(usual.w),
    depthMm: s(usual.d),
    heightMm: s(usual.h),
    bottomMm: usual.at ? s(usual.at) : p.bottomMm,
    seat: usual.seat
      ? {
          ...SEAT,
          widthMm: s(usual.seat[0]),
          heightMm: s(usual.seat[1]),
          depthMm: s(usual.seat[2]),
          seats: usual.seat[3],
          wantedSitters: p.seat?.wantedSitters ?? (usual.bed ? 0 : Math.max(1, usual.seat[3] - 1)),
          armHeightMm: s(usual.seat[4]),
          looseCushions: usual.cushions ?? 0,
        }
      : null,
    bed: usual.bed
      ? { mattressMm: s(usual.bed[0]), headboardMm: s(usual.bed[1]), footboardMm: s(usual.bed[2]) }
      : null,
    shelvesMm: (usual.shelves ?? []).map(s),
    chairs: usual.chairs ?? 0,
  };
}

/** A new piece of usual size, at the room's centre or wherever it fits and stands free. */
function newPiece(kind: Piece['kind'], id: string, name: string, file: RoomFile): Piece | undefined {
  const { unit, walls } = file.room;
  const centre = polygonCentre(walls);
  const xs = walls.map((x) => x.xMm);
  const ys = walls.map((y) => y.yMm);
  const GRID = 11;
  const spots = [
    centre,
    ...Array.from({ length: GRID * GRID }, (_, i) => ({
      xMm: Math.min(...xs) + ((i % GRID) + 0.5) * ((Math.max(...xs) - Math.min(...xs)) / GRID),
      yMm: Math.min(...ys) + (Math.floor(i / GRID) + 0.5) * ((Math.max(...ys) - Math.min(...ys)) / GRID),
    })),
  ];
  const base: Piece = inSize(
    {
      ...PIECE,
      id,
      name,
      kind,
      xMm: 0,
      yMm: 0,
      turnDeg: 0,
      widthMm: 1,
      depthMm: 1,
      heightMm: 1,
      bottomMm: 0,
      seat: null,
      colours: colourOf(kind),
      pattern: plain,
    },
    SIZES[kind][0]!,
    unit,
  );
  const free = (p: Piece) =>
    kind === 'rug' ||
    kind === 'tableLamp' ||
    file.pieces.every(
      (o) =>
        o.kind === 'rug' ||
        Math.abs(o.xMm - p.xMm) > (o.widthMm + p.widthMm) / 2 ||
        Math.abs(o.yMm - p.yMm) > (o.depthMm + p.depthMm) / 2,
    );
  const inside = (p: Piece) =>
    footprint(p).every((c) => insidePolygon(c, walls)) && checkPiece(p, file).length === 0;
  for (const share of [1, 0.75, 0.5]) {
    const scaled = {
      ...base,
      widthMm: base.widthMm * share,
      depthMm: base.depthMm * share,
      heightMm: Math.min(base.heightMm, file.room.ceilingMm - base.bottomMm),
      seat: base.seat && {
        ...base.seat,
        widthMm: base.seat.widthMm * share,
        depthMm: base.seat.depthMm * share,
      },
    };
    const there = spots.map((at) => ({ ...scaled, ...at })).filter(inside);
    const found = there.find(free) ?? there[0];
    if (found) return found;
  }
  return undefined;
}

/** What a kind of thing is added as, with a place where the room has one; undefined when it has none. */
export type Made =
  | { do: 'putOpening'; opening: Opening }
  | { do: 'putFitting'; fitting: Fitting }
  | { do: 'putPiece'; piece: Piece };

const among = <K extends string>(kinds: readonly K[], kind: string): kind is K =>
  (kinds as readonly string[]).includes(kind);

export function makeThing(
  kind: string,
  id: string,
  name: string,
  wallId: string,
  file: RoomFile,
): Made | undefined {
  if (among(OPENINGS, kind)) {
    const opening = newOpening(kind, id, name, wallId, file);
    return opening && { do: 'putOpening', opening };
  }
  if (among(FITTINGS, kind)) {
    const fitting = newFitting(kind, id, name, wallId, file);
    return fitting && { do: 'putFitting', fitting };
  }
  if (among(PIECES, kind)) {
    const piece = newPiece(kind, id, name, file);
    return piece && { do: 'putPiece', piece };
  }
  return undefined;
}

/** The same thing with its middle where it was let go, on the tape's marks: along a wall, or on the plan. */
export function madeAt(made: Made, at: { xMm: Mm; yMm: Mm }, unit: LengthUnit): Made {
  const start = (widthMm: Mm) => toMark(at.xMm - widthMm / 2, unit);
  switch (made.do) {
    case 'putOpening':
      return { ...made, opening: { ...made.opening, xMm: start(made.opening.widthMm) } };
    case 'putFitting':
      return { ...made, fitting: { ...made.fitting, xMm: start(made.fitting.widthMm) } };
    case 'putPiece':
      return { ...made, piece: { ...made.piece, xMm: toMark(at.xMm, unit), yMm: toMark(at.yMm, unit) } };
  }
}
