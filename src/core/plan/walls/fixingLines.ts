import type { Gram, Mm } from '../../base/units';
import type { Hanger, Hanging, Room } from '../../model/types';
import type { BuyLine } from '../../stash/buying';
import { ANCHORS } from '../../stages/walls/fixing';
import type { HangingPlan } from '../../stages/walls/planHanging';
import type { Shelf } from './wallShelves';

type Fixed = {
  hangings: readonly HangingPlan[];
  hung: readonly Hanging[];
  shelves: readonly Shelf[];
  shelfNames: ReadonlyMap<string, string>;
  wallsOf: Room['wallsOf'];
};

const line = (kind: BuyLine['kind'], name: string, count: number, more: Partial<BuyLine> = {}): BuyLine => ({
  kind,
  name,
  count,
  widthMm: null,
  heightMm: null,
  cost: null,
  need: count,
  have: 0,
  ...more,
});

/** Hooks by their class, hangers, shelf brackets by their load, and what goes into the wall, counted over the look. */
export function fixingLines({ hangings, hung, shelves, shelfNames, wallsOf }: Fixed): BuyLine[] {
  const fixed = hangings.filter((h) => h.nails.length > 0);
  const anchors =
    fixed.reduce((sum, h) => sum + h.fixing.anchors, 0) +
    shelves.reduce((sum, shelf) => sum + shelf.brackets.length, 0);
  return [
    ...hookLines(fixed),
    ...hangerLines(hung.filter((h) => fixed.some((p) => p.hangingId === h.id))),
    ...shelves.map((shelf) =>
      line('shelfBrackets', shelfNames.get(shelf.fittingId) ?? '', shelf.brackets.length, {
        ratedG: shelf.mostG,
      }),
    ),
    ...(anchors > 0 ? [line('anchors', ANCHORS[wallsOf], anchors)] : []),
  ];
}

/** A line a class; a class that rests on a guessed weight has one of its own. Cleats need no hooks. */
function hookLines(fixed: readonly HangingPlan[]): BuyLine[] {
  const counts = new Map<string, { ratedG: Gram; guessed: boolean; count: number }>();
  for (const { fixing, massGuessedBy } of fixed) {
    if (fixing.hookClassG === null || fixing.hanger === 'cleat') continue;
    const guessed = massGuessedBy !== null;
    const key = `${fixing.hookClassG}/${guessed}`;
    const count = (counts.get(key)?.count ?? 0) + fixing.hooks;
    counts.set(key, { ratedG: fixing.hookClassG, guessed, count });
  }
  return [...counts.values()]
    .sort((a, b) => a.ratedG - b.ratedG || Number(a.guessed) - Number(b.guessed))
    .map(({ ratedG, guessed, count }) =>
      line('pictureHooks', guessed ? 'guessed' : 'weighed', count, { ratedG }),
    );
}

/** What is on the frames, a line a kind; wire by its length in all, cleats each by their width. */
function hangerLines(hung: readonly Hanging[]): BuyLine[] {
  const of = <K extends Hanger['kind']>(kind: K) =>
    hung
      .map(({ hanger }) => hanger)
      .filter((hanger): hanger is Extract<Hanger, { kind: K }> => hanger.kind === kind);
  const wires = of('wire');
  const cleats = new Map<Mm, number>();
  for (const { widthMm } of of('cleat')) cleats.set(widthMm, (cleats.get(widthMm) ?? 0) + 1);
  const counted = (kind: 'sawtooth' | 'dRings', each: number): BuyLine[] => {
    const count = of(kind).length * each;
    return count > 0 ? [line('hangers', kind, count)] : [];
  };
  const wireMm = wires.reduce((sum, wire) => sum + wire.wireMm, 0);
  return [
    ...counted('sawtooth', 1),
    ...counted('dRings', 2),
    ...(wires.length > 0 ? [line('hangers', 'wire', 1, { widthMm: wireMm })] : []),
    ...[...cleats].map(([widthMm, count]) => line('hangers', 'cleat', count, { widthMm })),
  ];
}
