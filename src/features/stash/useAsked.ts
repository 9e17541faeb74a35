'use client';
import { useEffect, useState } from 'react';
import { untilAnswered } from '../shell/untilAnswered';

/**
 * What the studio answers to a question that a page asks as it opens, or when another one is asked; null until then.
 * `silent`: it does not answer, or failed.
 */
export function useAsked<T>(ask: () => Promise<T>): { value: T | null; silent: boolean } {
  const [answered, setAnswered] = useState<{ to: () => Promise<T>; value: T } | null>(null);
  const [silentTo, setSilentTo] = useState<(() => Promise<T>) | null>(null);
  useEffect(() => {
    let here = true;
    const isSilent = () => {
      if (here) setSilentTo(() => ask);
    };
    untilAnswered(ask, isSilent)
      .then((value) => {
        if (!here) return;
        setAnswered({ to: ask, value });
        setSilentTo(null);
      })
      .catch(isSilent);
    return () => {
      here = false;
    };
  }, [ask]);
  return { value: answered?.to === ask ? answered.value : null, silent: silentTo === ask };
}
