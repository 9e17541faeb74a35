'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { BarChart, Legend } from '../../ui/charts/BarChart';
import type { BarSeries } from '../../ui/charts/barTypes';
import { useRoom } from '../shell/room/RoomContext';
import { Why } from '../shell/Why';
import { percent } from './percent';

/** How the room sounds: bare, as it is dressed, and with everything drawn. */
export function RoomEcho(): ReactNode {
  const t = useTranslations('windows');
  const { plan, rules } = useRoom();
  const { echo } = plan;
  const series: BarSeries[] = [
    { name: t('bare'), fill: '#f5f5f5', outlined: true },
    { name: t('now'), fill: '#8a8a8a' },
    { name: t('lightDrawn'), fill: '#141414' },
  ];
  const times = [echo.bareS, echo.nowS, echo.drawnS];
  const bands = [
    { name: '500 Hz', values: times.map((s) => s.hz500) },
    { name: '1 kHz', values: times.map((s) => s.hz1000) },
  ];
  const [low, high] = rules.range('echo.wished');
  return (
    <>
      <Legend series={series} />
      <BarChart label={t('echoHz')} series={series} rows={bands} format={(s) => `${s.toFixed(2)} s`} />
      <p className="mt-1.5 text-[13px] text-soft">
        {t('echoQuieter', { by: percent(echo.quieter) })} {t('echoWish', { low, high })}{' '}
        <Why rule="echo.wished" />
      </p>
    </>
  );
}
