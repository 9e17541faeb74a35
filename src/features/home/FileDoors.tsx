'use client';
import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { useRef, useState, type ReactNode } from 'react';
import { replayStudioAction } from '../../actions/room';
import { Button } from '../../ui/Button';
import { LazyDialog } from '../../ui/LazyDialog';

type Issue = { path: (string | number)[]; code: string; message: string };
const MOST_SHOWN = 8;

/** Importing and exporting: a room file, the whole studio, and undo of what was removed or imported. */
export function FileDoors({ undo }: { undo: string | null }): ReactNode {
  const t = useTranslations('home');
  const ts = useTranslations('shell');
  const router = useRouter();
  const roomInput = useRef<HTMLInputElement>(null);
  const studioInput = useRef<HTMLInputElement>(null);
  const [issues, setIssues] = useState<Issue[] | null>(null);
  const [message, setMessage] = useState('');
  const [restoring, setRestoring] = useState<File | null>(null);
  const send = async (url: string, file: File): Promise<Record<string, unknown> | null> => {
    setIssues(null);
    setMessage('');
    const response = await fetch(url, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: file,
    });
    const body = (await response.json()) as Record<string, unknown>;
    if (response.ok) return body;
    setIssues(body.issues as Issue[]);
    return null;
  };
  const bring = async (file: File | undefined) => {
    if (!file) return;
    const result = await send('/api/rooms', file);
    if (result) {
      setMessage(t('brought'));
      router.refresh();
    }
  };
  const restore = async () => {
    const result = restoring && (await send('/api/studio/restore', restoring));
    setRestoring(null);
    if (result) {
      setMessage(
        t('restored', {
          rooms: Number(result.rooms),
          items: Number(result.items),
          kept: String(result.keptAs),
        }),
      );
      router.refresh();
    }
  };
  return (
    <div>
      <div className="grid grid-cols-2 gap-2">
        <Button className="justify-center" onClick={() => roomInput.current?.click()}>
          {t('bring')}
        </Button>
        <a
          href="/api/studio/backup"
          download
          className="inline-flex items-center justify-center rounded-md border border-ink bg-sheet px-3 py-1.5 text-[14px] font-medium hover:bg-well"
        >
          {t('backup')}
        </a>
        <Button className="justify-center" onClick={() => studioInput.current?.click()}>
          {t('restore')}
        </Button>
        <a
          href="/api/studio/backup?photos=1"
          download
          className="inline-flex items-center justify-center rounded-md border border-ink bg-sheet px-3 py-1.5 text-[14px] font-medium hover:bg-well"
        >
          {t('backupPhotos')}
        </a>
        {undo && (
          <Button onClick={() => void replayStudioAction('undo').then(() => router.refresh())}>{undo}</Button>
        )}
      </div>
      <input
        ref={roomInput}
        type="file"
        accept=".json,application/json"
        aria-label={t('bring')}
        className="sr-only"
        tabIndex={-1}
        onChange={(e) => {
          const f = e.target.files?.[0];
          e.target.value = '';
          void bring(f);
        }}
      />
      <input
        ref={studioInput}
        type="file"
        accept=".json,application/json"
        aria-label={t('restore')}
        className="sr-only"
        tabIndex={-1}
        onChange={(e) => {
          const f = e.target.files?.[0];
          e.target.value = '';
          if (f) setRestoring(f);
        }}
      />
      <p role="status" className="mt-2 text-[14px]">
        {message}
      </p>
      {issues && (
        <div role="alert" className="mt-2 border-2 border-ink bg-sheet p-3 text-[14px]">
          <p className="font-semibold">{t('refusedTitle')}</p>
          <ul className="mt-1 space-y-0.5">
            {issues.slice(0, MOST_SHOWN).map((i, n) => (
              <li key={n}>
                {i.path.length > 0 ? t('where', { path: i.path.join('.') }) : t('top')}: {i.message}
              </li>
            ))}
          </ul>
        </div>
      )}
      <LazyDialog
        open={restoring !== null}
        onClose={() => setRestoring(null)}
        title={t('restore')}
        closeLabel={ts('close')}
      >
        <p className="mb-4">{t('restoreSays')}</p>
        <Button variant="primary" onClick={() => void restore()}>
          {t('restoreDo')}
        </Button>
      </LazyDialog>
    </div>
  );
}
