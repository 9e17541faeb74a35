import { describe, expect, it } from 'vitest';
import { FINDING_CASES } from '../../../tests/helpers/findingCases';
import type { FindingCode } from '../model/finding';
import { checkRoomFile } from '../stages/measure/check';
import { RULE_IDS } from '../rules/table';
import { planLook } from './planLook';

const codes = Object.keys(FINDING_CASES) as FindingCode[];
const findings = (code: FindingCode, side: 'shows' | 'not') =>
  planLook(FINDING_CASES[code][side], { lookId: 'look' }).findings;

describe('every finding', () => {
  it.each(codes)('%s shows where it should, and not where it should not', (code) => {
    const found = findings(code, 'shows').find((f) => f.code === code);
    expect(
      found,
      findings(code, 'shows')
        .map((f) => f.code)
        .join(' '),
    ).toMatchObject({ code, level: FINDING_CASES[code].level });
    expect(findings(code, 'not').map((f) => f.code)).not.toContain(code);
  });
  it.each(codes)('%s is judged in rooms that could be, or that are refused for no other reason', (code) => {
    for (const side of ['shows', 'not'] as const)
      expect(checkRoomFile(FINDING_CASES[code][side]).filter((i) => i.level === 'refuse')).toEqual([]);
  });
  it('names a rule that there is, and amounts that are numbers', () => {
    for (const f of codes.flatMap((c) => findings(c, 'shows'))) {
      if (f.rule) expect(RULE_IDS).toContain(f.rule);
      for (const [key, value] of Object.entries(f.by))
        if (key.endsWith('Mm')) expect(Number.isFinite(value), `${f.code}.${key}`).toBe(true);
    }
  });
});
