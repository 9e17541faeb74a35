/** What a field of an item of the stash may be, in the order in which screens offer it; the schema takes its lists from here. */
export const SEASONS = ['spring', 'summer', 'autumn', 'winter'] as const;
/** What a table is laid with. */
export const TABLE_LINEN = ['tablecloth', 'runner', 'placemat', 'napkin'] as const;
/** Cloth that is laid, leaned or spread; and with it what hangs at a window and lies on the floor. */
export const LAID_CLOTH = ['cover', 'throw', 'bedding', ...TABLE_LINEN] as const;
export const CLOTH_KINDS = [...LAID_CLOTH, 'panel', 'rug'] as const;
export const ITEM_KINDS = [
  'cover',
  'insert',
  'casing',
  'throw',
  'panel',
  'bedding',
  ...TABLE_LINEN,
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
/** What bedding is: spread over a bed, filled, drawn over what is filled, slept on, hung below. */
export const BEDDING = ['spread', 'duvet', 'duvetCover', 'sheet', 'fitted', 'topper', 'skirt'] as const;
/** Metal that a thing is made of or trimmed with. */
export const METALS = ['brass', 'copper', 'iron', 'nickel', 'silver', 'steel'] as const;
/** How a cover is closed: one half of its back over the other, or a zip in a seam. */
export const CLOSURES = ['envelope', 'zip'] as const;
/** Where the pattern of a cloth lies on the front of a cover that is cut from it. */
export const FRONTS = ['anywhere', 'repeat', 'motif', 'leftBorder', 'rightBorder', 'bothBorders'] as const;
export const STORAGE_KINDS = ['box', 'bag', 'shelf', 'drawer', 'underFurniture', 'cupboard'] as const;
export const PATTERN_KINDS = ['solid', 'stripe', 'check', 'floral', 'motif', 'texture'] as const;
