'use client';
import { useTranslations } from 'next-intl';
import dynamic from 'next/dynamic';
import { PageLink } from '../../ui/PageLink';
import { useState, type ReactNode } from 'react';
import type { LengthUnit } from '../../core/base/units';
import type { RuleId } from '../../core/rules/table';
import { Button } from '../../ui/Button';
import { RadioGroup } from '../../ui/RadioGroup';
import { LazyDialog } from '../../ui/LazyDialog';
import { TAKEN, TextField } from '../../ui/Field';
import { Form } from '../../ui/Form';
import { StudioFind } from './find/StudioFind';
import { useRoom } from './room/RoomContext';
import { useBeginRoom } from './useBeginRoom';
import { useKeys } from './useKeys';

const WhyDialog = dynamic(() => import('./WhyDialog').then((m) => m.WhyDialog), { loading: () => null });

/** A quick answer: readings, drawing, answer; kept as the beginning of a room when wanted. */
export function QuickFrame({
  title,
  stage,
  readings,
  drawing,
  answer,
}: {
  title: string;
  stage: 'windows' | 'walls' | 'seats';
  readings: ReactNode;
  drawing: ReactNode;
  answer: ReactNode;
}): ReactNode {
  const t = useTranslations();
  const { file, change, asked, askWhy } = useRoom();
  const [keeping, setKeeping] = useState(false);
  const [name, setName] = useState('');
  const { begin, busy, problem, setProblem } = useBeginRoom(stage);
  useKeys();
  const keep = async () => {
    if (!name) {
      setProblem(t('home.nameNeeded', { example: t('home.roomNameExample') }));
      return;
    }
    if (!busy) await begin({ ...file, room: { ...file.room, name } }, null);
  };
  return (
    <div className="mx-auto max-w-[1280px] px-3 pb-6 sm:px-5">
      <header className="flex flex-wrap items-baseline gap-x-4 gap-y-2 py-3">
        <PageLink
          href="/"
          className="font-head text-[22px]"
          aria-label={`${t('app.name')}, ${t('app.home')}`}
        >
          {t('app.name')}
        </PageLink>
        <p className="text-[14px] text-soft">{t('home.quick')}</p>
        <div className="ml-auto flex max-w-full flex-wrap items-center gap-3">
          <div className="w-[330px] max-w-full">
            <RadioGroup
              label={t('measure.unit')}
              value={file.room.unit}
              onChange={(unit: LengthUnit) => change([{ do: 'setRoom', room: { ...file.room, unit } }])}
              options={(['in', 'ft-in', 'cm'] as const).map((u) => ({
                value: u,
                label: t(`measure.unit-${u}`),
              }))}
            />
          </div>
          <Button variant="primary" onClick={() => setKeeping(true)}>
            {t('quick.keep')}
          </Button>
          <StudioFind />
        </div>
      </header>
      <main className="grid items-start gap-3.5 lg:grid-cols-[1fr_372px]">
        <section className="min-w-0 bg-sheet px-4 py-3">
          <h1 className="text-[24px]">{title}</h1>
          <div
            data-worksheet
            className="mt-3 border-b border-line pb-4"
            aria-label={t('quick.readings')}
            role="group"
          >
            {readings}
          </div>
          <div className="pt-2">{drawing}</div>
        </section>
        <aside data-worksheet className="bg-sheet px-[18px] py-4" aria-label={t('quick.answer')}>
          {answer}
        </aside>
      </main>
      {asked && <WhyDialog rule={asked as RuleId} onClose={() => askWhy(null)} />}
      <LazyDialog
        open={keeping}
        onClose={() => setKeeping(false)}
        title={t('quick.keep')}
        closeLabel={t('shell.close')}
      >
        <Form onSend={() => void keep()}>
          <TextField
            label={t('quick.keepName')}
            draftKey="quick-keep-name"
            value={name}
            placeholder={t('home.roomNameExample')}
            onCommit={(v) => {
              setName(v.slice(0, 80));
              setProblem(null);
              return TAKEN;
            }}
          />
          {problem && (
            <p role="alert" className="mt-2 text-[14px]">
              {problem}
            </p>
          )}
          <Button variant="primary" className="mt-4" type="submit">
            {t('quick.keep')}
          </Button>
        </Form>
      </LazyDialog>
    </div>
  );
}
