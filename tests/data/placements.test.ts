/** Whatever a look puts anywhere comes out of the studio as it went in. */
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { NOUN_SCHEMAS, roomFileSchema } from '../../src/core/model/schema';
import type { Brought, Moved, Placement, RoomFile, Work } from '../../src/core/model/types';
import { planLook } from '../../src/core/plan/planLook';
import { anyValueOf } from '../helpers/anyValue';
import { ownStudio } from '../helpers/ownStudio';
import { restoreStudio } from '../helpers/restore';
import { bareRoom, fittingOf, item, opening, piece } from '../helpers/rooms';

ownStudio('placements');
const rooms = await import('../../src/server/rooms');
const imports = await import('../../src/server/importRoom');

const KINDS = ['vase', 'tray', 'stem', 'book', 'cover', 'throw', 'rug', 'chair', 'candle', 'plant'] as const;
const things = KINDS.map((kind) => item({ id: `thing-${kind}`, kind, name: kind, count: 9 }));
const base: RoomFile = {
  ...bareRoom(),
  pieces: [
    piece({ id: 'sofa' }),
    piece({ id: 'case', kind: 'bookcase', seat: null, xMm: 1200, yMm: 2600, shelvesMm: [100, 400, 700] }),
  ],
  fittings: [fittingOf({ id: 'fire', mantel: { widthMm: 1500, depthMm: 200, topMm: 1200 } })],
  openings: [opening({ id: 'window', sillDepthMm: 150 })],
  items: things,
};
/** What things are put on: also the corner of a wall. */
const HOSTS = ['sofa', 'case', 'fire', 'window', 'n'];

/** Rows under ids of their own, each on something of the room, on a piece of the look or on one of the rows before it. */
const anyDressed = fc
  .record({
    placements: fc.array(fc.tuple(anyValueOf(NOUN_SCHEMAS.placement), fc.nat(), fc.nat()), { maxLength: 40 }),
    moved: fc
      .subarray(['sofa', 'case'])
      .chain((ids) =>
        fc.tuple(
          ...ids.map((id) => anyValueOf(NOUN_SCHEMAS.moved).map((row) => ({ ...(row as Moved), id }))),
        ),
      ),
    brought: fc.array(fc.tuple(anyValueOf(NOUN_SCHEMAS.brought), fc.nat()), { maxLength: 6 }),
    works: fc.array(fc.tuple(anyValueOf(NOUN_SCHEMAS.work), fc.nat()), { maxLength: 6 }),
  })
  .map(({ placements, moved, brought, works }): RoomFile => {
    const itemId = (n: number) => things[n % things.length]!.id;
    const floor = brought.map(([row, n], i) => ({ ...(row as Brought), id: `b${i}`, itemId: itemId(n) }));
    const on = placements.map(([row, n, m], i): Placement => {
      const hosts = [...HOSTS, ...floor.map((b) => b.id), ...placements.slice(0, i).map((_, k) => `p${k}`)];
      const of = hosts[m % hosts.length]!;
      return {
        ...(row as Placement),
        id: `p${i}`,
        itemId: itemId(n),
        spot: { ...(row as Placement).spot, of },
      };
    });
    const look = { ...base.looks[0]!, moved, brought: floor, placements: on, works: works.map(workOn) };
    return { ...base, looks: [look] };
  });

/** A work on something that is there. */
const TARGETS: Partial<Record<Work['on'], string>> = { wall: 'n', piece: 'sofa', fitting: 'fire' };
const workOn = ([row, n]: readonly [unknown, number], i: number): Work => {
  const work = row as Work;
  const itemId = work.on === 'item' ? things[n % things.length]!.id : null;
  return { ...work, id: `w${i}`, of: TARGETS[work.on] ?? null, itemId };
};

/** The things of the stash that a file speaks of: an export holds no others. */
const spokenOf = (file: RoomFile): RoomFile => {
  const [look] = file.looks;
  const used = new Set([...look!.placements, ...look!.brought, ...look!.works].map((row) => row.itemId));
  return { ...file, items: file.items.filter((i) => used.has(i.id)) };
};

test('random placements, arrangements and works survive import and export byte for byte, and can be planned', async () => {
  await restoreStudio({ rideauStudio: 1, name: 'S', rules: [], homes: [], items: [], rooms: [] });
  await fc.assert(
    fc.asyncProperty(anyDressed, async (dressed) => {
      // every field in the order in which the format has it
      const file = roomFileSchema.parse(spokenOf(dressed));
      const came = await imports.importRoom(JSON.parse(JSON.stringify(file)) as unknown);
      if (!came.ok) throw new Error(JSON.stringify(came.issues));
      const out = rooms.exportRoom(came.value.id)!;
      expect(JSON.stringify(out.looks)).toBe(JSON.stringify(file.looks));
      expect(JSON.stringify(out.pieces)).toBe(JSON.stringify(file.pieces));
      // what is on nothing is kept, and nothing of it stops the plan
      const plan = planLook(out, { lookId: file.looks[0]!.id });
      expect(plan.placed.length).toBeLessThanOrEqual(file.looks[0]!.placements.length);
      rooms.removeRoom(came.value.id);
    }),
    { numRuns: 60, seed: 11 },
  );
});
