'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { Dressing } from '../../core/model/types';
import type { WindowPlan } from '../../core/stages/windows/windowPlan';
import { massWords, sagWords } from '../../messages/findingWords';
import { Collapsible } from '../../ui/Collapsible';
import { LayerSelect } from '../shell/LayerSelect';
import { useRoom } from '../shell/room/RoomContext';
import { clothWords } from './clothWords';
import { percent } from './percent';
import { RoomEcho } from './RoomEcho';
import { Together } from './Together';
import { useWindowActs } from './useWindowActs';
import { WindowLight } from './WindowLight';
import { WindowMaking } from './WindowMaking';
import { WindowRod } from './WindowRod';

/**
 * What a dressed window does: ways for all windows together, light and privacy, rod and hardware, the making,
 * the sound of the room.
 */
export function WindowMore({
  dressing: d,
  plan: w,
  local,
}: {
  dressing: Dressing;
  plan: WindowPlan;
  local: boolean;
}): ReactNode {
  const t = useTranslations('windows');
  const { file, plan } = useRoom();
  const { unit } = file.room;
  const acts = useWindowActs(undefined, d, w);
  const seconds = (s: number) => s.toFixed(2);
  return (
    <div className="mt-5 border-t-2 border-ink">
      {!local && (
        <div className="py-2">
          <LayerSelect layer={d.layer} onChange={(layer) => acts.set({ layer })} />
        </div>
      )}
      {!local && <Together dressing={d} plan={w} />}
      {!w.shower && (
        <Collapsible title={t('light')} summary={t('lightSays', { now: percent(w.light.now) })}>
          {() => <WindowLight dressing={d} plan={w} />}
        </Collapsible>
      )}
      <Collapsible
        title={t('rodFold')}
        summary={t('rodSays', {
          mass: massWords(w.rod.load.massG, unit),
          sag: sagWords(w.rod.load.sagMm, unit),
        })}
      >
        {() => <WindowRod dressing={d} plan={w} />}
      </Collapsible>
      {!w.shower && (
        <Collapsible
          title={t('madeFold')}
          summary={t('madeSays', { widths: w.making.widths, total: clothWords(w.making.totalMm, unit) })}
        >
          {() => <WindowMaking dressing={d} plan={w} />}
        </Collapsible>
      )}
      {!local && (
        <Collapsible
          title={t('echo')}
          summary={t('echoSays', { from: seconds(plan.echo.bareS.hz500), to: seconds(plan.echo.nowS.hz500) })}
        >
          {() => <RoomEcho />}
        </Collapsible>
      )}
    </div>
  );
}
