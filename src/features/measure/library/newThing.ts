/** What a new thing is called, and the wall it is wanted on. */
export type NewThing = { id: string; name: string; wallId: string };
