import type { Mm } from '../../base/units';
import type { Point } from '../../geometry/plane';
import type { Finding, FindingCode, FindingFacts, Level } from '../../model/finding';
import type { Fitting, Piece, RoomFile } from '../../model/types';
import { stands, standsOut } from '../../room/kinds';
import { footprint } from '../../room/place';
import { floorInFrontOf, type Wall } from '../../room/walls';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';
import type { Floor } from './walkways/cutFloor';
import type { Obstacle } from './walkways/gates';

export type FloorFile = Pick<RoomFile, 'openings' | 'fittings' | 'pieces' | 'home'>;

/** What every check of the floor reads. */
export type FloorContext = {
  file: FloorFile;
  walls: readonly Wall[];
  rules: RuleBook;
  cut: Floor;
  /** Footprint of a piece, or of a fitting against its wall. */
  shapeOf: (piece: Piece) => readonly Point[];
  fittingShapeOf: (fitting: Fitting) => readonly Point[];
};

/** A distance on the plan that a finding is about. */
export type Line = { from: Point; to: Point; mm: Mm };
/** What a check found, with the distance to draw for it, and the path that it is on. */
export type FloorFinding = { finding: Finding; line?: Line | undefined; path?: readonly Point[] | undefined };

type More = { rule?: RuleId | undefined; line?: Line | undefined; path?: readonly Point[] | undefined };

export const floorFinding = (
  code: FindingCode,
  level: Level,
  about: readonly string[],
  facts: FindingFacts,
  { rule, line, path }: More = {},
): FloorFinding => ({
  finding: { code, level, stage: 'measure', about, by: facts, ...(rule ? { rule } : {}) },
  line,
  path,
});

/** Lengths closer than this are equal, so exactly the limit is not under it. */
export const EPSILON_MM: Mm = 0.05;

/** Footprints, worked out once for all checks. */
export function shapesOf(
  file: Pick<FloorFile, 'pieces'>,
  walls: readonly Wall[],
): Pick<FloorContext, 'shapeOf' | 'fittingShapeOf'> {
  const shapes = new Map(file.pieces.map((p) => [p.id, footprint(p)]));
  return {
    shapeOf: (piece) => shapes.get(piece.id) ?? footprint(piece),
    fittingShapeOf: (fitting) => {
      const wall = walls.find((w) => w.id === fitting.wallId);
      return wall ? floorInFrontOf(wall, fitting, fitting.depthMm) : [];
    },
  };
}

/** Everything that one can't walk through, walls aside. */
export function obstaclesOf(
  file: Pick<FloorFile, 'pieces' | 'fittings'>,
  walls: readonly Wall[],
): Obstacle[] {
  const { shapeOf, fittingShapeOf } = shapesOf(file, walls);
  return [
    ...file.pieces.filter(stands).map((p) => ({
      id: p.id,
      name: p.name,
      shape: shapeOf(p),
      wall: false,
      topMm: p.bottomMm + p.heightMm,
    })),
    ...file.fittings.filter(standsOut).map((f) => ({
      id: f.id,
      name: f.name,
      shape: fittingShapeOf(f),
      wall: false,
      topMm: f.bottomMm + f.heightMm,
    })),
  ];
}
