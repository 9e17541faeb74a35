'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { LengthUnit } from '../../core/base/units';
import { outlineFromWalk } from '../../core/room/survey';
import { ruleBook } from '../../core/rules/book';
import { Button } from '../../ui/Button';
import { RadioGroup } from '../../ui/RadioGroup';
import { LengthField, TAKEN, TextField } from '../../ui/Field';
import { Form } from '../../ui/Form';
import { newRoomFile } from '../shell/newRoomFile';
import { useBeginRoom } from '../shell/useBeginRoom';
import { OutlineForm } from '../shell/outline/OutlineForm';
import { OutlinePreview } from './OutlinePreview';
import { useBegunRoom } from './useBegunRoom';

/** A name, the walls and a ceiling height: enough to start. */
export function NewRoom({
  homes,
  usualUnit,
}: {
  homes: readonly { id: string; name: string }[];
  usualUnit: LengthUnit;
}): ReactNode {
  const t = useTranslations('home');
  const tm = useTranslations('measure');
  const { begun, set, setUnit, forget } = useBegunRoom(usualUnit);
  const { name, unit, legs, ceilingMm } = begun;
  const home = begun.home ?? homes[0]?.name ?? '';
  const { begin, busy, problem, setProblem } = useBeginRoom('measure');
  const outline = outlineFromWalk(legs, ruleBook([], unit).number('measure.closing'));
  const make = async () => {
    if (!name) {
      setProblem(t('nameNeeded', { example: t('roomNameExample') }));
      return;
    }
    if (!outline.ok) return;
    const known = homes.find((h) => h.name === home);
    const file = newRoomFile({
      name,
      home: home || t('homeNameExample'),
      unit,
      corners: outline.value,
      ceilingMm,
      lookName: 'As found',
      isRecord: true,
    });
    await begin(file, known?.id ?? null, forget);
  };
  return (
    <Form className="space-y-3" onSend={() => !busy && void make()}>
      <div className="grid grid-cols-2 gap-x-4">
        <TextField
          label={t('roomName')}
          draftKey="new-room-name"
          value={name}
          placeholder={t('roomNameExample')}
          onCommit={(v) => {
            set({ name: v.slice(0, 80) });
            setProblem(null);
            return TAKEN;
          }}
        />
        <TextField
          label={t('homeName')}
          draftKey="new-room-home"
          value={home}
          placeholder={t('homeNameExample')}
          onCommit={(v) => {
            set({ home: v.slice(0, 80) });
            return TAKEN;
          }}
        />
      </div>
      <div>
        <p className="mb-1 font-narrow text-[13px] text-soft">{tm('unit')}</p>
        <RadioGroup
          label={tm('unit')}
          value={unit}
          onChange={setUnit}
          options={(['in', 'ft-in', 'cm'] as const).map((u) => ({ value: u, label: tm(`unit-${u}`) }))}
        />
      </div>
      <div className="grid grid-cols-[1fr_150px] gap-4">
        <div data-run>
          <OutlineForm
            legs={legs}
            onLegs={(next) => set({ legs: next })}
            unit={unit}
            toleranceMm={ruleBook([], unit).number('measure.closing')}
            draftKey="new-room-outline"
          />
          <LengthField
            className="mt-2"
            label={tm('ceiling')}
            draftKey="new-room-ceiling"
            valueMm={ceilingMm}
            unit={unit}
            onCommit={(mm) => {
              if (mm <= 0 || mm > 20_000) return { took: false, message: '' };
              set({ ceilingMm: mm });
              return TAKEN;
            }}
          />
        </div>
        <OutlinePreview corners={outline.ok ? outline.value : null} unit={unit} />
      </div>
      {problem && (
        <p role="alert" className="text-[14px]">
          {problem}
        </p>
      )}
      <Button variant="primary" disabled={busy || !outline.ok} type="submit">
        {t('make')}
      </Button>
    </Form>
  );
}
