/** A share in percent, finer where it is small; what is seen at all is never nothing. */
export function percentWords(share: number): string {
  if (share > 0 && share < 0.0005) return '<0.1%';
  return `${(share * 100).toFixed(share < 0.0995 ? 1 : 0)}%`;
}
