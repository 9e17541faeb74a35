'use client';
import { elementAt } from '../../core/base/list';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { FamilyPlan } from '../../core/spread/planSpread';
import { percentWords } from '../shell/percentWords';
import { useRoom } from '../shell/room/RoomContext';
import { usePaint } from '../shell/usePaint';
import { useFamilyName } from '../shell/useWords';

const CHIP = 30;
const BAR = 96;

/** A colour family: its shades by their size, its role, its share and what was planned of it. */
export function FamilyRow({
  family: f,
  isPicked,
  onChoose,
}: {
  family: FamilyPlan;
  isPicked: boolean;
  onChoose: () => void;
}): ReactNode {
  const t = useTranslations('colour');
  const { planned } = useRoom().plan.spread;
  const name = useFamilyName();
  const plan = f.role === 'base' || f.role === 'second' ? planned[f.role] : null;
  return (
    <li className="border-b border-line">
      <button
        type="button"
        aria-pressed={isPicked}
        onClick={onChoose}
        className={`grid w-full grid-cols-[30px_1fr_96px_62px] items-center gap-x-2.5 px-1 py-1.5 text-left text-[14px] ${isPicked ? 'outline-2 outline-ink outline-solid bg-white' : ''}`}
      >
        <ShadeChip family={f} />
        <span className="leading-tight">
          <b className="font-semibold">{name(f)}</b>
          {f.role !== 'other' && <span className="block text-[12px] text-soft">{t(`roles.${f.role}`)}</span>}
        </span>
        <svg width={BAR} height="14" aria-hidden="true">
          <rect y="4" width={BAR} height="6" fill="#d6d6d6" />
          <rect y="4" width={Math.max(1, f.share * BAR)} height="6" fill="#141414" />
          {plan !== null && <rect x={plan * BAR - 1} width="2" height="14" fill="#141414" />}
        </svg>
        <span className="text-right">
          {plan === null
            ? percentWords(f.share)
            : `${percentWords(f.share).replace('%', '')} / ${percentWords(plan)}`}
        </span>
      </button>
    </li>
  );
}

function ShadeChip({ family: f }: { family: FamilyPlan }): ReactNode {
  const paint = usePaint();
  const shades = [...f.shades].sort((a, b) => b.areaMm2 - a.areaMm2);
  const widths = shades.map((s) => (s.areaMm2 / f.areaMm2) * CHIP);
  return (
    <svg width={CHIP} height="24" aria-hidden="true" className="border border-black/20">
      {shades.map((s, i) => (
        <rect
          key={i}
          x={widths.slice(0, i).reduce((sum, w) => sum + w, 0)}
          width={elementAt(widths, i) + 0.4}
          height="24"
          fill={paint(s)}
        />
      ))}
    </svg>
  );
}
