'use client';
import dynamic from 'next/dynamic';
import { memo, useId, type ReactNode } from 'react';
import { sameShape } from '../../../core/room/shape';
import { drawnFrom, type Drawing } from '../../../drawing/drawnFrom';
import { FORMS } from '../../../drawing/forms/forms';
import { Wished } from '../../../drawing/forms/wished';
import { sameScale } from '../../../ui/drawing/scale';

const ObjectForm = dynamic(() => import('../../../drawing/forms/objects').then((m) => m.ObjectForm), {
  loading: () => null,
});

/**
 * One shape of an elevation, drawn from its own numbers: cloth at true scale, folds counted, pillows drawn in
 * at the edges. Redrawn only when those numbers change: a plan is worked out for every frame of a drag,
 * and most of a room stands still.
 */
export const ShapeView = memo(DrawnShape, drawsTheSame);

function DrawnShape(props: Drawing): ReactNode {
  const id = useId().replace(/[^a-zA-Z0-9]/g, '');
  const drawn = drawnFrom(props, id);
  if (drawn.w <= 0 || drawn.h <= 0) return null;
  const draw = FORMS[props.shape.form];
  const form = draw ? draw(drawn) : <ObjectForm drawn={drawn} />;
  return props.shape.wish ? <Wished drawn={drawn}>{form}</Wished> : form;
}

function drawsTheSame(a: Drawing, b: Drawing): boolean {
  return (
    a.paint === b.paint &&
    a.lampLit === b.lampLit &&
    a.plain === b.plain &&
    sameShape(a.shape, b.shape) &&
    sameScale(a.scale, b.scale)
  );
}
