'use client';
import { useEffect, type ReactNode } from 'react';

declare global {
  interface Window { rideauEarly?: Element[] | null }
}

/** Remembers which buttons are pressed before the page's script is awake. Stands in the page itself, since it has to be there first. */
const LISTEN = `window.rideauEarly=[];document.addEventListener('click',function(e){var q=window.rideauEarly,b=e.target&&e.target.closest&&e.target.closest('button,[role=button],[role=tab]');if(q&&b)q.push(b)},true)`;

/** A press before the page is awake is not lost: it is carried out as soon as it is. */
export function EarlyClicks({ nonce }: { nonce: string }): ReactNode {
  useEffect(() => {
    const early = window.rideauEarly ?? [];
    window.rideauEarly = null;
    for (const button of early) if (button.isConnected) button.dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true }));
  }, []);
  return <script nonce={nonce} suppressHydrationWarning dangerouslySetInnerHTML={{ __html: LISTEN }} />;
}
