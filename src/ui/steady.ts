'use client';
import { createElement, memo, useLayoutEffect, useRef, useState, type ComponentType } from 'react';

/**
 * A control that is only drawn again when what it shows has changed. A drag draws its worksheet many times a
 * second, each time with new lists and handlers that say the same; handlers do what the latest drawing says.
 */
export function steady<P extends object>(Control: ComponentType<P>): ComponentType<P> {
  const Kept = memo(Control, showsSame) as unknown as ComponentType<P>;
  return function Steady(props: P) {
    const latest = useRef(props);
    useLayoutEffect(() => {
      latest.current = props;
    });
    const [handlers] = useState(() => new Map<string, (...args: unknown[]) => unknown>());
    const handler = (name: string) => {
      const known = handlers.get(name);
      if (known) return known;
      const made = (...args: unknown[]) =>
        (latest.current as Record<string, ((...a: unknown[]) => unknown) | undefined>)[name]?.(...args);
      handlers.set(name, made);
      return made;
    };
    const given = Object.entries(props).map(([name, value]: [string, unknown]) => [
      name,
      typeof value === 'function' ? handler(name) : value,
    ]);
    return createElement(Kept, Object.fromEntries(given) as P);
  };
}

const isPlain = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && Object.getPrototypeOf(value) === Object.prototype;

/** Whether two values show the same: lists and plain objects by what is in them; what is drawn, by itself. */
export function showsSame(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (Array.isArray(a) && Array.isArray(b))
    return a.length === b.length && a.every((one, i) => showsSame(one, b[i]));
  if (!isPlain(a) || !isPlain(b) || '$$typeof' in a) return false;
  const keys = Object.keys(a);
  return keys.length === Object.keys(b).length && keys.every((k) => k in b && showsSame(a[k], b[k]));
}
