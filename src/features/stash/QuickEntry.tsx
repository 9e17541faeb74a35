'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { ITEM_KINDS } from '../../core/model/values/item';
import { Button } from '../../ui/Button';
import { LengthField, NumberField, TAKEN, TextField } from '../../ui/Field';
import { Form } from '../../ui/Form';
import { FileButton, IMAGE_TYPES } from '../../ui/FileButton';
import { Select } from '../../ui/Select';
import { PlaceSelect } from '../shell/PlaceSelect';
import { focusFirstReading } from '../../ui/useTyped';
import { useLongestSide } from '../shell/useLongestSide';
import { useStashRoom } from './StashContext';
import { useQuickEntry } from './useQuickEntry';

/** One thing after the other, or one for every photo chosen. */
export function QuickEntry({ onOpen }: { onOpen: (id: string) => void }): ReactNode {
  const t = useTranslations('stash');
  const { unit, head } = useStashRoom();
  const { entry, set, putIn, add, addFromPhotos, busy, notice, clearNotice, added } = useQuickEntry();
  const side = useLongestSide(entry.kind, unit);
  return (
    <section className="bg-sheet px-5 py-4" data-worksheet>
      <h1 className="text-[24px]">{t('new.title')}</h1>
      <p className="mb-3 text-[14px] text-soft">{t('new.intro')}</p>
      <Form
        onSend={(form) => {
          void add();
          focusFirstReading(form);
        }}
        className="space-y-2.5"
      >
        <div className="grid grid-cols-[1fr_120px_64px] gap-x-4">
          <TextField
            label={t('name')}
            draftKey="new-thing-name"
            value={entry.name}
            placeholder={t('new.example')}
            onCommit={(v) => {
              set({ name: v.slice(0, 80) });
              clearNotice();
              return TAKEN;
            }}
          />
          <Select
            label={t('kind')}
            value={entry.kind}
            options={ITEM_KINDS.map((k) => ({ value: k, label: t(`kinds.${k}`) }))}
            onChange={(kind) => set({ kind })}
          />
          <NumberField
            label={t('howMany')}
            draftKey="new-thing-count"
            value={entry.count}
            step={1}
            onCommit={(n) => {
              if (n < 0 || !Number.isInteger(n)) return { took: false, message: t('wholeNumber') };
              set({ count: n });
              return TAKEN;
            }}
          />
        </div>
        <div className="grid grid-cols-[1fr_1fr_auto_1.2fr] items-end gap-x-4">
          <LengthField
            label={t('wide')}
            draftKey="new-thing-w"
            valueMm={entry.widthMm}
            unit={unit}
            onCommit={(w) =>
              side(w, () => {
                set({ widthMm: w });
                return TAKEN;
              })
            }
          />
          <LengthField
            label={t('high')}
            draftKey="new-thing-h"
            valueMm={entry.heightMm}
            unit={unit}
            onCommit={(h) =>
              side(h, () => {
                set({ heightMm: h });
                return TAKEN;
              })
            }
          />
          <label className="text-[13px] text-soft">
            <span className="block font-narrow">{t('colour')}</span>
            <input
              type="color"
              value={entry.hex}
              onChange={(e) => set({ hex: e.target.value })}
              className="h-7 w-10 border border-ink bg-transparent"
            />
          </label>
          <PlaceSelect
            label={t('place')}
            value={entry.placeId}
            places={head.places}
            none={t('nowhere')}
            unit={unit}
            onChange={(placeId) => set({ placeId })}
            onMake={putIn}
          />
        </div>
        <div className="flex flex-wrap items-center gap-2 pt-1">
          <Button variant="primary" type="submit">
            {t('new.add')}
          </Button>
          <FileButton
            multiple
            accept={IMAGE_TYPES}
            disabled={busy}
            onFiles={(files) => void addFromPhotos(files)}
          >
            {busy ? t('loading') : t('new.fromPhotos')}
          </FileButton>
          {notice && (
            <p role="status" className="text-[14px]">
              {notice}
            </p>
          )}
        </div>
      </Form>
      <JustAdded added={added} onOpen={onOpen} />
    </section>
  );
}

/** What was just added, each to be opened. */
function JustAdded({
  added,
  onOpen,
}: {
  added: readonly { id: string; name: string }[];
  onOpen: (id: string) => void;
}): ReactNode {
  const t = useTranslations('stash');
  if (added.length === 0) return null;
  return (
    <section className="mt-5">
      <h2 className="mb-1 font-sans text-[14px] font-semibold">{t('new.justNow')}</h2>
      <ul>
        {added.slice(0, 14).map((m) => (
          <li
            key={m.id}
            className="flex items-baseline justify-between gap-3 border-b border-line py-1 text-[14px]"
          >
            <span>{m.name}</span>
            <button
              type="button"
              className="underline underline-offset-4"
              aria-label={t('new.openOne', { name: m.name })}
              onClick={() => onOpen(m.id)}
            >
              {t('new.open')}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
