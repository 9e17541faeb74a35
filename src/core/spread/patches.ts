import { sameOr } from '../base/list';
import { sum, type Mm, type SquareMm } from '../base/units';
import { ByColour } from '../colour/byColour';
import { without } from '../geometry/convex';
import { polygonArea, polygonCentre, type Box, type Point } from '../geometry/plane';
import { areaWithin, seenOf, type Seen } from '../geometry/visible';
import type { Piece, RoomFile, Swatch } from '../model/types';
import { footprint } from '../room/place';
import type { Elevation, Shape } from '../room/shape';
import { pointOnWall, type Wall } from '../room/walls';
import type { RuleBook } from '../rules/book';

/** One colour of one thing as it is seen: where, how much, soft or hard. Heights above the datum. */
export type Patch = {
  about: string;
  name: string;
  wallId: string | null;
  colour: Swatch;
  areaMm2: SquareMm;
  at: Point;
  zMm: Mm;
  soft: boolean;
  fixed: boolean;
  shell: boolean;
};

type File = { room: Pick<RoomFile['room'], 'walls' | 'floorFinish'>; pieces: RoomFile['pieces'] };
type Drawn = { elevations: readonly Elevation[]; walls: readonly Wall[] };

const sharesOf = (swatches: readonly Swatch[]): Swatch[] => {
  const total = sum(swatches.map((c) => c.share)) || 1;
  return swatches.map((c) => ({ ...c, share: c.share / total }));
};

/**
 * What is seen of every colour: elevations as they stand (what is covered does not count), the floor and what lies on it
 * foreshortened. Parts of one thing on one wall are taken together. The same whatever the order of the lists.
 */
export const patchesOf = (file: File, drawn: Drawn, rules: RuleBook): readonly Patch[] =>
  allPatches(patchesOnWalls(drawn), floorPatches(file, rules));

/** What is seen on each wall. */
export type OnWalls = ReadonlyMap<Elevation, OnWall>;
type OnWall = {
  wall: Wall;
  patches: readonly Patch[];
  shapes: readonly Shape[];
  seen: SeenOnWall;
  /** The patches of each thing. */
  things: ReadonlyMap<string, readonly Patch[]>;
};
/** What was seen of a wall's shapes, and which of them end where the wall does. */
type SeenOnWall = { areas: Seen; frame: Box; edge: Elevation['edge']; standing: readonly boolean[] };

/** What is seen on the walls; of those that are drawn as they were in the previous plan it is kept. */
export function patchesOnWalls({ elevations, walls }: Drawn, previous?: OnWalls): OnWalls {
  const wallById = new Map(walls.map((wall) => [wall.id, wall]));
  const seen = new Map<Elevation, OnWall>();
  const before = new Map([...(previous?.values() ?? [])].map((known) => [known.wall.id, known]));
  for (const elevation of elevations) {
    const wall = wallById.get(elevation.wallId);
    if (!wall) continue;
    const known = previous?.get(elevation);
    seen.set(elevation, known?.wall === wall ? known : onWall(elevation, wall, before.get(wall.id)));
  }
  return seen;
}

/** What is seen on the walls and on the floor, most first; the earlier list where it is the same. */
export const allPatches = (
  onWalls: OnWalls,
  onFloor: readonly Patch[],
  earlier?: readonly Patch[],
): readonly Patch[] =>
  sameOr(
    earlier,
    // each wall's are in order, so that little is left to do
    [...[...onWalls.values()].flatMap(({ patches }) => patches), ...onFloor].sort(mostSeenFirst),
  );

/** The most seen first; of those that are seen equally the order is always the same. */
const mostSeenFirst = (one: Patch, other: Patch): number =>
  Math.round(other.areaMm2) - Math.round(one.areaMm2) ||
  inOrder(one.about, other.about) ||
  inOrder(one.wallId ?? '', other.wallId ?? '') ||
  one.colour.l - other.colour.l ||
  one.colour.a - other.colour.a ||
  one.colour.b - other.colour.b;

function inOrder(one: string, other: string): number {
  if (one === other) return 0;
  return one < other ? -1 : 1;
}

/** A thing as it is seen on one wall, in all its parts. */
type SeenThing = { shape: Shape; colours: readonly Swatch[]; areaMm2: SquareMm; softMm2: SquareMm } & Where;
type Where = { at: Point; zMm: Mm };

function onWall(elevation: Elevation, wall: Wall, before: OnWall | undefined): OnWall {
  const seen = seenOnWall(elevation, before?.seen);
  const { shapes } = elevation;
  const { areas } = seen.areas;
  const changed = before?.wall === wall ? changedThings(shapes, areas, before) : null;
  const things = new Map(changed ? before?.things : []);
  for (const about of changed ?? []) things.delete(about);
  for (const [about, thing] of thingsOnWall(shapes, areas, changed)) {
    const own = onePerColour(wallPatches(thing, wall));
    const was = before?.things.get(about);
    things.set(about, was?.length === own.length && own.every((p, i) => isSamePatch(p, was[i]!)) ? was : own);
  }
  return { wall, patches: sortedPatches(things, changed, before), shapes, seen, things };
}

/** The patches of all things of a wall, most first; those of things that are as they were are in order already. */
function sortedPatches(
  things: OnWall['things'],
  changed: ReadonlySet<string> | null,
  before: OnWall | undefined,
): readonly Patch[] {
  const kept = changed && before ? before.patches.filter(({ about }) => !changed.has(about)) : [];
  const others = changed ? [...changed].map((about) => things.get(about) ?? []) : [...things.values()];
  const patches = [...kept, ...others.flat()].sort(mostSeenFirst);
  return sameOr(before?.patches, patches);
}

/** The things of which something else is seen than before; null where that can't be said shape by shape. */
function changedThings(
  shapes: readonly Shape[],
  areas: readonly SquareMm[],
  before: OnWall,
): ReadonlySet<string> | null {
  if (before.shapes.length !== shapes.length) return null;
  const changed = new Set<string>();
  shapes.forEach((shape, i) => {
    const was = before.shapes[i];
    if (shape === was && areas[i] === before.seen.areas.areas[i]) return;
    changed.add(shape.about);
    if (was) changed.add(was.about);
  });
  return changed;
}

/** What is seen of one thing on one wall: its shapes, and how much of each. */
type ThingOnWall = { shapes: Shape[]; areasMm2: SquareMm[] };

/** What is seen of each thing; of some things alone where those are given. */
function thingsOnWall(
  shapes: readonly Shape[],
  areas: readonly SquareMm[],
  only: ReadonlySet<string> | null,
): ReadonlyMap<string, ThingOnWall> {
  const things = new Map<string, ThingOnWall>();
  shapes.forEach((shape, i) => {
    const areaMm2 = areas[i] ?? 0;
    if (areaMm2 <= 0 || shape.colours.length === 0 || only?.has(shape.about) === false) return;
    const known = things.get(shape.about);
    if (known) {
      known.shapes.push(shape);
      known.areasMm2.push(areaMm2);
    } else things.set(shape.about, { shapes: [shape], areasMm2: [areaMm2] });
  });
  return things;
}

/** How much is seen of every shape; of what is beside everything that has moved it is known already. */
function seenOnWall({ lengthMm, ceilingMm, edge, shapes }: Elevation, before?: SeenOnWall): SeenOnWall {
  const wall: Box = { xMm: 0, yMm: 0, widthMm: lengthMm, heightMm: ceilingMm };
  // what stands beyond the end of a wall is seen past it; what hangs on the wall ends there
  const beyond = shapes.filter((s) => s.stands).map((s) => s.box);
  const boxes = shapes.map((s) => (s.stands ? s.box : within(s.box, wall)));
  const frame = { ...wall, ...spanOf([wall, ...beyond]) };
  const standing = shapes.map((s) => s.stands === true);
  const isSameSheet =
    before !== undefined &&
    isSameBox(before.frame, frame) &&
    isSameEdge(before.edge, edge) &&
    before.standing.every((stands, k) => stands === standing[k]);
  const sheet = { frame, under: { edge, ends: (k: number) => !standing[k] } };
  return { areas: seenOf(boxes, sheet, isSameSheet ? before.areas : undefined), frame, edge, standing };
}

const isSameBox = (a: Box, b: Box): boolean =>
  a.xMm === b.xMm && a.yMm === b.yMm && a.widthMm === b.widthMm && a.heightMm === b.heightMm;
const isSameEdge = (a: Elevation['edge'], b: Elevation['edge']): boolean =>
  a.length === b.length && a.every((p, i) => p.xMm === b[i]?.xMm && p.heightMm === b[i]?.heightMm);

function wallPatches({ shapes, areasMm2 }: ThingOnWall, wall: Wall): Patch[] {
  const seen = new Map<string, SeenThing>();
  shapes.forEach((shape, i) => {
    const areaMm2 = areasMm2[i] ?? 0;
    // furniture and fittings are drawn in parts; together they show all their colours
    const colours = shape.wholeColours ?? shape.colours;
    const key = shape.wholeColours ? 'whole' : `part ${shape.key}`;
    const part: SeenThing = {
      shape,
      colours,
      areaMm2,
      softMm2: shape.soft ? areaMm2 : 0,
      ...whereOf(shape, wall),
    };
    const known = seen.get(key);
    seen.set(key, known ? joined(known, part) : part);
  });
  return [...seen.values()].flatMap((thing) =>
    sharesOf(thing.colours).map((colour) => patchOf(thing, wall, colour)),
  );
}

const spanOf = (boxes: readonly Box[]): Pick<Box, 'xMm' | 'widthMm'> => {
  const left = Math.min(...boxes.map((b) => b.xMm));
  return { xMm: left, widthMm: Math.max(...boxes.map((b) => b.xMm + b.widthMm)) - left };
};

function within(box: Box, frame: Box): Box {
  const left = Math.min(Math.max(box.xMm, frame.xMm), frame.xMm + frame.widthMm);
  const right = Math.min(Math.max(box.xMm + box.widthMm, frame.xMm), frame.xMm + frame.widthMm);
  return { ...box, xMm: left, widthMm: right - left };
}

/** Where a shape is in the room: where the thing was put, else its middle along the wall, as far from it as it stands. */
function whereOf(shape: Shape, wall: Wall): Where {
  const zMm = shape.box.yMm + shape.box.heightMm / 2;
  if (shape.at) return { at: shape.at, zMm };
  const inward = ((wall.facingDeg + 180) * Math.PI) / 180;
  const middle = pointOnWall(wall, shape.box.xMm + shape.box.widthMm / 2);
  const depthMm = shape.about === 'wall' ? 0 : Math.max(0, shape.depthMm);
  const at = {
    xMm: middle.xMm + depthMm * Math.sin(inward),
    yMm: middle.yMm - depthMm * Math.cos(inward),
  };
  return { at, zMm };
}

const isShell = (s: Shape): boolean =>
  s.about === 'wall' || s.about === 'trim' || s.form === 'frame' || s.form === 'door';

const patchOf = ({ shape, areaMm2, softMm2, at, zMm }: SeenThing, wall: Wall, colour: Swatch): Patch => ({
  about: shape.about,
  name: shape.name,
  wallId: wall.id,
  colour,
  areaMm2: areaMm2 * colour.share,
  at: { xMm: at.xMm, yMm: at.yMm },
  zMm,
  soft: softMm2 > areaMm2 / 2,
  fixed: shape.fixed,
  shell: isShell(shape),
});

const isSamePatch = (p: Patch, was: Patch): boolean =>
  p.areaMm2 === was.areaMm2 &&
  p.zMm === was.zMm &&
  isSamePoint(p.at, was.at) &&
  isSameSwatch(p.colour, was.colour) &&
  p.about === was.about &&
  p.name === was.name &&
  p.wallId === was.wallId &&
  p.soft === was.soft &&
  p.fixed === was.fixed &&
  p.shell === was.shell;
const isSamePoint = (p: Point, q: Point): boolean => p.xMm === q.xMm && p.yMm === q.yMm;
const isSameSwatch = (p: Swatch, q: Swatch): boolean =>
  p.l === q.l && p.a === q.a && p.b === q.b && p.share === q.share && p.name === q.name;

/** Two parts of one thing as one, at their common centre. */
function joined(known: SeenThing, more: SeenThing): SeenThing {
  return {
    ...known,
    ...middleOf(known, more),
    areaMm2: known.areaMm2 + more.areaMm2,
    softMm2: known.softMm2 + more.softMm2,
  };
}

function middleOf(known: Where & { areaMm2: SquareMm }, more: Where & { areaMm2: SquareMm }): Where {
  const part = more.areaMm2 / (known.areaMm2 + more.areaMm2);
  return {
    zMm: known.zMm + part * (more.zMm - known.zMm),
    at: {
      xMm: known.at.xMm + part * (more.at.xMm - known.at.xMm),
      yMm: known.at.yMm + part * (more.at.yMm - known.at.yMm),
    },
  };
}

/** Parts of one thing on one wall that are of one colour, taken together. */
function onePerColour(patches: readonly Patch[]): readonly Patch[] {
  if (patches.length < 2) return patches;
  const byColour = new ByColour<{ patch: Patch }>();
  for (const patch of patches) {
    const one = byColour.of(patch.colour, () => ({ patch }));
    if (one.patch === patch) continue;
    const areaMm2 = one.patch.areaMm2 + patch.areaMm2;
    one.patch = { ...one.patch, ...middleOf(one.patch, patch), areaMm2 };
  }
  return byColour.values.map(({ patch }) => patch);
}

/** What is seen of the floor and of what lies on it. */
export function floorPatches({ room, pieces }: File, rules: RuleBook): Patch[] {
  const seen = rules.number('spread.floorForeshortening');
  const rugs = pieces.filter((p) => p.kind === 'rug').sort(largestBelow);
  const standing = pieces.filter((p) => p.kind !== 'rug' && p.bottomMm === 0).sort(largestBelow);
  const areas = lyingAreas([...rugs, ...standing].map(footprint), room.walls);
  const bareMm2 = Math.max(0, Math.abs(polygonArea(room.walls)) - sum(areas));
  const floor = { about: 'floor', name: '', wallId: null, zMm: 0, fixed: true };
  const lying = { wallId: null, zMm: 0, soft: true, fixed: true, shell: false };
  return [
    ...sharesOf(room.floorFinish.colours).map((colour): Patch => ({
      ...floor,
      colour,
      areaMm2: bareMm2 * seen * colour.share,
      at: polygonCentre(room.walls),
      soft: false,
      shell: true,
    })),
    ...rugs.flatMap((rug, i) =>
      sharesOf(rug.colours).map((colour): Patch => ({
        ...lying,
        about: rug.id,
        name: rug.name,
        colour,
        areaMm2: (areas[i] ?? 0) * seen * colour.share,
        at: { xMm: rug.xMm, yMm: rug.yMm },
      })),
    ),
  ].filter((p) => p.areaMm2 > 0);
}

/** Of rugs that lie on one another the smaller is on top. */
const largestBelow = (a: Piece, b: Piece): number =>
  b.widthMm * b.depthMm - a.widthMm * a.depthMm || (a.id < b.id ? -1 : 1);

/** What is seen from above of outlines that lie on one another, the last on top, within a room. Outlines are convex. */
const lyingAreas = (outlines: readonly Point[][], room: readonly Point[]): SquareMm[] =>
  outlines.map((outline, i) => {
    const covers = outlines.slice(i + 1);
    const pieces = covers.reduce<Point[][]>(
      (left, cover) => left.flatMap((piece) => without(piece, cover)),
      [outline],
    );
    return sum(pieces.map((piece) => areaWithin(piece, room)));
  });
