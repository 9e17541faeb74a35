import type { Mm } from '../base/units';
import type { Anchor, Cloth, CutPiece, CutPlan } from '../packing/cut/cloth';
import { planCuts, USUAL_BUDGET, type CutBudget } from '../packing/cut/planCuts';

/** How a cover is closed: one back slipped over the other, or a zip in a seam. */
export type Closure = 'envelope' | 'zip';

/** A cover that is wanted, by its finished size. */
export type WantedCover = {
  id: string;
  widthMm: Mm;
  heightMm: Mm;
  closure: Closure;
  /** Where the pattern has to lie on its front; with both borders it is two halves with a seam down its middle. */
  front: Anchor | { kind: 'bothBorders' };
  /** Whether its back is cut from plain cloth, to save the good one. */
  hasPlainBack: boolean;
  /** Whether the good and the plain cloth have no direction, so that pieces may be turned. */
  mayTurn: boolean;
};
/** What is added on each side for a seam, and what the two halves of an envelope back share. */
export type Allowance = { seamMm: Mm; overlapMm: Mm };

/** The pieces of some covers: what is cut from the good cloth, and what from the plain one. */
export type CoverPieces = { good: CutPiece[]; plain: CutPiece[] };

/**
 * The pieces to cut for some covers (common practice): each side finished size and two seams; an envelope's back longer by
 * what its halves share. A back follows no motif, but keeps the grain.
 */
export function coverPieces(wanted: readonly WantedCover[], { seamMm, overlapMm }: Allowance): CoverPieces {
  const pieces: CoverPieces = { good: [], plain: [] };
  for (const cover of wanted) {
    const widthMm = cover.widthMm + 2 * seamMm;
    const heightMm = cover.heightMm + 2 * seamMm;
    const overMm = cover.closure === 'envelope' ? overlapMm : 0;
    const { mayTurn } = cover;
    pieces.good.push(...frontOf(cover, { widthMm, heightMm, seamMm }));
    const back: CutPiece = {
      id: `${cover.id} back`,
      widthMm,
      heightMm: heightMm + overMm,
      mayTurn,
      anchor: { kind: 'anywhere' },
    };
    (cover.hasPlainBack ? pieces.plain : pieces.good).push(back);
  }
  return pieces;
}

/** The front as it is cut: in one, or in two halves whose outer sides lie on the cloth's borders (common practice). */
function frontOf(
  { id, widthMm: finishedMm, front, mayTurn }: WantedCover,
  { widthMm, heightMm, seamMm }: { widthMm: Mm; heightMm: Mm; seamMm: Mm },
): CutPiece[] {
  if (front.kind !== 'bothBorders') return [{ id: `${id} front`, widthMm, heightMm, mayTurn, anchor: front }];
  return (['left', 'right'] as const).map((side) => ({
    id: `${id} ${side}`,
    widthMm: finishedMm / 2 + 2 * seamMm,
    heightMm,
    mayTurn,
    anchor: { kind: 'border', side },
  }));
}

export type MostCovers = { count: number; plan: CutPlan };

/**
 * How many covers of one kind a cloth yields, and how they are cut. It stops where one more would need more cloth than there
 * is, or where no place is found for it.
 */
export function mostCovers(
  cover: Omit<WantedCover, 'id'>,
  cloth: Cloth & { lengthMm: Mm },
  allowance: Allowance,
  budget: CutBudget = USUAL_BUDGET,
): MostCovers {
  const piecesFor = (count: number) =>
    coverPieces(
      Array.from({ length: count }, (_, i) => ({ ...cover, id: String(i + 1) })),
      allowance,
    ).good;
  const areaOf = (pieces: readonly CutPiece[]) => pieces.reduce((n, p) => n + p.widthMm * p.heightMm, 0);
  const most = Math.floor((cloth.widthMm * cloth.lengthMm) / areaOf(piecesFor(1)));
  let best: MostCovers = { count: 0, plan: planCuts([], cloth, budget) };
  for (let count = 1; count <= most; count++) {
    const plan = planCuts(piecesFor(count), cloth, budget);
    if (plan.unplaced.length > 0) break;
    best = { count, plan };
  }
  return best;
}
