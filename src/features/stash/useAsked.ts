'use client';
import { useEffect, useState } from 'react';
import { untilAnswered } from '../shell/untilAnswered';

/**
 * What the studio answers to a question that a page asks as it opens; null until then. `silent`: it does not answer, or
 * failed.
 */
export function useAsked<T>(ask: () => Promise<T>): { value: T | null; silent: boolean } {
  const [value, setValue] = useState<T | null>(null);
  const [silent, setSilent] = useState(false);
  useEffect(() => {
    let here = true;
    const isSilent = () => {
      if (here) setSilent(true);
    };
    untilAnswered(ask, isSilent)
      .then((answer) => {
        if (!here) return;
        setValue(answer);
        setSilent(false);
      })
      .catch(isSilent);
    return () => {
      here = false;
    };
  }, [ask]);
  return { value, silent };
}
