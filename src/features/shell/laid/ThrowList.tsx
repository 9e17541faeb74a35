'use client';
import { useTranslations } from 'next-intl';
import dynamic from 'next/dynamic';
import type { ReactNode } from 'react';
import { findOne } from '../../../core/base/list';
import { formatPlainLength } from '../../../core/base/length';
import type { ThrowPlan } from '../../../core/textiles/textilesOn';
import { Words } from '../../../ui/Words';
import { ClothChip } from '../ClothChip';
import { usePlacing } from '../placing/usePlacing';
import { useRoom } from '../room/RoomContext';
import { usePaint } from '../usePaint';
import { LaidRow } from './LaidRow';

const ThrowForm = dynamic(() => import('./ThrowForm').then((m) => m.ThrowForm), { loading: () => null });

/** Cloth that is laid over a seat, its arms or a bed, with the band that each makes. */
export function ThrowList({ throws }: { throws: readonly ThrowPlan[] }): ReactNode {
  const t = useTranslations('seats');
  const { file, look } = useRoom();
  const paint = usePaint();
  const acts = usePlacing();
  if (throws.length === 0) return null;
  return (
    <ul aria-label={t('throws')}>
      {throws.map((plan) => {
        const { placementId, item, lie, path } = plan;
        return (
          <LaidRow
            key={placementId}
            placementId={placementId}
            columns="grid-cols-[36px_1fr_auto]"
            head={
              <>
                <ClothChip item={item} paint={paint} />
                <span className="font-semibold leading-tight">{item.name}</span>
                <span className="text-right text-soft">
                  <Words>
                    {t('laidAs', {
                      lie: t(`lies.${lie}`),
                      width: formatPlainLength(path.bandMm, file.room.unit),
                    })}
                  </Words>
                </span>
              </>
            }
          >
            <ThrowForm
              plan={plan}
              placement={findOne(look.placements, (x) => x.id === placementId)}
              acts={acts}
            />
          </LaidRow>
        );
      })}
    </ul>
  );
}
