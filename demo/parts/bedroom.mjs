// A room of the demo home
import { home } from './places.mjs';
import {
  CLEAR,
  ROOM,
  acrossFoot,
  bedOf,
  box4,
  dressing,
  finish,
  fitting,
  hanging,
  look,
  made,
  onBed,
  opening,
  piece,
  pillow,
  seat,
  wire,
} from './roomParts.mjs';
import { cols, i } from './units.mjs';

export const bedroom = {
  homeId: home.id,
  room: {
    ...ROOM,
    id: 'harbour-bedroom',
    name: 'Harbour Bedroom',
    unit: 'ft-in',
    ceilingMm: i(96),
    walls: box4(i(144), i(132)),
    wallFinish: finish('mist'),
    floorFinish: finish('oak'),
    trimFinish: finish('bright'),
    note: '',
  },
  clear: CLEAR,
  openings: [
    opening(['bed-window', 'Bed window', 'window'], ['e', 46], [40, 34, 46, 2.5], [80, 80, 80]),
    opening(['bed-door', 'Bedroom door', 'door'], ['s', 100], [32, 0, 80, 3]),
  ],
  fittings: [fitting(['bed-socket', 'Bedside socket', 'socket'], ['n', 16], [5, 14, 3.5, 0.5], 'bright')],
  pieces: [
    piece(['bed', 'Queen bed', 'bed'], [72, 41, 0], [60, 80, 46], cols(['biscuit', 0.8], ['peat', 0.2]), {
      bed: bedOf(25, 46),
      gapMm: i(13),
    }),
    piece(['bedside-l', 'Left bedside', 'bedside'], [27, 10, 0], [18, 16, 26], cols(['oak', 1])),
    piece(['bedside-r', 'Right bedside', 'bedside'], [117, 10, 0], [18, 16, 26], cols(['oak', 1])),
    piece(
      ['bed-lamp-l', 'Left lamp', 'tableLamp'],
      [27, 10, 0],
      [11, 11, 20],
      cols(['mist', 0.5], ['sailcloth', 0.5]),
      { bottomMm: i(26) },
    ),
    piece(
      ['bed-lamp-r', 'Right lamp', 'tableLamp'],
      [117, 10, 0],
      [11, 11, 20],
      cols(['mist', 0.5], ['sailcloth', 0.5]),
      { bottomMm: i(26) },
    ),
    piece(['bench', 'Foot bench', 'bench'], [72, 99, 0], [48, 18, 18], cols(['hemp', 1]), {
      seat: seat(48, 18, 18, 2, 1),
      gapMm: i(14),
    }),
  ],
  looks: [
    look(
      ['as-found', 'As found', null, 0],
      [
        [dressing('bed-window', 'panel-mist', { rodHeightMm: i(84), heading: 'grommet' })],
        [hanging('art-chart', ['n', 'bed', null], wire(8, 28, 30, 1))],
        [],
      ],
    ),
    look(
      ['summer', 'Summer', 'summer', 1],
      [
        [dressing('bed-window', 'panel-voile')],
        [hanging('art-estuary', ['n', 'bed', null], wire(6, 40, 42))],
        [
          pillow('tar-lumbar', 'bench', 24, 0),
          made('sheet-sailcloth', 'bed', 0),
          made('duvet-light', 'bed', 1),
          made('duvet-biscuit', 'bed', 2),
          ...[10, 30, 50].map((x) => onBed('sailcloth-26', 'bed', x, 0)),
          ...[16, 44].map((x) => onBed('hemp-sham', 'bed', x, 1)),
          onBed('harbour-stripe-lumbar', 'bed', 30, 2),
          acrossFoot('coverlet-hemp', 'bed'),
        ],
      ],
      { night: [{ of: 'bed', whereabouts: 'Linen press on the landing' }] },
    ),
  ],
};
