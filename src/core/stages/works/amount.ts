import { sum, type Gram, type Mm, type SquareMm } from '../../base/units';
import type { Work, WorkAct } from '../../model/types';
import type { RuleBook } from '../../rules/book';
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
  | { kind: 'sheet'; widthMm: Mm; heightMm: Mm; count: number }
  | { kind: 'dye'; massG: Gram; isGuessed: boolean }
  | { kind: 'pulls'; count: number; holes: PullHoles }
  /** A material whose width or holes nobody has said yet. */
  | { kind: 'open' }
  | { kind: 'none' };

type Measured = { work: Work; target: WorkTarget; rules: RuleBook };

/** What each act is counted in; what is not listed takes no material that has to be counted. */
const COUNTED: Partial<Record<WorkAct, (given: Measured) => Amount>> = {
  paint: litresOf,
  stain: litresOf,
  paper: stripsOf,
  film: stripsOf,
  cloth: stripsOf,
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

const MM2_PER_M2 = 1e6;

/** Area over what a litre covers, times the coats, and some to spare. */
function litresOf({ work, target, rules }: Measured): Amount {
  const areaMm2 = workedArea(work, target);
  const perCoat = areaMm2 / MM2_PER_M2 / rules.number('works.cover');
  const litres = perCoat * work.coats * (1 + rules.number('works.spare'));
  return { kind: 'litres', areaMm2, coats: work.coats, litres };
}

/** Whole strips from top to bottom beside each other, each a little longer than the face. */
function stripsOf({ work: { strip }, target, rules }: Measured): Amount {
  if (!strip || strip.overlapMm >= strip.widthMm || target.faces.length === 0) return { kind: 'open' };
  const trimMm = rules.number('works.stripTrim');
  const across = (face: Face): number =>
    Math.max(1, Math.ceil((face.widthMm - strip.overlapMm) / (strip.widthMm - strip.overlapMm) - 1e-9));
  const cuts = target.faces.map((face) => ({ count: across(face), mm: face.heightMm + 2 * trimMm }));
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

/** Paper round a book: both covers and the spine in one, turned in on all sides. A thing's width is a book's spine. */
function wrapOf({ target: { extent, count }, rules }: Measured): Amount {
  if (!extent) return { kind: 'none' };
  const turnInMm = rules.number('works.turnIn');
  return {
    kind: 'sheet',
    widthMm: 2 * extent.depthMm + extent.widthMm + 2 * turnInMm,
    heightMm: extent.heightMm + 2 * turnInMm,
    count,
  };
}

/** Cloth over a pad: over its top, down its sides and turned under. */
function coverOf({ target: { extent, count }, rules }: Measured): Amount {
  if (!extent) return { kind: 'none' };
  const downMm = extent.depthMm + rules.number('works.turnIn');
  return {
    kind: 'sheet',
    widthMm: extent.widthMm + 2 * downMm,
    heightMm: extent.heightMm + 2 * downMm,
    count,
  };
}
