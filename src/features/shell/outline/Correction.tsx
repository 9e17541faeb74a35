'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatLength } from '../../../core/base/length';
import type { LengthUnit, Mm } from '../../../core/base/units';
import type { Leg, Survey } from '../../../core/room/survey';
import { Button } from '../../../ui/Button';
import { Words } from '../../../ui/Words';

/** The one reading whose correction closes the walk best, with a way to take it. */
export function Correction({
  survey,
  unit,
  toleranceMm,
  onTake,
}: {
  survey: Survey;
  unit: LengthUnit;
  toleranceMm: Mm;
  onTake: (leg: number, patch: Partial<Leg>) => void;
}): ReactNode {
  const t = useTranslations('outline');
  const best = survey.corrections[0];
  if (!best) return null;
  const left = best.leftMm > toleranceMm ? formatLength(best.leftMm, unit) : 'none';
  const also = survey.corrections
    .slice(1)
    .filter((c) => c.what === best.what && Math.abs(c.leftMm - best.leftMm) < 0.5)
    .map((c) => c.leg + 1);
  const show = (n: number) => (best.what === 'length' ? formatLength(n, unit) : String(Number(n.toFixed(1))));
  const values = {
    leg: best.leg + 1,
    from: show(best.from),
    to: show(best.to),
    left,
    also: also.length > 0 ? also.join(', ') : 'none',
  };
  return (
    <p className="mt-1 text-[13px] text-soft">
      <Words>{best.what === 'length' ? t('tryLength', values) : t('tryTurn', values)}</Words>{' '}
      <Button
        small
        onClick={() =>
          onTake(best.leg, best.what === 'length' ? { lengthMm: best.to } : { turnDeg: best.to })
        }
      >
        <span>
          <Words>{t('take', { value: best.what === 'length' ? show(best.to) : `${show(best.to)}°` })}</Words>
        </span>
      </Button>
    </p>
  );
}
