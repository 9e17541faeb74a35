import { inches, type Mm } from '../../base/units';
import { overlapLength } from '../../geometry/plane';
import type { Opening, RoomFile } from '../../model/types';
import { lowestOver, overheadOf } from '../../room/ceiling';
import { wallsOf, type Wall } from '../../room/walls';
import { ruleBook } from '../../rules/book';
import { EPSILON_MM, issuer, TOLERANCE, type MeasureIssue } from './issue';

type File = Pick<RoomFile, 'room' | 'openings' | 'rules'>;

/** The highest sill that a door may have before it is asked about. */
const HIGH_THRESHOLD: Mm = inches(12);
/** How much longer than the room is high a drop can be, over a floor that falls away. */
const DROP_PAST_CEILING: Mm = inches(12);

/** What is wrong with how something lies along its wall. */
export function checkAlongWall(thing: { id: string; xMm: Mm; widthMm: Mm }, wall: Wall): MeasureIssue[] {
  const { refuse } = issuer(thing.id);
  const { xMm, widthMm } = thing;
  if (widthMm > wall.lengthMm + TOLERANCE)
    return [refuse('wider-than-wall', 'widthMm', { cameMm: widthMm, expectedMm: wall.lengthMm })];
  if (xMm < -TOLERANCE) return [refuse('starts-before-wall', 'xMm', { cameMm: xMm, expectedMm: 0 })];
  if (xMm + widthMm <= wall.lengthMm + TOLERANCE) return [];
  return [refuse('ends-past-wall', 'xMm', { cameMm: xMm, expectedMm: wall.lengthMm - widthMm })];
}

/** What is wrong with how high something on a wall reaches. */
export function checkUnderCeiling(
  thing: { id: string; xMm: Mm; widthMm: Mm },
  topMm: Mm,
  wall: Wall,
  room: RoomFile['room'],
): MeasureIssue[] {
  const fromMm = Math.max(0, thing.xMm);
  const toMm = Math.min(wall.lengthMm, thing.xMm + thing.widthMm);
  const overhead = lowestOver(overheadOf(room, wall), fromMm, toMm);
  if (topMm <= overhead + TOLERANCE) return [];
  return [issuer(thing.id).refuse('above-ceiling', 'heightMm', { cameMm: topMm, expectedMm: overhead })];
}

/** A window, door or arch on its wall and among its neighbours. */
export function checkOpening(o: Opening, file: File): MeasureIssue[] {
  const { refuse, ask } = issuer(o.id);
  const wall = wallsOf(file.room).find((w) => w.id === o.wallId);
  if (!wall) return [refuse('wall-missing', 'wallId')];
  const top = o.sillMm + o.heightMm;
  const highDoor = o.kind !== 'window' && o.sillMm > HIGH_THRESHOLD;
  const issues = [
    ...checkAlongWall(o, wall),
    ...checkUnderCeiling(o, top, wall, file.room),
    ...(highDoor ? [ask('floor-sill', 'sillMm', { cameMm: o.sillMm, expectedMm: 0 })] : []),
    ...checkOverlaps(o, file.openings),
  ];
  return [...issues, ...checkDrops(o, file, issues.length > 0)];
}

const checkOverlaps = (o: Opening, openings: readonly Opening[]): MeasureIssue[] =>
  openings
    .filter((other) => other.id !== o.id && other.wallId === o.wallId)
    .flatMap((other) => {
      const shared = overlapLength(o.xMm, o.xMm + o.widthMm, other.xMm, other.xMm + other.widthMm);
      const tall = overlapLength(
        o.sillMm,
        o.sillMm + o.heightMm,
        other.sillMm,
        other.sillMm + other.heightMm,
      );
      if (shared <= TOLERANCE || tall <= TOLERANCE) return [];
      return [issuer(o.id).refuse('openings-overlap', 'xMm', { cameMm: shared, other: other.name })];
    });

/** The three drops against the room's height, each other, and the frame as it was measured. */
function checkDrops(o: Opening, { room, rules }: File, already: boolean): MeasureIssue[] {
  if (!o.dropsMm) return [];
  const { refuse, ask } = issuer(o.id);
  const apart = ruleBook(rules, room.unit).number('measure.dropsApart') + EPSILON_MM;
  const { left, middle, right } = o.dropsMm;
  const top = o.sillMm + o.heightMm;
  const issues: MeasureIssue[] = [];
  for (const [key, drop] of Object.entries(o.dropsMm))
    if (drop > room.ceilingMm + DROP_PAST_CEILING)
      issues.push(refuse('drop-too-long', `dropsMm.${key}`, { cameMm: drop, expectedMm: room.ceilingMm }));
  if (Math.abs(left - middle) > apart)
    issues.push(ask('drops-apart', 'dropsMm.left', { cameMm: left, expectedMm: middle }));
  if (Math.abs(right - middle) > apart)
    issues.push(ask('drops-apart', 'dropsMm.right', { cameMm: right, expectedMm: middle }));
  if (!already && issues.length === 0 && Math.abs(middle - top) > apart)
    issues.push(ask('drop-and-frame-apart', 'dropsMm.middle', { cameMm: middle, expectedMm: top }));
  return issues;
}
