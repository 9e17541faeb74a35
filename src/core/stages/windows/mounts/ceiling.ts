import type { Mount } from './mounting';
import { wallMount } from './wall';

/** A track on the ceiling itself, in front of a crown. */
export const ceilingMount: Mount = (facts) => {
  const { trimmed, place, rules } = facts;
  const onWall = wallMount(facts);
  return {
    ...onWall,
    rodMm: place.ceilingOver(trimmed.leftMm, trimmed.rightMm) - rules.number('windows.ceilingTrack'),
    meetsOverhead: false,
    hasFinials: false,
    rules: { ...onWall.rules, rod: 'windows.ceilingTrack' },
  };
};
