'use client';
import { useSyncExternalStore } from 'react';

const never = () => () => undefined;

/**
 * False while a page is made on the server and first shown, then true: for what can wait until the page
 * stands.
 */
export const useInBrowser = (): boolean =>
  useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
