'use client';
import { Command } from 'cmdk';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { grouped } from './grouped';
import { Popover } from './Popover';
import { ScrollArea } from './ScrollArea';
import type { PopupProps } from './selectTypes';

/** A long list: typing narrows it, arrow keys and Enter choose. */
export function SearchPopup({
  id,
  label,
  value,
  options,
  onChoose,
  onClose,
  focusBack,
}: PopupProps): ReactNode {
  const t = useTranslations('kit');
  // two options may well have the same name, and a value may be empty
  const keyOf = (v: string) => `=${v}`;
  return (
    <Popover id={id} label={label} onClose={onClose} focusBack={focusBack}>
      <Command
        label={label}
        defaultValue={keyOf(value)}
        filter={(_, search, words = []) =>
          Number(words.join(' ').toLowerCase().includes(search.toLowerCase()))
        }
      >
        <Command.Input
          placeholder={t('search')}
          className="w-full border-b border-line bg-transparent px-2.5 py-1.5 text-[14px] outline-none"
        />
        <ScrollArea bars={['vertical']} className="max-h-[280px]">
          <Command.List className="py-1">
            <Command.Empty className="px-2.5 py-1.5 text-[14px] text-soft">{t('noMatches')}</Command.Empty>
            {grouped(options).map((g) => (
              <Command.Group
                key={g.name}
                heading={g.name}
                className="[&_[cmdk-group-heading]]:px-2.5 [&_[cmdk-group-heading]]:pb-0.5 [&_[cmdk-group-heading]]:pt-1.5 [&_[cmdk-group-heading]]:font-narrow [&_[cmdk-group-heading]]:text-[13px] [&_[cmdk-group-heading]]:text-soft"
              >
                {g.options.map((o) => (
                  <Command.Item
                    key={o.value}
                    value={keyOf(o.value)}
                    keywords={[o.label]}
                    onSelect={() => {
                      onClose();
                      onChoose(o.value);
                    }}
                    className={`cursor-pointer px-2.5 py-1 text-[14px] data-[selected=true]:bg-ink data-[selected=true]:text-sheet max-lg:py-2 ${o.value === value ? 'font-semibold' : ''}`}
                  >
                    {o.label}
                  </Command.Item>
                ))}
              </Command.Group>
            ))}
          </Command.List>
        </ScrollArea>
      </Command>
    </Popover>
  );
}
