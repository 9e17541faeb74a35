import { sum, type Mm, type SquareMm } from '../base/units';
import { boundsOf, polygonArea, polygonCentre, type Box, type Point } from '../geometry/plane';
import { visibleAreas } from '../geometry/visible';
import type { RoomFile, Swatch } from '../model/types';
import { areaUnder } from '../room/ceiling';
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

type File = Pick<RoomFile, 'room' | 'pieces'>;

const sharesOf = (swatches: readonly Swatch[]): Swatch[] => {
  const total = sum(swatches.map((c) => c.share));
  return swatches.map((c) => ({ ...c, share: c.share / total }));
};

/**
 * What is seen of every colour: elevations as they stand (what is covered does not count), the floor and what
 * lies on it foreshortened. Parts of one thing on one wall are taken together.
 */
export function patchesOf(
  file: File,
  { elevations, walls }: { elevations: readonly Elevation[]; walls: readonly Wall[] },
  rules: RuleBook,
): Patch[] {
  const onWalls = elevations.flatMap((elevation) => {
    const wall = walls.find((w) => w.id === elevation.wallId);
    return wall ? wallPatches(elevation, wall) : [];
  });
  return [...onWalls, ...floorPatches(file, rules)];
}

function wallPatches(elevation: Elevation, wall: Wall): Patch[] {
  const patches = new Map<string, Patch>();
  const frame: Box = { xMm: 0, yMm: 0, widthMm: elevation.lengthMm, heightMm: elevation.ceilingMm };
  const boxes = elevation.shapes.map((s) => s.box);
  const areas = visibleAreas(boxes, frame);
  // under a slope the wall is less than its box
  const underSlope = areaUnder(elevation.edge) / (elevation.lengthMm * elevation.ceilingMm);
  elevation.shapes.forEach((shape, i) => {
    const areaMm2 = (areas[i] ?? 0) * (shape.about === 'wall' ? underSlope : 1);
    if (areaMm2 <= 0) return;
    const place = standsAt(shape, wall);
    for (const colour of sharesOf(shape.colours)) {
      const patch = patchOf(shape, wall, colour, areaMm2 * colour.share, place);
      const key = `${shape.about}/${colour.l}/${colour.a}/${colour.b}`;
      const known = patches.get(key);
      patches.set(key, known ? joined(known, patch) : patch);
    }
  });
  return [...patches.values()];
}

/** Where a shape is on the plan: its middle along the wall, as far into the room as it stands. */
function standsAt(shape: Shape, wall: Wall): Point {
  const inward = ((wall.facingDeg + 180) * Math.PI) / 180;
  const middle = pointOnWall(wall, shape.box.xMm + shape.box.widthMm / 2);
  const depthMm = shape.about === 'wall' ? 0 : Math.max(0, shape.depthMm);
  return { xMm: middle.xMm + depthMm * Math.sin(inward), yMm: middle.yMm - depthMm * Math.cos(inward) };
}

const isShell = (s: Shape): boolean =>
  s.about === 'wall' || s.about === 'trim' || s.form === 'frame' || s.form === 'door';

const patchOf = (shape: Shape, wall: Wall, colour: Swatch, areaMm2: SquareMm, place: Point): Patch => ({
  about: shape.about,
  name: shape.name,
  wallId: wall.id,
  colour,
  areaMm2,
  at: place,
  zMm: shape.box.yMm + shape.box.heightMm / 2,
  soft: shape.soft,
  fixed: shape.fixed,
  shell: isShell(shape),
});

/** Two patches of one thing as one, at their common centre. */
function joined(known: Patch, more: Patch): Patch {
  const areaMm2 = known.areaMm2 + more.areaMm2;
  const part = more.areaMm2 / areaMm2;
  return {
    ...known,
    areaMm2,
    zMm: known.zMm + part * (more.zMm - known.zMm),
    at: {
      xMm: known.at.xMm + part * (more.at.xMm - known.at.xMm),
      yMm: known.at.yMm + part * (more.at.yMm - known.at.yMm),
    },
  };
}

function floorPatches({ room, pieces }: File, rules: RuleBook): Patch[] {
  const seen = rules.number('spread.floorForeshortening');
  const rugs = pieces.filter((p) => p.kind === 'rug');
  const standing = pieces.filter((p) => p.kind !== 'rug' && p.bottomMm === 0);
  const areas = visibleAreas(
    [...rugs, ...standing].map((p) => boundsOf(footprint(p))),
    boundsOf(room.walls),
  );
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
