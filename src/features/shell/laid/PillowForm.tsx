'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatPlainLength } from '../../../core/base/length';
import type { Item, Placement } from '../../../core/model/types';
import type { PillowPlan } from '../../../core/textiles/pillows';
import { Button } from '../../../ui/Button';
import { LengthField, TAKEN } from '../../../ui/Field';
import { ZIP_SIDES } from '../../../core/model/values/look';
import { RadioGroup } from '../../../ui/RadioGroup';
import { Select } from '../../../ui/Select';
import { Words } from '../../../ui/Words';
import { useRoom } from '../room/RoomContext';
import { LayerSelect } from '../LayerSelect';
import { leftEdgeOf } from './leftEdge';
import { Why } from '../Why';
import type { Placing } from '../placing/usePlacing';

/** What can be said of a pillow that is picked: its place, its fill, before or behind the others. */
export function PillowForm({
  plan: p,
  item,
  placement,
  acts,
}: {
  plan: PillowPlan;
  /** The cover. */
  item: Item;
  placement: Placement;
  acts: Placing;
}): ReactNode {
  const t = useTranslations('seats');
  const { file, arranged } = useRoom();
  const unit = file.room.unit;
  const piece = arranged.pieces.find((x) => x.id === placement.spot.of);
  const takesUp = t('useWidth', { width: formatPlainLength(p.useWidthMm, unit) });
  const plump = p.insert.insert && t('plump', { percent: `${Math.round(p.insert.plumpness * 100)}%` });
  return (
    <div className="space-y-2.5 pb-3 pt-1">
      <p className="flex justify-between text-[13px] text-soft">
        <span>
          <Words>{plump ? `${takesUp}, ${plump}` : takesUp}</Words>
        </span>
        <Why rule={p.insert.rule} />
      </p>
      <div className="grid grid-cols-2 gap-x-4">
        <LengthField
          label={t('place', { edge: leftEdgeOf(piece) })}
          draftKey={`${file.room.id}-${p.placementId}-x`}
          valueMm={p.xMm}
          unit={unit}
          onCommit={(xMm) => {
            acts.set(placement, { xMm });
            return TAKEN;
          }}
        />
        <div>
          <p className="mb-1 font-narrow text-[13px] text-soft">{t('fill')}</p>
          <RadioGroup
            label={t('fill')}
            value={p.fill}
            onChange={(fill) => acts.set(placement, { fill })}
            options={(['feather', 'polyester', 'foam'] as const).map((f) => ({ value: f, label: t(f) }))}
          />
        </div>
      </div>
      <LayerSelect layer={placement.layer} onChange={(layer) => acts.set(placement, { layer })} />
      <Select
        label={t('zip')}
        value={p.zip}
        options={ZIP_SIDES.map((side) => ({ value: side, label: t(`zips.${side}`) }))}
        onChange={(zip) => acts.set(placement, { zip })}
      />
      <div className="flex flex-wrap gap-1.5">
        <Button small onClick={() => acts.step(placement, 1)}>
          {t('front')}
        </Button>
        <Button small disabled={placement.row === 0} onClick={() => acts.step(placement, -1)}>
          {t('back')}
        </Button>
        {p.cover.widthMm !== p.cover.heightMm && (
          <Button
            small
            onClick={() =>
              acts.set(placement, { lie: placement.lie === 'propped' ? 'proppedSide' : 'propped' })
            }
          >
            {t('turn')}
          </Button>
        )}
        <Button small onClick={() => acts.set(placement, { chopped: !p.chopped })}>
          {p.chopped ? t('smooth') : t('chop')}
        </Button>
        {item.back !== null && (
          <Button
            small
            onClick={() => acts.set(placement, { face: placement.face === 'front' ? 'back' : 'front' })}
          >
            {t('otherFace')}
          </Button>
        )}
        <Button small onClick={() => acts.takeOff(placement)}>
          {t('takeOff')}
        </Button>
      </div>
    </div>
  );
}
