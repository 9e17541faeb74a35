'use client';
import { useTranslations } from 'next-intl';
import { useMemo, useState, type ReactNode } from 'react';
import { formatBareSize } from '../../core/base/length';
import { ScrollArea } from '../../ui/ScrollArea';
import { Select } from '../../ui/Select';
import { ClothSheet } from './cutting/ClothSheet';
import { asOpenItem, ItemProvider } from './item/ItemContext';
import { useItemSheet } from './item/useItemSheet';
import { useStashRoom } from './StashContext';

/** Things of the stash that are cloth enough to cut covers from. */
const CUT_FROM: ReadonlySet<string> = new Set(['panel', 'bedding', 'throw', 'tablecloth']);
/** Bedding that is filled is no cloth to cut. */
const FILLED: ReadonlySet<string | null> = new Set(['duvet', 'topper']);
/** In the address, the cloth that is shown first. */
const ASKED = 'cloth';

/** One cloth, several covers: what is marked on it, what is wanted of it, how it is cut. */
export function CuttingTab(): ReactNode {
  const t = useTranslations('cutting');
  const { entries, unit } = useStashRoom();
  const cloths = entries.filter((e) => CUT_FROM.has(e.kind) && !FILLED.has(e.bedding) && e.state !== 'gone');
  const [chosen, setChosen] = useState<string | null>(() =>
    new URLSearchParams(window.location.search).get(ASKED),
  );
  const cloth = cloths.find((e) => e.id === chosen) ?? cloths[0];
  if (!cloth)
    return (
      <section className="bg-sheet px-5 py-4">
        <h1 className="text-[24px]">{t('title')}</h1>
        <p className="mt-2 max-w-[52ch] text-soft">{t('none')}</p>
      </section>
    );
  const choice = (
    <Select
      label={t('cloth')}
      value={cloth.id}
      options={cloths.map((e) => ({
        value: e.id,
        label: `${e.name}, ${formatBareSize(e.widthMm, e.heightMm, unit)}`,
      }))}
      onChange={setChosen}
    />
  );
  return <OneCloth key={cloth.id} id={cloth.id} choice={choice} />;
}

function OneCloth({ id, choice }: { id: string; choice: ReactNode }): ReactNode {
  const t = useTranslations('stash');
  const state = useItemSheet(id);
  const { sheet, problem, setProblem, save, putInto } = state;
  const open = useMemo(
    () => asOpenItem(id, { sheet, save, putInto, setProblem }, () => undefined),
    [id, sheet, save, putInto, setProblem],
  );
  if (!open)
    return (
      <section className="bg-sheet px-5 py-4">
        {choice}
        <p className="mt-2 text-soft">{sheet === undefined ? t('loading') : t('gone')}</p>
      </section>
    );
  return (
    <ItemProvider value={open}>
      {problem && (
        <p role="alert" className="mb-2 bg-sheet px-5 py-2 text-[14px]">
          {problem.text}
        </p>
      )}
      <ScrollArea bars={['horizontal']} hasHiddenBars>
        <ClothSheet choice={choice} />
      </ScrollArea>
    </ItemProvider>
  );
}
