// Rugs, shades, objects and bedding of the demo stash
import { cover, item } from './stash.mjs';
import { cols, i, pattern } from './units.mjs';

// rugs, shades, objects
item(['rug-jute', 'Jute rug'], 'rug', [120, 96], cols(['hemp', 1]), {
  texture: 'woven',
  whereabouts: 'Long Room, on the floor',
});
item(['rug-stripe', 'Cotton stripe rug'], 'rug', [72, 48], cols(['sailcloth', 0.6], ['harbour', 0.4]), {
  pattern: pattern('stripe', 4),
  texture: 'woven',
});
item(['rug-claret', 'Claret kilim'], 'rug', [84, 60], cols(['claret', 0.7], ['biscuit', 0.3]), {
  texture: 'woven',
  season: ['winter'],
});
for (const [id, name, d, hgt, colour] of [
  ['shade-drum', 'Sailcloth drum', 16, 11, 'sailcloth'],
  ['shade-empire', 'Biscuit empire', 15, 10, 'biscuit'],
  ['shade-tar', 'Tar blue coolie', 17, 9, 'tar'],
  ['shade-small', 'Small bell', 10, 8, 'sailcloth'],
])
  item([id, name], 'lampshade', [d, hgt], cols([colour, 1]), {
    texture: 'linen',
    whereabouts: 'Attic shelf',
  });
const KINDS = {
  'vase-gorse': 'vase',
  'vase-tar': 'vase',
  pitcher: 'vase',
  'bowl-hemp': 'bowl',
  shells: 'bowl',
  lantern: 'lantern',
  basket: 'basket',
  'candle-1': 'candle',
  'books-blue': 'book',
  'books-tan': 'book',
  tray: 'tray',
  'stick-1': 'candlestick',
  'stick-2': 'candlestick',
  taper: 'candle',
  'stems-olive': 'stem',
  'stems-grass': 'stem',
};
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
  ['books-tan', 'Tide tables', 1.5, 9, 'tanbark', { count: 5 }],
  ['stick-1', 'Tall iron candlestick', 4, 10, 'iron', { depthMm: i(4) }],
  ['stick-2', 'Short iron candlestick', 4, 6, 'iron', { depthMm: i(4) }],
  ['taper', 'Battery taper', 0.9, 8, 'sailcloth', { count: 4, depthMm: i(0.9), battery: true }],
  ['stems-olive', 'Olive stems', 9, 22, 'moss', { count: 9, whereabouts: 'Box 3', roomId: null }],
  ['stems-grass', 'Dune grass', 8, 20, 'hemp', { count: 12, whereabouts: 'Box 3', roomId: null }],
])
  item([id, name], KINDS[id] ?? 'object', [w, h], cols([colour, 1]), {
    texture: 'hard',
    depthMm: i(6),
    whereabouts: 'Long Room, chest',
    roomId: 'long-room',
    ...more,
  });
// not owned yet: looked for in the shops along the quay
item(['wish-jug', 'Blue jug'], 'vase', [8, 12], cols(['harbour', 1]), {
  texture: 'hard',
  count: 0,
  depthMm: i(7),
  seen: false,
  wish: { count: 1, widthMm: [i(5), i(8)], heightMm: [i(9), i(12)], mostPrice: 4500 },
});
item(['cane-chair', 'Cane chair'], 'chair', [26, 32], cols(['oak', 0.8], ['sailcloth', 0.2]), {
  texture: 'woven',
  depthMm: i(27),
  whereabouts: 'Landing, under the stairs',
});
item(['ladder', 'Driftwood ladder'], 'ladder', [17, 66], cols(['hemp', 1]), {
  texture: 'hard',
  depthMm: i(10),
  whereabouts: 'Attic',
});
// what the galley, the bathroom and the lookout's bookcase are dressed with
for (const [id, name, kind, w, h, d, colour, roomId, more] of [
  ['crock', 'Stoneware crock', 'pot', 6, 7, 6, 'oyster', 'galley'],
  ['spoons', 'Wooden spoons', 'stem', 4, 12, 4, 'oak', 'galley', { count: 6 }],
  ['board', 'Bread board', 'tray', 14, 1, 9, 'oak', 'galley'],
  ['kettle', 'Enamel kettle', 'object', 9, 9, 8, 'tar', 'galley'],
  ['thyme-pot', 'Clay pot', 'pot', 5, 5, 5, 'tanbark', 'galley'],
  ['thyme', 'Thyme', 'plant', 6, 7, 4, 'moss', 'galley'],
  ['jars', 'Glass jar', 'object', 4, 8, 4, 'sailcloth', 'galley', { count: 3 }],
  ['bowls-mist', 'Nest of bowls', 'bowl', 8, 5, 8, 'mist', 'galley', { count: 2 }],
  ['pitcher-oyster', 'Oyster pitcher', 'vase', 6, 9, 6, 'oyster', 'galley'],
  ['tin-tea', 'Tea tin', 'object', 5, 7, 5, 'tar', 'galley'],
  ['tin-coffee', 'Coffee tin', 'object', 5, 6, 5, 'tanbark', 'galley'],
  ['tea-cloth', 'Striped tea cloth', 'throw', 20, 28, 0, 'mist', 'galley'],
  ['market-basket', 'Market basket', 'basket', 13, 15, 8, 'hemp', 'galley'],
  ['shell-jar', 'Jar of shells', 'object', 5, 8, 5, 'shell', 'bathroom'],
  ['sea-holly-stem', 'Dried sea holly', 'stem', 5, 12, 5, 'mist', 'bathroom', { count: 5 }],
  ['pebble-dish', 'Pebble dish', 'bowl', 5, 2, 4, 'slate', 'bathroom'],
  ['small-fern', 'Small fern', 'plant', 8, 9, 7, 'moss', 'bathroom'],
  ['towel-mist', 'Mist towel', 'throw', 27, 50, 0, 'mist', 'bathroom', { count: 4 }],
  ['atlas', 'Harbour atlas', 'book', 1.5, 12, 10, 'tar', 'lookout', { count: 4 }],
  ['log-book', 'Log book', 'book', 1.2, 9, 6, 'tanbark', 'lookout', { count: 8 }],
  ['rope-bowl', 'Rope bowl', 'bowl', 9, 4, 9, 'hemp', 'lookout'],
  ['glass-tall', 'Tall green bottle', 'vase', 5, 11, 5, 'lichen', 'lookout'],
  ['chart-basket', 'Chart basket', 'basket', 13, 10, 10, 'hemp', 'lookout', { count: 2 }],
  ['sand-glass', 'Sand glass', 'object', 4, 8, 4, 'oak', 'lookout'],
])
  item([id, name], kind, [w, h], cols([colour, 1]), {
    texture: kind === 'throw' ? 'woven' : 'hard',
    depthMm: i(d),
    whereabouts: '',
    roomId,
    ...more,
  });
item(['fern', 'Fern in a pot'], 'plant', [16, 20], cols(['moss', 0.8], ['hemp', 0.2]), {
  texture: 'hard',
  whereabouts: 'Long Room, by the window',
});
for (const [id, name, colour, size, more] of [
  ['duvet-biscuit', 'Biscuit duvet cover', 'biscuit', [90, 96], { bedding: 'duvetCover' }],
  ['duvet-mist', 'Mist duvet cover', 'mist', [90, 96], { bedding: 'duvetCover' }],
  ['quilt-claret', 'Claret quilt', 'claret', [90, 96], { bedding: 'spread', tog: 4 }],
  [
    'sheet-sailcloth',
    'Sailcloth fitted sheet',
    'sailcloth',
    [60, 80],
    { bedding: 'fitted', pocketMm: i(15) },
  ],
  ['duvet-light', 'Light duvet', 'bright', [88, 94], { bedding: 'duvet', tog: 4.5 }],
  ['duvet-warm', 'Warm duvet', 'bright', [88, 94], { bedding: 'duvet', tog: 10.5 }],
  ['coverlet-hemp', 'Hemp coverlet', 'hemp', [68, 88], { bedding: 'spread', tog: 2, texture: 'woven' }],
  ['blanket-peat', 'Peat wool blanket', 'peat', [92, 98], { bedding: 'spread', tog: 5, texture: 'tweed' }],
  ['skirt-sailcloth', 'Sailcloth bed skirt', 'sailcloth', [60, 80], { bedding: 'skirt', depthMm: i(13.5) }],
])
  item([id, name], 'bedding', size, cols([colour, 1]), {
    texture: 'linen',
    whereabouts: 'Airing cupboard',
    ...more,
  });

// bought lately and on its way; a pair that matches by day and parts under a warm bulb
cover(['harbour-velvet-20', 'Harbour blue velvet'], [20, 20], cols(['harbour', 1]), {
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
cover(['sea-holly-20', 'Sea holly linen'], [20, 20], cols(['mist', 0.7], ['harbour', 0.3]), {
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
item(['vase-shell', 'Shell pink bud vase'], 'vase', [4, 7], cols(['shell', 1]), {
  texture: 'hard',
  source: 'Net Loft Goods',
  boughtOn: '2026-04-15',
  returnBy: '2026-04-30',
  tagsOn: true,
  price: 1400,
  whereabouts: 'Long Room, chest',
});
item(['lily', 'Peace lily'], 'plant', [14, 18], cols(['moss', 0.9], ['sailcloth', 0.1]), {
  texture: 'hard',
  poisonous: true,
  whereabouts: 'Landing, on the sill',
});
