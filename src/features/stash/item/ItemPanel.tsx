'use client';
import { first } from '../../../core/base/list';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import { useMemo, useState, type ReactNode } from 'react';
import { nameColour } from '../../../core/colour/name';
import type { Item } from '../../../core/model/types';
import { returnOf } from '../../../core/stash/returns';
import { Button } from '../../../ui/Button';
import { dayWords } from '../../../ui/day';
import { TextField } from '../../../ui/Field';
import { useColourName } from '../../shell/useWords';
import { useStashRoom } from '../StashContext';
import { ItemBasics } from './ItemBasics';
import { ItemCare } from './ItemCare';
import { ItemCloth } from './ItemCloth';
import { ItemColours } from './ItemColours';
import { asOpenItem, ItemProvider, useItem, type Problem, type Side } from './ItemContext';
import { ItemMoney } from './ItemMoney';
import { ItemPhoto } from './ItemPhoto';
import { ItemWhere } from './ItemWhere';
import { useItemSheet } from './useItemSheet';
import { WishLine } from './WishLine';

const PhotoColour = dynamic(() => import('../PhotoColour').then((m) => m.PhotoColour), {
  loading: () => null,
});
const ReaderPanel = dynamic(() => import('../ReaderPanel').then((m) => m.ReaderPanel), {
  loading: () => null,
});
const ArrivedPanel = dynamic(() => import('../ArrivedPanel').then((m) => m.ArrivedPanel), {
  loading: () => null,
});

/**
 * One thing of the stash: what it is, its colours, its care, where it is, what it cost, and where it is used.
 */
export function ItemPanel({ id }: { id: string }): ReactNode {
  const t = useTranslations('stash');
  const { refresh, open } = useStashRoom();
  const [side, setSide] = useState<Side>(null);
  const { sheet, problem, setProblem, load, save, putInto, showCurrent, remove, duplicate } =
    useItemSheet(id);
  const openItem = useMemo(
    () => asOpenItem(id, { sheet, save, putInto, setProblem }, setSide),
    [sheet, save, putInto, id, setProblem],
  );
  if (sheet === undefined) return <p className="text-soft">{t('loading')}</p>;
  const back = (
    <Button small className="mb-3 lg:hidden" onClick={() => open(null)}>
      {t('backToList')}
    </Button>
  );
  if (openItem === null)
    return (
      <>
        {back}
        <p>{t('gone')}</p>
      </>
    );
  const { item } = openItem;
  const done = () => {
    setSide(null);
    void load();
    void refresh();
  };
  return (
    <ItemProvider value={openItem}>
      {back}
      <ItemHead />
      {problem && <ProblemLine problem={problem} onShow={showCurrent} />}
      {item.state === 'ordered' && side !== 'arrived' && (
        <div className="mb-2 flex items-center justify-between gap-3 border border-ink px-3 py-2 text-[14px]">
          <span>{item.dueOn ? t('due', { day: dayWords(item.dueOn) }) : t('onOrder')}</span>
          <Button variant="primary" small onClick={() => setSide('arrived')}>
            {t('arrived.do')}
          </Button>
        </div>
      )}
      {item.wish && (
        <WishLine wish={item.wish} onFound={(count) => save({ wish: null, count, seen: true })} />
      )}
      <ReturnLine />
      {side === 'arrived' && <ArrivedPanel item={item} onDone={done} />}
      {side === 'photo' && (
        <PhotoColour
          item={item}
          onTake={(patch) => {
            save(patch);
            setSide(null);
          }}
          onLeave={() => setSide(null)}
        />
      )}
      {side === 'reader' && <ReaderPanel item={item} onDone={done} />}
      {side === null && (
        <>
          <ItemBasics />
          <ItemColours />
          <ItemCloth />
          <ItemCare />
          <ItemMoney />
          <ItemWhere />
          <ItemPhoto />
          <ItemNote />
          <div className="mt-4 flex gap-2 border-t border-line pt-3">
            <Button small onClick={() => void duplicate()}>
              {t('duplicate')}
            </Button>
            <Button small onClick={() => void remove()}>
              {t('remove')}
            </Button>
          </div>
        </>
      )}
    </ItemProvider>
  );
}

function ItemHead(): ReactNode {
  const t = useTranslations('stash');
  const colourName = useColourName();
  const { item } = useItem();
  const doubts = [
    ...(!item.seen ? [t('mark.unseen')] : []),
    ...(item.colourFrom === 'photo' ? [t('mark.uncorrected')] : []),
  ];
  return (
    <>
      <h2 className="text-[19px]">{item.name}</h2>
      <p className="text-[14px] text-soft">
        {t(`kinds.${item.kind}`)}, {colourName(nameColour(first(item.colours)))}
        {doubts.length > 0 && `; ${doubts.join(', ')}`}
      </p>
      <hr className="mb-2 mt-2.5 border-t-2 border-ink" />
    </>
  );
}

function ProblemLine({
  problem: { text, current },
  onShow,
}: {
  problem: Problem;
  onShow: (current: Item) => void;
}): ReactNode {
  const t = useTranslations('stash');
  return (
    <p role="alert" className="mb-2 text-[14px]">
      {text}{' '}
      {current && (
        <Button small onClick={() => onShow(current)}>
          {t('showIt')}
        </Button>
      )}
    </p>
  );
}

/** How long it can still go back. */
function ReturnLine(): ReactNode {
  const t = useTranslations('stash');
  const { head, rules } = useStashRoom();
  const { item } = useItem();
  const back = returnOf(item, head.today, rules.list('stash.returnWarn'));
  if (back.state === 'none') return null;
  return (
    <p className="mb-2 text-[14px]">
      {t(`return.${back.state}`, { days: Math.abs(back.days), day: dayWords(item.returnBy!) })}
    </p>
  );
}

function ItemNote(): ReactNode {
  const t = useTranslations('stash');
  const { item, take, key } = useItem();
  return (
    <TextField
      className="mt-2"
      label={t('note')}
      draftKey={key('note')}
      value={item.note}
      onCommit={(note) => take({ note: note.slice(0, 2000) })}
    />
  );
}
