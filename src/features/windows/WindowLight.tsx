'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { Dressing } from '../../core/model/types';
import type { WindowPlan } from '../../core/stages/windows/windowPlan';
import { NumberField, TAKEN } from '../../ui/Field';
import { useRoom } from '../shell/room/RoomContext';
import { Why } from '../shell/Why';
import { percent } from './percent';
import { useWindowActs } from './useWindowActs';

/** How much light it lets through, and whether it hides what is behind it. */
export function WindowLight({ dressing: d, plan: w }: { dressing: Dressing; plan: WindowPlan }): ReactNode {
  const t = useTranslations('windows');
  const { file } = useRoom();
  const acts = useWindowActs(undefined, d, w);
  const { light } = w;
  const seen = (p: 'hidden' | 'seen' | null) => (p === 'hidden' ? t('hiddenWord') : t('seenWord'));
  const rows = [
    { label: t('lightOpen'), share: light.open, day: 'seen' as const, lamp: 'seen' as const },
    ...(light.sheerOnly === null
      ? []
      : [{ label: t('lightSheer'), share: light.sheerOnly, day: light.sheerByDay, lamp: light.sheerByLamp }]),
    { label: t('lightDrawn'), share: light.drawn, day: light.drawnByDay, lamp: light.drawnByLamp },
  ];
  return (
    <>
      <table className="w-full text-[14px]">
        <thead>
          <tr className="text-right font-narrow text-[13px] text-soft">
            <th className="text-left font-normal">
              <span className="sr-only">{t('drawn')}</span>
            </th>
            <th className="font-normal">{t('daylight')}</th>
            <th className="font-normal">
              {t('byDay')} <Why rule="windows.hidesByDay" />
            </th>
            <th className="font-normal">
              {t('byLamp')} <Why rule="windows.hidesByLamp" />
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map((r) => (
            <tr key={r.label} className="border-t border-line text-right">
              <th className="py-1 text-left font-normal">{r.label}</th>
              <td className="font-semibold">{percent(r.share)}</td>
              <td>{seen(r.day)}</td>
              <td>{seen(r.lamp)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="mt-2 grid grid-cols-2 items-end gap-x-4">
        <NumberField
          label={t('lightShare')}
          draftKey={`${file.room.id}-${d.id}-light`}
          value={Math.round(w.passes.main * 100)}
          examples="30"
          range={[0, 100]}
          onCommit={(n) => {
            acts.set({ lightShare: n / 100 });
            return TAKEN;
          }}
          onClear={() => acts.set({ lightShare: null })}
        >
          <Why rule={w.rulesUsed.light} />
        </NumberField>
        <p className="text-[13px] leading-snug text-soft">
          {t('ofBare')}
          {w.gsmGuessed && d.lightShare === null ? ` ${t('lightGuessed')}` : ''}
        </p>
      </div>
    </>
  );
}
