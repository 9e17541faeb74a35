import { rodLimits } from '../rod';
import { inOpening, onFloor, type Mount } from './mounting';

/**
 * A shower curtain: between the walls at both ends of the tub. Where it is used it stays clear of a wet floor;
 * where it is only looked at it lands as a curtain does.
 */
export const showerMount: Mount = (facts) => {
  const { frameTopMm, dressing, rules } = facts;
  const isUsed = rules.school('windows.showerSchool') === 'used';
  return {
    ...inOpening(facts),
    hemOn: 'floor',
    base: onFloor(facts),
    ends: { returnMm: 0, overlapMm: 0, draw: dressing.draw === 'right' ? 'right' : 'left' },
    rodMm: undefined,
    limits: (ceilingMm) => rodLimits({ frameTopMm, ceilingMm }, rules),
    landMm: isUsed ? rules.number('windows.showerClear') : null,
    rules: {
      rod: 'windows.heightSchool',
      extension: 'windows.bracketExtension',
      landing: isUsed ? 'windows.showerClear' : null,
    },
  };
};
