'use client';
import { useTranslations } from 'next-intl';
import dynamic from 'next/dynamic';
import type { ReactNode } from 'react';
import { findOne } from '../../../core/base/list';
import { formatBareSize } from '../../../core/base/length';
import type { Mm } from '../../../core/base/units';
import { sameInsert } from '../../../core/room/pillow';
import { laidLike } from '../../../core/textiles/insert';
import type { PillowPlan } from '../../../core/textiles/pillows';
import { Words } from '../../../ui/Words';
import { ClothChip } from '../ClothChip';
import { usePlacing } from '../placing/usePlacing';
import { itemOf, useRoom } from '../room/RoomContext';
import { usePaint } from '../usePaint';
import { LaidRow } from './LaidRow';

const PillowForm = dynamic(() => import('./PillowForm').then((m) => m.PillowForm), { loading: () => null });

/** Pillows back to front, each with its cover and its insert; the picked one with what can be said of it. */
export function PillowList({ pillows }: { pillows: readonly PillowPlan[] }): ReactNode {
  const t = useTranslations('seats');
  const { file, look, plan } = useRoom();
  const paint = usePaint();
  const acts = usePlacing();
  const sizeOf = (thing: { widthMm: Mm; heightMm: Mm }) =>
    formatBareSize(thing.widthMm, thing.heightMm, file.room.unit);
  const isToBuy = ({ insert: { insert }, fill }: PillowPlan) =>
    insert !== null && plan.sheet.inserts.some((n) => n.buy > 0 && sameInsert(n, { ...insert, fill }));
  return (
    <ol>
      {pillows.map((p) => {
        const placement = findOne(look.placements, (x) => x.id === p.placementId);
        const item = itemOf(file, p.itemId)!;
        return (
          <LaidRow
            key={p.placementId}
            placementId={p.placementId}
            columns="grid-cols-[36px_1fr_auto_auto]"
            head={
              <>
                <ClothChip item={item} paint={paint} />
                <span className="font-semibold leading-tight">{p.name}</span>
                <span className="text-soft">
                  <Words>{t('cover', { size: sizeOf(item) })}</Words>
                </span>
                <span className="min-w-[88px] text-right">
                  <Words>
                    {p.insert.insert
                      ? `${sizeOf(laidLike(item, p.insert.insert))} ${isToBuy(p) ? t('toBuy') : t(p.fill)}`
                      : t('noInsert')}
                  </Words>
                </span>
              </>
            }
          >
            <PillowForm plan={p} item={item} placement={placement} acts={acts} />
          </LaidRow>
        );
      })}
    </ol>
  );
}
