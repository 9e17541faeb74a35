/** What a field may be, in the order in which screens offer it; the schema takes its lists from here. */
export const SEASONS = ['spring', 'summer', 'autumn', 'winter'] as const;
export const ITEM_KINDS = [
  'cover',
  'insert',
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
export const GROUP_KINDS = ['row', 'column', 'grid', 'stair', 'hinged', 'pair', 'free'] as const;
export const HEADINGS = ['ringClip', 'pinchPleat', 'grommet', 'rodPocket', 'backTab', 'wave'] as const;
export const DRAWS = ['pair', 'left', 'right'] as const;
export const CORDS = ['unknown', 'none', 'loop'] as const;
export const TASK_KINDS = [
  'clean',
  'mend',
  'wash',
  'paint',
  'panels',
  'creases',
  'carpet',
  'dry',
  'parcel',
  'other',
] as const;
export const FITTING_KINDS = [
  'fireplace',
  'radiator',
  'heater',
  'stove',
  'tv',
  'shelf',
  'socket',
  'switch',
  'vent',
  'pictureRail',
  'beam',
  'basin',
  'tub',
  'toilet',
  'stairs',
] as const;
export const PIECE_KINDS = [
  'sofa',
  'armchair',
  'wingChair',
  'windowSeat',
  'bench',
  'ottoman',
  'coffeeTable',
  'sideTable',
  'console',
  'chest',
  'bookcase',
  'desk',
  'diningTable',
  'diningChair',
  'bed',
  'cot',
  'bedside',
  'floorLamp',
  'tableLamp',
  'rug',
  'plant',
  'mirror',
  // what older rooms call tables and lamps
  'table',
  'lamp',
] as const;
