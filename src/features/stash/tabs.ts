export const TABS = ['things', 'places', 'need', 'returns', 'add'] as const;
/** A tab of the stash: what is owned, where it is kept, what is needed, what goes back, what comes in. */
export type Tab = (typeof TABS)[number];
