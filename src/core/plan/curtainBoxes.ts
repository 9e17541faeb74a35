import { boxesOverlap, overlapLength, type Box } from '../geometry/plane';
import type { Finding } from '../model/finding';
import type { RuleBook } from '../rules/book';
import type { HangingPlan } from '../stages/walls/planHanging';
import type { WindowPlan } from '../stages/windows/windowPlan';

/** What a curtain takes of a wall, and whose it is. */
export type CurtainBox = Box & { name: string; about: string };

/**
 * What of a wall a curtain and its rod take, from bracket to bracket and from the hem up to over the rod. Mm,
 * as the wall is seen.
 */
export const curtainBoxes = (windows: readonly WindowPlan[], wallId: string, rules: RuleBook): CurtainBox[] =>
  windows
    .filter((w) => w.mount === 'wall' || w.mount === 'ceiling')
    .flatMap((w) => {
      const bottomMm = Math.min(...w.panelPlans.map((p) => p.bottomMm));
      return w.rodOn
        .filter((r) => r.wallId === wallId)
        .map((r) => ({
          name: w.name,
          about: w.openingId,
          xMm: r.fromXMm,
          yMm: bottomMm,
          widthMm: r.toXMm - r.fromXMm,
          heightMm: w.rodHeightMm + rules.number('windows.rodClearance') - bottomMm,
        }));
    });

/** Pieces on a wall that a curtain beside them hangs over, open or drawn. */
export function judgeBehindCurtains(
  windows: readonly WindowPlan[],
  hangings: readonly HangingPlan[],
  rules: RuleBook,
): Finding[] {
  const boxes = new Map(
    [...new Set(hangings.map((h) => h.wallId))].map((id) => [id, curtainBoxes(windows, id, rules)]),
  );
  return hangings.flatMap((h) => {
    const box: Box = {
      xMm: h.xMm - h.widthMm / 2,
      yMm: h.bottomMm,
      widthMm: h.widthMm,
      heightMm: h.heightMm,
    };
    return boxes
      .get(h.wallId)!
      .filter((b) => boxesOverlap(box, b))
      .map((b): Finding => ({
        code: 'picture-by-curtain',
        level: 'caution',
        stage: 'walls',
        rule: 'windows.bracketExtension',
        about: [h.hangingId, ...(h.groupId ? [h.groupId] : [])],
        by: {
          piece: h.name,
          window: b.name,
          byMm: overlapLength(box.xMm, box.xMm + box.widthMm, b.xMm, b.xMm + b.widthMm),
        },
      }));
  });
}
