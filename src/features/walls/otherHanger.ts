import { inches } from '../../core/base/units';
import type { Hanger, Item } from '../../core/model/types';

export const HANGERS = ['wire1', 'wire2', 'sawtooth', 'dRings', 'cleat'] as const;
export type HangerChoice = (typeof HANGERS)[number];

/** A hanger by its name in the list: a wire on one hook and a wire on two are two of them. */
export function choiceOf(hanger: Hanger): HangerChoice {
  if (hanger.kind !== 'wire') return hanger.kind;
  return hanger.hooks === 1 ? 'wire1' : 'wire2';
}

/** A hanger of another kind for the same frame, with usual measures. */
export function otherHanger(kind: HangerChoice, item: Item, previous: Hanger): Hanger {
  const ringDropMm = Math.min(item.heightMm / 3, inches(6));
  const apart = item.widthMm * 0.8;
  switch (kind) {
    case 'wire1':
    case 'wire2':
      return previous.kind === 'wire'
        ? { ...previous, hooks: kind === 'wire1' ? 1 : 2 }
        : {
            kind: 'wire',
            hooks: kind === 'wire1' ? 1 : 2,
            ringDropMm,
            ringsApartMm: apart,
            wireMm: apart * 1.05,
            hooksApartMm: null,
          };
    case 'sawtooth':
      return { kind: 'sawtooth', dropMm: inches(0.75) };
    case 'cleat':
      return { kind: 'cleat', dropMm: inches(2), widthMm: item.widthMm * 0.6 };
    case 'dRings':
      return {
        kind: 'dRings',
        dropMm: previous.kind === 'wire' ? previous.ringDropMm : ringDropMm,
        ringsApartMm: apart,
      };
  }
}
