'use client';
import { useEffect, useRef, type ComponentType, type ReactNode } from 'react';

/** What the page still waits for: its own effects, and what was asked for besides. */
let waitsFor = 1;

function arrived(): void {
  waitsFor--;
  if (waitsFor === 0) document.body.removeAttribute('data-asleep');
}

/** The page counts as asleep until something has come that it can't be used without. */
export function asleepUntil(coming: Promise<unknown>): void {
  waitsFor++;
  document.body.setAttribute('data-asleep', '');
  void coming.finally(arrived);
}

/**
 * Holds what is pressed and typed until the page shows what was done last: what comes next would be done to something that
 * is no longer so. Returns what lets go again.
 */
export function holdHands(): () => void {
  document.body.setAttribute('data-held', '');
  return () => document.body.removeAttribute('data-held');
}

/** Tells that the page itself is awake; parts that come later tell it of themselves. */
export function PageAwake(): ReactNode {
  const isTold = useRef(false);
  useEffect(() => {
    if (isTold.current) return;
    isTold.current = true;
    arrived();
  }, []);
  return null;
}

// An effect, not a layout effect: what a part reads from outside (a draft, the room) it listens to from its
// own effects on, which run before these.

/**
 * A part whose script comes after the page's: it is marked as asleep until it has taken hold of what the
 * server drew.
 */
export function waking<P extends object>(Part: ComponentType<P>): ComponentType<P> {
  return function Waking(props: P) {
    const box = useRef<HTMLDivElement>(null);
    useEffect(() => {
      box.current?.removeAttribute('data-asleep');
    }, []);
    return (
      <div ref={box} data-asleep="" className="contents">
        <Part {...props} />
      </div>
    );
  };
}
