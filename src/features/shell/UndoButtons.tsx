'use client';
import { useTranslations } from 'next-intl';
import { Redo2, Undo2 } from 'lucide-react';
import { useEffect, type ReactNode } from 'react';
import { keepFocus } from '../../ui/keepFocus';
import { Tooltip } from '../../ui/Tooltip';
import type { LengthUnit } from '../../core/base/units';
import type { Label } from './room/saver';
import { SetAside } from './SetAside';
import { useActWords } from './useActWords';

/** Undo and redo, each with what it would take back or bring back. */
export function UndoButtons({
  of,
  labels,
  unit,
  onReplay,
}: {
  /** The room or the stash; what of it could not be saved is shown beside them. */
  of: { id: string; name: string };
  labels: { undo: Label | null; redo: Label | null };
  unit?: LengthUnit;
  onReplay: (way: 'undo' | 'redo') => void;
}): ReactNode {
  const t = useTranslations('shell');
  const act = useActWords(unit);
  // wherever something can be undone, an act may take away what had the focus
  useEffect(keepFocus, []);
  return (
    <div className="no-print flex items-center gap-1">
      <SetAside of={of.id} name={of.name} />
      {(['undo', 'redo'] as const).map((way) => {
        const label = labels[way];
        const words = label ? `${t(way)}: ${act(label)}` : t(way);
        const Icon = way === 'undo' ? Undo2 : Redo2;
        return (
          <Tooltip key={way} label={words}>
            <button
              type="button"
              disabled={!label}
              onClick={() => onReplay(way)}
              aria-label={words}
              className="rounded-md p-1.5 hover:bg-sheet disabled:opacity-35"
            >
              <Icon size={16} />
            </button>
          </Tooltip>
        );
      })}
    </div>
  );
}
