import '@fontsource/barlow/400.css';
import '@fontsource/barlow/500.css';
import '@fontsource/barlow/600.css';
import '@fontsource/barlow-semi-condensed/400.css';
import '@fontsource/barlow-semi-condensed/500.css';
import '@fontsource/barlow-semi-condensed/600.css';
import '@fontsource/barlow-semi-condensed/700.css';
import '@fontsource/fahkwang/400.css';
// names in letters that the app's own fonts lack
import '@fontsource/noto-sans/greek-400.css';
import '@fontsource/noto-sans/greek-600.css';
import '@fontsource/noto-sans/greek-ext-400.css';
import '@fontsource/noto-sans/greek-ext-600.css';
import '@fontsource/noto-sans/cyrillic-400.css';
import '@fontsource/noto-sans/cyrillic-600.css';
import '@fontsource/noto-sans/cyrillic-ext-400.css';
import '@fontsource/noto-sans/cyrillic-ext-600.css';
import './globals.css';
import type { Metadata, Viewport } from 'next';
import { getMessages } from 'next-intl/server';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { PageAwake } from '@/ui/Awake';
import { earlyScript } from '@/ui/early';
import { Nonce } from '@/ui/Nonce';
import { WordsProvider } from '@/ui/WordsProvider';

export const metadata: Metadata = {
  title: { default: 'Rideau', template: '%s · Rideau' },
  description: 'Rideau plans how a room is dressed.',
};
export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

let wordsText = '';

export default async function RootLayout({ children }: { children: ReactNode }) {
  wordsText ||= JSON.stringify(await getMessages());
  const nonce = (await headers()).get('x-nonce') ?? '';
  return (
    <html lang="en">
      <body data-asleep="">
        <script nonce={nonce} suppressHydrationWarning dangerouslySetInnerHTML={{ __html: earlyScript() }} />
        <PageAwake />
        <WordsProvider text={wordsText}>
          <Nonce value={nonce}>{children}</Nonce>
        </WordsProvider>
      </body>
    </html>
  );
}
