import type { Finding } from '../../model/finding';
import type { Look } from '../../model/types';
import type { BedPiece } from '../../room/made';
import type { LaidCase } from '../../textiles/judge/laidCase';
import type { BedPlan } from './bedPlan';

/** A bed as it was planned, to be judged. */
export type BedCase = LaidCase & {
  piece: BedPiece;
  plan: Omit<BedPlan, 'findings'>;
  look: Pick<Look, 'season'>;
};
export type JudgeBed = (bed: BedCase) => Finding[];
