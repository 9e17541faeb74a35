'use client';
import { FileButton, IMAGE_TYPES } from '../../ui/FileButton';
import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import { useTakeInPhoto } from '../shell/photos';
import { useRoom } from '../shell/room/RoomContext';

/**
 * Photos of the room as it was found: those of this wall first. Kept in the studio, not in shared files
 * unless asked for.
 */
export function BeforePhotos({ wallId }: { wallId: string | null }): ReactNode {
  const t = useTranslations('clear');
  const takeInPhoto = useTakeInPhoto();
  const { file, change } = useRoom();
  const [busy, setBusy] = useState(false);
  const [message, setMessage] = useState<string | null>(null);
  const photos = [...file.clear.beforePhotos].sort(
    (a, b) => Number(b.wallId === wallId) - Number(a.wallId === wallId),
  );
  const take = async (files: readonly File[]) => {
    setBusy(true);
    setMessage(null);
    for (const f of files) {
      const kept = await takeInPhoto(f);
      if (kept.ok) change([{ do: 'putBeforePhoto', photoId: kept.id, wallId }]);
      else setMessage(kept.message);
    }
    setBusy(false);
  };
  return (
    <section className="flex flex-wrap items-center gap-2.5 px-4 pb-3" aria-label={t('before')}>
      <span className="font-narrow text-[13px] font-semibold text-soft">{t('before')}</span>
      {photos.map((p, i) => (
        <span key={p.photoId} className="relative">
          <a href={`/api/photos/${p.photoId}`} target="_blank" rel="noreferrer">
            <img
              src={`/api/photos/${p.photoId}?size=small`}
              alt={t('beforeN', { n: i + 1 })}
              className={`h-[54px] border object-cover ${p.wallId === wallId ? 'border-ink' : 'border-line'}`}
            />
          </a>
          <button
            type="button"
            aria-label={t('beforeDrop', { n: i + 1 })}
            onClick={() => change([{ do: 'removeBeforePhoto', photoId: p.photoId }])}
            className="absolute right-0 top-0 h-[24px] w-[24px] bg-sheet text-[14px] leading-none"
          >
            ×
          </button>
        </span>
      ))}
      <FileButton
        small
        multiple
        accept={IMAGE_TYPES}
        disabled={busy}
        onFiles={(files) => void take([...files])}
      >
        {busy ? t('busy') : t('beforeTake')}
      </FileButton>
      {photos.length === 0 && <span className="text-[13px] text-soft">{t('beforeSays')}</span>}
      {message && (
        <p role="alert" className="text-[13px]">
          {message}
        </p>
      )}
    </section>
  );
}
