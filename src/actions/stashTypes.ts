export type { ArrivedAnswer, ItemSheet, LooksOfRoom, PlaceRow, StashHead } from '../server/stash/stash';
export type { ImportStep } from '../server/stash/table';
