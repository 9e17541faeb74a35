'use client';
import { useTranslations } from 'next-intl';
import { useCallback } from 'react';

type Taken = { ok: true; id: string; widthPx: number; heightPx: number };

/**
 * Takes a photo into the studio: a re-encoded copy is kept there, without the camera's notes. Refused with the reason; with
 * none where the studio did not answer.
 */
async function sendPhoto(file: Blob): Promise<Taken | { ok: false; message: string | null }> {
  try {
    const answer = await fetch('/api/photos', { method: 'POST', body: file });
    const body = (await answer.json()) as {
      id: string;
      widthPx: number;
      heightPx: number;
      issues?: { message: string }[];
    };
    return answer.ok
      ? { ok: true, ...body }
      : { ok: false, message: body.issues?.map((i) => i.message).join(' ') ?? String(answer.status) };
  } catch {
    return { ok: false, message: null };
  }
}

/** Takes photos into the studio, and says why where one is not taken. */
export function useTakeInPhoto(): (file: Blob) => Promise<Taken | { ok: false; message: string }> {
  const t = useTranslations('shell');
  return useCallback(
    async (file) => {
      const answer = await sendPhoto(file);
      return answer.ok ? answer : { ok: false, message: answer.message ?? t('photoUnsent') };
    },
    [t],
  );
}
