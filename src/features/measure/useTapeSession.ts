'use client';
import { useTranslations } from 'next-intl';
import { useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import { formatLength, parseLength, typedLength } from '../../core/base/length';
import { clamp, type Mm } from '../../core/base/units';
import type { Change } from '../../core/model/change';
import { setReading, tapeReadings, type TapeReading } from '../../core/stages/measure/readings';
import { useDraft } from '../../ui/drafts';
import { useLengthIssue } from '../../ui/Field';
import { useRoom } from '../shell/room/RoomContext';
import { useCommit } from '../shell/useCommit';

const keyOf = (r: TapeReading) => `${r.about}/${r.field}`;
const isOpen = (r: TapeReading) => r.guess || r.secondMm !== null || r.valueMm === null;
/** Marks a reading as measured; with a second one, as measured twice and different. */
const markReading = (r: TapeReading, secondMm: Mm | null): Change => ({
  do: 'markReadings',
  readings: [{ about: r.about, field: r.field, guess: false, secondMm }],
});

/** Why a reading was not accepted as typed, with a way to keep it where it is only odd. */
export type TapeProblem = { text: string; keep?: () => void };

/** The readings that a session goes through, and the one it is at. */
function useListed() {
  const search = useSearchParams();
  const { file } = useRoom();
  const all = useMemo(() => tapeReadings(file), [file]);
  const openKeys = () => all.filter(isOpen).map(keyOf);
  // what is to be read is settled when the session begins: a reading that is taken stays in the list
  const [listed, setListed] = useState<readonly string[]>(() =>
    search.get('only') === 'open' ? openKeys() : all.map(keyOf),
  );
  const [index, setIndex] = useState(0);
  const readings = listed.flatMap((key) => all.find((r) => keyOf(r) === key) ?? []);
  const list = (keys: readonly string[]) => {
    setListed(keys);
    setIndex(0);
  };
  return {
    readings,
    /** Past the last one there is none: the session is at its end. */
    reading: readings[index],
    index,
    moveTo: (wanted: number) => setIndex(clamp(wanted, 0, readings.length)),
    listOpen: () => list(openKeys()),
    listAll: () => list(all.map(keyOf)),
  };
}

/** Going through a room's readings one after the other, each typed, confirmed or settled. */
export function useTapeSession() {
  const t = useTranslations('measure');
  const { file, rules, change } = useRoom();
  const commit = useCommit();
  const { unit } = file.room;
  const lengthIssue = useLengthIssue(unit);
  const { readings, reading, index, moveTo, listOpen, listAll } = useListed();
  const [problem, setProblem] = useState<TapeProblem | null>(null);
  const [taken, setTaken] = useState<ReadonlySet<string>>(new Set());
  const [draft, setDraft] = useDraft(reading ? `tape-${file.room.id}-${keyOf(reading)}` : 'tape-none');

  const go = (wanted: number) => {
    setProblem(null);
    moveTo(wanted);
  };
  const finish = (r: TapeReading) => {
    setDraft(null);
    setTaken((keys) => new Set(keys).add(keyOf(r)));
    go(index + 1);
  };
  /** A second reading that differs: both are kept until it is settled which is right. */
  const keepBoth = (r: TapeReading, firstMm: Mm, secondMm: Mm) => {
    change([markReading(r, secondMm)]);
    setDraft(null);
    const words = { first: formatLength(firstMm, unit), second: formatLength(secondMm, unit) };
    setProblem({ text: t('tape.differs', words) });
  };
  const take = (r: TapeReading, mm: Mm) => {
    const known = r.valueMm;
    const differs = known !== null && Math.abs(known - mm) > rules.number('measure.closing');
    if (differs && !r.guess && !taken.has(keyOf(r))) {
      keepBoth(r, known, mm);
      return;
    }
    const wanted = setReading(file, r.about, r.field, mm);
    if (!wanted.ok) {
      go(index + 1);
      return;
    }
    const answer = commit(wanted.value, r.about);
    if (answer.took) {
      if (r.guess) change([markReading(r, null)]);
      finish(r);
      return;
    }
    const { keep, message } = answer;
    const keepIt = keep && {
      keep: () => {
        keep();
        finish(r);
      },
    };
    setProblem({ text: message, ...keepIt });
  };
  /** Enter: takes what was typed, or confirms what is there. */
  const enter = (r: TapeReading) => {
    const shown = r.valueMm === null ? '' : typedLength(r.valueMm, unit);
    const text = (draft ?? shown).trim();
    if (text !== '' && (draft === null || text === shown)) {
      if (r.guess) change([markReading(r, null)]);
      if (r.valueMm !== null) finish(r);
      else go(index + 1);
      return;
    }
    if (text === '') {
      go(index + 1);
      return;
    }
    const read = parseLength(text, unit);
    if (!read.ok) setProblem({ text: lengthIssue(read.issues[0]) });
    else if (read.value < 0) setProblem({ text: lengthIssue({ code: 'not-a-length', at: 0, came: text }) });
    else take(r, read.value);
  };
  /** Of two readings, which is right. */
  const settle = (r: TapeReading, second: boolean) => {
    const wanted = second && r.secondMm !== null ? setReading(file, r.about, r.field, r.secondMm) : null;
    change([...(wanted?.ok ? [wanted.value] : []), markReading(r, null)]);
    finish(r);
  };
  return {
    readings,
    reading,
    index,
    openCount: readings.filter(isOpen).length,
    isTaken: (r: TapeReading) => taken.has(keyOf(r)),
    draft,
    type: (text: string | null) => {
      setDraft(text);
      setProblem(null);
    },
    problem,
    go,
    enter,
    settle,
    listOpen,
    listAll,
  };
}
export type TapeSession = ReturnType<typeof useTapeSession>;
