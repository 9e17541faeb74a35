/** Where every key is for typing. */
const TYPING = 'input,textarea';
/** Where letters and figures look something up; a list that is a page's own content leaves them to the page. */
const LISTS = '[role=listbox]:not([data-page-keys]),[role=menu],[role=combobox]';
const isIn = (target: EventTarget | null, where: string): boolean =>
  target instanceof Element && target.closest(where) !== null;

export const isTyping = (e: KeyboardEvent): boolean => isIn(e.target, TYPING);

/** Whether a single key is for the page: nothing is typed, no list has the focus, no dialog is open, and no other key is held. */
export const isForPage = (e: KeyboardEvent): boolean =>
  !e.ctrlKey &&
  !e.metaKey &&
  !e.altKey &&
  !isTyping(e) &&
  !isIn(e.target, LISTS) &&
  !document.querySelector('[role=dialog]');
