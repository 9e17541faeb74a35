'use client';
import { Select as Radix } from 'radix-ui';
import type { ReactNode } from 'react';
import { ANCHOR } from './anchor';
import { grouped } from './grouped';
import { useNonce } from './Nonce';
import type { PopupProps } from './selectTypes';

// the kit takes an empty value for "nothing chosen"; ours may well be one
const keyOf = (value: string) => `=${value}`;

/** A list that is read: arrow keys, the first letters, Enter. */
export function SelectPopup({ id, value, options, onChoose, onClose, focusBack }: PopupProps): ReactNode {
  const nonce = useNonce();
  return (
    <Radix.Root
      open
      value={keyOf(value)}
      onValueChange={(key) => onChoose(key.slice(1))}
      onOpenChange={(open) => !open && onClose()}
    >
      <Radix.Trigger asChild>
        <span aria-hidden="true" className={ANCHOR} />
      </Radix.Trigger>
      <Radix.Portal>
        <Radix.Content
          id={id}
          position="popper"
          sideOffset={2}
          collisionPadding={8}
          onCloseAutoFocus={(e) => {
            e.preventDefault();
            focusBack();
          }}
          className="z-50 max-h-[var(--radix-select-content-available-height)] min-w-[var(--radix-select-trigger-width)] max-w-[94vw] rounded-md border border-ink bg-sheet text-ink"
        >
          <Radix.Viewport nonce={nonce} className="py-1">
            {grouped(options).map((g) => (
              <Radix.Group key={g.name}>
                {g.name && (
                  <Radix.Label className="px-2.5 pb-0.5 pt-1.5 font-narrow text-[13px] text-soft">
                    {g.name}
                  </Radix.Label>
                )}
                {g.options.map((o) => (
                  <Radix.Item
                    key={o.value}
                    value={keyOf(o.value)}
                    className="cursor-pointer px-2.5 py-1 text-[14px] outline-none data-[state=checked]:font-semibold data-[highlighted]:bg-ink data-[highlighted]:text-sheet max-lg:py-2"
                  >
                    <Radix.ItemText>{o.label}</Radix.ItemText>
                  </Radix.Item>
                ))}
              </Radix.Group>
            ))}
          </Radix.Viewport>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
