import type { Mm } from '../../base/units';
import { overlapLength } from '../../geometry/plane';
import type { Finding } from '../../model/finding';
import type { Brief, Piece } from '../../model/types';
import { isBed } from '../../room/kinds';
import type { RuleBook } from '../../rules/book';
import type { SurfacePlan, SurfaceThing } from '../../stages/surfaces/planSurface';

type Given = { pieces: readonly Piece[]; surfaces: readonly SurfacePlan[]; brief: Brief; rules: RuleBook };
type Bag = { widthMm: Mm; depthMm: Mm };

/** What only touches is not in the way. */
const TOUCH: Mm = 0.5;

/** Where guests sleep, a top keeps room for a bag; told once, with the top that comes nearest to it. */
export function judgeGuestBag({ pieces, surfaces, brief, rules }: Given): Finding[] {
  if (brief.purpose !== 'guests' || !pieces.some(isBed)) return [];
  const bag = {
    widthMm: rules.number('surfaces.guestBagWidth'),
    depthMm: rules.number('surfaces.guestBagDepth'),
  };
  const tops = surfaces.filter(({ spot }) => spot.kind === 'top' && pieces.some((p) => p.id === spot.of));
  if (tops.some((top) => isRoomFor(bag, top))) return [];
  // what is taken off frees the top with the least on it
  const large = tops.filter((top) => isRoomFor(bag, { ...top, things: [] }));
  const [fullest] = [...large].sort((a, b) => a.filled - b.filled);
  return [
    {
      code: 'no-room-for-bag',
      level: 'caution',
      stage: 'surfaces',
      about: fullest ? [fullest.spot.of] : [],
      rule: 'surfaces.guestBagWidth',
      by: { on: fullest?.spot.name ?? 'none', ...bag },
    },
  ];
}

/** Whether a bag lies free on a surface, either way round: at an end of it, or beside something that is there. */
function isRoomFor(bag: Bag, { spot, things }: Pick<SurfacePlan, 'spot' | 'things'>): boolean {
  const direct = things.filter(({ thing }) => thing.carriers.length === 0);
  const lies = [bag, { widthMm: bag.depthMm, depthMm: bag.widthMm }];
  return lies.some(({ widthMm, depthMm }) => {
    const lefts = [0, ...direct.map((t) => t.toMm)].filter((mm) => mm + widthMm <= spot.widthMm + TOUCH);
    const backs = [0, ...direct.map((t) => t.outMm + t.depthMm)].filter(
      (mm) => mm + depthMm <= spot.depthMm + TOUCH,
    );
    const isFree = (leftMm: Mm, outMm: Mm) =>
      direct.every((t) => meet(t, { fromMm: leftMm, toMm: leftMm + widthMm, outMm, depthMm }) <= TOUCH);
    return lefts.some((leftMm) => backs.some((outMm) => isFree(leftMm, outMm)));
  });
}

type OnIt = Pick<SurfaceThing, 'fromMm' | 'toMm' | 'outMm' | 'depthMm'>;

const meet = (a: OnIt, b: OnIt): Mm =>
  Math.min(
    overlapLength(a.fromMm, a.toMm, b.fromMm, b.toMm),
    overlapLength(a.outMm, a.outMm + a.depthMm, b.outMm, b.outMm + b.depthMm),
  );
