import type { Mm } from '../../../core/base/units';
import type { Scale } from '../../../ui/drawing/scale';

/** Where on a drawing somebody let go, along it and above the floor; undefined beside the drawing. */
export function placeOnDrawing(
  box: HTMLElement | null,
  scale: Scale,
  { clientX, clientY }: { clientX: number; clientY: number },
): { xMm: Mm; yMm: Mm } | undefined {
  const svg = box?.querySelector('svg');
  if (!svg) return undefined;
  const r = svg.getBoundingClientRect();
  if (clientX < r.left || clientX > r.right || clientY < r.top || clientY > r.bottom) return undefined;
  const ratio = svg.viewBox.baseVal.width / r.width;
  return {
    xMm: scale.toMm((clientX - r.left) * ratio - scale.x(0)),
    yMm: scale.toMm(scale.y(0) - (clientY - r.top) * ratio),
  };
}
