import type { Fitting, Item, Look } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import type { HangingPlan } from '../../stages/walls/planHanging';
import { marker, type FittingStep } from '../fittingStep';
import type { Shelf } from './wallShelves';

/** Where a shelf's brackets go, under the board, and what each carries. */
export function shelfSteps(
  shelves: readonly Shelf[],
  fittings: readonly Fitting[],
  rules: RuleBook,
): FittingStep[] {
  const mark = marker(rules);
  return shelves.flatMap((shelf): FittingStep[] => {
    const fitting = fittings.find((f) => f.id === shelf.fittingId);
    if (!fitting) return [];
    return [
      {
        kind: 'shelf',
        about: fitting.id,
        name: fitting.name,
        wallId: fitting.wallId,
        finishedMm: [],
        count: shelf.brackets.length,
        bracketG: shelf.mostG,
        marks: shelf.brackets.map(({ xMm }) => mark('shelfBracket', { xMm, heightMm: fitting.bottomMm })),
      },
    ];
  });
}

/** Where the nails go and what holds, with the frame's top and middle to check by. */
export function pictureSteps(hangings: readonly HangingPlan[], rules: RuleBook): FittingStep[] {
  const mark = marker(rules);
  return hangings.map((h): FittingStep => {
    const step = { kind: 'picture', about: h.hangingId, name: h.name, wallId: h.wallId } as const;
    // what leans has no nails; its top is held to the wall
    if (h.leans)
      return {
        ...step,
        finishedMm: [],
        count: 1,
        footMm: h.footMm,
        marks: [mark('leanTop', { xMm: h.xMm, heightMm: h.topMm })],
      };
    return {
      ...step,
      finishedMm: [],
      count: h.nails.length,
      fixing: h.fixing,
      massGuessed: h.massGuessedBy !== null,
      twoPoints: h.twoPoints,
      marks: [
        ...h.nails.map((nail) => mark('nail', { xMm: nail.xMm, heightMm: nail.heightMm })),
        mark('frameTop', { xMm: h.xMm, heightMm: h.topMm }),
        mark('frameCentre', { xMm: h.xMm, heightMm: h.centreMm }),
      ],
    };
  });
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
