'use client';
import { NextIntlClientProvider, type AbstractIntlMessages } from 'next-intl';
import type { ReactNode } from 'react';

let last: { text: string; words: AbstractIntlMessages } | null = null;
const read = (text: string): AbstractIntlMessages => {
  if (last?.text !== text) last = { text, words: JSON.parse(text) as AbstractIntlMessages };
  return last.words;
};

/**
 * The app's words for everything within. They come as one text, which goes to the page several times as fast
 * as a value that React walks through.
 */
export function WordsProvider({ text, children }: { text: string; children: ReactNode }): ReactNode {
  return (
    <NextIntlClientProvider locale="en" timeZone="UTC" messages={read(text)}>
      {children}
    </NextIntlClientProvider>
  );
}
