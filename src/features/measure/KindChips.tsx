'use client';
import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import { Button } from '../../ui/Button';
import { useDrag } from '../../ui/useDrag';

/**
 * Kinds of things to add: pressed, one is added where there is room; dragged onto the drawing, where it is
 * dropped.
 */
export function KindChips({
  kinds,
  onAdd,
  onDrop,
}: {
  kinds: readonly string[];
  onAdd: (kind: string) => void;
  onDrop: (kind: string, clientX: number, clientY: number) => void;
}): ReactNode {
  const t = useTranslations('measure');
  const [held, setHeld] = useState<{ kind: string; x: number; y: number } | null>(null);
  const bind = useDrag(
    ({ args, xy: [x, y], last, tap, event }) => {
      const kind = args[0] as string;
      if (tap) {
        setHeld(null);
        return;
      }
      event.preventDefault();
      setHeld(last ? null : { kind, x, y });
      if (last) onDrop(kind, x, y);
    },
    { filterTaps: true, pointer: { capture: true } },
  );
  const name = (kind: string) => t(`kinds.${kind as 'window'}`);
  return (
    <div role="group" aria-label={t('addKinds')} className="flex flex-wrap gap-[3.5px]">
      {kinds.map((kind) => (
        <span key={kind} {...bind(kind)} className="touch-none">
          <Button small className="!px-1 !text-[12.5px]" onClick={() => onAdd(kind)}>
            {name(kind)}
          </Button>
        </span>
      ))}
      {held && (
        <div
          aria-hidden="true"
          className="pointer-events-none fixed z-50 -translate-x-1/2 -translate-y-1/2 rounded-md border border-ink bg-sheet px-3 py-1.5 text-[14px] font-medium"
          style={{ left: held.x, top: held.y }}
        >
          {name(held.kind)}
        </div>
      )}
    </div>
  );
}
