'use client';
import { ToggleGroup } from '../../ui/ToggleGroup';
import { Select } from '../../ui/Select';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import { useCallback, useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { LayoutGrid, Rows3 } from 'lucide-react';
import { replayStudioAction } from '../../actions/room';
import { stashHeadAction } from '../../actions/stash';
import type { StashHead } from '../../actions/stashTypes';
import type { LengthUnit } from '../../core/base/units';
import { ruleBook } from '../../core/rules/book';
import { EVERYTHING, filterStash, type StashFilter } from '../../core/stash/entry';
import { waking } from '../../ui/Awake';
import { Button } from '../../ui/Button';
import { PageLink } from '../../ui/PageLink';
import { Toast } from '../../ui/Toast';
import { UndoButtons } from '../shell/UndoButtons';
import { FilterPanel } from './FilterPanel';
import { ItemPanel } from './item/ItemPanel';
import { StashProvider, type StashValue } from './StashContext';
import { StashGallery, StashList } from './StashList';
import { useStashIndex } from './useStashIndex';
import { sendLeft } from './waiting';

const Overview = dynamic(() => import('./Overview').then((m) => waking(m.Overview)));
const NewThings = dynamic(() => import('./NewThings').then((m) => waking(m.NewThings)));
const PlacesTab = dynamic(() => import('./PlacesTab').then((m) => waking(m.PlacesTab)));
const NeedTab = dynamic(() => import('./NeedTab').then((m) => waking(m.NeedTab)));
const ReturnsTab = dynamic(() => import('./ReturnsTab').then((m) => waking(m.ReturnsTab)));

const TABS = ['things', 'places', 'need', 'returns', 'add'] as const;
export type Tab = (typeof TABS)[number];
const UNIT_KEY = 'rideau:stash-unit';

/** Everything that is owned: found by what it is, where it is, what it fits, and whether it is free. */
export function StashScreen({ head: first }: { head: StashHead }): ReactNode {
  const t = useTranslations('stash');
  const tr = useTranslations();
  const [head, setHead] = useState(first);
  const { entries, silent, reload } = useStashIndex();
  const [filter, setFilter] = useState<StashFilter>(EVERYTHING);
  const [tab, setTab] = useState<Tab>('things');
  const [gallery, setGallery] = useState(false);
  const [openId, setOpenId] = useState<string | null>(null);
  const open = useCallback((id: string | null) => {
    setOpenId(id);
    if (id) setTab('things');
  }, []);
  const [unit, setUnit] = useState<LengthUnit>('in');
  const [said, setSaid] = useState('');
  const search = useRef<HTMLInputElement>(null);
  useEffect(() => {
    const at = new URLSearchParams(window.location.search);
    const id = at.get('item');
    const wanted = at.get('tab');
    queueMicrotask(() => {
      if (id) setOpenId(id);
      if (wanted && (TABS as readonly string[]).includes(wanted)) setTab(wanted as Tab);
      if (at.get('view') === 'gallery') setGallery(true);
      if (window.localStorage.getItem(UNIT_KEY) === 'cm') setUnit('cm');
    });
  }, []);
  const rules = useMemo(() => ruleBook(head.rules, unit), [head.rules, unit]);
  const shown = useMemo(() => (entries ? filterStash(entries, filter, rules) : []), [entries, filter, rules]);
  const isEmpty = entries?.length === 0;
  const noneFound = entries !== null && shown.length === 0;
  const counted = entries === null ? t('loading') : t('count', { shown: shown.length, all: entries.length });
  const status = silent ? t('noAnswer') : counted;
  const refresh = useCallback(async () => {
    const [next] = await Promise.all([stashHeadAction(), reload()]);
    setHead(next);
  }, [reload]);
  // what an earlier page typed while nobody answered
  useEffect(() => {
    void sendLeft(() => undefined)
      .then(async ({ taken, refused }) => {
        if (taken + refused === 0) return;
        await refresh();
        setSaid(
          [
            taken > 0 ? t('sentLater', { count: taken }) : '',
            refused > 0 ? t('refusedLater', { count: refused }) : '',
          ]
            .filter(Boolean)
            .join(' '),
        );
      })
      .catch(() => undefined);
  }, [refresh, t]);
  const replay = useCallback(
    async (way: 'undo' | 'redo') => {
      const { ok } = await replayStudioAction(way);
      setSaid(ok ? t(way === 'undo' ? 'undone' : 'redone') : tr('shell.standsInWay'));
      await refresh();
    },
    [refresh, t, tr],
  );
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const typing =
        e.target instanceof HTMLElement && ['INPUT', 'TEXTAREA', 'SELECT'].includes(e.target.tagName);
      if ((e.ctrlKey || e.metaKey) && e.key.toLowerCase() === 'z' && !typing) {
        e.preventDefault();
        void replay(e.shiftKey ? 'redo' : 'undo');
        return;
      }
      if (typing || e.ctrlKey || e.metaKey || e.altKey || document.querySelector('[role=dialog]')) return;
      if (e.key === '/') {
        e.preventDefault();
        setTab('things');
        search.current?.focus();
      } else if (e.key === 'g') setGallery((g) => !g);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [replay]);
  const changeUnit = (u: LengthUnit) => {
    setUnit(u);
    try {
      window.localStorage.setItem(UNIT_KEY, u);
    } catch {
      /* a browser without storage keeps no unit */
    }
  };
  // a letter typed into the search leaves what hangs on the whole stash alone
  const value = useMemo(
    (): StashValue => ({ head, rules, unit, entries: entries ?? [], refresh, open, openId }),
    [head, rules, unit, entries, refresh, open, openId],
  );
  return (
    <StashProvider value={value}>
      <div className="flex min-h-dvh flex-col px-3 pb-4 sm:px-5">
        <header className="flex flex-wrap items-center gap-x-5 gap-y-1.5 py-2.5">
          <PageLink
            href="/"
            className="font-head text-[22px]"
            aria-label={`${tr('app.name')}, ${tr('app.home')}`}
          >
            {tr('app.name')}
          </PageLink>
          <nav aria-label={t('tabs')} className="flex gap-x-4 overflow-x-auto font-narrow text-[16px]">
            {TABS.map((k) => (
              <button
                key={k}
                type="button"
                aria-current={tab === k ? 'page' : undefined}
                onClick={() => setTab(k)}
                className="whitespace-nowrap border-b-2 border-transparent py-0.5 aria-[current=page]:border-ink aria-[current=page]:font-bold"
              >
                {t(`tab.${k}`)}
              </button>
            ))}
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
            <UndoButtons labels={head} onReplay={(way) => void replay(way)} />
            <Toast label={tr('shell.notices')} message={said || null} onClose={() => setSaid('')} />
          </div>
        </header>
        {tab === 'things' ? (
          <main className="grid flex-1 items-start gap-3.5 lg:grid-cols-[236px_1fr_384px]">
            <FilterPanel filter={filter} onFilter={setFilter} searchRef={search} />
            <section className="flex min-w-0 flex-col bg-sheet">
              <div className="flex items-baseline gap-3 px-4 pb-1.5 pt-3">
                <h1 className="text-[24px]">{t('title')}</h1>
                <p className="text-[14px] text-soft" aria-live="polite">
                  {status}
                </p>
                <ToggleGroup
                  label={t('view')}
                  variant="icons"
                  value={gallery ? 'gallery' : 'list'}
                  options={[
                    { value: 'list', label: t('list'), icon: <Rows3 size={16} /> },
                    { value: 'gallery', label: t('gallery'), icon: <LayoutGrid size={16} /> },
                  ]}
                  onChange={(v) => setGallery(v === 'gallery')}
                  className="ml-auto"
                />
              </div>
              {isEmpty && <EmptyStash onAdd={() => setTab('add')} />}
              {!isEmpty && noneFound && <NothingFound onClear={() => setFilter(EVERYTHING)} />}
              {!isEmpty &&
                !noneFound &&
                (gallery ? <StashGallery entries={shown} /> : <StashList entries={shown} />)}
            </section>
            <aside
              data-worksheet
              className={`bg-sheet px-[18px] py-4 lg:sticky lg:top-3 lg:block lg:max-h-[calc(100dvh-24px)] lg:overflow-y-auto ${openId ? 'max-lg:fixed max-lg:inset-0 max-lg:z-20 max-lg:overflow-y-auto' : 'max-lg:hidden'}`}
            >
              {openId ? (
                <ItemPanel key={openId} id={openId} />
              ) : (
                entries !== null && <Overview onTab={setTab} onFilter={setFilter} />
              )}
            </aside>
          </main>
        ) : (
          <main className="flex-1">
            {tab === 'places' && <PlacesTab />}
            {tab === 'need' && <NeedTab />}
            {tab === 'returns' && <ReturnsTab />}
            {tab === 'add' && <NewThings onOpen={open} />}
          </main>
        )}
      </div>
    </StashProvider>
  );
}

function EmptyStash({ onAdd }: { onAdd: () => void }): ReactNode {
  const t = useTranslations('stash');
  return (
    <div className="px-4 pb-5 pt-2">
      <p className="mb-3 max-w-[52ch] text-soft">{t('empty')}</p>
      <Button look="strong" onClick={onAdd}>
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
