'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatBarePlainLength } from '../../core/base/length';
import type { PanelWork } from '../../core/stages/windows/panelWork';
import { Words } from '../../ui/Words';
import { useRoom } from '../shell/room/RoomContext';

/** What is done to each panel, where the floor falls under the window and no two are alike. */
export function PanelTable({ panels }: { panels: readonly PanelWork[] }): ReactNode {
  const t = useTranslations('windows.panelTable');
  const { unit } = useRoom().file.room;
  const length = (mm: number | null) => (mm === null ? '–' : formatBarePlainLength(mm, unit));
  const bought = panels.some((p) => p.boughtMm !== null);
  const letDown = panels.some((p) => (p.takeUpMm ?? 0) < 0);
  const columns: { key: string; label: string; of: (p: PanelWork) => string }[] = [
    { key: 'drop', label: t('drop'), of: (p) => length(p.dropMm) },
    ...(bought
      ? [
          { key: 'bought', label: t('bought'), of: (p: PanelWork) => length(p.boughtMm) },
          {
            key: 'work',
            label: t(letDown ? 'letDown' : 'takeUp'),
            of: (p: PanelWork) => length(Math.abs(p.takeUpMm ?? 0)),
          },
        ]
      : []),
    ...(letDown
      ? []
      : [{ key: 'cut', label: t(bought ? 'cutOff' : 'cut'), of: (p: PanelWork) => length(p.cutMm) }]),
    { key: 'finished', label: t('finished'), of: (p) => length(p.finishedMm) },
  ];
  return (
    <table className="mt-2 w-full border-collapse text-[14px]">
      <thead>
        <tr className="text-left text-[12px] text-soft">
          <th className="py-0.5 pr-1 font-normal">{t('panel')}</th>
          {columns.map(({ key, label }) => (
            <th key={key} className="py-0.5 pl-1 text-right font-normal">
              {label}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {panels.map((panel) => (
          <tr key={panel.number} className="border-t border-line align-baseline">
            <th scope="row" className="py-1 pr-1 text-left font-normal">
              {t('name', { number: panel.number, side: panel.side })}
            </th>
            {columns.map(({ key, of }) => (
              <td key={key} className={`py-1 pl-1 text-right ${key === 'finished' ? 'font-semibold' : ''}`}>
                <Words>{of(panel)}</Words>
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
