import type { Mm } from '../base/units';
import type { Finish, Fitting, Item, Look, Piece, Room, RoomFile, Work, WorkedOn } from '../model/types';

/** What covers a pattern whatever it was. */
const COVERS: ReadonlySet<Work['act']> = new Set([
  'paint',
  'stain',
  'dye',
  'paper',
  'film',
  'wrap',
  'cloth',
  'recover',
]);
const PLAIN: Finish['pattern'] = { kind: 'solid', repeatMm: 0 };

type Works = readonly Work[];
type InLook = Pick<Look, 'works'>;

/** The works of a look that are still to be done: what was done already is in the things themselves. */
export const worksToDo = ({ works }: InLook): Works => works.filter((work) => work.doneOn === null);

/** What a work is and what it makes of its thing: the same for the same work in another look, or with another price. */
export const sameWork = ({ act, on, of, itemId, after }: Work): string =>
  JSON.stringify([act, on, of, itemId, after]);

const worksOn = (works: Works, on: WorkedOn, id: string): Works =>
  works.filter((work) => work.on === on && (on === 'item' ? work.itemId : work.of) === id);

/** A finish after a work: what the work leaves open stays as it was. */
function finishAfter<F extends Finish>(finish: F, { act, after }: Work): F {
  const covered = COVERS.has(act) && after.colours ? PLAIN : finish.pattern;
  return { ...finish, colours: after.colours ?? finish.colours, pattern: after.pattern ?? covered };
}

/** A thing of the stash after the works on it, in their order. */
export function itemAfter(item: Item, works: Works): Item {
  return works.reduce((before, work): Item => {
    const { after } = work;
    const { colours, pattern } = finishAfter(before, work);
    const isOtherColour = after.colours !== null;
    return {
      ...before,
      colours,
      pattern,
      sheen: after.sheen ?? before.sheen,
      widthMm: after.widthMm ?? before.widthMm,
      heightMm: after.heightMm ?? before.heightMm,
      depthMm: after.depthMm ?? before.depthMm,
      // what was measured of the old colour says nothing of the new one
      ...(isOtherColour ? { spectrum: null, rawColours: null, relied: null, colourFrom: 'typed' } : {}),
    };
  }, item);
}

/**
 * Furniture after the works on it. What is cut down loses its height at the foot: seat, mattress and shelves come down with
 * it.
 */
export function pieceAfter(piece: Piece, works: Works): Piece {
  return works.reduce((before, work): Piece => {
    const { after } = work;
    const heightMm = after.heightMm ?? before.heightMm;
    const downMm = before.heightMm - heightMm;
    return {
      ...before,
      ...finishAfter(before, work),
      widthMm: after.widthMm ?? before.widthMm,
      depthMm: after.depthMm ?? before.depthMm,
      heightMm,
      ...(downMm > 0 && work.act === 'cutDown' ? loweredBy(before, downMm) : {}),
    };
  }, piece);
}

/** A size that can't come down to nothing. */
const LEAST: Mm = 1;
const down = (mm: Mm, byMm: Mm): Mm => Math.max(LEAST, mm - byMm);

function loweredBy(piece: Piece, byMm: Mm): Pick<Piece, 'seat' | 'bed' | 'shelvesMm' | 'gapMm'> {
  const { seat, bed, shelvesMm, gapMm } = piece;
  return {
    seat: seat && {
      ...seat,
      heightMm: down(seat.heightMm, byMm),
      armHeightMm: seat.armHeightMm > 0 ? down(seat.armHeightMm, byMm) : 0,
    },
    bed: bed && { ...bed, mattressMm: down(bed.mattressMm, byMm) },
    shelvesMm: shelvesMm.filter((mm) => mm >= byMm).map((mm) => mm - byMm),
    gapMm: gapMm === null ? null : Math.max(0, gapMm - byMm),
  };
}

const fittingAfter = (fitting: Fitting, works: Works): Fitting =>
  works.reduce(
    (before, { after }): Fitting => ({
      ...before,
      colours: after.colours ?? before.colours,
      widthMm: after.widthMm ?? before.widthMm,
      heightMm: after.heightMm ?? before.heightMm,
      depthMm: after.depthMm ?? before.depthMm,
    }),
    fitting,
  );

/** Rows of which some are worked on; the same list where none is, and the same rows where they are not. */
function edited<Row extends { id: string }>(
  rows: Row[],
  works: Works,
  on: WorkedOn,
  edit: (row: Row, works: Works) => Row,
): Row[] {
  const here = works.filter((work) => work.on === on);
  if (here.length === 0) return rows;
  return rows.map((row) => {
    const own = worksOn(here, on, row.id);
    return own.length > 0 ? edit(row, own) : row;
  });
}

/** The things of the stash as a look works on them. */
export const itemsAfter = (items: Item[], look: InLook): Item[] =>
  edited(items, worksToDo(look), 'item', itemAfter);

export const piecesAfter = (pieces: Piece[], look: InLook): Piece[] =>
  edited(pieces, worksToDo(look), 'piece', pieceAfter);

export const fittingsAfter = (fittings: Fitting[], look: InLook): Fitting[] =>
  edited(fittings, worksToDo(look), 'fitting', fittingAfter);

/** What of a room works can change: its walls, its trim, its floor. */
export type Shell = Pick<Room, 'walls' | 'wallFinish' | 'trimFinish' | 'floorFinish'>;
export const SHELL = ['walls', 'wallFinish', 'trimFinish', 'floorFinish'] as const;

/** The room itself as a look works on it. A wall with a finish of its own loses it when all walls are done. */
export function shellAfter(shell: Shell, look: InLook): Shell {
  return worksToDo(look).reduce((before, work) => SHELL_WORK[work.on]?.(before, work) ?? before, pick(shell));
}

const SHELL_WORK: Partial<Record<WorkedOn, (shell: Shell, work: Work) => Shell>> = {
  walls: (shell, work) => ({
    ...shell,
    wallFinish: finishAfter(shell.wallFinish, work),
    walls: shell.walls.map((wall) =>
      wall.finish ? { ...wall, finish: finishAfter(wall.finish, work) } : wall,
    ),
  }),
  wall: (shell, work) => ({
    ...shell,
    walls: shell.walls.map((wall) =>
      wall.id === work.of ? { ...wall, finish: finishAfter(wall.finish ?? shell.wallFinish, work) } : wall,
    ),
  }),
  trim: (shell, work) => ({ ...shell, trimFinish: finishAfter(shell.trimFinish, work) }),
  floor: (shell, work) => ({ ...shell, floorFinish: finishAfter(shell.floorFinish, work) }),
};

const pick = ({ walls, wallFinish, trimFinish, floorFinish }: Shell): Shell => ({
  walls,
  wallFinish,
  trimFinish,
  floorFinish,
});

/** What a wall is finished with: in its own way, or as the others are. */
export const finishOfWall = (room: Pick<Room, 'walls' | 'wallFinish'>, wallId: string): Finish =>
  room.walls.find((wall) => wall.id === wallId)?.finish ?? room.wallFinish;

/** The room, what is built into it and the things of the stash, as a look works on them. Furniture is arranged beside it. */
export function builtAfter(file: RoomFile, look: Look): RoomFile {
  if (worksToDo(look).length === 0) return file;
  return {
    ...file,
    room: { ...file.room, ...shellAfter(file.room, look) },
    fittings: fittingsAfter(file.fittings, look),
    items: itemsAfter(file.items, look),
    pieces: piecesAfter(file.pieces, look),
  };
}
