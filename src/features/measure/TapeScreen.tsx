'use client';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import { useEffect, useRef, useState, type KeyboardEvent, type ReactNode } from 'react';
import { formatLength, typedLength } from '../../core/base/length';
import type { TapeReading } from '../../core/stages/measure/readings';
import { Button } from '../../ui/Button';
import { lengthExamples } from '../../ui/Field';
import { StageLink } from '../shell/StageLink';
import { Words } from '../../ui/Words';
import { useRoom } from '../shell/room/RoomContext';
import { useWallName } from '../shell/useWords';
import { ReadingSketch } from './ReadingSketch';
import { useTapeSession, type TapeSession } from './useTapeSession';

const LaserTape = dynamic(() => import('./LaserTape').then((m) => m.LaserTape), { loading: () => null });

/** One reading at a time, in large type, for whoever holds the tape in the other hand. */
export function TapeScreen(): ReactNode {
  const t = useTranslations('measure');
  const { file, plan, look } = useRoom();
  const wallName = useWallName();
  const [laser, setLaser] = useState(false);
  const session = useTapeSession();
  const { readings, reading, index, openCount, problem } = session;
  const back = `/rooms/${file.room.id}/measure?look=${look.id}`;
  if (!reading)
    return (
      <div className="mx-auto w-full max-w-[560px] bg-sheet p-5">
        <h1 className="text-[24px]">{t('tape.title')}</h1>
        <TapeEnd session={session} />
        <StageLink
          href={back}
          className="mt-4 inline-flex min-h-[44px] items-center underline underline-offset-4"
        >
          {t('tape.leave')}
        </StageLink>
      </div>
    );
  const wall = plan.walls.find((w) => w.id === reading.wallId);
  const subject = reading.kind === 'wall' ? wallName(wall!) : reading.name;
  return (
    <div className="mx-auto flex w-full max-w-[600px] flex-1 flex-col bg-sheet px-4 pb-4 pt-3" data-worksheet>
      <div className="flex items-baseline justify-between gap-3 text-[14px]">
        <StageLink
          href={`${back}${reading.wallId ? `&wall=${reading.wallId}` : ''}`}
          className="inline-flex min-h-[44px] items-center underline decoration-line underline-offset-4"
        >
          {t('tape.leave')}
        </StageLink>
        <span className="text-soft">
          {t('tape.count', { n: index + 1, of: readings.length, open: openCount })}
        </span>
      </div>
      <div className="mt-1 h-1 bg-well" aria-hidden="true">
        <div className="h-1 bg-ink" style={{ width: `${((index + 1) / readings.length) * 100}%` }} />
      </div>
      <ReadingSketch reading={reading} />
      <p className="mt-2 text-[15px] text-soft">
        {subject}
        {reading.kind !== 'wall' && wall ? `, ${wallName(wall)}` : ''}
      </p>
      <h1 className="text-[30px] leading-tight">
        <label htmlFor="tape-reading">{t(`fields.${reading.field}`)}</label>
      </h1>
      <TapeField session={session} reading={reading} />
      <p id="tape-says" className="mt-1.5 min-h-[22px] text-[15px]">
        <ReadingState session={session} reading={reading} />
      </p>
      <WhichIsRight session={session} reading={reading} />
      {problem && (
        <p role="alert" className="mt-1.5 text-[15px]">
          <Words>{problem.text}</Words>
          {problem.keep && (
            <Button small className="ml-2" onClick={problem.keep}>
              {t('tape.sure')}
            </Button>
          )}
        </p>
      )}
      <TapeSteps session={session} reading={reading} laser={laser} onLaser={setLaser} />
      {laser && <LaserTape onClose={() => setLaser(false)} />}
    </div>
  );
}

/** Nothing is left to read: all is measured, or so many are still open. */
function TapeEnd({
  session: { readings, openCount, listOpen, listAll, go },
}: Pick<Part, 'session'>): ReactNode {
  const t = useTranslations('measure');
  if (readings.length === 0) return <p className="my-3">{t('tape.nothing')}</p>;
  return (
    <>
      <p role="status" className="my-3 text-[17px]">
        {t('tape.finished', { open: openCount })}
      </p>
      <div className="flex flex-wrap gap-2">
        {openCount > 0 && (
          <Button variant="primary" className="min-h-[52px]" autoFocus onClick={listOpen}>
            {t('tape.goThroughOpen')}
          </Button>
        )}
        <Button className="min-h-[52px]" onClick={listAll}>
          {t('tape.everything')}
        </Button>
        <Button className="min-h-[52px]" onClick={() => go(readings.length - 1)}>
          {t('tape.back')}
        </Button>
      </div>
    </>
  );
}

type Part = { session: TapeSession; reading: TapeReading };

/** Takes what was typed; once more it is the answer to "sure?". */
const takeOrKeep = ({ session: { problem, enter }, reading }: Part): void =>
  problem?.keep ? problem.keep() : enter(reading);

/** The reading itself, typed in large figures. */
function TapeField({ session, reading }: Part): ReactNode {
  const { index, draft, type, go } = session;
  const { unit } = useRoom().file.room;
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => {
    input.current?.focus();
    input.current?.select();
  }, [index]);
  const shown = reading.valueMm === null ? '' : typedLength(reading.valueMm, unit);
  const inches = shown.includes("'") && draft === null ? '' : 'in';
  const acts: Readonly<Record<string, () => void>> = {
    Enter: () => takeOrKeep({ session, reading }),
    ...(draft === null && {
      ArrowUp: () => go(index - 1),
      PageUp: () => go(index - 1),
      ArrowDown: () => go(index + 1),
      PageDown: () => go(index + 1),
    }),
  };
  const onKeyDown = (e: KeyboardEvent) => {
    if (e.key === 'Escape') type(null);
    const act = acts[e.key];
    if (!act) return;
    e.preventDefault();
    act();
  };
  return (
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
        onChange={(e) => type(e.target.value)}
        onFocus={(e) => e.target.select()}
        // a press into what is there takes it all, to be typed over
        onClick={(e) => draft === null && e.currentTarget.select()}
        onKeyDown={onKeyDown}
        className="w-full min-w-0 bg-transparent py-1 text-[52px] font-medium leading-none outline-none"
      />
      <span className="text-[20px] text-soft">{unit === 'cm' ? 'cm' : inches}</span>
    </div>
  );
}

/** Whether it was measured, is only estimated, or was measured twice. */
function ReadingState({ session, reading: r }: Part): ReactNode {
  const t = useTranslations('measure');
  const { unit } = useRoom().file.room;
  if (r.secondMm !== null && r.valueMm !== null)
    return (
      <Words>
        {t('twice', { first: formatLength(r.valueMm, unit), second: formatLength(r.secondMm, unit) })}
      </Words>
    );
  if (r.guess) return t('tape.guess');
  if (r.valueMm === null) return t('tape.never', { examples: lengthExamples(unit) });
  return t(session.isTaken(r) ? 'tape.taken' : 'tape.measured');
}

/** Of two readings that differ, the one to keep. */
function WhichIsRight({ session: { settle, go, index }, reading: r }: Part): ReactNode {
  const t = useTranslations('measure');
  const { unit } = useRoom().file.room;
  if (r.secondMm === null || r.valueMm === null) return null;
  return (
    <div className="mt-1 flex gap-2">
      {[r.valueMm, r.secondMm].map((mm, i) => (
        <Button key={i} className="min-h-[44px]" onClick={() => settle(r, i === 1)}>
          <span>
            <Words>{t('tape.keep', { value: formatLength(mm, unit) })}</Words>
          </span>
        </Button>
      ))}
      <Button className="min-h-[44px]" variant="quiet" onClick={() => go(index + 1)}>
        {t('tape.both')}
      </Button>
    </div>
  );
}

/** On to the next reading and back, and which readings the session goes through. */
function TapeSteps({
  session,
  reading,
  laser,
  onLaser,
}: Part & { laser: boolean; onLaser: (shown: boolean) => void }): ReactNode {
  const t = useTranslations('measure');
  const { index, go, listOpen, listAll } = session;
  const links = [
    { label: t('tape.onlyOpen'), act: listOpen },
    { label: t('tape.everything'), act: listAll },
    { label: t('laser.title'), act: () => onLaser(!laser) },
  ];
  return (
    <>
      <div className="mt-auto grid grid-cols-[1fr_1fr_1.6fr] gap-2 pt-4">
        <Button className="min-h-[52px] justify-center" disabled={index === 0} onClick={() => go(index - 1)}>
          {t('tape.back')}
        </Button>
        <Button className="min-h-[52px] justify-center" onClick={() => go(index + 1)}>
          {t('tape.skip')}
        </Button>
        <Button
          variant="primary"
          className="min-h-[52px] justify-center text-[17px]"
          onClick={() => takeOrKeep({ session, reading })}
        >
          {t('tape.next')}
        </Button>
      </div>
      <div className="mt-3 flex flex-wrap gap-x-4 gap-y-1 text-[14px]">
        {links.map(({ label, act }) => (
          <button
            key={label}
            type="button"
            className="min-h-[44px] underline decoration-line underline-offset-4"
            onClick={act}
          >
            {label}
          </button>
        ))}
      </div>
    </>
  );
}
