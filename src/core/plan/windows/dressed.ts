import type { Mm } from '../../base/units';
import { OPENING } from '../../model/defaults';
import type { Dressing, Fitting, Look, Opening, RoomFile } from '../../model/types';
import type { Wall } from '../../room/walls';
import type { RuleBook } from '../../rules/book';
import { bentSpan, straightSpan } from '../../stages/windows/span';
import type { WindowTarget } from '../../stages/windows/windowPlan';

/** A shower's rod hangs above this unless a higher one is asked for. */
const SHOWER_HEAD: Mm = 1750;

/**
 * A dressing with what it dresses: its windows from the left, and those dressings whose window hangs under
 * its rod.
 */
export type Dressed = { dressing: Dressing; target: WindowTarget; under: Dressing[] };

type Context = {
  file: Pick<RoomFile, 'openings' | 'fittings'>;
  look: Pick<Look, 'dressings'>;
  walls: readonly Wall[];
};
/** A dressing with its window; `wall` is the wall's place in the room's order. */
type Found = { dressing: Dressing; opening: Opening; wall: number };

/** A tub as the opening that its curtain hangs in front of. */
export const tubOpening = (tub: Fitting): Opening => ({
  ...OPENING,
  id: tub.id,
  name: tub.name,
  kind: 'window',
  wallId: tub.wallId,
  xMm: tub.xMm,
  widthMm: tub.widthMm,
  sillMm: 0,
  heightMm: SHOWER_HEAD,
  trimMm: 0,
  dropsMm: null,
});

/** What the look's dressings dress: windows one by one, windows under one rod together, tubs. */
export function dressedOf(context: Context & { rules: RuleBook }): Dressed[] {
  const { look } = context;
  const order = new Map(look.dressings.map((d, i) => [d.id, i]));
  const orderOf = (d: Dressed): number => order.get(d.dressing.id) ?? 0;
  return [...dressedWindows(context), ...dressedTubs(context)].sort((a, b) => orderOf(a) - orderOf(b));
}

/** The dressed window that the rod of another could go on to. */
export function nextDressed(
  context: Context,
  source: Dressing,
): { dressing: Dressing; opening: Opening } | undefined {
  const found = dressedOpenings(context);
  const start = found.find((f) => f.dressing.id === source.id);
  return start && nextOf(found, start, context.walls.length);
}

function dressedWindows({ walls, rules, ...context }: Context & { rules: RuleBook }): Dressed[] {
  const found = dressedOpenings({ walls, ...context });
  const taken = new Set<string>();
  return [...headsOf(found, walls.length), ...found].flatMap((head): Dressed[] => {
    const chain = chainFrom(head, found, walls.length, taken);
    if (chain.length === 0) return [];
    const parts = chain.flatMap(({ opening, wall }) => {
      const onWall = walls[wall];
      return onWall ? [{ opening, wall: onWall }] : [];
    });
    const span =
      chain.length === 1 ? straightSpan(head.opening) : bentSpan(parts, rules.number('windows.return'));
    const name = chain.map((c) => c.opening.name).join(' + ');
    return [
      {
        dressing: head.dressing,
        target: { id: head.opening.id, name, wallId: head.opening.wallId, span, shower: false },
        under: chain.slice(1).map((c) => c.dressing),
      },
    ];
  });
}

const dressedTubs = ({ file, look }: Context): Dressed[] =>
  look.dressings.flatMap((dressing): Dressed[] => {
    const tub = file.fittings.find((f) => f.id === dressing.openingId && f.kind === 'tub');
    if (!tub) return [];
    const span = straightSpan(tubOpening(tub));
    const target = { id: tub.id, name: tub.name, wallId: tub.wallId, span, shower: true };
    return [{ dressing, target, under: [] }];
  });

const dressedOpenings = ({ file, look, walls }: Context): Found[] =>
  look.dressings.flatMap((dressing) => {
    const opening = file.openings.find((o) => o.id === dressing.openingId);
    const wall = opening ? walls.findIndex((w) => w.id === opening.wallId) : -1;
    return opening && wall >= 0 ? [{ dressing, opening, wall }] : [];
  });

/** Where rods begin: not at a window that another's rod goes on to. */
function headsOf(found: readonly Found[], walls: number): Found[] {
  const goneOnTo = new Set(
    found.flatMap((f) => (f.dressing.joinsNext ? (nextOf(found, f, walls)?.dressing.id ?? []) : [])),
  );
  return found.filter((f) => !goneOnTo.has(f.dressing.id));
}

/**
 * The windows under one rod, from its head on. A ring of rods round the whole room is cut where it was begun.
 */
function chainFrom(head: Found, found: readonly Found[], walls: number, taken: Set<string>): Found[] {
  const chain: Found[] = [];
  let link: Found | undefined = head;
  while (link && !taken.has(link.dressing.id)) {
    taken.add(link.dressing.id);
    chain.push(link);
    link = link.dressing.joinsNext ? nextOf(found, link, walls) : undefined;
  }
  return chain;
}

/**
 * The next window to the right: on the same wall, else the first on the wall that follows. Only rods on wall
 * or ceiling can go round.
 */
function nextOf(found: readonly Found[], current: Found, walls: number): Found | undefined {
  const { mount } = current.dressing;
  if (mount !== 'wall' && mount !== 'ceiling') return undefined;
  const alike = found.filter((f) => f.dressing.mount === mount);
  const leftmost = (candidates: readonly Found[]) =>
    [...candidates].sort((a, b) => a.opening.xMm - b.opening.xMm)[0];
  return (
    leftmost(alike.filter((f) => f.wall === current.wall && f.opening.xMm > current.opening.xMm)) ??
    leftmost(alike.filter((f) => f.wall === (current.wall + 1) % walls && f.wall !== current.wall))
  );
}
