'use client';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import { memo, useCallback, useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { LayoutGrid, Redo2, Rows3, Undo2 } from 'lucide-react';
import { replayStudioAction } from '../../actions/room';
import { stashHeadAction } from '../../actions/stash';
import type { StashHead } from '../../actions/stashTypes';
import type { LengthUnit } from '../../core/base/units';
import { ruleBook } from '../../core/rules/book';
import { returnOf } from '../../core/stash/returns';
import { EVERYTHING, filterStash, type StashFilter } from '../../core/stash/entry';
import { waking } from '../../ui/Awake';
import { Button } from '../../ui/Button';
import { PageLink } from '../../ui/PageLink';
import { useActWords } from '../shell/StatusLine';
import { FilterPanel } from './FilterPanel';
import { ItemPanel } from './ItemPanel';
import { StashProvider, useStashRoom, type StashValue } from './StashContext';
import { StashGallery, StashList } from './StashList';
import { useStashIndex } from './useStashIndex';
import { sendLeft } from './waiting';

const NewThings = dynamic(() => import('./NewThings').then((m) => waking(m.NewThings)));
const PlacesTab = dynamic(() => import('./PlacesTab').then((m) => waking(m.PlacesTab)));
const NeedTab = dynamic(() => import('./NeedTab').then((m) => waking(m.NeedTab)));
const ReturnsTab = dynamic(() => import('./ReturnsTab').then((m) => waking(m.ReturnsTab)));

const TABS = ['things', 'places', 'need', 'returns', 'add'] as const;
type Tab = (typeof TABS)[number];
const UNIT_KEY = 'rideau:stash-unit';

/** Everything that is owned: found by what it is, where it is, what it fits, and whether it is free. */
export function StashScreen({ head: first }: { head: StashHead }): ReactNode {
  const t = useTranslations('stash');
  const tr = useTranslations();
  const act = useActWords();
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
            <select
              aria-label={tr('measure.unit')}
              value={unit}
              onChange={(e) => changeUnit(e.target.value as LengthUnit)}
              className="mr-2 border-b border-line bg-transparent text-[14px]"
            >
              {(['in', 'cm'] as const).map((u) => (
                <option key={u} value={u}>
                  {tr(`measure.unit-${u}`)}
                </option>
              ))}
            </select>
            <button
              type="button"
              disabled={!head.undo}
              onClick={() => void replay('undo')}
              aria-label={head.undo ? `${tr('shell.undo')}: ${act(head.undo)}` : tr('shell.undo')}
              title={head.undo ? act(head.undo) : ''}
              className="rounded-md p-1.5 hover:bg-sheet disabled:opacity-35"
            >
              <Undo2 size={16} />
            </button>
            <button
              type="button"
              disabled={!head.redo}
              onClick={() => void replay('redo')}
              aria-label={head.redo ? `${tr('shell.redo')}: ${act(head.redo)}` : tr('shell.redo')}
              title={head.redo ? act(head.redo) : ''}
              className="rounded-md p-1.5 hover:bg-sheet disabled:opacity-35"
            >
              <Redo2 size={16} />
            </button>
            <p role="status" aria-live="polite" className="min-w-0 text-[13px]">
              {said}
            </p>
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
                <div className="ml-auto flex gap-1" role="group" aria-label={t('view')}>
                  <button
                    type="button"
                    aria-pressed={!gallery}
                    aria-label={t('list')}
                    title={t('list')}
                    onClick={() => setGallery(false)}
                    className="rounded-md border border-transparent p-1 aria-pressed:border-ink"
                  >
                    <Rows3 size={16} />
                  </button>
                  <button
                    type="button"
                    aria-pressed={gallery}
                    aria-label={t('gallery')}
                    title={t('gallery')}
                    onClick={() => setGallery(true)}
                    className="rounded-md border border-transparent p-1 aria-pressed:border-ink"
                  >
                    <LayoutGrid size={16} />
                  </button>
                </div>
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

/**
 * What waits in the stash while nothing is picked: returns, orders, colours not seen, and what there is of
 * each kind.
 */
const Overview = memo(function Overview({
  onTab,
  onFilter,
}: {
  onTab: (tab: Tab) => void;
  onFilter: (f: StashFilter) => void;
}): ReactNode {
  const t = useTranslations('stash');
  const { entries, head, rules } = useStashRoom();
  const back = entries
    .map((e) => returnOf(e, head.today, rules.list('stash.returnWarn')))
    .filter((r) => r.state !== 'none')
    .sort((a, b) => a.days - b.days);
  const kinds = [...new Set(entries.map((e) => e.kind))]
    .map((kind) => ({ kind, count: entries.filter((e) => e.kind === kind && e.state !== 'gone').length }))
    .sort((a, b) => b.count - a.count);
  const line = (words: string, press: () => void) => (
    <li key={words}>
      <button
        type="button"
        onClick={press}
        className="min-h-[28px] text-left text-[15px] underline decoration-line underline-offset-4 hover:decoration-ink"
      >
        {words}
      </button>
    </li>
  );
  const [ordered, unseen] = [
    entries.filter((e) => e.state === 'ordered').length,
    entries.filter((e) => !e.seen && e.state !== 'gone').length,
  ];
  return (
    <div>
      <h2 className="text-[19px]">{t('waits')}</h2>
      <hr className="mb-2 mt-2.5 border-t-2 border-ink" />
      <ul className="space-y-0.5">
        {line(
          back.length > 0 ? t('waitsBack', { count: back.length, days: back[0]!.days }) : t('waitsNoBack'),
          () => onTab('returns'),
        )}
        {line(t('waitsOrdered', { count: ordered }), () => onFilter({ ...EVERYTHING, state: 'ordered' }))}
        {line(t('waitsUnseen', { count: unseen }), () => onFilter({ ...EVERYTHING, state: 'unseen' }))}
        {line(t('waitsNeed'), () => onTab('need'))}
        {line(t('waitsPlaces', { count: head.places.length }), () => onTab('places'))}
      </ul>
      <h3 className="mb-1 mt-4 font-sans text-[14px] font-semibold">{t('kind')}</h3>
      <ul className="grid grid-cols-2 gap-x-4">
        {kinds.map(({ kind, count }) => (
          <li key={kind}>
            <button
              type="button"
              onClick={() => onFilter({ ...EVERYTHING, kinds: [kind] })}
              className="flex w-full justify-between border-b border-line py-1 text-[14px] hover:border-ink"
            >
              <span>{t(`kinds.${kind}`)}</span>
              <span className="text-soft">{count}</span>
            </button>
          </li>
        ))}
      </ul>
      <p className="mt-4 text-[13px] text-soft">{t('pickSays')}</p>
    </div>
  );
});

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
