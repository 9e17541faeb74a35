import { describe, expect, it } from 'vitest';
import { bareRoom, inches, item, piece, placement } from '../../../../tests/helpers/rooms';
import type { RoomFile } from '../../model/types';
import { planLook } from '../planLook';
import { frontView } from './scene';

const CHECK = item({ id: 'c' });
const PLAID = item({ id: 't', kind: 'throw', widthMm: inches(50), heightMm: inches(60) });

/** A sofa with a pillow near its left arm and a throw near its right. */
function sofaAt(xIn: number, yIn: number, turnDeg: number): RoomFile {
  const base = bareRoom(inches(220), inches(200));
  return {
    ...base,
    pieces: [piece({ xMm: inches(xIn), yMm: inches(yIn), turnDeg })],
    items: [CHECK, PLAID],
    looks: [
      {
        ...base.looks[0]!,
        placements: [
          placement({ id: 'pillow', itemId: 'c', xMm: inches(14) }),
          placement({ id: 'throw', itemId: 't', lie: 'overBack', xMm: inches(60), row: 1 }),
        ],
      },
    ],
  };
}

const seen = (file: RoomFile) => {
  const { placed } = planLook(file, { lookId: 'look' });
  return frontView(file.pieces[0]!, placed).map(({ key, box }) => [
    key,
    ...[box.xMm, box.yMm, box.widthMm, box.heightMm].map((mm) => Math.round(mm * 100) / 100),
  ]);
};

describe('a seat from its own front', () => {
  it('is the same wherever it stands and however it is turned', () => {
    const first = seen(sofaAt(80, 30, 0));
    for (const [x, y, turn] of [
      [110, 100, 0],
      [110, 100, 90],
      [60, 120, 180],
      [150, 90, 270],
      [110, 100, 37],
    ] as const)
      expect(seen(sofaAt(x, y, turn)), `${turn}`).toEqual(first);
  });
  it('is what is drawn against the wall at its back, from its left end', () => {
    const file = sofaAt(80, 18, 0);
    const { elevations } = planLook(file, { lookId: 'look' });
    const shapes = elevations.find((e) => e.wallId === 'n')!.shapes.filter((s) => s.stands);
    const left = inches(80 - 42);
    expect(seen(file)).toEqual(
      shapes.map(({ key, box }) => [
        key,
        ...[box.xMm - left, box.yMm, box.widthMm, box.heightMm].map((mm) => Math.round(mm * 100) / 100),
      ]),
    );
  });
});
