import { existsSync, readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { z } from 'zod';
import { describe, expect, it } from 'vitest';
import { roomFileSchema } from '../../src/core/model/schema';
import { demoRoom } from '../helpers/rooms';

const root = path.resolve(import.meta.dirname, '../..');
const read = (file: string) => readFileSync(path.join(root, file), 'utf8');
const pages = [
  'README.md',
  'CONTRIBUTING.md',
  'CHANGELOG.md',
  ...(readdirSync(path.join(root, 'docs'), { recursive: true }) as string[])
    .filter((f) => f.endsWith('.md'))
    .map((f) => `docs/${f}`),
];

describe('the documents', () => {
  it('hold the schema that the app reads by', async () => {
    await expect(`${JSON.stringify(z.toJSONSchema(roomFileSchema), null, 2)}\n`).toMatchFileSnapshot(
      path.join(root, 'docs/room-file.schema.json'),
    );
  });
  it('name every field of the room file', () => {
    const page = read('docs/room-file.md');
    const schema = z.toJSONSchema(roomFileSchema) as { properties: Record<string, object> };
    for (const field of Object.keys(schema.properties)) expect(page, field).toContain(`\`${field}`);
    const file = demoRoom('long-room');
    for (const row of [
      file.room,
      file.openings[0]!,
      file.fittings[0]!,
      file.items[0]!,
      file.looks[0]!.dressings[0]!,
      file.looks[1]!.hangings[0]!,
      file.looks[1]!.placements[0]!,
    ])
      for (const field of Object.keys(row))
        if (!['id', 'name', 'kind', 'widthMm', 'heightMm', 'depthMm'].includes(field))
          expect(page, field).toContain(field);
  });
  it.each(pages)('%s links only to what is there', (page) => {
    const links = [...read(page).matchAll(/\]\((?!https?:|#)([^)#\s]+)/g)].map((m) => m[1]!);
    for (const link of links)
      expect(existsSync(path.resolve(root, path.dirname(page), link)), `${page} → ${link}`).toBe(true);
  });
  it('show every picture in the README, and name the two commands', () => {
    const pictures = readdirSync(path.join(root, 'docs/screenshots')).filter((f) => f.endsWith('.png'));
    expect(pictures.length).toBeGreaterThan(7);
    expect(pictures.length).toBeLessThan(20);
    const readme = read('README.md');
    for (const p of pictures) expect(readme).toContain(`docs/screenshots/${p}`);
    for (const command of ['npm run demo', 'npm test']) expect(readme).toContain(command);
  });
});
