import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import type { Form, Shape } from '../../../core/room/shape';
import { fitScale } from '../../../ui/drawing/scale';
import { SHAPE } from '../../../../tests/helpers/shape';
import { ShapeView } from './ShapeView';
import { FORMS } from '../../../drawing/forms/forms';
import { OBJECT_FORMS, type ObjectFormName } from '../../../drawing/forms/objects';

const STRIPE = { kind: 'stripe', repeatMm: 100 } as const;
/** A wall of 4 m by 3 m, a tenth of its size; the shape stands from 50 to 150 across, 220 down from 80. */
const SCALE = fitScale({ widthMm: 4000, heightMm: 3000 }, { width: 400, height: 300 }, 0);
const paint = ({ l }: { l: number }) => `#${String(Math.round(l)).padStart(6, '0')}`;

type Seen = { lampLit?: boolean; plain?: boolean };
function draw(shape: Partial<Shape>, { lampLit = false, plain = false }: Seen = {}): string {
  const view = (
    <ShapeView shape={{ ...SHAPE, ...shape }} scale={SCALE} paint={paint} lampLit={lampLit} plain={plain} />
  );
  return renderToStaticMarkup(<svg>{view}</svg>).slice('<svg>'.length, -'</svg>'.length);
}
const count = (text: string, what: string) => text.split(what).length - 1;
const FORM_NAMES = Object.keys(FORMS) as Form[];

describe('every form', () => {
  it.each(FORM_NAMES)('%s is drawn in its own colour, with numbers that are numbers', (form) => {
    const text = draw({ form });
    expect(text).toContain('<');
    expect(text).not.toMatch(/NaN|Infinity|undefined/);
    if (form !== 'pane') expect(text).toContain('#000040');
  });
  it.each(FORM_NAMES)('%s without width or height is not drawn', (form) => {
    expect(draw({ form, box: { ...SHAPE.box, widthMm: 0 } })).toBe('');
    expect(draw({ form, box: { ...SHAPE.box, heightMm: -1 } })).toBe('');
  });
  it.each(FORM_NAMES)('%s in a small drawing has no pattern', (form) => {
    expect(draw({ form, pattern: STRIPE }, { plain: true })).not.toContain('<pattern');
  });
  it.each(['wall', 'curtain', 'pillow', 'throw', 'cushion', 'box'] as const)(
    '%s shows its pattern at true scale; a picture never does',
    (form) => {
      expect(draw({ form, folds: 1, pattern: STRIPE })).toContain('<pattern');
      expect(draw({ form: 'picture', pattern: STRIPE })).not.toContain('<pattern');
      if (form === 'wall')
        expect(draw({ form, pattern: STRIPE })).toMatch(
          /patternUnits="userSpaceOnUse" width="10" height="10"/,
        );
    },
  );
});

/** Things on surfaces come later, and are drawn by themselves. */
const OBJECT_NAMES = Object.keys(OBJECT_FORMS) as ObjectFormName[];
const drawnAs = (form: ObjectFormName, more: Partial<Shape> = {}): string => {
  const shape = { ...SHAPE, ...more, form };
  const colours = [
    { hex: '#000040', share: 0.7 },
    { hex: '#000090', share: 0.3 },
  ];
  const at = { x: 50, y: 80, w: 100, h: 200, perMm: 0.1 };
  const look = { base: '#000040', fill: '#000040', patterned: false, lampLit: false, plain: false };
  return renderToStaticMarkup(<svg>{OBJECT_FORMS[form]({ id: 'x', shape, colours, ...at, ...look })}</svg>);
};

describe('every form of a thing on a surface', () => {
  it.each(OBJECT_NAMES)('%s is drawn in its own colour, with numbers that are numbers', (form) => {
    const text = drawnAs(form);
    expect(text).not.toMatch(/NaN|Infinity|undefined/);
    expect(text).toContain('#000040');
  });
  it.each(['books', 'stack'] as const)('%s shows as many as there are', (form) => {
    for (const many of [1, 3, 7]) expect(count(drawnAs(form, { many }), '<path')).toBe(many);
  });
});

describe('a curtain', () => {
  const curtain = (more: Partial<Shape>, seen?: Seen) =>
    draw({ form: 'curtain', folds: 10, rodMm: 50, ...more }, seen);
  it.each([1, 4, 10, 20])('of %s folds has as many waves in its hem', (folds) => {
    const [outline] = curtain({ folds }).match(/<path d="M[^"]*"/) as [string];
    expect(count(outline, 'Q')).toBe(folds);
  });
  it('is shaded fold by fold, the first as wide as one fold', () => {
    expect(curtain({})).toMatch(/<linearGradient[^>]*x1="50" x2="60"[^>]*spreadMethod="repeat"/);
    expect(curtain({ folds: 20 })).toMatch(/x1="50" x2="55"/);
  });
  it('of folds too narrow to be told apart is only darkened', () => {
    expect(curtain({ folds: 100 })).toContain('fill="#000" fill-opacity="0.1"');
    expect(curtain({ folds: 40 })).not.toContain('fill="#000" fill-opacity="0.1"');
  });
  it('lets through as much as its cloth does', () => {
    expect(curtain({ seeThrough: 0.5 })).toContain('fill-opacity="0.65"');
    expect(curtain({})).toContain('fill-opacity="1"');
  });
  it('of a cloth that is not chosen yet is undyed', () => {
    expect(curtain({ colours: [] })).toContain(paint({ l: 88 }));
  });
  it('gathers its pattern as it gathers its cloth', () => {
    // ten folds take 1270 mm of cloth to a metre of panel
    expect(curtain({ pattern: STRIPE })).toMatch(/<pattern[^>]* width="7\.87/);
    expect(curtain({ pattern: STRIPE, folds: 5 })).toMatch(/<pattern[^>]* width="10"/);
  });
});

describe('a heading', () => {
  const headed = (heading: Shape['heading'], folds = 10, seen?: Seen) =>
    draw({ form: 'curtain', folds, rodMm: 50, ...(heading ? { heading } : {}) }, seen);
  it('on rings has one at each end and one at each fold between', () => {
    expect(count(headed('ringClip'), '<circle')).toBe(11);
    expect(headed('ringClip')).toContain('cy="75"');
  });
  it('of pleats has rings, and two lines down from each', () => {
    const text = headed('pinchPleat');
    expect(count(text, '<circle')).toBe(11);
    const pleats = [...text.matchAll(/<path d="([^"]*)" fill="none" stroke="#2b2b2c"/g)].at(-1)?.[1] ?? '';
    expect(count(pleats, 'M')).toBe(22);
  });
  it('of eyelets has one at each fold, in its middle', () => {
    expect(count(headed('grommet'), '<ellipse')).toBe(10);
    expect(headed('grommet')).toContain('<ellipse cx="55" cy="75"');
  });
  it('that is gathered shows two gathers a fold, by pocket and by tab', () => {
    for (const heading of ['rodPocket', 'backTab'] as const) expect(count(headed(heading), 'v11')).toBe(20);
  });
  it('of a wave runs along its track', () => {
    expect(count(headed('wave'), 'q5 4 10 0')).toBe(10);
  });
  it('of folds too near has its rings only as near as they can be told apart', () => {
    expect(count(headed('ringClip', 50), '<circle')).toBe(17);
  });
  it('is left out of a small drawing, and where there is none', () => {
    expect(headed('ringClip', 10, { plain: true })).not.toContain('<circle');
    expect(headed(undefined)).not.toContain('<circle');
  });
});

describe('a rod', () => {
  const rod = (finials: Shape['finials']) =>
    draw({ form: 'rod', box: { ...SHAPE.box, heightMm: 30 }, ...(finials ? { finials } : {}) });
  it('has finials at the ends that are free, and is shorter by them', () => {
    expect(rod('')).toContain('<rect x="50" y="277" width="100"');
    expect(rod('left')).toContain('<rect x="55" y="277" width="95"');
    expect(rod('left')).toContain('<circle cx="53"');
    expect(rod('right')).toContain('<rect x="50" y="277" width="95"');
    expect(rod('right')).toContain('<circle cx="147"');
    expect(count(rod('leftright'), '<circle')).toBe(2);
  });
});

describe('what is lit', () => {
  it('glass is dark outside a lit room; an arch shows no glass', () => {
    const day = draw({ form: 'pane', key: 'win-glass' });
    expect(day).toContain('#dde7ee');
    expect(draw({ form: 'pane', key: 'win-glass' }, { lampLit: true })).toContain('#39424d');
    expect(draw({ form: 'pane', key: 'arch' })).not.toContain('#dde7ee');
    expect(count(draw({ form: 'pane', key: 'arch' }), '<path')).toBe(0);
    expect(count(day, '<path')).toBe(1);
  });
  it('a shade glows, a fire burns, a mirror darkens', () => {
    expect(draw({ form: 'shade' }, { lampLit: true })).toContain('#ffd98a');
    expect(draw({ form: 'shade' })).not.toContain('#ffd98a');
    expect(draw({ form: 'fire' }, { lampLit: true })).toContain('#b9662f');
    expect(draw({ form: 'picture', heading: 'mirror' }, { lampLit: true })).toContain('#6d747a');
    expect(draw({ form: 'picture', heading: 'mirror' })).toContain('#cfd9de');
  });
});

describe('hard things', () => {
  it('stairs go up to their side, a riser at a time', () => {
    const right = draw({ form: 'stairs', rises: 'right' });
    // 2 m of risers of some 185 mm
    expect(count(right, 'v-')).toBe(11);
    expect(right).toContain('M50 280');
    expect(right).not.toContain('h-');
    const left = draw({ form: 'stairs', rises: 'left' });
    expect(left).toContain('M150 280');
    expect(count(left, 'h-')).toBe(11);
  });
  it('a picture has its last colour as its frame, a mirror its glass within', () => {
    const framed = draw({ form: 'picture' });
    expect(framed).toMatch(/<rect[^>]*fill="#000090" stroke="#00000088"/);
    expect(draw({ form: 'picture', colours: SHAPE.colours.slice(0, 1) })).not.toContain('<path');
    expect(draw({ form: 'picture', heading: 'mirror' })).toContain('x="56"');
  });
  it('a low base is turned, a tall one a pole; a wide vase is a bowl', () => {
    const tall = { ...SHAPE.box, widthMm: 300, heightMm: 1400 };
    expect(draw({ form: 'lampBase', box: tall })).not.toContain('q');
    expect(draw({ form: 'lampBase', box: { ...tall, heightMm: 400 } })).toContain('q');
    const wide = { ...SHAPE.box, heightMm: 500 };
    expect(count(draw({ form: 'vase', box: wide }), 'q')).toBe(2);
    expect(draw({ form: 'vase', box: wide })).toContain('M50 230h100');
    expect(draw({ form: 'vase' })).toContain('M84 80');
  });
  it('a radiator has ribs, a plant leaves, a throw tassels', () => {
    expect(count(draw({ form: 'radiator' }), 'v196')).toBe(16);
    expect(count(draw({ form: 'foliage' }), '<ellipse')).toBe(7);
    expect(count(draw({ form: 'throw' }), 'v4')).toBe(9);
    expect(draw({ form: 'throw' }, { plain: true })).not.toContain('v4');
  });
});
