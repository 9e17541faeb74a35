import 'server-only';
import { first } from '../../core/base/list';
import fontkit from '@pdf-lib/fontkit';
import { readFile } from 'node:fs/promises';
import path from 'node:path';
import type { PDFDocument, PDFFont, PDFPage, RGB } from 'pdf-lib';

/** Of one letter form: its own fonts, then the common ones, each with the letters that the ones before lack. */
export type Face = 'plain' | 'bold' | 'head';
export type Style = { size: number; face: Face; color: RGB };

type Fonts = { letters: readonly PDFFont[]; fractions: PDFFont };
export type Faces = Record<Face, Fonts>;

const OWN = ['latin', 'latin-ext', 'vietnamese'] as const;
const COMMON = ['greek', 'greek-ext', 'cyrillic', 'cyrillic-ext', 'latin-ext'] as const;

const filesOf = (family: string, parts: readonly string[], weight: number): string[] =>
  parts.map((part) => `${family}/files/${family}-${part}-${weight}-normal.woff`);

const FILES: Record<Face, readonly string[]> = {
  plain: [...filesOf('barlow', OWN, 400), ...filesOf('noto-sans', COMMON, 400)],
  bold: [...filesOf('barlow', OWN, 600), ...filesOf('noto-sans', COMMON, 600)],
  head: [...filesOf('fahkwang', OWN, 400), ...filesOf('noto-sans', COMMON, 400)],
};

const fontFile = (name: string) =>
  readFile(path.join(/* turbopackIgnore: true */ process.cwd(), 'node_modules/@fontsource', name));

/** The app's own fonts in a document. Of each, only the letters that are drawn end up in the file. */
export async function embedFaces(doc: PDFDocument): Promise<Faces> {
  doc.registerFontkit(fontkit);
  // the heading's face shares the common fonts of the plain one
  const embedded = new Map<string, Promise<PDFFont>>();
  const embed = (file: string): Promise<PDFFont> => {
    const font = embedded.get(file) ?? fontFile(file).then((bytes) => doc.embedFont(bytes, { subset: true }));
    embedded.set(file, font);
    return font;
  };
  const fontsOf = async (face: Face): Promise<Fonts> => {
    const own = await fontFile(first(FILES[face]));
    return {
      letters: await Promise.all(FILES[face].map(embed)),
      fractions: await doc.embedFont(own, { subset: true, features: { frac: true } }),
    };
  };
  return { plain: await fontsOf('plain'), bold: await fontsOf('bold'), head: await fontsOf('head') };
}

/** Signs that are written out because a plainer one says the same. */
const PLAINER: Record<string, string> = { '′': "'", '″': '"' };
/** A letter that no font has is drawn as a box this wide and high, in parts of the type's size. */
const BOX = { width: 0.5, height: 0.62, gap: 0.08 };

type Run = { font: PDFFont; letters: string } | { font: null };

const charactersOf = new WeakMap<PDFFont, ReadonlySet<number>>();
function has(font: PDFFont, letter: string): boolean {
  let known = charactersOf.get(font);
  if (!known) {
    known = new Set(font.getCharacterSet());
    charactersOf.set(font, known);
  }
  return known.has(letter.codePointAt(0)!);
}

const FRACTION = /( ?\d+\u2044\d+)/;
const isMark = (letter: string): boolean => /\p{M}|\p{Cf}/u.test(letter);

/** Words as runs of letters of one font; a letter that no font has is a run of its own, without a font. */
function runsOf(words: string, fonts: readonly PDFFont[]): Run[] {
  const runs: Run[] = [];
  for (const came of words.normalize('NFC')) {
    const letter = PLAINER[came] ?? came;
    const font = fonts.find((f) => has(f, letter));
    const last = runs.at(-1);
    if (font && last?.font === font) last.letters += letter;
    else if (font) runs.push({ font, letters: letter });
    // an accent without a letter to stand on takes no room, and neither does a joiner
    else if (!isMark(letter)) runs.push({ font: null });
  }
  return runs;
}

const widthOfRun = (run: Run, size: number): number =>
  run.font ? run.font.widthOfTextAtSize(run.letters, size) : (BOX.width + 2 * BOX.gap) * size;

/** Letters and fractions of a line, each with the distance from its start. */
function laidOut(faces: Faces, words: string, { face, size }: Pick<Style, 'face' | 'size'>) {
  const { letters, fractions } = faces[face];
  const placed: { run: Run; x: number }[] = [];
  let x = 0;
  let previous = '';
  const put = (run: Run) => {
    placed.push({ run, x });
    x += widthOfRun(run, size);
  };
  for (const part of words.split(FRACTION)) {
    if (!part) continue;
    if (part.includes('\u2044')) {
      // 103 and its ½ belong together; a ½ after a word is set apart from it
      if (part.startsWith(' '))
        x += /\d$/.test(previous) ? size * 0.08 : first(letters).widthOfTextAtSize(' ', size);
      put({ font: fractions, letters: part.trim() });
    } else runsOf(part, letters).forEach(put);
    previous = part;
  }
  return { placed, width: x };
}

/** How wide words are on paper, points. */
export const widthOfWords = (faces: Faces, words: string, style: Pick<Style, 'face' | 'size'>): number =>
  laidOut(faces, words, style).width;

/** Draws words on a line: fractions in the font's own form, a box for a letter that no font has. */
export function drawWords(
  page: PDFPage,
  faces: Faces,
  words: string,
  place: { x: number; y: number } & Style,
): void {
  const { x: left, y, size, color } = place;
  for (const { run, x } of laidOut(faces, words, place).placed) {
    if (run.font) page.drawText(run.letters, { x: left + x, y, size, font: run.font, color });
    else
      page.drawRectangle({
        x: left + x + BOX.gap * size,
        y,
        width: BOX.width * size,
        height: BOX.height * size,
        borderColor: color,
        borderWidth: 0.05 * size,
      });
  }
}
