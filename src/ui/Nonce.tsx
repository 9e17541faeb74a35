'use client';
import { setNonce } from 'get-nonce';
import { useState, type ReactNode } from 'react';

/** Lets the dialog's own style element carry the page's nonce, so that the content policy can stay strict. */
export function Nonce({ value, children }: { value: string; children: ReactNode }): ReactNode {
  // once: a page that is refreshed without a reload is handed another nonce, but its policy is still the
  // first one's
  useState(() => {
    if (typeof window !== 'undefined') setNonce(value);
  });
  return children;
}
