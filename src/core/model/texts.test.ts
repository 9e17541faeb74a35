import { describe, expect, it } from 'vitest';
import { irritationSchema, itemSchema, placeSchema } from './schema';
import { name, text } from './schema/parts';

describe('what a text may hold', () => {
  it.each([
    ['a bell', 'Sail\u0007'],
    ['a null', '\0'],
    ['a control character of the second kind', 'Sail\u0085'],
    ['half of a pair', 'Sail \ud83d'],
    ['the other half', '\udca1 sail'],
  ])('nothing with %s in it is a name or a note', (_, came) => {
    expect(name.safeParse(came).success).toBe(false);
    expect(text(400).safeParse(came).success).toBe(false);
  });
  it('a name is one line; a note may have more', () => {
    for (const came of ['Sail\ncheck', 'Sail\tcheck', 'Sail\rcheck']) {
      expect(name.safeParse(came).success).toBe(false);
      expect(text(400).safeParse(came).success).toBe(true);
    }
  });
  it.each(['Łódź', 'Θέα', '帆', '⛵️ sail', '👩‍🎨', 'a\u0301', 'שלום'])(
    '%s is as good a name as any',
    (came) => {
      expect(name.parse(`  ${came} `)).toBe(came);
    },
  );
  it('every name and text of a file is held to it', () => {
    for (const schema of [itemSchema, placeSchema, irritationSchema])
      for (const [field, part] of Object.entries(schema.shape))
        if (part.safeParse('plain').success && !/^(id|.*Id)$/.test(field))
          expect([field, part.safeParse('bell\u0007').success]).toEqual([field, false]);
  });
});
