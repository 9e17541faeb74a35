'use client';
import { elementAt } from '../../core/base/list';
import dynamic from 'next/dynamic';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import type { BarChartProps, BarSeries } from './barTypes';

const BarChartDrawn = dynamic(() => import('./BarChartDrawn').then((m) => m.BarChartDrawn), { ssr: false });

const ROW_PX = 15;
const GAP_PX = 12;

/**
 * Bars from the left, a row for each thing that is compared. The drawing is fetched when the chart comes into
 * sight; the same numbers stand beside it as a table for those who cannot see it.
 */
export function BarChart(props: BarChartProps): ReactNode {
  const { label, series, rows, format, stacked = false } = props;
  const box = useRef<HTMLDivElement>(null);
  const [seen, setSeen] = useState(false);
  useEffect(() => {
    if (!box.current) return;
    const observer = new IntersectionObserver(([entry]) => {
      if (entry?.isIntersecting) setSeen(true);
    });
    observer.observe(box.current);
    return () => observer.disconnect();
  }, []);
  const heightPx = rows.length * (ROW_PX * (stacked ? 1 : series.length) + GAP_PX) + 4;
  return (
    <figure className="relative m-0">
      <div ref={box} aria-hidden="true" style={{ height: heightPx }}>
        {seen && <BarChartDrawn {...props} heightPx={heightPx} />}
      </div>
      <table className="sr-only">
        <caption>{label}</caption>
        <thead>
          <tr>
            <td />
            {series.map((s) => (
              <th key={s.name} scope="col">
                {s.name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.name}>
              <th scope="row">{row.name}</th>
              {row.values.map((value, i) => (
                <td key={elementAt(series, i).name}>{format(value)}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </figure>
  );
}

/** What each kind of bar stands for. */
export function Legend({ series }: { series: readonly BarSeries[] }): ReactNode {
  return (
    <ul aria-hidden="true" className="flex flex-wrap gap-x-3 gap-y-0.5 text-[13px] text-soft">
      {series.map((s) => (
        <li key={s.name} className="flex items-center gap-1.5">
          <span
            className="inline-block h-[10px] w-[10px] border border-ink"
            style={{ background: s.outlined ? 'transparent' : s.fill }}
          />
          {s.name}
        </li>
      ))}
    </ul>
  );
}
