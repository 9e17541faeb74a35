export const TABS = ['things', 'places', 'need', 'inserts', 'cutting', 'returns', 'add'] as const;
/**
 * A tab of the stash: what is owned, where it is kept, what is needed, which inserts, what is cut, what goes back, what
 * comes in.
 */
export type Tab = (typeof TABS)[number];
