'use client';
import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { RoomFile } from '../../core/model/types';
import { unsentRooms } from './unsentRooms';

/** Begins a room and goes to one of its stages; says why where that cannot be, or not yet. */
export function useBeginRoom(stage: string) {
  const t = useTranslations('shell');
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const begin = async (
    file: RoomFile,
    homeId: string | null,
    then: () => void = () => undefined,
  ): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      const result = await unsentRooms().begin({ file, homeId }, () => setProblem(t('unsent')));
      if (result.ok) {
        then();
        router.push(`/rooms/${result.value.id}/${stage}`);
      } else setProblem(result.issues.map((i) => i.message).join('; '));
    } catch (e) {
      setProblem(t('refused', { why: String(e) }));
    } finally {
      setBusy(false);
    }
  };
  return { begin, busy, problem, setProblem };
}
