// A room of the demo home
import { home } from './places.mjs';
import {
  CLEAR,
  ROOM,
  dressing,
  finish,
  fitting,
  group,
  hanging,
  inGroup,
  look,
  object,
  opening,
  piece,
  saw,
  seat,
  wall,
} from './roomParts.mjs';
import { cols, i, pattern } from './units.mjs';

// a lookout over the harbour mouth: three windows in a bay under one bent rod, a French door to the balcony
export const lookout = {
  homeId: home.id,
  room: {
    ...ROOM,
    id: 'lookout',
    name: 'Lookout',
    unit: 'in',
    ceilingMm: i(102),
    crownMm: i(3),
    walls: [
      wall('n1', 0, 0),
      wall('b1', i(48), 0, 'Bay, left'),
      wall('b2', i(66), i(-24), 'Bay, front'),
      wall('b3', i(126), i(-24), 'Bay, right'),
      wall('n2', i(144), 0),
      wall('e', i(192), 0),
      wall('s', i(192), i(132)),
      wall('w', 0, i(132)),
    ],
    wallFinish: finish('oyster'),
    floorFinish: finish('oak', { kind: 'texture', repeatMm: i(5) }),
    trimFinish: finish('bright'),
    note: 'Seen from the quay.',
    holes: [
      { id: 'hole-1', wallId: 's', xMm: i(100), heightMm: i(66) },
      { id: 'hole-2', wallId: 's', xMm: i(131), heightMm: i(63) },
    ],
    standpoints: [
      {
        id: 'in-harbour-chair',
        name: 'In the harbour chair',
        kind: 'seat',
        xMm: i(82),
        yMm: i(14),
        eyeMm: i(43),
      },
      { id: 'lookout-door', name: 'From the door', kind: 'door', xMm: i(168), yMm: i(118), eyeMm: i(62) },
    ],
  },
  clear: CLEAR,
  openings: [
    opening(['bay-left', 'Bay left', 'window'], ['b1', 5], [20, 30, 48, 2.5], [78, 78, 78.125]),
    opening(['bay-front', 'Bay front', 'window'], ['b2', 6], [48, 30, 48, 2.5], [78.125, 78.125, 78.25], {
      overlooked: true,
    }),
    opening(['bay-right', 'Bay right', 'window'], ['b3', 5], [20, 30, 48, 2.5], [78.25, 78.375, 78.375], {
      hazy: true,
    }),
    opening(['balcony-door', 'Balcony door', 'frenchDoor'], ['e', 36], [56, 0, 80, 3], [80, 80, 80.125], {
      opens: 'out',
      hinge: 'both',
      handleMm: i(2.5),
      underMm: i(0.5),
    }),
    opening(['lookout-in', 'Door', 'door'], ['s', 12], [32, 0, 80, 3]),
  ],
  fittings: [fitting(['lookout-socket', 'Socket', 'socket'], ['n1', 20], [5, 12, 3.5, 0.5], 'bright')],
  pieces: [
    piece(['lookout-chair', 'Harbour chair', 'armchair'], [82, 10, 0], [32, 34, 34], cols(['harbour', 1]), {
      seat: seat(22, 18, 22, 1, 1),
      gapMm: i(6),
    }),
    piece(['lookout-table', 'Chart table', 'sideTable'], [112, 2, 0], [20, 20, 24], cols(['oak', 1]), {
      round: true,
    }),
    piece(
      ['lookout-lamp', 'Reading lamp', 'floorLamp'],
      [60, 60, 0],
      [14, 14, 58],
      cols(['iron', 0.5], ['sailcloth', 0.5]),
    ),
    piece(['lookout-books', 'Bookcase', 'bookcase'], [6, 108, 270], [36, 12, 70], cols(['oak', 1]), {
      shelvesMm: [i(3), i(18), i(33), i(48)],
    }),
    piece(
      ['breakfast-table', 'Breakfast table', 'diningTable'],
      [104, 93, 0],
      [48, 30, 29],
      cols(['oak', 1]),
      {
        chairs: 2,
      },
    ),
    piece(
      ['lookout-rug', 'Cotton stripe rug', 'rug'],
      [96, 60, 180],
      [72, 48, 0.4],
      cols(['sailcloth', 0.6], ['harbour', 0.4]),
      { pattern: pattern('stripe', 4) },
    ),
  ],
  looks: [
    look(
      ['summer', 'Summer', 'summer', 0],
      [
        [
          dressing('bay-left', 'panel-stripe', {
            joinsNext: true,
            landing: 'break',
            panels: 4,
            drawn: 'open',
            sheer: {
              itemId: 'panel-voile',
              heading: 'rodPocket',
              landing: 'clear',
              fullness: null,
              panels: 4,
              drawn: 'closed',
              pinMm: null,
              route: null,
              making: { clothWidthMm: null, repeatMm: null, halfDrop: false },
            },
          }),
          dressing('bay-front', 'panel-stripe', { joinsNext: true }),
          dressing('bay-right', 'panel-stripe'),
          dressing('balcony-door', 'panel-mist', { landing: 'clear', heading: 'grommet' }),
        ],
        [
          ...[
            ['art-approaches', -2, 4.5],
            ['art-tide', 20.5, 3.5],
            ['art-quay', 0, -15],
            ['art-lantern', -18.5, -15],
            ['art-pilot', 21.5, -16],
            ['art-terns', -23.5, 1],
            ['art-ropes', -22, 16],
          ].map(([id, x, y]) => inGroup(id, ['s', 'gallery'], saw(0.75), [x, y])),
          hanging('mirror-porthole', ['w', null, 72], saw(1)),
        ],
        [
          object('chart-basket', 'lookout-books', 8, { part: 'bay1' }),
          object('chart-basket', 'lookout-books', 25, { part: 'bay1' }),
          object('atlas', 'lookout-books', 8, { part: 'bay2', lie: 'flat', count: 3, id: 'atlases' }),
          object('sand-glass', 'atlases', 5),
          object('glass-tall', 'lookout-books', 27, { part: 'bay2' }),
          object('log-book', 'lookout-books', 7, { part: 'bay3', count: 7 }),
          object('rope-bowl', 'lookout-books', 26, { part: 'bay3' }),
          object('runner-harbour', 'breakfast-table', 24, { lie: 'alongTable' }),
          object('mats-sailcloth', 'breakfast-table', 24, { lie: 'atPlaces', count: 2 }),
          object('napkins-mist', 'breakfast-table', 24, { lie: 'atPlaces', count: 2 }),
        ],
      ],
      { groups: [group('gallery', 'Lookout gallery', 's', 'free', { xMm: i(122), centreMm: i(60) })] },
    ),
  ],
};
