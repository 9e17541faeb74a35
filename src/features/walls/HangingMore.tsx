'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { Hanging, Item } from '../../core/model/types';
import type { HangingPlan } from '../../core/stages/walls/planHanging';
import { Button } from '../../ui/Button';
import { Collapsible } from '../../ui/Collapsible';
import { LayerSelect } from '../shell/LayerSelect';
import { useRoom } from '../shell/room/RoomContext';
import { PrintForm } from './PrintForm';
import { sheetName } from './printSheets';
import { TemplateLinks } from './TemplateLinks';
import { listWords } from '../../messages/findingWords';

/** More of a hung piece: what its glass shows, the print in its frame, its template. */
export function HangingMore({
  hanging: h,
  item,
  plan: p,
  sightFrom,
  onSight,
}: {
  hanging: Hanging;
  item: Item;
  plan: HangingPlan;
  /** The standpoint whose view is drawn. */ sightFrom: string | null;
  onSight: (fromId: string | null) => void;
}): ReactNode {
  const t = useTranslations('walls');
  const { file, look, plan, change } = useRoom();
  const sights = plan.sights.filter((s) => s.hangingId === h.id);
  const glass = item.glazed || item.kind === 'mirror';
  return (
    <div className="mt-4 border-t-2 border-ink">
      <div className="py-2">
        <LayerSelect
          layer={h.layer}
          onChange={(layer) => change([{ do: 'putHanging', lookId: look.id, hanging: { ...h, layer } }])}
        />
      </div>
      {glass && (
        <Collapsible
          title={t('glass')}
          summary={t('glassSays', { count: sights.filter((s) => s.shows.length > 0).length })}
        >
          {sights.length === 0 && <p className="text-[14px] text-soft">{t('noStand')}</p>}
          <ul className="space-y-1.5 text-[14px]">
            {sights.map((s) => (
              <li key={s.fromId} className="flex items-baseline justify-between gap-3">
                <span>
                  {t('glassFrom', {
                    from: s.fromName,
                    names: s.shows.length > 0 ? listWords(s.shows.map((x) => x.name)) : t('glassNothing'),
                  })}
                </span>
                <Button
                  small
                  className="shrink-0 whitespace-nowrap"
                  onClick={() => onSight(sightFrom === s.fromId ? null : s.fromId)}
                >
                  {sightFrom === s.fromId ? t('glassHide') : t('glassShow')}
                </Button>
              </li>
            ))}
          </ul>
        </Collapsible>
      )}
      {item.kind !== 'mirror' && item.kind !== 'wallPanel' && (
        <Collapsible
          title={t('print')}
          summary={h.print ? sheetName(h.print, file.room.unit) : t('printNone')}
        >
          {() => <PrintForm hanging={h} item={item} />}
        </Collapsible>
      )}
      {!p.leans && (
        <Collapsible title={t('template')}>
          {() => <TemplateLinks subject={{ hangingId: h.id }} />}
        </Collapsible>
      )}
    </div>
  );
}
