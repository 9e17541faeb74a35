import 'server-only';
import fontkit from '@pdf-lib/fontkit';
import type { PDFDocument } from 'pdf-lib';

type Fontkit = Parameters<PDFDocument['registerFontkit']>[0];
type Font = ReturnType<Fontkit['create']>;

/** Sets words once in a font: most are measured before they are drawn, and many come again on a sheet. */
function setOnce(font: Font): Font {
  const set = font.layout.bind(font);
  const known = new Map<string, ReturnType<typeof set>>();
  font.layout = (words, features) => {
    const key = features ? `${JSON.stringify(features)} ${words}` : words;
    const run = known.get(key) ?? set(words, features);
    known.set(key, run);
    return run;
  };
  return font;
}

/**
 * The reader of fonts. Every document reads its own: a font remembers for which letter a form was first used, and the text
 * that is copied out of a document says that letter.
 */
export const fontReader: Fontkit = { create: (bytes, name) => setOnce(fontkit.create(bytes, name)) };
