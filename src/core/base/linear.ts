/**
 * Gauss with partial pivoting on an augmented matrix, row by row: as many unknowns as `size`, the right sides in
 * the last column. Undefined when no pivot is larger than `least`; the matrix is used up.
 */
export function solveLinear(m: Float64Array, size: number, least = 1e-14): Float64Array | undefined {
  const w = size + 1;
  for (let c = 0; c < size; c++) {
    let pivot = c;
    for (let r = c + 1; r < size; r++) if (Math.abs(m[r * w + c]!) > Math.abs(m[pivot * w + c]!)) pivot = r;
    if (Math.abs(m[pivot * w + c]!) < least) return undefined;
    if (pivot !== c)
      for (let k = c; k < w; k++) [m[c * w + k], m[pivot * w + k]] = [m[pivot * w + k]!, m[c * w + k]!];
    for (let r = c + 1; r < size; r++) {
      const factor = m[r * w + c]! / m[c * w + c]!;
      if (factor !== 0) for (let k = c; k < w; k++) m[r * w + k]! -= factor * m[c * w + k]!;
    }
  }
  const x = new Float64Array(size);
  for (let r = size - 1; r >= 0; r--) {
    let v = m[r * w + size]!;
    for (let k = r + 1; k < size; k++) v -= m[r * w + k]! * x[k]!;
    x[r] = v / m[r * w + r]!;
  }
  return x;
}
