'use client';
import { headOfLook } from '../../core/model/nouns';
import { useTranslations } from 'next-intl';
import { MoreHorizontal, Plus } from 'lucide-react';
import { nanoid } from 'nanoid';
import { memo, useState, type ReactNode } from 'react';
import { Button } from '../../ui/Button';
import { LazyDialog } from '../../ui/LazyDialog';
import { TAKEN, TextField } from '../../ui/Field';
import { useRoomAtRest } from './room/RoomContext';

/** Looks as tabs; the room dressed another way is one key away. */
export const LookTabs = memo(function LookTabs(): ReactNode {
  const t = useTranslations('shell');
  const { file, look, setLook, change } = useRoomAtRest();
  const [open, setOpen] = useState(false);
  const looks = [...file.looks].sort((a, b) => a.order - b.order);
  const copy = () => {
    const id = nanoid(12);
    change([{ do: 'copyLook', from: look.id, id, name: t('newLookName', { name: look.name }).slice(0, 80) }]);
    setLook(id);
  };
  const remove = () => {
    const next = looks.find((l) => l.id !== look.id)!;
    setOpen(false);
    change([{ do: 'removeLook', id: look.id }]);
    setLook(next.id);
  };
  const head = headOfLook(look);
  return (
    <div className="flex min-w-0 items-center rounded-md bg-[#c6c6c6] p-[3px]">
      <div role="tablist" aria-label={t('looks')} className="flex min-w-0 overflow-x-auto">
        {looks.map((l) => (
          <button
            key={l.id}
            type="button"
            role="tab"
            aria-selected={l.id === look.id}
            onClick={() => setLook(l.id)}
            className="max-w-[170px] truncate whitespace-nowrap rounded-md px-2.5 py-1 text-[14px] aria-selected:bg-sheet aria-selected:font-semibold"
            title={l.name}
          >
            {l.name}
          </button>
        ))}
      </div>
      <button
        type="button"
        aria-label={t('lookMenu')}
        title={t('lookMenu')}
        onClick={() => setOpen(true)}
        className="rounded-md p-1.5 hover:bg-sheet"
      >
        <MoreHorizontal size={16} />
      </button>
      <button
        type="button"
        aria-label={t('copyLook')}
        title={t('copyLook')}
        onClick={copy}
        className="rounded-md p-1.5 hover:bg-sheet"
      >
        <Plus size={16} />
      </button>
      <LazyDialog open={open} onClose={() => setOpen(false)} title={look.name} closeLabel={t('close')}>
        <TextField
          label={t('renameLook')}
          draftKey={`look-name-${look.id}`}
          value={look.name}
          onCommit={(name) => {
            if (name) change([{ do: 'putLook', look: { ...head, name: name.slice(0, 80) } }]);
            return TAKEN;
          }}
        />
        <div className="mt-5 border-t border-line pt-4">
          {looks.length > 1 ? (
            <>
              <p className="mb-3">
                {t('deleteLookSays', {
                  name: look.name,
                  dressings: look.dressings.length,
                  hangings: look.hangings.length,
                  placements: look.placements.length,
                })}
              </p>
              <Button onClick={remove}>{t('deleteLook')}</Button>
            </>
          ) : (
            <p>{t('lastLook')}</p>
          )}
        </div>
      </LazyDialog>
    </div>
  );
});
