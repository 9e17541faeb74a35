import type { Mm } from '../../core/base/units';
import type { Change } from '../../core/model/change';
import type { Fitting, Opening, Piece, RoomFile } from '../../core/model/types';

/** What can be picked while measuring. */
export type Thing =
  { kind: 'opening'; thing: Opening } | { kind: 'fitting'; thing: Fitting } | { kind: 'piece'; thing: Piece };

export function findThing(file: RoomFile, id: string | null): Thing | null {
  const opening = file.openings.find((o) => o.id === id);
  if (opening) return { kind: 'opening', thing: opening };
  const fitting = file.fittings.find((f) => f.id === id);
  if (fitting) return { kind: 'fitting', thing: fitting };
  const piece = file.pieces.find((p) => p.id === id);
  return piece ? { kind: 'piece', thing: piece } : null;
}

/** The change that moves a thing: along and up the wall, or over the plan (dy up the sheet, to the north). */
export function moveOf(thing: Thing, dxMm: Mm, dyMm: Mm, onPlan: boolean): Change | null {
  switch (thing.kind) {
    case 'opening':
      return {
        do: 'putOpening',
        opening: {
          ...thing.thing,
          xMm: thing.thing.xMm + dxMm,
          sillMm: thing.thing.kind === 'window' ? Math.max(0, thing.thing.sillMm + dyMm) : thing.thing.sillMm,
        },
      };
    case 'fitting':
      return {
        do: 'putFitting',
        fitting: {
          ...thing.thing,
          xMm: thing.thing.xMm + dxMm,
          bottomMm: Math.max(0, thing.thing.bottomMm + dyMm),
        },
      };
    case 'piece':
      return onPlan
        ? {
            do: 'putPiece',
            piece: { ...thing.thing, xMm: thing.thing.xMm + dxMm, yMm: thing.thing.yMm - dyMm },
          }
        : null;
  }
}

export function removalOf(thing: Thing): Change {
  switch (thing.kind) {
    case 'opening':
      return { do: 'removeOpening', id: thing.thing.id };
    case 'fitting':
      return { do: 'removeFitting', id: thing.thing.id };
    case 'piece':
      return { do: 'removePiece', id: thing.thing.id };
  }
}

/** How many dressed or placed things go with a thing, over all looks. */
export const goesWith = (file: RoomFile, id: string): number =>
  file.looks.reduce(
    (n, l) =>
      n +
      l.dressings.filter((d) => d.openingId === id).length +
      l.placements.filter((p) => p.spot.of === id).length,
    0,
  );
