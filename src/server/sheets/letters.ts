import 'server-only';
import { first } from '../../core/base/list';
import { sum } from '../../core/base/units';
import { readFile } from 'node:fs/promises';
import path from 'node:path';
import type { PDFDocument, PDFFont, PDFPage, RGB } from 'pdf-lib';
import { fontsOnce } from './fontsOnce';
import { sfntOfWoff } from './woff';

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

const files = new Map<string, Promise<Buffer>>();
/** A font's file, unpacked: read once, and then the same bytes for every sheet. */
function fontFile(name: string): Promise<Buffer> {
  const folder = path.join(/* turbopackIgnore: true */ process.cwd(), 'node_modules/@fontsource');
  const file = files.get(name) ?? readFile(path.join(folder, name)).then(sfntOfWoff);
  files.set(name, file);
  return file;
}

/** The app's own fonts in a document. Of each, only the letters that are drawn end up in the file. */
export async function embedFaces(doc: PDFDocument): Promise<Faces> {
  doc.registerFontkit(fontsOnce);
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

const widths = new WeakMap<PDFFont, Map<string, number>>();
/** How wide letters are in type of size 1; words that come again are measured once. */
function unitWidth(font: PDFFont, letters: string): number {
  const known = widths.get(font) ?? new Map<string, number>();
  widths.set(font, known);
  const width = known.get(letters) ?? font.widthOfTextAtSize(letters, 1);
  known.set(letters, width);
  return width;
}

const widthOfRun = (run: Run, size: number): number =>
  size * (run.font ? unitWidth(run.font, run.letters) : BOX.width + 2 * BOX.gap);

/** Letters and fractions of a line, each with what is left free before it. */
function runsOfLine(faces: Faces, words: string, { face, size }: Pick<Style, 'face' | 'size'>) {
  const { letters, fractions } = faces[face];
  const runs: { run: Run; freeBefore: number }[] = [];
  let previous = '';
  for (const part of words.split(FRACTION)) {
    if (!part) continue;
    if (part.includes('\u2044')) {
      // 103 and its ½ belong together; a ½ after a word is set apart from it
      const space = /\d$/.test(previous) ? size * 0.08 : size * unitWidth(first(letters), ' ');
      const freeBefore = part.startsWith(' ') ? space : 0;
      runs.push({ run: { font: fractions, letters: part.trim() }, freeBefore });
    } else runs.push(...runsOf(part, letters).map((run) => ({ run, freeBefore: 0 })));
    previous = part;
  }
  return runs;
}

/** How wide words are on paper, points. */
export const widthOfWords = (faces: Faces, words: string, style: Pick<Style, 'face' | 'size'>): number =>
  sum(runsOfLine(faces, words, style).map(({ run, freeBefore }) => freeBefore + widthOfRun(run, style.size)));

/** Draws words on a line: fractions in the font's own form, a box for a letter that no font has. */
export function drawWords(
  page: PDFPage,
  faces: Faces,
  words: string,
  place: { x: number; y: number } & Style,
): void {
  const { y, size, color } = place;
  const runs = runsOfLine(faces, words, place);
  let x = place.x;
  runs.forEach(({ run, freeBefore }, i) => {
    x += freeBefore;
    if (run.font) page.drawText(run.letters, { x, y, size, font: run.font, color });
    else drawBox(page, { x, y, size, color });
    // what nothing follows need not be measured
    if (i < runs.length - 1) x += widthOfRun(run, size);
  });
}

const drawBox = (
  page: PDFPage,
  { x, y, size, color }: { x: number; y: number } & Omit<Style, 'face'>,
): void =>
  page.drawRectangle({
    x: x + BOX.gap * size,
    y,
    width: BOX.width * size,
    height: BOX.height * size,
    borderColor: color,
    borderWidth: 0.05 * size,
  });
