'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { Placement } from '../../core/model/types';
import { LAYERS } from '../../core/model/values/look';
import { Select } from '../../ui/Select';

type Layer = Placement['layer'];

/** For how long something is there: all year, for the season, for an occasion. */
export function LayerSelect({
  layer,
  onChange,
}: {
  layer: Layer;
  onChange: (layer: Layer) => void;
}): ReactNode {
  const t = useTranslations('surfaces');
  return (
    <Select
      label={t('layer')}
      value={layer}
      options={LAYERS.map((value) => ({ value, label: t(`layers.${value}`) }))}
      onChange={onChange}
    />
  );
}
