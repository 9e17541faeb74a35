'use client';
import { useId, type ReactNode } from 'react';
import { Words } from './Words';

type Option<T extends string> = { value: T; label: string };

/**
 * One of a few, side by side; the chosen one is black. Arrow keys move the choice, as in any group of radio
 * buttons.
 */
export function Choice<T extends string>({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: T;
  options: readonly Option<T>[];
  onChange: (value: T) => void;
}): ReactNode {
  const name = useId();
  return (
    <div role="radiogroup" aria-label={label} className="flex overflow-hidden rounded-md border border-ink">
      {options.map((o) => (
        <label
          key={o.value}
          className="flex flex-1 cursor-pointer items-center justify-center border-l border-ink px-1.5 py-1 text-center font-narrow text-[13px] font-medium leading-tight first:border-l-0 hover:bg-well has-checked:bg-ink has-checked:text-sheet has-focus-visible:outline-2 has-focus-visible:outline-offset-[-4px] has-focus-visible:outline-current"
        >
          <input
            type="radio"
            name={name}
            value={o.value}
            checked={o.value === value}
            onChange={() => onChange(o.value)}
            className="sr-only"
          />
          <span>
            <Words>{o.label}</Words>
          </span>
        </label>
      ))}
    </div>
  );
}

/** One of many, as the platform's own list. */
export function Pick<T extends string>({
  label,
  value,
  options,
  onChange,
  hideLabel = false,
}: {
  label: string;
  value: T;
  options: readonly Option<T>[];
  onChange: (value: T) => void;
  hideLabel?: boolean;
}): ReactNode {
  return (
    <label className="block">
      <span className={hideLabel ? 'sr-only' : 'block text-[13px] text-soft font-narrow'}>{label}</span>
      <select
        aria-label={label}
        value={value}
        onChange={(e) => onChange(e.target.value as T)}
        className="w-full border-b border-line bg-transparent py-1 text-[15px] rounded-none"
      >
        {options.map((o) => (
          <option key={o.value} value={o.value}>
            {o.label}
          </option>
        ))}
      </select>
    </label>
  );
}
