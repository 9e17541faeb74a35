import type { Item, Look } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import type { HangingPlan } from '../../stages/walls/planHanging';
import { marker, type FittingStep } from '../fittingStep';

/** Where the nails go, and the frame's top and middle to check by. */
export function pictureSteps(hangings: readonly HangingPlan[], rules: RuleBook): FittingStep[] {
  const mark = marker(rules);
  return hangings.map((h) => ({
    kind: 'picture',
    about: h.hangingId,
    name: h.name,
    wallId: h.wallId,
    finishedMm: [],
    count: h.nails.length,
    marks: [
      ...h.nails.map((nail) => mark('nail', { xMm: nail.xMm, heightMm: nail.heightMm })),
      mark('frameTop', { xMm: h.xMm, heightMm: h.topMm }),
      mark('frameCentre', { xMm: h.xMm, heightMm: h.centreMm }),
    ],
  }));
}

/** Frames and the prints in them, planned ones among them. */
export const usedPieces = (
  look: Pick<Look, 'hangings'>,
  items: ReadonlyMap<string, Item>,
): { item: Item; count: number }[] =>
  look.hangings
    .flatMap((h) => [h.itemId, h.print?.itemId])
    .flatMap((id) => {
      const item = items.get(id ?? '');
      return item ? [{ item, count: 1 }] : [];
    });
