'use client';
import { useTranslations } from 'next-intl';
import { PageLink } from '../../ui/PageLink';
import type { ReactNode } from 'react';

/** The three quick answers, each with its small drawing. */
export function QuickTiles(): ReactNode {
  const t = useTranslations('quick');
  const tiles = [
    {
      href: '/quick/curtain',
      title: t('curtain'),
      says: t('curtainSays'),
      icon: (
        <g>
          <rect x="12" y="14" width="28" height="30" fill="#dde7ee" stroke="#141414" />
          <path d="M4 8H48" stroke="#141414" strokeWidth="2.5" />
          <path d="M6 9h8v41H6zM38 9h8v41h-8z" fill="#9a9a9a" stroke="#141414" />
        </g>
      ),
    },
    {
      href: '/quick/picture',
      title: t('picture'),
      says: t('pictureSays'),
      icon: (
        <g>
          <rect x="12" y="8" width="28" height="18" fill="#c9c9c9" stroke="#141414" strokeWidth="2" />
          <path d="M6 38q0-4 4-4h32q4 0 4 4v12H6z" fill="#9a9a9a" stroke="#141414" />
        </g>
      ),
    },
    {
      href: '/quick/insert',
      title: t('insert'),
      says: t('insertSays'),
      icon: <path d="M9 12q17 6 34 0q-6 15 0 30q-17-4-34 0q6-15 0-30z" fill="#b5b5b5" stroke="#141414" />,
    },
  ];
  return (
    <ul className="divide-y divide-line border-y border-line">
      {tiles.map((tile) => (
        <li key={tile.href}>
          <PageLink href={tile.href} className="flex items-center gap-4 py-2.5 hover:bg-well">
            <svg width="52" height="54" viewBox="0 0 52 54" aria-hidden="true">
              {tile.icon}
            </svg>
            <span>
              <b className="block font-semibold">{tile.title}</b>
              <span className="text-[14px] text-soft">{tile.says}</span>
            </span>
          </PageLink>
        </li>
      ))}
    </ul>
  );
}
