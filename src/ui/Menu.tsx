'use client';
import dynamic from 'next/dynamic';
import { useRef, useState, type MouseEvent, type ReactNode } from 'react';
import type { MenuItem } from './MenuPopup';

const popup = () => import('./MenuPopup').then((m) => m.MenuPopup);
const MenuPopup = dynamic(popup, { loading: () => null });

/** What can be done with something, from the button beside it. */
export function Menu({
  label,
  items,
  className = '',
  children,
}: {
  label: string;
  items: readonly MenuItem[];
  className?: string;
  children: ReactNode;
}): ReactNode {
  const [open, setOpen] = useState<'byKey' | 'byPointer' | null>(null);
  const button = useRef<HTMLButtonElement>(null);
  const load = () => void popup();
  return (
    <span className="relative inline-flex">
      <button
        ref={button}
        type="button"
        aria-label={label}
        aria-haspopup="menu"
        aria-expanded={open !== null}
        onPointerEnter={load}
        onFocus={load}
        // a press by key has no clicks to count
        onClick={(e) => setOpen(e.detail === 0 ? 'byKey' : 'byPointer')}
        onKeyDown={(e) => {
          if (e.key !== 'ArrowDown') return;
          e.preventDefault();
          setOpen('byKey');
        }}
        className={className}
      >
        {children}
      </button>
      {open && (
        <MenuPopup
          label={label}
          items={items}
          isByKey={open === 'byKey'}
          onClose={() => setOpen(null)}
          focusBack={() => button.current?.focus()}
        />
      )}
    </span>
  );
}

/** The same list from a right click, or from a long press on glass. */
export function ContextMenu({
  label,
  items,
  children,
}: {
  label: string;
  items: readonly MenuItem[];
  children: ReactNode;
}): ReactNode {
  const [spot, setSpot] = useState<{ x: number; y: number } | null>(null);
  const last = useRef<HTMLElement | null>(null);
  const onContextMenu = (e: MouseEvent) => {
    e.preventDefault();
    last.current = document.activeElement instanceof HTMLElement ? document.activeElement : null;
    setSpot({ x: e.clientX, y: e.clientY });
  };
  return (
    <div onContextMenu={onContextMenu} className="min-w-0">
      {children}
      {spot && (
        <div className="fixed h-0 w-0" style={{ left: spot.x, top: spot.y }}>
          <MenuPopup
            label={label}
            items={items}
            onClose={() => setSpot(null)}
            focusBack={() => last.current?.focus()}
          />
        </div>
      )}
    </div>
  );
}
