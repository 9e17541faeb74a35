'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { useRoom } from '../shell/room/RoomContext';

/** Full-size templates of a piece or a group. */
export function TemplateLinks({ query }: { query: string }): ReactNode {
  const t = useTranslations('walls');
  const { file, look } = useRoom();
  const link = 'inline-flex items-center rounded-md border border-ink px-2.5 py-1 text-[14px] hover:bg-well';
  const addressOf = (what: string) => `/api/rooms/${file.room.id}/${what}?look=${look.id}&${query}`;
  return (
    <>
      <p className="mb-1.5 text-[13px] text-soft">{t('templateSays')}</p>
      <p className="flex flex-wrap gap-2">
        <a className={link} href={`${addressOf('template.pdf')}&paper=a4`}>
          {t('templateA4')}
        </a>
        <a className={link} href={`${addressOf('template.pdf')}&paper=letter`}>
          {t('templateLetter')}
        </a>
        <a className={link} href={addressOf('template.svg')}>
          {t('templateSvg')}
        </a>
      </p>
      <p className="mb-1.5 mt-2.5 text-[13px] text-soft">{t('templateStrips')}</p>
      <p className="flex flex-wrap gap-2">
        <a className={link} href={`${addressOf('template.pdf')}&paper=a4&kind=strips`}>
          {t('stripsA4')}
        </a>
        <a className={link} href={`${addressOf('template.pdf')}&paper=letter&kind=strips`}>
          {t('stripsLetter')}
        </a>
      </p>
    </>
  );
}
