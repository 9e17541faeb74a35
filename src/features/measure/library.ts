import { cm, inches, toMark, type LengthUnit, type Mm } from '../../core/base/units';
import type { Fitting, Opening, Piece, RoomFile, Swatch } from '../../core/model/types';
import { polygonCentre, insidePolygon } from '../../core/geometry/plane';
import { footprint } from '../../core/room/place';
import { checkFitting, checkOpening } from '../../core/stages/measure/check';
import { wallsOf } from '../../core/room/walls';

const grey: Swatch[] = [{ l: 70, a: 0, b: 2, share: 1 }];
const white: Swatch[] = [{ l: 96, a: 0, b: 1, share: 1 }];
const iron: Swatch[] = [{ l: 24, a: 0, b: 0, share: 1 }];
const plain = { kind: 'solid', repeatMm: 0 } as const;

/** A usual size to begin with, round in the room's own unit. */
const size = (unit: LengthUnit, inchValue: number, cmValue: number): Mm => (unit === 'cm' ? cm(cmValue) : inches(inchValue));

/** Widths tried for a new thing until one fits its wall. */
const SHRINK = [1, 0.75, 0.5, 0.3, 0.15];
const STEPS = 24;

function onWall<T extends { xMm: Mm; widthMm: Mm; wallId: string }>(thing: T, file: RoomFile, refused: (t: T) => boolean): T | undefined {
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

/** A new window, door or arch where the wall has room; undefined when it has none. */
function newOpening(kind: Opening['kind'], id: string, name: string, wallId: string, file: RoomFile): Opening | undefined {
  const { unit, ceilingMm } = file.room;
  const door = kind !== 'window';
  const sillMm = door ? 0 : Math.min(size(unit, 32, 85), ceilingMm * 0.35);
  const opening: Opening = { id, name, kind, wallId, xMm: 0, widthMm: door ? size(unit, 32, 85) : size(unit, 40, 110), sillMm, heightMm: Math.min(door ? size(unit, 80, 205) : size(unit, 48, 120), ceilingMm - sillMm - size(unit, 2, 5)), trimMm: kind === 'arch' ? 0 : size(unit, 3, 7), dropsMm: null };
  return onWall(opening, file, (o) => checkOpening(o, file).some((i) => i.level === 'refuse'));
}

function newFitting(kind: Fitting['kind'], id: string, name: string, wallId: string, file: RoomFile): Fitting | undefined {
  const { unit, ceilingMm } = file.room;
  const s = (i: number, c: number) => size(unit, i, c);
  const sizes: Record<Fitting['kind'], [Mm, Mm, Mm, Mm, Swatch[]]> = {
    radiator: [s(36, 90), s(5, 12), s(22, 55), s(4, 10), white], heater: [s(18, 45), 0, s(16, 40), s(8, 20), white], stove: [s(28, 70), 0, s(32, 80), s(20, 50), iron],
    socket: [s(5, 15), s(12, 30), s(3.5, 8.5), s(0.5, 1), white], switch: [s(3.5, 8.5), s(44, 110), s(4.5, 8.5), s(0.5, 1), white], vent: [s(14, 35), s(84, 215), s(6, 15), s(0.5, 1), white], tv: [s(48, 120), s(30, 75), s(28, 70), s(3, 7), iron], shelf: [s(36, 90), s(54, 135), s(1.5, 4), s(10, 25), grey],
  };
  const [widthMm, bottomMm, heightMm, depthMm, colours] = sizes[kind];
  return onWall({ id, name, kind, wallId, xMm: 0, widthMm, bottomMm: Math.min(bottomMm, ceilingMm - heightMm), heightMm, depthMm, colours }, file, (f) => checkFitting(f, file).length > 0);
}

/** A new piece of usual size, at the room's centre or wherever it fits. */
function newPiece(kind: Piece['kind'], id: string, name: string, file: RoomFile): Piece | undefined {
  const { unit, walls } = file.room;
  const s = (i: number, c: number) => size(unit, i, c);
  const seat = (w: Mm, d: Mm, seats: number) => ({ widthMm: w, heightMm: s(18, 45), depthMm: d, seats, wantedSitters: Math.max(1, seats - 1) });
  const sizes: Record<Piece['kind'], { w: Mm; d: Mm; h: Mm; seat?: Piece['seat'] }> = {
    sofa: { w: s(84, 210), d: s(36, 90), h: s(34, 86), seat: seat(s(70, 175), s(22, 55), 3) }, armchair: { w: s(32, 80), d: s(34, 85), h: s(34, 86), seat: seat(s(22, 55), s(22, 55), 1) }, windowSeat: { w: s(54, 140), d: s(20, 50), h: s(18, 45), seat: seat(s(54, 140), s(20, 50), 2) }, bench: { w: s(48, 120), d: s(16, 40), h: s(18, 45), seat: seat(s(48, 120), s(16, 40), 2) },
    bed: { w: s(60, 160), d: s(82, 210), h: s(44, 110), seat: { widthMm: s(60, 160), heightMm: s(24, 60), depthMm: s(80, 200), seats: 2, wantedSitters: 0 } }, table: { w: s(44, 110), d: s(24, 60), h: s(18, 45) }, chest: { w: s(48, 120), d: s(18, 45), h: s(32, 80) }, bookcase: { w: s(36, 90), d: s(12, 30), h: s(72, 180) }, lamp: { w: s(16, 40), d: s(16, 40), h: s(60, 150) }, rug: { w: s(96, 240), d: s(60, 150), h: s(0.5, 1) }, plant: { w: s(20, 50), d: s(20, 50), h: s(36, 90) },
  };
  const { w, d, h, seat: seated } = sizes[kind];
  const centre = polygonCentre(walls);
  const xs = walls.map((x) => x.xMm);
  const ys = walls.map((y) => y.yMm);
  const spots = [centre, ...Array.from({ length: 81 }, (_, i) => ({ xMm: Math.min(...xs) + ((i % 9) + 0.5) * ((Math.max(...xs) - Math.min(...xs)) / 9), yMm: Math.min(...ys) + (Math.floor(i / 9) + 0.5) * ((Math.max(...ys) - Math.min(...ys)) / 9) }))];
  const base: Piece = { id, name, kind, xMm: 0, yMm: 0, turnDeg: 0, widthMm: w, depthMm: d, heightMm: Math.min(h, file.room.ceilingMm), bottomMm: 0, seat: seated ?? null, colours: [{ l: 68, a: 3, b: 14, share: 1 }], pattern: plain };
  for (const share of [1, 0.75, 0.5]) {
    const scaled = { ...base, widthMm: w * share, depthMm: d * share, seat: base.seat && { ...base.seat, widthMm: base.seat.widthMm * share, depthMm: base.seat.depthMm * share } };
    const spot = spots.find((at) => footprint({ ...scaled, ...at }).every((c) => insidePolygon(c, walls)));
    if (spot) return { ...scaled, ...spot };
  }
  return undefined;
}

/** What a kind of thing is added as, with a place where the room has one; undefined when it has none. */
export type Made = { do: 'putOpening'; opening: Opening } | { do: 'putFitting'; fitting: Fitting } | { do: 'putPiece'; piece: Piece };

export const OPENINGS: readonly Opening['kind'][] = ['window', 'door', 'arch'];
export const FITTINGS: readonly Fitting['kind'][] = ['radiator', 'heater', 'stove', 'socket', 'switch', 'vent', 'tv', 'shelf'];
export const PIECES: readonly Piece['kind'][] = ['sofa', 'armchair', 'windowSeat', 'bench', 'bed', 'table', 'chest', 'bookcase', 'lamp', 'rug', 'plant'];
const among = <K extends string>(kinds: readonly K[], kind: string): kind is K => (kinds as readonly string[]).includes(kind);

export function makeThing(kind: string, id: string, name: string, wallId: string, file: RoomFile): Made | undefined {
  if (among(OPENINGS, kind)) { const opening = newOpening(kind, id, name, wallId, file); return opening && { do: 'putOpening', opening }; }
  if (among(FITTINGS, kind)) { const fitting = newFitting(kind, id, name, wallId, file); return fitting && { do: 'putFitting', fitting }; }
  if (among(PIECES, kind)) { const piece = newPiece(kind, id, name, file); return piece && { do: 'putPiece', piece }; }
  return undefined;
}

/** The same thing with its middle where it was let go, on the tape's marks: along a wall, or on the plan. */
export function madeAt(made: Made, at: { xMm: Mm; yMm: Mm }, unit: LengthUnit): Made {
  const start = (widthMm: Mm) => toMark(at.xMm - widthMm / 2, unit);
  switch (made.do) {
    case 'putOpening': return { ...made, opening: { ...made.opening, xMm: start(made.opening.widthMm) } };
    case 'putFitting': return { ...made, fitting: { ...made.fitting, xMm: start(made.fitting.widthMm) } };
    case 'putPiece': return { ...made, piece: { ...made.piece, xMm: toMark(at.xMm, unit), yMm: toMark(at.yMm, unit) } };
  }
}
