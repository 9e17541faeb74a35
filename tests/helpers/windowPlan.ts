/** One window planned by itself, on a wall where nothing is in its way. */
import { planWindow } from '../../src/core/stages/windows/planWindow';
import { straightSpan } from '../../src/core/stages/windows/span';
import type { WindowPlace } from '../../src/core/stages/windows/windowPlan';
import { dressing, inches, inchRules, item, opening } from './rooms';

const rules = inchRules();
export const place = ({
  ceilingMm = inches(108),
  ...more
}: Partial<WindowPlace> & { ceilingMm?: number } = {}): WindowPlace => ({
  ceilingOver: () => ceilingMm,
  overhead: () => ({ mm: ceilingMm, by: 'ceiling' }),
  rented: false,
  ways: [],
  vents: [],
  electric: [],
  roomMm: { leftMm: inches(40), rightMm: inches(40) },
  endsAt: { left: 'wall', right: 'wall' },
  toWallMm: { leftMm: inches(60), rightMm: inches(60) },
  things: [],
  lineMm: undefined,
  wheelchair: false,
  heaters: [],
  radiators: [],
  ...more,
});
export const plan = (
  o = opening(),
  d = dressing(),
  p = place(),
  cloth = item({ kind: 'panel', widthMm: inches(54), heightMm: inches(108), clothGsm: 190 }),
  r = rules,
) =>
  planWindow(
    { id: o.id, name: o.name, wallId: o.wallId, span: straightSpan(o), shower: false },
    d,
    { main: cloth, sheer: undefined },
    p,
    r,
  );
