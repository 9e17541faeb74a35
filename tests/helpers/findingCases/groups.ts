import type { Hanging, HangingGroup, Item, RoomFile } from '../../../src/core/model/types';
import { GROUP } from '../../../src/core/model/defaults';
import { hanging, inches, opening, piece } from '../rooms';
import { type Given, room, fitting, art, hung, pair, nothing } from './given';
import type { FindingCases } from './case';

/** Two pictures of 30 by 20 either side of a screen whose middle is 84 in along. */
const flanked = (x: number) =>
  hung(
    art(30, 20, { count: 2 }),
    { xMm: inches(50) },
    {
      hangings: [hanging({ xMm: inches(50) }), hanging({ id: 'h2', xMm: inches(x) })],
      fittings: [{ ...fitting('tv', 'n', [64, 48], [40, 24]), depthMm: inches(2) }],
    },
  );
const wire = (hooks: 1 | 2, ringDrop: number, rings: number, length: number, apart: number | null = null) =>
  hung(art(30, 20), {
    hanger: {
      kind: 'wire',
      hooks,
      ringDropMm: inches(ringDrop),
      ringsApartMm: inches(rings),
      wireMm: inches(length),
      hooksApartMm: apart === null ? null : inches(apart),
    },
  });
const grouped = (
  sizes: [number, number][],
  g: Partial<HangingGroup> = {},
  offsets?: [number, number][],
  more: Given = {},
): RoomFile =>
  room({
    items: sizes.map(([w, h], i) => art(w, h, { id: `f${i}`, name: `Frame ${i}` })),
    hangings: sizes.map((_, i) =>
      hanging({
        id: `g${i}`,
        itemId: `f${i}`,
        groupId: 'group',
        groupAt: offsets ? { dxMm: inches(offsets[i]![0]), dyMm: inches(offsets[i]![1]) } : null,
      }),
    ),
    groups: [{ ...GROUP, id: 'group', name: 'Group', wallId: 'n', kind: 'row', ...g }],
    ...more,
  });
const zone = (wIn: number) => ({
  xMm: inches(60),
  bottomMm: inches(40),
  widthMm: inches(wIn),
  heightMm: inches(40),
});
const screen = (bottomIn: number) =>
  room({
    fittings: [{ ...fitting('tv', 's', [60, bottomIn], [48, 26]), depthMm: inches(2) }],
    pieces: [piece({ yMm: inches(20) })],
  });
/** A vase of a height on a chest 30 in high under a screen that begins at 36 in. */
const tank = (tankIn: number, shelfIn: number) =>
  room({
    fittings: [
      { ...fitting('toilet', 'n', [60, 0], [16, tankIn]), id: 'toilet' },
      { ...fitting('shelf', 'n', [58, shelfIn], [20, 1]), id: 'shelf' },
    ],
  });
const shelves = (stepIn: number) =>
  room({
    fittings: [
      { ...fitting('shelf', 'n', [58, 40], [20, 1]), id: 'low' },
      { ...fitting('shelf', 'n', [58, 41 + stepIn], [20, 1]), id: 'high' },
    ],
  });
/** A piece on the north wall, looked at from the middle of the room, with a window behind whoever looks. */
const opposite = (more: Partial<Item>, h: Partial<Hanging> = {}) =>
  hung(art(30, 20, more), h, {
    openings: [opening({ wallId: 's', xMm: inches(60), dropsMm: null })],
    room: {
      standpoints: [
        {
          id: 'stand',
          name: 'From the middle',
          kind: 'own',
          xMm: inches(84),
          yMm: inches(72),
          eyeMm: inches(62),
        },
      ],
    },
  });
const printed = (sheet: [number, number], px: [number, number] | null) =>
  hung(art(20, 24, { kind: 'frame' }), {
    print: {
      itemId: null,
      sheetWidthMm: inches(sheet[0]),
      sheetHeightMm: inches(sheet[1]),
      pxWide: px?.[0] ?? null,
      pxHigh: px?.[1] ?? null,
    },
  });

/** Three frames over a stair that rises 72 in over 120 to the right. */
const onStair = (g: Partial<HangingGroup>) =>
  grouped(
    [
      [12, 12],
      [12, 12],
      [12, 12],
    ],
    { kind: 'stair', ...g },
    undefined,
    {
      fittings: [{ ...fitting('stairs', 'n', [24, 0], [120, 72]), rises: 'right' }],
      ceilingIn: 168,
    },
  );

export const GROUPS_CASES = {
  'group-gaps-even': {
    level: 'ok',
    shows: grouped([
      [16, 20],
      [16, 20],
    ]),
    not: grouped([[16, 20]]),
  },
  'group-gaps-uneven': {
    level: 'caution',
    shows: grouped(
      [
        [16, 20],
        [16, 20],
        [16, 20],
      ],
      {},
      [
        [-20, 0],
        [0, 0],
        [19, 0],
      ],
    ),
    not: grouped([
      [16, 20],
      [16, 20],
      [16, 20],
    ]),
  },
  'group-gap-off': {
    level: 'yielded',
    shows: grouped(
      [
        [16, 20],
        [16, 20],
      ],
      { gapMm: inches(5) },
    ),
    not: grouped(
      [
        [16, 20],
        [16, 20],
      ],
      { gapMm: inches(3) },
    ),
  },
  'group-schools-part': {
    level: 'yielded',
    shows: grouped(
      [
        [16, 20],
        [16, 20],
      ],
      {},
      undefined,
      { ceilingIn: 108 },
    ),
    not: grouped([
      [16, 20],
      [16, 20],
    ]),
  },
  'treads-good': {
    level: 'ok',
    shows: onStair({}),
    not: onStair({ centreMm: inches(90) }),
  },
  'treads-off': {
    level: 'caution',
    shows: onStair({ centreMm: inches(90) }),
    not: onStair({}),
  },
  'group-count': {
    level: 'yielded',
    shows: grouped(
      [
        [10, 10],
        [10, 10],
        [10, 10],
      ],
      { kind: 'grid' },
    ),
    not: grouped(
      [
        [10, 10],
        [10, 10],
        [10, 10],
        [10, 10],
      ],
      { kind: 'grid' },
    ),
  },
  'pair-sizes-differ': {
    level: 'yielded',
    shows: grouped(
      [
        [16, 20],
        [18, 20],
      ],
      { kind: 'pair' },
    ),
    not: grouped(
      [
        [16, 20],
        [16, 20],
      ],
      { kind: 'pair' },
    ),
  },
  'group-past-zone': {
    level: 'caution',
    shows: grouped(
      [
        [16, 20],
        [16, 20],
      ],
      { zone: zone(30) },
    ),
    not: grouped(
      [
        [16, 20],
        [16, 20],
      ],
      { zone: zone(40) },
    ),
  },
  'tv-too-high': { level: 'caution', shows: screen(70), not: screen(40) },
  'tv-height-good': { level: 'ok', shows: screen(40), not: screen(70) },
  'shelf-over-tank': { level: 'ok', shows: tank(30, 54), not: tank(30, 48) },
  'shelf-over-tank-off': { level: 'caution', shows: tank(30, 48), not: tank(30, 54) },
  'shelf-step-off': { level: 'yielded', shows: shelves(20), not: shelves(13) },
  glare: { level: 'yielded', shows: opposite({ glazed: true }), not: opposite({ glazed: false }) },
  'mirror-does': {
    level: 'ok',
    shows: opposite({ kind: 'mirror' }),
    not: hung(art(30, 20, { kind: 'mirror' })),
  },
  'mirror-idle': {
    level: 'yielded',
    shows: hung(art(30, 20, { kind: 'mirror' })),
    not: opposite({ kind: 'mirror' }),
  },
  'mirror-shows': { level: 'ok', shows: opposite({ kind: 'mirror' }), not: opposite({ glazed: true }) },
  'print-pixels-short': {
    level: 'caution',
    shows: printed([16, 20], [1200, 1500]),
    not: printed([16, 20], [2400, 3000]),
  },
  'print-pixels-good': {
    level: 'ok',
    shows: printed([16, 20], [2400, 3000]),
    not: printed([16, 20], [1200, 1500]),
  },
  'print-too-large': { level: 'stop', shows: printed([24, 36], null), not: printed([16, 20], null) },
  'print-matte': {
    level: 'yielded',
    shows: opposite(
      { glazed: true },
      {
        print: {
          itemId: null,
          sheetWidthMm: inches(16),
          sheetHeightMm: inches(20),
          pxWide: null,
          pxHigh: null,
        },
      },
    ),
    not: printed([16, 20], null),
  },
  'flanks-uneven': { level: 'yielded', shows: flanked(120), not: flanked(118) },
  'neighbour-centres-differ': { level: 'caution', shows: pair(90, 63), not: pair(90, 60) },
  'two-points': {
    level: 'caution',
    shows: hung(art(30, 20, { massG: 9500 })),
    not: hung(art(30, 20, { massG: 9000 })),
  },
  'cable-zone': {
    level: 'caution',
    shows: hung(art(30, 20), {}, { fittings: [fitting('socket', 'n', [82, 12], [4, 4])] }),
    not: hung(art(30, 20), {}, { fittings: [fitting('socket', 'n', [20, 12], [4, 4])] }),
  },
  'mass-guessed': {
    level: 'caution',
    shows: hung(art(30, 20, { massG: 0 })),
    not: hung(art(30, 20, { massG: 2000 })),
  },
  'hook-spread-off': { level: 'caution', shows: wire(2, 5, 24, 26, 9), not: wire(2, 5, 24, 26, 12) },
  'nail-below-frame': {
    level: 'stop',
    shows: hung(art(30, 20), { hanger: { kind: 'sawtooth', dropMm: inches(20.5) } }),
    not: hung(art(30, 20), { hanger: { kind: 'sawtooth', dropMm: inches(19.5) } }),
  },
  'hook-above-frame': { level: 'stop', shows: wire(1, 1, 20, 30), not: wire(1, 6, 20, 21) },
  'wire-too-short': { level: 'stop', shows: wire(1, 5, 20, 15), not: wire(1, 6, 20, 21) },
  'hooks-too-wide': { level: 'stop', shows: wire(2, 5, 20, 24, 25), not: wire(2, 5, 20, 24, 8) },
  'old-walls': { level: 'caution', shows: hung(art(30, 20)), not: nothing },
} satisfies FindingCases;
