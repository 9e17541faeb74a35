/**
 * What opens from a button comes with a script of its own, when it is first wanted: most visits want few of
 * them, and the page is ready sooner. The button itself stays the same element, so that focus stays on it;
 * the popup takes its place from this, laid over the button.
 */
export const ANCHOR = 'pointer-events-none absolute inset-0';
