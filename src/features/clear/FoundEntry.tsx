'use client';
import { plainUnit } from '../../core/base/length';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { ITEM_KINDS } from '../../core/model/values/item';
import { Button } from '../../ui/Button';
import { LengthField, NumberField, TAKEN, TextField } from '../../ui/Field';
import { Form } from '../../ui/Form';
import { FileButton, IMAGE_TYPES } from '../../ui/FileButton';
import { Select } from '../../ui/Select';
import { focusFirstReading } from '../../ui/useTyped';
import { useRoom } from '../shell/room/RoomContext';
import { useLongestSide } from '../shell/useLongestSide';
import { useFoundEntry } from './useFoundEntry';

/** A thing entered quickly: name, kind, size, colour, photo; Enter, and the next. */
export function FoundEntry({ wallId }: { wallId: string | null }): ReactNode {
  const t = useTranslations('clear');
  const ts = useTranslations('stash');
  const { file } = useRoom();
  const { unit } = file.room;
  const { entry, set, add, takePhoto, notice, clearNotice } = useFoundEntry(wallId);
  const side = useLongestSide(entry.kind, unit);
  const positive = (mm: number, keep: () => void) =>
    side(mm, () => {
      keep();
      return TAKEN;
    });
  const key = (f: string) => `${file.room.id}-found-${f}`;
  return (
    <Form
      data-worksheet
      className="border-b border-line pb-3"
      onSend={(form) => {
        add();
        focusFirstReading(form);
      }}
    >
      <div className="grid grid-cols-[1fr_104px_52px] gap-x-3">
        <TextField
          label={t('what')}
          draftKey={key('name')}
          value={entry.name}
          placeholder={t('example')}
          onCommit={(v) => {
            set({ name: v.slice(0, 80) });
            clearNotice();
            return TAKEN;
          }}
        />
        <Select
          label={ts('kind')}
          value={entry.kind}
          options={ITEM_KINDS.map((k) => ({ value: k, label: ts(`kinds.${k}`) }))}
          onChange={(kind) => set({ kind })}
        />
        <NumberField
          label={ts('howMany')}
          draftKey={key('count')}
          value={entry.count}
          step={1}
          onCommit={(n) => {
            if (n < 1 || !Number.isInteger(n)) return { took: false, message: ts('wholeNumber') };
            set({ count: n });
            return TAKEN;
          }}
        />
      </div>
      <div className="mt-1.5 grid grid-cols-[1fr_1fr_auto_auto_auto] items-end gap-x-3">
        <LengthField
          label={ts('wide')}
          size="small"
          draftKey={key('w')}
          valueMm={entry.widthMm}
          unit={plainUnit(unit)}
          onCommit={(w) => positive(w, () => set({ widthMm: w }))}
        />
        <LengthField
          label={ts('high')}
          size="small"
          draftKey={key('h')}
          valueMm={entry.heightMm}
          unit={plainUnit(unit)}
          onCommit={(h) => positive(h, () => set({ heightMm: h }))}
        />
        <input
          type="color"
          aria-label={ts('colour')}
          value={entry.hex}
          onChange={(e) => set({ hex: e.target.value })}
          className="h-7 w-9 border border-ink bg-transparent"
        />
        <FileButton small accept={IMAGE_TYPES} onFiles={([file]) => void takePhoto(file)}>
          {ts('photo')}
        </FileButton>
        <Button small variant="primary" type="submit">
          {t('add')}
        </Button>
      </div>
      {notice && (
        <p role="status" className="mt-1 text-[13px]">
          {notice}
        </p>
      )}
    </Form>
  );
}
