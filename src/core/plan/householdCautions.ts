import type { Mm } from '../base/units';
import { apart, overlapLength } from '../geometry/plane';
import type { Finding } from '../model/finding';
import type { HomeFlags, Item } from '../model/types';
import { canTip, isGlazed } from '../room/kinds';
import { footprint } from '../room/place';
import { pointOnWall } from '../room/walls';
import type { RuleBook } from '../rules/book';
import type { HangingPlan } from '../stages/walls/planHanging';
import { wallById, type RoomContext } from './context';

/** Age of the youngest child of the household; Infinity where there is none. */
export const youngestOf = (flags: HomeFlags): number => Math.min(Infinity, ...flags.childrenAges);

/** Storage and screens that a small child could pull over. */
export function judgeTipping({ file, rules }: Pick<RoomContext, 'file' | 'rules'>): Finding[] {
  if (youngestOf(file.home.flags) > rules.number('safety.tipAge')) return [];
  const tall = file.pieces.filter((p) => canTip(p) && p.heightMm >= rules.number('safety.tipFrom'));
  const things = [...tall, ...file.fittings.filter((f) => f.kind === 'tv')];
  if (things.length === 0) return [];
  return [
    {
      code: 'can-tip',
      level: 'caution',
      stage: 'measure',
      about: things.map((t) => t.id),
      rule: 'safety.tipFrom',
      by: { names: things.map((t) => t.name) },
    },
  ];
}

/** Beds of small children that a window can be reached from. */
export function judgeBedsByWindows({ file, walls, rules }: Omit<RoomContext, 'places'>): Finding[] {
  const wantMm = rules.number('safety.bedFromWindow');
  const beds = file.pieces.filter((p) => p.kind === 'cot' || (file.room.childsRoom && p.kind === 'bed'));
  const windows = file.openings.filter(isGlazed);
  return beds.flatMap((bed) =>
    windows.flatMap((o): Finding[] => {
      const wall = wallById(walls, o.wallId);
      const glass = [pointOnWall(wall, o.xMm), pointOnWall(wall, o.xMm + o.widthMm)];
      const byMm: Mm = apart(footprint(bed), glass).mm;
      if (byMm >= wantMm) return [];
      return [
        {
          code: 'bed-by-window',
          level: 'caution',
          stage: 'measure',
          about: [bed.id, o.id],
          rule: 'safety.bedFromWindow',
          by: { bed: bed.name, window: o.name, byMm, wantMm },
        },
      ];
    }),
  );
}

/** Anything glazed or heavy on the wall over a cot. */
export function judgeOverCots(
  { file, places, rules }: Pick<RoomContext<'pieces'>, 'file' | 'places' | 'rules'>,
  hangings: readonly HangingPlan[],
  items: ReadonlyMap<string, Item>,
): Finding[] {
  const heavy = (item: Item | undefined) =>
    item !== undefined && (item.glazed || item.massG >= rules.number('walls.heavyFrom'));
  return hangings
    .filter((h) => heavy(items.get(h.itemId)))
    .flatMap((h): Finding[] => {
      const [left, right] = [h.xMm - h.widthMm / 2, h.xMm + h.widthMm / 2];
      const pieceBelow = file.pieces.find((p) => {
        const onWall = p.kind === 'cot' ? places.get(p.id) : undefined;
        return (
          onWall?.wallId === h.wallId &&
          overlapLength(onWall.xMm, onWall.xMm + onWall.widthMm, left, right) > 0
        );
      });
      if (!pieceBelow) return [];
      return [
        {
          code: 'glazed-over-cot',
          level: 'stop',
          stage: 'walls',
          about: [h.hangingId, pieceBelow.id],
          by: { piece: h.name, bed: pieceBelow.name },
        },
      ];
    });
}

/** How high a small child reaches, and the rule that says so; null from three years on. */
export function childReach(
  flags: HomeFlags,
  rules: RuleBook,
): { mm: Mm; rule: 'safety.reachUnderTwo' | 'safety.reachUnderThree' } | null {
  const youngest = youngestOf(flags);
  if (youngest >= 3) return null;
  const rule = youngest < 2 ? 'safety.reachUnderTwo' : 'safety.reachUnderThree';
  return { mm: rules.number(rule), rule };
}
