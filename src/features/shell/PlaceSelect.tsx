'use client';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { useRef, useState, type FocusEvent, type KeyboardEvent, type ReactNode } from 'react';
import { cm, inches, type LengthUnit } from '../../core/base/units';
import type { StoragePlace } from '../../core/model/types';
import { Button } from '../../ui/Button';
import { Select } from '../../ui/Select';

/** No id is as short. */
const NEW = '+';
const MOST_LETTERS = 80;

/** A box of a usual size; what it really is like is said in the stash. */
function boxNamed(name: string, unit: LengthUnit): StoragePlace {
  const [widthMm, depthMm, heightMm] =
    unit === 'cm' ? [cm(60), cm(40), cm(30)] : [inches(24), inches(16), inches(12)];
  return { id: nanoid(10), name, kind: 'box', roomId: null, widthMm, depthMm, heightMm, note: '' };
}

type Props = {
  label: string;
  hideLabel?: boolean;
  value: string;
  places: readonly Pick<StoragePlace, 'id' | 'name'>[];
  /** What is said while none is chosen. */
  none: string;
  unit: LengthUnit;
  onChange: (placeId: string) => void;
  /** Chooses a place that is made here. */
  onMake: (place: StoragePlace) => void;
};

/** Where something is stored; a place that is not there yet is made where it is asked for, by its name. */
export function PlaceSelect({
  label,
  hideLabel,
  value,
  places,
  none,
  unit,
  onChange,
  onMake,
}: Props): ReactNode {
  const t = useTranslations('shell.place');
  const [name, setName] = useState<string | null>(null);
  // one that was made here is there before the list of places has come again
  const [made, setMade] = useState<readonly StoragePlace[]>([]);
  const shown = [...places, ...made.filter(({ id }) => places.every((place) => place.id !== id))];
  const around = useRef<HTMLDivElement>(null);
  const field = useRef<HTMLInputElement>(null);
  // the list that closes gives the focus back to its button once; it belongs to the name
  const isBegun = useRef(false);
  const onFocus = (e: FocusEvent) => {
    if (!isBegun.current || !field.current || e.target === field.current) return;
    isBegun.current = false;
    field.current.focus();
  };
  const end = () => {
    isBegun.current = false;
    setName(null);
    around.current?.querySelector('button')?.focus();
  };
  const make = () => {
    const typed = name?.trim() ?? '';
    if (typed === '') return;
    const known = shown.find((place) => place.name.trim().toLowerCase() === typed.toLowerCase());
    if (known) onChange(known.id);
    else {
      const place = boxNamed(typed.slice(0, MOST_LETTERS), unit);
      setMade((all) => [...all, place]);
      onMake(place);
    }
    end();
  };
  const onKeyDown = (e: KeyboardEvent) => {
    if (e.key !== 'Enter' && e.key !== 'Escape') return;
    // neither the form around it nor a dialog is meant
    e.preventDefault();
    e.stopPropagation();
    if (e.key === 'Enter') make();
    else end();
  };
  return (
    <div ref={around} onFocus={onFocus}>
      <Select
        label={label}
        hideLabel={hideLabel ?? false}
        value={value}
        options={[
          { value: '', label: none },
          ...shown.map((place) => ({ value: place.id, label: place.name })),
          { value: NEW, label: t('new') },
        ]}
        onChange={(chosen) => {
          isBegun.current = chosen === NEW;
          if (chosen === NEW) setName('');
          else onChange(chosen);
        }}
      />
      {name !== null && (
        <div className="mt-1.5 flex flex-wrap items-end gap-2">
          <label className="min-w-36 flex-1 text-[13px] text-soft">
            <span className="block font-narrow">{t('name')}</span>
            <input
              ref={field}
              autoFocus
              value={name}
              maxLength={MOST_LETTERS}
              onChange={(e) => setName(e.target.value)}
              onKeyDown={onKeyDown}
              className="w-full border-b border-ink bg-transparent py-1 text-[15px] text-ink"
            />
          </label>
          <Button small onClick={make}>
            {t('make')}
          </Button>
        </div>
      )}
    </div>
  );
}
