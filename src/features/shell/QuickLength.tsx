'use client';
import type { ReactNode } from 'react';
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
};

/** A length of a quick answer, in the unit of its room; it has to be above zero. */
export function QuickLength({ onCommit, onClear, ...field }: Props): ReactNode {
  const { file } = useRoom();
  const { positive } = useRefusal();
  return (
    <LengthField
      {...field}
      unit={file.room.unit}
      onCommit={(mm) => positive(mm, () => onCommit(mm))}
      {...(onClear ? { onClear: () => void onClear() } : {})}
    />
  );
}
