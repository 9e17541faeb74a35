/** What is typed between the key that opens the search and its field, which comes a moment later; null while it is not open. */
let ahead: { typed: string; untilMs: number } | null = null;

/** A field that has not come by then does not come: the keys are the page's again. */
const COMES_WITHIN_MS = 5000;

export const beginAhead = (nowMs: number): void => {
  ahead = { typed: '', untilMs: nowMs + COMES_WITHIN_MS };
};

/** Takes a key for the field that is coming; false where none is. */
export function typeAhead(key: string, nowMs: number): boolean {
  if (ahead === null || nowMs > ahead.untilMs || key.length > 1) return false;
  ahead.typed += key;
  return true;
}

/** Gives it to the field, once. */
export function takeAhead(): string {
  const typed = ahead?.typed ?? '';
  ahead = null;
  return typed;
}
