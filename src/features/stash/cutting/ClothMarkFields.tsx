'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { LIMITS } from '../../../core/model/limits';
import type { ClothMarks } from '../../../core/textiles/clothCuts';
import { Button } from '../../../ui/Button';
import { Checkbox } from '../../../ui/Checkbox';
import { Collapsible } from '../../../ui/Collapsible';
import { LengthField, TAKEN } from '../../../ui/Field';
import { useItem } from '../item/ItemContext';
import { useStashRoom } from '../StashContext';
import { ClothPhoto } from './ClothPhoto';

type Props = {
  marks: ClothMarks;
  onChange: (patch: Partial<ClothMarks>) => void;
  isMarking: boolean;
  onMarking: (isMarking: boolean) => void;
};

/** What is marked on a cloth: its grain, borders, the middles of its motifs, and places that can't be used. */
export function ClothMarkFields({ marks, onChange, isMarking, onMarking }: Props): ReactNode {
  const t = useTranslations('cutting');
  const { unit } = useStashRoom();
  const { item, key } = useItem();
  const length = (name: string, label: string, valueMm: number, onCommit: (mm: number) => void) => (
    <LengthField
      label={label}
      draftKey={key(name)}
      valueMm={valueMm}
      unit={unit}
      onCommit={(mm) => {
        onCommit(mm);
        return TAKEN;
      }}
    />
  );
  const addMotif = () =>
    onChange({ motifs: [...marks.motifs, { xMm: item.widthMm / 2, yMm: item.heightMm / 2 }] });
  const addFlaw = () =>
    onChange({ flaws: [...marks.flaws, { xMm: 0, yMm: 0, widthMm: FLAW_MM, heightMm: FLAW_MM }] });
  return (
    <Collapsible
      title={t('marks')}
      summary={t('marksNote', { motifs: marks.motifs.length, flaws: marks.flaws.length })}
    >
      <Checkbox checked={marks.hasGrain} onChange={(hasGrain) => onChange({ hasGrain })}>
        {t('grain')}
      </Checkbox>
      <div className="mt-2 grid grid-cols-2 gap-x-4">
        {length('border-l', t('leftBorder'), marks.leftBorderMm, (leftBorderMm) =>
          onChange({ leftBorderMm }),
        )}
        {length('border-r', t('rightBorder'), marks.rightBorderMm, (rightBorderMm) =>
          onChange({ rightBorderMm }),
        )}
      </div>
      <ClothPhoto marks={marks} onChange={onChange} />
      <h3 className="mt-3 font-sans text-[14px] font-semibold">{t('motifs')}</h3>
      <div className="mb-1 flex flex-wrap gap-1.5">
        <Button small aria-pressed={isMarking} onClick={() => onMarking(!isMarking)}>
          {isMarking ? t('markingStop') : t('marking')}
        </Button>
        <Button small disabled={marks.motifs.length >= LIMITS.cloth.motifs} onClick={addMotif}>
          {t('addMotif')}
        </Button>
      </div>
      <ul>
        {marks.motifs.map((motif, i) => {
          const put = (patch: Partial<typeof motif>) =>
            onChange({ motifs: marks.motifs.map((m, n) => (n === i ? { ...m, ...patch } : m)) });
          return (
            <li key={i} className="grid grid-cols-[1fr_1fr_auto] items-end gap-x-4 py-1">
              {length(`motif-${i}-x`, t('across'), motif.xMm, (xMm) => put({ xMm }))}
              {length(`motif-${i}-y`, t('along'), motif.yMm, (yMm) => put({ yMm }))}
              <Button
                small
                variant="quiet"
                onClick={() => onChange({ motifs: marks.motifs.filter((_, n) => n !== i) })}
              >
                {t('remove')}
              </Button>
            </li>
          );
        })}
      </ul>
      <h3 className="mt-3 font-sans text-[14px] font-semibold">{t('flaws')}</h3>
      <ul>
        {marks.flaws.map((flaw, i) => {
          const put = (patch: Partial<typeof flaw>) =>
            onChange({ flaws: marks.flaws.map((f, n) => (n === i ? { ...f, ...patch } : f)) });
          return (
            <li key={i} className="grid grid-cols-2 items-end gap-x-4 gap-y-1 border-b border-line py-1.5">
              {length(`flaw-${i}-x`, t('across'), flaw.xMm, (xMm) => put({ xMm }))}
              {length(`flaw-${i}-y`, t('along'), flaw.yMm, (yMm) => put({ yMm }))}
              {length(`flaw-${i}-w`, t('wide'), flaw.widthMm, (mm) => put({ widthMm: Math.max(1, mm) }))}
              {length(`flaw-${i}-h`, t('high'), flaw.heightMm, (mm) => put({ heightMm: Math.max(1, mm) }))}
              <Button
                small
                variant="quiet"
                onClick={() => onChange({ flaws: marks.flaws.filter((_, n) => n !== i) })}
              >
                {t('remove')}
              </Button>
            </li>
          );
        })}
      </ul>
      <Button small className="mt-1" disabled={marks.flaws.length >= LIMITS.cloth.flaws} onClick={addFlaw}>
        {t('addFlaw')}
      </Button>
    </Collapsible>
  );
}

/** A stain or a worn patch begins this large. */
const FLAW_MM = 80;
