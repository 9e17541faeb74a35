import { sum, type Mm, type SquareMm } from '../base/units';
import { boundsOf, polygonArea, polygonCentre, type Box, type Point } from '../geometry/plane';
import { visibleAreas } from '../geometry/visible';
import type { Pattern, Piece, Room, Swatch } from '../model/types';
import { footprint } from '../room/place';
import type { Elevation } from '../room/shape';
import { areaUnder } from '../room/ceiling';
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

const overPieces = (shares: readonly Swatch[]) => {
  const total = sum(shares.map((c) => c.share));
  return shares.map((c) => ({ ...c, share: c.share / total }));
};

/**
 * What is seen of every colour: elevations as they stand (what is covered does not count), the floor and what lies on it
 * foreshortened. Parts of one thing on one wall are taken together.
 */
export function patchesOf(
  room: Room,
  pieces: readonly Piece[],
  rugs: readonly {
    about: string;
    name: string;
    colours: readonly Swatch[];
    pattern: Pattern;
    piece: Piece;
  }[],
  elevations: readonly Elevation[],
  walls: readonly Wall[],
  rules: RuleBook,
): Patch[] {
  const patches = new Map<string, Patch>();
  for (const elevation of elevations) {
    const wall = walls.find((w) => w.id === elevation.wallId)!;
    const frame: Box = { xMm: 0, yMm: 0, widthMm: elevation.lengthMm, heightMm: elevation.ceilingMm };
    const areas = visibleAreas(
      elevation.shapes.map((s) => s.box),
      frame,
    );
    const under = areaUnder(elevation.edge) / (elevation.lengthMm * elevation.ceilingMm);
    const inwardRad = ((wall.facingDeg + 180) * Math.PI) / 180;
    const [sin, cos] = [Math.sin(inwardRad), Math.cos(inwardRad)];
    elevation.shapes.forEach((s, i) => {
      // under a slope the wall is less than its box
      const area = areas[i]! * (s.about === 'wall' ? under : 1);
      if (area <= 0 || s.colours.length === 0) return;
      const middle = pointOnWall(wall, s.box.xMm + s.box.widthMm / 2);
      const into = s.about === 'wall' ? 0 : Math.max(0, s.depthMm);
      const at = { xMm: middle.xMm + into * sin, yMm: middle.yMm - into * cos };
      for (const colour of overPieces(s.colours)) {
        const key = `${elevation.wallId}/${s.about}/${colour.l}/${colour.a}/${colour.b}`;
        const part = area * colour.share;
        const zMm = s.box.yMm + s.box.heightMm / 2;
        const known = patches.get(key);
        if (known) {
          const t = part / (known.areaMm2 + part);
          patches.set(key, {
            ...known,
            areaMm2: known.areaMm2 + part,
            zMm: known.zMm + t * (zMm - known.zMm),
            at: {
              xMm: known.at.xMm + t * (at.xMm - known.at.xMm),
              yMm: known.at.yMm + t * (at.yMm - known.at.yMm),
            },
          });
        } else {
          patches.set(key, {
            about: s.about,
            name: s.name,
            wallId: elevation.wallId,
            colour,
            areaMm2: part,
            at,
            zMm,
            soft: s.soft,
            fixed: s.fixed,
            shell: s.about === 'wall' || s.about === 'trim' || s.form === 'frame' || s.form === 'door',
          });
        }
      }
    });
  }
  return [...patches.values(), ...floorPatches(room, pieces, rugs, rules)];
}

function floorPatches(
  room: Room,
  pieces: readonly Piece[],
  rugs: readonly { about: string; name: string; colours: readonly Swatch[]; piece: Piece }[],
  rules: RuleBook,
): Patch[] {
  const seen = rules.number('spread.floorForeshortening');
  const bounds = boundsOf(room.walls);
  const lying = rugs.map((r) => boundsOf(footprint(r.piece)));
  const standing = pieces
    .filter((p) => p.kind !== 'rug' && p.bottomMm === 0)
    .map((p) => boundsOf(footprint(p)));
  const areas = visibleAreas([...lying, ...standing], bounds);
  const bare = Math.max(0, Math.abs(polygonArea(room.walls)) - sum(areas));
  const centre = polygonCentre(room.walls);
  return [
    ...overPieces(room.floorFinish.colours).map((colour): Patch => ({
      about: 'floor',
      name: '',
      wallId: null,
      colour,
      areaMm2: bare * seen * colour.share,
      at: centre,
      zMm: 0,
      soft: false,
      fixed: true,
      shell: true,
    })),
    ...rugs.flatMap((rug, i) =>
      overPieces(rug.colours).map((colour): Patch => ({
        about: rug.about,
        name: rug.name,
        wallId: null,
        colour,
        areaMm2: areas[i]! * seen * colour.share,
        at: { xMm: rug.piece.xMm, yMm: rug.piece.yMm },
        zMm: 0,
        soft: true,
        fixed: true,
        shell: false,
      })),
    ),
  ].filter((p) => p.areaMm2 > 0);
}
