/** What was done, as data: its kind, the name of what it changed, and one length with what it became. */
export type Label = { code: string; name?: string; field?: string; mm?: number };
