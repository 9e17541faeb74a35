import type { Mm } from '../../base/units';
import type { Piece } from '../../model/types';
import type { Shape } from '../../room/shape';
import { bedBody } from './furniture';
import { box, firstColour, secondColour, shape } from './shapes';

/** How thick boards are at the head and the foot of a bed: they stand at the ends of the mattress. */
const BOARD: Mm = 50;

/** A bed as it is seen from its side, its head on the left: boards, base and mattress. */
export function bedSideShapes(piece: Piece): Shape[] {
  const { depthMm, widthMm, colours, pattern, bed } = piece;
  const topMm = bed?.mattressMm ?? piece.heightMm;
  const part = (name: string, form: Shape['form'], [x, y, w, h]: [Mm, Mm, Mm, Mm], isCloth: boolean) =>
    shape({ about: piece.id, name: piece.name }, form, box(x, y, w, h), widthMm / 2 + (isCloth ? 2 : 0), {
      colours: isCloth ? firstColour(colours) : secondColour(colours),
      pattern: isCloth ? pattern : { kind: 'solid', repeatMm: 0 },
      soft: isCloth,
      fixed: true,
      stands: true,
      part: name,
    });
  const board = (name: string, x: Mm, highMm: Mm) =>
    highMm > 0 ? [part(name, 'box', [x, 0, BOARD, highMm], false)] : [];
  return [
    ...board('head', -BOARD, bed?.headboardMm ?? 0),
    ...board('foot', depthMm, bed?.footboardMm ?? 0),
    ...bedBody(piece, topMm).map(({ name, from, to }) =>
      part(name, 'cushion', [0, from, depthMm, to - from], true),
    ),
  ];
}
