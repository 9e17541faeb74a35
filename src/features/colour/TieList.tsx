'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { isUnanswered, tieGroups, type TieGroup, type Ties } from '../../core/spread/ties';
import { Mark } from '../../ui/Mark';

/** What each textile of the room answers, those that nothing answers first; the chosen one is drawn with its lines. */
export function TieList({
  ties,
  chosenId,
  onChoose,
}: {
  ties: readonly Ties[];
  chosenId: string | null;
  onChoose: (id: string | null) => void;
}): ReactNode {
  const t = useTranslations('ties');
  if (ties.length === 0) return null;
  const say = ({ by, names }: TieGroup) => {
    const more = names.length - MOST_SAID;
    const said = names.slice(0, MOST_SAID).join(', ');
    return t('tie', { by: t(`by.${by}`), names: more > 0 ? t('more', { names: said, count: more }) : said });
  };
  const alone = ties.filter(isUnanswered);
  const ordered = [...alone, ...ties.filter((one) => !isUnanswered(one))];
  return (
    <section className="px-4 pb-4" aria-label={t('title')}>
      <h2 className="mb-1 text-[18px]">{t('title')}</h2>
      <p className="text-[14px] text-soft">{t('unanswered', { count: alone.length, all: ties.length })}</p>
      <ul className="mt-1 columns-1 gap-6 sm:columns-2">
        {ordered.map((one) => {
          const isChosen = one.id === chosenId;
          return (
            <li key={one.id} className="break-inside-avoid border-b border-line">
              <button
                type="button"
                aria-pressed={isChosen}
                onClick={() => onChoose(isChosen ? null : one.id)}
                className={`block min-h-[24px] w-full py-1.5 text-left text-[14px] ${isChosen ? 'bg-white' : ''}`}
              >
                <span className="flex items-baseline gap-2 font-semibold">
                  {isUnanswered(one) && <Mark level="yielded" title={t('nothing')} />}
                  {one.name}
                </span>
                {isUnanswered(one) ? (
                  <span className="block text-[13px] text-soft">{t('nothing')}</span>
                ) : (
                  tieGroups(one).map((group) => (
                    <span key={group.by} className="block text-[13px] text-soft">
                      {say(group)}
                    </span>
                  ))
                )}
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** Of more names the rest is counted. */
const MOST_SAID = 3;
