/** A list with at least one element. */
export type NonEmpty<T> = readonly [T, ...T[]];

/**
 * What a user can cause is a Result: a value, or issues from a closed set. `throw` is for broken
 * invariants.
 */
export type Result<T, I> = { ok: true; value: T } | { ok: false; issues: NonEmpty<I> };

export const ok = <T>(value: T): { ok: true; value: T } => ({ ok: true, value });
export const fail = <I>(...issues: NonEmpty<I>): { ok: false; issues: NonEmpty<I> } => ({
  ok: false,
  issues,
});

export const isNonEmpty = <T>(list: readonly T[]): list is NonEmpty<T> => list.length > 0;

/** A failure with a list of issues, of which there has to be one. */
export function failWith<I>(issues: readonly I[]): { ok: false; issues: NonEmpty<I> } {
  if (!isNonEmpty(issues)) throw new Error('A failure needs an issue; none was given.');
  return { ok: false, issues };
}
