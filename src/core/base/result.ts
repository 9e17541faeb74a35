/**
 * What a person can cause is a Result: a value, or issues from a closed set. `throw` is for broken
 * invariants.
 */
export type Result<T, I> = { ok: true; value: T } | { ok: false; issues: I[] };

export const ok = <T>(value: T): { ok: true; value: T } => ({ ok: true, value });
export const fail = <I>(...issues: I[]): { ok: false; issues: I[] } => ({ ok: false, issues });
