import 'server-only';
import fontkit from '@pdf-lib/fontkit';
import type { PDFDocument } from 'pdf-lib';

type Fontkit = Parameters<PDFDocument['registerFontkit']>[0];
type Font = ReturnType<Fontkit['create']>;
type Run = ReturnType<Font['layout']>;
/** A font keeps each glyph that it has made, with the letters that the first words to use it had there. */
type GlyphKeeper = { _glyphs: Record<number, unknown> };

/** Words that a font remembers; a sheet has some hundreds. */
const MOST_WORDS = 4000;

/**
 * Remembers how words are set: most are measured before they are drawn, and come on many sheets. The glyphs of every
 * run are its own, so that the letters behind them are those of these words: they are what is copied out of a PDF.
 */
function rememberWords(font: Font): Font {
  const set = font.layout.bind(font);
  const known = new Map<string, Run>();
  font.layout = (words, features) => {
    const key = features ? `${JSON.stringify(features)} ${words}` : words;
    const before = known.get(key);
    if (before) return before;
    (font as unknown as GlyphKeeper)._glyphs = {};
    const run = set(words, features);
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
