// Covers, inserts, throws and curtain panels of the demo stash
import { cover, item } from './stash.mjs';
import { cols, i, pattern } from './units.mjs';

// covers
cover(['sail-check-22', 'Sail check'], [22, 22], cols(['tar', 0.5], ['sailcloth', 0.5]), {
  pattern: pattern('check', 5),
  count: 3,
  price: 3200,
  season: ['spring', 'summer'],
});
cover(['tanbark-20', 'Tanbark linen'], [20, 20], cols(['tanbark', 1]), {
  count: 2,
  price: 2800,
  pattern: { kind: 'texture', repeatMm: 6 },
});
cover(['sailcloth-20', 'Sailcloth plain'], [20, 20], cols(['sailcloth', 1]), { count: 2, price: 2400 });
cover(['bright-20', 'Bright white cotton'], [20, 20], cols(['bright', 1]), {
  count: 2,
  price: 1800,
  texture: 'smooth',
});
cover(['ticking-lumbar', 'Ticking lumbar'], [20, 12], cols(['tanbark', 0.4], ['sailcloth', 0.6]), {
  pattern: pattern('stripe', 1.5),
  count: 2,
  price: 2100,
  season: ['spring', 'summer'],
});
cover(['ticking-18', 'Ticking square'], [18, 18], cols(['tanbark', 0.4], ['sailcloth', 0.6]), {
  pattern: pattern('stripe', 1.5),
  count: 2,
  price: 2200,
});
cover(['lichen-20', 'Lichen linen'], [20, 20], cols(['lichen', 1]), { count: 2, price: 2800 });
// for beds: big squares and shams
cover(['sailcloth-26', 'Sailcloth big square'], [26, 26], cols(['sailcloth', 1]), { count: 3, price: 3900 });
cover(['peat-26', 'Peat tweed big square'], [26, 26], cols(['peat', 0.7], ['hemp', 0.3]), {
  count: 3,
  price: 4600,
  texture: 'tweed',
  season: ['autumn', 'winter'],
});
cover(
  ['harbour-stripe-lumbar', 'Harbour stripe lumbar'],
  [22, 14],
  cols(['harbour', 0.45], ['sailcloth', 0.55]),
  {
    pattern: pattern('stripe', 3),
    season: ['summer'],
  },
);
cover(['mist-sham', 'Mist sham'], [30, 20], cols(['mist', 1]), { count: 2, price: 2600, texture: 'smooth' });
cover(['hemp-sham', 'Hemp sham'], [30, 20], cols(['hemp', 1]), { count: 2, price: 2600 });
cover(['lichen-round', 'Lichen round'], [16, 16], cols(['lichen', 1]), {
  round: true,
  count: 1,
  price: 2600,
  texture: 'velvet',
});
cover(['lichen-22', 'Lichen linen, large'], [22, 22], cols(['lichen', 1]), { count: 2, price: 3100 });
cover(['harbour-20', 'Harbour blue linen'], [20, 20], cols(['harbour', 1]), {
  count: 2,
  price: 2800,
  season: ['summer'],
});
cover(['harbour-stripe-20', 'Harbour stripe'], [20, 20], cols(['harbour', 0.45], ['sailcloth', 0.55]), {
  count: 2,
  price: 2900,
  pattern: pattern('stripe', 3),
  season: ['summer'],
});
cover(['mist-18', 'Mist blue cotton'], [18, 18], cols(['mist', 1]), {
  count: 2,
  price: 1900,
  season: ['spring', 'summer'],
});
cover(['mist-lumbar', 'Mist lumbar'], [22, 14], cols(['mist', 1]), { count: 1, price: 2000 });
cover(['gorse-18', 'Gorse velvet'], [18, 18], cols(['gorse', 1]), {
  count: 1,
  price: 3400,
  texture: 'velvet',
});
cover(['claret-20', 'Claret velvet'], [20, 20], cols(['claret', 1]), {
  count: 2,
  price: 3600,
  texture: 'velvet',
  washable: false,
  season: ['autumn', 'winter'],
});
cover(['claret-check-20', 'Claret blanket check'], [20, 20], cols(['claret', 0.55], ['biscuit', 0.45]), {
  count: 2,
  price: 3300,
  pattern: pattern('check', 6),
  texture: 'tweed',
  season: ['winter'],
});
cover(['peat-knit-20', 'Peat cable knit'], [20, 20], cols(['peat', 1]), {
  count: 2,
  price: 3900,
  texture: 'knit',
  season: ['winter'],
});
cover(['brick-18', 'Soft brick linen'], [18, 18], cols(['brick', 1]), { count: 2, price: 2500 });
cover(['moss-20', 'Moss boucle'], [20, 20], cols(['moss', 1]), { count: 1, price: 3500, texture: 'boucle' });
cover(['hemp-22', 'Hemp tweed'], [22, 22], cols(['hemp', 1]), { count: 2, price: 3400, texture: 'tweed' });
cover(['netting-20', 'Netting embroidered'], [20, 20], cols(['sailcloth', 0.75], ['tar', 0.25]), {
  count: 1,
  price: 4200,
  pattern: pattern('motif', 9),
  texture: 'embroidered',
});
cover(['biscuit-26', 'Biscuit euro'], [26, 26], cols(['biscuit', 1]), { count: 3, price: 3000 });
cover(['shell-20', 'Shell floral'], [20, 20], cols(['shell', 0.7], ['moss', 0.3]), {
  count: 2,
  price: 2900,
  pattern: pattern('floral', 7),
});
cover(['tar-lumbar', 'Tar blue lumbar'], [36, 14], cols(['tar', 1]), { count: 1, price: 3700 });
// inserts
const insert = (id, w, h, fill, count) =>
  item([id, `${w} × ${h} ${fill} insert`], 'insert', [w, h], cols(['sailcloth', 1]), {
    fill,
    count,
    texture: 'smooth',
    whereabouts: 'Landing cupboard',
  });
item(['casing-22', '22 × 22 inner casing'], 'casing', [22, 22], cols(['sailcloth', 1]), {
  count: 2,
  price: 600,
  whereabouts: 'Linen press',
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
  item([id, name], 'throw', [50, 60], colours, { texture: 'knit', clothGsm: 380, price: 6500, ...more });
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
// what a table is laid with
const linen = ([id, name], kind, size, colours, more = {}) =>
  item([id, name], kind, size, colours, { texture: 'linen', clothGsm: 230, ...more });
linen(['cloth-oyster', 'Oyster tablecloth'], 'tablecloth', [52, 70], cols(['oyster', 1]), { price: 3800 });
linen(
  ['runner-harbour', 'Harbour stripe runner'],
  'runner',
  [10, 60],
  cols(['harbour', 0.4], ['sailcloth', 0.6]),
  {
    pattern: pattern('stripe', 1.5),
    price: 1900,
  },
);
linen(['mats-sailcloth', 'Sailcloth place mats'], 'placemat', [17, 9], cols(['sailcloth', 1]), {
  count: 4,
  price: 700,
});
linen(['napkins-mist', 'Mist napkins'], 'napkin', [16, 16], cols(['mist', 1]), { count: 6, price: 450 });
// curtain panels: flat width × length
const panel = ([id, name], [w, length], colours, more = {}) =>
  item([id, name], 'panel', [w, length], colours, { texture: 'linen', clothGsm: 240, ...more });
panel(['panel-lichen', 'Lichen linen panel'], [42, 108], cols(['lichen', 1]), {
  count: 8,
  clothGsm: 190,
  price: 4600,
  pattern: { kind: 'texture', repeatMm: 5 },
});
panel(['panel-crewel', 'Claret crewel curtain'], [50, 84], cols(['claret', 0.65], ['biscuit', 0.35]), {
  count: 2,
  clothGsm: 460,
  price: 0,
  pattern: pattern('floral', 12),
  season: ['winter'],
});
panel(['panel-stripe', 'Harbour stripe panel'], [52, 102], cols(['harbour', 0.3], ['sailcloth', 0.7]), {
  count: 4,
  price: 3900,
  pattern: pattern('stripe', 4),
  clothGsm: 190,
});
panel(['panel-voile', 'Sailcloth voile'], [55, 96], cols(['sailcloth', 1]), {
  count: 4,
  price: 1900,
  clothGsm: 70,
});
panel(['panel-hemp', 'Hemp lined panel'], [48, 95], cols(['hemp', 1]), {
  count: 2,
  price: 5200,
  clothGsm: 420,
});
panel(['panel-mist', 'Mist cotton panel'], [50, 84], cols(['mist', 1]), {
  count: 2,
  price: 2800,
  clothGsm: 180,
});
panel(['panel-velvet', 'Tar velvet panel'], [46, 96], cols(['tar', 1]), {
  count: 2,
  price: 7400,
  clothGsm: 480,
  texture: 'velvet',
  season: ['winter'],
});

// an old panel that covers are to be cut from: a gull in every repeat, a plain border on its left
const gulls = [12, 27, 42].flatMap((x) => [10, 25, 40, 55, 70].map((y) => ({ xMm: i(x), yMm: i(y) })));
item(['gull-panel', 'Old gull panel'], 'panel', [54, 80], cols(['sailcloth', 0.8], ['tar', 0.2]), {
  texture: 'linen',
  clothGsm: 240,
  pattern: pattern('motif', 15),
  whereabouts: 'Linen press',
  cloth: {
    motifs: gulls,
    leftBorderMm: i(3),
    rightBorderMm: 0,
    flaws: [{ xMm: i(44), yMm: i(58), widthMm: i(4), heightMm: i(5) }],
    hasGrain: true,
    corners: null,
    covers: [
      {
        id: 'gull-squares',
        widthMm: i(16),
        heightMm: i(16),
        count: 3,
        closure: 'envelope',
        front: 'motif',
        hasPlainBack: true,
      },
      {
        id: 'gull-lumbar',
        widthMm: i(22),
        heightMm: i(14),
        count: 1,
        closure: 'zip',
        front: 'leftBorder',
        hasPlainBack: false,
      },
    ],
  },
});
