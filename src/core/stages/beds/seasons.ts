import type { Season } from '../../model/types';

const TOGS: Record<Season, 'beds.togSummer' | 'beds.togBetween' | 'beds.togWinter'> = {
  spring: 'beds.togBetween',
  summer: 'beds.togSummer',
  autumn: 'beds.togBetween',
  winter: 'beds.togWinter',
};
/** The rule that says how warm a bed is to be in a season. */
export const togRule = (season: Season) => TOGS[season];
