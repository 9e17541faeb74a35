'use client';
import dynamic from 'next/dynamic';
import { useEffect, useState, type ReactNode } from 'react';

const TooltipPopup = dynamic(() => import('./TooltipPopup').then((m) => m.TooltipPopup), {
  loading: () => null,
});
const DELAY_MS = 400;

/** What a small button does, beside it while the pointer rests or the keys' focus is on it. */
export function Tooltip({ label, children }: { label: string; children: ReactNode }): ReactNode {
  const [isNear, setNear] = useState(false);
  const [open, setOpen] = useState(false);
  useEffect(() => {
    if (!isNear) return;
    const timer = window.setTimeout(() => setOpen(true), DELAY_MS);
    return () => {
      window.clearTimeout(timer);
      setOpen(false);
    };
  }, [isNear]);
  return (
    <span
      className="relative inline-flex"
      onPointerEnter={(e) => setNear(e.pointerType !== 'touch')}
      onPointerLeave={() => setNear(false)}
      onPointerDown={() => setNear(false)}
      onFocus={(e) => setNear(e.target.matches(':focus-visible'))}
      onBlur={() => setNear(false)}
    >
      {children}
      {open && <TooltipPopup label={label} onClose={() => setNear(false)} />}
    </span>
  );
}
