/** The floor of a room, for what is tried on it. */
import type { Piece, RoomFile } from '../../src/core/model/types';
import { wallsOf } from '../../src/core/room/walls';
import { planWholeFloor, type FloorPlan } from '../../src/core/stages/floor/planFloor';
import { inches, inchRules, piece } from './rooms';

/** A chest of a size, its middle at a place; mm. */
export const chestAt = (
  id: string,
  [x, y]: readonly [number, number],
  [w, d]: readonly [number, number],
  more: Partial<Piece> = {},
): Piece =>
  piece({
    id,
    name: id,
    kind: 'chest',
    seat: null,
    xMm: x,
    yMm: y,
    widthMm: w,
    depthMm: d,
    heightMm: 500,
    ...more,
  });

/** A sofa 80 in wide and 36 deep, its middle at a place in inches. */
export const sofaAt = (xIn: number, yIn: number, turnDeg = 0, more: Partial<Piece> = {}): Piece =>
  piece({
    id: 'sofa',
    name: 'Sofa',
    xMm: inches(xIn),
    yMm: inches(yIn),
    turnDeg,
    widthMm: inches(80),
    depthMm: inches(36),
    ...more,
  });

export const floorOf = (file: RoomFile, rules = inchRules()): FloorPlan =>
  planWholeFloor(file, wallsOf(file.room), rules);
export const floorCodes = (file: RoomFile): string[] => floorOf(file).findings.map((f) => f.code);
