import fc from 'fast-check';
import { MaxRectsPacker } from 'maxrects-packer';
import { expect, it } from 'vitest';
import type { CutPiece } from '../../src/core/packing/cut/cloth';
import { planCuts } from '../../src/core/packing/cut/planCuts';

/** Longer than any of the pieces together. */
const ENDLESS = 100_000;

/** The length that a general packer of rectangles takes (maxrects-packer, by J. Jylänki's "A thousand ways to pack the bin"). */
function generalLength(pieces: readonly CutPiece[], widthMm: number, mayTurn: boolean): number {
  const lengths = [true, false].map((square) => {
    const packer = new MaxRectsPacker(widthMm, ENDLESS, 0, {
      smart: false,
      pot: false,
      square,
      allowRotation: mayTurn,
    });
    for (const p of [...pieces].sort((a, b) => b.heightMm - a.heightMm))
      packer.add(p.widthMm, p.heightMm, p.id);
    return Math.max(...packer.bins.flatMap((bin) => bin.rects.map((r) => r.y + r.height)));
  });
  return Math.min(...lengths);
}

const anyPieces = fc
  .array(
    fc.record({
      widthMm: fc.integer({ min: 10, max: 60 }),
      heightMm: fc.integer({ min: 10, max: 60 }),
    }),
    { minLength: 1, maxLength: 14 },
  )
  .map((sizes) => sizes.map((size, i) => ({ ...size, id: `p${i}` })));

it.each([false, true])(
  'takes no more cloth than a general packer of the same pieces, turned: %s',
  (mayTurn) => {
    let shorter = 0;
    fc.assert(
      fc.property(anyPieces, fc.integer({ min: 60, max: 150 }), (sizes, widthMm) => {
        const pieces = sizes.map((p): CutPiece => ({ ...p, mayTurn, anchor: { kind: 'anywhere' } }));
        const plan = planCuts(pieces, { widthMm, lengthMm: null, flaws: [] });
        const general = generalLength(pieces, widthMm, mayTurn);
        expect(plan.unplaced).toEqual([]);
        expect(plan.lengthMm).toBeLessThanOrEqual(general + 1e-6);
        if (plan.lengthMm < general - 1e-6) shorter++;
      }),
      { numRuns: 60, seed: 9, endOnFailure: true },
    );
    expect(shorter).toBeGreaterThan(10);
  },
);
