'use client';
import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import { beginRoomAction } from '../../actions/studio';
import { cm, feet, type LengthUnit } from '../../core/base/units';
import { outlineFromWalk } from '../../core/room/survey';
import { ruleBook } from '../../core/rules/book';
import { Button } from '../../ui/Button';
import { RadioGroup } from '../../ui/RadioGroup';
import { LengthField, TAKEN, TextField } from '../../ui/Field';
import { newRoomFile } from '../shell/newRoomFile';
import { OutlineForm, startLegs } from '../shell/outline/OutlineForm';
import { OutlinePreview } from './OutlinePreview';

/** A name, the walls and a ceiling height: enough to start. */
export function NewRoom({ homes }: { homes: readonly { id: string; name: string }[] }): ReactNode {
  const t = useTranslations('home');
  const tm = useTranslations('measure');
  const router = useRouter();
  const [name, setName] = useState('');
  const [home, setHome] = useState(homes[0]?.name ?? '');
  const [unit, setUnit] = useState<LengthUnit>('in');
  const [legs, setLegs] = useState(() => startLegs('in'));
  const [ceilingMm, setCeiling] = useState(feet(8));
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const outline = outlineFromWalk(legs, ruleBook([], unit).number('measure.closing'));
  const changeUnit = (u: LengthUnit) => {
    if ((u === 'cm') !== (unit === 'cm')) {
      setLegs(startLegs(u));
      setCeiling(u === 'cm' ? cm(250) : feet(8));
    }
    setUnit(u);
  };
  const make = async () => {
    if (!name) {
      setProblem(t('nameNeeded', { example: t('roomNameExample') }));
      return;
    }
    if (!outline.ok) return;
    setBusy(true);
    const known = homes.find((h) => h.name === home);
    const file = newRoomFile({
      name,
      home: home || t('homeNameExample'),
      unit,
      corners: outline.value,
      ceilingMm,
      lookName: 'As found',
    });
    try {
      const result = await beginRoomAction(file, known?.id ?? null);
      if (result.ok) router.push(`/rooms/${result.value.id}/measure`);
      else setProblem(result.issues.map((i) => i.message).join('; '));
    } catch {
      setProblem(t('refusedTitle'));
    } finally {
      setBusy(false);
    }
  };
  return (
    <form data-worksheet className="space-y-3" onSubmit={(e) => e.preventDefault()}>
      <div className="grid grid-cols-2 gap-x-4">
        <TextField
          label={t('roomName')}
          draftKey="new-room-name"
          value={name}
          placeholder={t('roomNameExample')}
          onCommit={(v) => {
            setName(v.slice(0, 80));
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
            setHome(v.slice(0, 80));
            return TAKEN;
          }}
        />
      </div>
      <div>
        <p className="mb-1 font-narrow text-[13px] text-soft">{tm('unit')}</p>
        <RadioGroup
          label={tm('unit')}
          value={unit}
          onChange={changeUnit}
          options={(['in', 'ft-in', 'cm'] as const).map((u) => ({ value: u, label: tm(`unit-${u}`) }))}
        />
      </div>
      <div className="grid grid-cols-[1fr_150px] gap-4">
        <div>
          <OutlineForm
            legs={legs}
            onLegs={setLegs}
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
              setCeiling(mm);
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
      <Button variant="primary" disabled={busy || !outline.ok} onClick={() => void make()}>
        {t('make')}
      </Button>
    </form>
  );
}
