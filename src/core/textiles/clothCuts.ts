import { elementAt } from '../base/list';
import { sum, type Mm } from '../base/units';
import type { Box } from '../geometry/plane';
import type { Item } from '../model/types';
import type { Cloth, Cut, CutPlan } from '../packing/cut/cloth';
import { leftovers } from '../packing/cut/leftovers';
import { planCuts, USUAL_BUDGET, type CutBudget } from '../packing/cut/planCuts';
import type { RuleBook } from '../rules/book';
import { coverPieces, mostCovers, type Allowance, type WantedCover } from './coverCuts';

export type ClothMarks = NonNullable<Item['cloth']>;
export type CoverToCut = ClothMarks['covers'][number];
/** A cloth that is cut: its size, its pattern, and what was marked on it. */
export type CutCloth = Pick<Item, 'widthMm' | 'heightMm' | 'pattern' | 'cloth'>;

/** A cloth on which nothing was marked yet. */
export const UNMARKED: ClothMarks = {
  motifs: [],
  leftBorderMm: 0,
  rightBorderMm: 0,
  flaws: [],
  hasGrain: true,
  corners: null,
  covers: [],
};

export const CUT_PARTS = ['front', 'left', 'right', 'back'] as const;
/** What a piece is of a cover: its front, a half of that, its back. */
export type CutPart = (typeof CUT_PARTS)[number];
/** A piece on a cloth, by the number that is on its paper and on the plan. */
export type NumberedCut = Cut & { number: number; coverId: string; part: CutPart };
/** What is left of the cloth, by letter, the largest first. */
export type Leftover = Box & { name: string };
export type Cutting = {
  cuts: NumberedCut[];
  /** Covers whose pieces have no place, with how many of them. */
  missing: { coverId: string; count: number }[];
  /** How much of the cloth's length is used, and which share of that stretch is in pieces. */
  lengthMm: Mm;
  usedShare: number;
  /** The length that all pieces would take; null where no length is enough. */
  neededMm: Mm | null;
  leftovers: Leftover[];
  /** Backs that are cut from plain cloth: how many, and the length of it that they take. */
  plain: { count: number; lengthMm: Mm };
};

const MOST_LEFTOVERS = 6;
const LETTERS = 'ABCDEF';

/**
 * How covers are cut from a cloth: each piece where its pattern lies right, along the grain, on as little of the cloth as can
 * be; what is left, and what plain cloth the backs take. Lengths in mm.
 */
export function cuttingOf(item: CutCloth, rules: RuleBook, budget: CutBudget = USUAL_BUDGET): Cutting {
  const marks = item.cloth ?? UNMARKED;
  const cloth = clothOf(item);
  const wanted = marks.covers.flatMap((cover) => wantedOf(cover, item));
  const pieces = coverPieces(wanted, allowanceOf(rules));
  const plan = planCuts(pieces.good, cloth, budget);
  const isWhole = plan.unplaced.length === 0;
  const endless = isWhole ? plan : planCuts(pieces.good, { ...cloth, lengthMm: null }, budget);
  const plain = planCuts(
    pieces.plain,
    { widthMm: rules.number('cutting.plainWidth'), lengthMm: null, flaws: [] },
    budget,
  );
  return {
    cuts: numbered(plan),
    missing: missingOf(plan, marks.covers),
    lengthMm: plan.lengthMm,
    usedShare: plan.usedShare,
    neededMm: endless.unplaced.length === 0 ? endless.lengthMm : null,
    leftovers: leftoversOf(plan, cloth, rules),
    plain: { count: pieces.plain.length, lengthMm: plain.lengthMm },
  };
}

const clothOf = ({ widthMm, heightMm, cloth }: CutCloth): Cloth & { lengthMm: Mm } => ({
  widthMm,
  lengthMm: heightMm,
  flaws: cloth?.flaws ?? [],
});

const allowanceOf = (rules: RuleBook): Allowance => ({
  seamMm: rules.number('cutting.seam'),
  overlapMm: rules.number('cutting.overlap'),
});

/** Between the id of a cover and which of its copies it is. */
const COPY = '·';

const wantedOf = (cover: CoverToCut, item: CutCloth): WantedCover[] =>
  Array.from({ length: cover.count }, (_, i) => ({
    ...kindOf(cover, item),
    id: `${cover.id}${COPY}${i + 1}`,
  }));

const kindOf = (
  { widthMm, heightMm, closure, front, hasPlainBack }: CoverToCut,
  item: CutCloth,
): Omit<WantedCover, 'id'> => ({
  widthMm,
  heightMm,
  closure,
  hasPlainBack,
  front: anchorOf(front, item),
  mayTurn: !(item.cloth ?? UNMARKED).hasGrain,
});

/** Where a front may lie. A repeat is counted from the first motif, or from the middle of the first repeat. */
function anchorOf(front: CoverToCut['front'], { pattern, cloth }: CutCloth): WantedCover['front'] {
  if (front === 'bothBorders') return { kind: 'bothBorders' };
  const marks = cloth ?? UNMARKED;
  if (front === 'motif') return { kind: 'motifs', middles: marks.motifs };
  if (front === 'leftBorder') return { kind: 'border', side: 'left' };
  if (front === 'rightBorder') return { kind: 'border', side: 'right' };
  const { repeatMm } = pattern;
  if (front === 'anywhere' || repeatMm <= 0) return { kind: 'anywhere' };
  const middle = marks.motifs[0] ?? { xMm: repeatMm / 2, yMm: repeatMm / 2 };
  return { kind: 'repeat', acrossMm: repeatMm, alongMm: repeatMm, middle };
}

/** Pieces in the order in which one cuts: from the upper end, from the left. */
function numbered(plan: CutPlan): NumberedCut[] {
  return [...plan.cuts]
    .sort((a, b) => a.yMm - b.yMm || a.xMm - b.xMm)
    .map((cut, i) => ({ ...cut, number: i + 1, ...ownerOf(cut.id) }));
}

function ownerOf(id: string): Pick<NumberedCut, 'coverId' | 'part'> {
  const part = CUT_PARTS.find((one) => id.endsWith(` ${one}`)) ?? 'front';
  return { coverId: elementAt(id.split(COPY), 0), part };
}

/** A cover misses one as soon as one of its pieces has no place. */
function missingOf(plan: CutPlan, covers: readonly CoverToCut[]): Cutting['missing'] {
  const without = new Set(plan.unplaced.map((id) => id.replace(/ (?:front|left|right|back)$/, '')));
  return covers.flatMap(({ id }) => {
    const count = [...without].filter((copy) => ownerOf(copy).coverId === id).length;
    return count > 0 ? [{ coverId: id, count }] : [];
  });
}

const leftoversOf = (plan: CutPlan, cloth: Cloth, rules: RuleBook): Leftover[] =>
  leftovers(plan, cloth, { leastMm: rules.number('cutting.leastScrap'), most: MOST_LEFTOVERS }).map(
    (box, i) => ({
      ...box,
      name: LETTERS.charAt(i),
    }),
  );

/** How many covers of one kind the whole cloth yields. */
export const mostOf = (
  cover: CoverToCut,
  item: CutCloth,
  rules: RuleBook,
  budget: CutBudget = USUAL_BUDGET,
): number => mostCovers(kindOf(cover, item), clothOf(item), allowanceOf(rules), budget).count;

/** How many pieces the covers of a cloth come to. */
export const piecesWanted = ({ covers }: ClothMarks): number =>
  sum(covers.map(({ count, front, hasPlainBack }) => count * (frontPieces(front) + (hasPlainBack ? 0 : 1))));

const frontPieces = (front: CoverToCut['front']): number => (front === 'bothBorders' ? 2 : 1);
