'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { Dressing, Opening } from '../../core/model/types';
import { nextDressed } from '../../core/plan/windows/dressed';
import type { WindowPlan } from '../../core/stages/windows/windowPlan';
import { Button } from '../../ui/Button';
import { useRoom } from '../shell/room/RoomContext';
import { useWindowActs } from './useWindowActs';

type Props = { opening: Opening; dressing: Dressing; plan: WindowPlan };

/** The windows that share this one's rod, and the next one that could. */
export function JoinedWindows({ opening: o, dressing: d, plan: w }: Props): ReactNode {
  const t = useTranslations('windows');
  const { file, look, plan } = useRoom();
  const acts = useWindowActs(o, d, w);
  const last = look.dressings.find((x) => x.openingId === w.openingIds[w.openingIds.length - 1]) ?? d;
  const next = w.shower ? undefined : nextDressed({ file, look, walls: plan.walls }, last);
  const covered = w.openingIds.slice(1).flatMap((id) => {
    const i = w.openingIds.indexOf(id);
    const previous = look.dressings.find((x) => x.openingId === w.openingIds[i - 1]);
    const name = file.openings.find((x) => x.id === id)?.name;
    return previous && name ? [{ previous, name }] : [];
  });
  if (!next && covered.length === 0) return null;
  return (
    <div className="space-y-1.5 border-t border-line pt-2">
      {covered.map(({ previous, name }) => (
        <p key={previous.id} className="flex items-baseline justify-between gap-2 text-[14px]">
          <span>{t('under', { name })}</span>
          <Button small onClick={() => acts.join(previous, false)}>
            {t('takeOff', { name })}
          </Button>
        </p>
      ))}
      {next && (
        <p className="flex items-baseline justify-between gap-2 text-[13px] text-soft">
          <span>{t('joinsSays')}</span>
          <Button small className="whitespace-nowrap" onClick={() => acts.join(last, true)}>
            {t('joins', { next: next.opening.name })}
          </Button>
        </p>
      )}
    </div>
  );
}
