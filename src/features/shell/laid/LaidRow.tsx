'use client';
import type { ReactNode } from 'react';
import { Disclosure } from '../../../ui/Collapsible';
import { useRoom } from '../room/RoomContext';

/** A row of a seat's or a bed's worksheet; of the one that is picked more is shown. */
export function LaidRow({
  placementId,
  columns,
  head,
  children,
}: {
  placementId: string;
  /** Class of the columns of its head. */
  columns: string;
  head: ReactNode;
  children: ReactNode;
}): ReactNode {
  const { picked, pick } = useRoom();
  const open = picked === placementId;
  return (
    <li className={`-mx-2 border-b border-line px-2 ${open ? 'my-1 border-2 border-ink bg-white' : ''}`}>
      <Disclosure
        open={open}
        onOpenChange={(next) => pick(next ? placementId : null)}
        triggerClass={`grid w-full ${columns} items-center gap-x-2.5 py-1.5 text-left text-[14px]`}
        trigger={head}
      >
        {children}
      </Disclosure>
    </li>
  );
}
