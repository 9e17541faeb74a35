import 'server-only';
import { drawObject, type PDFContext, type PDFObject, type PDFPage, type PDFRef } from 'pdf-lib';

type Kind = 'ExtGState' | 'Pattern';
/** Where a drawing's operators go, as they stand in the file, and what they may refer to by name. */
export type Canvas = {
  context: PDFContext;
  ops: string[];
  resources: Record<Kind, Record<string, PDFObject>>;
  /** Names of what was referred to already, by what it is. */
  names: Map<string, string>;
};

export const newCanvas = (context: PDFContext): Canvas => ({
  context,
  resources: { ExtGState: {}, Pattern: {} },
  ops: [],
  names: new Map(),
});

/** A thousandth of a point is finer than any printer draws, and keeps a page's file small. */
export const DIGITS = 3;
const FINEST = 10 ** DIGITS;

/** An operator of a page with its numbers, which stand before it in a file. */
export const operator = (name: string, ...numbers: readonly number[]): string =>
  [...numbers.map((number) => Math.round(number * FINEST) / FINEST), name].join(' ');

/** Where a drawing lies on a page: its upper left corner, and how large it is, points. */
type Place = { left: number; top: number; width: number; height: number };

/** Lays a finished drawing, which is in points with y downwards, on a page; it is cut off at its edges. */
export function layOnPage(page: PDFPage, canvas: Canvas, { left, top, width, height }: Place): void {
  const { context, ops } = canvas;
  const drawing = context.flateStream(ops.join('\n'), {
    Type: 'XObject',
    Subtype: 'Form',
    BBox: [0, 0, width, height],
    Matrix: [1, 0, 0, -1, left, top],
    Resources: resourcesOf(canvas),
  });
  page.pushOperators(drawObject(page.node.newXObject('Drawing', context.register(drawing))));
}

const resourcesOf = ({ context, resources }: Canvas) => context.obj(resources);

/** The name of something that operators refer to; what is new is put among the resources. */
function nameOf(canvas: Canvas, kind: Kind, key: string, make: () => PDFObject | PDFRef): string {
  const known = canvas.names.get(`${kind} ${key}`);
  if (known) return known;
  const list = canvas.resources[kind];
  const name = `${kind === 'Pattern' ? 'Cloth' : 'Clear'}${Object.keys(list).length}`;
  list[name] = make();
  canvas.names.set(`${kind} ${key}`, name);
  return name;
}

/** What is painted from here on lets so much of what is under it through. */
export function setOpacity(canvas: Canvas, fill: number, stroke: number): void {
  const [ca, CA] = [fill, stroke].map((share) => Math.round(share * 100) / 100) as [number, number];
  const name = nameOf(canvas, 'ExtGState', `${ca}/${CA}`, () =>
    canvas.context.obj({ Type: 'ExtGState', ca, CA }),
  );
  canvas.ops.push(`/${name} gs`);
}

/** A pattern's repeat, how often it is laid across and down to make one tile, and the colour that it lies on. */
type Repeat = {
  width: number;
  height: number;
  across: number;
  down: number;
  ground: readonly [number, number, number];
};

/** Repeats lie over each other by so much: laid edge to edge, printers leave hairs between them. */
const OVER = 1.02;

/** What is filled from here on is filled with tiles. Tiles that say the same are one. */
export function setTiles(canvas: Canvas, repeat: Repeat, draw: (tile: Canvas) => void): void {
  const tile = newCanvas(canvas.context);
  draw(tile);
  const once = tile.ops.join('\n');
  const key = `${repeat.width} ${repeat.height} ${repeat.ground.join(' ')} ${once}`;
  const name = nameOf(canvas, 'Pattern', key, () => tileOf(tile, repeat, once));
  canvas.ops.push('/Pattern cs', `/${name} scn`);
}

function tileOf(tile: Canvas, { width, height, across, down, ground }: Repeat, once: string): PDFRef {
  const { context } = tile;
  const [right, bottom] = [across * width, down * height];
  const under = `${operator('rg', ...ground)} ${operator('re', -1, -1, right + 2, bottom + 2)} f`;
  const repeats = Array.from(
    { length: across * down },
    (_, i) =>
      `q ${OVER} 0 0 ${OVER} ${(i % across) * width} ${Math.floor(i / across) * height} cm\n${once}\nQ`,
  );
  const stream = context.flateStream([under, ...repeats].join('\n'), {
    Type: 'Pattern',
    PatternType: 1,
    PaintType: 1,
    TilingType: 1,
    BBox: [0, 0, right, bottom],
    XStep: right,
    YStep: bottom,
    Resources: resourcesOf(tile),
  });
  return context.register(stream);
}
