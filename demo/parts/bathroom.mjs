// A room of the demo home: the bathroom, with a dressed sill, a cistern and hooks
import { home } from './places.mjs';
import { CLEAR, ROOM, box4, finish, fitting, look, object, opening } from './roomParts.mjs';
import { i } from './units.mjs';

export const bathroom = {
  homeId: home.id,
  room: {
    ...ROOM,
    id: 'bathroom',
    name: 'Bathroom',
    unit: 'in',
    ceilingMm: i(92),
    walls: box4(i(96), i(72)),
    wallFinish: finish('mist'),
    floorFinish: finish('oak'),
    trimFinish: finish('bright'),
    note: '',
  },
  clear: CLEAR,
  openings: [
    opening(['bath-window', 'Bath window', 'window'], ['n', 34], [28, 46, 30, 3], null, {
      sillDepthMm: i(6),
      overlooked: true,
    }),
    opening(['bath-door', 'Door', 'door'], ['s', 8], [30, 0, 80, 3]),
  ],
  fittings: [
    fitting(['tub', 'Tub', 'tub'], ['w', 6], [60, 0, 22, 28], 'bright'),
    fitting(['toilet', 'Toilet', 'toilet'], ['n', 66], [15, 0, 16, 26], 'bright'),
    fitting(['cistern', 'Cistern', 'cistern'], ['n', 65], [17, 16, 17, 8], 'bright'),
    fitting(['basin', 'Basin', 'basin'], ['e', 22], [24, 30, 6, 17], 'bright'),
    fitting(['bath-hooks', 'Towel hooks', 'hookRail'], ['s', 44], [36, 66, 3, 2], 'oak'),
  ],
  pieces: [],
  looks: [
    look(
      ['summer', 'Summer', 'summer', 0],
      [
        [],
        [],
        [
          object('shell-jar', 'bath-window', 6, { part: 'sill' }),
          object('vase-shell', 'bath-window', 14, { part: 'sill', id: 'bud-vase' }),
          object('sea-holly-stem', 'bud-vase', 2, { part: 'mouth', count: 3 }),
          object('pebble-dish', 'basin', 4, { part: 'edge' }),
          object('small-fern', 'cistern', 8, { part: 'edge' }),
          object('towel-mist', 'bath-hooks', 10, { part: 'hook', lie: 'hanging' }),
          object('towel-mist', 'bath-hooks', 26, { part: 'hook', lie: 'hanging' }),
        ],
      ],
    ),
  ],
};
