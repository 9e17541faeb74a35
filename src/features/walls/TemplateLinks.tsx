'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { MOST_TEMPLATE_PAGES, templateGrid, type Paper } from '../../core/plan/templatePages';
import { templateOf } from '../../core/plan/templates';
import { ruleBook } from '../../core/rules/book';
import { useRoom } from '../shell/room/RoomContext';

const LINK = 'inline-flex items-center rounded-md border border-ink px-2.5 py-1 text-[14px] hover:bg-well';

type Subject = { hangingId: string } | { groupId: string };

/** Full-size templates of a piece or a group. */
export function TemplateLinks({ subject }: { subject: Subject }): ReactNode {
  const t = useTranslations('walls');
  const { file, look, plan } = useRoom();
  const query = 'hangingId' in subject ? `hanging=${subject.hangingId}` : `group=${subject.groupId}`;
  const addressOf = (what: string) => `/api/rooms/${file.room.id}/${what}?look=${look.id}&${query}`;
  const template = templateOf(file, look, plan, subject);
  const overlap = ruleBook(file.rules, file.room.unit).number('walls.templateOverlap');
  const pages = (paper: Paper): number => {
    if (!template) return 0;
    const { columns, rows } = templateGrid(template, paper, overlap);
    return columns * rows;
  };
  const papers = (['a4', 'letter'] as const).filter((paper) => pages(paper) <= MOST_TEMPLATE_PAGES);
  return (
    <>
      <p className="mb-1.5 text-[13px] text-soft">{t('templateSays')}</p>
      {papers.length < 2 && (
        <p className="mb-1.5 text-[14px]">{t('templateTooMany', { pages: pages('a4') })}</p>
      )}
      <p className="flex flex-wrap gap-2">
        {papers.map((paper) => (
          <a key={paper} className={LINK} href={`${addressOf('template.pdf')}&paper=${paper}`}>
            {t(paper === 'a4' ? 'templateA4' : 'templateLetter')}
          </a>
        ))}
        <a className={LINK} href={addressOf('template.svg')}>
          {t('templateSvg')}
        </a>
      </p>
      <p className="mb-1.5 mt-2.5 text-[13px] text-soft">{t('templateStrips')}</p>
      <p className="flex flex-wrap gap-2">
        <a className={LINK} href={`${addressOf('template.pdf')}&paper=a4&kind=strips`}>
          {t('stripsA4')}
        </a>
        <a className={LINK} href={`${addressOf('template.pdf')}&paper=letter&kind=strips`}>
          {t('stripsLetter')}
        </a>
      </p>
    </>
  );
}
