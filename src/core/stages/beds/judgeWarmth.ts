import { finding } from '../../textiles/judge/laidCase';
import type { JudgeBed } from './bedCase';
import { togRule } from './seasons';

/** Togs that are told apart. */
const HAIR_TOG = 1e-6;

/** Whether a bed is as warm as the season of the look asks for; togs are those of BS 5335. */
export const judgeWarmth: JudgeBed = (bed) => {
  const { season } = bed.look;
  const { tog, unknown, wanted } = bed.plan.warmth;
  if (!season || wanted === null || (tog === 0 && unknown.length === 0)) return [];
  const rule = togRule(season);
  if (unknown.length > 0)
    return [
      finding(bed, 'bed-warmth-unknown', 'yielded', { things: unknown, tog, wanted, season }, { rule }),
    ];
  const isNear = Math.abs(tog - wanted) <= bed.rules.number('beds.togNear') + HAIR_TOG;
  const facts = { tog, wanted, season, side: tog < wanted ? 'cool' : 'warm' };
  return [
    finding(bed, isNear ? 'bed-warmth-good' : 'bed-warmth-off', isNear ? 'ok' : 'caution', facts, { rule }),
  ];
};
