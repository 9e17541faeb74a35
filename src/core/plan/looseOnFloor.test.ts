import { describe, expect, it } from 'vitest';
import { sofaAt } from '../../../tests/helpers/floor';
import {
  bareRoom,
  fittingOf,
  inches,
  item,
  opening,
  placement,
  standing,
} from '../../../tests/helpers/rooms';
import type { Fitting, Item, Opening, Piece, Placement, RoomFile } from '../model/types';
import { planLook } from './planLook';

/** 210 in along the north and south walls, 190 in along the others. */
const bare = bareRoom(inches(210), inches(190));
type Given = { pieces?: Piece[]; fittings?: Fitting[]; openings?: Opening[] };

describe('things on the floor', () => {
  const basket = (more: Partial<Item> = {}): Item =>
    item({
      id: 'basket',
      name: 'Basket',
      kind: 'basket',
      widthMm: inches(14),
      heightMm: inches(12),
      depthMm: inches(14),
      ...more,
    });
  const file = (given: Given, put: Partial<Placement>[], items: Item[] = [basket()]): RoomFile => ({
    ...bare,
    ...(given.pieces ? { pieces: given.pieces } : {}),
    ...(given.fittings ? { fittings: given.fittings } : {}),
    ...(given.openings ? { openings: given.openings } : {}),
    items,
    looks: bare.looks.map((look) => ({
      ...look,
      placements: put.map((p, i) => placement({ id: `p${i}`, itemId: 'basket', xMm: inches(12), ...p })),
    })),
  });
  const planOf = (...args: Parameters<typeof file>) => planLook(file(...args), { lookId: 'look' });
  const codes = (...args: Parameters<typeof file>) => planOf(...args).findings.map((f) => f.code);

  it.each(['n', 'e', 's', 'w'])(
    'a basket in the corner of wall %s is drawn there and set out with the floor',
    (wallId) => {
      const plan = planOf({}, [standing(wallId, 'corner')]);
      const drawn = plan.elevations
        .filter((e) => e.shapes.some((s) => s.about === 'p0'))
        .map((e) => e.wallId);
      expect(drawn).toEqual([wallId]);
      expect(
        plan.sheet.steps.filter((s) => s.kind === 'surface').map((s) => [s.wallId, s.part?.kind]),
      ).toEqual([[wallId, 'corner']]);
      expect(plan.findings.filter((f) => f.code === 'surface-fits').map((f) => f.by)).toEqual([
        {
          on: expect.stringMatching(/(north|south)-(east|west)/) as string,
          onKind: 'corner',
          onNumber: 1,
          count: 1,
        },
      ]);
    },
  );
  it('furniture that comes to stand there leaves it without a place, and says so', () => {
    const chest = sofaAt(20, 20, 0, { id: 'chest', kind: 'chest', seat: null, widthMm: inches(38) });
    expect(codes({ pieces: [chest] }, [standing('n', 'corner')])).toContain('spot-gone');
  });
  it('beside a seat it is walked round, under one it is in nobody’s way', () => {
    // from the door in the south to the window in the north one passes 40 in between the sofa and a chest
    const chest = (id: string, xIn: number, widthIn: number) =>
      sofaAt(xIn, 100, 0, { id, kind: 'chest', seat: null, widthMm: inches(widthIn) });
    const given = {
      pieces: [
        sofaAt(105, 100, 0, { gapMm: inches(14) }),
        chest('left', 32.5, 65),
        chest('right', 197.5, 25),
      ],
      openings: [
        opening({ id: 'door', kind: 'door', wallId: 's', xMm: inches(60), widthMm: inches(32), sillMm: 0 }),
        opening({ id: 'window', kind: 'window', wallId: 'n', xMm: inches(60), widthMm: inches(40) }),
      ],
    };
    const narrow = (put: Partial<Placement>[]) =>
      planOf(given, put).findings.flatMap(({ code, by }) => (code === 'walkway-narrow' ? [by.byMm] : []));
    expect(narrow([])).toEqual([]);
    expect(narrow([standing('sofa', 'beside2')])).toEqual([expect.closeTo(inches(40 - 12 - 7), 3)]);
    expect(narrow([standing('sofa', 'under')])).toEqual([]);
  });
  it('half in the sofa it is in its place; in the leaf of a door it stands in the way', () => {
    const given = { pieces: [sofaAt(105, 100)] };
    expect(codes(given, [standing('sofa', 'beside2')])).not.toContain('pieces-overlap');
    expect(codes(given, [{ ...standing('sofa', 'beside2'), xMm: 0 }])).toContain('pieces-overlap');
    const door = opening({
      id: 'door',
      kind: 'door',
      wallId: 'n',
      xMm: inches(26),
      widthMm: inches(32),
      sillMm: 0,
      opens: 'in',
      hinge: 'left',
    });
    const inCorner = (xIn: number) =>
      codes({ openings: [door] }, [{ ...standing('n', 'corner'), xMm: inches(xIn) }]);
    expect(inCorner(12)).not.toContain('swing-blocked');
    expect(inCorner(24)).toContain('swing-blocked');
  });
  it('what burns stands a yard from a fire, on the floor too', () => {
    const stove = (xIn: number): Fitting =>
      fittingOf({
        id: 'stove',
        kind: 'stove',
        wallId: 'n',
        xMm: inches(xIn),
        bottomMm: 0,
        widthMm: inches(24),
        heightMm: inches(30),
        depthMm: inches(20),
      });
    const near = { fittings: [stove(50)] };
    expect(codes(near, [standing('n', 'corner')])).toContain('burns-by-fire');
    expect(codes({ fittings: [stove(60)] }, [standing('n', 'corner')])).not.toContain('burns-by-fire');
    expect(codes(near, [standing('n', 'corner')], [basket({ kind: 'vase' })])).not.toContain('burns-by-fire');
    expect(codes(near, [standing('s', 'corner')])).not.toContain('burns-by-fire');
  });
});
