import 'server-only';
import { clamp } from '../../../core/base/units';
import { operator, setOpacity, type Canvas } from './canvas';
import { outlineOf, type Outline } from './paths';

/** A shade at a place of a gradient: black or white, and how much of it. */
type Stop = { at: number; light: number; share: number };
export type Gradient =
  | { kind: 'linear'; from: number; to: number; stops: readonly Stop[] }
  | { kind: 'radial'; cx: number; cy: number; r: number; stops: readonly Stop[] };

/** Printers have no half-seen gradients of their own: they are laid in so many steps. */
const STEPS = 8;

/** The shade in the middle of a step, between the stops on either side. */
function shadeAt(stops: readonly Stop[], at: number): { light: number; share: number } {
  const after = stops.findIndex((stop) => stop.at >= at);
  const [a, b] = [stops[Math.max(0, after - 1)], stops[after < 0 ? stops.length - 1 : after]];
  if (!a || !b) return { light: 0, share: 0 };
  const t = b.at > a.at ? clamp((at - a.at) / (b.at - a.at), 0, 1) : 0;
  const share = a.share + (b.share - a.share) * t;
  // of two shades the one that is seen more counts more
  const light = share > 0 ? (a.light * a.share * (1 - t) + b.light * b.share * t) / share : 0;
  return { light, share };
}

/** Lays a gradient over an outline, within it. */
export function shade(canvas: Canvas, outline: Outline, gradient: Gradient, opacity: number): void {
  canvas.ops.push('q', outline.ops, 'W n');
  for (let step = 0; step < STEPS; step++) {
    const [from, to] = [step / STEPS, (step + 1) / STEPS];
    const { light, share } = shadeAt(gradient.stops, (from + to) / 2);
    if (share * opacity < 0.01) continue;
    setOpacity(canvas, share * opacity, 1);
    canvas.ops.push(operator('rg', light, light, light));
    if (gradient.kind === 'linear') bands(canvas, outline, gradient, { from, to });
    else ring(canvas, outline, gradient, { from, to });
  }
  canvas.ops.push('Q');
}

type Part = { from: number; to: number };

/** One step of a gradient that comes again and again across an outline. */
function bands(
  { ops }: Canvas,
  { left, right, top, bottom }: Outline,
  { from, to }: { from: number; to: number },
  part: Part,
): void {
  const each = to - from;
  if (each <= 0) return;
  const first = Math.floor((left - from) / each);
  for (let x = from + first * each; x < right; x += each)
    ops.push(operator('re', x + part.from * each, top - 1, (part.to - part.from) * each, bottom - top + 2));
  ops.push('f');
}

/** One step of a gradient from a middle outwards; the last goes on to the corners. */
function ring(
  { ops }: Canvas,
  { left, right, top, bottom }: Outline,
  { cx, cy, r }: { cx: number; cy: number; r: number },
  { from, to }: Part,
): void {
  const [width, height] = [right - left, bottom - top];
  const oval = (share: number) =>
    outlineOf('ellipse', {
      cx: left + cx * width,
      cy: top + cy * height,
      rx: r * share * width,
      ry: r * share * height,
    })?.ops ?? '';
  ops.push(to < 1 ? oval(to) : operator('re', left, top, width, height));
  if (from > 0) ops.push(oval(from));
  ops.push('f*');
}
