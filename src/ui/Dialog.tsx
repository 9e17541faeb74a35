'use client';
import { Dialog as Radix } from 'radix-ui';
import { X } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { ScrollArea } from './ScrollArea';

/** Where one begins to type in a dialog. */
const FIELDS = 'input:not([type=hidden]):not([aria-hidden]):not(:disabled),textarea:not(:disabled)';

/** What a dialog is opened from: of a menu that goes away the button that opened it. */
function whatHasFocus(): HTMLElement | null {
  const focused = document.activeElement;
  const menu = focused?.closest('[role=menu]')?.getAttribute('aria-labelledby');
  if (menu) return document.getElementById(menu);
  return focused instanceof HTMLElement ? focused : null;
}

/** A sheet over the sheet, opening on its first field; Esc and the cross close it, and focus goes back to where it came from. */
export function Dialog({
  open,
  onClose,
  title,
  closeLabel,
  children,
  message,
}: {
  open: boolean;
  onClose: () => void;
  title: string;
  closeLabel: string;
  children: ReactNode;
  message?: string;
}): ReactNode {
  const [opener] = useState(whatHasFocus);
  return (
    <Radix.Root
      open={open}
      onOpenChange={(o) => {
        if (!o) onClose();
      }}
    >
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-black/25" />
        <Radix.Content
          className="fixed left-1/2 top-1/2 z-50 w-[min(520px,94vw)] -translate-x-1/2 -translate-y-1/2 overflow-hidden rounded-md border border-ink bg-sheet"
          {...(message ? {} : { 'aria-describedby': undefined })}
          onOpenAutoFocus={(e) => {
            const field = (e.currentTarget as HTMLElement).querySelector<HTMLElement>(FIELDS);
            if (!field) return;
            e.preventDefault();
            field.focus();
          }}
          onCloseAutoFocus={(e) => {
            if (!opener?.isConnected) return;
            e.preventDefault();
            opener.focus();
          }}
        >
          <ScrollArea bars={['vertical']} className="max-h-[88dvh] p-5">
            <div className="mb-3 flex items-start justify-between gap-4">
              <Radix.Title className="text-[21px]">{title}</Radix.Title>
              <Radix.Close aria-label={closeLabel} className="rounded-md p-1 hover:bg-well">
                <X size={18} />
              </Radix.Close>
            </div>
            {message && <Radix.Description className="mb-4">{message}</Radix.Description>}
            {children}
          </ScrollArea>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
