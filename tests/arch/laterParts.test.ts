import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';

const src = path.resolve(__dirname, '../../src');
const files = readdirSync(src, { recursive: true })
  .map(String)
  .filter((f) => f.endsWith('.tsx'));

/** Every `dynamic(…)` of a file, as text. */
const laterParts = (text: string): string[] =>
  [...text.matchAll(/\bdynamic\(/g)].map((m) => {
    let depth = 0;
    for (let i = m.index; i < text.length; i++) {
      if (text[i] === '(') depth++;
      if (text[i] === ')' && --depth === 0) return text.slice(m.index, i + 1);
    }
    throw new Error('a bracket is left open');
  });

describe('parts that come later', () => {
  const parts = files.flatMap((f) =>
    laterParts(readFileSync(path.join(src, f), 'utf8')).map((text) => ({ f, text })),
  );

  it('are either marked as asleep, or stand in a boundary of their own', () => {
    const bare = parts.filter(({ text }) => !/waking|planView|loading:|ssr: false/.test(text));
    expect(bare.map(({ f, text }) => `${f}: ${text}`)).toEqual([]);
    expect(parts.length).toBeGreaterThan(25);
  });

  it('are told from those without a boundary', () => {
    expect(laterParts("dynamic(() => import('./A').then((m) => m.A))")).toHaveLength(1);
    expect(/waking|loading:/.test(laterParts("dynamic(() => import('./A'))")[0]!)).toBe(false);
  });
});
