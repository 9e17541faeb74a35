'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { sum } from '../../core/base/units';
import type { FamilyPlan } from '../../core/spread/planSpread';
import { useRoom } from '../shell/room/RoomContext';
import { usePaint } from '../shell/usePaint';
import { useFamilyName } from '../shell/useWords';

const LINE = { left: 92, right: 640, high: 30 };

/** Every accent on its own line round the walls: a dot a place, as large as its weight. */
export function AccentLines({
  accents,
  current,
  onPick,
}: {
  accents: readonly FamilyPlan[];
  current: string | undefined;
  onPick: (id: string) => void;
}): ReactNode {
  const t = useTranslations('colour');
  const { plan } = useRoom();
  const paint = usePaint();
  const name = useFamilyName();
  if (accents.length < 2) return null;
  const perimeter = sum(plan.walls.map((w) => w.lengthMm));
  const x = (mm: number) => LINE.left + (mm / perimeter) * (LINE.right - LINE.left);
  const starts = plan.walls.map((_, i) => sum(plan.walls.slice(0, i).map((w) => w.lengthMm)));
  const high = accents.length * LINE.high + 8;
  return (
    <section className="px-4 pb-4">
      <h2 className="mb-1 text-[18px]">{t('accents')}</h2>
      <svg viewBox={`0 0 676 ${high}`} className="block w-full" role="group" aria-label={t('accents')}>
        {[...starts, perimeter].map((s, i) => (
          <line key={i} x1={x(s)} x2={x(s)} y1="2" y2={high - 4} stroke="#bdbdbd" />
        ))}
        {accents.map((f, row) => {
          const y = row * LINE.high + 18;
          const most = Math.max(...accents.flatMap((a) => a.spread.places.map((p) => p.weight)), 1);
          return (
            <g
              key={f.id}
              role="button"
              tabIndex={0}
              aria-label={name(f)}
              aria-pressed={f.id === current}
              style={{ cursor: 'pointer' }}
              onClick={() => onPick(f.id)}
              onKeyDown={(e) => {
                if (e.key === 'Enter' || e.key === ' ') {
                  e.preventDefault();
                  onPick(f.id);
                }
              }}
            >
              <rect x="0" y={y - 14} width="676" height="28" fill="transparent" />
              <text x="0" y={y + 4.5} fontSize="14" fontWeight={f.id === current ? 700 : 400}>
                {name(f)}
              </text>
              <line
                x1={LINE.left}
                x2={LINE.right}
                y1={y}
                y2={y}
                stroke="#141414"
                strokeWidth={f.id === current ? 1.4 : 0.6}
              />
              {f.spread.places.map((p, i) => (
                <circle
                  key={i}
                  cx={x(p.aroundMm)}
                  cy={y}
                  r={4 + 8 * Math.sqrt(p.weight / most)}
                  fill={paint(f.seed)}
                  stroke="#141414"
                  strokeWidth="0.8"
                />
              ))}
              <text x="676" y={y + 4.5} fontSize="13" textAnchor="end">
                {f.spread.places.length}
              </text>
            </g>
          );
        })}
      </svg>
    </section>
  );
}
