'use client';
import { useTranslations } from 'next-intl';
import { memo, type ReactNode } from 'react';
import { LIGHT_STEPS } from './usePaint';
import { useRoomAtRest } from './room/RoomContext';

/** From lamp light to daylight, over every drawing. */
export const SeenBy = memo(function SeenBy(): ReactNode {
  const t = useTranslations('shell');
  const { kelvin, setKelvin } = useRoomAtRest();
  const step = Math.max(
    0,
    LIGHT_STEPS.findIndex((k) => Math.abs(k - kelvin) < 1),
  );
  const label = step === LIGHT_STEPS.length - 1 ? t('daylight') : t('kelvin', { kelvin: LIGHT_STEPS[step]! });
  return (
    <div className="flex items-center gap-2.5 text-[14px]" title={t('seenByHint')}>
      <span id="seen-by">{t('seenBy')}</span>
      <input
        type="range"
        aria-labelledby="seen-by"
        aria-valuetext={label}
        min={0}
        max={LIGHT_STEPS.length - 1}
        step={1}
        value={step}
        onChange={(e) => setKelvin(LIGHT_STEPS[Number(e.target.value)]!)}
        className="light-slider w-[104px]"
      />
      <span className="w-[58px] whitespace-nowrap">{label}</span>
    </div>
  );
});
