import { toPlanned } from '../../../base/units';
import { takeDownMm } from '../landing';
import { leafRods, pocketed } from '../leaf';
import { atHeight, inOpening, type Mount } from './mounting';

/** Rods on the leaves that open: the cloth moves with them, and a pocket at its hem has a rod of its own. */
export const leafMount: Mount = (facts) => {
  const { first, dressing, rules } = facts;
  const { leaves, topMm, bottomMm } = leafRods(first, rules);
  const pocket = pocketed(dressing.heading);
  const rodMm = toPlanned(topMm, rules.unit);
  const heightMm = dressing.rodHeightMm ?? rodMm;
  // a pocket is held by the lower rod as by the upper one; another heading hangs free and ends just below
  // the glass
  const hemMm = bottomMm + (pocket ? takeDownMm(dressing.heading, dressing.pinMm, rules) : 0);
  return {
    ...inOpening(facts),
    hemOn: 'leaf',
    base: atHeight(hemMm),
    outer: {
      leftMm: leaves[0]?.fromMm ?? first.xMm,
      rightMm: leaves.at(-1)?.toMm ?? first.xMm + first.widthMm,
      trims: { leftMm: 0, rightMm: 0 },
    },
    ends: { returnMm: 0, overlapMm: 0, draw: leaves.length > 1 ? 'pair' : 'left' },
    rodMm,
    limits: () => ({ lowMm: heightMm, highMm: heightMm }),
    landMm: 0,
    leaves: { rods: leaves, lowerRodMm: pocket ? bottomMm : null },
    rules: {
      rod: 'windows.leafStile',
      extension: 'windows.leafPast',
      landing: 'windows.leafBottomRail',
    },
  };
};
