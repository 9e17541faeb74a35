import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import Papa from 'papaparse';
import { FORMULA, fromText } from './formula';

/** A cell as it stands in the table that is written. */
const asText = (cell: string): string =>
  Papa.parse<string[]>(Papa.unparse([[cell, '.']], { escapeFormulae: FORMULA }), { delimiter: ',' })
    .data[0]![0]!;

describe('a cell that a spreadsheet would run', () => {
  it.each([
    '=1+1',
    '+cmd',
    '-2',
    '@sum',
    ' =1',
    '\u00a0=1',
    '\u3000@x',
    '\uff1d1',
    '\uff0b1',
    '\uff0d1',
    '\uff20x',
    '\tx',
    '\rx',
    "'=1",
    "''  -1",
  ])('is text: %j', (cell) => {
    expect(asText(cell)).toBe(`'${cell}`);
    expect(fromText(asText(cell))).toBe(cell);
  });
  it.each(['Velvet = soft', "'tis", "'", '', '36 × 14', 'a-b', "rock 'n' roll"])(
    'is no other: %j',
    (cell) => {
      expect(asText(cell)).toBe(cell);
      expect(fromText(cell)).toBe(cell);
    },
  );
  it('comes back as it went, whatever it is', () => {
    const letters = fc.constantFrom("'", '=', '-', ' ', '\u3000', '\uff1d', 'a', '\t');
    fc.assert(
      fc.property(fc.string({ unit: letters, maxLength: 6 }), (cell) => {
        expect(fromText(asText(cell))).toBe(cell);
        // nothing that is written can be run
        expect(asText(cell)).not.toMatch(/^[\s\u3000]*[=+\-@\uff1d]/);
      }),
    );
  });
});
