// Where the demo stash is kept, and the home it belongs to
import { i } from './units.mjs';

export const places = [
  {
    id: 'box-1',
    name: 'Box 1, under the bed',
    kind: 'underFurniture',
    roomId: 'harbour-bedroom',
    widthMm: i(54),
    depthMm: i(30),
    heightMm: i(11),
    note: 'Covers and throws, winter',
  },
  {
    id: 'linen-press',
    name: 'Linen press',
    kind: 'cupboard',
    roomId: 'landing',
    widthMm: i(44),
    depthMm: i(22),
    heightMm: i(60),
    note: 'Covers, throws, panels',
  },
  {
    id: 'landing-cupboard',
    name: 'Landing cupboard',
    kind: 'cupboard',
    roomId: 'landing',
    widthMm: i(40),
    depthMm: i(24),
    heightMm: i(40),
    note: 'Inserts in their bags',
  },
  {
    id: 'attic-shelf',
    name: 'Attic shelf',
    kind: 'shelf',
    roomId: null,
    widthMm: i(60),
    depthMm: i(18),
    heightMm: i(16),
    note: 'Shades, art in blankets',
  },
  {
    id: 'airing-cupboard',
    name: 'Airing cupboard',
    kind: 'cupboard',
    roomId: 'landing',
    widthMm: i(28),
    depthMm: i(22),
    heightMm: i(30),
    note: 'Bedding',
  },
];
export const home = {
  id: 'sail-loft',
  name: 'Sail Loft',
  flags: {
    childrenAges: [6, 9],
    pets: false,
    featherFree: false,
    woolFree: false,
    scentFree: false,
    rented: false,
    wheelchair: false,
  },
};
