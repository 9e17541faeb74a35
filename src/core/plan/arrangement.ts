import type { Finding } from '../model/finding';
import type { Item, Look, Piece, Room } from '../model/types';
import { standsOnFloor } from '../room/arrange';
import { placeOnWall, type OnWall } from '../room/place';
import { HEIGHT_PLAY, overheadOver, pastWallsMm, WALL_PLAY } from '../room/standsIn';
import type { Wall } from '../room/walls';
import type { FittingStep } from './fittingStep';

type Arranged = {
  look: Pick<Look, 'moved' | 'brought'>;
  /** The furniture as the look arranges it. */
  pieces: readonly Piece[];
  room: Room;
  items: ReadonlyMap<string, Item>;
};

/**
 * Furniture of one look that can't stand so: past a wall, under a ceiling that is too low, or of a kind that doesn't stand
 * on the floor. Nothing is refused for it, since the room or the thing may have changed after it was put there.
 */
export function judgeArrangement({ look, pieces, room, items }: Arranged): Finding[] {
  const ids = new Set([...look.moved, ...look.brought].map((row) => row.id));
  return [
    ...pieces.filter((p) => ids.has(p.id)).flatMap((piece) => judgeStanding(piece, room)),
    ...look.brought.flatMap((row): Finding[] => {
      const item = items.get(row.itemId);
      if (!item || standsOnFloor(item.kind)) return [];
      return [
        { code: 'not-for-floor', level: 'stop', stage: 'measure', about: [row.id], by: { thing: item.name } },
      ];
    }),
  ];
}

function judgeStanding(piece: Piece, room: Room): Finding[] {
  const told = { level: 'stop', stage: 'measure', about: [piece.id] } as const;
  const byMm = pastWallsMm(piece, room, WALL_PLAY);
  const overMm = piece.bottomMm + piece.heightMm - overheadOver(piece, room);
  const found: Finding[] = [];
  if (byMm > 0) found.push({ code: 'stands-past-wall', ...told, by: { piece: piece.name, byMm } });
  if (overMm > HEIGHT_PLAY)
    found.push({ code: 'taller-than-ceiling', ...told, by: { piece: piece.name, byMm: overMm } });
  return found;
}

type Standing = Pick<Arranged, 'look' | 'pieces'> & {
  /** The room's own furniture, where it was measured. */
  measured: readonly Piece[];
  walls: readonly Wall[];
  places: ReadonlyMap<string, OnWall>;
};

/** What is moved, turned, carried out and brought in before anything else is done in the room. */
export function arrangementSteps({ look, pieces, measured, walls, places }: Standing): FittingStep[] {
  const outs = new Set(look.moved.filter((m) => m.isOut).map((m) => m.id));
  const moves = new Set(look.moved.filter((m) => !m.isOut).map((m) => m.id));
  const brought = new Set(look.brought.map((row) => row.id));
  const step = (act: FloorAct, { id, name }: Piece, { wallId, xMm, nearMm }: OnWall): FittingStep => ({
    kind: 'floor',
    about: id,
    name,
    wallId,
    marks: [],
    finishedMm: [],
    count: 1,
    floor: { act, alongMm: xMm, fromWallMm: nearMm },
  });
  const standing = (act: FloorAct, ids: ReadonlySet<string>) =>
    pieces.flatMap((piece) => {
      const place = places.get(piece.id);
      return ids.has(piece.id) && place ? [step(act, piece, place)] : [];
    });
  return [
    ...measured.filter((p) => outs.has(p.id)).map((piece) => step('out', piece, placeOnWall(piece, walls))),
    ...standing('moved', moves),
    ...standing('in', brought),
  ];
}

type FloorAct = NonNullable<FittingStep['floor']>['act'];
