'use client';
import { useTranslations } from 'next-intl';
import { useEffect, useState, type ReactNode } from 'react';
import type { Dressing } from '../../core/model/types';
import { stashWays, type StashWay } from '../../core/plan/windows/stashWays';
import type { WindowPlan } from '../../core/stages/windows/windowPlan';
import { RadioList } from '../../ui/RadioGroup';
import { useRoom } from '../shell/room/RoomContext';
import { useStashWhenThere } from '../shell/useStash';
import { keyOf, RouteRow } from './RouteList';
import { useWindowActs } from './useWindowActs';

const REST_MS = 150;

const keyOfWay = ({ item, route }: StashWay): string => `${item.id} ${keyOf(route)}`;

/** What else the stash has for this window, though it hangs there only when it is chosen. */
export function StashWays({ dressing: d, plan: w }: { dressing: Dressing; plan: WindowPlan }): ReactNode {
  const t = useTranslations('windows');
  const { file, look, plan } = useRoom();
  const acts = useWindowActs(undefined, d, w);
  const panels = useStashWhenThere('panel');
  const [ways, setWays] = useState<StashWay[] | null>(null);
  // every kind of panel is planned at the window: not for each frame of a drag, but when that has come to rest
  useEffect(() => {
    if (!panels) return undefined;
    const rest = setTimeout(
      () => setWays(stashWays({ file, look, windows: plan.windows }, d, panels)),
      REST_MS,
    );
    return () => clearTimeout(rest);
  }, [file, look, plan.windows, d, panels]);
  if (!ways || !panels?.some((p) => p.id !== d.itemId)) return null;
  return (
    <section className="mt-3">
      <h3 className="mb-1 font-sans text-[14px] font-semibold">{t('fromStash')}</h3>
      {ways.length === 0 ? (
        <p className="text-[13px] text-soft">{t('fromStashNone')}</p>
      ) : (
        <RadioList
          label={t('fromStash')}
          value={null}
          onChange={(key) => {
            const way = ways.find((x) => keyOfWay(x) === key);
            if (way) acts.hang(way);
          }}
          options={ways.map((way) => ({
            value: keyOfWay(way),
            content: (
              <RouteRow
                route={way.route}
                layer={w}
                name={t('stashWay', { name: way.item.name, count: way.free })}
              />
            ),
          }))}
        />
      )}
    </section>
  );
}
