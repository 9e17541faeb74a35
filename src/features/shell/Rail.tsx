'use client';
import { useTranslations } from 'next-intl';
import { StageLink } from './StageLink';
import { usePathname } from 'next/navigation';
import { memo, type ReactNode } from 'react';
import { STAGE_GROUPS, type StageGroup, type StageName } from '../../core/model/finding';
import { ScrollArea } from '../../ui/ScrollArea';
import { StageBox } from '../../ui/Mark';
import { useRoomAtRest } from './room/RoomContext';

const GROUPS = Object.entries(STAGE_GROUPS) as [StageGroup, readonly StageName[]][];

/** The order of work, with how far each stage is. */
export const Rail = memo(function Rail(): ReactNode {
  const t = useTranslations();
  const { plan, file, look, wallId, wallIsChosen } = useRoomAtRest();
  const chosen = wallIsChosen || wallId === 'plan' ? `&wall=${wallId}` : '';
  const here = usePathname().split('/').pop();
  return (
    <nav aria-label={t('shell.rail')} className="no-print lg:w-[152px] lg:shrink-0">
      <ScrollArea bars={['horizontal']} hasHiddenBars>
        <div className="flex gap-x-5 px-4 py-2 lg:block lg:py-1 lg:pl-5 lg:pr-0">
          {GROUPS.map(([group, stages]) => (
            <div key={group} className="flex gap-x-4 lg:mb-4 lg:block">
              <p className="hidden font-narrow text-[13px] font-semibold text-soft lg:mb-1 lg:block">
                {t(`groups.${group}`)}
              </p>
              {stages.map((stage) => {
                const s = plan.stages[stage];
                const open = s.open > 0 && stage !== 'fitting' ? String(s.open) : '';
                const count = stage === 'windows' && s.of > 0 ? `${s.done}/${s.of}` : open;
                const current = here === stage;
                return (
                  <StageLink
                    key={stage}
                    href={`/rooms/${file.room.id}/${stage}?look=${look.id}${chosen}`}
                    aria-current={current ? 'page' : undefined}
                    className="flex items-center gap-2.5 whitespace-nowrap py-[3px] font-narrow text-[16px] aria-[current=page]:font-bold"
                  >
                    <StageBox state={s.state} title={t(`stageState.${s.state}`)} />
                    <span>{t(`stages.${stage}`)}</span>
                    {count && (
                      <span
                        className="text-[13px] font-normal text-soft"
                        title={stage === 'windows' ? undefined : t('shell.openIssues', { count: s.open })}
                      >
                        {count}
                      </span>
                    )}
                    {current && (
                      <span aria-hidden="true" className="ml-1 hidden h-[2px] flex-1 bg-ink lg:block" />
                    )}
                  </StageLink>
                );
              })}
            </div>
          ))}
        </div>
      </ScrollArea>
    </nav>
  );
});
