'use client';
import { setNonce } from 'get-nonce';
import { createContext, useContext, useState, type ReactNode } from 'react';

const NonceContext = createContext('');

/** The page's nonce, for the style elements that a part of the kit writes itself. */
export const useNonce = (): string => useContext(NonceContext);

/** Lets the kit's own style elements carry the page's nonce, so that the content policy can stay strict. */
export function Nonce({ value, children }: { value: string; children: ReactNode }): ReactNode {
  // once: a page that is refreshed without a reload is handed another nonce, but its policy is still the
  // first one's
  const [first] = useState(() => {
    if (typeof window !== 'undefined') setNonce(value);
    return value;
  });
  return <NonceContext value={first}>{children}</NonceContext>;
}
