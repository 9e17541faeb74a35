'use client';
import { FIBRES, FILLS, METALS, PATTERN_KINDS, SHEENS, TEXTURES } from '../../../core/model/values/item';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { Checkbox } from '../../../ui/Checkbox';
import { Collapsible } from '../../../ui/Collapsible';
import { Select } from '../../../ui/Select';
import { LengthField } from '../../../ui/Field';
import { ColourRows } from '../ColourRows';
import { useStashRoom } from '../StashContext';
import { ItemNumber } from './fields';
import { useItem } from './ItemContext';

/** Its cloth: pattern, texture, fibre, weight, and the other face of a reversible one. */
export function ItemCloth(): ReactNode {
  const t = useTranslations('stash');
  const { unit } = useStashRoom();
  const { item, save, take, key } = useItem();
  return (
    <Collapsible title={t('cloth')} summary={t(`textures.${item.texture}`)}>
      <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
        <Select
          label={t('pattern')}
          value={item.pattern.kind}
          options={PATTERN_KINDS.map((k) => ({
            value: k,
            label: t(`patterns.${k}`),
          }))}
          onChange={(kind) => save({ pattern: { ...item.pattern, kind } })}
        />
        <LengthField
          label={t('repeat')}
          draftKey={key('repeat')}
          valueMm={item.pattern.repeatMm}
          unit={unit}
          onCommit={(repeatMm) => take({ pattern: { ...item.pattern, repeatMm } })}
        />
        <Select
          label={t('texture')}
          value={item.texture}
          options={TEXTURES.map((x) => ({ value: x, label: t(`textures.${x}`) }))}
          onChange={(texture) => save({ texture })}
        />
        <Select
          label={t('sheen')}
          value={item.sheen}
          options={SHEENS.map((x) => ({
            value: x,
            label: t(`sheens.${x}`),
          }))}
          onChange={(sheen) => save({ sheen })}
        />
        <Select
          label={t('fibre')}
          value={item.fibre}
          options={FIBRES.map((x) => ({ value: x, label: t(`fibres.${x}`) }))}
          onChange={(fibre) => save({ fibre })}
        />
        <Select
          label={t('fill')}
          value={item.fill}
          options={FILLS.map((x) => ({
            value: x,
            label: t(`fills.${x}`),
          }))}
          onChange={(fill) => save({ fill })}
        />
        <Select
          label={t('metal')}
          value={item.metal ?? 'none'}
          options={[
            { value: 'none', label: t('metalNone') },
            ...METALS.map((x) => ({ value: x, label: t(`metals.${x}`) })),
          ]}
          onChange={(x) => save({ metal: METALS.find((metal) => metal === x) ?? null })}
        />
        <ItemNumber field="clothGsm" label={t('gsm')} suffix="g/m²" />
        <ItemNumber field="massG" label={t('mass')} suffix="g" />
      </div>
      <Checkbox
        checked={item.back !== null}
        onChange={(checked) =>
          save({
            back: checked ? { colours: item.colours, pattern: item.pattern, texture: item.texture } : null,
          })
        }
      >
        {t('reversible')}
      </Checkbox>
      {item.back && (
        <ColourRows
          colours={item.back.colours}
          draftKey={key('back')}
          onChange={(colours) => save({ back: { ...item.back!, colours } })}
        />
      )}
    </Collapsible>
  );
}
