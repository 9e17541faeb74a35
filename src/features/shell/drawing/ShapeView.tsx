'use client';
import dynamic from 'next/dynamic';
import { memo, useId, type ReactNode } from 'react';
import { sameShape, UNDYED, type Shape } from '../../../core/room/shape';
import type { Lab } from '../../../core/colour/spaces';
import { sameScale, type Scale } from '../../../ui/drawing/scale';
import { patternId, type Drawn } from './forms/drawn';
import { FORMS } from './forms/forms';

const ObjectForm = dynamic(() => import('./forms/objects').then((m) => m.ObjectForm), {
  loading: () => null,
});

type Props = {
  shape: Shape;
  scale: Scale;
  paint: (colour: Lab) => string;
  lampLit: boolean;
  plain?: boolean;
};

/** What a thing without a colour of its own looks like. */
const NO_COLOUR = '#dfe8ee';

/**
 * One shape of an elevation, drawn from its own numbers: cloth at true scale, folds counted, pillows drawn in
 * at the edges. Redrawn only when those numbers change: a plan is worked out for every frame of a drag,
 * and most of a room stands still.
 */
export const ShapeView = memo(DrawnShape, drawsTheSame);

function DrawnShape(props: Props): ReactNode {
  const id = useId().replace(/[^a-zA-Z0-9]/g, '');
  const drawn = drawnFrom(props, id);
  if (drawn.w <= 0 || drawn.h <= 0) return null;
  const draw = FORMS[props.shape.form];
  const form = draw ? draw(drawn) : <ObjectForm drawn={drawn} />;
  return props.shape.wish ? <Wished drawn={drawn}>{form}</Wished> : form;
}

/** What is not owned yet is drawn pale, in a dashed outline. */
function Wished({ drawn: { x, y, w, h }, children }: { drawn: Drawn; children: ReactNode }): ReactNode {
  return (
    <g>
      <g opacity="0.45">{children}</g>
      <rect x={x} y={y} width={w} height={h} fill="none" stroke="#141414" strokeDasharray="5 3" />
    </g>
  );
}

function drawnFrom({ shape, scale, paint, lampLit, plain = false }: Props, id: string): Drawn {
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

function drawsTheSame(a: Props, b: Props): boolean {
  return (
    a.paint === b.paint &&
    a.lampLit === b.lampLit &&
    a.plain === b.plain &&
    sameShape(a.shape, b.shape) &&
    sameScale(a.scale, b.scale)
  );
}
