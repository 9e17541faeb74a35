/**
 * How a room sounds: Sabine's reverberation time, RT60 = 0.161 V ÷ A. Volume m³, areas m², times s, at 500 Hz
 * and 1 kHz.
 */
import { elementAt } from '../base/list';
import { polygonArea } from '../geometry/plane';
import type { RoomFile } from '../model/types';
import type { RuleBook } from '../rules/book';
import type { RuleId } from '../rules/table';
import { areaUnder, overheadOf } from './ceiling';
import { isGlazed } from './kinds';
import { wallsOf, type Wall } from './walls';

export type Band = 'hz500' | 'hz1000';
export type Surface = { rule: RuleId; areaM2: number };
export type Hung = { clothGsm: number; widthMm: number; heightMm: number };
export type EchoPlan = {
  volumeM3: number;
  bareS: Record<Band, number>;
  nowS: Record<Band, number>;
  drawnS: Record<Band, number>;
  surfaces: Surface[];
  quieter: number;
};

/**
 * RT60 of a volume whose surfaces absorb as listed. Source: W. C. Sabine, Collected Papers on Acoustics;
 * metric constant 0.161 s/m.
 */
export function reverberation(
  volumeM3: number,
  surfaces: readonly { areaM2: number; coefficient: number }[],
): number {
  const absorbed = surfaces.reduce((a, s) => a + s.areaM2 * s.coefficient, 0);
  return absorbed > 0 ? (0.161 * volumeM3) / absorbed : Infinity;
}

const M2 = 1e-6;

/** The rule of a curtain's cloth by its weight. */
export const drapeRule = (clothGsm: number, rules: RuleBook): RuleId => {
  if (clothGsm < rules.number('windows.lightBelowGsm')) return 'echo.drapeLight';
  return clothGsm < rules.number('windows.mediumBelowGsm') ? 'echo.drapeMedium' : 'echo.drapeHeavy';
};

/**
 * The room without curtains, as it now hangs, and with all of them drawn. Furniture that is clothed counts by
 * what it shows;
 * people and small things are left out. A curtain adds to what hangs behind it, as the tables have it.
 */
export function planEcho(
  file: Pick<RoomFile, 'room' | 'openings' | 'pieces'>,
  curtains: { now: readonly Hung[]; drawn: readonly Hung[] },
  rules: RuleBook,
  walls: readonly Wall[] = wallsOf(file.room),
): EchoPlan {
  const floorM2 = Math.abs(polygonArea(file.room.walls)) * M2;
  const wallM2 = walls.reduce((a, w) => a + areaUnder(overheadOf(file.room, w, walls)) * M2, 0);
  const perimeterM = walls.reduce((a, w) => a + w.lengthMm, 0) / 1000;
  // slopes take from the mean height: what the walls under them show of it
  const meanHeightM = perimeterM > 0 ? wallM2 / perimeterM : file.room.ceilingMm / 1000;
  const area = (o: { widthMm: number; heightMm: number }) => o.widthMm * o.heightMm * M2;
  const glassM2 = file.openings.filter(isGlazed).reduce((a, o) => a + area(o), 0);
  const archM2 = file.openings.filter((o) => o.kind === 'arch').reduce((a, o) => a + area(o), 0);
  const doorM2 = file.openings.filter((o) => o.kind === 'door').reduce((a, o) => a + area(o), 0);
  const rugM2 = Math.min(
    floorM2,
    file.pieces.filter((p) => p.kind === 'rug').reduce((a, p) => a + p.widthMm * p.depthMm * M2, 0),
  );
  const softM2 = file.pieces
    .filter((p) => p.seat !== null || p.bed !== null)
    .reduce(
      (a, p) =>
        a +
        p.widthMm * p.depthMm * M2 +
        (p.bed ? 0 : p.widthMm * Math.max(0, p.heightMm - (p.seat?.heightMm ?? 0)) * M2),
      0,
    );
  const surfaces: Surface[] = [
    { rule: `echo.${file.room.wallsOf}` as RuleId, areaM2: Math.max(0, wallM2 - glassM2 - archM2 - doorM2) },
    { rule: 'echo.plasterboard', areaM2: floorM2 },
    { rule: `echo.${file.room.floorOf}` as RuleId, areaM2: floorM2 - rugM2 },
    { rule: 'echo.rug', areaM2: rugM2 },
    { rule: 'echo.glass', areaM2: glassM2 },
    { rule: 'echo.wood', areaM2: doorM2 },
    { rule: 'echo.opening', areaM2: archM2 },
    { rule: 'echo.upholstery', areaM2: softM2 },
  ].filter((s) => s.areaM2 > 0) as Surface[];
  const volumeM3 = floorM2 * meanHeightM;
  const band = (i: 0 | 1, hung: readonly Hung[]) =>
    reverberation(volumeM3, [
      ...surfaces.map((s) => ({ areaM2: s.areaM2, coefficient: elementAt(rules.list(s.rule), i) })),
      ...hung.map((h) => ({
        areaM2: area(h),
        coefficient: elementAt(rules.list(drapeRule(h.clothGsm, rules)), i),
      })),
    ]);
  const times = (hung: readonly Hung[]) => ({ hz500: band(0, hung), hz1000: band(1, hung) });
  const [bareS, nowS, drawnS] = [times([]), times(curtains.now), times(curtains.drawn)];
  return {
    volumeM3,
    bareS,
    nowS,
    drawnS,
    surfaces,
    quieter: bareS.hz500 > 0 ? 1 - nowS.hz500 / bareS.hz500 : 0,
  };
}
