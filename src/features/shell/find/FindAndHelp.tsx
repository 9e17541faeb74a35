'use client';
import { useTranslations } from 'next-intl';
import { useEffect, useState, type ReactNode } from 'react';
import { isForPage } from '../../../ui/pageKeys';
import { LazyDialog } from '../../../ui/LazyDialog';
import { Tooltip } from '../../../ui/Tooltip';
import { fetchParts } from '../fetchParts';
import { beginAhead, typeAhead } from './typedAhead';

/** A page has this long for itself before what it may need later is fetched. */
const REST_MS = 3000;
const BUTTON =
  'h-[24px] min-w-[24px] rounded-md border border-ink px-1.5 text-[13px] hover:bg-sheet max-lg:h-[44px] max-lg:min-w-[44px]';

/** What every page has in its head: / finds anything, ? lists the keys; each has a button. */
export function FindAndHelp({
  find,
  keys,
  className = '',
}: {
  /** The dialog that finds, and what it is closed by. */ find: (onClose: () => void) => ReactNode;
  /** The keys of this page, in words. */ keys: readonly string[];
  /** Where it stands in the head. */ className?: string;
}): ReactNode {
  const t = useTranslations();
  const [open, setOpen] = useState<'find' | 'help' | null>(null);
  const close = () => setOpen(null);
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (e.defaultPrevented || !isForPage(e)) return;
      if (typeAhead(e.key, e.timeStamp)) {
        e.preventDefault();
        return;
      }
      if (e.key !== '/' && e.key !== '?') return;
      // or it is typed into what opens
      e.preventDefault();
      if (e.key === '/') beginAhead(e.timeStamp);
      setOpen(e.key === '/' ? 'find' : 'help');
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  useEffect(() => {
    const rest = setTimeout(() => void fetchParts(), REST_MS);
    return () => clearTimeout(rest);
  }, []);
  return (
    <div className={`no-print flex items-center gap-1.5 ${className}`}>
      <Tooltip label={t('find.title')}>
        <button type="button" onClick={() => setOpen('find')} className={BUTTON}>
          {t('find.open')}
        </button>
      </Tooltip>
      <Tooltip label={t('shell.help')}>
        <button
          type="button"
          onClick={() => setOpen('help')}
          aria-label={t('shell.help')}
          className={`${BUTTON} max-lg:hidden`}
        >
          ?
        </button>
      </Tooltip>
      {open === 'find' && find(close)}
      <LazyDialog
        open={open === 'help'}
        onClose={close}
        title={t('keys.title')}
        closeLabel={t('shell.close')}
      >
        <ul className="space-y-1.5">
          {keys.map((words) => (
            <li key={words}>{words}</li>
          ))}
        </ul>
      </LazyDialog>
    </div>
  );
}
