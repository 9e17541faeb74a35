'use client';
import dynamic from 'next/dynamic';
import { ChevronDown } from 'lucide-react';
import type { SelectOption } from './selectTypes';
import { steady } from './steady';
import { useId, useRef, useState, type KeyboardEvent, type ReactNode } from 'react';

type Props<T extends string> = {
  label: string;
  value: T;
  options: readonly SelectOption<T>[];
  onChange: (value: T) => void;
  hideLabel?: boolean;
  className?: string;
};

/** A list longer than this is searched rather than read. */
const READ = 12;
const plainPopup = () => import('./SelectPopup').then((m) => m.SelectPopup);
const searchPopup = () => import('./SearchPopup').then((m) => m.SearchPopup);
const SelectPopup = dynamic(plainPopup, { loading: () => null });
const SearchPopup = dynamic(searchPopup, { loading: () => null });

function SelectDrawn<T extends string>({
  label,
  value,
  options,
  onChange,
  hideLabel = false,
  className = '',
}: Props<T>): ReactNode {
  const [open, setOpen] = useState(false);
  const listId = useId();
  const button = useRef<HTMLButtonElement>(null);
  const isLong = options.length > READ;
  const Popup = isLong ? SearchPopup : SelectPopup;
  const load = () => void (isLong ? searchPopup() : plainPopup());
  const onKeyDown = (e: KeyboardEvent) => {
    const opens = e.key === 'ArrowDown' || e.key === 'ArrowUp' || /^[\p{L}\p{N}]$/u.test(e.key);
    if (!opens || e.ctrlKey || e.metaKey || e.altKey) return;
    e.preventDefault();
    setOpen(true);
  };
  return (
    <div className={`min-w-0 ${className}`}>
      <span aria-hidden="true" className={hideLabel ? 'hidden' : 'block font-narrow text-[13px] text-soft'}>
        {label}
      </span>
      <div className="relative">
        <button
          ref={button}
          type="button"
          role="combobox"
          aria-label={label}
          aria-haspopup="listbox"
          aria-controls={listId}
          aria-expanded={open}
          onPointerEnter={load}
          onFocus={load}
          onClick={() => setOpen(true)}
          onKeyDown={onKeyDown}
          className="flex w-full items-center justify-between gap-1 border-b border-line py-1 text-left text-[15px] text-ink"
        >
          <span className="min-w-0 truncate">
            {options.find((o) => o.value === value)?.label ?? '\u00a0'}
          </span>
          <ChevronDown size={13} aria-hidden="true" className="shrink-0 text-soft" />
        </button>
        {open && (
          <Popup
            id={listId}
            label={label}
            value={value}
            options={options}
            onChoose={(next) => onChange(next as T)}
            onClose={() => setOpen(false)}
            focusBack={() => button.current?.focus()}
          />
        )}
      </div>
    </div>
  );
}

/** One of many. A long list comes with a search. */
export const Select = steady(SelectDrawn) as typeof SelectDrawn;
