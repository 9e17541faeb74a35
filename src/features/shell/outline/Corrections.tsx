'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatLength } from '../../../core/base/length';
import type { Deg, LengthUnit, Mm } from '../../../core/base/units';
import type { Point } from '../../../core/geometry/plane';
import { closingReadings, corrected, type Leg } from '../../../core/room/survey';
import { Button } from '../../../ui/Button';
import { Words } from '../../../ui/Words';

/** The readings whose correction closes the walk, each with a way to take it. */
export function Corrections({
  legs,
  unit,
  toleranceMm,
  startDeg,
  start,
  onTake,
}: {
  legs: readonly Leg[];
  unit: LengthUnit;
  toleranceMm: Mm;
  startDeg: Deg;
  start: Point | undefined;
  onTake: (legs: Leg[]) => void;
}): ReactNode {
  const t = useTranslations('outline');
  const { closes, readings } = closingReadings(legs, toleranceMm, startDeg, start);
  if (readings.length === 0) return null;
  return (
    <div className="mt-1 text-[13px] text-soft">
      <p>{t(closes ? 'closing' : 'nearest', { count: readings.length })}</p>
      <ul className="mt-1 space-y-1">
        {readings.map((c) => {
          const show = (n: number) =>
            c.what === 'length' ? formatLength(n, unit) : `${Number(n.toFixed(1))}°`;
          const left = c.leftMm > toleranceMm ? formatLength(c.leftMm, unit) : 'none';
          const values = { leg: c.leg + 1, from: show(c.from), to: show(c.to), left };
          return (
            <li key={c.leg} className="flex items-baseline justify-between gap-2">
              <span>
                <Words>{c.what === 'length' ? t('tryLength', values) : t('tryTurn', values)}</Words>
              </span>
              <Button small aria-label={t('takeFor', values)} onClick={() => onTake(corrected(legs, c))}>
                <span>
                  <Words>{t('take', { value: show(c.to) })}</Words>
                </span>
              </Button>
            </li>
          );
        })}
      </ul>
    </div>
  );
}
