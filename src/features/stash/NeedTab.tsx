'use client';
import { Select } from '../../ui/Select';
import { useAsked } from './useAsked';
import { useStashMoney } from './useStashMoney';
import { useTranslations } from 'next-intl';
import { useCallback, useState, type ReactNode } from 'react';
import { looksOfRoomsAction, needLinesAction } from '../../actions/stash';
import { SEASONS } from '../../core/model/values/item';
import { Mark } from '../../ui/Mark';
import { Checkbox } from '../../ui/Checkbox';
import { ScrollArea } from '../../ui/ScrollArea';

const COUNTED: ReadonlySet<string> = new Set(['need', 'owned', 'free', 'ordered', 'buy']);

/** Need against have: for one look, or over all rooms in a season, with what the shops have. */
export function NeedTab(): ReactNode {
  const t = useTranslations('stash');
  const [ask, setAsk] = useState<string>('season/summer');
  const [all, setAll] = useState(true);
  const rooms = useAsked(looksOfRoomsAction).value ?? [];
  const askLines = useCallback(() => {
    const [kind, a, b] = ask.split('/') as [string, string, string | undefined];
    return needLinesAction(kind === 'season' ? { season: a as 'summer' } : { roomId: a, lookId: b! });
  }, [ask]);
  const { value: lines, silent } = useAsked(askLines);
  const money = useStashMoney();
  const missing = (line: { buy: number }) => (line.buy > 0 ? t('need.noShop') : '');
  const short = lines?.filter((l) => l.buy > 0) ?? [];
  const shown = all ? (lines ?? []) : short;
  const cost = short.reduce((s, l) => s + (l.shop ? l.buy * l.shop.price : 0), 0);
  return (
    <section className="bg-sheet px-5 py-4">
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <h1 className="text-[24px]">{t('tab.need')}</h1>
        <Select
          label={t('need.for')}
          value={ask}
          options={[
            ...SEASONS.map((s) => ({
              value: `season/${s}`,
              label: t(`seasons.${s}`),
              group: t('need.allRooms'),
            })),
            ...rooms.flatMap((r) =>
              r.looks.map((l) => ({ value: `look/${r.roomId}/${l.id}`, label: l.name, group: r.roomName })),
            ),
          ]}
          onChange={setAsk}
          className="w-[240px]"
        />
        <Checkbox checked={all} onChange={(checked) => setAll(checked)}>
          {t('need.all')}
        </Checkbox>
      </div>
      {lines === null ? (
        <p className="mt-3 text-soft">{silent ? t('unread') : t('loading')}</p>
      ) : (
        <>
          <p className="mt-2 text-[16px]">
            {short.length === 0
              ? t('need.enough', { count: lines.length })
              : t('need.short', { count: short.length, of: lines.length })}
            {cost > 0 && ` ${t('need.cost', { cost: money(cost) })}`}
          </p>
          {shown.length > 0 && (
            <ScrollArea bars={['horizontal']} className="mt-2" label={t('tab.need')}>
              <table className="w-full min-w-[640px] border-collapse text-[14px]">
                <thead>
                  <tr className="border-b border-ink text-left font-narrow text-[13px] text-soft">
                    {(['thing', 'need', 'owned', 'free', 'ordered', 'buy', 'shop'] as const).map((h) => (
                      <th key={h} className={`py-1 pr-4 font-medium ${COUNTED.has(h) ? 'text-right' : ''}`}>
                        {t(`need.head.${h}`)}
                      </th>
                    ))}
                  </tr>
                </thead>
                <tbody>
                  {shown.map((l) => (
                    <tr key={l.itemId} className="border-b border-line">
                      <td className="py-1.5 pr-4">
                        <span className="flex gap-2">
                          <Mark
                            level={l.buy > 0 ? 'caution' : 'ok'}
                            title={l.buy > 0 ? t('need.head.buy') : t('need.ok')}
                          />
                          {l.name}
                        </span>
                      </td>
                      {[l.need, l.owned, l.free, l.ordered, l.buy].map((n, i) => (
                        <td key={i} className="py-1.5 pr-4 text-right">
                          {n}
                        </td>
                      ))}
                      <td className="py-1.5">
                        {l.shop
                          ? t('need.offer', {
                              source: l.shop.source,
                              stock: l.shop.stock,
                              price: money(l.shop.price),
                              days: l.shop.leadDays,
                              enough: l.shop.enough ? 'yes' : 'no',
                              back: l.shop.returnDays,
                            })
                          : missing(l)}
                      </td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </ScrollArea>
          )}
        </>
      )}
    </section>
  );
}
