'use client';
import type { ReactNode } from 'react';
import { QuickEntry } from './QuickEntry';
import { TableDoor } from './TableDoor';

/** Fast ways in: one after the other, from photos, from a spreadsheet's rows or a file; and out again. */
export function NewThings({ onOpen }: { onOpen: (id: string) => void }): ReactNode {
  return (
    <div className="grid gap-3.5 lg:min-h-[calc(100dvh-64px)] lg:grid-cols-[1fr_1fr]">
      <QuickEntry onOpen={onOpen} />
      <TableDoor />
    </div>
  );
}
