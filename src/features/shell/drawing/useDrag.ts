'use client';
import { useRef } from 'react';
import type { LengthUnit, Mm } from '../../../core/base/units';
import { markStep, toMark } from '../../../core/base/units';
import type { Scale } from '../../../ui/drawing/scale';
import { useDrag as useGesture } from '../../../ui/useDrag';

/**
 * Movement of a drag on a drawing in millimetres, whatever size the drawing is shown at; snapped to the
 * tape's marks. `alone`: Alt is held, so that no rule pulls.
 */
export function useDrawingDrag(
  unit: LengthUnit,
  handlers: {
    start?: (key: string) => void;
    move: (key: string, dxMm: Mm, dyMm: Mm, alone: boolean) => void;
    end: (key: string, dxMm: Mm, dyMm: Mm, moved: boolean, alone: boolean) => void;
  },
) {
  const ratio = useRef(1);
  return useGesture(
    ({ args, first, last, xy: [x, y], initial: [fromX, fromY], event, tap, altKey }) => {
      // a press that moved nothing has no first step, and nothing to go back to
      if (tap && !last) return;
      const [key, scale] = args as [string, Scale];
      if (first) {
        event.stopPropagation();
        const svg = (event.target as Element).closest('svg');
        ratio.current = svg ? svg.viewBox.baseVal.width / svg.getBoundingClientRect().width : 1;
        handlers.start?.(key);
      }
      // as far as the hand: the few pixels that told a drag from a press count too
      const dx = toMark(scale.toMm((x - fromX) * ratio.current), unit);
      const dy = toMark(-scale.toMm((y - fromY) * ratio.current), unit);
      if (last) handlers.end(key, dx, dy, !tap && (dx !== 0 || dy !== 0), altKey);
      else handlers.move(key, dx, dy, altKey);
    },
    { filterTaps: true, pointer: { touch: true }, preventDefault: false },
  );
}

/**
 * Arrow keys as a nudge: one mark, or with Shift eight (an inch) or two (a centimetre). Undefined for other
 * keys.
 */
export function nudgeOf(
  e: { key: string; shiftKey: boolean },
  unit: LengthUnit,
): { dxMm: Mm; dyMm: Mm } | undefined {
  const longStep = unit === 'cm' ? 2 : 8;
  const step = markStep(unit) * (e.shiftKey ? longStep : 1);
  switch (e.key) {
    case 'ArrowLeft':
      return { dxMm: -step, dyMm: 0 };
    case 'ArrowRight':
      return { dxMm: step, dyMm: 0 };
    case 'ArrowUp':
      return { dxMm: 0, dyMm: step };
    case 'ArrowDown':
      return { dxMm: 0, dyMm: -step };
    default:
      return undefined;
  }
}
