import { newItem } from '../../src/core/model/defaults';
import type { RoomFile } from '../../src/core/model/types';
import { composeInLook } from '../../src/core/plan/seats/composeInLook';
import { times } from './times';

/**
 * Three seats dressed together from two hundred covers: until the first answer, and until the search has ended.
 */
export function timeComposer(
  file: RoomFile,
  lookId: string,
  rounds: number,
): { first: number[]; done: number[] } {
  const seats = file.pieces.filter((p) => p.seat !== null).slice(0, 3);
  const covers = Array.from({ length: 200 }, (_, i) => ({
    ...newItem({
      id: `bench-cover-${i}`,
      name: `Cover ${i}`,
      kind: 'cover',
      count: 2 + (i % 3),
      widthMm: 25.4 * (14 + (i % 7) * 2),
      heightMm: 25.4 * (i % 5 === 0 ? 12 : 14 + (i % 7) * 2),
      colours: [{ l: 20 + ((i * 37) % 70), a: ((i * 53) % 80) - 40, b: ((i * 29) % 80) - 40, share: 1 }],
      pattern: { kind: (['solid', 'stripe', 'check'] as const)[i % 3]!, repeatMm: [0, 30, 120][i % 3]! },
    }),
    elsewhere: 0,
    inShop: null,
  }));
  const first: number[] = [];
  const done = times(rounds, () => {
    const start = performance.now();
    const run = composeInLook({
      file,
      lookId,
      seatIds: seats.map((p) => p.id),
      school: null,
      covers,
      throws: [],
      wantedColours: [],
      wantedRoles: [],
      seed: 7,
    });
    let step = run.next();
    first.push(performance.now() - start);
    while (!step.done) step = run.next();
  });
  return { first, done };
}
