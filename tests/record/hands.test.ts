/** What the thirty rooms answer to a hand: drags, readings, shelves and boxes, the stash as a table. */
import { describe, expect, it } from 'vitest';
import { polygonCentre } from '../../src/core/geometry/plane';
import type { Item, RoomFile, StoragePlace } from '../../src/core/model/types';
import { planLook, type Plan } from '../../src/core/plan/planLook';
import { boxOfHanging, boxOfGroup, snapPlaceOf, snapPlaceOfGroup } from '../../src/core/plan/snapPlace';
import { withBump, withoutCorner } from '../../src/core/room/bump';
import { clearanceOf } from '../../src/core/room/clearance';
import { placeOnWall } from '../../src/core/room/place';
import { snapPiece } from '../../src/core/room/snap';
import { closeWalk, surveyOf, walkOfOutline } from '../../src/core/room/survey';
import { swingsOf } from '../../src/core/room/swing';
import { withWallLength } from '../../src/core/room/wallLength';
import { wallsOf } from '../../src/core/room/walls';
import { ruleBook } from '../../src/core/rules/book';
import { checkRoomFile } from '../../src/core/stages/measure/check';
import { gapsRound, snapHanging } from '../../src/core/stages/walls/snap';
import { EVERYTHING, UNUSED, filterStash, prepare } from '../../src/core/stash/entry';
import { fitsIn } from '../../src/core/plan/fitsIn';
import { contentsOf, goesUnder } from '../../src/core/stash/storage';
import { itemToCells } from '../../src/core/stash/table/columns';
import { readTable } from '../../src/core/stash/table/readTable';
import { linesOf } from './lines';
import { ROOMS } from './recorded';

/** Drags by hand: near, further, and back past where it was. */
const MOVES = [
  [9, -7],
  [-38, 25],
  [140, -90],
] as const;
const BUMPS = [
  { depthMm: 400, splayDeg: 45 },
  { depthMm: -300, splayDeg: 90 },
] as const;

function outlineLines(file: RoomFile): string[] {
  const { room } = file;
  const walls = wallsOf(room);
  const { legs, startDeg } = walkOfOutline(room);
  const wrong = legs.map((leg, i) => (i === 1 ? { ...leg, lengthMm: leg.lengthMm + 120 } : leg));
  return [
    ...linesOf('walk', { legs, startDeg }),
    ...linesOf('survey', surveyOf(wrong, startDeg)),
    ...linesOf(
      'closed',
      closeWalk(legs.slice(0, -2).concat(legs.slice(-2).map((l) => ({ ...l, lengthMm: 1 })))),
    ),
    ...walls.flatMap((wall, i) => [
      ...linesOf(`wall ${wall.id} longer`, withWallLength(room.walls, i, wall.lengthMm + 250)),
      ...linesOf(`wall ${wall.id} joined`, withoutCorner(room.walls, wall.id)),
      ...BUMPS.flatMap((bump) => {
        const mouth = { wallId: wall.id, xMm: wall.lengthMm * 0.2, widthMm: wall.lengthMm * 0.5, ...bump };
        const built = withBump(file, mouth, { left: 'l', front: 'f', right: 'r', rest: 'e' });
        return linesOf(`bump in ${wall.id}`, built.ok ? { ...built.value, items: [] } : built.issues);
      }),
    ]),
  ];
}

function dragLines(file: RoomFile, plan: Plan): string[] {
  const rules = ruleBook(file.rules, file.room.unit);
  const walls = wallsOf(file.room);
  const [look] = file.looks;
  const centre = polygonCentre(file.room.walls);
  const overOf = (id: string) => look?.hangings.find((h) => h.id === id)?.overPieceId ?? null;
  return MOVES.flatMap(([dx, dy]) => [
    ...file.pieces.flatMap((piece) => {
      const others = file.pieces.filter((p) => p !== piece);
      const moved = { ...piece, xMm: piece.xMm + dx, yMm: piece.yMm + dy };
      return linesOf(
        `drag ${piece.id}`,
        snapPiece(moved, { others, openings: file.openings, walls, centre }, 60),
      );
    }),
    ...plan.hangings.flatMap((h) => {
      const box = boxOfHanging(h);
      const moved = { ...box, xMm: box.xMm + dx, centreMm: box.centreMm + dy };
      const place = snapPlaceOf(h, overOf(h.hangingId), file, plan);
      return [
        ...linesOf(`drag ${h.hangingId}`, snapHanging(moved, place, rules)),
        ...linesOf(`gaps of ${h.hangingId}`, gapsRound(moved, place.others)),
      ];
    }),
    ...plan.groups.flatMap((g) => {
      const box = boxOfGroup(g);
      const moved = { ...box, xMm: box.xMm + dx, centreMm: box.centreMm + dy };
      return linesOf(`drag ${g.groupId}`, snapHanging(moved, snapPlaceOfGroup(g, null, file, plan), rules));
    }),
  ]);
}

/** The room with slips of the tape in it. */
function slipLines(file: RoomFile): string[] {
  const slips: RoomFile[] = [
    { ...file, room: { ...file.room, ceilingMm: 1700 } },
    { ...file, openings: file.openings.map((o) => ({ ...o, xMm: o.xMm + 700, sillMm: o.sillMm + 400 })) },
    {
      ...file,
      fittings: file.fittings.map((f) => ({ ...f, xMm: f.xMm - 500, bottomMm: f.bottomMm + 1500 })),
    },
    { ...file, pieces: file.pieces.map((p) => ({ ...p, xMm: p.xMm * 1.4, heightMm: p.heightMm * 2 })) },
  ];
  return slips.flatMap((slip, i) => linesOf(`slip ${i}`, checkRoomFile(slip)));
}

const BOX: StoragePlace = {
  id: 'box',
  name: 'Box',
  kind: 'bag',
  roomId: null,
  widthMm: 700,
  depthMm: 450,
  heightMm: 160,
  note: '',
};

function stashLines(file: RoomFile): string[] {
  const rules = ruleBook(file.rules, file.room.unit);
  const context = { unit: file.room.unit, places: [BOX] };
  const kept = file.items.map((i): Item => ({ ...i, placeId: 'box' }));
  const rows = kept.map((i) => itemToCells(i, context));
  const header = Object.keys(rows[0] ?? {});
  const known = new Map(
    kept.slice(1).map((i) => [i.id, { ...i, count: i.count + 1, widthMm: i.widthMm + 50 }]),
  );
  const table = readTable(header, known, context, () => 'new');
  if ('add' in table)
    rows.forEach((row, i) =>
      table.add(
        header.map((h) => (i === 2 && h === 'width' ? 'wide' : (row[h] ?? ''))),
        i + 2,
      ),
    );
  const entries = kept.map((i) => prepare({ ...i, used: { ...UNUSED, any: 1 } }));
  return [
    ...linesOf('cells', rows),
    ...linesOf('read', 'add' in table ? table.finish() : table),
    ...linesOf('contents', contentsOf(BOX, kept, rules)),
    ...linesOf('under', goesUnder(BOX, file.pieces)),
    ...fitsIn(file, planLook(file, { lookId: file.looks[0]!.id })).flatMap((spot) => [
      ...linesOf('spot', spot),
      ...linesOf(
        'fit',
        filterStash(entries, { ...EVERYTHING, fits: spot }, rules).map((e) => e.id),
      ),
    ]),
  ];
}

function openingLines(file: RoomFile): string[] {
  const walls = wallsOf(file.room);
  const places = new Map(file.pieces.map((p) => [p.id, placeOnWall(p, walls)]));
  return file.openings.flatMap((o) => {
    const wall = walls.find((w) => w.id === o.wallId);
    return [
      ...linesOf(`clear ${o.id}`, clearanceOf(o, file, places, walls)),
      ...linesOf(`swing ${o.id}`, wall ? swingsOf(o, wall) : []),
    ];
  });
}

describe('by hand', () => {
  it.each(ROOMS)('in room %s', async (number, file) => {
    const plan = planLook(file, { lookId: file.looks[0]?.id ?? '' });
    const lines = [
      ...outlineLines(file),
      ...openingLines(file),
      ...dragLines(file, plan),
      ...slipLines(file),
      ...stashLines(file),
    ];
    await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot(`./hands/${number}.txt`);
  });
});
