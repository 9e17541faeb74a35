import type { ReactNode } from 'react';

/** A finding's level as a shape: dot, half dot, triangle, octagon. Colour only inside the shape. */
export function Mark({
  level,
  title,
}: {
  level: 'ok' | 'yielded' | 'caution' | 'stop';
  title?: string;
}): ReactNode {
  return (
    <svg
      width="14"
      height="14"
      viewBox="0 0 14 14"
      role="img"
      aria-label={title ?? level}
      className="mt-[3px] shrink-0"
    >
      {level === 'ok' && <circle cx="7" cy="7" r="5" fill="#141414" />}
      {level === 'yielded' && (
        <>
          <circle cx="7" cy="7" r="4.4" fill="none" stroke="#141414" strokeWidth="1.3" />
          <path d="M7 2.6a4.4 4.4 0 0 1 0 8.8z" fill="#141414" />
        </>
      )}
      {level === 'caution' && <path d="M7 1.2 13.4 12.6H0.6z" fill="#8a5200" />}
      {level === 'stop' && <path d="M4.3 0.8h5.4l3.5 3.5v5.4l-3.5 3.5H4.3L0.8 9.7V4.3z" fill="#8f1d14" />}
    </svg>
  );
}

/** How far a stage is: empty, half, full, crossed when out of date. */
export function StageBox({
  state,
  title,
}: {
  state: 'empty' | 'half' | 'done' | 'stale';
  title: string;
}): ReactNode {
  return (
    <svg width="12" height="12" viewBox="0 0 12 12" role="img" aria-label={title} className="shrink-0">
      <rect
        x="0.7"
        y="0.7"
        width="10.6"
        height="10.6"
        fill={state === 'done' ? '#141414' : 'none'}
        stroke={state === 'empty' ? '#5c5c5c' : '#141414'}
        strokeWidth="1.4"
      />
      {state === 'half' && <rect x="1" y="6" width="10" height="5" fill="#141414" />}
      {state === 'stale' && <path d="M1 11 11 1" stroke="#141414" strokeWidth="1.6" />}
    </svg>
  );
}
