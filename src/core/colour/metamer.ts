/**
 * Spectra that look the same by one light: for a reader that stands in for a real one, and to check that
 * pairs that part are found.
 */
import { lightSource, DAYLIGHT } from './light';
import { OBSERVER_X, OBSERVER_Y, OBSERVER_Z } from './spectra';

const BANDS = 31;
/** Bands of the observer's table before 400 nm. */
const SKIP = 2;

/**
 * What the eye's three curves weigh by daylight over 400 to 700 nm, made square to one another (Gram and
 * Schmidt).
 */
function eye(): number[][] {
  const { power } = lightSource(DAYLIGHT);
  const basis: number[][] = [];
  for (const curve of [OBSERVER_X, OBSERVER_Y, OBSERVER_Z]) {
    let v = Array.from({ length: BANDS }, (_, i) => curve[i + SKIP]! * power[i + SKIP]!);
    // the ends stand for what lies beyond them, as they do when a measured spectrum is summed
    curve.forEach((c, i) => {
      const index = i - SKIP;
      if (index < 0) v[0]! += c * power[i]!;
      else if (index >= BANDS) v[BANDS - 1]! += c * power[i]!;
    });
    for (const b of basis) {
      const projection = v.reduce((s, x, i) => s + x * b[i]!, 0);
      v = v.map((x, i) => x - projection * b[i]!);
    }
    const size = Math.hypot(...v);
    basis.push(v.map((x) => x / size));
  }
  return basis;
}

/**
 * A spectrum that looks like the given one by daylight and not by a lamp: a metameric black is added, which
 * the eye sees by daylight as nothing (Wyszecki 1953; Cohen and Kappauf, Am. J. Psychol. 95, 1982). amount is
 * how much of it, as far as 0 to 1 allows.
 */
export function metamerOf(spectrum: readonly number[], amount: number): number[] {
  // three waves across the spectrum, less all that the eye would see of them
  let black = Array.from({ length: BANDS }, (_, i) => Math.cos((i / (BANDS - 1)) * 3 * Math.PI));
  for (const b of eye()) {
    const projection = black.reduce((s, x, i) => s + x * b[i]!, 0);
    black = black.map((x, i) => x - projection * b[i]!);
  }
  const room = Math.min(
    ...spectrum.map((r, i) => {
      if (black[i]! > 0) return (1 - r) / black[i]!;
      return black[i]! < 0 ? r / -black[i]! : Infinity;
    }),
  );
  const amountOf = Math.min(amount, Math.max(0, room));
  return spectrum.map((r, i) => r + amountOf * black[i]!);
}
