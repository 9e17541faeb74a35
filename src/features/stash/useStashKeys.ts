'use client';
import { useEffect } from 'react';

const TYPING = 'input,textarea';

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
    const acts: Readonly<Record<string, () => void>> = { '/': onSearch, g: onGallery };
    const onKey = (e: KeyboardEvent) => {
      if (e.defaultPrevented || (e.target instanceof Element && e.target.closest(TYPING))) return;
      if (e.ctrlKey || e.metaKey) {
        if (e.key.toLowerCase() !== 'z') return;
        e.preventDefault();
        if (e.shiftKey) onRedo();
        else onUndo();
        return;
      }
      // a closed list looks letters up by itself
      const isElsewhere = e.target instanceof Element && e.target.closest('[role=combobox]');
      if (isElsewhere || e.altKey || document.querySelector('[role=dialog]')) return;
      const act = acts[e.key];
      if (!act) return;
      e.preventDefault();
      act();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [onUndo, onRedo, onSearch, onGallery]);
}
