'use client';
import { useRef, useState, type KeyboardEvent } from 'react';
import { useDraft } from './drafts';

/** The outcome of a typed value: accepted, refused with a sentence, or odd and to be confirmed. */
export type Answer = { took: true } | { took: false; message: string; keep?: () => void };
export const TAKEN: Answer = { took: true };

/** Where readings follow each other: a run within a form, a worksheet, a dialog. */
const RUNS = '[data-run],[data-worksheet],[role=dialog]';

/** Enter goes on: to the next reading, as along a tape; in a form, and after the last of its run, it sends the form. */
function goOn(input: HTMLInputElement): void {
  const { form } = input;
  const run = input.closest(form ? '[data-run]' : RUNS);
  const all = run || !form ? readingsIn(run ?? document) : [];
  const next = all[all.indexOf(input) + 1];
  if (next) next.focus();
  // what was typed has to be taken before it is sent
  else if (form) setTimeout(() => form.isConnected && form.requestSubmit());
  else input.blur();
}

const readingsIn = (run: ParentNode): HTMLInputElement[] => [
  ...run.querySelectorAll<HTMLInputElement>('input[data-reading]:not(:disabled)'),
];

/** To enter the next thing after one was sent. */
export const focusFirstReading = (form: HTMLFormElement): void => readingsIn(form)[0]?.focus();

export type Typing = {
  draftKey: string;
  shown: string;
  commit: (text: string) => Answer;
  /** What is shown was typed once more. */
  onSame?: (() => void) | undefined;
  nudge?: ((steps: number) => string | null) | undefined;
};

/** What is typed into a field, until it is accepted. */
export function useTyped({ draftKey, shown, commit, onSame, nudge }: Typing) {
  const [draft, setDraft] = useDraft(draftKey);
  const [answer, setAnswer] = useState<Exclude<Answer, { took: true }> | null>(null);

  // Enter takes the text and leaves the field, which asks for it once more before the page has drawn that it
  // was taken
  const taken = useRef<string | null>(null);
  const type = (text: string) => {
    taken.current = null;
    setDraft(text);
    setAnswer(null);
  };
  const done = () => {
    setDraft(null);
    setAnswer(null);
  };
  const settle = (): boolean => {
    if (draft === null || draft === shown || draft === taken.current) {
      if (draft !== null && draft === shown) onSame?.();
      done();
      return true;
    }
    const result = commit(draft);
    if (result.took) {
      taken.current = draft;
      done();
      return true;
    }
    setAnswer(result);
    return false;
  };
  const step = (steps: number) => {
    const text = nudge?.(steps) ?? null;
    if (text === null) return;
    const result = commit(text);
    if (result.took) return;
    setDraft(text);
    setAnswer(result);
  };
  const onKeyDown = (e: KeyboardEvent<HTMLInputElement>) => {
    if (e.key === 'Enter') {
      e.preventDefault();
      const input = e.currentTarget;
      // Enter once more is the answer to "sure?"
      if (answer?.keep) {
        answer.keep();
        taken.current = draft;
        done();
        goOn(input);
      } else if (settle()) goOn(input);
    } else if (e.key === 'Escape') {
      e.stopPropagation();
      done();
    } else if ((e.key === 'ArrowUp' || e.key === 'ArrowDown') && nudge && draft === null) {
      e.preventDefault();
      step((e.key === 'ArrowUp' ? 1 : -1) * (e.shiftKey ? 8 : 1));
    }
  };
  return { draft, answer, type, done, settle, onKeyDown };
}
