export const TABS = ['things', 'places', 'need', 'inserts', 'returns', 'add'] as const;
/** A tab of the stash: what is owned, where it is kept, what is needed, which inserts, what goes back, what comes in. */
export type Tab = (typeof TABS)[number];
