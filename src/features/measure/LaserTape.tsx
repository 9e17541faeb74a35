'use client';
import { Select } from '../../ui/Select';
import { useTranslations } from 'next-intl';
import { useRef, useState, type ReactNode } from 'react';
import { seededRandom } from '../../core/base/random';
import { parseLength } from '../../core/base/length';
import { laserText, type LaserUnit } from '../../core/stages/measure/laser';
import { useRoom } from '../shell/room/RoomContext';

const UNITS: readonly LaserUnit[] = ['m', 'mm', 'cm', 'in', 'ft'];

/** Types text into a field as a keyboard would, and ends with Enter. */
function typeInto(input: HTMLInputElement, text: string): void {
  const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!;
  set.call(input, text);
  input.dispatchEvent(new Event('input', { bubbles: true }));
  // the field takes what was typed before it hears Enter
  requestAnimationFrame(() =>
    input.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true })),
  );
}

/**
 * A laser tape to try things with: it types a reading, a little off and with its unit, into the field that
 * has the focus.
 */
export function LaserTape({ onClose }: { onClose: () => void }): ReactNode {
  const t = useTranslations('measure.laser');
  const { file } = useRoom();
  const [length, setLength] = useState('');
  const [error, setError] = useState('1.5');
  const [unit, setUnit] = useState<LaserUnit>('m');
  const [message, setMessage] = useState('');
  const target = useRef<HTMLInputElement | null>(null);
  const random = useRef<(() => number) | null>(null);
  const shoot = () => {
    const read = parseLength(length, file.room.unit);
    const errorMm = Number(error.replace(',', '.'));
    const field = target.current?.isConnected
      ? target.current
      : document.querySelector<HTMLInputElement>('input[data-tape]');
    if (!read.ok || !Number.isFinite(errorMm) || errorMm < 0) {
      setMessage(t('cannot'));
      return;
    }
    if (!field) {
      setMessage(t('noField'));
      return;
    }
    random.current ??= seededRandom(Math.round(read.value));
    const text = laserText(read.value, errorMm, unit, random.current());
    setMessage(text);
    field.focus();
    typeInto(field, text);
  };
  /** The reading that had the focus before this panel took it. */
  const remember = (field: EventTarget | null) => {
    if (field instanceof HTMLInputElement && field.dataset.reading !== undefined) target.current = field;
  };
  return (
    <section
      aria-label={t('title')}
      data-laser
      className="no-print fixed bottom-3 right-3 z-30 w-[260px] rounded-md border border-ink bg-sheet p-3 text-[13px]"
      onFocus={(e) => remember(e.relatedTarget)}
      onPointerDownCapture={() => remember(document.activeElement)}
    >
      <div className="mb-1.5 flex items-baseline justify-between">
        <b className="font-semibold">{t('title')}</b>
        <button type="button" className="underline" onClick={onClose}>
          {t('close')}
        </button>
      </div>
      <p className="mb-2 text-soft">{t('intro')}</p>
      <div className="grid grid-cols-[1fr_60px_64px] gap-2">
        <label>
          {t('true')}
          <input
            value={length}
            onChange={(e) => setLength(e.target.value)}
            onKeyDown={(e) => {
              if (e.key === 'Enter') {
                e.preventDefault();
                shoot();
              }
            }}
            className="w-full border-b border-line bg-transparent"
          />
        </label>
        <label>
          {t('error')}
          <input
            value={error}
            inputMode="decimal"
            onChange={(e) => setError(e.target.value)}
            className="w-full border-b border-line bg-transparent"
          />
        </label>
        <Select
          label={t('unit')}
          value={unit}
          options={UNITS.map((u) => ({ value: u, label: u }))}
          onChange={setUnit}
        />
      </div>
      <div className="mt-2 flex items-center gap-3">
        <button
          type="button"
          onClick={shoot}
          className="rounded-md border border-ink bg-ink px-2.5 py-1 font-medium text-sheet"
        >
          {t('shoot')}
        </button>
        <span role="status">{message}</span>
      </div>
    </section>
  );
}
