import { describe, expect, it } from 'vitest';
import {
  bareRoom,
  demoRoom,
  fittingOf,
  item,
  onSeat,
  piece,
  placement,
  standing,
} from '../../../tests/helpers/rooms';
import { checkRoomFile } from '../stages/measure/check';
import { checkOwnRule } from '../rules/ownRule';
import { roomFileSchema } from './schema';
import type { Look, Placement, RoomFile } from './types';
import { upgradeRoomFile } from './upgrade';

const AS: Partial<Record<Placement['lie'], string>> = {
  propped: 'pillow',
  proppedSide: 'pillow',
  overBack: 'throw',
};

/** The looks as version 5 said them, which knew no works. */
const withoutWorks = (file: RoomFile) => file.looks.map(({ works: _works, ...look }) => look);
const asVersion5 = (file: RoomFile): Record<string, unknown> => ({
  ...file,
  rideau: 5,
  looks: withoutWorks(file),
});

/** The same room as a file of version 4, which put things on a piece or a mantel as a pillow, a throw or an object. */
const asVersion4 = (file: RoomFile): Record<string, unknown> => ({
  ...file,
  rideau: 4,
  items: file.items.map(({ wish: _wish, ...i }) => i),
  pieces: file.pieces.map(({ gapMm: _gap, ...p }) => p),
  looks: withoutWorks(file).map(
    ({ brief: _brief, approvedZones: _zones, moved: _moved, brought: _in, ...look }) => ({
      ...look,
      placements: look.placements.map(({ id, itemId, spot, xMm, row, lie, fill }) => ({
        id,
        itemId,
        pieceId: spot.of,
        as: AS[lie] ?? 'object',
        xMm,
        layer: row,
        fill: fill ?? 'feather',
        turned: lie === 'proppedSide',
      })),
    }),
  ),
});

/**
 * What version 4 could say: nothing on or in another thing, nothing lying flat, one of each; furniture as it was measured,
 * and nothing that is not there.
 */
const plainThings = (file: RoomFile): RoomFile => ({
  ...file,
  items: file.items.map((i) => ({ ...i, wish: null })),
  pieces: file.pieces.map((p) => ({ ...p, gapMm: null })),
  looks: file.looks.map((look) => ({
    ...look,
    moved: [],
    brought: [],
    works: [],
    placements: look.placements
      .filter((p) => ['seat', 'mattress', 'top', 'mantel'].includes(p.spot.part))
      .filter((p) => ![...look.placements, ...look.brought].some((carrier) => carrier.id === p.spot.of))
      .map((p) => ({ ...p, count: 1, lie: NOT_IN_4.has(p.lie) ? ('standing' as const) : p.lie })),
  })),
});

const NOT_IN_4: ReadonlySet<string> = new Set(['flat', 'made', 'acrossFoot', 'alongTable', 'atPlaces']);

/** The same room as a file of version 3, which knew neither draws nor cords nor how a sheer is made. */
function asVersion3(file: RoomFile): unknown {
  return {
    ...asVersion4(file),
    rideau: 3,
    openings: file.openings.map(({ blindCord: _blind, ...o }) => o),
    looks: (asVersion4(file).looks as Look[]).map((look) => ({
      ...look,
      dressings: look.dressings.map(({ draw: _draw, decorative: _side, cord: _cord, sheer, ...d }) => {
        if (!sheer) return { ...d, sheer };
        const { pinMm: _pin, route: _route, making: _making, ...rest } = sheer;
        return { ...d, sheer: rest };
      }),
    })),
  };
}

describe('a room file of version 5', () => {
  it.each(['long-room', 'bathroom'])('comes out without works, and otherwise the same: %s', (id) => {
    const file = demoRoom(id);
    expect(roomFileSchema.parse(upgradeRoomFile(asVersion5(file)))).toEqual({
      ...file,
      looks: file.looks.map((look) => ({ ...look, works: [] })),
    });
  });
});

describe('a room file of version 4', () => {
  it.each(['long-room', 'harbour-bedroom'])('comes out meaning the same: %s', (id) => {
    const file = plainThings(demoRoom(id));
    expect(file.looks.some((l) => l.placements.length > 0)).toBe(true);
    expect(roomFileSchema.parse(upgradeRoomFile(asVersion4(file)))).toEqual(file);
  });
  it('puts what lay on a mattress there, and what lay on a mantel', () => {
    const bed = piece({
      id: 'bed',
      kind: 'bed',
      seat: null,
      bed: { mattressMm: 600, thickMm: null, headboardMm: 0, footboardMm: 0 },
    });
    const mantel = { widthMm: 1500, depthMm: 200, topMm: 1200 };
    const file: RoomFile = {
      ...bareRoom(),
      pieces: [bed],
      fittings: [fittingOf({ id: 'fire', kind: 'fireplace', mantel })],
      items: [item()],
    };
    const [look] = file.looks as [Look];
    const placements = [
      placement({ id: 'a', spot: { of: 'bed', part: 'mattress' }, lie: 'proppedSide' }),
      placement({ id: 'b', ...standing('fire', 'mantel') }),
    ];
    const dressed = { ...file, looks: [{ ...look, placements }] };
    expect(roomFileSchema.parse(upgradeRoomFile(asVersion4(dressed)))).toEqual(dressed);
  });
  it('names a thing anew that has the name of a piece, since things now carry things', () => {
    const file = { ...bareRoom(), pieces: [piece({ id: 'sofa' })], items: [item()] };
    const [look] = file.looks as [Look];
    const placements = [placement({ id: 'sofa', ...onSeat('sofa') })];
    const read = roomFileSchema.parse(
      upgradeRoomFile(asVersion4({ ...file, looks: [{ ...look, placements }] })),
    );
    expect(read.looks[0]!.placements.map((p) => [p.id, p.spot.of])).toEqual([['sofa-on', 'sofa']]);
    expect(checkRoomFile(read)).toEqual([]);
  });
});

describe('a room file of version 3', () => {
  it.each(['long-room', 'lookout'])('comes out meaning the same: %s', (id) => {
    const file = plainThings(demoRoom(id));
    expect(file.looks.some((l) => l.dressings.length > 0)).toBe(true);
    expect(roomFileSchema.parse(upgradeRoomFile(asVersion3(file)))).toEqual(file);
  });
  it('is read though an own rule has a length that cannot be, which is left out', () => {
    const file = demoRoom('long-room');
    const rules = [
      { ruleId: 'windows.return', value: -20 },
      { ruleId: 'windows.takeDownGrommet', value: -40 },
      { ruleId: 'walls.gapRange', value: [-5, 40] },
      { ruleId: 'windows.hem', value: 90 },
    ];
    const read = roomFileSchema.parse(upgradeRoomFile({ ...(asVersion3(file) as object), rules }));
    expect(read.rules.map((r) => r.ruleId)).toEqual(['windows.takeDownGrommet', 'windows.hem']);
  });
  it('of this version with such a rule is refused', () => {
    const own = { ruleId: 'windows.return', value: -20 };
    const file = { ...demoRoom('long-room'), rules: [own] };
    expect(upgradeRoomFile(file)).toBe(file);
    expect(checkOwnRule(own)?.code).toBe('out-of-bounds');
  });
});
