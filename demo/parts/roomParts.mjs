// How a room of the demo is written down
import { col, cols, i, solid } from './units.mjs';

export const finish = (hexName, p = solid) => ({ colours: [col(hexName, 1)], pattern: p });
export const wall = (id, x, y, name = '') => ({ id, name, xMm: x, yMm: y });
export const box4 = (w, d) => [wall('n', 0, 0), wall('e', w, 0), wall('s', w, d), wall('w', 0, d)];
export const STILL = {
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
const MOVES = {
  window: { ...STILL, opens: 'sash', revealMm: i(4), sillDepthMm: i(3) },
  door: { ...STILL, opens: 'in', hinge: 'left', handleMm: i(2.5), underMm: i(0.75) },
  arch: STILL,
  frenchDoor: { ...STILL, opens: 'out', hinge: 'both' },
};
export const opening = ([id, name, kind], [wallId, x], [w, sill, h, trim], drops = null, more = {}) => ({
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
export const fitting = ([id, name, kind], [wallId, x], [w, bottom, h, depth], colour) => ({
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
export const piece = ([id, name, kind], [x, y, turn], [w, d, h], colours, more = {}) => ({
  id,
  name,
  kind,
  xMm: i(x),
  yMm: i(y),
  turnDeg: turn,
  widthMm: i(w),
  depthMm: i(d),
  heightMm: i(h),
  round: false,
  bottomMm: 0,
  seat: null,
  bed: null,
  shelvesMm: [],
  chairs: 0,
  gapMm: null,
  colours,
  pattern: solid,
  ...more,
});
export const seat = (w, h, d, seats, wanted) => ({
  widthMm: i(w),
  heightMm: i(h),
  depthMm: i(d),
  seats,
  wantedSitters: wanted,
  armHeightMm: 0,
  looseCushions: 0,
});
export const weave = { kind: 'texture', repeatMm: 8 };

let n = 0;
export const dressing = (openingId, itemId, more = {}) => ({
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
  layer: 'season',
  draw: null,
  decorative: false,
  cord: 'unknown',
  ...more,
});
export const hanging = (itemId, [wallId, over, x], hanger, more = {}) => ({
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
  layer: 'season',
  ...more,
});
export const wire = (drop, apart, length, hooks = 2) => ({
  kind: 'wire',
  hooks,
  ringDropMm: i(drop),
  ringsApartMm: i(apart),
  wireMm: i(length),
  hooksApartMm: null,
});
export const saw = (drop) => ({ kind: 'sawtooth', dropMm: i(drop) });
const put = (itemId, [of, part], x, more) => ({
  id: `p${++n}`,
  itemId,
  spot: { of, part },
  xMm: i(x),
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
  ...more,
});
export const pillow = (itemId, pieceId, x, row, more = {}) =>
  put(itemId, [pieceId, 'seat'], x, { row, lie: 'propped', fill: 'feather', ...more });
export const draped = (itemId, pieceId, x) => put(itemId, [pieceId, 'seat'], x, { row: 9, lie: 'overBack' });
/** A pillow leaning at the head of a bed; bedding spread over it; a cover folded across its foot. */
export const onBed = (itemId, bedId, x, row) =>
  put(itemId, [bedId, 'mattress'], x, { row, lie: 'propped', fill: 'feather' });
export const made = (itemId, bedId, row) => put(itemId, [bedId, 'mattress'], 30, { row, lie: 'made' });
export const acrossFoot = (itemId, bedId) => put(itemId, [bedId, 'mattress'], 30, { lie: 'acrossFoot' });
/** A thing on a part of a piece, a fitting or another thing: its top when nothing else is said. */
export const object = (itemId, of, x, { part = 'top', ...more } = {}) => put(itemId, [of, part], x, more);
/** A piece of the room that stands elsewhere in a look; one that is taken out of it; a thing that is brought in. */
export const moved = (id, [x, y, turnDeg]) => ({ id, isOut: false, xMm: i(x), yMm: i(y), turnDeg });
export const takenOut = (id) => ({ id, isOut: true, xMm: 0, yMm: 0, turnDeg: 0 });
export const brought = (itemId, [x, y, turnDeg], id = itemId) => ({
  id,
  itemId,
  xMm: i(x),
  yMm: i(y),
  turnDeg,
  layer: 'season',
});

/** What is done to a thing for a look, and what it is afterwards. */
export const work = (id, act, target, { after = {}, ...more } = {}) => ({
  id,
  act,
  of: null,
  itemId: null,
  ...target,
  after: {
    colours: null,
    pattern: null,
    sheen: null,
    widthMm: null,
    heightMm: null,
    depthMm: null,
    ...after,
  },
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
  ...more,
});

export const look = ([id, name, season, order], [dressings, hangings, placements], more = {}) => ({
  id,
  name,
  season,
  order,
  sheetTaken: null,
  approvedWallIds: [],
  approvedZones: [],
  cushionsOut: [],
  night: [],
  rodLineMm: null,
  plannedShares: null,
  brief: { purpose: 'everyday', filling: 'usual', order: 'class', visitorAges: [], mostCost: null },
  moved: [],
  brought: [],
  works: [],
  ...(id === 'as-found' ? { isRecord: true } : {}),
  dressings,
  hangings,
  groups: [],
  placements,
  ...more,
});

export const ROOM = {
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
export const CLEAR = { found: [], irritations: [], tasks: [], beforePhotos: [] };
export const bedOf = (mattress, head, foot = 0) => ({
  mattressMm: i(mattress),
  thickMm: i(11),
  headboardMm: i(head),
  footboardMm: i(foot),
});
export const foundThing = (itemId, wallId, verdict, more = {}) => ({
  id: `f-${itemId}`,
  itemId,
  wallId,
  verdict,
  toRoomId: null,
  placeId: null,
  ...more,
});
export const irritation = (id, wallId, text, doneIn = null) => ({ id, wallId, text, doneIn });
export const task = (id, kind, text, waitMinutes, more = {}) => ({
  id,
  kind,
  text,
  itemId: null,
  waitMinutes,
  startedAt: null,
  done: false,
  ...more,
});

export const inGroup = (itemId, [wallId, groupId], hanger, at = null, more = {}) =>
  hanging(itemId, [wallId, null, null], hanger, {
    groupId,
    groupAt: at && { dxMm: i(at[0]), dyMm: i(at[1]) },
    ...more,
  });
export const group = (id, name, wallId, kind, more = {}) => ({
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
