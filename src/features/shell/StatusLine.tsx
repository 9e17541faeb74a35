'use client';
import type { Said } from './room/saver';
import { useTranslations } from 'next-intl';
import { memo, useState, type ReactNode } from 'react';
import { Toast } from '../../ui/Toast';
import { UndoButtons } from './UndoButtons';
import { useActWords } from './useActWords';
import { Button } from '../../ui/Button';
import { useRoomAtRest } from './room/RoomContext';

/** Saved or not, what undo took back, and what to do when the room was changed elsewhere. */
export const StatusLine = memo(function StatusLine(): ReactNode {
  const t = useTranslations('shell');
  const { saving, said, labels, replay, takeFresh } = useRoomAtRest();
  const act = useActWords();
  const saidWords = (what: Said) => {
    if (what.kind === 'nothing') return t(what.way === 'undo' ? 'nothingToUndo' : 'nothingToRedo');
    return what.kind === 'stands' ? t('standsInWay') : t(what.kind, { what: act(what.label) });
  };
  // a notice that was closed or has had its time, until the next one
  const [closed, setClosed] = useState<Said | null>(null);
  return (
    <>
      <UndoButtons labels={labels} onReplay={(way) => void replay(way)} />
      <p
        role="status"
        aria-live="polite"
        className="no-print fixed bottom-1.5 left-5 z-20 max-w-[150px] text-[13px] leading-tight text-[#333] max-lg:static max-lg:max-w-none"
      >
        {t(saving.state, { why: saving.state === 'refused' ? saving.why : '' })}
      </p>
      <Toast
        label={t('notices')}
        message={said && said !== closed ? saidWords(said) : null}
        onClose={() => setClosed(said)}
      />
      {saving.state === 'stale' && (
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
      )}
    </>
  );
});
