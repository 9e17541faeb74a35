'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import type { Plan } from '../../core/plan/planLook';
import { ScrollArea } from '../../ui/ScrollArea';
import { Words } from '../../ui/Words';
import { planDifferences } from './planDifferences';
import { useRoom } from './room/RoomContext';
import { useFindingWords } from './useWords';

/** What a plan by another rule would change in this room. */
export function RuleDifferences({ next }: { next: Plan }): ReactNode {
  const t = useTranslations();
  const { file, plan } = useRoom();
  const { unit } = file.room;
  const findingWords = useFindingWords(file, plan);
  const differences = planDifferences(plan, next);
  return (
    <section className="mt-3" aria-live="polite">
      <h3 className="mb-1 font-sans text-[14px] font-semibold">{t('why.changes')}</h3>
      {differences.amounts.length + differences.gone.length + differences.come.length === 0 ? (
        <p className="text-[14px]">{t('why.changesNone')}</p>
      ) : (
        <ScrollArea label={t('why.changes')} className="max-h-[190px]">
          <ul className="pr-3 text-[14px] space-y-1">
            {differences.amounts.map((a) => (
              <li key={a.key}>
                <Words>
                  {t('why.was', {
                    what: t(`quantities.${a.what}`, { name: a.name }),
                    from: a.isLength ? formatLength(a.from, unit) : String(a.from),
                    to: a.isLength ? formatLength(a.to, unit) : String(a.to),
                  })}
                </Words>
              </li>
            ))}
            {differences.come.map((f, i) => (
              <li key={`c${i}`}>
                <Words>{t('why.new', { what: findingWords(f) })}</Words>
              </li>
            ))}
            {differences.gone.map((f, i) => (
              <li key={`g${i}`}>
                <Words>{t('why.gone', { what: findingWords(f) })}</Words>
              </li>
            ))}
          </ul>
        </ScrollArea>
      )}
    </section>
  );
}
