/** Rooms and what is in them, as the cases of the findings need them. */
import type {
  Brief,
  Brought,
  Dressing,
  Fitting,
  Hanging,
  HangingGroup,
  Item,
  Look,
  Moved,
  Opening,
  Piece,
  Placement,
  RoomFile,
  Work,
} from '../../../src/core/model/types';
import type { OwnRule } from '../../../src/core/rules/book';
import { chestAt } from '../floor';
import { bareRoom, dressing, hanging, inches, item, opening } from '../rooms';

export type Given = {
  clear?: Partial<RoomFile['clear']>;
  openings?: Opening[];
  fittings?: Fitting[];
  pieces?: Piece[];
  items?: Item[];
  dressings?: Dressing[];
  hangings?: Hanging[];
  groups?: HangingGroup[];
  placements?: Placement[];
  brief?: Partial<Brief>;
  cushionsOut?: Look['cushionsOut'];
  night?: Look['night'];
  moved?: Moved[];
  brought?: Brought[];
  works?: Work[];
  flags?: Partial<RoomFile['home']['flags']>;
  rules?: OwnRule[];
  ceilingIn?: number;
  shares?: [number, number, number];
  room?: Partial<RoomFile['room']>;
};
export const room = (g: Given): RoomFile => {
  const base = bareRoom(inches(168), inches(144), inches(g.ceilingIn ?? 96));
  return {
    ...base,
    rules: g.rules ?? [],
    room: { ...base.room, ...g.room },
    home: { ...base.home, flags: { ...base.home.flags, ...g.flags } },
    openings: g.openings ?? [],
    fittings: g.fittings ?? [],
    pieces: g.pieces ?? [],
    clear: { ...base.clear, ...g.clear },
    items: g.items ?? [],
    looks: [dressedLook(base.looks[0]!, g)],
  };
};
const dressedLook = (look: Look, g: Given): Look => ({
  ...look,
  plannedShares: g.shares ?? null,
  dressings: g.dressings ?? [],
  hangings: g.hangings ?? [],
  groups: g.groups ?? [],
  placements: g.placements ?? [],
  brief: { ...look.brief, ...g.brief },
  cushionsOut: g.cushionsOut ?? [],
  night: g.night ?? [],
  moved: g.moved ?? [],
  brought: g.brought ?? [],
  works: g.works ?? [],
});
export const win = (o: Partial<Opening> = {}, d: Partial<Dressing> = {}, more: Given = {}) =>
  room({ openings: [opening(o)], dressings: [dressing(d)], ...more });
export const fitting = (
  kind: Fitting['kind'],
  wallId: string,
  [xIn, bottomIn]: readonly [number, number],
  [wIn, hIn]: readonly [number, number] = [20, 20],
): Fitting => ({
  mantel: null,
  rises: 'right',
  id: 'f',
  name: `The ${kind}`,
  kind,
  wallId,
  xMm: inches(xIn),
  widthMm: inches(wIn),
  bottomMm: inches(bottomIn),
  heightMm: inches(hIn),
  depthMm: inches(5),
  colours: [{ l: 90, a: 0, b: 2, share: 1 }],
});

// a piece on a wall
export const art = (wIn: number, hIn: number, more: Partial<Item> = {}) =>
  item({
    id: 'i1',
    name: 'Regatta',
    kind: 'art',
    widthMm: inches(wIn),
    heightMm: inches(hIn),
    texture: 'hard',
    ...more,
  });
export const hung = (a: Item, h: Partial<Hanging> = {}, more: Given = {}) =>
  room({ items: [a], hangings: [hanging(h)], ...more });
export const pair = (x: number, centre: number) =>
  hung(
    art(30, 20, { count: 2 }),
    { xMm: inches(40) },
    {
      hangings: [
        hanging({ xMm: inches(40) }),
        hanging({ id: 'h2', xMm: inches(x), centreMm: inches(centre) }),
      ],
    },
  );
export const nothing = room({});

// the floor
export const box = (
  id: string,
  [x, y]: readonly [number, number],
  [w, d]: readonly [number, number],
  more: Partial<Piece> = {},
): Piece => chestAt(id, [inches(x), inches(y)], [inches(w), inches(d)], { heightMm: inches(18), ...more });
