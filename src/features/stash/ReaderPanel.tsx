'use client';
import { FileButton } from '../../ui/FileButton';
import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import { readReaderAction, simulatedReadingAction, takeReadingAction } from '../../actions/stash';
import type { ReaderRow } from '../../core/colour/reader';
import { hexOfLab } from '../../core/colour/spaces';
import type { Item } from '../../core/model/types';
import { Button } from '../../ui/Button';
import { useDraft } from '../../ui/drafts';

/** What a colour reader says of a thing: a file, pasted rows, or the reader that stands in for one. */
export function ReaderPanel({ item, onDone }: { item: Item; onDone: () => void }): ReactNode {
  const t = useTranslations('stash');
  const [draft, setDraft] = useDraft(`reader-${item.id}`);
  const [rows, setRows] = useState<ReaderRow[] | null>(null);
  const [message, setMessage] = useState<string | null>(null);
  const read = async (text: string) => {
    setMessage(null);
    const result = await readReaderAction(text);
    if (result.ok) {
      setRows(result.value);
      return;
    }
    const i = result.issues[0];
    setMessage(t(`reader.issue.${i.code}`, { row: i.row, column: i.column, came: i.came }));
  };
  const take = async (row: ReaderRow) => {
    const result = await takeReadingAction(item.id, row);
    if (!result.ok) {
      setMessage(result.issues[0].message);
      return;
    }
    setDraft(null);
    onDone();
  };
  return (
    <div className="space-y-2.5">
      <h3 className="font-sans text-[15px] font-semibold">{t('reader.title')}</h3>
      <p className="text-[14px] text-soft">{t('reader.intro')}</p>
      <textarea
        aria-label={t('reader.paste')}
        value={draft ?? ''}
        onChange={(e) => setDraft(e.target.value)}
        placeholder={t('reader.hint')}
        rows={4}
        className="w-full border border-line bg-transparent p-2 font-mono text-[12px]"
      />
      <div className="flex flex-wrap gap-2">
        <Button small disabled={!draft} onClick={() => void read(draft ?? '')}>
          {t('reader.read')}
        </Button>
        <FileButton
          small
          accept=".csv,.txt,text/csv,text/plain"
          onFiles={([file]) => void file.text().then(read)}
        >
          {t('reader.file')}
        </FileButton>
        <Button
          small
          onClick={() =>
            void simulatedReadingAction(item.id).then((r) => {
              if (r.ok) setRows([r.value]);
            })
          }
        >
          {t('reader.simulate')}
        </Button>
      </div>
      {message && (
        <p role="alert" className="text-[13px]">
          {message}
        </p>
      )}
      {rows && (
        <ul className="space-y-1.5">
          {rows.slice(0, 50).map((r, i) => (
            <li key={i} className="flex items-center gap-2 text-[14px]">
              <span
                className="h-6 w-6 shrink-0 border border-black/20"
                style={{ background: hexOfLab(r.lab) }}
              />
              <span className="min-w-0 flex-1 truncate">
                {r.name}: L* {r.lab.l.toFixed(1).replace('-', '−')}, a* {r.lab.a.toFixed(1).replace('-', '−')}
                , b* {r.lab.b.toFixed(1).replace('-', '−')}
                {r.spectrum ? `, ${t('reader.spectral')}` : ''}
              </span>
              <Button small onClick={() => void take(r)}>
                {t('reader.take')}
              </Button>
            </li>
          ))}
        </ul>
      )}
      <Button small variant="quiet" className="!px-0" onClick={onDone}>
        {t('back')}
      </Button>
    </div>
  );
}
