import { describe, expect, it } from 'vitest';
import { bareRoom, inches, piece, toIn } from '../../../tests/helpers/rooms';
import { backToWall } from './backToWall';
import { placeOnWall } from './place';
import { wallsOf } from './walls';

const NEAR = 55;
const { room } = bareRoom(inches(200), inches(160), inches(96));
const walls = wallsOf(room);
const sofa = (xIn: number, yIn: number, turnDeg: number) =>
  piece({
    kind: 'sofa',
    widthMm: inches(84),
    depthMm: inches(38),
    xMm: inches(xIn),
    yMm: inches(yIn),
    turnDeg,
  });

describe('a sofa brought to a wall', () => {
  // brought to each wall with one of its ends, its middle half its width off
  it.each([
    ['n', 100, 43, 90],
    ['s', 100, 160 - 43, 270],
    ['e', 200 - 43, 80, 0],
    ['w', 43, 80, 180],
  ])('turns its back to the %s wall and touches it', (wallId, x, y, turnDeg) => {
    const turned = backToWall(sofa(x, y, turnDeg), walls, NEAR)!;
    const wall = walls.find((w) => w.id === wallId)!;
    expect(turned.turnDeg).toBeCloseTo(((wall.facingDeg % 360) + 360) % 360, 6);
    const on = placeOnWall(turned, walls);
    expect([on.wallId, Math.round(toIn(on.nearMm))]).toEqual([wallId, 0]);
    // it does not slide along the wall
    expect(wallId === 'n' || wallId === 's' ? turned.xMm : turned.yMm).toBeCloseTo(
      wallId === 'n' || wallId === 's' ? inches(x) : inches(y),
      6,
    );
  });
  it('stays as it is away from walls, with its back to one, and where it has no back', () => {
    expect(backToWall(sofa(100, 80, 90), walls, NEAR)).toBeNull();
    const north = walls.find((w) => w.id === 'n')!.facingDeg;
    expect(backToWall(sofa(100, 19, north), walls, NEAR)).toBeNull();
    // in a corner its back has a wall already
    expect(backToWall(sofa(43, 19, north), walls, NEAR)).toBeNull();
    const table = { ...sofa(100, 43, 90), kind: 'coffeeTable' as const };
    expect(backToWall(table, walls, NEAR)).toBeNull();
  });
});
