import type { Change } from '../../model/change';
import { headOfLook } from '../../model/nouns';
import type { Dressing, Look } from '../../model/types';
import { isSameRod, rodBeforeWays, type Route } from '../../stages/windows/routes';
import type { RuleBook } from '../../rules/book';
import type { WindowPlan } from '../../stages/windows/windowPlan';

/** A dressed window, as it is planned. */
type At = { look: Look; dressing: Dressing; plan: WindowPlan; rules: RuleBook };

/**
 * What is changed to take a way to the length (mm): the way, the cloth in `patch`, and the rod where the way moves
 * it, the whole line's or this window's alone. The rod goes on from where it was before another way had moved it, so
 * that a way that is left takes its move back.
 */
export function takeRoute(at: At, { kind, stockMm, rodMm }: Route, patch: Partial<Dressing> = {}): Change[] {
  const { look, plan, rules } = at;
  const onLine = isOnLine(plan, at.dressing, rules);
  const { rodBefore, ...dressing } = at.dressing;
  const beforeMm = rodBeforeWays(plan.routes, plan.rodHeightMm);
  const movedBack = rodBefore && !isSameRod(beforeMm, plan.rodHeightMm);
  const typedMm = onLine ? look.rodLineMm : dressing.rodHeightMm;
  const before = { mm: beforeMm, typed: movedBack ? rodBefore.typed : typedMm !== null };
  const moves = kind === 'asItIs' && !isSameRod(rodMm, beforeMm);
  const left = before.typed ? before.mm : null;
  const stays = movedBack ? left : typedMm;
  const rod = moves ? rodMm : stays;
  const taken: Dressing = {
    ...dressing,
    ...patch,
    route: { kind, stockMm },
    ...(moves ? { rodBefore: before } : {}),
    ...(onLine ? {} : { rodHeightMm: rod }),
  };
  return [
    { do: 'putDressing', lookId: look.id, dressing: taken },
    ...(onLine && rod !== typedMm
      ? [{ do: 'putLook' as const, look: { ...headOfLook(look), rodLineMm: rod } }]
      : []),
  ];
}

/** Whether a window's rod is on the line that the room's windows share. */
export const isOnLine = (plan: WindowPlan, { mount }: Dressing, rules: RuleBook): boolean =>
  rules.school('windows.rodLine') === 'shared' &&
  plan.rodFrom !== 'own' &&
  plan.rodFrom !== 'mount' &&
  !plan.offLine &&
  !plan.shower &&
  mount === 'wall';
