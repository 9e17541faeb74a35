'use client';
import type { Level } from '../../core/model/finding';
import type { ReturnState } from '../../core/stash/returns';
import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import { cutTagsAction } from '../../actions/stash';
import { returnOf } from '../../core/stash/returns';
import { dayWords } from '../../ui/day';
import { Button } from '../../ui/Button';
import { LazyDialog } from '../../ui/LazyDialog';
import { Mark } from '../../ui/Mark';
import { useStashRoom } from './StashContext';
import { ClothSquare } from './Swatches';
import { listWords } from '../../messages/findingWords';
import { TEXT_LINK } from '../../ui/PageLink';

/** What can still go back and until when; cutting the tags closes it. */
export function ReturnsTab(): ReactNode {
  const t = useTranslations('stash');
  const { entries, head, rules, refresh, open } = useStashRoom();
  const [asking, setAsking] = useState<{ ids: string[]; names: string } | null>(null);
  const warn = rules.list('stash.returnWarn');
  const rows = entries
    .flatMap((e) => {
      const back = returnOf(e, head.today, warn);
      return back.state === 'none' ? [] : [{ e, back }];
    })
    .sort((a, b) => a.back.days - b.back.days);
  const ordered = entries.filter((e) => e.state === 'ordered');
  return (
    <div className="grid items-start gap-3.5 lg:min-h-[calc(100dvh-72px)] lg:grid-cols-[1fr_384px] lg:items-stretch">
      <section className="bg-sheet px-[18px] py-4">
        <div className="flex flex-wrap items-baseline gap-3">
          <h1 className="text-[24px]">{t('tab.returns')}</h1>
          <a href="/api/stash/returns.ics" className={`${TEXT_LINK} ml-auto text-[14px]`}>
            {t('returns.calendar')}
          </a>
        </div>
        <p className="mb-3 text-[14px] text-soft">
          {t('returns.intro', { days: listWords(warn.map(String)) })}
        </p>
        {rows.length === 0 ? (
          <p className="text-soft">{t('returns.none')}</p>
        ) : (
          <ul>
            {rows.map(({ e, back }) => (
              <li
                key={e.id}
                className="flex flex-wrap items-center gap-3 border-b border-line py-2 text-[15px]"
              >
                <ClothSquare colours={e.colours} pattern={e.pattern} />
                <Mark
                  level={levelOf(back.state)}
                  title={t(`return.${back.state}`, { days: Math.abs(back.days), day: dayWords(e.returnBy!) })}
                />
                <button
                  type="button"
                  className="font-medium underline decoration-line underline-offset-4"
                  onClick={() => open(e.id)}
                >
                  {e.name}
                </button>
                <span className="text-[14px]">
                  {t(`return.${back.state}`, { days: Math.abs(back.days), day: dayWords(e.returnBy!) })}
                </span>
                <Button small className="ml-auto" onClick={() => setAsking({ ids: [e.id], names: e.name })}>
                  {t('returns.cut')}
                </Button>
              </li>
            ))}
          </ul>
        )}
      </section>
      <section className="bg-sheet px-[18px] py-4">
        <h2 className="text-[19px]">{t('returns.ordered')}</h2>
        <p className="mb-3 mt-0.5 text-[14px] text-soft">
          {ordered.length > 0 ? t('returns.orderedSays') : t('returns.orderedNone')}
        </p>
        <ul className="text-[15px]">
          {ordered.map((e) => (
            <li key={e.id} className="flex items-center gap-3 border-b border-line py-2">
              <ClothSquare colours={e.colours} pattern={e.pattern} />
              <span className="font-medium">{e.name}</span>
              <Button small className="ml-auto" onClick={() => open(e.id)}>
                {t('returns.came')}
              </Button>
            </li>
          ))}
        </ul>
      </section>
      <LazyDialog
        open={asking !== null}
        onClose={() => setAsking(null)}
        title={t('returns.cut')}
        closeLabel={t('back')}
      >
        <p className="mb-4">{t('returns.ask', { names: asking?.names ?? '' })}</p>
        <Button
          variant="primary"
          onClick={() => {
            const { ids } = asking!;
            setAsking(null);
            void cutTagsAction(ids).then(refresh);
          }}
        >
          {t('returns.do')}
        </Button>
      </LazyDialog>
    </div>
  );
}

/** A return that is over can't be made any more; one that is near wants to be seen. */
function levelOf(state: ReturnState): Level {
  if (state === 'open') return 'ok';
  return state === 'over' ? 'stop' : 'caution';
}
