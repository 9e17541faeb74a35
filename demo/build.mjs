// Makes demo/sail-loft.studio.json: the demo studio, our own invention. Run: node demo/build.mjs
import { writeFileSync } from 'node:fs';
import { converter } from 'culori';

const lab65 = converter('lab65');
const round = (n, by) => Math.round(n / by) * by;
const i = (n) => Number((n * 25.4).toFixed(4));
const c = (n) => Number((n * 10).toFixed(4));
const swatch = (hex, share = 1, name) => {
  const { l, a, b } = lab65(hex);
  return {
    l: Number(round(l, 0.01).toFixed(2)),
    a: Number(round(a, 0.01).toFixed(2)),
    b: Number(round(b, 0.01).toFixed(2)),
    share,
    ...(name ? { name } : {}),
  };
};
const solid = { kind: 'solid', repeatMm: 0 };
const pattern = (kind, repeat) => ({ kind, repeatMm: i(repeat) });

const C = {
  sailcloth: ['#e9e5da', 'Sailcloth'],
  bright: ['#f6f6f4', 'Bright white'],
  oyster: ['#d4cbb6', 'Oyster'],
  hemp: ['#b8a585', 'Hemp'],
  tar: ['#2c3c52', 'Tar blue'],
  harbour: ['#4f6f93', 'Harbour blue'],
  mist: ['#a9bccb', 'Mist blue'],
  tanbark: ['#a3462f', 'Tanbark'],
  brick: ['#b9664c', 'Soft brick'],
  lichen: ['#8f9c86', 'Lichen'],
  moss: ['#6f7d5f', 'Moss'],
  gorse: ['#d0a338', 'Gorse'],
  peat: ['#5a4636', 'Peat'],
  oak: ['#a98e6b', 'Oak'],
  slate: ['#55585c', 'Slate'],
  iron: ['#2b2b2c', 'Iron'],
  claret: ['#5e2730', 'Claret'],
  biscuit: ['#d6c6a8', 'Biscuit'],
  shell: ['#e6d2c6', 'Shell'],
};
const col = (name, share = 1) => swatch(C[name][0], share, C[name][1]);
const cols = (...pairs) => pairs.map(([name, share]) => col(name, share));

/** What is the same for most things of the stash; each says only what is its own. */
const USUAL = {
  setOf: 1,
  back: null,
  sheen: 'matt',
  fibre: 'unknown',
  care: [],
  defects: '',
  defectsLit: '',
  poisonous: false,
  scented: false,
  state: 'owned',
  source: '',
  boughtOn: null,
  dueOn: null,
  returnBy: null,
  seasonsServed: 0,
  placeId: null,
  roomId: null,
  photoId: null,
  colourFrom: 'typed',
  seen: true,
  rawColours: null,
  relied: null,
  spectrum: null,
};
const FIBRES = {
  linen: 'linen',
  velvet: 'cotton',
  knit: 'wool',
  fur: 'polyester',
  tweed: 'wool',
  boucle: 'wool',
  embroidered: 'cotton',
  woven: 'jute',
};
const PLACES = {
  'Linen press': 'linen-press',
  'Box 1, under the bed': 'box-1',
  'Landing cupboard': 'landing-cupboard',
  'Attic shelf': 'attic-shelf',
  'Airing cupboard': 'airing-cupboard',
};
const items = [];
function item(id, name, kind, w, h, colours, more = {}) {
  const made = {
    ...USUAL,
    id,
    name,
    kind,
    count: 1,
    widthMm: i(w),
    heightMm: i(h),
    depthMm: 0,
    colours,
    pattern: solid,
    texture: 'smooth',
    clothGsm: 0,
    massG: 0,
    fill: 'none',
    glazed: false,
    washable: true,
    price: 0,
    tagsOn: false,
    season: [],
    whereabouts: (more.season ?? []).includes('winter') ? 'Box 1, under the bed' : 'Linen press',
    note: '',
    ...more,
  };
  items.push({
    ...made,
    fibre: more.fibre ?? FIBRES[made.texture] ?? 'unknown',
    placeId: more.placeId ?? PLACES[made.whereabouts] ?? null,
  });
  return id;
}
const cover = (id, name, w, h, colours, more = {}) =>
  item(id, name, 'cover', w, h, colours, { texture: 'linen', clothGsm: 220, ...more });

// covers
cover('sail-check-22', 'Sail check', 22, 22, cols(['tar', 0.5], ['sailcloth', 0.5]), {
  pattern: pattern('check', 5),
  count: 3,
  price: 3200,
  season: ['spring', 'summer'],
});
cover('tanbark-20', 'Tanbark linen', 20, 20, cols(['tanbark', 1]), {
  count: 2,
  price: 2800,
  pattern: { kind: 'texture', repeatMm: 6 },
});
cover('sailcloth-20', 'Sailcloth plain', 20, 20, cols(['sailcloth', 1]), { count: 2, price: 2400 });
cover('bright-20', 'Bright white cotton', 20, 20, cols(['bright', 1]), {
  count: 2,
  price: 1800,
  texture: 'smooth',
});
cover('ticking-lumbar', 'Ticking lumbar', 20, 12, cols(['tanbark', 0.4], ['sailcloth', 0.6]), {
  pattern: pattern('stripe', 1.5),
  count: 2,
  price: 2100,
  season: ['spring', 'summer'],
});
cover('ticking-18', 'Ticking square', 18, 18, cols(['tanbark', 0.4], ['sailcloth', 0.6]), {
  pattern: pattern('stripe', 1.5),
  count: 2,
  price: 2200,
});
cover('lichen-20', 'Lichen linen', 20, 20, cols(['lichen', 1]), { count: 2, price: 2800 });
cover('lichen-22', 'Lichen linen, large', 22, 22, cols(['lichen', 1]), { count: 2, price: 3100 });
cover('harbour-20', 'Harbour blue linen', 20, 20, cols(['harbour', 1]), {
  count: 2,
  price: 2800,
  season: ['summer'],
});
cover('harbour-stripe-20', 'Harbour stripe', 20, 20, cols(['harbour', 0.45], ['sailcloth', 0.55]), {
  count: 2,
  price: 2900,
  pattern: pattern('stripe', 3),
  season: ['summer'],
});
cover('mist-18', 'Mist blue cotton', 18, 18, cols(['mist', 1]), {
  count: 2,
  price: 1900,
  season: ['spring', 'summer'],
});
cover('mist-lumbar', 'Mist lumbar', 22, 14, cols(['mist', 1]), { count: 1, price: 2000 });
cover('gorse-18', 'Gorse velvet', 18, 18, cols(['gorse', 1]), { count: 1, price: 3400, texture: 'velvet' });
cover('claret-20', 'Claret velvet', 20, 20, cols(['claret', 1]), {
  count: 2,
  price: 3600,
  texture: 'velvet',
  washable: false,
  season: ['autumn', 'winter'],
});
cover('claret-check-20', 'Claret blanket check', 20, 20, cols(['claret', 0.55], ['biscuit', 0.45]), {
  count: 2,
  price: 3300,
  pattern: pattern('check', 6),
  texture: 'tweed',
  season: ['winter'],
});
cover('peat-knit-20', 'Peat cable knit', 20, 20, cols(['peat', 1]), {
  count: 2,
  price: 3900,
  texture: 'knit',
  season: ['winter'],
});
cover('brick-18', 'Soft brick linen', 18, 18, cols(['brick', 1]), { count: 2, price: 2500 });
cover('moss-20', 'Moss boucle', 20, 20, cols(['moss', 1]), { count: 1, price: 3500, texture: 'boucle' });
cover('hemp-22', 'Hemp tweed', 22, 22, cols(['hemp', 1]), { count: 2, price: 3400, texture: 'tweed' });
cover('netting-20', 'Netting embroidered', 20, 20, cols(['sailcloth', 0.75], ['tar', 0.25]), {
  count: 1,
  price: 4200,
  pattern: pattern('motif', 9),
  texture: 'embroidered',
});
cover('biscuit-26', 'Biscuit euro', 26, 26, cols(['biscuit', 1]), { count: 3, price: 3000 });
cover('shell-20', 'Shell floral', 20, 20, cols(['shell', 0.7], ['moss', 0.3]), {
  count: 2,
  price: 2900,
  pattern: pattern('floral', 7),
});
cover('tar-lumbar', 'Tar blue lumbar', 36, 14, cols(['tar', 1]), { count: 1, price: 3700 });
// inserts
const insert = (id, w, h, fill, count) =>
  item(id, `${w} × ${h} ${fill} insert`, 'insert', w, h, cols(['sailcloth', 1]), {
    fill,
    count,
    texture: 'smooth',
    whereabouts: 'Landing cupboard',
  });
insert('in-24-f', 24, 24, 'feather', 4);
insert('in-22-f', 22, 22, 'feather', 2);
insert('in-20-f', 20, 20, 'feather', 4);
insert('in-18-p', 18, 18, 'polyester', 3);
insert('in-14-22-f', 14, 22, 'feather', 2);
insert('in-28-f', 28, 28, 'feather', 2);
insert('in-20-26-f', 20, 26, 'feather', 2);
insert('in-16-p', 16, 16, 'polyester', 2);
// throws
const throwOf = (id, name, colours, more = {}) =>
  item(id, name, 'throw', 50, 60, colours, { texture: 'knit', clothGsm: 380, price: 6500, ...more });
throwOf('throw-lichen', 'Lichen wool throw', cols(['lichen', 1]));
throwOf('throw-claret', 'Claret plaid throw', cols(['claret', 0.6], ['biscuit', 0.4]), {
  pattern: pattern('check', 8),
  season: ['winter'],
});
throwOf('throw-sailcloth', 'Sailcloth waffle throw', cols(['sailcloth', 1]));
throwOf('throw-mist', 'Mist cotton throw', cols(['mist', 1]));
throwOf('throw-fur', 'Peat faux fur', cols(['peat', 1]), { texture: 'fur', season: ['winter'] });
throwOf('throw-tanbark', 'Tanbark stripe throw', cols(['sailcloth', 0.7], ['tanbark', 0.3]), {
  pattern: pattern('stripe', 6),
});
// curtain panels: flat width × length
const panel = (id, name, w, length, colours, more = {}) =>
  item(id, name, 'panel', w, length, colours, { texture: 'linen', clothGsm: 240, ...more });
panel('panel-lichen', 'Lichen linen panel', 42, 108, cols(['lichen', 1]), {
  count: 8,
  clothGsm: 190,
  price: 4600,
  pattern: { kind: 'texture', repeatMm: 5 },
});
panel('panel-crewel', 'Claret crewel curtain', 50, 84, cols(['claret', 0.65], ['biscuit', 0.35]), {
  count: 2,
  clothGsm: 460,
  price: 0,
  pattern: pattern('floral', 12),
  season: ['winter'],
});
panel('panel-stripe', 'Harbour stripe panel', 52, 102, cols(['harbour', 0.3], ['sailcloth', 0.7]), {
  count: 4,
  price: 3900,
  pattern: pattern('stripe', 4),
  clothGsm: 190,
});
panel('panel-voile', 'Sailcloth voile', 55, 96, cols(['sailcloth', 1]), {
  count: 4,
  price: 1900,
  clothGsm: 70,
});
panel('panel-hemp', 'Hemp lined panel', 48, 95, cols(['hemp', 1]), { count: 2, price: 5200, clothGsm: 420 });
panel('panel-mist', 'Mist cotton panel', 50, 84, cols(['mist', 1]), { count: 2, price: 2800, clothGsm: 180 });
panel('panel-velvet', 'Tar velvet panel', 46, 96, cols(['tar', 1]), {
  count: 2,
  price: 7400,
  clothGsm: 480,
  texture: 'velvet',
  season: ['winter'],
});
// art
const art = (id, name, w, h, kg, colours, more = {}) =>
  item(id, name, 'art', w, h, colours, {
    massG: kg * 1000,
    texture: 'hard',
    glazed: true,
    pattern: pattern('motif', 20),
    whereabouts: 'Landing, behind the door',
    ...more,
  });
art('art-estuary', 'Estuary at low water', 48, 30, 6.2, cols(['mist', 0.5], ['lichen', 0.3], ['tar', 0.2]));
art('art-regatta', 'Regatta, large', 68, 34, 9.8, cols(['mist', 0.45], ['sailcloth', 0.35], ['tar', 0.2]));
art('art-buoy', 'Red buoy print', 16, 20, 1.4, cols(['sailcloth', 0.7], ['tanbark', 0.3]));
art('art-knot-1', 'Knot study, bowline', 12, 16, 0.9, cols(['sailcloth', 0.8], ['peat', 0.2]));
art('art-knot-2', 'Knot study, hitch', 12, 16, 0.9, cols(['sailcloth', 0.8], ['peat', 0.2]));
art('art-chart', 'Harbour chart', 36, 48, 5.1, cols(['biscuit', 0.75], ['harbour', 0.25]));
art('art-gull', 'Gull in charcoal', 18, 24, 1.9, cols(['sailcloth', 0.8], ['iron', 0.2]));
art('art-storm', 'Winter storm', 40, 30, 4.4, cols(['slate', 0.7], ['claret', 0.3]), { season: ['winter'] });
art('art-gorse', 'Gorse on the headland', 20, 16, 1.6, cols(['gorse', 0.5], ['moss', 0.5]));
art('art-dinghy', 'Dinghies, small', 14, 11, 0.8, cols(['harbour', 0.5], ['sailcloth', 0.5]));
for (const [id, name, w, h, colours] of [
  [
    'art-approaches',
    'Approaches, chart',
    24,
    18,
    [
      ['biscuit', 0.7],
      ['harbour', 0.3],
    ],
  ],
  [
    'art-lantern',
    'Harbour lantern',
    12,
    16,
    [
      ['iron', 0.6],
      ['gorse', 0.4],
    ],
  ],
  [
    'art-tide',
    'Tide table, 1911',
    16,
    20,
    [
      ['sailcloth', 0.8],
      ['tar', 0.2],
    ],
  ],
  [
    'art-pilot',
    'Pilot cutter',
    18,
    14,
    [
      ['mist', 0.6],
      ['tanbark', 0.4],
    ],
  ],
  [
    'art-ropes',
    'Ropes',
    11,
    14,
    [
      ['hemp', 0.7],
      ['peat', 0.3],
    ],
  ],
  [
    'art-terns',
    'Terns',
    14,
    11,
    [
      ['mist', 0.7],
      ['bright', 0.3],
    ],
  ],
  [
    'art-quay',
    'Quay at dusk',
    20,
    16,
    [
      ['tar', 0.6],
      ['brick', 0.4],
    ],
  ],
])
  art(id, name, w, h, 1.2, cols(...colours));
item('mirror-porthole', 'Porthole mirror', 'mirror', 30, 30, cols(['oak', 1]), {
  texture: 'hard',
  massG: 5200,
  glazed: true,
  whereabouts: 'Lookout',
});
// rugs, shades, objects
item('rug-jute', 'Jute rug', 'rug', 120, 96, cols(['hemp', 1]), {
  texture: 'woven',
  whereabouts: 'Long Room, on the floor',
});
item('rug-stripe', 'Cotton stripe rug', 'rug', 72, 48, cols(['sailcloth', 0.6], ['harbour', 0.4]), {
  pattern: pattern('stripe', 4),
  texture: 'woven',
});
item('rug-claret', 'Claret kilim', 'rug', 84, 60, cols(['claret', 0.7], ['biscuit', 0.3]), {
  texture: 'woven',
  season: ['winter'],
});
for (const [id, name, d, hgt, colour] of [
  ['shade-drum', 'Sailcloth drum', 16, 11, 'sailcloth'],
  ['shade-empire', 'Biscuit empire', 15, 10, 'biscuit'],
  ['shade-tar', 'Tar blue coolie', 17, 9, 'tar'],
  ['shade-small', 'Small bell', 10, 8, 'sailcloth'],
])
  item(id, name, 'lampshade', d, hgt, cols([colour, 1]), { texture: 'linen', whereabouts: 'Attic shelf' });
for (const [id, name, w, h, colour, more] of [
  ['vase-gorse', 'Gorse glaze vase', 7, 11, 'gorse'],
  ['vase-tar', 'Tar stoneware jug', 8, 12, 'tar'],
  ['bowl-hemp', 'Turned bowl', 13, 4, 'oak'],
  ['lantern', 'Iron lantern', 8, 15, 'iron'],
  ['float-green', 'Glass net float', 7, 7, 'lichen'],
  ['box-tanbark', 'Tanbark tin box', 11, 6, 'tanbark'],
  ['clock', 'Slate clock', 9, 9, 'slate'],
  ['basket', 'Rope basket', 16, 13, 'hemp'],
  ['shells', 'Bowl of shells', 10, 4, 'shell'],
  ['candle-1', 'Church candle', 3, 9, 'sailcloth'],
  ['books-blue', 'Blue cloth books', 9, 7, 'harbour'],
  ['tray', 'Slate tray', 18, 2, 'slate'],
  ['boat', 'Pond boat', 14, 17, 'tanbark'],
  ['pitcher', 'Mist pitcher', 8, 10, 'mist'],
])
  item(id, name, 'object', w, h, cols([colour, 1]), {
    texture: 'hard',
    depthMm: i(6),
    whereabouts: 'Long Room, chest',
    ...more,
  });
item('fern', 'Fern in a pot', 'plant', 16, 20, cols(['moss', 0.8], ['hemp', 0.2]), {
  texture: 'hard',
  whereabouts: 'Long Room, by the window',
});
for (const [id, name, colour] of [
  ['duvet-biscuit', 'Biscuit duvet cover', 'biscuit'],
  ['duvet-mist', 'Mist duvet cover', 'mist'],
  ['quilt-claret', 'Claret quilt', 'claret'],
  ['sheet-sailcloth', 'Sailcloth sheet set', 'sailcloth'],
])
  item(id, name, 'bedding', 90, 92, cols([colour, 1]), { texture: 'linen', whereabouts: 'Airing cupboard' });

// bought lately and on its way; a pair that matches by day and parts under a warm bulb
cover('harbour-velvet-20', 'Harbour blue velvet', 20, 20, cols(['harbour', 1]), {
  count: 2,
  price: 3600,
  texture: 'velvet',
  fibre: 'polyester',
  source: 'Quayside Cloth',
  boughtOn: '2026-04-12',
  returnBy: '2026-05-10',
  tagsOn: true,
  season: ['summer'],
});
cover('sea-holly-20', 'Sea holly linen', 20, 20, cols(['mist', 0.7], ['harbour', 0.3]), {
  count: 2,
  price: 3100,
  pattern: pattern('floral', 6),
  source: 'Quayside Cloth',
  state: 'ordered',
  boughtOn: '2026-04-20',
  dueOn: '2026-04-29',
  seen: false,
  colourFrom: 'photo',
  whereabouts: '',
});
item('vase-shell', 'Shell pink bud vase', 'vase', 4, 7, cols(['shell', 1]), {
  texture: 'hard',
  source: 'Net Loft Goods',
  boughtOn: '2026-04-15',
  returnBy: '2026-04-30',
  tagsOn: true,
  price: 1400,
  whereabouts: 'Long Room, chest',
});
item('lily', 'Peace lily', 'plant', 14, 18, cols(['moss', 0.9], ['sailcloth', 0.1]), {
  texture: 'hard',
  poisonous: true,
  whereabouts: 'Landing, on the sill',
});

const places = [
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
const home = {
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
const finish = (hexName, p = solid) => ({ colours: [col(hexName, 1)], pattern: p });
const wall = (id, x, y, name = '') => ({ id, name, xMm: x, yMm: y });
const box4 = (w, d) => [wall('n', 0, 0), wall('e', w, 0), wall('s', w, d), wall('w', 0, d)];
const STILL = {
  opens: 'fixed',
  hinge: 'none',
  handleMm: 0,
  revealMm: 0,
  sillDepthMm: 0,
  underMm: 0,
  overlooked: false,
  hazy: false,
};
const MOVES = {
  window: { ...STILL, opens: 'sash', revealMm: i(4), sillDepthMm: i(3) },
  door: { ...STILL, opens: 'in', hinge: 'left', handleMm: i(2.5), underMm: i(0.75) },
  arch: STILL,
  frenchDoor: { ...STILL, opens: 'out', hinge: 'both' },
};
const opening = (id, name, kind, wallId, x, w, sill, h, trim, drops = null, more = {}) => ({
  id,
  name,
  kind,
  wallId,
  xMm: i(x),
  widthMm: i(w),
  sillMm: i(sill),
  heightMm: i(h),
  trimMm: i(trim),
  ...MOVES[kind],
  ...more,
  dropsMm: drops && { left: i(drops[0]), middle: i(drops[1]), right: i(drops[2]) },
});
const fitting = (id, name, kind, wallId, x, w, bottom, h, depth, colour) => ({
  id,
  name,
  kind,
  wallId,
  xMm: i(x),
  widthMm: i(w),
  bottomMm: i(bottom),
  heightMm: i(h),
  depthMm: i(depth),
  mantel: null,
  rises: 'right',
  colours: cols([colour, 1]),
});
const piece = (id, name, kind, x, y, turn, w, d, h, colours, more = {}) => ({
  id,
  name,
  kind,
  xMm: i(x),
  yMm: i(y),
  turnDeg: turn,
  widthMm: i(w),
  depthMm: i(d),
  heightMm: i(h),
  bottomMm: 0,
  seat: null,
  bed: null,
  shelvesMm: [],
  chairs: 0,
  colours,
  pattern: solid,
  ...more,
});
const seat = (w, h, d, seats, wanted) => ({
  widthMm: i(w),
  heightMm: i(h),
  depthMm: i(d),
  seats,
  wantedSitters: wanted,
  armHeightMm: 0,
  looseCushions: 0,
});
const weave = { kind: 'texture', repeatMm: 8 };

let n = 0;
const dressing = (openingId, itemId, more = {}) => ({
  id: `d${++n}`,
  openingId,
  itemId,
  heading: 'ringClip',
  landing: 'kiss',
  rodHeightMm: null,
  extensionLeftMm: null,
  extensionRightMm: null,
  fullness: null,
  panels: null,
  route: null,
  drawn: 'open',
  mount: 'wall',
  hemAt: 'floor',
  rod: { make: 'tube', outerMm: null },
  pinMm: null,
  joinsNext: false,
  sheer: null,
  making: { clothWidthMm: null, repeatMm: null, halfDrop: false, lining: 'none' },
  lightShare: null,
  ...more,
});
const hanging = (itemId, wallId, over, x, hanger, more = {}) => ({
  id: `h${++n}`,
  itemId,
  wallId,
  overPieceId: over,
  xMm: x === null ? null : i(x),
  centreMm: null,
  gapMm: null,
  hanger,
  groupId: null,
  groupAt: null,
  pinned: false,
  leans: false,
  print: null,
  ...more,
});
const wire = (drop, apart, length, hooks = 2) => ({
  kind: 'wire',
  hooks,
  ringDropMm: i(drop),
  ringsApartMm: i(apart),
  wireMm: i(length),
  hooksApartMm: null,
});
const saw = (drop) => ({ kind: 'sawtooth', dropMm: i(drop) });
const pillow = (itemId, pieceId, x, layer, more = {}) => ({
  id: `p${++n}`,
  itemId,
  pieceId,
  as: 'pillow',
  xMm: i(x),
  layer,
  fill: 'feather',
  turned: false,
  ...more,
});
const object = (itemId, pieceId, x, more = {}) => ({
  id: `p${++n}`,
  itemId,
  pieceId,
  as: 'object',
  xMm: i(x),
  layer: 0,
  fill: 'feather',
  turned: false,
  ...more,
});
const draped = (itemId, pieceId, x) => ({
  id: `p${++n}`,
  itemId,
  pieceId,
  as: 'throw',
  xMm: i(x),
  layer: 9,
  fill: 'feather',
  turned: false,
});
const look = (id, name, season, order, dressings, hangings, placements, more = {}) => ({
  id,
  name,
  season,
  order,
  sheetTaken: null,
  approvedWallIds: [],
  rodLineMm: null,
  plannedShares: null,
  dressings,
  hangings,
  groups: [],
  placements,
  ...more,
});

const ROOM = {
  holes: [],
  crownMm: 0,
  wallsOf: 'plaster',
  floorOf: 'wood',
  slopes: [],
  beams: [],
  standpoints: [],
  seesRoomIds: [],
  childsRoom: false,
  wallPhotos: [],
  readings: [],
};
const CLEAR = { found: [], irritations: [], tasks: [], beforePhotos: [] };
const bedOf = (mattress, head, foot = 0) => ({
  mattressMm: i(mattress),
  headboardMm: i(head),
  footboardMm: i(foot),
});
const foundThing = (itemId, wallId, verdict, more = {}) => ({
  id: `f-${itemId}`,
  itemId,
  wallId,
  verdict,
  toRoomId: null,
  placeId: null,
  ...more,
});
const irritation = (id, wallId, text, doneIn = null) => ({ id, wallId, text, doneIn });
const task = (id, kind, text, waitMinutes, more = {}) => ({
  id,
  kind,
  text,
  itemId: null,
  waitMinutes,
  startedAt: null,
  done: false,
  ...more,
});

const longRoom = {
  homeId: home.id,
  room: {
    ...ROOM,
    id: 'long-room',
    name: 'Long Room',
    unit: 'in',
    ceilingMm: i(108),
    walls: box4(i(192), i(162)),
    wallFinish: finish('oyster'),
    floorFinish: finish('oak', { kind: 'texture', repeatMm: i(5) }),
    trimFinish: finish('bright'),
    note: 'Let to guests from May. The floor runs down to the harbour side.',
    standpoints: [
      {
        id: 'from-landing',
        name: 'From the landing door',
        kind: 'door',
        xMm: i(159),
        yMm: i(150),
        eyeMm: i(62),
      },
      { id: 'on-sofa', name: 'On the long sofa', kind: 'seat', xMm: i(96), yMm: i(26), eyeMm: i(44) },
    ],
    seesRoomIds: ['landing'],
    readings: [
      { about: 'stove', field: 'depthMm', guess: true, secondMm: null },
      { about: 'galley-window', field: 'revealMm', guess: true, secondMm: null },
      { about: 'galley-window', field: 'widthMm', guess: false, secondMm: i(38.5) },
    ],
  },
  clear: {
    found: [
      foundThing('art-storm', 's', 'away', { placeId: 'attic-shelf' }),
      foundThing('panel-crewel', 'e', 'mend'),
      foundThing('lantern', 's', 'moves', { toRoomId: 'landing' }),
      foundThing('claret-check-20', 'n', 'away', { placeId: 'box-1' }),
      foundThing('throw-claret', 'n', 'away', { placeId: 'box-1' }),
      foundThing('candle-1', 's', 'stays'),
      foundThing('art-estuary', 'n', 'moves', { toRoomId: 'harbour-bedroom' }),
      foundThing('clock', 's', null),
      foundThing('basket', 'w', null),
    ],
    irritations: [
      irritation('rods-low', 'e', 'Rods low and uneven', 'windows'),
      irritation('art-small', 'n', 'Art too small for the sofa', 'walls'),
      irritation('claret', 'n', 'Claret left over from the holidays', 'colour'),
      irritation('glare', 'e', 'Evening sun in the chair’s eyes'),
      irritation('cable', 's', 'Lamp cable across the doorway'),
    ],
    tasks: [
      task('crease', 'creases', 'Lichen panels: damp cloth in the dryer', 20),
      task('powder', 'carpet', 'Jute rug: powder, then vacuum', 15),
      task('mend-hem', 'mend', 'Crewel curtain: hem let down on the left', 0, { itemId: 'panel-crewel' }),
      task('sills', 'clean', 'Window sills, inside and out', 0, { done: true }),
    ],
    beforePhotos: [],
  },
  openings: [
    opening('harbour-window', 'Harbour window', 'window', 'e', 34, 52, 31, 50, 3, [81, 81.125, 81.375]),
    opening('galley-window', 'Galley window', 'window', 'e', 106, 38, 36, 40, 3, [76.375, 76.5, 76.5]),
    opening('landing-door', 'Landing door', 'door', 's', 16, 34, 0, 80, 3),
  ],
  fittings: [
    fitting('stove', 'Stove', 'stove', 'w', 40, 30, 0, 34, 22, 'iron'),
    fitting('radiator', 'Radiator', 'radiator', 'e', 108, 34, 5, 22, 4, 'bright'),
    fitting('socket-n', 'Socket by the sofa', 'socket', 'n', 24, 5, 12, 3.5, 0.5, 'bright'),
    fitting('switch-s', 'Light switch', 'switch', 's', 58, 3.5, 44, 4.5, 0.5, 'bright'),
  ],
  pieces: [
    piece('rug', 'Jute rug', 'rug', 100, 66, 0, 120, 72, 0.4, cols(['hemp', 1]), { pattern: weave }),
    piece('long-sofa', 'Long sofa', 'sofa', 96, 20, 0, 100, 38, 36, cols(['hemp', 0.95], ['peat', 0.05]), {
      seat: { ...seat(86, 18, 22, 3, 3), armHeightMm: i(25), looseCushions: 3 },
      pattern: weave,
    }),
    piece('side-table', 'Side table', 'sideTable', 30, 14, 0, 22, 18, 24, cols(['peat', 1])),
    piece(
      'table-lamp',
      'Table lamp',
      'tableLamp',
      30,
      14,
      0,
      15,
      15,
      26,
      cols(['tar', 0.4], ['sailcloth', 0.6]),
      { bottomMm: i(24) },
    ),
    piece(
      'floor-lamp',
      'Floor lamp',
      'floorLamp',
      172,
      16,
      0,
      16,
      16,
      60,
      cols(['iron', 0.3], ['sailcloth', 0.7]),
    ),
    piece(
      'harbour-chair',
      'Harbour chair',
      'armchair',
      172,
      97,
      90,
      30,
      32,
      34,
      cols(['hemp', 0.95], ['peat', 0.05]),
      { seat: seat(22, 18, 23, 1, 1), pattern: weave },
    ),
    piece(
      'stove-chair',
      'Stove chair',
      'armchair',
      48,
      134,
      225,
      30,
      32,
      34,
      cols(['hemp', 0.95], ['peat', 0.05]),
      { seat: seat(22, 18, 23, 1, 1), pattern: weave },
    ),
    piece('coffee-table', 'Coffee table', 'coffeeTable', 96, 68, 0, 44, 24, 17, cols(['peat', 1])),
    piece('window-seat', 'Window seat', 'windowSeat', 12, 54, 270, 56, 20, 18, cols(['mist', 1]), {
      seat: seat(56, 18, 20, 2, 1),
      pattern: weave,
    }),
    piece('chest', 'Sea chest', 'chest', 84, 152, 180, 48, 18, 30, cols(['peat', 1])),
  ],
  looks: [
    look(
      'as-found',
      'As found',
      null,
      0,
      [
        dressing('harbour-window', 'panel-crewel', {
          rodHeightMm: i(84),
          heading: 'rodPocket',
          landing: 'clear',
        }),
      ],
      [
        hanging('art-estuary', 'n', 'long-sofa', null, wire(6, 40, 42, 1), { centreMm: i(66) }),
        hanging('art-storm', 's', 'chest', null, saw(1)),
      ],
      [
        pillow('claret-20', 'long-sofa', 12, 0),
        pillow('bright-20', 'long-sofa', 34, 0),
        pillow('sailcloth-20', 'long-sofa', 53, 0),
        pillow('claret-check-20', 'long-sofa', 74, 0),
        pillow('peat-knit-20', 'harbour-chair', 11, 0),
        draped('throw-claret', 'long-sofa', 80),
        object('lantern', 'chest', 12),
        object('candle-1', 'chest', 30),
      ],
    ),
    look(
      'early-summer',
      'Early summer',
      'summer',
      1,
      [
        dressing('harbour-window', 'panel-lichen', { route: { kind: 'takeUp', stockMm: i(108) } }),
        dressing('galley-window', 'panel-lichen'),
      ],
      [
        hanging('art-regatta', 'n', 'long-sofa', null, wire(7, 56, 58)),
        hanging('art-buoy', 'w', null, 55, saw(0.75)),
        hanging('art-knot-1', 's', null, 128, saw(0.75)),
        hanging('art-knot-2', 's', null, 148, saw(0.75), { centreMm: i(58) }),
      ],
      [
        pillow('sail-check-22', 'long-sofa', 11, 0),
        pillow('sail-check-22', 'long-sofa', 75, 0),
        pillow('tanbark-20', 'long-sofa', 25, 1),
        pillow('sailcloth-20', 'long-sofa', 61, 1),
        pillow('ticking-lumbar', 'long-sofa', 43, 2),
        pillow('ticking-18', 'harbour-chair', 11, 0, { fill: 'polyester' }),
        pillow('lichen-20', 'stove-chair', 11, 0),
        pillow('sail-check-22', 'window-seat', 12, 0),
        pillow('sail-check-22', 'window-seat', 44, 0),
        pillow('bright-20', 'window-seat', 28, 1),
        draped('throw-lichen', 'long-sofa', 84),
        object('vase-gorse', 'chest', 10),
        object('vase-tar', 'chest', 24),
        object('boat', 'chest', 39),
        object('bowl-hemp', 'coffee-table', 22),
      ],
    ),
    look(
      'early-summer-blue',
      'Early summer, blue',
      'summer',
      2,
      [
        dressing('harbour-window', 'panel-stripe', { landing: 'break' }),
        dressing('galley-window', 'panel-stripe', { landing: 'break' }),
      ],
      [
        hanging('art-regatta', 'n', 'long-sofa', null, wire(7, 56, 58)),
        hanging('art-dinghy', 's', 'chest', null, saw(0.5)),
      ],
      [
        pillow('harbour-stripe-20', 'long-sofa', 10, 0),
        pillow('harbour-stripe-20', 'long-sofa', 76, 0),
        pillow('mist-18', 'long-sofa', 24, 1),
        pillow('mist-18', 'long-sofa', 62, 1),
        pillow('harbour-20', 'harbour-chair', 11, 0),
        pillow('harbour-20', 'stove-chair', 11, 0),
        draped('throw-mist', 'long-sofa', 84),
        object('pitcher', 'chest', 12),
        object('books-blue', 'chest', 36),
      ],
    ),
  ],
};

const bedroom = {
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
    opening('bed-window', 'Bed window', 'window', 'e', 46, 40, 34, 46, 2.5, [80, 80, 80]),
    opening('bed-door', 'Bedroom door', 'door', 's', 100, 32, 0, 80, 3),
  ],
  fittings: [fitting('bed-socket', 'Bedside socket', 'socket', 'n', 16, 5, 14, 3.5, 0.5, 'bright')],
  pieces: [
    piece('bed', 'Queen bed', 'bed', 72, 42, 0, 60, 82, 46, cols(['biscuit', 0.8], ['peat', 0.2]), {
      seat: seat(60, 25, 80, 2, 0),
      bed: bedOf(25, 46),
    }),
    piece('bedside-l', 'Left bedside', 'bedside', 27, 10, 0, 18, 16, 26, cols(['oak', 1])),
    piece('bedside-r', 'Right bedside', 'bedside', 117, 10, 0, 18, 16, 26, cols(['oak', 1])),
    piece(
      'bed-lamp-l',
      'Left lamp',
      'tableLamp',
      27,
      10,
      0,
      11,
      11,
      20,
      cols(['mist', 0.5], ['sailcloth', 0.5]),
      { bottomMm: i(26) },
    ),
    piece(
      'bed-lamp-r',
      'Right lamp',
      'tableLamp',
      117,
      10,
      0,
      11,
      11,
      20,
      cols(['mist', 0.5], ['sailcloth', 0.5]),
      { bottomMm: i(26) },
    ),
    piece('bench', 'Foot bench', 'bench', 72, 98, 0, 48, 16, 18, cols(['hemp', 1]), {
      seat: seat(48, 18, 16, 2, 1),
    }),
  ],
  looks: [
    look(
      'as-found',
      'As found',
      null,
      0,
      [dressing('bed-window', 'panel-mist', { rodHeightMm: i(84), heading: 'grommet' })],
      [hanging('art-chart', 'n', 'bed', null, wire(8, 28, 30, 1))],
      [],
    ),
    look(
      'summer',
      'Summer',
      'summer',
      1,
      [dressing('bed-window', 'panel-voile')],
      [hanging('art-estuary', 'n', 'bed', null, wire(6, 40, 42))],
      [pillow('tar-lumbar', 'bench', 24, 0)],
    ),
  ],
};

const landing = {
  homeId: home.id,
  room: {
    ...ROOM,
    id: 'landing',
    name: 'Landing',
    unit: 'cm',
    ceilingMm: c(228),
    walls: [
      wall('n', 0, 0),
      wall('e', c(310), 0),
      wall('s1', c(310), c(150)),
      wall('e2', c(190), c(150)),
      wall('s2', c(190), c(280)),
      wall('w', 0, c(280)),
    ],
    wallFinish: finish('oyster'),
    floorFinish: finish('oak'),
    trimFinish: finish('bright'),
    note: 'L-shaped, under the eaves.',
    slopes: [{ wallId: 'e', lowMm: c(120), runMm: c(95) }],
    seesRoomIds: ['long-room'],
  },
  clear: CLEAR,
  openings: [
    {
      id: 'stair-window',
      name: 'Stair window',
      kind: 'window',
      wallId: 'n',
      xMm: c(90),
      widthMm: c(110),
      sillMm: c(95),
      heightMm: c(105),
      trimMm: c(6),
      ...STILL,
      dropsMm: { left: c(200), middle: c(200.5), right: c(201) },
    },
    {
      id: 'landing-arch',
      name: 'Arch',
      kind: 'arch',
      wallId: 's2',
      xMm: c(40),
      widthMm: c(100),
      sillMm: 0,
      heightMm: c(205),
      trimMm: 0,
      ...STILL,
      dropsMm: null,
    },
  ],
  fittings: [],
  pieces: [
    {
      id: 'landing-bench',
      name: 'Landing bench',
      kind: 'bench',
      xMm: c(25),
      yMm: c(180),
      turnDeg: 270,
      widthMm: c(110),
      depthMm: c(36),
      heightMm: c(46),
      bottomMm: 0,
      seat: {
        widthMm: c(110),
        heightMm: c(46),
        depthMm: c(36),
        seats: 2,
        wantedSitters: 1,
        armHeightMm: 0,
        looseCushions: 0,
      },
      bed: null,
      shelvesMm: [],
      chairs: 0,
      colours: cols(['hemp', 1]),
      pattern: solid,
    },
  ],
  looks: [
    look('as-found', 'As found', null, 0, [], [hanging('art-gull', 'w', null, null, saw(0.75))], []),
    look(
      'summer',
      'Summer',
      'summer',
      1,
      [dressing('stair-window', null, { landing: 'clear' })],
      [hanging('art-gull', 'w', 'landing-bench', null, saw(0.75))],
      [pillow('mist-lumbar', 'landing-bench', 22, 0)],
    ),
  ],
};

const inGroup = (itemId, wallId, groupId, hanger, at = null, more = {}) =>
  hanging(itemId, wallId, null, null, hanger, {
    groupId,
    groupAt: at && { dxMm: i(at[0]), dyMm: i(at[1]) },
    ...more,
  });
const group = (id, name, wallId, kind, more = {}) => ({
  id,
  name,
  wallId,
  kind,
  hinge: 'centres',
  overPieceId: null,
  axisId: null,
  xMm: null,
  centreMm: null,
  aboveMm: null,
  gapMm: null,
  apartMm: null,
  columns: null,
  pitchDeg: null,
  zone: null,
  ratio: null,
  seed: 1,
  reuseHoles: false,
  ...more,
});

// a lookout over the harbour mouth: three windows in a bay under one bent rod, a French door to the balcony
const lookout = {
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
    opening('bay-left', 'Bay left', 'window', 'b1', 5, 20, 30, 48, 2.5, [78, 78, 78.125]),
    opening('bay-front', 'Bay front', 'window', 'b2', 6, 48, 30, 48, 2.5, [78.125, 78.125, 78.25], {
      overlooked: true,
    }),
    opening('bay-right', 'Bay right', 'window', 'b3', 5, 20, 30, 48, 2.5, [78.25, 78.375, 78.375], {
      hazy: true,
    }),
    opening('balcony-door', 'Balcony door', 'frenchDoor', 'e', 36, 56, 0, 80, 3, [80, 80, 80.125], {
      opens: 'out',
      hinge: 'both',
      handleMm: i(2.5),
      underMm: i(0.5),
    }),
    opening('lookout-in', 'Door', 'door', 's', 12, 32, 0, 80, 3),
  ],
  fittings: [fitting('lookout-socket', 'Socket', 'socket', 'n1', 20, 5, 12, 3.5, 0.5, 'bright')],
  pieces: [
    piece('lookout-chair', 'Harbour chair', 'armchair', 82, 10, 0, 32, 34, 34, cols(['harbour', 1]), {
      seat: seat(22, 18, 22, 1, 1),
    }),
    piece('lookout-table', 'Chart table', 'sideTable', 112, 2, 0, 20, 20, 24, cols(['oak', 1])),
    piece(
      'lookout-lamp',
      'Reading lamp',
      'floorLamp',
      60,
      60,
      0,
      14,
      14,
      58,
      cols(['iron', 0.5], ['sailcloth', 0.5]),
    ),
    piece(
      'lookout-rug',
      'Cotton stripe rug',
      'rug',
      96,
      60,
      180,
      72,
      48,
      0.4,
      cols(['sailcloth', 0.6], ['harbour', 0.4]),
      { pattern: pattern('stripe', 4) },
    ),
  ],
  looks: [
    look(
      'summer',
      'Summer',
      'summer',
      0,
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
        ].map(([id, x, y]) => inGroup(id, 's', 'gallery', saw(0.75), [x, y])),
        hanging('mirror-porthole', 'w', null, 72, saw(1)),
      ],
      [],
      { groups: [group('gallery', 'Lookout gallery', 's', 'free', { xMm: i(122), centreMm: i(60) })] },
    ),
  ],
};

const studio = {
  rideauStudio: 3,
  name: 'Harbour studio',
  rules: [],
  homes: [home],
  places,
  items: items.sort((a, b) => (a.id < b.id ? -1 : 1)),
  rooms: [longRoom, bedroom, landing, lookout],
};
writeFileSync(new URL('./sail-loft.studio.json', import.meta.url), `${JSON.stringify(studio, null, 1)}\n`);
console.log(`${items.length} items`);
