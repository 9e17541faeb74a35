import { toPlanned } from '../../../base/units';
import { inOpening, type Mount } from './mounting';

/** A café rod in the reveal: cloth over the lower part only. */
export const cafeMount: Mount = (facts) => {
  const { first, rules } = facts;
  const share = rules.number('windows.cafeShare');
  return {
    ...inOpening(facts),
    rodMm: toPlanned(first.sillMm + first.heightMm * share, rules.unit),
    coversHeight: share,
    rules: { rod: 'windows.cafeShare', extension: 'windows.bracketExtension', landing: null },
  };
};
