import { first } from '../../core/base/list';
import { inches, type Mm } from '../../core/base/units';
import { HANGING, newItem, PIECE } from '../../core/model/defaults';
import type { Hanging, Item, Piece, RoomFile } from '../../core/model/types';
import { quickRoom } from '../shell/quickRoom';

export type Under = 'sofa' | 'chest' | 'bed';
export type Over = Under | 'none';
/** The piece that the picture hangs over. */
export const UNDER = 'quick-piece';
const grey = [{ l: 62, a: 2, b: 9, share: 1 }];

/** Usual sizes of what a picture hangs over. */
export const USUAL: Record<Under, { widthMm: number; depthMm: number; heightMm: number }> = {
  sofa: { widthMm: inches(84), depthMm: inches(36), heightMm: inches(34) },
  chest: { widthMm: inches(48), depthMm: inches(18), heightMm: inches(32) },
  bed: { widthMm: inches(60), depthMm: inches(82), heightMm: inches(46) },
};

type UnderPicture = { kind: Under; name: string; topMm: Mm; widthMm: Mm };

/** A piece under a picture, in the middle of its wall. */
export function pieceUnder({ kind, name, topMm, widthMm }: UnderPicture, wallMm: Mm): Piece {
  const { depthMm } = USUAL[kind];
  const seat =
    kind === 'sofa'
      ? {
          widthMm: widthMm * 0.84,
          heightMm: Math.min(inches(18), topMm),
          depthMm: inches(22),
          seats: 3,
          wantedSitters: 0,
          armHeightMm: 0,
          looseCushions: 0,
        }
      : null;
  return {
    ...PIECE,
    id: UNDER,
    name,
    kind,
    xMm: wallMm / 2,
    yMm: depthMm / 2 + inches(1),
    turnDeg: 0,
    widthMm,
    depthMm,
    heightMm: topMm,
    bottomMm: 0,
    seat,
    colours: grey,
    pattern: { kind: 'solid', repeatMm: 0 },
  };
}

/** A picture over a sofa, to begin with. */
export function beginPicture(names: { room: string; picture: string; sofa: string }): RoomFile {
  const wallMm = inches(150);
  const file = quickRoom(names.room, wallMm);
  const item: Item = newItem({
    id: `quick-${file.room.id}`,
    name: names.picture,
    kind: 'art',
    widthMm: inches(54),
    heightMm: inches(30),
    colours: [
      { l: 78, a: -3, b: -6, share: 0.7 },
      { l: 45, a: 0, b: 2, share: 0.3 },
    ],
    pattern: { kind: 'motif', repeatMm: 400 },
    texture: 'hard',
    massG: 5000,
    glazed: true,
    washable: false,
  });
  const hanging: Hanging = {
    ...HANGING,
    id: 'quick-hanging',
    itemId: item.id,
    wallId: first(file.room.walls).id,
    overPieceId: UNDER,
    hanger: {
      kind: 'wire',
      hooks: 2,
      ringDropMm: inches(6),
      ringsApartMm: inches(44),
      wireMm: inches(46),
      hooksApartMm: null,
    },
  };
  return {
    ...file,
    items: [item],
    pieces: [pieceUnder({ kind: 'sofa', name: names.sofa, topMm: inches(34), widthMm: inches(84) }, wallMm)],
    looks: [{ ...first(file.looks), hangings: [hanging] }],
  };
}
