import { findOne } from '../base/list';
import type { Mm } from '../base/units';
import type { RoomFile } from '../model/types';
import { lowestOver, overheadAt, overheadOf } from '../room/ceiling';
import { hasTop } from '../room/kinds';
import { placeOnWall } from '../room/place';
import { wallsOf } from '../room/walls';

/** Where something can go, and how large it may be: depth null where it does not matter. */
export type Spot = {
  id: string;
  of: string;
  what: 'shelf' | 'top' | 'mantel' | 'over' | 'seat' | 'wall';
  n: number;
  widthMm: Mm;
  heightMm: Mm;
  depthMm: Mm | null;
};

/** Thickness of a bookcase's own boards. */
const BOARD: Mm = 20;
/** Furniture farther from its wall than this has no wall over it. */
const AT_WALL: Mm = 900;

/**
 * The spots of a room: bays of bookcases, tops up to what is overhead, mantels, the wall over furniture,
 * seats up to their backs, walls.
 */
export function spotsOf(file: Pick<RoomFile, 'room' | 'openings' | 'fittings' | 'pieces'>): Spot[] {
  const walls = wallsOf(file.room);
  const spots: Spot[] = [];
  for (const p of file.pieces) {
    const overhead = overheadAt(file.room, p, walls) - p.bottomMm - p.heightMm;
    if (p.kind === 'bookcase') {
      p.shelvesMm.forEach((top, i) =>
        spots.push({
          id: `${p.id}/shelf${i}`,
          of: p.name,
          what: 'shelf',
          n: i + 1,
          widthMm: Math.max(1, p.widthMm - 2 * BOARD),
          heightMm: Math.max(0, (p.shelvesMm[i + 1] ?? p.heightMm) - BOARD - top),
          depthMm: p.depthMm,
        }),
      );
      if (overhead > 0)
        spots.push({
          id: `${p.id}/top`,
          of: p.name,
          what: 'top',
          n: 0,
          widthMm: p.widthMm,
          heightMm: overhead,
          depthMm: p.depthMm,
        });
    }
    if (hasTop(p) && overhead > 0)
      spots.push({
        id: `${p.id}/top`,
        of: p.name,
        what: 'top',
        n: 0,
        widthMm: p.widthMm,
        heightMm: overhead,
        depthMm: p.depthMm,
      });
    if (p.seat && !p.bed)
      spots.push({
        id: `${p.id}/seat`,
        of: p.name,
        what: 'seat',
        n: 0,
        widthMm: p.seat.widthMm,
        heightMm: Math.max(p.heightMm - p.seat.heightMm + 50, 300),
        depthMm: null,
      });
    const onWall = placeOnWall(p, walls);
    const wall = findOne(walls, (w) => w.id === onWall.wallId);
    const aboveMm =
      lowestOver(
        overheadOf(file.room, wall, walls),
        Math.max(0, onWall.xMm),
        Math.min(wall.lengthMm, onWall.xMm + onWall.widthMm),
      ) -
      p.bottomMm -
      p.heightMm;
    if (p.kind !== 'rug' && onWall.nearMm < AT_WALL && aboveMm > 200 && p.widthMm > 500)
      spots.push({
        id: `${p.id}/over`,
        of: p.name,
        what: 'over',
        n: 0,
        widthMm: onWall.widthMm,
        heightMm: aboveMm,
        depthMm: null,
      });
  }
  for (const f of file.fittings) {
    if (f.mantel)
      spots.push({
        id: `${f.id}/mantel`,
        of: f.name,
        what: 'mantel',
        n: 0,
        widthMm: f.mantel.widthMm,
        heightMm: Math.max(0, file.room.ceilingMm - f.mantel.topMm),
        depthMm: f.mantel.depthMm,
      });
    if (f.kind === 'shelf')
      spots.push({
        id: `${f.id}/top`,
        of: f.name,
        what: 'top',
        n: 0,
        widthMm: f.widthMm,
        heightMm: Math.max(0, file.room.ceilingMm - f.bottomMm - f.heightMm),
        depthMm: f.depthMm,
      });
  }
  return spots;
}
