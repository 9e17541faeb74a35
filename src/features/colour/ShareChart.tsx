'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { SpreadPlan } from '../../core/spread/planSpread';
import { Why } from '../shell/Why';
import { BarChart, Legend } from '../../ui/charts/BarChart';
import type { BarSeries } from '../../ui/charts/barTypes';

const ROLES = ['base', 'second', 'accent'] as const;

/** What was planned of base, second colour and accents, against what is seen of them. */
export function ShareChart({ spread }: { spread: SpreadPlan }): ReactNode {
  const t = useTranslations('colour');
  const series: BarSeries[] = [
    { name: t('chart.planned'), fill: '#f5f5f5', outlined: true },
    { name: t('chart.seen'), fill: '#141414' },
  ];
  return (
    <section className="mt-3">
      <p className="mb-1 flex items-baseline justify-between text-[13px]">
        <b className="font-semibold">{t('chart.title')}</b>
        <Why rule="spread.planned" />
      </p>
      <Legend series={series} />
      <BarChart
        label={t('chart.label')}
        series={series}
        rows={ROLES.map((role) => ({
          name: t(`roles.${role}`),
          values: [spread.planned[role], spread.actual[role]],
        }))}
        format={(share) => `${Math.round(share * 100)}%`}
      />
    </section>
  );
}
