import type { Mm } from '../../../core/base/units';
import { OPENING } from '../../../core/model/defaults';
import type { Opening, RoomFile } from '../../../core/model/types';
import { checkOpening } from '../../../core/stages/measure/check';
import { onWall } from './onWall';
import type { NewThing } from './newThing';
import { size, type Usual } from './usual';

/** Usual widths of openings, in inches and centimetres. */
const USUAL_WIDTHS: Record<Opening['kind'], Usual> = {
  window: [40, 110],
  frenchDoor: [60, 150],
  door: [32, 85],
  arch: [32, 85],
};

/** How an opening of a kind usually moves. */
function usualMove(kind: Opening['kind'], s: (...u: Usual) => Mm): Partial<Opening> {
  if (kind === 'window') return { opens: 'sash', revealMm: s(4, 10), sillDepthMm: s(3, 8) };
  if (kind === 'arch') return {};
  return { opens: 'in', hinge: kind === 'door' ? 'left' : 'both', handleMm: s(2.5, 6) };
}

/** A new opening where the wall has room; undefined when it has none. */
export function newOpening(
  kind: Opening['kind'],
  { id, name, wallId }: NewThing,
  file: RoomFile,
): Opening | undefined {
  const { unit, ceilingMm } = file.room;
  const s = (...u: Usual) => size(unit, u);
  const door = kind !== 'window';
  const sillMm = door ? 0 : Math.min(s(32, 85), ceilingMm * 0.35);
  const opening: Opening = {
    ...OPENING,
    id,
    name,
    kind,
    wallId,
    xMm: 0,
    widthMm: s(...USUAL_WIDTHS[kind]),
    sillMm,
    heightMm: Math.min(door ? s(80, 205) : s(48, 120), ceilingMm - sillMm - s(2, 5)),
    trimMm: kind === 'arch' ? 0 : s(3, 7),
    dropsMm: null,
    ...usualMove(kind, s),
  };
  // under a slope a lower one may still fit
  for (const share of [1, 0.85, 0.7]) {
    const found = onWall({ ...opening, heightMm: opening.heightMm * share }, file, (o) =>
      checkOpening(o, file).some((i) => i.level === 'refuse'),
    );
    if (found) return found;
  }
  return undefined;
}
