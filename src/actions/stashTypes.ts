export type { InsertBench } from '../server/stash/insertBench';
export type { LooksOfRoom } from '../server/stash/need';
export type { PlaceRow } from '../server/stash/places';
export type { ArrivedAnswer, ItemSheet, StashHead } from '../server/stash/stash';
export type { ImportStep } from '../server/stash/table';
