import demo from '../../demo/sail-loft.studio.json';
import { cm, inches } from '../../src/core/base/units';
import {
  BRIEF,
  CLEAR,
  DRESSING,
  FITTING,
  FLAGS,
  HANGING,
  ITEM,
  OPENING,
  PIECE,
  PLACEMENT,
  ROOM,
} from '../../src/core/model/defaults';
import { emptyLists } from '../../src/core/model/nouns';
import { ROOM_FILE_VERSION, roomFileSchema, studioFileSchema } from '../../src/core/model/schema';
import type {
  Dressing,
  Fitting,
  Hanging,
  Item,
  Opening,
  Piece,
  Placement,
  RoomFile,
  StudioFile,
} from '../../src/core/model/types';
import { upgradeStudioFile } from '../../src/core/model/upgrade';
import { ruleBook, type OwnRule, type RuleBook } from '../../src/core/rules/book';

export const demoStudio = (): StudioFile => studioFileSchema.parse(upgradeStudioFile(structuredClone(demo)));

/** A room of the demo studio as a room file. */
export function demoRoom(id: string): RoomFile {
  const studio = demoStudio();
  const { homeId, ...body } = studio.rooms.find((r) => r.room.id === id)!;
  return roomFileSchema.parse({
    rideau: ROOM_FILE_VERSION,
    rules: studio.rules,
    home: studio.homes.find((h) => h.id === homeId),
    places: studio.places,
    items: studio.items,
    ...body,
  });
}

export const inchRules = (own: OwnRule[] = []): RuleBook => ruleBook(own, 'in');
export const cmRules = (own: OwnRule[] = []): RuleBook => ruleBook(own, 'cm');
/** Inches of a length, without the crumbs of floating point. */
export const toIn = (mm: number): number => Math.round((mm / 25.4) * 1e6) / 1e6;

const white = [{ l: 92, a: 0, b: 4, share: 1 }];
const plain = { kind: 'solid' as const, repeatMm: 0 };

export const opening = (more: Partial<Opening> = {}): Opening => ({
  ...OPENING,
  id: 'o1',
  name: 'Window',
  kind: 'window',
  wallId: 'n',
  xMm: inches(60),
  widthMm: inches(48),
  sillMm: inches(30),
  heightMm: inches(48),
  trimMm: inches(3),
  dropsMm: { left: inches(78), middle: inches(78), right: inches(78) },
  ...more,
});
export const dressing = (more: Partial<Dressing> = {}): Dressing => ({
  ...DRESSING,
  id: 'd1',
  openingId: 'o1',
  ...more,
});
export const piece = (more: Partial<Piece> = {}): Piece => ({
  ...PIECE,
  id: 'p1',
  name: 'Sofa',
  kind: 'sofa',
  xMm: inches(84),
  yMm: inches(20),
  turnDeg: 0,
  widthMm: inches(84),
  depthMm: inches(36),
  heightMm: inches(34),
  bottomMm: 0,
  seat: {
    widthMm: inches(72),
    heightMm: inches(18),
    depthMm: inches(22),
    seats: 3,
    wantedSitters: 2,
    armHeightMm: 0,
    looseCushions: 0,
  },
  colours: white,
  pattern: plain,
  ...more,
});
export const item = (more: Partial<Item> = {}): Item => ({
  ...ITEM,
  id: 'i1',
  name: 'Cover',
  kind: 'cover',
  count: 4,
  widthMm: inches(20),
  heightMm: inches(20),
  depthMm: 0,
  colours: [{ l: 45, a: 38, b: 30, share: 1 }],
  pattern: plain,
  texture: 'linen',
  clothGsm: 220,
  massG: 500,
  fill: 'none',
  glazed: false,
  washable: true,
  price: 0,
  tagsOn: false,
  season: [],
  whereabouts: '',
  note: '',
  ...more,
});
/** Eight stock panels of linen, 54 × 108. */
export const linenPanel = (more: Partial<Item> = {}): Item =>
  item({
    id: 'panel',
    name: 'Linen panel',
    kind: 'panel',
    widthMm: inches(54),
    heightMm: inches(108),
    clothGsm: 190,
    count: 8,
    price: 4000,
    ...more,
  });
/** Where a pillow is put, and where a thing is that stands for itself. */
export const onSeat = (of: string): Pick<Placement, 'spot' | 'lie'> => ({
  spot: { of, part: 'seat' },
  lie: 'propped',
});
export const standing = (of: string, part = 'top'): Pick<Placement, 'spot' | 'lie' | 'fill'> => ({
  spot: { of, part },
  lie: 'standing',
  fill: null,
});
export const placement = (more: Partial<Placement> = {}): Placement => ({
  id: 'x1',
  itemId: 'i1',
  ...PLACEMENT,
  ...onSeat('p1'),
  xMm: inches(12),
  fill: 'feather',
  ...more,
});
export const hanging = (more: Partial<Hanging> = {}): Hanging => ({
  ...HANGING,
  id: 'h1',
  itemId: 'i1',
  wallId: 'n',
  hanger: { kind: 'sawtooth', dropMm: inches(1) },
  ...more,
});

export const fittingOf = (more: Partial<Fitting> = {}): Fitting => ({
  ...FITTING,
  id: 'f1',
  name: 'Radiator',
  kind: 'radiator',
  wallId: 'n',
  xMm: inches(60),
  widthMm: inches(36),
  bottomMm: inches(5),
  heightMm: inches(22),
  depthMm: inches(4),
  colours: white,
  ...more,
});

/** A bare rectangular room. */
export function bareRoom(
  widthMm = inches(168),
  depthMm = inches(144),
  ceilingMm = inches(96),
  unit: 'in' | 'cm' = 'in',
): RoomFile {
  return {
    rideau: ROOM_FILE_VERSION,
    rules: [],
    home: { id: 'home', name: 'Home', flags: FLAGS },
    room: {
      ...ROOM,
      id: 'room',
      name: 'Room',
      unit,
      ceilingMm,
      walls: [
        { id: 'n', name: '', xMm: 0, yMm: 0 },
        { id: 'e', name: '', xMm: widthMm, yMm: 0 },
        { id: 's', name: '', xMm: widthMm, yMm: depthMm },
        { id: 'w', name: '', xMm: 0, yMm: depthMm },
      ],
      wallFinish: { colours: white, pattern: plain },
      floorFinish: { colours: [{ l: 58, a: 6, b: 20, share: 1 }], pattern: plain },
      trimFinish: { colours: [{ l: 97, a: 0, b: 1, share: 1 }], pattern: plain },
      note: '',
    },
    openings: [],
    fittings: [],
    pieces: [],
    clear: CLEAR,
    places: [],
    items: [],
    looks: [
      {
        id: 'look',
        name: 'Look',
        season: null,
        order: 0,
        sheetTaken: null,
        approvedWallIds: [],
        approvedZones: [],
        cushionsOut: [],
        night: [],
        rodLineMm: null,
        plannedShares: null,
        brief: BRIEF,
        ...emptyLists(),
      },
    ],
  };
}
export { cm, inches };
