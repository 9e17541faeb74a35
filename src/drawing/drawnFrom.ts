import { UNDYED, type Shape } from '../core/room/shape';
import type { Lab } from '../core/colour/spaces';
import type { Scale } from '../ui/drawing/scale';
import { patternId, type Drawn } from './forms/drawn';

export { fitScale, type Scale } from '../ui/drawing/scale';

export type Drawing = {
  shape: Shape;
  scale: Scale;
  paint: (colour: Lab) => string;
  lampLit: boolean;
  plain?: boolean;
};

/** What a thing without a colour of its own looks like. */
const NO_COLOUR = '#dfe8ee';

/** What a shape is drawn from, on screen and on paper: where it is on the drawing, and its colours as painted. */
export function drawnFrom({ shape, scale, paint, lampLit, plain = false }: Drawing, id: string): Drawn {
  const { xMm, yMm, widthMm, heightMm } = shape.box;
  const colours = shape.colours.map((c) => ({ hex: paint(c), share: c.share }));
  const base = colours[0]?.hex ?? (shape.form === 'curtain' ? paint(UNDYED) : NO_COLOUR);
  const drawn: Drawn = {
    id,
    shape,
    x: scale.x(xMm),
    y: scale.y(yMm + heightMm),
    w: widthMm * scale.perMm,
    h: heightMm * scale.perMm,
    perMm: scale.perMm,
    colours,
    base,
    fill: base,
    patterned: !plain && colours.length > 0 && shape.pattern.kind !== 'solid' && shape.form !== 'picture',
    lampLit,
    plain,
  };
  return drawn.patterned ? { ...drawn, fill: `url(#${patternId(drawn)})` } : drawn;
}
