import { HAIR_MM } from '../../base/tolerance';
import { inches, type Mm } from '../../base/units';
import type { Box } from '../../geometry/plane';
import type { Piece, PieceKind, Seat, Swatch } from '../../model/types';
import type { OnWall } from '../../room/place';
import type { Form, Shape } from '../../room/shape';
import { box, firstColour, secondColour, shape, type More } from './shapes';
import { RUNG, rungsOf } from '../../room/ladder';

/** A part of a piece of furniture; `step` is how far it stands out from the piece's middle. */
type PartOf = (
  name: string,
  form: Form,
  box: Box,
  colours: readonly Swatch[],
  more?: More & { step?: number },
) => Shape;
/** A piece on its wall: left end, width and foot as the wall is seen. */
type Stand = { piece: Piece; x: Mm; w: Mm; y: Mm; part: PartOf };
type Draw = (stand: Stand) => Shape[];

/** How far from the wall a piece is drawn; what hangs stands a little out. */
export const pieceDepth = (piece: Piece, onWall: OnWall): Mm =>
  piece.bottomMm > 0 ? onWall.depthMm + 5 : onWall.depthMm;

/** A piece of furniture by its kind. */
export function furnitureShapes(piece: Piece, onWall: OnWall): Shape[] {
  const depth = pieceDepth(piece, onWall);
  const part: PartOf = (name, form, box, colours, { step = 0, ...more } = {}) =>
    shape({ about: piece.id, name: piece.name }, form, box, depth + step, {
      colours,
      fixed: true,
      stands: true,
      wholeColours: piece.colours,
      part: name,
      ...more,
    });
  return DRAWN[piece.kind]({ piece, x: onWall.xMm, w: onWall.widthMm, y: piece.bottomMm, part });
}

const clothOf = (piece: Piece): More => ({ pattern: piece.pattern, soft: true });
/** A pattern is of all the colours; of what has none the second colour is the frame's. */
const clothColours = ({ pattern, colours }: Piece): readonly Swatch[] =>
  pattern.kind === 'solid' || pattern.kind === 'texture' ? firstColour(colours) : colours;

const seatOf = (piece: Piece, w: Mm): Seat =>
  piece.seat ?? {
    widthMm: w,
    heightMm: piece.heightMm,
    depthMm: piece.depthMm,
    seats: 1,
    wantedSitters: 0,
    armHeightMm: 0,
    looseCushions: 0,
  };

/** How far loose cushions end below the top of the back. */
const CUSHION_BELOW_BACK: Mm = inches(1);

/** A seat lower than this is a cushion on the floor, without legs. */
const ON_THE_FLOOR: Mm = inches(12);

const upholstered: Draw = (stand) => {
  const { piece, x, w, part } = stand;
  const seat = seatOf(piece, w);
  const arm = Math.max(0, (w - Math.min(seat.widthMm, w)) / 2);
  const hasLegs = piece.kind !== 'windowSeat' && piece.heightMm >= ON_THE_FLOOR;
  const legs = hasLegs ? Math.min(inches(5), seat.heightMm * 0.28) : 0;
  const [first, cloth] = [clothColours(piece), clothOf(piece)];
  const shapes: Shape[] = [];
  if (legs > 0)
    shapes.push(
      part('legL', 'leg', box(x + arm * 0.6 + 20, 0, 45, legs), secondColour(piece.colours)),
      part('legR', 'leg', box(x + w - arm * 0.6 - 65, 0, 45, legs), secondColour(piece.colours)),
    );
  const [left, width] = [x + arm * 0.7, w - arm * 1.4];
  if (piece.heightMm > seat.heightMm + 20) {
    const back = box(left, seat.heightMm - 20, width, piece.heightMm - seat.heightMm + 20);
    shapes.push(part('back', 'cushion', back, first, cloth));
  }
  shapes.push(...looseCushions(stand, seat, arm));
  const base = box(left, legs, width, Math.max(30, seat.heightMm * 0.62 - legs));
  shapes.push(part('base', piece.kind === 'bench' ? 'box' : 'cushion', base, first, cloth));
  const each = (w - 2 * arm) / seat.seats;
  for (let i = 0; i < seat.seats; i++) {
    const cushion = box(x + arm + i * each, seat.heightMm * 0.62, each, seat.heightMm * 0.38);
    shapes.push(part(`seat${i}`, 'cushion', cushion, first, cloth));
  }
  return [...shapes, ...armShapes(stand, seat, arm, legs * 0.9)];
};

/** The loose cushions that lean on a back, side by side. */
function looseCushions({ piece, x, w, part }: Stand, seat: Seat, arm: Mm): Shape[] {
  const highMm = piece.heightMm - seat.heightMm - CUSHION_BELOW_BACK;
  if (highMm <= 0) return [];
  const each = (w - 2 * arm) / Math.max(1, seat.looseCushions);
  return Array.from({ length: seat.looseCushions }, (_, i) => {
    const place = box(x + arm + i * each, seat.heightMm, each, highMm);
    return part(`loose${i}`, 'cushion', place, clothColours(piece), { ...clothOf(piece), step: 1 });
  });
}

function armShapes({ piece, x, w, part }: Stand, seat: Seat, arm: Mm, foot: Mm): Shape[] {
  if (arm <= 20) return [];
  const high = Math.min(piece.heightMm, armHeight(piece, seat)) - foot;
  const more = { ...clothOf(piece), step: 3 };
  const colours = clothColours(piece);
  return [
    part('armL', 'cushion', box(x, foot, arm, high), colours, more),
    part('armR', 'cushion', box(x + w - arm, foot, arm, high), colours, more),
  ];
}

function armHeight(piece: Piece, seat: Seat): Mm {
  if (seat.armHeightMm > seat.heightMm) return seat.armHeightMm;
  return piece.kind === 'wingChair' ? piece.heightMm : seat.heightMm + inches(7);
}

const lamp: Draw = ({ piece, x, w, y, part }) => {
  const tall = piece.heightMm > 1000;
  const shade = piece.heightMm * (tall ? 0.22 : 0.42);
  const base = tall ? 0.12 : 0.42;
  return [
    part(
      'base',
      'lampBase',
      box(x + w * (0.5 - base / 2), y, w * base, piece.heightMm - shade + 10),
      firstColour(piece.colours),
    ),
    part('shade', 'shade', box(x, y + piece.heightMm - shade, w, shade), secondColour(piece.colours), {
      soft: true,
    }),
  ];
};

const table: Draw = ({ piece, x, w, y, part }) => [
  part('legL', 'leg', box(x + 20, y, 45, piece.heightMm - 40), secondColour(piece.colours)),
  part('legR', 'leg', box(x + w - 65, y, 45, piece.heightMm - 40), secondColour(piece.colours)),
  part('top', 'box', box(x, y + piece.heightMm - 45, w, 45), firstColour(piece.colours)),
];

const diningChair: Draw = ({ piece, x, w, y, part }) => {
  const high = piece.heightMm;
  return [
    part('legL', 'leg', box(x, y, 40, high * 0.5), secondColour(piece.colours)),
    part('legR', 'leg', box(x + w - 40, y, 40, high * 0.5), secondColour(piece.colours)),
    part('back', 'box', box(x, y + high * 0.55, w, high * 0.45), firstColour(piece.colours)),
    part('seat', 'box', box(x, y + high * 0.47, w, 50), firstColour(piece.colours)),
  ];
};

const mirror: Draw = ({ piece, x, w, y, part }) => [
  part('frame', 'box', box(x, y, w, piece.heightMm), firstColour(piece.colours)),
  part('glass', 'pane', box(x + 40, y + 40, Math.max(1, w - 80), Math.max(1, piece.heightMm - 80)), []),
];

/** How high a bed's base is above the floor where nobody measured it. */
const BED_LEGS: Mm = inches(6);
type BedPart = { name: 'base' | 'mattress'; from: Mm; to: Mm };

/** A bed's base and mattress, by their heights; one block where nobody measured how thick the mattress is. */
export function bedBody({ bed: made, gapMm }: Piece, topMm: Mm): BedPart[] {
  const thickMm = made?.thickMm ?? null;
  const from = Math.min(gapMm ?? BED_LEGS, topMm / 2);
  if (thickMm === null || topMm - thickMm <= from) return [{ name: 'mattress', from, to: topMm }];
  return [
    { name: 'base', from, to: topMm - thickMm },
    { name: 'mattress', from: topMm - thickMm, to: topMm },
  ];
}

const bed: Draw = ({ piece, x, w, part }) => {
  const mattress = piece.bed?.mattressMm ?? piece.seat?.heightMm ?? Math.min(piece.heightMm, inches(24));
  const head = piece.bed ? Math.max(piece.bed.headboardMm, mattress) : piece.heightMm;
  const more = { ...clothOf(piece), step: 2 };
  return [
    part('head', 'box', box(x, 0, w, head), secondColour(piece.colours)),
    ...bedBody(piece, mattress).map(({ name, from, to }) =>
      part(name, 'cushion', box(x, from, w, to - from), clothColours(piece), more),
    ),
    ...footboard({ piece, x, w, part }),
  ];
};

/** In front of the mattress, behind what is spread over it. */
const UNDER_COVERS: Mm = 2.1;

/**
 * The board at a bed's foot: in front of all that lies on it where it rises over the mattress, else in front of that alone,
 * since covers hang down over it. Of a bed that stands along its wall it is at an end.
 */
function footboard({ piece, x, w, part }: Pick<Stand, 'piece' | 'x' | 'w' | 'part'>): Shape[] {
  const highMm = piece.bed?.footboardMm ?? 0;
  const isFromFoot = w <= (piece.widthMm + piece.depthMm) / 2;
  if (highMm === 0 || !isFromFoot) return [];
  const isOver = highMm - (piece.bed?.mattressMm ?? 0) > HAIR_MM;
  const step = isOver ? piece.depthMm / 2 : UNDER_COVERS;
  return [part('foot', 'box', box(x, 0, w, highMm), secondColour(piece.colours), { step })];
}

const plant: Draw = ({ piece, x, w, y, part }) => {
  const high = piece.heightMm;
  return [
    part('pot', 'vase', box(x + w * 0.25, y, w * 0.5, high * 0.3), secondColour(piece.colours)),
    part('leaf', 'foliage', box(x, y + high * 0.25, w, high * 0.75), firstColour(piece.colours)),
  ];
};

const storage: Draw = ({ piece, x, w, y, part }) => [
  part('body', 'box', box(x, y, w, piece.heightMm), piece.colours, { pattern: piece.pattern }),
  ...piece.shelvesMm.map((heightMm, i) =>
    part(
      `shelf${i}`,
      'box',
      box(x + 15, heightMm - 20, Math.max(1, w - 30), 20),
      secondColour(piece.colours),
      { step: 0.5 },
    ),
  ),
];

/** Three leaves side by side, each a little narrower than the next for the way they stand. */
const standingScreen: Draw = ({ piece, x, w, y, part }) =>
  [0, 1, 2].map((leaf) =>
    part(`leaf${leaf}`, 'box', box(x + (leaf * w) / 3, y, w / 3, piece.heightMm), clothColours(piece), {
      pattern: piece.pattern,
      step: leaf === 1 ? 4 : 0,
    }),
  );

/** Two rails with rungs between them. */
const RAIL: Mm = 45;
const ladder: Draw = ({ piece, x, w, y, part }) => {
  return [
    part('railL', 'leg', box(x, y, RAIL, piece.heightMm), firstColour(piece.colours)),
    part('railR', 'leg', box(x + w - RAIL, y, RAIL, piece.heightMm), firstColour(piece.colours)),
    ...rungsOf(piece.heightMm).map((mm, i) =>
      part(`rung${i}`, 'box', box(x, y + mm, w, RUNG), secondColour(piece.colours), { step: 1 }),
    ),
  ];
};

/** A basket in a frame that lifts it off the floor. */
const basketStand: Draw = ({ piece, x, w, y, part }) => {
  const foot = piece.heightMm * 0.25;
  return [
    part('legL', 'leg', box(x + 15, y, 30, piece.heightMm), secondColour(piece.colours)),
    part('legR', 'leg', box(x + w - 45, y, 30, piece.heightMm), secondColour(piece.colours)),
    part('basket', 'basket', box(x, y + foot, w, piece.heightMm - foot), firstColour(piece.colours), {
      step: 2,
    }),
  ];
};

/** A rug lies on the floor: it is drawn on the plan. */
const rug: Draw = () => [];

const DRAWN: Record<PieceKind, Draw> = {
  sofa: upholstered,
  armchair: upholstered,
  wingChair: upholstered,
  windowSeat: upholstered,
  bench: upholstered,
  ottoman: upholstered,
  lamp,
  floorLamp: lamp,
  tableLamp: lamp,
  table,
  coffeeTable: table,
  sideTable: table,
  diningTable: table,
  desk: table,
  console: table,
  diningChair,
  mirror,
  bed,
  cot: bed,
  plant,
  chest: storage,
  bedside: storage,
  bookcase: storage,
  dressingTable: table,
  island: storage,
  plantStand: table,
  standingScreen,
  ladder,
  basketStand,
  rug,
};
