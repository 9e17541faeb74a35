import { afterEach, describe, expect, it } from 'vitest';
import { CODE_LIVES_MS, codeNow, dropCode, makeCode, MOST_TRIES, takeCode } from './code';

const NOW = Date.parse('2030-05-01T10:00:00Z');
const wrongFor = (code: string): string => (code === '00000000' ? '00000001' : '00000000');

afterEach(() => dropCode(codeNow(NOW)?.code ?? ''));

describe('the code that lets a device in', () => {
  it('is eight digits, seldom twice the same', () => {
    const codes = new Set(Array.from({ length: 200 }, () => makeCode(NOW).code));
    for (const code of codes) expect(code).toMatch(/^\d{8}$/);
    expect(codes.size).toBeGreaterThan(190);
  });

  it('is taken once, as it is read out', () => {
    const { code } = makeCode(NOW);
    expect(takeCode(`${code.slice(0, 4)} ${code.slice(4)}`, NOW)).toBe('taken');
    expect(takeCode(code, NOW)).toBe('none');
    expect(codeNow(NOW)).toBeNull();
  });

  it('lasts ten minutes', () => {
    const { code, untilMs } = makeCode(NOW);
    expect(untilMs - NOW).toBe(CODE_LIVES_MS);
    expect(codeNow(untilMs - 1)).toEqual({ code, untilMs });
    expect(codeNow(untilMs)).toBeNull();
    expect(takeCode(code, untilMs)).toBe('none');
  });

  it('is void after five wrong ones', () => {
    const { code } = makeCode(NOW);
    for (let n = 1; n < MOST_TRIES; n++) expect(takeCode(wrongFor(code), NOW)).toBe('wrong');
    expect(takeCode(wrongFor(code), NOW)).toBe('none');
    expect(takeCode(code, NOW)).toBe('none');
  });

  it('that was shown before takes none off the screen that is shown now', () => {
    const before = makeCode(NOW).code;
    const { code } = makeCode(NOW);
    if (before !== code) dropCode(before);
    expect(codeNow(NOW)?.code).toBe(code);
    dropCode(code);
    expect(codeNow(NOW)).toBeNull();
  });

  it('is void once another is shown, and a part of it is not enough', () => {
    const before = makeCode(NOW).code;
    const { code } = makeCode(NOW);
    if (before !== code) expect(takeCode(before, NOW)).toBe('wrong');
    expect(takeCode('', NOW)).toBe('wrong');
    expect(takeCode(code.slice(0, 7), NOW)).toBe('wrong');
    expect(takeCode(code, NOW)).toBe('taken');
  });
});
