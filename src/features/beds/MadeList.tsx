'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { findOne } from '../../core/base/list';
import { formatBareSize, formatLength, plainUnit } from '../../core/base/length';
import type { BedPlan, MadeCover } from '../../core/stages/beds/bedPlan';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/Words';
import { ClothChip } from '../shell/ClothChip';
import { LaidRow } from '../shell/laid/LaidRow';
import { LayerSelect } from '../shell/LayerSelect';
import { usePlacing } from '../shell/placing/usePlacing';
import { useRoom } from '../shell/room/RoomContext';
import { usePaint } from '../shell/usePaint';

/** Bedding that is not seen to hang down. */
const HIDDEN: ReadonlySet<string | null> = new Set(['topper', 'fitted']);

/** What is spread over a bed, the uppermost first, with how far it hangs down. */
export function MadeList({ covers, bed }: Pick<BedPlan, 'covers' | 'bed'>): ReactNode {
  const t = useTranslations('beds');
  const { file } = useRoom();
  const paint = usePaint();
  const unit = plainUnit(file.room.unit);
  if (covers.length === 0) return null;
  return (
    <section aria-label={t('made')}>
      <h3 className="mt-2.5 font-sans text-[13px] font-semibold text-soft">{t('made')}</h3>
      <ul>
        {[...covers].reverse().map((cover) => {
          const { placementId, item, sideMm, footMm } = cover;
          return (
            <LaidRow
              key={placementId}
              placementId={placementId}
              columns="grid-cols-[36px_1fr]"
              head={
                <>
                  <ClothChip item={item} paint={paint} />
                  <span className="leading-tight">
                    <span className="font-semibold">{item.name}</span>
                    <span className="block text-[13px] text-soft">
                      <Words>
                        {t('bedding', {
                          as: item.bedding ?? 'none',
                          size: formatBareSize(item.widthMm, item.heightMm, unit),
                        })}
                      </Words>
                    </span>
                    {!HIDDEN.has(item.bedding) && (
                      <span className="block text-[13px] text-soft">
                        <Words>
                          {t('drops', {
                            side: formatLength(sideMm, unit),
                            foot: formatLength(footMm, unit),
                            closed: bed.isFootClosed ? 'yes' : 'no',
                          })}
                        </Words>
                      </span>
                    )}
                  </span>
                </>
              }
            >
              <MadeActs cover={cover} />
            </LaidRow>
          );
        })}
      </ul>
    </section>
  );
}

/** What can be done with bedding that is spread over a bed. */
function MadeActs({ cover: { placementId, item } }: { cover: MadeCover }): ReactNode {
  const t = useTranslations('beds');
  const { look } = useRoom();
  const acts = usePlacing();
  const placement = findOne(look.placements, (p) => p.id === placementId);
  return (
    <div className="space-y-2.5 pb-3 pt-1">
      <LayerSelect layer={placement.layer} onChange={(layer) => acts.set(placement, { layer })} />
      <div className="flex flex-wrap gap-1.5">
        <Button small onClick={() => acts.set(placement, { lie: 'acrossFoot', fold: null })}>
          {t('foldAtFoot')}
        </Button>
        <Button small onClick={() => acts.step(placement, 1)}>
          {t('over')}
        </Button>
        <Button small disabled={placement.row === 0} onClick={() => acts.step(placement, -1)}>
          {t('under')}
        </Button>
        {item.back !== null || placement.face === 'back' ? (
          <Button
            small
            onClick={() => acts.set(placement, { face: placement.face === 'front' ? 'back' : 'front' })}
          >
            {t('otherFace')}
          </Button>
        ) : null}
        <Button small onClick={() => acts.takeOff(placement)}>
          {t('takeOff')}
        </Button>
      </div>
    </div>
  );
}
