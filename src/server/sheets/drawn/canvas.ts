import 'server-only';
import {
  PDFDict,
  PDFName,
  PDFOperator,
  PDFOperatorNames,
  setGraphicsState,
  type PDFContext,
  type PDFObject,
  type PDFPage,
  type PDFRef,
} from 'pdf-lib';

type Kind = 'ExtGState' | 'Pattern';
/** Where a drawing's operators go, and what they may refer to by name. */
export type Canvas = {
  context: PDFContext;
  ops: PDFOperator[];
  resources: PDFDict;
  /** Names of what was referred to already, by what it is. */
  names: Map<string, PDFName>;
  /** From units of the drawing to the page's own points: what patterns are laid by. */
  toPage: readonly [number, number, number, number, number, number];
};

export const newCanvas = (context: PDFContext, resources: PDFDict, toPage: Canvas['toPage']): Canvas => ({
  context,
  resources,
  toPage,
  ops: [],
  names: new Map(),
});

/** A page's own resources, in which its fonts are too. */
export const resourcesOf = (page: PDFPage): PDFDict => page.node.normalizedEntries().Resources;

/** The name of something that operators refer to; what is new is put among the resources. */
function nameOf(canvas: Canvas, kind: Kind, key: string, make: () => PDFObject | PDFRef): PDFName {
  const known = canvas.names.get(`${kind} ${key}`);
  if (known) return known;
  const list = canvas.resources.lookupMaybe(PDFName.of(kind), PDFDict) ?? canvas.context.obj({});
  canvas.resources.set(PDFName.of(kind), list);
  const name = PDFName.of(`${kind === 'Pattern' ? 'Cloth' : 'Clear'}${list.keys().length}`);
  list.set(name, make());
  canvas.names.set(`${kind} ${key}`, name);
  return name;
}

/** What is painted from here on lets so much of what is under it through. */
export function setOpacity(canvas: Canvas, fill: number, stroke: number): void {
  const [ca, CA] = [fill, stroke].map((share) => Math.round(share * 100) / 100) as [number, number];
  const name = nameOf(canvas, 'ExtGState', `${ca}/${CA}`, () =>
    canvas.context.obj({ Type: 'ExtGState', ca, CA }),
  );
  canvas.ops.push(setGraphicsState(name));
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
  const resources = canvas.context.obj({});
  const tile = newCanvas(canvas.context, resources, canvas.toPage);
  draw(tile);
  const once = tile.ops.map(String).join('\n');
  const key = `${repeat.width} ${repeat.height} ${repeat.ground.join(' ')} ${once}`;
  const name = nameOf(canvas, 'Pattern', key, () => tileOf(canvas, repeat, { once, resources }));
  canvas.ops.push(
    PDFOperator.of(PDFOperatorNames.NonStrokingColorspace, [PDFName.of('Pattern')]),
    PDFOperator.of(PDFOperatorNames.NonStrokingColorN, [name]),
  );
}

function tileOf(
  { context, toPage }: Canvas,
  { width, height, across, down, ground }: Repeat,
  { once, resources }: { once: string; resources: PDFDict },
): PDFRef {
  const [right, bottom] = [across * width, down * height];
  const under = `${ground.join(' ')} rg -1 -1 ${right + 2} ${bottom + 2} re f`;
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
    Resources: resources,
    Matrix: [...toPage],
  });
  return context.register(stream);
}
