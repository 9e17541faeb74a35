'use client';
import { LayoutGrid, Rows3 } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import { useCallback, useEffect, useMemo, useRef, useState, type ReactNode, type RefObject } from 'react';
import type { StashHead } from '../../actions/stashTypes';
import { plainUnit } from '../../core/base/length';
import { ruleBook } from '../../core/rules/book';
import { EVERYTHING, filterStash, type Prepared, type StashFilter } from '../../core/stash/entry';
import { waking } from '../../ui/Awake';
import { Button } from '../../ui/Button';
import { ToggleGroup } from '../../ui/ToggleGroup';
import { ScrollArea } from '../../ui/ScrollArea';
import { SkipLinks } from '../../ui/SkipLinks';
import { FilterPanel } from './FilterPanel';
import { ItemPanel } from './item/ItemPanel';
import { StashProvider, useStashRoom, type StashValue } from './StashContext';
import { StashHeader } from './StashHeader';
import { StashGallery, StashList } from './StashList';
import { TABS, type Tab } from './tabs';
import { useStashKeys } from './useStashKeys';
import { useStashState } from './useStashState';

const Overview = dynamic(() => import('./Overview').then((m) => waking(m.Overview)));
const NewThings = dynamic(() => import('./NewThings').then((m) => waking(m.NewThings)));
const PlacesTab = dynamic(() => import('./PlacesTab').then((m) => waking(m.PlacesTab)));
const NeedTab = dynamic(() => import('./NeedTab').then((m) => waking(m.NeedTab)));
const InsertsTab = dynamic(() => import('./InsertsTab').then((m) => waking(m.InsertsTab)));
const CuttingTab = dynamic(() => import('./CuttingTab').then((m) => waking(m.CuttingTab)));
const ReturnsTab = dynamic(() => import('./ReturnsTab').then((m) => waking(m.ReturnsTab)));

/** Everything that is owned: found by what it is, where it is, what it fits, and whether it is free. */
export function StashScreen({ head: first }: { head: StashHead }): ReactNode {
  const t = useTranslations('shell');
  const state = useStashState(first);
  const { head, entries, unit, refresh, replay } = state;
  const [tab, setTab] = useState<Tab>('things');
  const [gallery, setGallery] = useState(false);
  const [filter, setFilter] = useState<StashFilter>(EVERYTHING);
  const [openId, setOpenId] = useState<string | null>(null);
  const search = useRef<HTMLInputElement>(null);
  const open = useCallback((id: string | null) => {
    setOpenId(id);
    if (id) setTab('things');
  }, []);
  // an address may lead to an item, a tab or the pictures
  useEffect(() => {
    const asked = new URLSearchParams(window.location.search);
    const id = asked.get('item');
    const wanted = TABS.find((name) => name === asked.get('tab'));
    queueMicrotask(() => {
      if (id) setOpenId(id);
      if (wanted) setTab(wanted);
      if (asked.get('view') === 'gallery') setGallery(true);
    });
  }, []);
  useStashKeys({
    onUndo: useCallback(() => void replay('undo'), [replay]),
    onRedo: useCallback(() => void replay('redo'), [replay]),
    onSearch: useCallback(() => {
      setTab('things');
      search.current?.focus();
    }, []),
    onGallery: useCallback(() => setGallery((shown) => !shown), []),
  });
  const rules = useMemo(() => ruleBook(head.rules, unit), [head.rules, unit]);
  // a letter typed into the search leaves what hangs on the whole stash alone
  const value = useMemo(
    (): StashValue => ({ head, rules, unit: plainUnit(unit), entries: entries ?? [], refresh, open, openId }),
    [head, rules, unit, entries, refresh, open, openId],
  );
  return (
    <StashProvider value={value}>
      <div className="flex min-h-dvh flex-col px-3 pb-4 sm:px-5">
        <SkipLinks links={[{ to: 'list', label: t('skipList') }]} />
        <StashHeader tab={tab} onTab={setTab} onThing={open} state={state} />
        {tab === 'things' ? (
          <Things
            isLoaded={entries !== null}
            silent={state.silent}
            filter={filter}
            onFilter={setFilter}
            gallery={gallery}
            onGallery={setGallery}
            onTab={setTab}
            searchRef={search}
          />
        ) : (
          <main id="list" tabIndex={-1} className="flex-1 outline-none">
            {tab === 'places' && <PlacesTab />}
            {tab === 'need' && <NeedTab />}
            {tab === 'inserts' && <InsertsTab />}
            {tab === 'cutting' && <CuttingTab />}
            {tab === 'returns' && <ReturnsTab />}
            {tab === 'add' && <NewThings onOpen={open} />}
          </main>
        )}
      </div>
    </StashProvider>
  );
}

type ThingsProps = {
  isLoaded: boolean;
  /** The studio does not answer. */ silent: boolean;
  filter: StashFilter;
  onFilter: (filter: StashFilter) => void;
  gallery: boolean;
  onGallery: (gallery: boolean) => void;
  onTab: (tab: Tab) => void;
  searchRef: RefObject<HTMLInputElement | null>;
};

/** What there is, filtered; and the sheet of what is open, or what is coming up. */
function Things(props: ThingsProps): ReactNode {
  const { isLoaded, filter, onFilter, onTab, searchRef } = props;
  const { entries, rules, openId } = useStashRoom();
  const shown = useMemo(() => filterStash(entries, filter, rules), [entries, filter, rules]);
  return (
    <main className="grid flex-1 items-start gap-3.5 lg:grid-cols-[236px_1fr_384px]">
      <FilterPanel filter={filter} onFilter={onFilter} searchRef={searchRef} />
      <section id="list" tabIndex={-1} className="flex min-w-0 flex-col bg-sheet outline-none">
        <ThingsHead {...props} shown={shown.length} />
        <FoundThings {...props} shown={shown} />
      </section>
      <aside
        data-worksheet
        className={`bg-sheet lg:sticky lg:top-3 lg:block ${openId ? 'max-lg:fixed max-lg:inset-0 max-lg:z-20' : 'max-lg:hidden'}`}
      >
        <ScrollArea bars={['vertical']} className="px-[18px] py-4 max-lg:h-dvh lg:max-h-[calc(100dvh-24px)]">
          {openId && <ItemPanel key={openId} id={openId} />}
          {!openId && isLoaded && <Overview onTab={onTab} onFilter={onFilter} />}
        </ScrollArea>
      </aside>
    </main>
  );
}

function ThingsHead({
  isLoaded,
  silent,
  gallery,
  onGallery,
  shown,
}: ThingsProps & { shown: number }): ReactNode {
  const t = useTranslations('stash');
  const { entries } = useStashRoom();
  const counted = isLoaded ? t('count', { shown, all: entries.length }) : t('loading');
  return (
    <div className="flex items-baseline gap-3 px-4 pb-1.5 pt-3">
      <h1 className="text-[24px]">{t('title')}</h1>
      <p className="text-[14px] text-soft" aria-live="polite">
        {silent ? t('noAnswer') : counted}
      </p>
      <ToggleGroup
        label={t('view')}
        variant="icons"
        value={gallery ? 'gallery' : 'list'}
        options={[
          { value: 'list', label: t('list'), icon: <Rows3 size={16} /> },
          { value: 'gallery', label: t('gallery'), icon: <LayoutGrid size={16} /> },
        ]}
        onChange={(v) => onGallery(v === 'gallery')}
        className="ml-auto"
      />
    </div>
  );
}

function FoundThings({
  isLoaded,
  gallery,
  onFilter,
  onTab,
  shown,
}: ThingsProps & { shown: readonly Prepared[] }): ReactNode {
  const { entries } = useStashRoom();
  const List = gallery ? StashGallery : StashList;
  if (isLoaded && entries.length === 0) return <EmptyStash onAdd={() => onTab('add')} />;
  if (isLoaded && shown.length === 0 && entries.length > 0)
    return <NothingFound onClear={() => onFilter(EVERYTHING)} />;
  return <List entries={shown} />;
}

function EmptyStash({ onAdd }: { onAdd: () => void }): ReactNode {
  const t = useTranslations('stash');
  return (
    <div className="px-4 pb-5 pt-2">
      <p className="mb-3 max-w-[52ch] text-soft">{t('empty')}</p>
      <Button variant="primary" onClick={onAdd}>
        {t('tab.add')}
      </Button>
    </div>
  );
}

function NothingFound({ onClear }: { onClear: () => void }): ReactNode {
  const t = useTranslations('stash');
  return (
    <div className="px-4 pb-5 pt-2">
      <p className="mb-3">{t('nothing')}</p>
      <Button small onClick={onClear}>
        {t('clear')}
      </Button>
    </div>
  );
}
