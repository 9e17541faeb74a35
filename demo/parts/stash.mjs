// How a thing of the demo stash is written down
import { i, solid } from './units.mjs';

/** What is the same for most things of the stash; each says only what is its own. */
const USUAL = {
  setOf: 1,
  round: false,
  bedding: null,
  tog: null,
  pocketMm: null,
  metal: null,
  cloth: null,
  back: null,
  sheen: 'matt',
  fibre: 'unknown',
  care: [],
  defects: '',
  defectsLit: '',
  poisonous: false,
  scented: false,
  state: 'owned',
  wish: null,
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
export const items = [];
export function item([id, name], kind, [w, h], colours, more = {}) {
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
export const cover = ([id, name], [w, h], colours, more = {}) =>
  item([id, name], 'cover', [w, h], colours, { texture: 'linen', clothGsm: 220, ...more });
