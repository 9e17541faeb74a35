import { sum, type Gram, type Mm, type SquareMm } from '../../base/units';
import type { Work, WorkAct } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import type { CutPiece, CutPlan } from '../../packing/cut/cloth';
import { planCuts, type CutBudget } from '../../packing/cut/planCuts';
import { pullHoles, type PullHoles } from './pulls';
import type { Face, WorkTarget } from './target';

/** How much of a material a work takes. */
export type Amount =
  | { kind: 'litres'; areaMm2: SquareMm; coats: number; litres: number }
  | {
      kind: 'strips';
      count: number;
      stripMm: Mm;
      lengthMm: Mm;
      /** Whole rolls; null where it is sold by length, or no strip comes whole out of a roll. */
      rolls: number | null;
      /** What is cut off, as a share of what is bought. */
      wasteShare: number;
    }
  | {
      kind: 'sheet';
      widthMm: Mm;
      heightMm: Mm;
      count: number;
      /** Out of a material by the roll, where its width is known; undefined where a piece is wider than that. */
      cut: SheetsCut | null | undefined;
    }
  | { kind: 'dye'; massG: Gram; isGuessed: boolean }
  | { kind: 'pulls'; count: number; holes: PullHoles }
  /** A material whose width or holes nobody has said yet. */
  | { kind: 'open' }
  | { kind: 'none' };

/** Pieces cut out of a material by the roll: the length, whole rolls (null where it is sold by length), what is cut off. */
export type SheetsCut = { lengthMm: Mm; rolls: number | null; wasteShare: number };

type Measured = { work: Work; target: WorkTarget; rules: RuleBook };

/** What each act is counted in; what is not listed takes no material that has to be counted. */
const COUNTED: Partial<Record<WorkAct, (given: Measured) => Amount>> = {
  paint: litresOf,
  stain: litresOf,
  paper: stripsOf,
  film: cutFromRolls,
  cloth: cutFromRolls,
  wrap: wrapOf,
  recover: coverOf,
  dye: ({ target: { mass } }) =>
    mass ? { kind: 'dye', massG: mass.g, isGuessed: mass.isGuessed } : { kind: 'none' },
  pulls: ({ work, rules }) =>
    work.pulls
      ? { kind: 'pulls', count: work.pulls.count, holes: pullHoles(work.pulls, rules) }
      : { kind: 'open' },
};

/** How much a work takes, of what is there before it. Lengths in mm, paint in litres. */
export const amountOf = (given: Measured): Amount => COUNTED[given.work.act]?.(given) ?? { kind: 'none' };

/** The area that is worked on: as it was measured, or as it is worked out. */
export const workedArea = (work: Work, target: WorkTarget): SquareMm => work.areaMm2 ?? target.areaMm2;

/** The length that is cut from a roll; null where nothing is, or it is not known yet how. */
export const lengthTaken = (amount: Amount): Mm | null => {
  if (amount.kind === 'strips') return amount.lengthMm;
  return amount.kind === 'sheet' ? (amount.cut?.lengthMm ?? null) : null;
};

const MM2_PER_M2 = 1e6;

/** Area over what a litre covers, times the coats, and some to spare. */
function litresOf({ work, target, rules }: Measured): Amount {
  const areaMm2 = workedArea(work, target);
  const perCoat = areaMm2 / MM2_PER_M2 / rules.number('works.cover');
  const litres = perCoat * work.coats * (1 + rules.number('works.spare'));
  return { kind: 'litres', areaMm2, coats: work.coats, litres };
}

type Strip = NonNullable<Work['strip']>;
/** The material as it is sold, where its width is known; undefined where strips of it would never end. */
const soldOf = ({ work: { strip }, target }: Measured): Strip | undefined =>
  strip && strip.overlapMm < strip.widthMm && target.faces.length > 0 ? strip : undefined;

/** How many strips a face takes beside each other. */
const stripsAcross = (face: Face, { widthMm, overlapMm }: Strip): number =>
  Math.max(1, Math.ceil((face.widthMm - overlapMm) / (widthMm - overlapMm) - 1e-9));

/**
 * Whole strips from top to bottom beside each other, each a little longer than the face: their pattern goes on from one to
 * the next.
 */
function stripsOf(given: Measured): Amount {
  const { target, rules } = given;
  const strip = soldOf(given);
  if (!strip) return { kind: 'open' };
  const trimMm = rules.number('works.stripTrim');
  const cuts = target.faces.map((face) => ({
    count: stripsAcross(face, strip),
    mm: face.heightMm + 2 * trimMm,
  }));
  const stripMm = Math.max(...cuts.map(({ mm }) => mm));
  const count = sum(cuts.map((cut) => cut.count));
  const perRoll = strip.lengthMm === null ? 0 : Math.floor(strip.lengthMm / stripMm + 1e-9);
  const rolls = perRoll > 0 ? Math.ceil(count / perRoll) : null;
  const cutMm = sum(cuts.map((cut) => cut.count * cut.mm));
  const lengthMm = rolls === null ? cutMm : rolls * (strip.lengthMm ?? 0);
  const coveredMm2 = sum(target.faces.map((face) => face.widthMm * face.heightMm));
  const wasteShare = 1 - coveredMm2 / (lengthMm * strip.widthMm);
  return { kind: 'strips', count, stripMm, lengthMm, rolls, wasteShare };
}

/** More pieces than this are counted in whole strips; how long the search goes on for fewer. */
const MOST_CUT = 40;
const CUT_BUDGET: CutBudget = { exactUpTo: 4, tries: 40, seed: 1 };

/** Film and cloth without a pattern that goes on: narrow pieces are cut beside each other, out of as few rolls as can be. */
function cutFromRolls(given: Measured): Amount {
  const { target, rules } = given;
  const strip = soldOf(given);
  if (!strip) return { kind: 'open' };
  if (sum(target.faces.map((face) => stripsAcross(face, strip))) > MOST_CUT) return stripsOf(given);
  const pieces = target.faces.flatMap((face, i) => piecesOf(face, strip, { i, rules }));
  const stripMm = Math.max(...pieces.map((piece) => piece.heightMm));
  if (strip.lengthMm !== null && stripMm > strip.lengthMm) return stripsOf(given);
  const coveredMm2 = sum(target.faces.map((face) => face.widthMm * face.heightMm));
  return { kind: 'strips', count: pieces.length, stripMm, ...cutOut(pieces, strip, coveredMm2) };
}

/** What pieces take of a material that is sold so wide, of which so much is seen afterwards. */
function cutOut(pieces: readonly CutPiece[], strip: Strip, seenMm2: SquareMm): SheetsCut {
  const rolls = rollsFor(pieces, strip);
  const { lengthMm: rollMm } = strip;
  const lengthMm = rollMm === null ? sum(rolls.map((roll) => roll.lengthMm)) : rolls.length * rollMm;
  return {
    lengthMm,
    rolls: rollMm === null ? null : rolls.length,
    wasteShare: 1 - seenMm2 / (lengthMm * strip.widthMm),
  };
}

/** The pieces that cover a face: whole strips, and last what is left of it; each a little larger on all its outer sides. */
function piecesOf(face: Face, strip: Strip, { i, rules }: { i: number; rules: RuleBook }): CutPiece[] {
  const trimMm = rules.number('works.stripTrim');
  const count = stripsAcross(face, strip);
  const lastMm = face.widthMm - (count - 1) * (strip.widthMm - strip.overlapMm) + 2 * trimMm;
  return Array.from({ length: count }, (_, n) => ({
    id: `${i}.${n}`,
    widthMm: n + 1 < count ? strip.widthMm : Math.min(strip.widthMm, lastMm),
    heightMm: face.heightMm + 2 * trimMm,
    mayTurn: false,
    anchor: { kind: 'anywhere' },
  }));
}

/** How the pieces are cut: out of one length, or roll after roll, each as full as can be. */
function rollsFor(pieces: readonly CutPiece[], { widthMm, lengthMm }: Strip): CutPlan[] {
  const rolls: CutPlan[] = [];
  let rest = pieces;
  while (rest.length > 0) {
    const plan = planCuts(rest, { widthMm, lengthMm, flaws: [] }, CUT_BUDGET);
    rolls.push(plan);
    const left = new Set(plan.unplaced);
    if (left.size === rest.length) break;
    rest = rest.filter(({ id }) => left.has(id));
  }
  return rolls;
}

/** Paper round a book: both covers and the spine in one, turned in on all sides. A thing's width is a book's spine. */
function wrapOf(given: Measured): Amount {
  const { extent } = given.target;
  if (!extent) return { kind: 'none' };
  const turnInMm = given.rules.number('works.turnIn');
  return sheetsOf(given, {
    widthMm: 2 * extent.depthMm + extent.widthMm + 2 * turnInMm,
    heightMm: extent.heightMm + 2 * turnInMm,
  });
}

/** Cloth over a pad: over its top, down its sides and turned under. */
function coverOf(given: Measured): Amount {
  const { extent } = given.target;
  if (!extent) return { kind: 'none' };
  const downMm = extent.depthMm + given.rules.number('works.turnIn');
  return sheetsOf(given, { widthMm: extent.widthMm + 2 * downMm, heightMm: extent.heightMm + 2 * downMm });
}

type Sheet = { widthMm: Mm; heightMm: Mm };

/** A piece for each thing, cut beside each other out of the roll where its width is known. */
function sheetsOf({ work, target: { count } }: Measured, sheet: Sheet): Amount {
  return {
    kind: 'sheet',
    ...sheet,
    count,
    cut: work.strip ? sheetsCut(work, work.strip, { ...sheet, count }) : null,
  };
}

/** A pattern has a direction; what is plain may be turned. */
const isPlain = ({ after }: Work): boolean => after.pattern === null || after.pattern.kind === 'solid';

function sheetsCut(
  work: Work,
  strip: Strip,
  { count, ...sheet }: Sheet & { count: number },
): SheetsCut | undefined {
  const alike: Omit<CutPiece, 'id'> = { ...sheet, mayTurn: isPlain(work), anchor: { kind: 'anywhere' } };
  const piecesOf = (n: number) =>
    Array.from({ length: n }, (_, i): CutPiece => ({ ...alike, id: String(i) }));
  const [roll] = rollsFor(piecesOf(1), strip);
  if (!roll || roll.unplaced.length > 0) return undefined;
  const seenMm2 = sheet.widthMm * sheet.heightMm;
  // many that are alike are cut as a few of them are, again and again
  const batch = cutOut(piecesOf(Math.min(count, MOST_CUT)), strip, Math.min(count, MOST_CUT) * seenMm2);
  if (count <= MOST_CUT) return batch;
  const batches = count / MOST_CUT;
  const rolls = batch.rolls === null ? null : Math.ceil(batch.rolls * batches);
  const lengthMm = rolls === null ? batch.lengthMm * batches : rolls * (strip.lengthMm ?? 0);
  return { lengthMm, rolls, wasteShare: 1 - (count * seenMm2) / (lengthMm * strip.widthMm) };
}
