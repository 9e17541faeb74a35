'use client';
import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import type { FamilyPlan } from '../../core/spread/planSpread';
import type { Lab } from '../../core/colour/spaces';
import { percentWords } from './percentWords';
import { useFamilyName } from './useWords';

const FOLD = 17;
const WIDTH = 1280;

/** Things laid end to end from a start, each with where it begins and ends. */
const running = <T,>(
  things: readonly T[],
  length: (t: T) => number,
  start: number,
): { thing: T; left: number; right: number }[] =>
  things.reduce<{ thing: T; left: number; right: number }[]>((laid, thing) => {
    const left = laid[laid.length - 1]?.right ?? start;
    return [...laid, { thing, left, right: left + length(thing) }];
  }, []);

/** The look's colours gathered as cloth: a fold's width is its share of what is seen. */
export function Valance({
  families,
  paint,
  height = 38,
  onPick,
}: {
  families: readonly FamilyPlan[];
  paint: (c: Lab) => string;
  height?: number;
  onPick?: (familyId: string) => void;
}): ReactNode {
  const t = useTranslations('shell');
  const name = useFamilyName();
  const [shown, setShown] = useState<string | null>(null);
  const total = families.reduce((s, f) => s + f.areaMm2, 0) || 1;
  const stretches = running(families, (f) => f.areaMm2 / total, 0).map(({ thing: family, left, right }) => ({
    family,
    left,
    right,
    shades: running(
      [...family.shades].sort((a, b) => b.areaMm2 - a.areaMm2),
      (s) => s.areaMm2 / total,
      left,
    ).map(({ thing: s, ...span }) => ({ s, ...span })),
  }));
  const labelOf = (f: FamilyPlan) =>
    t('fold', {
      name: name(f),
      share: percentWords(f.share),
      places: f.spread.places.length,
    });
  const current = stretches.find((s) => s.family.id === shown);
  return (
    <div className="relative" role="group" aria-label={t('valance')}>
      <svg
        viewBox={`0 0 ${WIDTH} ${height}`}
        preserveAspectRatio="none"
        className="block w-full"
        style={{ height }}
        aria-hidden="true"
      >
        <defs>
          <linearGradient
            id={`folds${height}`}
            gradientUnits="userSpaceOnUse"
            x1="0"
            x2={FOLD}
            y1="0"
            y2="0"
            spreadMethod="repeat"
          >
            <stop offset="0" stopColor="#000" stopOpacity="0.3" />
            <stop offset="0.3" stopColor="#fff" stopOpacity="0.14" />
            <stop offset="0.75" stopColor="#000" stopOpacity="0.03" />
            <stop offset="1" stopColor="#000" stopOpacity="0.3" />
          </linearGradient>
          <clipPath id={`hem${height}`}>
            <path
              d={`M0 0H${WIDTH}V${height - 5}${Array.from({ length: Math.ceil(WIDTH / FOLD) }, (_, i) => `Q${WIDTH - (i + 0.5) * FOLD} ${height + 4} ${WIDTH - (i + 1) * FOLD} ${height - 5}`).join('')}Z`}
            />
          </clipPath>
        </defs>
        <g clipPath={`url(#hem${height})`}>
          {stretches.flatMap(({ family, shades }) =>
            shades.map(({ s, left, right }, i) => (
              <rect
                key={`${family.id}${i}`}
                x={left * WIDTH}
                width={(right - left) * WIDTH + 0.6}
                height={height}
                fill={paint(s)}
              />
            )),
          )}
          <rect width={WIDTH} height={height} fill={`url(#folds${height})`} />
          <rect width={WIDTH} height="3" fill="#00000022" />
        </g>
      </svg>
      {onPick && (
        <div className="absolute inset-0 flex">
          {stretches.map(({ family, left, right }) => (
            <button
              key={family.id}
              type="button"
              aria-label={labelOf(family)}
              style={{ width: `${(right - left) * 100}%` }}
              className="h-full min-w-[24px] focus-visible:outline-offset-[-3px]"
              onMouseEnter={() => setShown(family.id)}
              onMouseLeave={() => setShown(null)}
              onFocus={() => setShown(family.id)}
              onBlur={() => setShown(null)}
              onClick={() => onPick(family.id)}
            />
          ))}
        </div>
      )}
      {current && (
        <div
          aria-hidden="true"
          className="pointer-events-none absolute z-30 mt-0.5 whitespace-nowrap rounded-md border border-ink bg-sheet px-2 py-1 text-[13px]"
          style={
            current.left > 0.6
              ? { right: `${(1 - current.right) * 100}%` }
              : { left: `${current.left * 100}%` }
          }
        >
          {labelOf(current.family)}
        </div>
      )}
    </div>
  );
}
