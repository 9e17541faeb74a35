'use client';
import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import { takeInPhoto } from '../shell/photos';
import { useRoom } from '../shell/room/RoomContext';

/**
 * Photos of the room as it was found: those of this wall first. Kept in the studio, not in shared files
 * unless asked for.
 */
export function BeforePhotos({ wallId }: { wallId: string | null }): ReactNode {
  const t = useTranslations('clear');
  const { file, change } = useRoom();
  const [busy, setBusy] = useState(false);
  const [says, setSays] = useState<string | null>(null);
  const photos = [...file.clear.beforePhotos].sort(
    (a, b) => Number(b.wallId === wallId) - Number(a.wallId === wallId),
  );
  const take = async (files: readonly File[]) => {
    setBusy(true);
    setSays(null);
    for (const f of files) {
      const kept = await takeInPhoto(f);
      if (kept.ok) change([{ do: 'putBeforePhoto', photoId: kept.id, wallId }]);
      else setSays(kept.message);
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
            className="absolute right-0 top-0 h-6 w-6 bg-sheet text-[14px] leading-none"
          >
            ×
          </button>
        </span>
      ))}
      <label className="inline-flex min-h-[32px] cursor-pointer items-center rounded-md border border-ink px-2 text-[13px] font-medium has-focus-visible:outline-2">
        <input
          type="file"
          multiple
          accept="image/jpeg,image/png,image/webp,image/avif"
          className="sr-only"
          disabled={busy}
          onChange={(e) => {
            void take([...(e.target.files ?? [])]);
            e.target.value = '';
          }}
        />
        {busy ? t('busy') : t('beforeTake')}
      </label>
      {photos.length === 0 && <span className="text-[13px] text-soft">{t('beforeSays')}</span>}
      {says && (
        <p role="alert" className="text-[13px]">
          {says}
        </p>
      )}
    </section>
  );
}
