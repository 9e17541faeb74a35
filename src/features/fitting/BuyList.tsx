'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { buyRule, costByPart } from '../../core/stash/buyingParts';
import { BarChart } from '../../ui/charts/BarChart';
import { Words } from '../../ui/Words';
import { useRoom } from '../shell/room/RoomContext';
import { useMoney } from '../shell/useMoney';
import { Why } from '../shell/Why';
import { useSheetRows } from './useSheetRows';

/** What has to be bought for the look, and where the money goes. */
export function BuyList(): ReactNode {
  const t = useTranslations('fitting');
  const { plan } = useRoom();
  const rows = useSheetRows();
  const money = useMoney();
  const { sheet } = plan;
  const parts = costByPart(sheet.buy);
  return (
    <section className="keep-together mb-4">
      <h2 className="mb-2 text-[19px]">{t('buy')}</h2>
      {sheet.buy.length === 0 ? (
        <p>{t('nothingToBuy')}</p>
      ) : (
        <table className="w-full border-collapse text-[14px]">
          <thead>
            <tr className="text-left text-[12px] text-soft">
              <th className="py-0.5 pr-2 font-normal">{t('count')}</th>
              <th className="py-0.5 pr-2 font-normal">{t('what')}</th>
              <th className="py-0.5 pr-2 font-normal">{t('size')}</th>
              <th className="py-0.5 text-right font-normal">{t('cost')}</th>
              <th className="no-print w-[44px]">
                <span className="sr-only">{t('why')}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {sheet.buy.map((b, i) => {
              const rule = buyRule(b);
              return (
                <tr key={i} className="border-t border-line align-baseline">
                  <td className="py-1 pr-2 font-semibold">{b.count}</td>
                  <td className="py-1 pr-2">
                    {rows.buy(b)}
                    {b.have > 0 && (
                      <span className="text-soft"> ({t('needHave', { need: b.need, have: b.have })})</span>
                    )}
                  </td>
                  <td className="whitespace-nowrap py-1 pr-2">
                    <Words>{rows.size(b)}</Words>
                  </td>
                  <td className="py-1 text-right">
                    {b.cost === null ? (
                      <span className="text-[13px] text-soft">{t('noPrice')}</span>
                    ) : (
                      money(b.cost)
                    )}
                  </td>
                  <td className="no-print py-1 pl-2 text-right">{rule && <Why rule={rule} />}</td>
                </tr>
              );
            })}
            <tr className="border-t-2 border-ink font-semibold">
              <td className="py-1" colSpan={3}>
                {t('total')}
              </td>
              <td className="py-1 text-right">{money(sheet.cost)}</td>
              <td className="no-print py-1 pl-2 text-right">
                <Why rule="stash.currency" />
              </td>
            </tr>
          </tbody>
        </table>
      )}
      {parts.length > 1 && (
        <div className="no-print mt-3">
          <p className="mb-1 text-[13px] font-semibold">{t('costChart')}</p>
          <BarChart
            label={t('costChart')}
            series={[{ name: t('costOf'), fill: '#141414' }]}
            rows={parts.map(({ part, cost }) => ({ name: t(`costParts.${part}`), values: [cost] }))}
            format={money}
          />
        </div>
      )}
    </section>
  );
}
