// A room of the demo home: the galley kitchen, a counter under the window with hob and sink, open shelves, hooks
import { home } from './places.mjs';
import { CLEAR, ROOM, box4, finish, fitting, look, object, opening } from './roomParts.mjs';
import { i } from './units.mjs';

const onShelf = { part: 'top' };

export const galley = {
  homeId: home.id,
  room: {
    ...ROOM,
    id: 'galley',
    name: 'Galley',
    unit: 'in',
    ceilingMm: i(96),
    walls: box4(i(114), i(84)),
    wallFinish: finish('bright'),
    floorFinish: finish('slate'),
    trimFinish: finish('bright'),
    note: 'Guests cook here: everything has to be where they look for it.',
  },
  clear: CLEAR,
  openings: [
    opening(['sink-window', 'Sink window', 'window'], ['n', 30], [30, 44, 34, 3], null, {
      sillDepthMm: i(5),
    }),
    opening(['galley-door', 'Door', 'door'], ['s', 40], [32, 0, 80, 3]),
  ],
  fittings: [
    fitting(['counter', 'Counter', 'counter'], ['n', 0], [88, 0, 36, 25], 'oak'),
    fitting(['sink', 'Sink', 'basin'], ['n', 33], [24, 28, 8, 20], 'bright'),
    fitting(['hob', 'Hob', 'hob'], ['n', 64], [22, 36, 1, 20], 'iron'),
    fitting(['fridge', 'Fridge', 'fridge'], ['n', 89], [24, 0, 66, 26], 'bright'),
    fitting(['cabinet', 'Wall cabinet', 'wallCabinet'], ['n', 66], [46, 70, 20, 13], 'bright'),
    fitting(['shelf-low', 'Lower open shelf', 'openShelf'], ['w', 20], [44, 54, 1.5, 9], 'oak'),
    fitting(['shelf-high', 'Upper open shelf', 'openShelf'], ['w', 20], [44, 68, 1.5, 9], 'oak'),
    fitting(['hooks', 'Hook rail', 'hookRail'], ['e', 26], [30, 62, 3, 2], 'oak'),
  ],
  pieces: [],
  looks: [
    look(
      ['summer', 'Summer', 'summer', 0],
      [
        [],
        [],
        [
          object('crock', 'counter', 7, { part: 'counter1', id: 'crock' }),
          object('spoons', 'crock', 3, { part: 'inside', count: 5 }),
          object('board', 'counter', 22, { part: 'counter1', lie: 'leaning' }),
          object('kettle', 'hob', 7, { part: 'hob' }),
          object('thyme-pot', 'sink-window', 7, { part: 'sill', id: 'herbs' }),
          object('thyme', 'herbs', 2, { part: 'inside' }),
          object('jars', 'shelf-low', 9, { ...onShelf, count: 3 }),
          object('bowls-mist', 'shelf-low', 28, onShelf),
          object('bowls-mist', 'shelf-low', 37, onShelf),
          object('pitcher-oyster', 'shelf-high', 8, onShelf),
          object('tin-tea', 'shelf-high', 20, onShelf),
          object('tin-coffee', 'shelf-high', 27, onShelf),
          object('tea-cloth', 'hooks', 8, { part: 'hook', lie: 'hanging' }),
          object('market-basket', 'hooks', 22, { part: 'hook', lie: 'hanging' }),
        ],
      ],
    ),
  ],
};
