'use client';
import { useEffect } from 'react';
import { isForPage, isTyping } from '../../ui/pageKeys';

/** Keys that act anywhere in the stash. */
export function useStashKeys({
  onUndo,
  onRedo,
  onSearch,
  onGallery,
}: {
  onUndo: () => void;
  onRedo: () => void;
  onSearch: () => void;
  onGallery: () => void;
}): void {
  useEffect(() => {
    const acts: Readonly<Record<string, () => void>> = { f: onSearch, g: onGallery };
    const onKey = (e: KeyboardEvent) => {
      if (e.defaultPrevented || isTyping(e)) return;
      if (e.ctrlKey || e.metaKey) {
        if (e.key.toLowerCase() !== 'z') return;
        e.preventDefault();
        if (e.shiftKey) onRedo();
        else onUndo();
        return;
      }
      const act = acts[e.key.toLowerCase()];
      if (!act || !isForPage(e)) return;
      e.preventDefault();
      act();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [onUndo, onRedo, onSearch, onGallery]);
}
