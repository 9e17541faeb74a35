'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { Change } from '../../core/model/change';
import { formatBareLength } from '../../core/base/length';
import type { Mm } from '../../core/base/units';
import type { Opening } from '../../core/model/types';
import { Dimension } from '../../ui/drawing/Dimension';
import type { Scale } from '../../ui/drawing/scale';
import { useRoom } from '../shell/room/RoomContext';
import type { Thing } from './thing';
import { useCommit } from '../shell/useCommit';

/**
 * Dimension lines of what is picked on the wall: from the left, width, height and how high it starts; each
 * can be typed over.
 */
export function OpeningDimensions({
  picked,
  scale,
}: {
  picked: Exclude<Thing, { kind: 'piece' }>;
  scale: Scale;
}): ReactNode {
  const t = useTranslations('measure');
  const { file } = useRoom();
  const commit = useCommit();
  const unit = file.room.unit;
  const { thing } = picked;
  const bottom = picked.kind === 'opening' ? picked.thing.sillMm : picked.thing.bottomMm;
  const put = (patch: Partial<Pick<Opening, 'xMm' | 'widthMm' | 'heightMm'>>): Change =>
    picked.kind === 'opening'
      ? { do: 'putOpening', opening: { ...picked.thing, ...patch } }
      : { do: 'putFitting', fitting: { ...picked.thing, ...patch } };
  const putBottom = (mm: Mm): Change =>
    picked.kind === 'opening'
      ? { do: 'putOpening', opening: { ...picked.thing, sillMm: mm } }
      : { do: 'putFitting', fitting: { ...picked.thing, bottomMm: mm } };
  const [x1, x2] = [scale.x(thing.xMm), scale.x(thing.xMm + thing.widthMm)];
  const [y1, y2] = [scale.y(bottom + thing.heightMm), scale.y(bottom)];
  const mid = (x1 + x2) / 2;
  /** A guess stands with a sign before it. */
  const about = (field: string, mm: Mm) =>
    file.room.readings.some((r) => r.about === thing.id && r.field === field && r.guess)
      ? { text: `≈ ${formatBareLength(mm, unit)}` }
      : {};
  const lineY = Math.min(y1 - 14, scale.y(bottom + thing.heightMm) - 14);
  return (
    <g>
      <rect
        x={x1 - 2}
        y={y1 - 2}
        width={x2 - x1 + 4}
        height={y2 - y1 + 4}
        fill="none"
        stroke="#141414"
        strokeWidth="2"
        pointerEvents="none"
      />
      <Dimension
        x1={scale.x(0)}
        x2={x1}
        y1={lineY}
        y2={lineY}
        {...about('xMm', thing.xMm)}
        valueMm={thing.xMm}
        unit={unit}
        name={t('fromLeft')}
        onCommit={(xMm) => commit(put({ xMm }), thing.id)}
      />
      <Dimension
        x1={x1}
        x2={x2}
        y1={lineY}
        y2={lineY}
        {...about('widthMm', thing.widthMm)}
        valueMm={thing.widthMm}
        unit={unit}
        name={t('width')}
        onCommit={(widthMm) => commit(put({ widthMm }), thing.id)}
      />
      <Dimension
        x1={x2 + 16}
        x2={x2 + 16}
        y1={y1}
        y2={y2}
        {...about('heightMm', thing.heightMm)}
        valueMm={thing.heightMm}
        unit={unit}
        name={t('height')}
        onCommit={(heightMm) => commit(put({ heightMm }), thing.id)}
      />
      {bottom > 0 && (
        <Dimension
          x1={mid}
          x2={mid}
          y1={y2}
          y2={scale.y(0)}
          {...about(picked.kind === 'opening' ? 'sillMm' : 'bottomMm', bottom)}
          valueMm={bottom}
          unit={unit}
          name={picked.kind === 'opening' ? t('sill') : t('bottom')}
          onCommit={(mm) => commit(putBottom(mm), thing.id)}
        />
      )}
    </g>
  );
}
