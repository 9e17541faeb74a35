'use client';
import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import { insertBenchAction } from '../../actions/stash';
import type { InsertBench } from '../../actions/stashTypes';
import { formatSize } from '../../core/base/length';
import { cm, inches, type LengthUnit, type Mm } from '../../core/base/units';
import type { Fill, Item } from '../../core/model/types';
import { pillowThickness, takenSize } from '../../core/room/pillow';
import { chooseInsert, fillSchoolOf, laidLike, type FillSchool, type Size } from '../../core/textiles/insert';
import { countYear, type CasingLine, type YearLine } from '../../core/textiles/yearOfInserts';
import { Checkbox } from '../../ui/Checkbox';
import { LengthField, TAKEN } from '../../ui/Field';
import { Mark } from '../../ui/Mark';
import { ScrollArea } from '../../ui/ScrollArea';
import { Words } from '../../ui/Words';
import { FillChoices } from '../shell/inserts/FillChoices';
import { InsertDrawing } from '../shell/inserts/InsertDrawing';
import { InsertWays } from '../shell/inserts/InsertWays';
import { useLongestSide } from '../shell/useLongestSide';
import { useAsked } from './useAsked';
import { useStashRoom } from './StashContext';

const NONE_OWNED: readonly Item[] = [];

/** Sizes that shops carry in whole centimetres are said so, whatever the page measures in. */
const inOwnUnit = ({ widthMm, heightMm }: { widthMm: Mm; heightMm: Mm }, unit: LengthUnit): string => {
  const isWhole = (mm: Mm, step: Mm) => Math.abs(mm / step - Math.round(mm / step)) < 1e-6;
  const isMetric = [widthMm, heightMm].every((mm) => isWhole(mm, cm(1)) && !isWhole(mm, inches(1)));
  return formatSize(widthMm, heightMm, isMetric ? 'cm' : unit);
};

/** The insert bench: any cover to its insert, and the fewest inserts that do for a year. */
export function InsertsTab(): ReactNode {
  const { value: bench, silent } = useAsked(insertBenchAction);
  return (
    <div className="grid items-start gap-3.5 lg:grid-cols-[1fr_460px]">
      <OneCover owned={bench?.owned ?? NONE_OWNED} />
      <Year bench={bench} silent={silent} />
    </div>
  );
}

/** The insert for one cover, by filling and school. */
function OneCover({ owned }: { owned: readonly Item[] }): ReactNode {
  const t = useTranslations();
  const { rules, unit } = useStashRoom();
  const [size, setSize] = useState({ widthMm: inches(20), heightMm: inches(20) });
  const [isRound, setRound] = useState(false);
  const [fill, setFill] = useState<Fill>('feather');
  const [school, setSchool] = useState<FillSchool>(() => fillSchoolOf(rules));
  const side = useLongestSide('cover', unit);
  const cover = { ...size, ...(isRound ? { heightMm: size.widthMm } : {}), round: isRound };
  const choice = chooseInsert(cover, fill, rules, { school, owned });
  const likeCover = (insert: Size) => {
    const { widthMm, heightMm } = laidLike(cover, insert);
    return formatSize(widthMm, heightMm, unit);
  };
  const put = (patch: Partial<typeof size>) => {
    setSize({ ...size, ...patch });
    return TAKEN;
  };
  return (
    <section className="bg-sheet px-5 py-4">
      <h1 className="text-[24px]">{t('inserts.title')}</h1>
      <div
        role="group"
        aria-label={t('quick.readings')}
        className="mt-2 grid grid-cols-2 items-end gap-x-5 gap-y-3 border-b border-line pb-4 sm:grid-cols-4"
      >
        <LengthField
          label={isRound ? t('inserts.across') : t('quick.coverWidth')}
          draftKey="bench-w"
          valueMm={size.widthMm}
          unit={unit}
          onCommit={(widthMm) => side(widthMm, () => put({ widthMm }))}
        />
        {!isRound && (
          <LengthField
            label={t('quick.coverHeight')}
            draftKey="bench-h"
            valueMm={size.heightMm}
            unit={unit}
            onCommit={(heightMm) => side(heightMm, () => put({ heightMm }))}
          />
        )}
        <Checkbox checked={isRound} onChange={setRound}>
          {t('stash.flags.round')}
        </Checkbox>
        <FillChoices fill={fill} school={school} onFill={setFill} onSchool={setSchool} />
      </div>
      <div className="grid grid-cols-2 gap-x-5 pt-3">
        <Answer label={t('quick.insertAnswer')} note={wantedWords()}>
          {choice.insert ? likeCover(choice.insert) : t('seats.noInsert')}
        </Answer>
        {choice.insert && (
          <Answer label={t('quick.plumpness')} note={t('inserts.plumpNote')}>
            {t('seats.plump', { percent: `${Math.round(choice.plumpness * 100)}%` })}
          </Answer>
        )}
      </div>
      <InsertDrawing
        cover={cover}
        choice={choice}
        filled={takenSize(cover, false, rules)}
        thickMm={pillowThickness(cover, rules)}
        unit={unit}
      />
      <InsertWays cover={cover} chosen={{ fill, school }} owned={owned} rules={rules} unit={unit} />
    </section>
  );

  function wantedWords(): string {
    return choice.insert
      ? t('quick.wanted', { size: likeCover(choice.wanted) })
      : t('inserts.wouldDo', { nearest: likeCover(choice.nearest), made: likeCover(choice.wanted) });
  }
}

function Answer({ label, note, children }: { label: string; note: string; children: string }): ReactNode {
  return (
    <div className="border-b border-line pb-1.5">
      <p className="font-narrow text-[13px] text-soft">{label}</p>
      <p className="text-[28px] leading-tight">
        <Words>{children}</Words>
      </p>
      <p className="text-[13px] text-soft">
        <Words>{note}</Words>
      </p>
    </div>
  );
}

/** The fewest inserts for all looks of all rooms, what is bought of them, and what nobody needs. */
function Year({ bench, silent }: { bench: InsertBench | null; silent: boolean }): ReactNode {
  const t = useTranslations('inserts');
  const waits = silent ? t('unread') : t('counting');
  if (!bench)
    return (
      <section className="bg-sheet px-5 py-4">
        <h2 className="text-[20px]">{t('year')}</h2>
        <p className="mt-2 text-soft">{waits}</p>
      </section>
    );
  const { lines, casings, unfilled } = bench.year;
  const { needed, buy, spare } = countYear(lines);
  return (
    <section data-worksheet className="bg-sheet px-5 py-4">
      <h2 className="text-[20px]">{t('year')}</h2>
      <p className="mt-1 text-[14px] text-soft">{t('yearNote')}</p>
      {lines.length === 0 ? (
        <p className="mt-3 text-[14px]">{t('noCovers')}</p>
      ) : (
        <>
          <div className="grid grid-cols-3 gap-x-4 pt-2">
            {(
              [
                ['needed', needed],
                ['buy', buy],
                ['spare', spare],
              ] as const
            ).map(([key, n]) => (
              <div key={key} className="border-b border-line pb-1">
                <p className="font-narrow text-[13px] text-soft">{t(key)}</p>
                <p className="text-[28px] leading-tight">{n}</p>
              </div>
            ))}
          </div>
          <YearTable lines={lines} caption={t('year')} />
        </>
      )}
      {casings.length > 0 && (
        <>
          <h3 className="mt-4 text-[16px]">{t('casings')}</h3>
          <p className="text-[13px] text-soft">{t('casingsNote')}</p>
          <YearTable lines={casings} caption={t('casings')} />
        </>
      )}
      {unfilled.length > 0 && (
        <p className="mt-3 flex gap-2 text-[14px]">
          <Mark level="caution" title={t('unfilledTitle')} />
          <span>{t('unfilled', { names: unfilled.join(', '), count: unfilled.length })}</span>
        </p>
      )}
    </section>
  );
}

function YearTable({
  lines: rows,
  caption,
}: {
  lines: readonly (YearLine | CasingLine)[];
  caption: string;
}): ReactNode {
  const t = useTranslations('inserts');
  const { unit } = useStashRoom();
  return (
    <ScrollArea bars={['horizontal']} className="mt-2" label={caption}>
      <table className="w-full border-collapse text-[14px]">
        <thead>
          <tr className="border-b border-ink text-left font-narrow text-[13px] text-soft">
            <th className="py-1 pr-3 font-medium">{t('head.insert')}</th>
            {(['owned', 'kept', 'buy', 'spare'] as const).map((h) => (
              <th key={h} className="whitespace-nowrap py-1 pl-3 text-right font-medium">
                {t(`head.${h}`)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((line) => (
            <tr
              key={`${line.widthMm} ${line.heightMm} ${String(line.round)} ${'fill' in line ? line.fill : ''}`}
              className="border-b border-line align-top"
            >
              <td className="py-1.5 pr-3">
                <Words>{inOwnUnit(line, unit)}</Words>
                {line.round && ` ${t('round')}`}
                {'fill' in line && ` ${t(`fills.${line.fill}`)}`}
                {'covers' in line && line.covers.length > 0 && (
                  <span className="line-clamp-2 block text-[13px] text-soft">
                    {t('forCovers', { names: line.covers.join(', ') })}
                  </span>
                )}
              </td>
              {[line.owned, line.kept, line.buy, line.owned - line.kept].map((n, i) => (
                <td key={i} className={`py-1.5 pl-3 text-right ${i === 2 && n > 0 ? 'font-semibold' : ''}`}>
                  {n}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </ScrollArea>
  );
}
