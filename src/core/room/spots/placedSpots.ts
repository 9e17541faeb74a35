import type { Mm } from '../../base/units';
import type { ItemKind, Lie } from '../../model/types';
import type { PlacedThing } from '../placedThing';
import type { PartKind } from './parts';
import type { Spot } from './spot';

/** A part of a thing that carries others: how far in from its sides, how high in it, and how much is free above. */
type Carrying = {
  part: string;
  kind: PartKind;
  /** Share of the thing's height at which its contents stand. */
  atShare: number;
  rimMm: Mm;
  /** Whether what is in it must not be taller than it. */
  isClosed: boolean;
  /** Only as the thing lies so. */
  lies?: readonly Lie[];
};

const RIM: Mm = 10;
const ON_TOP = { part: 'top', kind: 'top', atShare: 1, rimMm: 0, isClosed: false } as const;
const IN_IT = { part: 'inside', kind: 'inside', atShare: 0, rimMm: RIM, isClosed: false } as const;

/** The parts of things that carry others. A kind that carries nothing has no row. */
const CARRIES: Partial<Record<ItemKind, readonly Carrying[]>> = {
  tray: [{ ...ON_TOP, atShare: 0, rimMm: RIM, lies: ['standing'] }],
  book: [{ ...ON_TOP, lies: ['flat'] }],
  object: [{ ...ON_TOP, lies: ['standing', 'side', 'overturned'] }],
  vase: [{ ...IN_IT, part: 'mouth', kind: 'mouth', lies: ['standing'] }],
  basket: [{ ...IN_IT, lies: ['standing'] }],
  bowl: [
    { ...IN_IT, lies: ['standing'] },
    { ...ON_TOP, lies: ['overturned'] },
  ],
  pot: [{ ...IN_IT, lies: ['standing'] }],
  dome: [{ ...IN_IT, isClosed: true, lies: ['standing'] }],
  lantern: [{ ...IN_IT, isClosed: true, lies: ['standing'] }],
  candlestick: [
    { part: 'socket', kind: 'socket', atShare: 1, rimMm: 0, isClosed: false, lies: ['standing'] },
  ],
  lampBase: [
    { part: 'shade', kind: 'shade', atShare: 0.75, rimMm: 0, isClosed: false, lies: ['standing'] },
    { part: 'bulb', kind: 'holder', atShare: 1, rimMm: 0, isClosed: false, lies: ['standing'] },
  ],
};

/** What can be put on or in a placed thing, as it lies. */
export function spotsOfPlaced({ placement, item, on, at }: PlacedThing): Spot[] {
  const carrying = (CARRIES[item.kind] ?? []).filter(({ lies }) => !lies || lies.includes(placement.lie));
  return carrying.map(({ part, kind, atShare, rimMm, isClosed }) => {
    const inMm = Math.min(rimMm, at.widthMm / 4, at.depthMm / 4);
    const insideMm = at.heightMm * (1 - atShare) - 2 * inMm;
    return {
      of: placement.id,
      part,
      kind,
      name: item.name,
      partsOfKind: 1,
      root: on.id,
      middle: { xMm: at.xMm, yMm: at.yMm },
      turnDeg: at.turnDeg,
      zMm: at.zMm + at.heightMm * atShare + (atShare === 0 ? Math.min(inMm, at.heightMm) : 0),
      widthMm: at.widthMm - 2 * inMm,
      depthMm: at.depthMm - 2 * inMm,
      round: item.round,
      clearMm: isClosed ? Math.max(0, insideMm) : null,
    };
  });
}
