'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { Button } from '../../ui/Button';
import { Collapsible } from '../../ui/Collapsible';
import { FileButton } from '../../ui/FileButton';
import { ScrollArea } from '../../ui/ScrollArea';
import { useTableImport, type TableRead } from './useTableImport';
import { TEXT_LINK } from '../../ui/PageLink';

/**
 * Rows pasted from a spreadsheet, or a file of them: first what would happen, then, when asked, it happens.
 */
export function TableDoor(): ReactNode {
  const t = useTranslations('stash');
  const { draft, file, text, paste, chooseFile, progress, read, notice, run } = useTableImport();
  return (
    <section className="flex flex-col bg-sheet px-5 py-4">
      <h2 className="text-[24px]">{t('table.title')}</h2>
      <p className="mb-2 text-[14px] text-soft">{t('table.intro')}</p>
      <textarea
        aria-label={t('table.paste')}
        value={file ? t('table.file', { name: file.name }) : (draft ?? '')}
        readOnly={file !== null}
        onChange={(e) => {
          paste(e.target.value);
        }}
        placeholder={'name\tkind\tcount\twidth\theight\nSail check\tcover\t3\t22 in\t22 in'}
        rows={8}
        className="w-full grow border border-line bg-transparent p-2 font-mono text-[12px]"
      />
      <div className="mt-2 flex flex-wrap items-center gap-2">
        <Button disabled={text.trim() === ''} onClick={() => void run(false)}>
          {t('table.preview')}
        </Button>
        <FileButton
          accept=".csv,.tsv,.txt,text/csv"
          onFiles={([chosen]) =>
            void chosen.text().then((body) => chooseFile({ name: chosen.name, text: body }))
          }
        >
          {t('table.choose')}
        </FileButton>
        {file && <Button onClick={() => chooseFile(null)}>{t('table.drop')}</Button>}
        <a href="/api/stash/table" download className={`${TEXT_LINK} ml-auto text-[14px]`}>
          {t('table.out')}
        </a>
      </div>
      <Collapsible title={t('table.columnsTitle')}>
        <p className="font-mono text-[12px] leading-relaxed">{t('table.columns')}</p>
      </Collapsible>
      {progress && (
        <p role="status" className="mt-2 text-[14px]">
          {progress}
        </p>
      )}
      {notice && (
        <p role="status" className="mt-2 text-[14px]">
          {notice}
        </p>
      )}
      {read && <TablePreview read={read} onWrite={() => void run(true)} />}
    </section>
  );
}

/** What the rows would add and change, and which of them cannot be read. */
function TablePreview({ read, onWrite }: { read: TableRead; onWrite: () => void }): ReactNode {
  const t = useTranslations('stash');
  return (
    <div className="mt-3 space-y-2 border-t border-line pt-2 text-[14px]">
      <p className="text-[16px]">
        {t('table.would', {
          added: read.addedCount,
          changed: read.changedCount,
          same: read.same,
          refused: read.issueCount,
        })}
      </p>
      {read.issues.length > 0 && (
        <ScrollArea label={t('table.refusedRows')} className="max-h-[180px]">
          <ul role="alert" className="space-y-0.5 pr-3">
            {read.issues.map((i, k) => (
              <li key={k}>
                {t('table.issue', {
                  row: i.row,
                  column: i.column || 'none',
                  came: i.came,
                  why: t(`table.why.${i.code}`, { expected: i.expected }),
                })}
              </li>
            ))}
          </ul>
        </ScrollArea>
      )}
      {read.added.length > 0 && (
        <p className="text-soft">{t('table.new', { names: read.added.slice(0, 12).join(', ') })}</p>
      )}
      {read.changed.length > 0 && (
        <ul className="text-soft">
          {read.changed.slice(0, 12).map((c, k) => (
            <li key={k}>
              {c.name}: {c.columns.join(', ')}
            </li>
          ))}
        </ul>
      )}
      <Button variant="primary" disabled={read.addedCount + read.changedCount === 0} onClick={onWrite}>
        {t('table.write', { count: read.addedCount + read.changedCount })}
      </Button>
    </div>
  );
}
