import { toPlanned } from '../../../base/units';
import { inOpening, type Mount } from './mounting';

/** A rod between the sides of the reveal, just below the head. */
export const revealMount: Mount = (facts) => {
  const { first, rules } = facts;
  const belowHeadMm = rules.number('windows.insideBelowHead');
  return {
    ...inOpening(facts),
    rodMm: toPlanned(first.sillMm + first.heightMm - belowHeadMm, rules.unit),
    rules: { rod: 'windows.insideBelowHead', extension: 'windows.bracketExtension', landing: null },
  };
};
