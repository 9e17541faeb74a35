/** How little makes no difference: one place for what every check forgives. */
import type { Mm } from './units';

/** Sizes are typed to the half millimetre: what differs by less is the same. */
export const HAIR_MM: Mm = 0.5;

/** What reckoning leaves of a length: what is over by less is not over. */
export const CRUMB_MM: Mm = 0.01;

/** What reckoning leaves of a share. */
export const CRUMB = 1e-9;
