'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { alikeTies, isUnanswered, tieGroups, type TieGroup, type Ties } from '../../core/spread/ties';
import { Mark } from '../../ui/Mark';
import { Select } from '../../ui/Select';
import type { RoomTies } from './useTies';

const NONE = '=';

/** Chooses the textile that lines are drawn from, to what it answers, and says by what. */
export function TieChoice({ ties: { ties, chosen, choose } }: { ties: RoomTies }): ReactNode {
  const t = useTranslations('ties');
  const name = useTieName();
  if (ties.length === 0) return null;
  const rows = inOrder(ties);
  const shown = rows.find(({ ids }) => chosen !== null && ids.includes(chosen.id));
  return (
    <div className="mx-4 mb-3 grid gap-x-5 gap-y-1 sm:grid-cols-[220px_1fr]">
      <Select
        label={t('choose')}
        value={shown?.first.id ?? NONE}
        options={[
          { value: NONE, label: t('noLines') },
          ...rows.map((row) => ({ value: row.first.id, label: name(row) })),
        ]}
        onChange={(id) => choose(id === NONE ? null : id)}
      />
      <div className="self-end pb-1">{shown && <Groups of={shown.first} />}</div>
    </div>
  );
}

/** What each textile of the room answers, those that nothing answers first. */
export function TieList({ ties: { ties } }: { ties: RoomTies }): ReactNode {
  const t = useTranslations('ties');
  const name = useTieName();
  if (ties.length === 0) return null;
  return (
    <section className="px-4 pb-4" aria-label={t('title')}>
      <h2 className="mb-1 text-[18px]">{t('title')}</h2>
      <p className="text-[14px] text-soft">
        {t('unanswered', { count: ties.filter(isUnanswered).length, all: ties.length })}
      </p>
      <ul className="mt-1 columns-1 gap-6 sm:columns-2">
        {inOrder(ties).map((row) => (
          <li key={row.first.id} className="break-inside-avoid border-b border-line py-1.5 text-[14px]">
            <span className="flex items-baseline gap-2 font-semibold">
              {isUnanswered(row.first) && <Mark level="yielded" title={t('nothing')} />}
              {name(row)}
            </span>
            <Groups of={row.first} />
          </li>
        ))}
      </ul>
    </section>
  );
}

type Row = ReturnType<typeof alikeTies>[number];

function inOrder(ties: readonly Ties[]): Row[] {
  const rows = alikeTies(ties);
  const isAlone = ({ first }: Row) => isUnanswered(first);
  return [...rows.filter(isAlone), ...rows.filter((row) => !isAlone(row))];
}

function useTieName(): (row: Row) => string {
  const t = useTranslations('ties');
  return ({ first, ids }) => t('several', { name: first.name, count: ids.length });
}

/** Of more names the rest is counted. */
const MOST_SAID = 3;

/** What a textile answers, by colour, texture, pattern and metal. */
function Groups({ of }: { of: Ties }): ReactNode {
  const t = useTranslations('ties');
  if (isUnanswered(of)) return <span className="block text-[13px] text-soft">{t('nothing')}</span>;
  const say = ({ by, names }: TieGroup) => {
    const more = names.length - MOST_SAID;
    const said = names.slice(0, MOST_SAID).join(', ');
    return t('tie', { by: t(`by.${by}`), names: more > 0 ? t('more', { names: said, count: more }) : said });
  };
  return tieGroups(of).map((group) => (
    <span key={group.by} className="block text-[13px] text-soft">
      {say(group)}
    </span>
  ));
}
