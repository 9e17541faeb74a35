'use client';
import type { ReactNode } from 'react';
import { plainUnit } from '../../core/base/length';
import type { Mm } from '../../core/base/units';
import { LengthField, type Answer } from '../../ui/Field';
import { useRoom } from './room/RoomContext';
import { useRefusal } from './useRefusal';

type Props = {
  label: string;
  draftKey: string;
  valueMm: Mm | null;
  onCommit: (mm: Mm) => Answer;
  onClear?: () => unknown;
  /** Of cloth or a frame: in plain inches also where rooms are in feet. */
  isPlain?: boolean;
};

/** A length of a quick answer, in the unit of its room; it has to be above zero. */
export function QuickLength({ onCommit, onClear, isPlain = false, ...field }: Props): ReactNode {
  const { file } = useRoom();
  const { positive } = useRefusal();
  return (
    <LengthField
      {...field}
      unit={isPlain ? plainUnit(file.room.unit) : file.room.unit}
      onCommit={(mm) => positive(mm, () => onCommit(mm))}
      {...(onClear ? { onClear: () => void onClear() } : {})}
    />
  );
}
