'use client';
import { useTranslations } from 'next-intl';
import dynamic from 'next/dynamic';
import { memo, type ReactNode } from 'react';
import { formatLength } from '../../../core/base/length';
import { markStep } from '../../../core/base/units';
import { useRoomAtRest } from '../room/RoomContext';
import { useKeys } from '../useKeys';
import { FindAndHelp } from './FindAndHelp';

const FindInRoom = dynamic(() => import('./FindInRoom').then((m) => m.FindInRoom), { loading: () => null });
const KEYS = ['find', 'nudge', 'alt', 'undo', 'wall', 'look', 'enter', 'delete', 'escape', 'help'] as const;

/** Finding and the keys, in a room. */
export const RoomFind = memo(function RoomFind(): ReactNode {
  const t = useTranslations('keys');
  const { unit } = useRoomAtRest().file.room;
  const steps = {
    small: formatLength(markStep(unit), unit).replace('\u2044', '/'),
    large: unit === 'cm' ? '1 cm' : '1 in',
  };
  return (
    <>
      <RoomKeys />
      <FindAndHelp
        className="max-lg:ml-auto lg:order-last"
        keys={KEYS.map((key) => t(key, steps))}
        find={(onClose) => <FindInRoom onClose={onClose} />}
      />
    </>
  );
});

/** By itself: it follows what is dragged, and the head of the page does not. */
function RoomKeys(): null {
  useKeys();
  return null;
}
