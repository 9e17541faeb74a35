import 'server-only';
import svgpath from 'svgpath';
import { DIGITS, operator } from './canvas';

/** An outline in units of the drawing: how it is drawn, and how far it reaches. */
export type Outline = {
  ops: string;
  left: number;
  right: number;
  top: number;
  bottom: number;
};

type Numbers = Readonly<Record<string, unknown>>;
const numberAt = (props: Numbers, name: string): number => Number(props[name] ?? 0);

/** The outline of each kind of element, as the path that it stands for. */
const PATH_OF: Readonly<Record<string, (props: Numbers) => string>> = {
  path: (props) => String(props.d),
  rect: (props) => {
    const [x, y, w, h] = ['x', 'y', 'width', 'height'].map((name) => numberAt(props, name)) as Four;
    const r = Math.min(numberAt(props, 'rx'), w / 2, h / 2);
    if (r <= 0) return `M${x} ${y}H${x + w}V${y + h}H${x}Z`;
    const corner = (dx: number, dy: number) => `a${r} ${r} 0 0 1 ${dx} ${dy}`;
    return `M${x + r} ${y}H${x + w - r}${corner(r, r)}V${y + h - r}${corner(-r, r)}H${x + r}${corner(-r, -r)}V${y + r}${corner(r, -r)}Z`;
  },
  circle: (props) => ellipse(props, numberAt(props, 'r'), numberAt(props, 'r')),
  ellipse: (props) => ellipse(props, numberAt(props, 'rx'), numberAt(props, 'ry')),
  line: (props) => {
    const [x1, y1, x2, y2] = ['x1', 'y1', 'x2', 'y2'].map((name) => numberAt(props, name)) as Four;
    return `M${x1} ${y1}L${x2} ${y2}`;
  },
};
type Four = [number, number, number, number];

/** A quarter of a circle as one curve: how far its two points stand from its ends, in parts of the radius. */
const QUARTER = (4 / 3) * (Math.SQRT2 - 1);

function ellipse(props: Numbers, rx: number, ry: number): string {
  const [cx, cy] = [numberAt(props, 'cx'), numberAt(props, 'cy')];
  const [dx, dy] = [rx * QUARTER, ry * QUARTER];
  return `M${cx - rx} ${cy}c0 ${dy} ${rx - dx} ${ry} ${rx} ${ry}s${rx} ${dy - ry} ${rx} ${-ry}s${dx - rx} ${-ry} ${-rx} ${-ry}s${-rx} ${ry - dy} ${-rx} ${ry}Z`;
}

/** The outline of an element; undefined of one that has none. */
export function outlineOf(type: string, props: Numbers): Outline | undefined {
  const path = PATH_OF[type]?.(props);
  if (path === undefined) return undefined;
  const turned =
    typeof props.transform === 'string' ? svgpath(path).transform(props.transform) : svgpath(path);
  return drawnPath(turned.abs().unshort().unarc().round(DIGITS));
}

/** The operators of a path that is absolute, and the box of the points that it goes by. */
function drawnPath(path: ReturnType<typeof svgpath>): Outline {
  const ops: string[] = [];
  const [xs, ys]: [number[], number[]] = [[], []];
  const seen = (x: number, y: number) => {
    xs.push(x);
    ys.push(y);
  };
  path.iterate((segment, _, x, y) => {
    switch (segment[0]) {
      case 'M':
        ops.push(operator('m', segment[1], segment[2]));
        return seen(segment[1], segment[2]);
      case 'L':
        ops.push(operator('l', segment[1], segment[2]));
        return seen(segment[1], segment[2]);
      case 'H':
        ops.push(operator('l', segment[1], y));
        return seen(segment[1], y);
      case 'V':
        ops.push(operator('l', x, segment[1]));
        return seen(x, segment[1]);
      case 'C':
        ops.push(operator('c', segment[1], segment[2], segment[3], segment[4], segment[5], segment[6]));
        return seen(segment[5], segment[6]);
      case 'Q': {
        // a curve by one point as the same curve by two
        const [cx, cy, endX, endY] = [segment[1], segment[2], segment[3], segment[4]];
        const towards = (from: number, by: number) => from + ((by - from) * 2) / 3;
        ops.push(
          operator('c', towards(x, cx), towards(y, cy), towards(endX, cx), towards(endY, cy), endX, endY),
        );
        return seen(endX, endY);
      }
      case 'Z':
      case 'z':
        ops.push('h');
        return;
      default:
        throw new Error(`no paper form of the path segment ${segment[0]}`);
    }
  });
  const [left, right] = [Math.min(...xs), Math.max(...xs)];
  return { ops: ops.join('\n'), left, right, top: Math.min(...ys), bottom: Math.max(...ys) };
}
