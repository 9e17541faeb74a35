'use client';
import { useLayoutEffect, useRef, type ComponentType, type ReactNode } from 'react';

/** Tells that the page itself is awake; parts that come later tell it of themselves. */
export function PageAwake(): ReactNode {
  useLayoutEffect(() => {
    document.body.removeAttribute('data-asleep');
  }, []);
  return null;
}

/**
 * A part whose script comes after the page's: it is marked as asleep until it has taken hold of what the
 * server drew.
 */
export function waking<P extends object>(Part: ComponentType<P>): ComponentType<P> {
  return function Waking(props: P) {
    const box = useRef<HTMLDivElement>(null);
    useLayoutEffect(() => {
      box.current?.removeAttribute('data-asleep');
    }, []);
    return (
      <div ref={box} data-asleep="" className="contents">
        <Part {...props} />
      </div>
    );
  };
}
