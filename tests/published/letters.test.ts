import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { PDFDocument, rgb, type PDFPage } from 'pdf-lib';
import { extractText } from 'unpdf';
import { afterAll, beforeAll, describe, expect, test, vi } from 'vitest';
import { demoStudio } from '../helpers/rooms';
import { restoreStudio } from '../helpers/restore';

// What is printed is read back by a PDF reader of other hands (unpdf, which is PDF.js): letter for letter.
const folder = mkdtempSync(path.join(tmpdir(), 'rideau-letters-'));
vi.stubEnv('RIDEAU_DATA', folder);
const { sheetPdf } = await import('../../src/server/sheets/pdf');
const { cutsPdf } = await import('../../src/server/sheets/cuts');
const { templatePdf } = await import('../../src/server/sheets/template');
const { labelsPdf } = await import('../../src/server/stash/labels');
const { placeLabels } = await import('../../src/server/stash/places');
const { exportRoom } = await import('../../src/server/rooms');
const ask = (room: string, lookId: string) => ({ file: exportRoom(room)!, lookId });
const { drawWords, embedFaces, widthOfWords } = await import('../../src/server/sheets/letters');

afterAll(() => {
  vi.unstubAllEnvs();
  rmSync(folder, { recursive: true, force: true });
});

/** Pangrams and place names that use the letters of their language (common ones, from memory). */
const NAMES = [
  'Łódź, gżegżółka, źdźbło', // Polish
  'Příliš žluťoučký kůň', // Czech
  'Árvíztűrő tükörfúrógép', // Hungarian
  'Şişli İğde çığlığı', // Turkish
  'Cần Thơ, phở, đường', // Vietnamese
  'Θέα στη θάλασσα, Ξύλινο', // Greek
  'Щука, їжак, ґанок, ёлка', // Ukrainian and Russian
  'Ђурђевдан, Ќе, Љубав', // Serbian and Macedonian
  'Þórshöfn, Ærø, Ðuro', // Icelandic, Danish
  'Ştefan Țepeș, ŞțțȘ', // Romanian with comma and cedilla
];

const readBack = async (bytes: Uint8Array): Promise<string> => {
  const { text } = await extractText(new Uint8Array(bytes), { mergePages: true });
  return text.replace(/\s+/g, ' ');
};

beforeAll(async () => {
  const studio = demoStudio();
  const room = studio.rooms.find((r) => r.room.id === 'long-room')!;
  room.openings.forEach((o, i) => (o.name = NAMES[i % NAMES.length]!));
  studio.items.forEach((item, i) => (item.name = NAMES[i % NAMES.length]!));
  studio.places.forEach((place, i) => (place.name = NAMES[i % NAMES.length]!));
  const result = await restoreStudio(studio);
  expect(result.ok).toBe(true);
});

describe('every letter of a name is printed', () => {
  test('on the fitting sheet', async () => {
    const words = await readBack((await sheetPdf(ask('long-room', 'early-summer'), 'a4'))!.bytes);
    const printed = NAMES.filter((name) => words.includes(name));
    expect(printed.length).toBeGreaterThan(3);
  });
  test('on the cut list', async () => {
    const words = await readBack((await cutsPdf(ask('long-room', 'early-summer'), 'letter'))!.bytes);
    expect(words).toContain(NAMES[0]);
  });
  test('on the labels of the stash', async () => {
    const words = await readBack(await labelsPdf(placeLabels(null), 'a4'));
    const { places } = demoStudio();
    expect(places.length).toBeGreaterThan(1);
    places.forEach((_, i) => expect(words).toContain(NAMES[i % NAMES.length]));
  });
  test('on a template', async () => {
    const { looks } = demoStudio().rooms.find((r) => r.room.id === 'lookout')!;
    const look = looks.find((l) => l.hangings.length > 0)!;
    const made = await templatePdf(ask('lookout', look.id), { hangingId: look.hangings[0]!.id }, 'a4');
    if (!made || !('bytes' in made)) throw new Error('no template');
    const words = await readBack(made.bytes);
    expect(NAMES.some((name) => words.includes(name))).toBe(true);
  });
  test.each(NAMES)('%s, in each of the three faces', async (name) => {
    const doc = await PDFDocument.create();
    const faces = await embedFaces(doc);
    const page = doc.addPage();
    for (const [i, face] of (['plain', 'bold', 'head'] as const).entries())
      drawWords(page, faces, name, { x: 40, y: 700 - 40 * i, size: 12, face, color: rgb(0, 0, 0) });
    const words = await readBack(await doc.save());
    expect(words.split(name).length - 1).toBe(3);
  });
});

describe('a letter that no font has', () => {
  type Drawn = { text?: string; x: number };
  const draw = async (words: string): Promise<{ texts: Drawn[]; boxes: Drawn[]; width: number }> => {
    const faces = await embedFaces(await PDFDocument.create());
    const [texts, boxes]: [Drawn[], Drawn[]] = [[], []];
    const page = {
      drawText: (text: string, { x }: Drawn) => texts.push({ text, x }),
      drawRectangle: ({ x }: Drawn) => boxes.push({ x }),
    } as unknown as PDFPage;
    const style = { size: 10, face: 'plain', color: rgb(0, 0, 0) } as const;
    drawWords(page, faces, words, { x: 100, y: 0, ...style });
    return { texts, boxes, width: widthOfWords(faces, words, style) };
  };
  test('is a box in its place, and what follows does not move into it', async () => {
    const { texts, boxes, width } = await draw('Box 茶 tea');
    expect(texts.map((d) => d.text)).toEqual(['Box ', ' tea']);
    expect(boxes).toHaveLength(1);
    expect(texts[0]!.x).toBe(100);
    expect(boxes[0]!.x).toBeGreaterThan(texts[0]!.x);
    expect(texts[1]!.x).toBeGreaterThan(boxes[0]!.x);
    expect(width).toBeGreaterThan((await draw('Box  tea')).width);
  });
  test('one box a letter, also beyond the first plane', async () => {
    expect((await draw('🛋🪟')).boxes).toHaveLength(2);
  });
  test('an accent of its own joins its letter', async () => {
    const { texts, boxes } = await draw('Lo\u0301dz\u0301');
    expect(texts.map((d) => d.text).join('')).toBe('Lódź');
    expect(boxes).toEqual([]);
  });
  test('fractions keep their form, close to the number they belong to', async () => {
    const { texts } = await draw('103 1\u20442 in');
    expect(texts.map((d) => d.text)).toEqual(['103', '1\u20442', ' in']);
  });
});
