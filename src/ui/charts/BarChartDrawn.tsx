'use client';
import type { ReactNode } from 'react';
import { Bar, BarChart, LabelList, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import type { BarChartProps } from './barTypes';

const INK = '#141414';
const SOFT = '#4a4a4a';
const NAMES_PX = 96;
const VALUE_PX = 58;

/** The drawing of a bar chart; only this part knows the charting library. */
export function BarChartDrawn({
  series,
  rows,
  format,
  stacked = false,
  heightPx,
}: BarChartProps & { heightPx: number }): ReactNode {
  const data = rows.map((row) => ({
    name: row.name,
    ...Object.fromEntries(row.values.map((value, i) => [`s${i}`, value])),
  }));
  return (
    <ResponsiveContainer width="100%" height={heightPx}>
      <BarChart
        data={data}
        layout="vertical"
        accessibilityLayer={false}
        barGap={1}
        barCategoryGap={stacked ? '22%' : '18%'}
        margin={{ top: 0, right: stacked ? 4 : VALUE_PX, bottom: 0, left: 0 }}
      >
        <XAxis type="number" hide domain={[0, 'dataMax']} />
        <YAxis
          type="category"
          dataKey="name"
          width={NAMES_PX}
          interval={0}
          axisLine={{ stroke: INK }}
          tickLine={false}
          tick={{ fontSize: 12, fill: INK }}
        />
        {series.map((s, i) => (
          <Bar
            key={s.name}
            dataKey={`s${i}`}
            fill={s.outlined ? '#f5f5f5' : s.fill}
            stroke={INK}
            strokeWidth={s.outlined ? 1.2 : 0.5}
            isAnimationActive={false}
            {...(stacked ? { stackId: 'all' } : {})}
          >
            {!stacked && (
              <LabelList
                dataKey={`s${i}`}
                position="right"
                fontSize={12}
                fill={SOFT}
                formatter={(value) => format(Number(value))}
              />
            )}
          </Bar>
        ))}
      </BarChart>
    </ResponsiveContainer>
  );
}
