import type { Mm } from '../../base/units';
import type { Opening } from '../../model/types';
import { isGlazed } from '../../room/kinds';
import type { Wall } from '../../room/walls';
import { insideAngle, turnsBeforeMm } from '../../stages/windows/span';
import { wallById, type RoomContext } from '../context';

/** Walls that meet at less than this angle make a corner that rods meet in. */
const STRAIGHT_ON = 179;

type Context = RoomContext<'openings'>;
/** Clear wall left and right of the trim, and what ends it. */
export type Beside = {
  leftMm: Mm;
  rightMm: Mm;
  leftBy: string;
  rightBy: string;
  /** To the ends of the wall itself. */
  leftToWallMm: Mm;
  rightToWallMm: Mm;
};
type Block = { from: Mm; to: Mm; by: string };

/**
 * What an opening finds on its wall, left and right of its trim: how far it is to the next opening or the
 * corner, and what that is. Furniture and fittings count by their height, so they come later.
 */
export function roomBeside(context: Context, opening: Opening, dressedIds: ReadonlySet<string>): Beside {
  const left = opening.xMm - opening.trimMm;
  const right = opening.xMm + opening.widthMm + opening.trimMm;
  let { leftEnd, rightEnd } = wallEnds(context, opening, dressedIds);
  for (const b of otherOpenings(context, opening)) {
    if (b.to <= left + 1 && b.to > leftEnd.xMm) leftEnd = { xMm: b.to, by: b.by };
    if (b.from >= right - 1 && b.from < rightEnd.xMm) rightEnd = { xMm: b.from, by: b.by };
  }
  return {
    leftMm: Math.max(0, left - leftEnd.xMm),
    rightMm: Math.max(0, rightEnd.xMm - right),
    leftBy: leftEnd.by,
    rightBy: rightEnd.by,
    leftToWallMm: left,
    rightToWallMm: wallById(context.walls, opening.wallId).lengthMm - right,
  };
}

/**
 * Where the wall itself ends a rod. In a corner whose other wall has a rod too, each ends before it meets the
 * other.
 */
function wallEnds({ file, walls, rules }: Context, opening: Opening, dressedIds: ReadonlySet<string>) {
  const index = walls.findIndex((w) => w.id === opening.wallId);
  const wallAt = (i: number): Wall => walls[(i + walls.length) % walls.length] as Wall;
  const [previous, wall, next] = [wallAt(index - 1), wallAt(index), wallAt(index + 1)];
  const clearOf = (other: Wall, insideDeg: number): Mm => {
    const hasRod = file.openings.some((o) => o.wallId === other.id && dressedIds.has(o.id));
    const meets = insideDeg < STRAIGHT_ON && hasRod;
    return Math.max(
      rules.number('windows.cornerClearance'),
      meets ? turnsBeforeMm(rules.number('windows.return'), insideDeg) : 0,
    );
  };
  return {
    leftEnd: { xMm: clearOf(previous, insideAngle(previous, wall)), by: 'wall' },
    rightEnd: { xMm: wall.lengthMm - clearOf(next, insideAngle(wall, next)), by: 'wall' },
  };
}

/** Other openings of the wall. Two curtains share the wall between their windows. */
const otherOpenings = ({ file }: Context, opening: Opening): Block[] => {
  const left = opening.xMm - opening.trimMm;
  const right = opening.xMm + opening.widthMm + opening.trimMm;
  return file.openings
    .filter((o) => o.id !== opening.id && o.wallId === opening.wallId)
    .map((o) => {
      const share = isGlazed(o) ? 0.5 : 1;
      const fromMm = o.xMm - o.trimMm;
      const toMm = o.xMm + o.widthMm + o.trimMm;
      return toMm <= left + 1
        ? { from: fromMm, to: left - (left - toMm) * share, by: o.name }
        : { from: right + (fromMm - right) * share, to: toMm, by: o.name };
    });
};
