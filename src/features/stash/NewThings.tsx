'use client';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { useRef, useState, type ReactNode } from 'react';
import { putItemsAction } from '../../actions/stash';
import type { ImportStep } from '../../actions/stashTypes';
import { newItem } from '../../core/model/defaults';
import type { Item } from '../../core/model/types';
import { labOfHex } from '../../core/colour/spaces';
import { Button } from '../../ui/Button';
import { Pick } from '../../ui/Choice';
import { useDraft } from '../../ui/drafts';
import { LengthField, NumberField, TAKEN, TextField } from '../../ui/Field';
import { startSampler } from '../../workers/sample/client';
import { takeInPhoto } from '../shell/photos';
import { KINDS } from './FilterPanel';
import { useStashRoom } from './StashContext';

/** Fast ways in: one after the other, from photos, from a spreadsheet's rows or a file; and out again. */
export function NewThings({ onOpen }: { onOpen: (id: string) => void }): ReactNode {
  return (
    <div className="grid gap-3.5 lg:min-h-[calc(100dvh-64px)] lg:grid-cols-[1fr_1fr]">
      <QuickEntry onOpen={onOpen} />
      <TableDoor />
    </div>
  );
}

/** One thing after the other, or one for every photo chosen. */
function QuickEntry({ onOpen }: { onOpen: (id: string) => void }): ReactNode {
  const t = useTranslations('stash');
  const { unit, refresh, head } = useStashRoom();
  const [name, setName] = useState('');
  const [kind, setKind] = useState<Item['kind']>('cover');
  const [count, setCount] = useState(1);
  const [size, setSize] = useState({ w: unit === 'cm' ? 500 : 508, h: unit === 'cm' ? 500 : 508 });
  const [hex, setHex] = useState('#a8a49a');
  const [placeId, setPlace] = useState('');
  const [said, setSaid] = useState<{ text: string } | null>(null);
  const [busy, setBusy] = useState(false);
  const [made, setMade] = useState<readonly { id: string; name: string }[]>([]);
  const add = async () => {
    if (!name) {
      setSaid({ text: t('nameNeeded') });
      return;
    }
    const id = nanoid(12);
    const result = await putItemsAction([
      newItem({
        id,
        name,
        kind,
        count,
        widthMm: size.w,
        heightMm: size.h,
        colours: [{ ...labOfHex(hex)!, share: 1 }],
        placeId: placeId || null,
      }),
    ]);
    if (!result.ok) {
      setSaid({ text: t('refused', { why: result.issues[0]!.message }) });
      return;
    }
    setSaid({ text: t('new.added', { name }) });
    setMade((m) => [{ id, name }, ...m]);
    setName('');
    await refresh();
  };
  /** A thing for every photo: its name from the file's, its colours from the photo's middle. */
  const fromPhotos = async (files: readonly File[]) => {
    setBusy(true);
    const sampler = startSampler();
    const fresh: Item[] = [];
    const refused: string[] = [];
    for (const file of files.slice(0, 60)) {
      const kept = await takeInPhoto(file);
      if (!kept.ok) {
        refused.push(`${file.name}: ${kept.message}`);
        continue;
      }
      const sample =
        (await sampler.open(file)) &&
        (await sampler.colours({
          regions: [{ x: 0.25, y: 0.25, width: 0.5, height: 0.5 }],
          card: null,
          cardReflectance: 0.9,
          count: 3,
          seed: 1,
        }));
      fresh.push(
        newItem({
          id: nanoid(12),
          name: (
            file.name
              .replace(/\.[^.]+$/, '')
              .replace(/[_-]+/g, ' ')
              .trim() || t('new.unnamed')
          ).slice(0, 80),
          kind,
          photoId: kept.id,
          widthMm: size.w,
          heightMm: size.h,
          placeId: placeId || null,
          colourFrom: 'photo',
          ...(sample && sample.colours.length > 0
            ? { colours: sample.colours.slice(0, 8).map((c) => ({ l: c.l, a: c.a, b: c.b, share: c.share })) }
            : {}),
        }),
      );
    }
    sampler.close();
    const result = fresh.length > 0 ? await putItemsAction(fresh) : null;
    setBusy(false);
    const took = result?.ok ? fresh : [];
    setMade((m) => [...took.map((i) => ({ id: i.id, name: i.name })), ...m]);
    setSaid({
      text: [
        took.length > 0 ? t('new.photos', { count: took.length }) : '',
        result && !result.ok ? t('refused', { why: result.issues[0]!.message }) : '',
        ...refused,
      ]
        .filter(Boolean)
        .join(' '),
    });
    await refresh();
  };
  return (
    <section className="bg-sheet px-5 py-4" data-worksheet>
      <h1 className="text-[24px]">{t('new.title')}</h1>
      <p className="mb-3 text-[14px] text-soft">{t('new.says')}</p>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          void add();
        }}
        className="space-y-2.5"
      >
        <div className="grid grid-cols-[1fr_120px_64px] gap-x-4">
          <TextField
            label={t('name')}
            draftKey="new-thing-name"
            value={name}
            placeholder={t('new.example')}
            onCommit={(v) => {
              setName(v.slice(0, 80));
              setSaid(null);
              return TAKEN;
            }}
          />
          <Pick
            label={t('kind')}
            value={kind}
            options={KINDS.map((k) => ({ value: k, label: t(`kinds.${k}`) }))}
            onChange={setKind}
          />
          <NumberField
            label={t('howMany')}
            draftKey="new-thing-count"
            value={count}
            step={1}
            onCommit={(n) => {
              if (n < 0 || !Number.isInteger(n)) return { took: false, message: t('wholeNumber') };
              setCount(n);
              return TAKEN;
            }}
          />
        </div>
        <div className="grid grid-cols-[1fr_1fr_auto_1.2fr] items-end gap-x-4">
          <LengthField
            label={t('wide')}
            draftKey="new-thing-w"
            valueMm={size.w}
            unit={unit}
            onCommit={(w) => {
              if (w <= 0) return { took: false, message: t('moreThanNothing') };
              setSize((s) => ({ ...s, w }));
              return TAKEN;
            }}
          />
          <LengthField
            label={t('high')}
            draftKey="new-thing-h"
            valueMm={size.h}
            unit={unit}
            onCommit={(h) => {
              if (h <= 0) return { took: false, message: t('moreThanNothing') };
              setSize((s) => ({ ...s, h }));
              return TAKEN;
            }}
          />
          <label className="text-[13px] text-soft">
            <span className="block font-narrow">{t('colour')}</span>
            <input
              type="color"
              value={hex}
              onChange={(e) => setHex(e.target.value)}
              className="h-7 w-10 border border-ink bg-transparent"
            />
          </label>
          <Pick
            label={t('place')}
            value={placeId}
            options={[
              { value: '', label: t('nowhere') },
              ...head.places.map((p) => ({ value: p.id, label: p.name })),
            ]}
            onChange={setPlace}
          />
        </div>
        <div className="flex flex-wrap items-center gap-2 pt-1">
          <Button look="strong" type="submit">
            {t('new.add')}
          </Button>
          <label className="inline-flex cursor-pointer rounded-md border border-ink px-3 py-1.5 text-[14px] font-medium has-focus-visible:outline-2">
            <input
              type="file"
              multiple
              accept="image/jpeg,image/png,image/webp,image/avif"
              className="sr-only"
              disabled={busy}
              onChange={(e) => {
                void fromPhotos([...(e.target.files ?? [])]);
                e.target.value = '';
              }}
            />
            {busy ? t('loading') : t('new.fromPhotos')}
          </label>
          {said && (
            <p role="status" className="text-[14px]">
              {said.text}
            </p>
          )}
        </div>
      </form>
      {made.length > 0 && (
        <section className="mt-5">
          <h2 className="mb-1 font-sans text-[14px] font-semibold">{t('new.justNow')}</h2>
          <ul>
            {made.slice(0, 14).map((m) => (
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
      )}
    </section>
  );
}

type Read = Extract<ImportStep, { step: 'read' }>;

/**
 * Rows pasted from a spreadsheet, or a file of them: first what would happen, then, when asked, it happens.
 */
function TableDoor(): ReactNode {
  const t = useTranslations('stash');
  const { unit, refresh } = useStashRoom();
  const [draft, setDraft] = useDraft('stash-table');
  const [file, setFile] = useState<{ name: string; text: string } | null>(null);
  const [progress, setProgress] = useState<string | null>(null);
  const [read, setRead] = useState<Read | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const running = useRef(false);
  const text = file?.text ?? draft ?? '';
  const run = async (write: boolean) => {
    if (running.current || text.trim() === '') return;
    running.current = true;
    setSaid(null);
    setProgress(t('table.reading', { rows: 0, of: '…' }));
    try {
      const answer = await fetch(
        `/api/stash/import?unit=${unit === 'cm' ? 'cm' : 'in'}${write ? '&write=1' : ''}`,
        { method: 'POST', body: text },
      );
      if (!answer.ok || !answer.body) {
        const body = (await answer.json()) as { issues: { message: string }[] };
        setSaid(body.issues.map((i) => i.message).join(' '));
        return;
      }
      const reader = answer.body.pipeThrough(new TextDecoderStream()).getReader();
      let rest = '';
      for (;;) {
        const { value, done } = await reader.read();
        rest += value ?? '';
        const lines = rest.split('\n');
        rest = lines.pop() ?? '';
        for (const line of lines) {
          const step = JSON.parse(line) as ImportStep;
          if (step.step === 'reading') setProgress(t('table.reading', { rows: step.rows, of: step.of }));
          else if (step.step === 'read') setRead(step);
          else if (step.step === 'written') {
            setSaid(t('table.written', { added: step.added, changed: step.changed }));
            setRead(null);
            setDraft(null);
            setFile(null);
            await refresh();
          }
        }
        if (done) break;
      }
    } catch {
      setSaid(t('noAnswer'));
    } finally {
      running.current = false;
      setProgress(null);
    }
  };
  return (
    <section className="flex flex-col bg-sheet px-5 py-4">
      <h2 className="text-[24px]">{t('table.title')}</h2>
      <p className="mb-2 text-[14px] text-soft">{t('table.says')}</p>
      <textarea
        aria-label={t('table.paste')}
        value={file ? t('table.file', { name: file.name }) : (draft ?? '')}
        readOnly={file !== null}
        onChange={(e) => {
          setDraft(e.target.value);
          setRead(null);
          setSaid(null);
        }}
        placeholder={'name\tkind\tcount\twidth\theight\nSail check\tcover\t3\t22 in\t22 in'}
        rows={8}
        className="w-full grow border border-line bg-transparent p-2 font-mono text-[12px]"
      />
      <div className="mt-2 flex flex-wrap items-center gap-2">
        <Button disabled={text.trim() === ''} onClick={() => void run(false)}>
          {t('table.preview')}
        </Button>
        <label className="inline-flex cursor-pointer rounded-md border border-ink px-3 py-1.5 text-[14px] font-medium has-focus-visible:outline-2">
          <input
            type="file"
            accept=".csv,.tsv,.txt,text/csv"
            className="sr-only"
            onChange={(e) => {
              const f = e.target.files?.[0];
              if (f)
                void f.text().then((body) => {
                  setFile({ name: f.name, text: body });
                  setRead(null);
                  setSaid(null);
                });
              e.target.value = '';
            }}
          />
          {t('table.choose')}
        </label>
        {file && (
          <Button
            onClick={() => {
              setFile(null);
              setRead(null);
            }}
          >
            {t('table.drop')}
          </Button>
        )}
        <a
          href="/api/stash/table"
          download
          className="ml-auto text-[14px] underline decoration-line underline-offset-4"
        >
          {t('table.out')}
        </a>
      </div>
      <details className="mt-3 text-[13px]">
        <summary className="text-soft">{t('table.columnsTitle')}</summary>
        <p className="pt-1 font-mono text-[12px] leading-relaxed">{t('table.columns')}</p>
      </details>
      {progress && (
        <p role="status" className="mt-2 text-[14px]">
          {progress}
        </p>
      )}
      {said && (
        <p role="status" className="mt-2 text-[14px]">
          {said}
        </p>
      )}
      {read && (
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
            <ul role="alert" className="max-h-[180px] space-y-0.5 overflow-y-auto">
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
          <Button
            look="strong"
            disabled={read.addedCount + read.changedCount === 0}
            onClick={() => void run(true)}
          >
            {t('table.write', { count: read.addedCount + read.changedCount })}
          </Button>
        </div>
      )}
    </section>
  );
}
