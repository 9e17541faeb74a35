'use client';
import dynamic from 'next/dynamic';
import { memo, useId, useState, type ReactNode } from 'react';
import { sameShape, type Shape } from '../../../core/room/shape';
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
export const ShapeView = memo(MovedShape, drawsTheSame);

/** What is only moved is drawn where it was, and carried from there. */
function MovedShape(props: Drawing): ReactNode {
  const [drawn, setDrawn] = useState(props);
  const isMoved =
    drawn === props || drawsTheSame(drawn, { ...props, shape: movedBack(props.shape, drawn.shape) });
  if (!isMoved) setDrawn(props);
  const { scale, shape } = props;
  if (shape.box.widthMm <= 0 || shape.box.heightMm <= 0) return null;
  const [dx, dy] = isMoved
    ? [
        scale.x(shape.box.xMm) - scale.x(drawn.shape.box.xMm),
        scale.y(shape.box.yMm) - scale.y(drawn.shape.box.yMm),
      ]
    : [0, 0];
  return (
    <g transform={dx === 0 && dy === 0 ? undefined : `translate(${dx} ${dy})`}>
      <ShapeWhereItIs {...(isMoved ? drawn : props)} />
    </g>
  );
}

/** A shape as large as it is now, where it was before. */
const movedBack = (now: Shape, before: Shape): Shape => ({
  ...now,
  at: before.at,
  depthMm: before.depthMm,
  box: { ...now.box, xMm: before.box.xMm, yMm: before.box.yMm },
});

const ShapeWhereItIs = memo(DrawnShape, drawsTheSame);

function DrawnShape(props: Drawing): ReactNode {
  const id = useId().replace(/[^a-zA-Z0-9]/g, '');
  const drawn = drawnFrom(props, id);
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
