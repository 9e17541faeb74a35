import type { Mm } from '../../base/units';
import type { Hanger, Item } from '../../model/types';
import type { RuleBook } from '../../rules/book';

export type NailPlan = {
  /** From the frame's top down to where the hook holds. */
  dropMm: Mm;
  /** Nail places from the frame's centre, left to right. */
  offsetsMm: readonly Mm[];
  problem?: 'hook-above-frame' | 'nail-below-frame' | 'wire-too-short' | 'hooks-too-wide';
};

/**
 * How far a wire of length ℓ between rings a apart rises to hooks s apart (s = 0 for one hook):
 * √(((ℓ − s)/2)² − ((a − s)/2)²), plane geometry. NaN when the wire cannot reach.
 */
export const wireRise = (wireMm: Mm, ringsApartMm: Mm, hooksApartMm: Mm): Mm =>
  Math.sqrt(((wireMm - hooksApartMm) / 2) ** 2 - ((ringsApartMm - hooksApartMm) / 2) ** 2);

/** Spacing of two hooks: the middle of the rule's share of the frame's width, but inside the rings. */
export function hooksApart(hanger: Extract<Hanger, { kind: 'wire' }>, frameWidthMm: Mm, rules: RuleBook): Mm {
  if (hanger.hooks === 1) return 0;
  const [low, high] = rules.range('walls.hookSpread');
  return hanger.hooksApartMm ?? Math.min(((low + high) / 2) * frameWidthMm, hanger.ringsApartMm * 0.9);
}

type Frame = Pick<Item, 'widthMm' | 'heightMm'>;

/** Where the nails go on the frame, by its hanger; a hanger that can't be as it is typed is named. */
export function planNails(frame: Frame, hanger: Hanger, rules: RuleBook): NailPlan {
  const nails = nailsOn(frame, hanger, rules);
  return !nails.problem && nails.dropMm > frame.heightMm ? { ...nails, problem: 'nail-below-frame' } : nails;
}

function nailsOn(item: Frame, hanger: Hanger, rules: RuleBook): NailPlan {
  switch (hanger.kind) {
    case 'sawtooth':
      return { dropMm: hanger.dropMm, offsetsMm: [0] };
    case 'dRings':
      return {
        dropMm: hanger.dropMm,
        offsetsMm: [-hanger.ringsApartMm / 2, hanger.ringsApartMm / 2],
        ...(hanger.ringsApartMm > item.widthMm ? { problem: 'hooks-too-wide' as const } : {}),
      };
    // a cleat is one long hook, fixed at both its ends
    case 'cleat':
      return {
        dropMm: hanger.dropMm,
        offsetsMm: [-hanger.widthMm / 2, hanger.widthMm / 2],
        ...(hanger.widthMm > item.widthMm ? { problem: 'hooks-too-wide' as const } : {}),
      };
    case 'wire': {
      const apart = hooksApart(hanger, item.widthMm, rules);
      const offsetsMm = hanger.hooks === 1 ? [0] : [-apart / 2, apart / 2];
      const hooksPastRings = apart >= hanger.ringsApartMm && hanger.hooks === 2;
      if (hooksPastRings || hanger.ringsApartMm > item.widthMm)
        return { dropMm: hanger.ringDropMm, offsetsMm, problem: 'hooks-too-wide' };
      if (hanger.wireMm < hanger.ringsApartMm)
        return { dropMm: hanger.ringDropMm, offsetsMm, problem: 'wire-too-short' };
      const dropMm = hanger.ringDropMm - wireRise(hanger.wireMm, hanger.ringsApartMm, apart);
      return { dropMm, offsetsMm, ...(dropMm < 0 ? { problem: 'hook-above-frame' as const } : {}) };
    }
  }
}
