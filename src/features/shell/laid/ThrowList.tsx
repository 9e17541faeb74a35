'use client';
import { useTranslations } from 'next-intl';
import dynamic from 'next/dynamic';
import type { ReactNode } from 'react';
import { findOne } from '../../../core/base/list';
import { formatLength } from '../../../core/base/length';
import type { ThrowPlan } from '../../../core/textiles/textilesOn';
import { Disclosure } from '../../../ui/Collapsible';
import { Words } from '../../../ui/Words';
import { ClothChip } from '../ClothChip';
import { usePlacing } from '../placing/usePlacing';
import { useRoom } from '../room/RoomContext';
import { usePaint } from '../usePaint';

const ThrowForm = dynamic(() => import('./ThrowForm').then((m) => m.ThrowForm), { loading: () => null });

/** Cloth that is laid over a seat, its arms or a bed, with the band that each makes. */
export function ThrowList({ throws }: { throws: readonly ThrowPlan[] }): ReactNode {
  const t = useTranslations('seats');
  const { file, look, picked, pick } = useRoom();
  const paint = usePaint();
  const acts = usePlacing();
  if (throws.length === 0) return null;
  return (
    <ul aria-label={t('throws')}>
      {throws.map((plan) => {
        const { placementId, item, lie, path } = plan;
        const open = picked === placementId;
        return (
          <li
            key={placementId}
            className={`-mx-2 border-b border-line px-2 ${open ? 'my-1 border-2 border-ink bg-white' : ''}`}
          >
            <Disclosure
              open={open}
              onOpenChange={(next) => pick(next ? placementId : null)}
              triggerClass="grid w-full grid-cols-[36px_1fr_auto] items-center gap-x-2.5 py-1.5 text-left text-[14px]"
              trigger={
                <>
                  <ClothChip item={item} paint={paint} />
                  <span className="font-semibold leading-tight">{item.name}</span>
                  <span className="text-right text-soft">
                    <Words>
                      {t('laidAs', {
                        lie: t(`lies.${lie}`),
                        width: formatLength(path.bandMm, file.room.unit),
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
            </Disclosure>
          </li>
        );
      })}
    </ul>
  );
}
