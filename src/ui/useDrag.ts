'use client';
import type { EventTypes, Handler, UserDragConfig } from '@use-gesture/react';
import { useEffect, useMemo, useState, type DOMAttributes } from 'react';
import { asleepUntil } from './Awake';

type Library = typeof import('./dragLibrary');

/** The library of drags comes after the page's first script; until it is there the page counts as asleep. */
const coming: Promise<Library> | null = typeof window === 'undefined' ? null : import('./dragLibrary');
let library: Library | null = null;
if (coming)
  asleepUntil(
    coming.then((there) => (library = there)).catch(() => undefined), // nothing is dragged then
  );

type DragHandler = Handler<'drag', EventTypes['drag']>;

/**
 * Drags by mouse, pen and finger; what it gives is put on the element that is dragged. The library's own arrow keys are off:
 * they go on from where the last drag ended.
 */
export function useDrag(
  handler: DragHandler,
  config: UserDragConfig,
): (...args: unknown[]) => DOMAttributes<Element> {
  const [there, setThere] = useState(library);
  useEffect(() => {
    if (!there) coming?.then(setThere).catch(() => undefined);
  }, [there]);
  const controller = useMemo(() => there?.dragController(), [there]);
  controller?.applyHandlers({ drag: handler });
  const withoutKeys: UserDragConfig = { ...config, pointer: { ...config.pointer, keys: false } };
  controller?.applyConfig(withoutKeys, 'drag');
  useEffect(() => controller?.effect());
  useEffect(() => () => controller?.clean(), [controller]);
  return (...args) => (controller?.bind(...args) as DOMAttributes<Element> | undefined) ?? {};
}
