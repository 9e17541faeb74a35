import { PDFDocument } from 'pdf-lib';
import { beforeEach, describe, expect, it } from 'vitest';
import { PATTERN_KINDS } from '../../src/core/model/values/item';
import type { Form, Shape } from '../../src/core/room/shape';
import { drawnFrom, fitScale } from '../../src/drawing/drawnFrom';
import { FORMS } from '../../src/drawing/forms/forms';
import { OBJECT_FORMS, ObjectForm } from '../../src/drawing/forms/objects';
import { Wished } from '../../src/drawing/forms/wished';
import { newCanvas, type Canvas } from '../../src/server/sheets/drawn/canvas';
import { drawNode } from '../../src/server/sheets/drawn/draw';
import { SHAPE } from '../helpers/shape';
import { outlineOf } from '../../src/server/sheets/drawn/paths';
import { sfntOfWoff } from '../../src/server/sheets/woff';

const SCALE = fitScale({ widthMm: 4000, heightMm: 3000 }, { width: 400, height: 300 }, 0);
const paint = () => '#336699';
const ALL = [...Object.keys(FORMS), ...Object.keys(OBJECT_FORMS)] as Form[];

let canvas: Canvas;
beforeEach(async () => {
  const { context } = await PDFDocument.create();
  canvas = newCanvas(context);
});

function draw(more: Partial<Shape>): string {
  const shape = { ...SHAPE, ...more };
  const drawn = drawnFrom({ shape, scale: SCALE, paint, lampLit: false }, 'x');
  drawNode(canvas, FORMS[shape.form]?.(drawn) ?? ObjectForm({ drawn }));
  return canvas.ops.join('\n');
}
const patterns = (): number => Object.keys(canvas.resources.Pattern).length;
const opacities = (): string => Object.values(canvas.resources.ExtGState).map(String).join();

describe('a form on paper', () => {
  it.each(ALL)('%s is drawn as on the screen, in numbers that are numbers', (form) => {
    const text = draw({ form, folds: 6 });
    expect(text).toMatch(/ m\n/);
    expect(text).not.toMatch(/NaN|Infinity|undefined/);
  });
  it.each(PATTERN_KINDS.filter((kind) => kind !== 'solid'))(
    'of %s cloth is filled with its repeat',
    (kind) => {
      const text = draw({ form: 'throw', pattern: { kind, repeatMm: 100 } });
      expect(text).toContain('/Pattern cs');
      expect(patterns()).toBe(1);
    },
  );
  it('uses one tile for cloths that say the same, and two for two', () => {
    draw({ form: 'throw', pattern: { kind: 'stripe', repeatMm: 100 } });
    draw({ form: 'box', pattern: { kind: 'stripe', repeatMm: 100 } });
    expect(patterns()).toBe(1);
    draw({ form: 'box', pattern: { kind: 'stripe', repeatMm: 60 } });
    expect(patterns()).toBe(2);
  });
  it('shades a curtain in every fold', () => {
    const bands = (folds: number) => {
      canvas.ops.length = 0;
      return draw({ form: 'curtain', folds }).split(' re').length;
    };
    expect(bands(10) / bands(5)).toBeGreaterThan(1.7);
  });
  it('lets what is behind a sheer through', () => {
    draw({ form: 'curtain', folds: 4, seeThrough: 0.5 });
    expect(opacities()).toContain('/ca 0.65');
  });
  it('that is wished for is pale in a dashed frame', () => {
    const drawn = drawnFrom({ shape: SHAPE, scale: SCALE, paint, lampLit: false }, 'x');
    drawNode(canvas, Wished({ drawn, children: FORMS.box(drawn) }));
    expect(canvas.ops.join('\n')).toMatch(/\[5 3\] 0 d/);
    expect(opacities()).toContain('/ca 0.45');
  });
});

describe('an outline', () => {
  it('reaches as far as its points', () => {
    expect(outlineOf('rect', { x: 10, y: 20, width: 30, height: 40, rx: 5 })).toMatchObject({
      left: 10,
      right: 40,
      top: 20,
      bottom: 60,
    });
  });
  it('is turned where it says so', () => {
    const turned = outlineOf('rect', { x: 0, y: 0, width: 10, height: 20, transform: 'rotate(90 0 0)' });
    expect([turned!.left, turned!.right, turned!.bottom].map(Math.round)).toEqual([-20, 0, 10]);
  });
  it('of nothing that has one is none', () => {
    expect(outlineOf('text', {})).toBeUndefined();
  });
});

describe('a font', () => {
  it('that is no web font is refused', () => {
    expect(() => sfntOfWoff(Buffer.from('OTTO, or anything else'))).toThrow('no WOFF');
  });
});
