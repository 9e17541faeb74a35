'use client';
import type { Said } from './room/saver';
import { useTranslations } from 'next-intl';
import { memo, type ReactNode } from 'react';
import { Redo2, Undo2 } from 'lucide-react';
import { Button } from '../../ui/Button';
import { useRoomAtRest } from './room/RoomContext';
import type { Label } from './room/saver';

export function useActWords(): (label: Label) => string {
  const t = useTranslations();
  return (label) => {
    const isRule = label.code === 'setRule' || label.code === 'dropRule';
    const name =
      isRule && label.name ? t(`rules.${label.name}.name` as 'rules.windows.hem.name') : (label.name ?? '');
    return t(`acts.${label.code as 'setRoom'}`, { name });
  };
}

/** Saved or not, what undo took back, and what to do when the room was changed elsewhere. */
export const StatusLine = memo(function StatusLine(): ReactNode {
  const t = useTranslations('shell');
  const { saving, said, labels, replay, takeFresh } = useRoomAtRest();
  const act = useActWords();
  const saidWords = (what: Said) => {
    if (what.kind === 'nothing') return t(what.way === 'undo' ? 'nothingToUndo' : 'nothingToRedo');
    return what.kind === 'stands' ? t('standsInWay') : t(what.kind, { what: act(what.label) });
  };
  const words = said
    ? saidWords(said)
    : t(saving.state, { why: saving.state === 'refused' ? saving.why : '' });
  return (
    <>
      <div className="no-print flex items-center gap-1">
        <button
          type="button"
          disabled={!labels.undo}
          onClick={() => void replay('undo')}
          title={labels.undo ? `${t('undo')}: ${act(labels.undo)}` : t('undo')}
          aria-label={labels.undo ? `${t('undo')}: ${act(labels.undo)}` : t('undo')}
          className="rounded-md p-1.5 hover:bg-sheet disabled:opacity-35"
        >
          <Undo2 size={16} />
        </button>
        <button
          type="button"
          disabled={!labels.redo}
          onClick={() => void replay('redo')}
          title={labels.redo ? `${t('redo')}: ${act(labels.redo)}` : t('redo')}
          aria-label={labels.redo ? `${t('redo')}: ${act(labels.redo)}` : t('redo')}
          className="rounded-md p-1.5 hover:bg-sheet disabled:opacity-35"
        >
          <Redo2 size={16} />
        </button>
      </div>
      <p
        role="status"
        aria-live="polite"
        className="no-print fixed bottom-1.5 left-5 z-20 max-w-[150px] text-[13px] leading-tight text-[#333] max-lg:static max-lg:max-w-none"
      >
        {words}
      </p>
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
                <Button look="strong" small onClick={() => void takeFresh('on-top')}>
                  {t('putOnTop')}
                </Button>
                <Button small onClick={() => void takeFresh('out')}>
                  {t('setAside')}
                </Button>
              </>
            ) : (
              <Button look="strong" small onClick={() => void takeFresh('on-top')}>
                {t('showTheirs')}
              </Button>
            )}
          </div>
        </div>
      )}
    </>
  );
});
