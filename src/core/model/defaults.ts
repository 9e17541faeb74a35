/** What every noun begins with, and what a file of an older version is taken to say where it is silent. */
import type {
  Brief,
  Brought,
  Clear,
  Dressing,
  Fitting,
  Hanging,
  HangingGroup,
  HomeFlags,
  Item,
  Opening,
  Piece,
  Placement,
  Room,
  Seat,
  Work,
} from './types';

type Less<T, K extends keyof T> = Pick<T, K>;

export const FLAGS: HomeFlags = {
  childrenAges: [],
  pets: false,
  featherFree: false,
  woolFree: false,
  scentFree: false,
  rented: false,
  wheelchair: false,
};

export const ROOM: Less<
  Room,
  | 'holes'
  | 'crownMm'
  | 'wallsOf'
  | 'floorOf'
  | 'slopes'
  | 'beams'
  | 'standpoints'
  | 'seesRoomIds'
  | 'childsRoom'
  | 'wallPhotos'
  | 'readings'
> = {
  holes: [],
  crownMm: 0,
  wallsOf: 'plasterboard',
  floorOf: 'wood',
  slopes: [],
  beams: [],
  standpoints: [],
  seesRoomIds: [],
  childsRoom: false,
  wallPhotos: [],
  readings: [],
};

/** A door of which nothing else is known does not say how it swings. */
export const OPENING: Less<
  Opening,
  | 'opens'
  | 'hinge'
  | 'handleMm'
  | 'revealMm'
  | 'sillDepthMm'
  | 'underMm'
  | 'blindCord'
  | 'overlooked'
  | 'hazy'
> = {
  opens: 'fixed',
  hinge: 'none',
  handleMm: 0,
  revealMm: 0,
  sillDepthMm: 0,
  underMm: 0,
  blindCord: 'unknown',
  overlooked: false,
  hazy: false,
};

export const FITTING: Less<Fitting, 'mantel' | 'rises'> = { mantel: null, rises: 'right' };

export const PIECE: Less<Piece, 'round' | 'bed' | 'shelvesMm' | 'chairs' | 'gapMm'> = {
  round: false,
  bed: null,
  shelvesMm: [],
  chairs: 0,
  gapMm: null,
};
export const SEAT: Less<Seat, 'armHeightMm' | 'looseCushions'> = { armHeightMm: 0, looseCushions: 0 };

export const ITEM: Less<
  Item,
  | 'setOf'
  | 'round'
  | 'bedding'
  | 'tog'
  | 'pocketMm'
  | 'metal'
  | 'cloth'
  | 'back'
  | 'sheen'
  | 'fibre'
  | 'care'
  | 'defects'
  | 'defectsLit'
  | 'poisonous'
  | 'scented'
  | 'battery'
  | 'state'
  | 'wish'
  | 'source'
  | 'boughtOn'
  | 'dueOn'
  | 'returnBy'
  | 'seasonsServed'
  | 'placeId'
  | 'roomId'
  | 'photoId'
  | 'colourFrom'
  | 'seen'
  | 'rawColours'
  | 'relied'
  | 'spectrum'
> = {
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
  battery: false,
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

/** A dressed window of which nothing else is chosen: a pair on rings on a wall rod, to the floor. */
export const DRESSING: Omit<Dressing, 'id' | 'openingId'> = {
  itemId: null,
  heading: 'ringClip',
  landing: 'kiss',
  mount: 'wall',
  hemAt: 'floor',
  rodHeightMm: null,
  extensionLeftMm: null,
  extensionRightMm: null,
  rod: { make: 'tube', outerMm: null },
  pinMm: null,
  joinsNext: false,
  fullness: null,
  panels: null,
  route: null,
  drawn: 'open',
  draw: null,
  decorative: false,
  cord: 'unknown',
  sheer: null,
  making: { clothWidthMm: null, repeatMm: null, halfDrop: false, lining: 'none' },
  lightShare: null,
  layer: 'season',
};
export const SHEER: NonNullable<Dressing['sheer']> = {
  itemId: null,
  heading: 'rodPocket',
  landing: 'clear',
  fullness: null,
  panels: null,
  drawn: 'closed',
  pinMm: null,
  route: null,
  making: { clothWidthMm: null, repeatMm: null, halfDrop: false },
};

/**
 * What a hung piece is when nothing more is said: on its own, hung on the wall, with nothing in it but
 * itself.
 */
export const HANGING: Less<
  Hanging,
  | 'overPieceId'
  | 'xMm'
  | 'centreMm'
  | 'gapMm'
  | 'groupId'
  | 'groupAt'
  | 'pinned'
  | 'leans'
  | 'print'
  | 'layer'
> = {
  overPieceId: null,
  xMm: null,
  centreMm: null,
  gapMm: null,
  groupId: null,
  groupAt: null,
  pinned: false,
  leans: false,
  print: null,
  layer: 'season',
};
export const BROUGHT: Less<Brought, 'layer'> = { layer: 'season' };

export const GROUP: Omit<HangingGroup, 'id' | 'name' | 'wallId' | 'kind'> = {
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
};

/** What a look is for while nobody has said so. */
export const BRIEF: Brief = {
  purpose: 'everyday',
  filling: 'usual',
  order: 'class',
  visitorAges: [],
  mostCost: null,
};

/** A thing that was put somewhere, of which nothing more is said: it stands there for the season, showing its front. */
export const PLACEMENT: Omit<Placement, 'id' | 'itemId' | 'spot' | 'xMm'> = {
  outMm: null,
  turnDeg: 0,
  row: 0,
  layer: 'season',
  lie: 'standing',
  face: 'front',
  count: 1,
  locked: false,
  fill: null,
  fold: null,
  hangsMm: null,
  chopped: false,
  zip: 'down',
};

/** A work of which only what it is done on is known: two coats, nothing known of cost and time. */
export const WORK: Omit<Work, 'id' | 'act' | 'on'> = {
  of: null,
  itemId: null,
  after: { colours: null, pattern: null, sheen: null, widthMm: null, heightMm: null, depthMm: null },
  coats: 2,
  areaMm2: null,
  strip: null,
  pulls: null,
  leftLitres: null,
  leftMm: null,
  cost: null,
  minutes: null,
  waitHours: null,
  undo: 'unknown',
  trial: 'none',
  doneOn: null,
  note: '',
};

export const CLEAR: Clear = { found: [], irritations: [], tasks: [], beforePhotos: [] };

/** A thing of the stash with nothing known but what is given. */
export const newItem = (given: Pick<Item, 'id' | 'name' | 'kind'> & Partial<Item>): Item => ({
  ...ITEM,
  count: 1,
  widthMm: 450,
  heightMm: 450,
  depthMm: 0,
  colours: [{ l: 80, a: 0, b: 4, share: 1 }],
  pattern: { kind: 'solid', repeatMm: 0 },
  texture: 'smooth',
  clothGsm: 0,
  massG: 0,
  fill: 'none',
  glazed: false,
  washable: true,
  price: 0,
  tagsOn: false,
  season: [],
  whereabouts: '',
  note: '',
  ...given,
});
