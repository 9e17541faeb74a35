'use client';
import { useTranslations } from 'next-intl';
import { download } from '../../../ui/download';
import { actFind, type Find } from './find';

const QUICK = ['curtain', 'picture', 'insert'] as const;
const STASH_TABS = ['add', 'places', 'need', 'returns'] as const;

/** What is done anywhere in the studio: its pages, the quick answers, the backup. */
export function useStudioActs(): Find[] {
  const t = useTranslations();
  return [
    actFind('home', t('find.home'), { href: '/' }),
    actFind('stash', t('find.stash'), { href: '/stash' }),
    ...STASH_TABS.map((tab) =>
      actFind(`stash ${tab}`, t('find.stashTab', { tab: t(`stash.tab.${tab}`) }), {
        href: `/stash?tab=${tab}`,
      }),
    ),
    ...QUICK.map((what) =>
      actFind(`quick ${what}`, t('find.quick', { what: t(`quick.${what}`) }), { href: `/quick/${what}` }),
    ),
    actFind('backup', t('find.backup'), { act: () => download('/api/studio/backup') }),
  ];
}
