'use client';
import { parse } from 'devalue';
import { useTranslations } from 'next-intl';
import dynamic from 'next/dynamic';
import { PageLink } from '../../ui/PageLink';
import { usePathname } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import type { RuleId } from '../../core/rules/table';
import { waking } from '../../ui/Awake';
import { SkipLinks } from '../../ui/SkipLinks';
import { TabPanel, Tabs } from '../../ui/Tabs';
import { Rail } from './Rail';
import { useRoom } from './room/RoomContext';
import { RoomProvider } from './room/RoomProvider';
import type { RoomPage } from './room/openRoom';
import { openStage } from './StageLink';
import { StatusLine } from './StatusLine';
import { usePaint } from './usePaint';

const Valance = dynamic(() => import('./Valance').then((m) => waking(m.Valance)));

// what changes the room's view comes after the room itself
const LookTabs = dynamic(() => import('./LookTabs').then((m) => waking(m.LookTabs)));
const SeenBy = dynamic(() => import('./SeenBy').then((m) => waking(m.SeenBy)));
const RoomFind = dynamic(() => import('./find/RoomFind').then((m) => waking(m.RoomFind)));
const WhyDialog = dynamic(() => import('./WhyDialog').then((m) => m.WhyDialog), { loading: () => null });

/** The frame of an open room: valance, head, rail, and the stage's own sheets. */
export function RoomShell({ page, children }: { page: string; children: ReactNode }): ReactNode {
  const [{ opened, plans }] = useState(() => parse(page) as RoomPage);
  return (
    <RoomProvider opened={opened} plans={plans}>
      <Frame>{children}</Frame>
    </RoomProvider>
  );
}

function Frame({ children }: { children: ReactNode }): ReactNode {
  const t = useTranslations();
  const { file, plan, look, setLook, asked, askWhy, setFamily, setView } = useRoom();
  const paint = usePaint();
  const here = usePathname();
  // with a tape in one hand only the reading counts
  const tape = here.endsWith('/tape');
  const showFamily = (id: string) => {
    setFamily(id);
    setView('one');
    if (!here.endsWith('/colour')) openStage(`/rooms/${file.room.id}/colour?look=${look.id}`);
  };
  return (
    <Tabs value={look.id} onChange={setLook} className="flex min-h-dvh flex-col">
      <SkipLinks
        links={[
          { to: tape ? 'tape-reading' : 'drawing', label: t('shell.skip') },
          ...(tape || here.endsWith('/fitting') ? [] : [{ to: 'worksheet', label: t('shell.skipSheet') }]),
        ]}
      />
      <header className="no-print">
        <Valance families={plan.spread.families} paint={paint} onPick={showFamily} />
        <div className="flex flex-wrap items-center gap-x-5 gap-y-2 px-5 py-2.5">
          <PageLink
            href="/"
            className="font-head text-[22px]"
            aria-label={`${t('app.name')}, ${t('app.home')}`}
          >
            {t('app.name')}
          </PageLink>
          <p className="text-[14px]">
            <span className="text-soft">{file.home.name} / </span>
            <b className="font-semibold">{file.room.name}</b>
          </p>
          <div className={tape ? 'max-lg:hidden lg:contents' : 'contents'}>
            <RoomFind />
          </div>
          <div className="ml-auto flex min-w-0 flex-wrap items-center gap-x-4 gap-y-2">
            <div className={tape ? 'max-lg:hidden' : 'contents'}>
              <LookTabs />
            </div>
            <div className={tape ? 'max-lg:hidden' : 'contents'}>
              <SeenBy />
            </div>
            <StatusLine />
          </div>
        </div>
      </header>
      <div className="flex flex-1 flex-col lg:flex-row">
        <div className={tape ? 'max-lg:hidden' : 'contents'}>
          <Rail />
        </div>
        <main className="flex min-w-0 flex-1">
          <TabPanel value={look.id} className="flex min-w-0 flex-1">
            {children}
          </TabPanel>
        </main>
      </div>
      {asked && <WhyDialog rule={asked as RuleId} onClose={() => askWhy(null)} />}
    </Tabs>
  );
}
