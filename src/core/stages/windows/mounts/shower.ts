import { rodLimits } from '../rod';
import { inOpening, onFloor, type Mount } from './mounting';

/** A shower curtain: between the walls at both ends of the tub, clear of the floor. */
export const showerMount: Mount = (facts) => {
  const { frameTopMm, rules } = facts;
  return {
    ...inOpening(facts),
    hemOn: 'floor',
    base: onFloor(facts),
    ends: { returnMm: 0, overlapMm: 0, pair: false },
    rodMm: undefined,
    limits: (ceilingMm) => rodLimits({ frameTopMm, ceilingMm }, rules),
    landMm: rules.number('windows.showerClear'),
    rules: {
      rod: 'windows.heightSchool',
      extension: 'windows.bracketExtension',
      landing: 'windows.showerClear',
    },
  };
};
