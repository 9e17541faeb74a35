import { existsSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { STAGE_NAMES } from '../../src/core/model/finding';
import { NOUN_NAMES, describeNoun } from '../../src/core/model/nouns';
import { ROOM_FILE_VERSION } from '../../src/core/model/version';
import { STAGES } from '../../src/core/plan/stages';

const root = path.resolve(import.meta.dirname, '../..');

describe('every stage of the rail', () => {
  it.each(STAGE_NAMES)('%s has its page and its folder of screens', (name) => {
    expect(existsSync(path.join(root, 'src/app/rooms/[id]', name, 'page.tsx'))).toBe(true);
    expect(existsSync(path.join(root, 'src/features', name))).toBe(true);
  });
  it('is worked out, once, under its own name', () => {
    expect(STAGES.map((s) => s.name).sort()).toEqual([...STAGE_NAMES].sort());
  });
});

it('no list is younger than the room file’s version', () => {
  for (const noun of NOUN_NAMES) expect(describeNoun(noun).since ?? 1).toBeLessThanOrEqual(ROOM_FILE_VERSION);
});
