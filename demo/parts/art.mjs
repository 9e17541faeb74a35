// What hangs on the demo walls
import { item } from './stash.mjs';
import { cols, pattern } from './units.mjs';

// art
const art = ([id, name], [w, h], kg, colours, more = {}) =>
  item([id, name], 'art', [w, h], colours, {
    massG: kg * 1000,
    texture: 'hard',
    glazed: true,
    pattern: pattern('motif', 20),
    whereabouts: 'Landing, behind the door',
    ...more,
  });
art(
  ['art-estuary', 'Estuary at low water'],
  [48, 30],
  6.2,
  cols(['mist', 0.5], ['lichen', 0.3], ['tar', 0.2]),
);
art(
  ['art-regatta', 'Regatta, large'],
  [68, 34],
  9.8,
  cols(['mist', 0.45], ['sailcloth', 0.35], ['tar', 0.2]),
);
art(['art-buoy', 'Red buoy print'], [16, 20], 1.4, cols(['sailcloth', 0.7], ['tanbark', 0.3]));
art(['art-knot-1', 'Knot study, bowline'], [12, 16], 0.9, cols(['sailcloth', 0.8], ['peat', 0.2]));
art(['art-knot-2', 'Knot study, hitch'], [12, 16], 0.9, cols(['sailcloth', 0.8], ['peat', 0.2]));
art(['art-chart', 'Harbour chart'], [36, 48], 5.1, cols(['biscuit', 0.75], ['harbour', 0.25]));
art(['art-gull', 'Gull in charcoal'], [18, 24], 1.9, cols(['sailcloth', 0.8], ['iron', 0.2]));
art(['art-storm', 'Winter storm'], [40, 30], 4.4, cols(['slate', 0.7], ['claret', 0.3]), {
  season: ['winter'],
});
art(['art-gorse', 'Gorse on the headland'], [20, 16], 1.6, cols(['gorse', 0.5], ['moss', 0.5]));
art(['art-dinghy', 'Dinghies, small'], [14, 11], 0.8, cols(['harbour', 0.5], ['sailcloth', 0.5]));
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
  art([id, name], [w, h], 1.2, cols(...colours));
item(['mirror-porthole', 'Porthole mirror'], 'mirror', [30, 30], cols(['oak', 1]), {
  texture: 'hard',
  massG: 5200,
  glazed: true,
  whereabouts: 'Lookout',
});
