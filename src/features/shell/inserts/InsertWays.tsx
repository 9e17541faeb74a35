'use client';
import { useTranslations } from 'next-intl';
import { useMemo, type ReactNode } from 'react';
import { formatBareSize } from '../../../core/base/length';
import type { LengthUnit } from '../../../core/base/units';
import type { Fill, Item } from '../../../core/model/types';
import type { FlatCover } from '../../../core/room/pillow';
import type { RuleBook } from '../../../core/rules/book';
import { FILL_SCHOOLS, laidLike, waysToFill, type FillSchool } from '../../../core/textiles/insert';
import { Words } from '../../../ui/Words';
import { FILLS } from './FillChoices';

/** A cover's insert by every school and filling, with how full it gets; what is chosen stands out. */
export function InsertWays({
  cover,
  chosen,
  owned,
  rules,
  unit,
}: {
  cover: FlatCover;
  chosen: { fill: Fill; school: FillSchool };
  owned: readonly Item[];
  rules: RuleBook;
  unit: LengthUnit;
}): ReactNode {
  const t = useTranslations();
  const { widthMm, heightMm, round = false } = cover;
  const ways = useMemo(
    () => waysToFill({ widthMm, heightMm, round }, rules, owned),
    [widthMm, heightMm, round, rules, owned],
  );
  const wayOf = (fill: Fill, school: FillSchool) => {
    const way = ways.find((w) => w.fill === fill && w.school === school);
    if (!way) return null;
    const insert = laidLike(cover, way.insert);
    return {
      size: formatBareSize(insert.widthMm, insert.heightMm, unit),
      full: t('seats.plump', { percent: `${Math.round(way.plumpness * 100)}%` }),
    };
  };
  return (
    <>
      <table className="w-full border-collapse text-[14px]">
        <caption className="pb-1 text-left font-narrow text-[13px] text-soft">{t('inserts.ways')}</caption>
        <thead>
          <tr className="border-b border-ink text-left font-narrow text-[13px] text-soft">
            <th scope="col">
              <span className="sr-only">{t('inserts.school')}</span>
            </th>
            {FILLS.map((fill) => (
              <th key={fill} scope="col" className="py-1 pl-2 font-medium">
                {t(`seats.${fill}`)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {FILL_SCHOOLS.map((school) => (
            <tr key={school} className="border-b border-line align-top">
              <th scope="row" className="py-1.5 pr-2 text-left font-medium">
                {t(`inserts.schools.${school}`)}
              </th>
              {FILLS.map((fill) => {
                const way = wayOf(fill, school);
                const isChosen = chosen.fill === fill && chosen.school === school;
                return (
                  <td
                    key={fill}
                    aria-current={isChosen ? 'true' : undefined}
                    className={`py-1.5 pl-2 ${isChosen ? 'outline outline-2 -outline-offset-2 outline-ink' : ''}`}
                  >
                    {way ? <Words>{way.size}</Words> : t('seats.noInsert')}
                    {way && <span className="block text-[13px] text-soft">{way.full}</span>}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
      {ways.length === 0 && <p className="mt-2 text-[14px]">{t('inserts.nothing')}</p>}
    </>
  );
}
