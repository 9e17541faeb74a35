/**
 * What a colour reader writes: spectral reflectance, 400 to 700 nm every 10 nm, or Lab values; from a file or
 * pasted.
 */
import { elementAt, first } from '../base/list';
import { isNonEmpty, fail, ok, type Result } from '../base/result';
import { labUnder, lightSource, DAYLIGHT, WARMEST } from './light';
import { deltaE00, type Lab } from './spaces';

export const READER_FIRST_NM = 400;
export const READER_STEP_NM = 10;
export const READER_BANDS = 31;

export type ReaderRow = { name: string; lab: Lab; spectrum: number[] | null };
export type ReaderIssue = {
  code: 'nothing' | 'no-header' | 'not-a-number' | 'out-of-range' | 'bands-missing' | 'too-many';
  row: number;
  column: string;
  came: string;
};

const MOST_ROWS = 2000;
const number = (text: string): number =>
  /^\s*-?\d+(?:[.,]\d+)?(?:e-?\d+)?\s*$/i.test(text) ? Number(text.trim().replace(',', '.')) : NaN;

/**
 * The header of rows that came without one: three numbers are Lab, thirty-one a spectrum, a name before them
 * or not.
 */
function headerOf(cells: readonly string[]): string[] | undefined {
  const named = Number.isNaN(number(cells[0] ?? ''));
  const numbers = (named ? cells.slice(1) : cells).filter((c) => c.trim() !== '');
  if (numbers.some((c) => Number.isNaN(number(c)))) return undefined;
  const bands = numbers.map((_, i) => String(READER_FIRST_NM + i * READER_STEP_NM));
  const spectrum = numbers.length === READER_BANDS ? bands : undefined;
  const titles = numbers.length === 3 ? ['L', 'a', 'b'] : spectrum;
  // a header of wavelengths is a row of numbers too
  if (!titles || numbers.every((c, i) => number(c) === READER_FIRST_NM + i * READER_STEP_NM))
    return undefined;
  return named ? ['name', ...titles] : titles;
}

/**
 * Reads rows of cells: `name, 400, 410 … 700` with reflectance as shares or per cent (decided for all rows
 * together), or `name, L, a, b`; a header first, or rows of numbers alone. Reports row and column of the
 * first impossible cell.
 */
export function readReader(rows: readonly (readonly string[])[]): Result<ReaderRow[], ReaderIssue> {
  const filled = rows
    .map((cells, i) => ({ cells, row: i + 1 }))
    .filter((r) => r.cells.some((c) => c.trim() !== ''));
  const made = filled[0] && headerOf(filled[0].cells);
  if (made) filled.unshift({ cells: made, row: 0 });
  const head = filled[0];
  if (!head) return fail<ReaderIssue>({ code: 'nothing', row: 0, column: '', came: '' });
  const titles = head.cells.map((c) => c.trim().toLowerCase());
  const column = (...names: string[]) => titles.findIndex((t) => names.includes(t));
  const nameAt = column('name', 'sample', 'id');
  const labAt = [column('l', 'l*'), column('a', 'a*'), column('b', 'b*')];
  const bandAt = Array.from({ length: READER_BANDS }, (_, i) => {
    const nm = String(READER_FIRST_NM + i * READER_STEP_NM);
    return titles.findIndex(
      (t) =>
        t
          .replace(/[\s%()]/g, '')
          .replace(/nm$/, '')
          .replace(/^r/, '') === nm,
    );
  });
  const spectral = bandAt.some((i) => i >= 0);
  if (spectral) {
    const missing = bandAt.findIndex((i) => i < 0);
    if (missing >= 0)
      return fail<ReaderIssue>({
        code: 'bands-missing',
        row: head.row,
        column: String(READER_FIRST_NM + missing * READER_STEP_NM),
        came: '',
      });
  } else if (labAt.some((i) => i < 0))
    return fail<ReaderIssue>({
      code: 'no-header',
      row: head.row,
      column: '',
      came: head.cells.join(', ').slice(0, 80),
    });
  if (filled.length - 1 > MOST_ROWS)
    return fail<ReaderIssue>({
      code: 'too-many',
      row: MOST_ROWS + 1,
      column: '',
      came: String(filled.length - 1),
    });
  if (filled.length < 2)
    return fail<ReaderIssue>({ code: 'nothing', row: head.row + 1, column: '', came: '' });
  const issues: ReaderIssue[] = [];
  const read = filled.slice(1).map(({ cells, row }, k): ReaderRow => {
    const name = (nameAt >= 0 ? (cells[nameAt] ?? '') : '').trim() || String(k + 1);
    const value = (i: number, title: string, low: number, high: number): number => {
      const came = cells[i] ?? '';
      const v = number(came);
      if (Number.isNaN(v)) issues.push({ code: 'not-a-number', row, column: title, came });
      else if (v < low || v > high) issues.push({ code: 'out-of-range', row, column: title, came });
      return v;
    };
    if (!spectral)
      return {
        name,
        spectrum: null,
        lab: {
          l: value(first(labAt), 'L', 0, 100),
          a: value(elementAt(labAt, 1), 'a', -128, 127),
          b: value(elementAt(labAt, 2), 'b', -128, 127),
        },
      };
    const values = bandAt.map((i, b) => value(i, String(READER_FIRST_NM + b * READER_STEP_NM), 0, 150));
    return { name, spectrum: values, lab: { l: 0, a: 0, b: 0 } };
  });
  if (isNonEmpty(issues)) return { ok: false, issues };
  // shares run to 1 and a little over; a file in which anything is larger is in per cent, its dark cloths too
  const perCent =
    titles.some((t) => t.includes('%')) || read.some((r) => r.spectrum && Math.max(...r.spectrum) > 1.5);
  return ok(
    read.map((r) => {
      if (!r.spectrum) return r;
      const spectrum = perCent ? r.spectrum.map((v) => v / 100) : r.spectrum;
      return { ...r, spectrum, lab: labUnder(spectrum, lightSource(DAYLIGHT)) };
    }),
  );
}

/**
 * How two measured cloths match by day and by lamp: ΔE00 under each source, each against its own white (a
 * metamerism index for a change of illuminant, CIE 015).
 */
export function partingOf(
  one: readonly number[],
  other: readonly number[],
  lampKelvin: number = WARMEST,
): { day: number; lamp: number } {
  const underLamp = (kelvin: number) => {
    const source = lightSource(kelvin);
    return deltaE00(labUnder(one, source), labUnder(other, source));
  };
  return { day: underLamp(DAYLIGHT), lamp: underLamp(lampKelvin) };
}
