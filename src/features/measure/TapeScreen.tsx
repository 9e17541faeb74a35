'use client';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import { useSearchParams } from 'next/navigation';
import { useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { formatLength, parseLength, typedLength } from '../../core/base/length';
import type { Mm } from '../../core/base/units';
import { setReading, tapeReadings, type TapeReading } from '../../core/stages/measure/readings';
import { Button } from '../../ui/Button';
import { useDraft } from '../../ui/drafts';
import { lengthExamples, useLengthIssue } from '../../ui/Field';
import { PageLink } from '../../ui/PageLink';
import { Words } from '../../ui/Words';
import { useRoom } from '../shell/room/RoomContext';
import { useCommit } from '../shell/useCommit';
import { useWallName } from '../shell/useWords';
import { ReadingSketch } from './ReadingSketch';

const LaserTape = dynamic(() => import('./LaserTape').then((m) => m.LaserTape), { loading: () => null });

const keyOf = (r: TapeReading) => `${r.about}/${r.field}`;

/** One reading at a time, in large type, for whoever holds the tape in the other hand. */
export function TapeScreen(): ReactNode {
  const t = useTranslations('measure');
  const search = useSearchParams();
  const { file, plan, look, rules, change } = useRoom();
  const commit = useCommit();
  const wallName = useWallName();
  const lengthIssue = useLengthIssue(file.room.unit);
  const onlyOpen = search.get('only') === 'open';
  const { unit } = file.room;
  const all = useMemo(() => tapeReadings(file), [file]);
  // what is to be read is settled when the session begins: a reading that is taken stays in the list
  const [listed, setListed] = useState<string[]>(() =>
    all.filter((r) => !onlyOpen || r.guess || r.secondMm !== null || r.valueMm === null).map(keyOf),
  );
  const [at, setAt] = useState(0);
  const [says, setSays] = useState<{ text: string; keep?: () => void } | null>(null);
  const [laser, setLaser] = useState(false);
  const [taken, setTaken] = useState<Record<string, true>>({});
  const input = useRef<HTMLInputElement>(null);
  const readings = listed.flatMap((k) => all.find((r) => keyOf(r) === k) ?? []);
  const reading = readings[Math.min(at, readings.length - 1)];
  const [draft, setDraft] = useDraft(reading ? `tape-${file.room.id}-${keyOf(reading)}` : 'tape-none');
  useEffect(() => {
    input.current?.focus();
    input.current?.select();
  }, [at]);
  if (!reading)
    return (
      <div className="mx-auto w-full max-w-[560px] bg-sheet p-5">
        <h1 className="text-[24px]">{t('tape.title')}</h1>
        <p className="my-3">{t('tape.nothing')}</p>
        <PageLink
          href={`/rooms/${file.room.id}/measure?look=${look.id}`}
          className="underline underline-offset-4"
        >
          {t('tape.leave')}
        </PageLink>
      </div>
    );

  const wall = plan.walls.find((w) => w.id === reading.wallId);
  const subject = reading.kind === 'wall' ? wallName(wall!) : reading.name;
  const readingSays = (r: TapeReading): ReactNode => {
    if (r.secondMm !== null && r.valueMm !== null)
      return (
        <Words>
          {t('twice', { first: formatLength(r.valueMm, unit), second: formatLength(r.secondMm, unit) })}
        </Words>
      );
    if (r.guess) return t('tape.guess');
    if (r.valueMm === null) return t('tape.never', { examples: lengthExamples(unit) });
    return t(taken[keyOf(r)] ? 'tape.taken' : 'tape.measured');
  };
  const shown = reading.valueMm === null ? '' : typedLength(reading.valueMm, unit);
  const inFeet = shown.includes("'") && draft === null;
  const inches = inFeet ? '' : 'in';
  const unitAfter = unit === 'cm' ? 'cm' : inches;
  const go = (to: number) => {
    setSays(null);
    setAt(Math.max(0, Math.min(readings.length - 1, to)));
  };
  const done = () => {
    setDraft(null);
    setTaken((k) => ({ ...k, [keyOf(reading)]: true }));
  };
  const markMeasured = () =>
    change([
      {
        do: 'markReadings',
        readings: [{ about: reading.about, field: reading.field, guess: false, secondMm: null }],
      },
    ]);
  const next = () => {
    const text = (draft ?? shown).trim();
    if (text === '') {
      go(at + 1);
      return;
    }
    if (draft === null || text === shown) {
      // Enter on what stands there says: so it is
      if (reading.guess) markMeasured();
      if (reading.valueMm !== null) done();
      go(at + 1);
      return;
    }
    const read = parseLength(text, unit);
    if (!read.ok || read.value < 0) {
      setSays({
        text: read.ok
          ? lengthIssue({ code: 'not-a-length', at: 0, came: text })
          : lengthIssue(read.issues[0]!),
      });
      return;
    }
    take(read.value);
  };
  const take = (mm: Mm) => {
    const known = reading.valueMm;
    const differs = known !== null && Math.abs(known - mm) > rules.number('measure.closing');
    if (known !== null && !reading.guess && differs && taken[keyOf(reading)] === undefined) {
      // a second reading that differs: both are kept until it is settled which holds
      change([
        {
          do: 'markReadings',
          readings: [{ about: reading.about, field: reading.field, guess: false, secondMm: mm }],
        },
      ]);
      setDraft(null);
      setSays({
        text: t('tape.differs', { first: formatLength(known, unit), second: formatLength(mm, unit) }),
      });
      return;
    }
    const wanted = setReading(file, reading.about, reading.field, mm);
    if (!wanted.ok) {
      go(at + 1);
      return;
    }
    const answer = commit(wanted.value, reading.about);
    if (answer.took) {
      if (reading.guess) markMeasured();
      done();
      go(at + 1);
      return;
    }
    setSays({
      text: answer.message,
      ...(answer.keep
        ? {
            keep: () => {
              answer.keep!();
              done();
              go(at + 1);
            },
          }
        : {}),
    });
  };
  const settle = (second: boolean) => {
    const wanted =
      second && reading.secondMm !== null
        ? setReading(file, reading.about, reading.field, reading.secondMm)
        : null;
    change([
      ...(wanted?.ok ? [wanted.value] : []),
      {
        do: 'markReadings',
        readings: [{ about: reading.about, field: reading.field, guess: false, secondMm: null }],
      },
    ]);
    done();
    go(at + 1);
  };
  const open = readings.filter((r) => r.guess || r.secondMm !== null || r.valueMm === null).length;
  return (
    <div className="mx-auto flex w-full max-w-[600px] flex-1 flex-col bg-sheet px-4 pb-4 pt-3" data-worksheet>
      <div className="flex items-baseline justify-between gap-3 text-[14px]">
        <PageLink
          href={`/rooms/${file.room.id}/measure?look=${look.id}${reading.wallId ? `&wall=${reading.wallId}` : ''}`}
          className="underline decoration-line underline-offset-4"
        >
          {t('tape.leave')}
        </PageLink>
        <span className="text-soft">{t('tape.count', { n: at + 1, of: readings.length, open })}</span>
      </div>
      <div className="mt-1 h-1 bg-well" aria-hidden="true">
        <div className="h-1 bg-ink" style={{ width: `${((at + 1) / readings.length) * 100}%` }} />
      </div>
      <ReadingSketch reading={reading} />
      <p className="mt-2 text-[15px] text-soft">
        {subject}
        {reading.kind !== 'wall' && wall ? `, ${wallName(wall)}` : ''}
      </p>
      <h1 className="text-[30px] leading-tight">
        <label htmlFor="tape-reading">{t(`fields.${reading.field}`)}</label>
      </h1>
      <div className="mt-1 flex items-baseline gap-2 border-b-2 border-ink">
        <input
          id="tape-reading"
          ref={input}
          data-reading
          data-tape
          inputMode="text"
          autoComplete="off"
          spellCheck={false}
          enterKeyHint="next"
          aria-describedby="tape-says"
          value={draft ?? shown}
          onChange={(e) => {
            setDraft(e.target.value);
            setSays(null);
          }}
          onFocus={(e) => e.target.select()}
          onKeyDown={(e) => {
            if (e.key === 'Enter') {
              e.preventDefault();
              next();
            } else if (e.key === 'Escape') {
              setDraft(null);
              setSays(null);
            } else if ((e.key === 'ArrowUp' || e.key === 'PageUp') && draft === null) {
              e.preventDefault();
              go(at - 1);
            } else if ((e.key === 'ArrowDown' || e.key === 'PageDown') && draft === null) {
              e.preventDefault();
              go(at + 1);
            }
          }}
          className="w-full min-w-0 bg-transparent py-1 text-[52px] font-medium leading-none outline-none"
        />
        <span className="text-[20px] text-soft">{unitAfter}</span>
      </div>
      <p id="tape-says" className="mt-1.5 min-h-[22px] text-[15px]">
        {readingSays(reading)}
      </p>
      {reading.secondMm !== null && reading.valueMm !== null && (
        <div className="mt-1 flex gap-2">
          <Button className="min-h-[44px]" onClick={() => settle(false)}>
            <span>
              <Words>{t('tape.keep', { value: formatLength(reading.valueMm, unit) })}</Words>
            </span>
          </Button>
          <Button className="min-h-[44px]" onClick={() => settle(true)}>
            <span>
              <Words>{t('tape.keep', { value: formatLength(reading.secondMm, unit) })}</Words>
            </span>
          </Button>
          <Button className="min-h-[44px]" look="quiet" onClick={() => go(at + 1)}>
            {t('tape.both')}
          </Button>
        </div>
      )}
      {says && (
        <p role="alert" className="mt-1.5 text-[15px]">
          <Words>{says.text}</Words>
          {says.keep && (
            <Button small className="ml-2" onClick={says.keep}>
              {t('tape.sure')}
            </Button>
          )}
        </p>
      )}
      <div className="mt-auto grid grid-cols-[1fr_1fr_1.6fr] gap-2 pt-4">
        <Button className="min-h-[52px] justify-center" disabled={at === 0} onClick={() => go(at - 1)}>
          {t('tape.back')}
        </Button>
        <Button
          className="min-h-[52px] justify-center"
          disabled={at >= readings.length - 1}
          onClick={() => go(at + 1)}
        >
          {t('tape.skip')}
        </Button>
        <Button look="strong" className="min-h-[52px] justify-center text-[17px]" onClick={next}>
          {t('tape.next')}
        </Button>
      </div>
      <div className="mt-3 flex flex-wrap gap-x-4 gap-y-1 text-[14px]">
        <button
          type="button"
          className="underline decoration-line underline-offset-4"
          onClick={() => {
            setListed(all.filter((r) => r.guess || r.secondMm !== null || r.valueMm === null).map(keyOf));
            setAt(0);
          }}
        >
          {t('tape.onlyOpen')}
        </button>
        <button
          type="button"
          className="underline decoration-line underline-offset-4"
          onClick={() => {
            setListed(all.map(keyOf));
            setAt(0);
          }}
        >
          {t('tape.everything')}
        </button>
        <button
          type="button"
          className="underline decoration-line underline-offset-4"
          onClick={() => setLaser(!laser)}
        >
          {t('laser.title')}
        </button>
      </div>
      {laser && <LaserTape onClose={() => setLaser(false)} />}
    </div>
  );
}
