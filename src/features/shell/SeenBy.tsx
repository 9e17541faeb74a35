'use client';
import { elementAt } from '../../core/base/list';
import { useTranslations } from 'next-intl';
import { memo, type ReactNode } from 'react';
import { LIGHT_STEPS } from './usePaint';
import { Slider } from '../../ui/Slider';
import { useRoomAtRest } from './room/RoomContext';

/** From lamplight to daylight, over every drawing. */
export const SeenBy = memo(function SeenBy(): ReactNode {
  const t = useTranslations('shell');
  const { kelvin, setKelvin } = useRoomAtRest();
  const step = Math.max(
    0,
    LIGHT_STEPS.findIndex((k) => Math.abs(k - kelvin) < 1),
  );
  const label =
    step === LIGHT_STEPS.length - 1 ? t('daylight') : t('kelvin', { kelvin: elementAt(LIGHT_STEPS, step) });
  return (
    <div className="flex items-center gap-2.5 text-[14px]" title={t('seenByHint')}>
      <span aria-hidden="true">{t('seenBy')}</span>
      <Slider
        label={t('seenBy')}
        valueText={label}
        max={LIGHT_STEPS.length - 1}
        value={step}
        onChange={(next) => setKelvin(elementAt(LIGHT_STEPS, next))}
        track="bg-[linear-gradient(90deg,#f2c48c,#f2e6d2_55%,#e9eef6)]"
        className="w-[104px]"
      />
      <span className="w-[58px] whitespace-nowrap">{label}</span>
    </div>
  );
});
