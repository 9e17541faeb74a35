/** What was done, as data: its kind, the name of what it changed, its field, and how many other things went along. */
export type Label = { code: string; name?: string; field?: string; mm?: number; more?: number };
