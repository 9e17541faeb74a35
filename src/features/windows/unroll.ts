import type { Mm } from '../../core/base/units';
import type { Elevation } from '../../core/room/shape';

export type Unrolled = {
  elevation: Elevation;
  /** Where each wall begins on the unrolled sheet. */ offsets: ReadonlyMap<string, Mm>;
};

/** Walls that one rod goes round, laid out side by side in their order. */
export function unroll(elevations: readonly Elevation[], wallIds: readonly string[]): Unrolled {
  const offsets = new Map<string, Mm>();
  let startMm: Mm = 0;
  const parts = wallIds.flatMap((id) => {
    const e = elevations.find((x) => x.wallId === id);
    if (!e) return [];
    const offset = startMm;
    offsets.set(id, offset);
    startMm += e.lengthMm;
    return [{ e, offset }];
  });
  const elevation: Elevation = {
    wallId: wallIds.join('+'),
    lengthMm: startMm,
    ceilingMm: Math.max(...parts.map((p) => p.e.ceilingMm)),
    edge: parts.flatMap(({ e, offset }) => e.edge.map((p) => ({ ...p, xMm: p.xMm + offset }))),
    // walls first, so that what hangs over a corner lies on both
    shapes: parts
      .flatMap(({ e, offset }) =>
        e.shapes.map((s) => ({
          ...s,
          key: `${e.wallId}:${s.key}`,
          box: { ...s.box, xMm: s.box.xMm + offset },
        })),
      )
      .sort((a, b) => a.depthMm - b.depthMm),
  };
  return { elevation, offsets };
}
