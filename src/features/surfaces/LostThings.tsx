import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { takes } from '../../core/room/spots/parts';
import type { Spot } from '../../core/room/spots/spot';
import { Button } from '../../ui/Button';
import { usePlacing } from '../shell/placing/usePlacing';
import { itemOf, useRoom } from '../shell/room/RoomContext';

/** Things of the look that have nowhere to stand any more: each is put on what is chosen, or taken off. */
export function LostThings({ ids, target }: { ids: readonly string[]; target: Spot }): ReactNode {
  const t = useTranslations('surfaces');
  const { file, look } = useRoom();
  const placing = usePlacing();
  // what stands on one of them goes along with it
  const lost = look.placements.filter((p) => ids.includes(p.id) && !ids.includes(p.spot.of));
  if (lost.length === 0) return null;
  return (
    <ul aria-label={t('lost')} className="mt-2 text-[14px]">
      {lost.map((p) => {
        const item = itemOf(file, p.itemId);
        return (
          item && (
            <li key={p.id} className="flex flex-wrap items-center gap-1.5 border-t border-line py-1.5">
              <span className="mr-auto font-semibold">{item.name}</span>
              {takes(target.kind, item.kind) && (
                <Button small onClick={() => placing.moveTo(p, item, target)}>
                  {t('putHere')}
                </Button>
              )}
              <Button small onClick={() => placing.takeOff(p)}>
                {t('takeOff')}
              </Button>
            </li>
          )
        );
      })}
    </ul>
  );
}
