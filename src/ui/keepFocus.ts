/** Where the keys can go on from. */
const FOCUSABLE =
  'a[href],button:not(:disabled),input:not(:disabled):not([type=hidden]),textarea:not(:disabled),[tabindex="0"]';
const DIALOG = '[role=dialog],[role=alertdialog],[role=menu],[role=listbox]';

const chainOf = (element: Element): Element[] => {
  const chain: Element[] = [];
  for (let at: Element | null = element; at && at !== document.body; at = at.parentElement) chain.push(at);
  return chain;
};

/** The nearest part of a page that is left of where an element was, and that the keys can go on from. */
const leftOf = (chain: readonly Element[]): Element | undefined =>
  chain.find((element) => element.isConnected && element.querySelector(FOCUSABLE));

/**
 * Keeps the focus near when what had it goes away: a button that did its work, a row that was deleted. Without it
 * the keys would begin again at the top of the page. Returns how to stop.
 */
export function keepFocus(): () => void {
  let chain: readonly Element[] = [];
  let onPage: readonly Element[] = [];
  const remember = ({ target }: FocusEvent) => {
    if (!(target instanceof Element)) return;
    chain = chainOf(target);
    if (!target.closest(DIALOG)) onPage = chain;
  };
  const mend = () => {
    const had = chain[0];
    if (!had || had.isConnected || document.activeElement !== document.body) return;
    if (document.querySelector(DIALOG)) return;
    const part = leftOf(chain) ?? leftOf(onPage);
    chain = [];
    part?.querySelector<HTMLElement>(FOCUSABLE)?.focus({ preventScroll: true });
  };
  const watcher = new MutationObserver(() => {
    // after those who give the focus somewhere themselves
    if (chain[0]?.isConnected === false) requestAnimationFrame(() => requestAnimationFrame(mend));
  });
  // a key that is pressed before that goes on from there too
  const mendFirst = ({ key }: KeyboardEvent) => {
    if (key === 'Tab') mend();
  };
  document.addEventListener('focusin', remember);
  document.addEventListener('keydown', mendFirst, true);
  watcher.observe(document.body, { childList: true, subtree: true });
  return () => {
    document.removeEventListener('focusin', remember);
    document.removeEventListener('keydown', mendFirst, true);
    watcher.disconnect();
  };
}
