'use client';
import { useTranslations } from 'next-intl';
import { useRef, useState } from 'react';
import type { ImportStep } from '../../actions/stashTypes';
import { useDraft } from '../../ui/drafts';
import { useStashRoom } from './StashContext';

export type TableRead = Extract<ImportStep, { step: 'read' }>;
type TableFile = { name: string; text: string };

/** The steps that the studio reports while it reads, one to a line. */
async function* stepsOf(body: ReadableStream<Uint8Array>): AsyncGenerator<ImportStep> {
  const decoder = new TextDecoder();
  const reader = body.getReader();
  let rest = '';
  for (;;) {
    const { value, done } = await reader.read();
    rest += value ? decoder.decode(value, { stream: true }) : '';
    const lines = rest.split('\n');
    rest = lines.pop() ?? '';
    for (const line of lines) yield JSON.parse(line) as ImportStep;
    if (done) return;
  }
}

/** Reading a table of things: first what it would do, then, when asked, doing it. */
export function useTableImport() {
  const t = useTranslations('stash');
  const { unit, refresh } = useStashRoom();
  const [draft, setDraft] = useDraft('stash-table');
  const [file, setFile] = useState<TableFile | null>(null);
  const [progress, setProgress] = useState<string | null>(null);
  const [read, setRead] = useState<TableRead | null>(null);
  const [notice, setNotice] = useState<string | null>(null);
  const running = useRef(false);
  const text = file?.text ?? draft ?? '';

  const forget = () => {
    setRead(null);
    setNotice(null);
  };
  const onStep = async (step: ImportStep): Promise<void> => {
    if (step.step === 'reading') setProgress(t('table.reading', { rows: step.rows, of: step.of }));
    else if (step.step === 'read') setRead(step);
    else if (step.step === 'refused') setNotice(t('table.refused', { why: step.why }));
    else if (step.step === 'written') {
      setNotice(t('table.written', { added: step.added, changed: step.changed }));
      setRead(null);
      setDraft(null);
      setFile(null);
      await refresh();
    }
  };
  const run = async (write: boolean): Promise<void> => {
    if (running.current || text.trim() === '') return;
    running.current = true;
    setNotice(null);
    setProgress(t('table.reading', { rows: 0, of: '…' }));
    try {
      const query = `unit=${unit === 'cm' ? 'cm' : 'in'}${write ? '&write=1' : ''}`;
      const answer = await fetch(`/api/stash/import?${query}`, { method: 'POST', body: text });
      if (!answer.ok || !answer.body) {
        const body = (await answer.json()) as { issues: { message: string }[] };
        setNotice(body.issues.map((i) => i.message).join(' '));
        return;
      }
      for await (const step of stepsOf(answer.body)) await onStep(step);
    } catch {
      setNotice(t('noAnswer'));
    } finally {
      running.current = false;
      setProgress(null);
    }
  };
  return {
    draft,
    file,
    text,
    progress,
    read,
    notice,
    run,
    paste: (words: string) => {
      setDraft(words);
      forget();
    },
    chooseFile: (chosen: TableFile | null) => {
      setFile(chosen);
      forget();
    },
  };
}
