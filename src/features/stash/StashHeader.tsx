'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { PageLink } from '../../ui/PageLink';
import { Select } from '../../ui/Select';
import { Toast } from '../../ui/Toast';
import { ScrollArea } from '../../ui/ScrollArea';
import { StudioFind } from '../shell/find/StudioFind';
import { UndoButtons } from '../shell/UndoButtons';
import type { StashState } from './useStashState';
import { TABS, type Tab } from './tabs';

/** The head of the stash: its tabs, its unit, undo and redo. */
export function StashHeader({
  tab,
  onTab,
  onThing,
  state: { head, unit, changeUnit, notice, clearNotice, replay },
}: {
  tab: Tab;
  onTab: (tab: Tab) => void;
  onThing: (id: string) => void;
  state: StashState;
}): ReactNode {
  const t = useTranslations('stash');
  const tr = useTranslations();
  return (
    <header className="flex flex-wrap items-center gap-x-5 gap-y-1.5 py-2.5">
      <PageLink
        href="/"
        className="font-head text-[22px]"
        aria-label={`${tr('app.name')}, ${tr('app.home')}`}
      >
        {tr('app.name')}
      </PageLink>
      <nav aria-label={t('tabs')} className="min-w-0 font-narrow text-[16px]">
        <ScrollArea bars={['horizontal']} hasHiddenBars>
          <div className="flex gap-x-4">
            {TABS.map((k) => (
              <button
                key={k}
                type="button"
                aria-current={tab === k ? 'page' : undefined}
                onClick={() => onTab(k)}
                className="min-w-[24px] shrink-0 whitespace-nowrap border-b-2 border-transparent py-0.5 aria-[current=page]:border-ink aria-[current=page]:font-bold"
              >
                {t(`tab.${k}`)}
              </button>
            ))}
          </div>
        </ScrollArea>
      </nav>
      <div className="ml-auto flex items-center gap-1">
        <Select
          label={tr('measure.unit')}
          hideLabel
          value={unit}
          options={(['in', 'cm'] as const).map((u) => ({ value: u, label: tr(`measure.unit-${u}`) }))}
          onChange={changeUnit}
          className="mr-2 w-[110px]"
        />
        <UndoButtons
          of={{ id: 'stash', name: t('title') }}
          labels={head}
          onReplay={(way) => void replay(way)}
        />
        <StudioFind keys={[tr('keys.undo'), tr('keys.search'), tr('keys.gallery')]} onThing={onThing} />
        <Toast label={tr('shell.notices')} message={notice} onClose={clearNotice} />
      </div>
    </header>
  );
}
