'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { Button } from '../../ui/Button';
import { useRoomAtRest, type RoomAtRest } from './room/RoomContext';
import { useActWords } from './useActWords';

type Stale = Extract<RoomAtRest['saving'], { state: 'stale' }>;

/** The room was changed elsewhere: what was done there, and what to do with what was done here. */
export function StaleRoom({
  saving,
  takeFresh,
}: {
  saving: Stale;
  takeFresh: RoomAtRest['takeFresh'];
}): ReactNode {
  const t = useTranslations('shell');
  const act = useActWords(useRoomAtRest().file.room.unit);
  return (
    <div
      role="alertdialog"
      aria-label={t('staleTitle')}
      className="fixed bottom-4 left-1/2 z-30 w-[min(640px,94vw)] -translate-x-1/2 rounded-md border-2 border-ink bg-sheet p-4"
    >
      <p className="font-semibold">{t('staleTitle')}</p>
      <p className="text-[14px]">
        {t('stale', { what: saving.since.map(act).join(', ') })} {saving.mine > 0 && t('staleMine')}
      </p>
      <div className="mt-2 flex gap-2">
        {saving.mine > 0 ? (
          <>
            <Button variant="primary" small onClick={() => void takeFresh('on-top')}>
              {t('putOnTop')}
            </Button>
            <Button small onClick={() => void takeFresh('out')}>
              {t('setAside')}
            </Button>
          </>
        ) : (
          <Button variant="primary" small onClick={() => void takeFresh('on-top')}>
            {t('showTheirs')}
          </Button>
        )}
      </div>
    </div>
  );
}
