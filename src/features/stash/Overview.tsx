'use client';
import { first } from '../../core/base/list';
import { useTranslations } from 'next-intl';
import { memo, type ReactNode } from 'react';
import { hexOfLab } from '../../core/colour/spaces';
import { countStash } from '../../core/stash/byKind';
import { EVERYTHING, type StashFilter } from '../../core/stash/entry';
import { returnOf } from '../../core/stash/returns';
import { BarChart } from '../../ui/charts/BarChart';
import { useStashRoom } from './StashContext';
import type { Tab } from './tabs';

/** The kinds that there are most of; the rest are in the list under the chart. */
const CHARTED = 8;

/** How many there are of each kind, each bar in the colours that they have. */
function KindChart(): ReactNode {
  const t = useTranslations('stash');
  const { entries } = useStashRoom();
  const { kinds, groups } = countStash(entries);
  if (kinds.length === 0) return null;
  return (
    <BarChart
      label={t('kindAndColour')}
      stacked
      series={groups.map((g) => ({ name: t(`colourGroups.${g.group}`), fill: hexOfLab(g.colour) }))}
      rows={kinds.slice(0, CHARTED).map(({ kind, byColour }) => ({
        name: t(`kinds.${kind}`),
        values: groups.map((g) => byColour.get(g.group) ?? 0),
      }))}
      format={String}
    />
  );
}

/**
 * What waits in the stash while nothing is picked: returns, orders, colours not seen, and what there is of
 * each kind.
 */
export const Overview = memo(function Overview({
  onTab,
  onFilter,
}: {
  onTab: (tab: Tab) => void;
  onFilter: (f: StashFilter) => void;
}): ReactNode {
  const t = useTranslations('stash');
  const { entries, head, rules } = useStashRoom();
  const returns = entries.map((e) => returnOf(e, head.today, rules.list('stash.returnWarn')));
  const back = returns
    .filter((r) => r.state !== 'none' && r.state !== 'over')
    .sort((a, b) => a.days - b.days);
  const over = returns.filter((r) => r.state === 'over').length;
  const { kinds } = countStash(entries);
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
  const wished = entries.filter((e) => e.wish !== null).length;
  const [ordered, unseen] = [
    entries.filter((e) => e.state === 'ordered').length,
    entries.filter((e) => !e.seen && e.state !== 'gone' && e.wish === null).length,
  ];
  return (
    <div>
      <h2 className="text-[19px]">{t('waits')}</h2>
      <hr className="mb-2 mt-2.5 border-t-2 border-ink" />
      <ul className="space-y-0.5">
        {line(
          back.length > 0 ? t('waitsBack', { count: back.length, days: first(back).days }) : t('waitsNoBack'),
          () => onTab('returns'),
        )}
        {over > 0 && line(t('waitsOver', { count: over }), () => onTab('returns'))}
        {line(t('waitsOrdered', { count: ordered }), () => onFilter({ ...EVERYTHING, state: 'ordered' }))}
        {line(t('waitsWished', { count: wished }), () => onFilter({ ...EVERYTHING, state: 'wished' }))}
        {line(t('waitsUnseen', { count: unseen }), () => onFilter({ ...EVERYTHING, state: 'unseen' }))}
        {line(t('waitsNeed'), () => onTab('need'))}
        {line(t('waitsPlaces', { count: head.places.length }), () => onTab('places'))}
      </ul>
      <h3 className="mb-1 mt-4 font-sans text-[14px] font-semibold">{t('kindAndColour')}</h3>
      <KindChart />
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
