'use client';
import { useTranslations } from 'next-intl';
import { PageLink, TEXT_LINK } from '../../ui/PageLink';
import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useState, type ReactNode } from 'react';
import { Button } from '../../ui/Button';
import { LazyDialog } from '../../ui/LazyDialog';
import { useInBrowser } from '../../ui/useInBrowser';
import { StudioFind } from '../shell/find/StudioFind';
import { SetAside } from '../shell/SetAside';
import { BEGUN_ROOMS, unsentRooms } from '../shell/unsentRooms';
import { useActWords } from '../shell/useActWords';
import { FileDoors } from './FileDoors';
import { NewRoom } from './NewRoom';
import { OtherDevices } from './OtherDevices';
import { QuickTiles } from './QuickTiles';
import { RoomCardView } from './RoomCardView';
import type { HomeData } from './types';

/** Rooms that are seen without scrolling. */
const ON_SIGHT = 4;

/** The first page: rooms with what is next in each, a way to begin one, and quick answers beside. */
export function HomeScreen({ told }: { told: string }): ReactNode {
  const data = useMemo(() => JSON.parse(told) as HomeData, [told]);
  const t = useTranslations();
  const act = useActWords();
  // what is seen only by scrolling comes when the page stands
  const inBrowser = useInBrowser();
  const [beginning, setBeginning] = useState(false);
  const router = useRouter();
  // rooms that a closed page began while the studio did not answer
  useEffect(() => {
    void unsentRooms()
      .sendLeft()
      .then(
        (begun) => begun > 0 && router.refresh(),
        () => undefined,
      );
  }, [router]);
  const undo = data.undo ? t('home.undo', { what: act(data.undo) }) : null;
  return (
    <div className="mx-auto max-w-[1240px] px-4 pb-10 sm:px-6">
      <header className="flex flex-wrap items-baseline gap-x-4 gap-y-1 py-4">
        <PageLink href="/" className="font-head text-[26px]">
          {t('app.name')}
        </PageLink>
        <p className="text-[14px] text-soft">
          {data.studio}; {t('home.items', { count: data.items })}
        </p>
        <PageLink href="/stash" className={`${TEXT_LINK} text-[16px]`}>
          {t('stash.title')}
        </PageLink>
        <div className="ml-auto flex items-center gap-2 self-center">
          <SetAside of={BEGUN_ROOMS} name={t('home.title')} />
          <StudioFind />
        </div>
      </header>
      <main className="grid items-start gap-6 lg:grid-cols-[1fr_372px]">
        {data.rooms.length === 0 ? (
          <section className="bg-sheet px-5 py-5">
            <h1 className="text-[26px]">{t('home.emptyTitle')}</h1>
            <p className="mb-4 mt-1 max-w-[60ch] text-soft">{t('home.emptySays')}</p>
            <div className="max-w-[560px]">
              <NewRoom homes={data.homes} usualUnit={data.unit} />
            </div>
          </section>
        ) : (
          <section>
            <div className="mb-3 flex items-baseline justify-between gap-3">
              <h1 className="text-[26px]">{t('home.title')}</h1>
              <Button variant="primary" onClick={() => setBeginning(true)}>
                {t('home.new')}
              </Button>
            </div>
            <div className="grid gap-4 xl:grid-cols-2">
              {data.rooms.slice(0, inBrowser ? undefined : ON_SIGHT).map((r) => (
                <RoomCardView key={r.id} room={r} />
              ))}
            </div>
            {inBrowser && data.others.length > 0 && (
              <nav
                aria-label={t('home.others', { count: data.others.length })}
                className="mt-4 bg-sheet px-5 py-4"
              >
                <h2 className="mb-2 text-[19px]">{t('home.others', { count: data.others.length })}</h2>
                <ul className="gap-x-6 text-[14px] sm:columns-2">
                  {data.others.map((r) => (
                    <li key={r.id} className="truncate py-[3px]">
                      <PageLink href={`/rooms/${r.id}/measure`} className={TEXT_LINK}>
                        {r.name}
                      </PageLink>{' '}
                      <span className="text-soft">{r.homeName}</span>
                    </li>
                  ))}
                </ul>
              </nav>
            )}
          </section>
        )}
        <aside className="space-y-5">
          <section className="bg-sheet px-[18px] py-4">
            <h2 className="text-[21px]">{t('home.quick')}</h2>
            <p className="mb-3 text-[14px] text-soft">{t('home.quickSays')}</p>
            <QuickTiles />
          </section>
          <FileDoors undo={undo} />
          {data.devices && <OtherDevices told={data.devices} />}
        </aside>
      </main>
      <LazyDialog
        open={beginning}
        onClose={() => setBeginning(false)}
        title={t('home.new')}
        closeLabel={t('shell.close')}
      >
        <NewRoom homes={data.homes} usualUnit={data.unit} />
      </LazyDialog>
    </div>
  );
}
