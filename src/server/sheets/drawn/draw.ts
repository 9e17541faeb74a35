import 'server-only';
import { Children, Fragment, isValidElement, type ReactNode } from 'react';
import { operator, setOpacity, setTiles, type Canvas } from './canvas';
import { outlineOf, type Outline } from './paths';
import { shade, type Gradient } from './shading';

type Props = Readonly<Record<string, unknown>> & { children?: ReactNode };
type Element = { type: unknown; props: Props };
/** What is said round an element holds for it as long as it says nothing else. */
type Said = { fill?: string; opacity: number };
type Definitions = Map<string, Element>;

/** Draws what the screen draws: the elements of a form, in units of the drawing, y downwards. */
export function drawNode(canvas: Canvas, node: ReactNode): void {
  walk({ canvas, definitions: new Map() }, node, { opacity: 1 });
}

type At = { canvas: Canvas; definitions: Definitions };

function walk(at: At, node: ReactNode, said: Said): void {
  Children.forEach(node, (child) => {
    if (!isValidElement(child)) return;
    const { type, props } = child as Element;
    if (typeof type === 'function') return walk(at, (type as (props: Props) => ReactNode)(props), said);
    if (type === 'defs' || type === 'pattern') return define(at, child);
    const here = { ...said, ...heard(props, said) };
    if (type === 'g' || type === Fragment) return walk(at, props.children, here);
    const outline = outlineOf(String(type), props);
    if (!outline) throw new Error(`no paper form of the element ${String(type)}`);
    paintOutline(at, outline, props, here);
  });
}

function heard(props: Props, said: Said): Said {
  const own = typeof props.fill === 'string' ? { fill: props.fill } : {};
  return { ...own, opacity: said.opacity * shareAt(props, 'opacity') };
}

const shareAt = (props: Props, name: string): number => (props[name] === undefined ? 1 : Number(props[name]));

/** Patterns and gradients, by the names by which they are filled with. */
function define({ definitions }: At, node: ReactNode): void {
  Children.forEach(node, (child) => {
    if (!isValidElement(child)) return;
    const element = child as Element;
    const { type, props } = element;
    if (typeof type === 'function')
      define({ definitions } as At, (type as (props: Props) => ReactNode)(props));
    else if (type === 'defs' || type === Fragment) define({ definitions } as At, props.children);
    else definitions.set(String(props.id), element);
  });
}

/** What an outline is filled with: a gradient, tiles, a colour, or nothing. A line that says nothing of it has none. */
function fillingOf({ definitions }: At, props: Props, said: Said): Filling {
  const filling = said.fill ?? (props.stroke === undefined ? '#000000' : 'none');
  const name = /^url\(#(.+)\)$/.exec(filling)?.[1];
  const definition = definitions.get(name ?? '');
  if (!definition) return { colour: colourOf(filling) };
  const gradient = gradientOf(definition);
  return gradient ? { gradient } : { tiles: definition };
}
type Filling = { gradient: Gradient } | { tiles: Element } | { colour: Colour | undefined };

/** An outline filled and stroked as it says. */
function paintOutline(at: At, outline: Outline, props: Props, said: Said): void {
  const { canvas } = at;
  const filling = fillingOf(at, props, said);
  if ('gradient' in filling) return shade(canvas, outline, filling.gradient, said.opacity);
  const colour = 'colour' in filling ? filling.colour : undefined;
  const line = colourOf(props.stroke as string | undefined);
  const isFilled = 'tiles' in filling || colour !== undefined;
  if (!isFilled && !line) return;
  canvas.ops.push('q');
  const fillShare = said.opacity * shareAt(props, 'fillOpacity') * (colour?.share ?? 1);
  const lineShare = said.opacity * shareAt(props, 'strokeOpacity') * (line?.share ?? 1);
  setOpacity(canvas, fillShare, lineShare);
  if ('tiles' in filling) fillWithTiles(at, filling.tiles);
  else if (colour) canvas.ops.push(operator('rg', ...colour.rgb));
  if (line) setLine(canvas, line, props);
  canvas.ops.push(outline.ops, ending(isFilled, line !== undefined), 'Q');
}

function setLine({ ops }: Canvas, { rgb }: Colour, props: Props): void {
  ops.push(operator('RG', ...rgb), operator('w', Number(props.strokeWidth ?? 1)));
  const dashes = props.strokeDasharray as string | undefined;
  if (dashes) ops.push(`[${dashes.split(/[ ,]+/).join(' ')}] 0 d`);
}

function ending(isFilled: boolean, isStroked: boolean): string {
  if (isFilled && isStroked) return 'B';
  return isFilled ? 'f' : 'S';
}

/** Tiles smaller than this, in points, show seams: several repeats are then one tile. */
const LEAST_TILE = 36;
const MOST_REPEATS = 30;

/** A cloth's repeats, laid as one tile on the cloth's ground, which is the first thing that a pattern draws. */
function fillWithTiles(at: At, { props }: Element): void {
  const [width, height] = [Number(props.width), Number(props.height)];
  const across = Math.min(MOST_REPEATS, Math.ceil(LEAST_TILE / width));
  const down = Math.min(MOST_REPEATS, Math.ceil(LEAST_TILE / height));
  const [first, ...rest] = Children.toArray(props.children);
  const said = isValidElement(first) ? ((first as Element).props.fill as string | undefined) : undefined;
  const ground = colourOf(said)?.rgb ?? [1, 1, 1];
  setTiles(at.canvas, { width, height, across, down, ground }, (tile) =>
    walk({ ...at, canvas: tile }, rest, { opacity: 1 }),
  );
}

function gradientOf({ type, props }: Element): Gradient | undefined {
  const number = (name: string) => Number(props[name] ?? 0);
  const stops = Children.toArray(props.children).flatMap((child) => {
    if (!isValidElement(child)) return [];
    const stop = (child as Element).props;
    const { rgb } = colourOf(String(stop.stopColor)) ?? { rgb: [0, 0, 0] as const };
    return [{ at: Number(stop.offset), light: rgb[0], share: shareAt(stop, 'stopOpacity') }];
  });
  if (type === 'linearGradient') return { kind: 'linear', from: number('x1'), to: number('x2'), stops };
  return type === 'radialGradient'
    ? { kind: 'radial', cx: number('cx'), cy: number('cy'), r: number('r'), stops }
    : undefined;
}

type Colour = { rgb: [number, number, number]; share: number };

/** A colour of three or six digits, or of eight with how much of it is seen; undefined for none. */
function colourOf(said: string | undefined): Colour | undefined {
  const hex = said ?? '';
  if (!hex.startsWith('#')) return undefined;
  const digits = hex.slice(1);
  const long = digits.length === 3 ? [...digits].map((digit) => digit + digit).join('') : digits;
  const part = (start: number) => parseInt(long.slice(start, start + 2), 16) / 255;
  return { rgb: [part(0), part(2), part(4)], share: long.length === 8 ? part(6) : 1 };
}
