'use client';
import { useTranslations } from 'next-intl';
import { useState, useSyncExternalStore, type ReactNode } from 'react';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { ASIDE_EVENT, createAside, type Aside } from './aside';
import { browserStore } from './pageOutbox';
import { useActWords } from './useActWords';

const subscribe = (changed: () => void): (() => void) => {
  window.addEventListener(ASIDE_EVENT, changed);
  window.addEventListener('storage', changed);
  return () => {
    window.removeEventListener(ASIDE_EVENT, changed);
    window.removeEventListener('storage', changed);
  };
};

/** Changes that could not be saved: how many, and on asking what they were and why. */
export function SetAside({ of, name }: { of: string; name: string }): ReactNode {
  const t = useTranslations('aside');
  const aside = createAside(of, browserStore);
  const count = useSyncExternalStore(subscribe, aside.count, () => 0);
  const [isOpen, setOpen] = useState(false);
  if (count === 0) return null;
  return (
    <>
      <Button variant="plain" small onClick={() => setOpen(true)}>
        {t('count', { count })}
      </Button>
      {isOpen && (
        <Dialog open title={t('title')} closeLabel={t('close')} onClose={() => setOpen(false)}>
          <AsideList aside={aside.all()} name={name} onDrop={aside.clear} />
        </Dialog>
      )}
    </>
  );
}

function AsideList({ aside, name, onDrop }: { aside: Aside; name: string; onDrop: () => void }): ReactNode {
  const t = useTranslations('aside');
  const act = useActWords();
  const file = `data:application/json;charset=utf-8,${encodeURIComponent(JSON.stringify(aside, null, 1))}`;
  return (
    <>
      <p className="text-[15px]">{t('why')}</p>
      <ul className="my-3 space-y-2 text-[15px]">
        {aside.changes.map((change, i) => (
          <li key={i} className="border-t border-line pt-2">
            <span className="font-semibold">{act(change.label)}</span>
            <span className="block text-ink-soft">{change.why}</span>
          </li>
        ))}
        {aside.unread.length > 0 && (
          <li className="border-t border-line pt-2">{t('unread', { count: aside.unread.length })}</li>
        )}
      </ul>
      <div className="flex flex-wrap items-center gap-3">
        <a className="underline" download={`${name} not saved.json`} href={file}>
          {t('download')}
        </a>
        <Button small onClick={onDrop}>
          {t('drop')}
        </Button>
      </div>
    </>
  );
}
