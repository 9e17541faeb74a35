/** What a field of an item of the stash may be, in the order in which screens offer it; the schema takes its lists from here. */
export const SEASONS = ['spring', 'summer', 'autumn', 'winter'] as const;
export const ITEM_KINDS = [
  'cover',
  'insert',
  'casing',
  'throw',
  'panel',
  'bedding',
  'rug',
  'lampshade',
  'art',
  'mirror',
  'frame',
  'wallPanel',
  'vase',
  'candle',
  'basket',
  'tray',
  'book',
  'object',
  'plant',
  'stem',
  'bowl',
  'pot',
  'lantern',
  'candlestick',
  'dome',
  'garland',
  'lampBase',
  'bulb',
  'chair',
  'stool',
  'bench',
  'smallTable',
  'floorLamp',
  'standingScreen',
  'ladder',
  'basketStand',
  'plantStand',
] as const;
export const TEXTURES = [
  'smooth',
  'linen',
  'velvet',
  'knit',
  'fur',
  'boucle',
  'tweed',
  'embroidered',
  'woven',
  'hard',
] as const;
export const FIBRES = [
  'unknown',
  'cotton',
  'linen',
  'wool',
  'silk',
  'polyester',
  'polypropylene',
  'jute',
  'straw',
  'down',
  'mixed',
] as const;
export const CARES = ['machine', 'hand', 'zipped', 'spot', 'dryClean', 'bleachSafe', 'noTumble'] as const;
export const SHEENS = ['matt', 'low', 'satin', 'gloss'] as const;
export const FILLS = ['none', 'feather', 'polyester', 'foam'] as const;
export const ITEM_STATES = ['owned', 'ordered', 'gone'] as const;
export const STORAGE_KINDS = ['box', 'bag', 'shelf', 'drawer', 'underFurniture', 'cupboard'] as const;
export const PATTERN_KINDS = ['solid', 'stripe', 'check', 'floral', 'motif', 'texture'] as const;
