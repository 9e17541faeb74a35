import type { PointerEvent } from 'react';

/** Answers a press beside what can be picked; a press on that goes on to the drawing as well, and is no business of this. */
export const besideThings =
  (act: (() => void) | undefined) =>
  (e: PointerEvent): void => {
    if (!(e.target as Element).closest('[role=button], [role=presentation]')) act?.();
  };
