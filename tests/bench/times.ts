/** How long each of some rounds takes, ms. */
export const times = (rounds: number, work: (i: number) => unknown): number[] =>
  Array.from({ length: rounds }, (_, i) => {
    const start = performance.now();
    work(i);
    return performance.now() - start;
  });
