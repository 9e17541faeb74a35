'use client';
import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import { sum } from '../../../core/base/units';
import { formatBareSize, formatLength } from '../../../core/base/length';
import type { Point } from '../../../core/geometry/plane';
import { piecesWanted, UNMARKED, type ClothMarks, type Cutting } from '../../../core/textiles/clothCuts';
import { Mark } from '../../../ui/Mark';
import { Words } from '../../../ui/Words';
import { useItem } from '../item/ItemContext';
import { useStashRoom } from '../StashContext';
import { ClothDrawing } from './ClothDrawing';
import { ClothMarkFields } from './ClothMarkFields';
import { CoversToCut } from './CoversToCut';
import { useCutting } from './useCutting';

/** A cloth with its cutting plan, what is marked on it, and the covers that are wanted. */
export function ClothSheet({ choice }: { choice: ReactNode }): ReactNode {
  const t = useTranslations('cutting');
  const { unit } = useStashRoom();
  const { item, save } = useItem();
  const marks = item.cloth ?? UNMARKED;
  const { cutting, isRunning, most } = useCutting(item);
  const [isMarking, setMarking] = useState(false);
  const put = (patch: Partial<ClothMarks>) => save({ cloth: { ...marks, ...patch } });
  const mark = ({ xMm, yMm }: Point) => {
    put({ motifs: [...marks.motifs, { xMm: Math.round(xMm), yMm: Math.round(yMm) }] });
  };
  return (
    <div className="grid items-start gap-3.5 lg:grid-cols-[1fr_420px]">
      <section className="min-w-0 bg-sheet px-5 py-4" aria-busy={isRunning}>
        <div className="flex flex-wrap items-baseline gap-x-4">
          <h1 className="text-[24px]">{item.name}</h1>
          <p className="text-[14px] text-soft">
            <Words>{t('facts', { size: formatBareSize(item.widthMm, item.heightMm, unit) })}</Words>
          </p>
          <PrintLinks id={item.id} />
        </div>
        {cutting && <Answers cutting={cutting} marks={marks} lengthMm={item.heightMm} />}
        <ClothDrawing item={item} marks={marks} cutting={cutting} {...(isMarking ? { onMark: mark } : {})} />
        {cutting && <Leftovers cutting={cutting} />}
      </section>
      <aside data-worksheet className="bg-sheet px-[18px] py-4">
        {choice}
        <CoversToCut marks={marks} onChange={(covers) => put({ covers })} most={most} />
        {cutting && <Missing cutting={cutting} marks={marks} />}
        <ClothMarkFields marks={marks} onChange={put} isMarking={isMarking} onMarking={setMarking} />
      </aside>
    </div>
  );
}

function PrintLinks({ id }: { id: string }): ReactNode {
  const t = useTranslations('cutting');
  const { unit } = useStashRoom();
  const link = 'underline underline-offset-4';
  return (
    <p className="no-print ml-auto flex gap-3 font-narrow text-[14px]">
      {(['a4', 'letter'] as const).map((paper) => (
        <a
          key={paper}
          className={link}
          href={`/api/stash/cut.pdf?item=${id}&unit=${unit}&paper=${paper}`}
          download
        >
          {t(`print.${paper}`)}
        </a>
      ))}
    </p>
  );
}

/** How much of the cloth is used, and what plain cloth the backs take. */
function Answers({
  cutting: c,
  marks,
  lengthMm,
}: {
  cutting: Cutting;
  marks: ClothMarks;
  lengthMm: number;
}): ReactNode {
  const t = useTranslations('cutting');
  const { unit } = useStashRoom();
  const answers = [
    ['pieces', t('piecesOf', { n: c.cuts.length, m: piecesWanted(marks) })],
    ['length', formatLength(c.lengthMm, unit)],
    ['used', `${Math.round(c.usedShare * 100)}%`],
    ['plain', c.plain.count === 0 ? t('noPlain') : formatLength(c.plain.lengthMm, unit)],
  ] as const;
  const notes = { length: t('lengthOf', { all: formatLength(lengthMm, unit) }) } as const;
  return (
    <div className="mb-3 mt-2 grid grid-cols-2 gap-x-5 gap-y-2 sm:grid-cols-4">
      {answers.map(([key, value]) => (
        <div key={key} className="border-b border-line pb-1">
          <p className="font-narrow text-[13px] text-soft">{t(`answers.${key}`)}</p>
          <p className="text-[26px] leading-tight">
            <Words>{value}</Words>
          </p>
          {key === 'length' && <p className="text-[13px] text-soft">{notes.length}</p>}
        </div>
      ))}
    </div>
  );
}

function Leftovers({ cutting }: { cutting: Cutting }): ReactNode {
  const t = useTranslations('cutting');
  const { unit } = useStashRoom();
  if (cutting.leftovers.length === 0 || cutting.cuts.length === 0) return null;
  return (
    <p className="mt-2 text-[14px]">
      <Words>
        {t('leftovers', {
          list: cutting.leftovers
            .map((l) => `${l.name} ${formatBareSize(l.widthMm, l.heightMm, unit)}`)
            .join(', '),
        })}
      </Words>
    </p>
  );
}

/** Why fronts round motifs have no place: too few motifs, or those that there are lie too near each other or the edge. */
const motifWhy = (isEnough: boolean): string => (isEnough ? 'near' : 'motif');

/** Covers that have no place, and what would do. */
function Missing({ cutting, marks }: { cutting: Cutting; marks: ClothMarks }): ReactNode {
  const t = useTranslations('cutting');
  const { unit } = useStashRoom();
  return cutting.missing.map(({ coverId, count }) => {
    const cover = marks.covers.find((c) => c.id === coverId);
    if (!cover) return null;
    const size = formatBareSize(cover.widthMm, cover.heightMm, unit);
    const needed = cutting.neededMm === null ? 'none' : formatLength(cutting.neededMm, unit);
    const onMotifs = sum(marks.covers.filter((c) => c.front === 'motif').map((c) => c.count));
    const why = cover.front === 'motif' ? motifWhy(onMotifs <= marks.motifs.length) : 'length';
    return (
      <p key={coverId} className="mt-2 flex gap-2 text-[14px]">
        <Mark level="caution" title={t('missingTitle')} />
        <span>
          <Words>{t('missing', { count, size, needed, why, motifs: marks.motifs.length })}</Words>
        </span>
      </p>
    );
  });
}
