import type { Finding, FindingCode, Level } from '../../model/finding';
import type { RoomFile } from '../../model/types';
import { isWay } from '../../room/kinds';
import type { Wall } from '../../room/walls';
import type { RuleBook } from '../../rules/book';
import { checkBeds } from './checks/beds';
import { checkHeatAndAir } from './checks/heatAndAir';
import { checkOverlaps } from './checks/overlaps';
import { checkRugs } from './checks/rugs';
import { checkSofaTables } from './checks/sofaTable';
import { checkSurfaceAndLight } from './checks/surfaceAndLight';
import { checkSwings } from './checks/swings';
import { checkTalk } from './checks/talk';
import { shapesOf, type FloorContext, type FloorFile, type FloorFinding, type Line } from './context';
import { checkWalkways, cutRoomFloor } from './walkwayChecks';
import type { Floor } from './walkways/cutFloor';
import type { Point } from '../../geometry/plane';

/** A distance to be drawn on the plan, with the finding that it belongs to. */
export type FloorLine = Line & { code: FindingCode; level: Level };
/** How one walks where it is too narrow, from door to place. */
export type FloorPath = { code: FindingCode; about: readonly string[]; points: readonly Point[] };
export type FloorPlan = { findings: Finding[]; lines: FloorLine[]; paths: FloorPath[] };

const CHECKS: readonly ((context: FloorContext) => FloorFinding[])[] = [
  checkWalkways,
  checkTalk,
  checkSurfaceAndLight,
  checkSofaTables,
  checkRugs,
  checkSwings,
  checkHeatAndAir,
  checkBeds,
  checkOverlaps,
];

/**
 * The floor's checks: can one walk, reach, talk, open the doors; do rugs lie right. `cut` is the floor cut
 * for its walkway.
 */
export function planFloor(file: FloorFile, walls: readonly Wall[], rules: RuleBook, cut: Floor): FloorPlan {
  const context: FloorContext = { file, walls, rules, cut, ...shapesOf(file, walls) };
  const found = CHECKS.flatMap((check) => check(context));
  return {
    findings: found.map(({ finding }) => finding),
    lines: found.flatMap(({ finding: { code, level }, line }) =>
      line ? [{ code, level, from: line.from, to: line.to, mm: line.mm }] : [],
    ),
    paths: found.flatMap(({ finding: { code, about }, path }) =>
      path ? [{ code, about, points: path }] : [],
    ),
  };
}

/** The same for a floor that has not been cut yet. */
export function planWholeFloor(
  file: FloorFile & Pick<RoomFile, 'room'>,
  walls: readonly Wall[],
  rules: RuleBook,
): FloorPlan {
  return planFloor(file, walls, rules, cutRoomFloor(file, file.openings.filter(isWay), walls, rules));
}
