import type { Mm } from '../../../base/units';
import { usualEnds } from '../panels';
import { rodLimits } from '../rod';
import { atHeight, onFloor, type Mount, type MountFacts, type Mounting } from './mounting';

/** The lower edge of what a hem below the sill covers. */
function apronMm({ openings, sillMm, rules }: MountFacts): Mm {
  const trimMm = Math.max(...openings.map((o) => o.trimMm));
  return Math.max(0, sillMm - trimMm - rules.number('windows.apron'));
}

function hem(facts: MountFacts): Pick<Mounting, 'hemOn' | 'base' | 'landMm'> {
  const hemOn = facts.sillMm <= 0 ? 'floor' : facts.dressing.hemAt;
  if (hemOn === 'floor') return { hemOn, base: onFloor(facts), landMm: null };
  if (hemOn === 'sill') return { hemOn, base: atHeight(facts.sillMm), landMm: null };
  return { hemOn, base: atHeight(apronMm(facts)), landMm: 0 };
}

/** Brackets on the wall beside the trim. */
export const wallMount: Mount = (facts) => {
  const { trimmed, first, last, dressing, place, frameTopMm, rules } = facts;
  const onHem = hem(facts);
  return {
    ...onHem,
    inReveal: false,
    outer: { ...trimmed, trims: { leftMm: first.trimMm, rightMm: last.trimMm } },
    ends: usualEnds(rules, dressing.draw),
    given: { leftMm: dressing.extensionLeftMm, rightMm: dressing.extensionRightMm },
    rodMm: undefined,
    lineMm: place.lineMm,
    limits: (ceilingMm) => rodLimits({ frameTopMm, ceilingMm }, rules),
    meetsOverhead: true,
    carriesSheer: true,
    leaves: null,
    coversHeight: 1,
    hasFinials: true,
    rules: {
      rod: 'windows.heightSchool',
      extension: 'windows.bracketExtension',
      landing: onHem.hemOn === 'apron' ? 'windows.apron' : null,
    },
  };
};
