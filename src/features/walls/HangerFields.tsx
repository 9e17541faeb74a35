'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { Hanger, Hanging, Item } from '../../core/model/types';
import type { HangingPlan } from '../../core/stages/walls/planHanging';
import { LengthField, type Answer } from '../../ui/Field';
import { RadioGroup } from '../../ui/RadioGroup';
import { useRoom } from '../shell/room/RoomContext';
import { Why } from '../shell/Why';
import { choiceOf, HANGERS, otherHanger } from './otherHanger';

/** What it hangs by, and the measures of that. */
export function HangerFields({
  hanging,
  item,
  plan,
  onHanger,
}: {
  hanging: Hanging;
  item: Item;
  plan: HangingPlan;
  onHanger: (hanger: Hanger) => Answer;
}): ReactNode {
  const t = useTranslations('walls');
  const { hanger } = hanging;
  return (
    <>
      <div>
        <p className="mb-1 flex justify-between font-narrow text-[13px] text-soft">
          <span>{t('hanger')}</span>
          <Why rule="walls.hookSpread" />
        </p>
        <RadioGroup
          label={t('hanger')}
          value={choiceOf(hanger)}
          onChange={(choice) => onHanger(otherHanger(choice, item, hanger))}
          options={HANGERS.map((k) => ({ value: k, label: t(k) }))}
        />
      </div>
      <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
        <Measures hanging={hanging} plan={plan} onHanger={onHanger} />
      </div>
    </>
  );
}

function Measures({
  hanging,
  plan,
  onHanger,
}: {
  hanging: Hanging;
  plan: HangingPlan;
  onHanger: (hanger: Hanger) => Answer;
}): ReactNode {
  const t = useTranslations('walls');
  const { hanger } = hanging;
  const field = (name: string, label: string, valueMm: number, put: (mm: number) => Hanger) => (
    <HangerLength
      name={`${hanging.id}-${name}`}
      label={label}
      valueMm={valueMm}
      onCommit={(mm) => onHanger(put(mm))}
    />
  );
  const apart = (name: string, valueMm: number, put: (mm: number) => Hanger, clear?: () => void) => (
    <HangerLength
      name={`${hanging.id}-${name}`}
      label={t(name === 'hooks' ? 'hooksApart' : 'ringsApart')}
      valueMm={valueMm}
      positive
      onCommit={(mm) => onHanger(put(mm))}
      {...(clear ? { onClear: clear } : {})}
    />
  );
  switch (hanger.kind) {
    case 'wire':
      return (
        <>
          {field('ringDrop', t('ringDrop'), hanger.ringDropMm, (ringDropMm) => ({ ...hanger, ringDropMm }))}
          {apart('ringsApart', hanger.ringsApartMm, (ringsApartMm) => ({ ...hanger, ringsApartMm }))}
          <HangerLength
            name={`${hanging.id}-wire`}
            label={t('wireLength')}
            valueMm={hanger.wireMm}
            positive
            onCommit={(wireMm) => onHanger({ ...hanger, wireMm })}
          />
          {hanger.hooks === 2 &&
            apart(
              'hooks',
              plan.hooksApartMm,
              (hooksApartMm) => ({ ...hanger, hooksApartMm }),
              () => onHanger({ ...hanger, hooksApartMm: null }),
            )}
        </>
      );
    case 'cleat':
      return (
        <>
          {field('cdrop', t('drop'), hanger.dropMm, (dropMm) => ({ ...hanger, dropMm }))}
          <HangerLength
            name={`${hanging.id}-cwide`}
            label={t('cleatWide')}
            valueMm={hanger.widthMm}
            positive
            onCommit={(widthMm) => onHanger({ ...hanger, widthMm })}
          />
        </>
      );
    case 'sawtooth':
      return field('drop', t('drop'), hanger.dropMm, (dropMm) => ({ ...hanger, dropMm }));
    case 'dRings':
      return (
        <>
          {field('ddrop', t('drop'), hanger.dropMm, (dropMm) => ({ ...hanger, dropMm }))}
          {apart('dApart', hanger.ringsApartMm, (ringsApartMm) => ({ ...hanger, ringsApartMm }))}
        </>
      );
  }
}

/** One measure of a hanger. */
function HangerLength({
  name,
  label,
  valueMm,
  positive = false,
  onCommit,
  onClear,
}: {
  name: string;
  label: string;
  valueMm: number;
  positive?: boolean;
  onCommit: (mm: number) => Answer;
  onClear?: () => void;
}): ReactNode {
  const t = useTranslations('walls');
  const { file } = useRoom();
  const { unit } = file.room;
  return (
    <LengthField
      label={label}
      draftKey={`${file.room.id}-${name}`}
      valueMm={valueMm}
      unit={unit}
      onCommit={(mm) => (positive && mm <= 0 ? { took: false, message: t('sizeRefused') } : onCommit(mm))}
      {...(onClear ? { onClear } : {})}
    />
  );
}
