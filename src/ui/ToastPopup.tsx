'use client';
import { Toast as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

/** What just happened, for a few seconds, at the foot of the page; read aloud as it comes. */
export function ToastPopup({
  message,
  onClose,
  label,
}: {
  /** Null while there is nothing to report. */ message: string | null;
  onClose: () => void;
  /** Where such words stand, for those who go there by keys. */ label: string;
}): ReactNode {
  return (
    <Radix.Provider label={label} duration={5000}>
      <Radix.Root
        open={message !== null}
        onOpenChange={(open) => {
          if (!open) onClose();
        }}
        className="rounded-md border border-ink bg-sheet px-3 py-1.5 text-[14px] leading-snug"
      >
        <Radix.Description>{message}</Radix.Description>
      </Radix.Root>
      <Radix.Viewport
        label={`${label} ({hotkey})`}
        className="no-print fixed bottom-8 left-3 z-30 m-0 flex max-w-[min(360px,90vw)] lg:max-w-[158px] list-none flex-col p-0"
      />
    </Radix.Provider>
  );
}
