import 'server-only';
import fontkit from '@pdf-lib/fontkit';
import type { PDFDocument } from 'pdf-lib';

type Fontkit = Parameters<PDFDocument['registerFontkit']>[0];
type Font = ReturnType<Fontkit['create']>;
type Run = ReturnType<Font['layout']>;

/** Words that a font remembers; a sheet has some hundreds. */
const MOST_WORDS = 2000;

/** Remembers how words are set: most are measured before they are drawn, and come on many sheets. */
function rememberWords(font: Font): Font {
  const set = font.layout.bind(font);
  const known = new Map<string, Run>();
  font.layout = (words, features) => {
    const key = features ? `${JSON.stringify(features)} ${words}` : words;
    const run = known.get(key) ?? set(words, features);
    if (known.size >= MOST_WORDS) known.clear();
    known.set(key, run);
    return run;
  };
  return font;
}

const fonts = new WeakMap<Uint8Array, Font>();

/** The reader of fonts, which reads every font's bytes once, for all documents of this thread. */
export const fontsOnce: Fontkit = {
  create: (bytes) => {
    const font = fonts.get(bytes) ?? rememberWords(fontkit.create(bytes));
    fonts.set(bytes, font);
    return font;
  },
};
