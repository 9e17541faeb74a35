import { elementAt, findOne } from '../base/list';
import type { Mm } from '../base/units';
import type { Box } from '../geometry/plane';
import type { Item, Look, Piece, RoomFile } from '../model/types';
import { overheadOf, underCrown, type OverheadPoint } from '../room/ceiling';
import { boxesOfFitting } from '../room/fittingTop';
import { isLamp } from '../room/kinds';
import { NEAR_WALL, placeOnWall, type OnWall } from '../room/place';
import { stairSteps } from '../room/stairs';
import type { Wall } from '../room/walls';
import type { RuleBook } from '../rules/book';
import { curtainBoxes } from './curtainBoxes';
import { overThingsAt } from '../room/overThing';
import type { Plan } from './planLook';

/** Slopes are met as steps of this width. */
const STEP: Mm = 80;
/** What is blocked above a ceiling reaches this far up. */
const FAR: Mm = 10_000;
/** What begins lower than this stands on the floor. */
const LOW: Mm = 150;

/** What is over a wall's sloping edge, in steps, `clearMm` below it. */
function overSlope(edge: readonly OverheadPoint[], clearMm: Mm): Box[] {
  return edge
    .slice(1)
    .flatMap((b, i) => {
      const a = elementAt(edge, i);
      const level = Math.abs(a.heightMm - b.heightMm) < 1;
      const steps = level ? 1 : Math.max(1, Math.ceil((b.xMm - a.xMm) / STEP));
      const heightAt = (k: number) => a.heightMm + ((b.heightMm - a.heightMm) * k) / steps;
      return Array.from({ length: steps }, (_, k): Box => ({
        xMm: a.xMm + ((b.xMm - a.xMm) * k) / steps,
        widthMm: (b.xMm - a.xMm) / steps,
        yMm: Math.min(heightAt(k), heightAt(k + 1)) - clearMm,
        heightMm: FAR,
      }));
    })
    .filter((b) => b.widthMm > 0);
}

/** Furniture that stands at a wall, and what a piece hangs over wherever that stands. */
export const standingAt = (
  wall: Wall,
  overPieceId: string | null,
  file: RoomFile,
  plan: Plan,
): { p: Piece; onWall: OnWall }[] =>
  file.pieces
    .filter((p) => p.kind !== 'rug' && p.kind !== 'plant' && !isLamp(p))
    .map((p) => ({ p, onWall: placeOnWall(p, plan.walls) }))
    .filter(
      ({ p, onWall }) => onWall.wallId === wall.id && (onWall.nearMm < NEAR_WALL || p.id === overPieceId),
    );

type Room = { file: RoomFile; plan: Plan; rules: RuleBook };

/**
 * What is in the way on a wall, as boxes with the room that is kept round them: openings and their curtains,
 * things on the wall, furniture, a slope, a stair, and what hangs there besides one's own.
 */
export function obstaclesOn(
  wall: Wall,
  { file, plan, rules }: Room,
  {
    overPieceId,
    clearMm,
    gapMm,
    own,
  }: {
    overPieceId: string | null;
    /** Under a ceiling or a slope. */ clearMm: Mm;
    /** To what hangs. */ gapMm: Mm;
    own: (hangingId: string) => boolean;
  },
): Box[] {
  const room = (b: Box, byMm: Mm): Box => ({
    xMm: b.xMm - byMm,
    yMm: b.yMm - byMm,
    widthMm: b.widthMm + 2 * byMm,
    heightMm: b.heightMm + 2 * byMm,
  });
  const keep = rules.number('walls.clearAbove') / 2;
  return [
    ...file.openings
      .filter((o) => o.wallId === wall.id)
      .map((o) =>
        room(
          {
            xMm: o.xMm - o.trimMm,
            yMm: o.sillMm,
            widthMm: o.widthMm + 2 * o.trimMm,
            heightMm: o.heightMm + o.trimMm,
          },
          keep,
        ),
      ),
    ...curtainBoxes(plan.windows, wall.id, rules),
    ...file.fittings
      .filter((f) => f.wallId === wall.id)
      .flatMap((f) =>
        f.kind === 'stairs'
          ? stairSteps(f)
          : boxesOfFitting(f).map((box) => room(box, f.id === overPieceId ? 0 : keep)),
      ),
    ...standingAt(wall, overPieceId, file, plan).map(({ p, onWall }): Box =>
      room(
        { xMm: onWall.xMm, yMm: p.bottomMm, widthMm: onWall.widthMm, heightMm: p.heightMm },
        p.id === overPieceId ? 0 : keep,
      ),
    ),
    ...overSlope(underCrown(file.room, overheadOf(file.room, wall, plan.walls)), clearMm),
    ...plan.hangings
      .filter((h) => h.wallId === wall.id && !own(h.hangingId))
      .map((h) =>
        room(
          { xMm: h.xMm - h.widthMm / 2, yMm: h.bottomMm, widthMm: h.widthMm, heightMm: h.heightMm },
          gapMm,
        ),
      ),
  ];
}

/**
 * Where a new piece is hung: by the rule, if nothing is in the way there, else in the middle of the widest
 * stretch that is free at the height of its centre.
 * Where that is over low furniture with nothing over it yet, it is hung over that. xMm null: where the rule
 * puts it.
 */
export function startOn(
  wallId: string,
  item: Pick<Item, 'widthMm' | 'heightMm'>,
  look: Look,
  { file, plan, rules }: Room,
): { xMm: Mm | null; overPieceId: string | null } {
  const wall = findOne(plan.walls, (w) => w.id === wallId);
  const centre = rules.number('walls.centre');
  const [low, high] = [centre - item.heightMm / 2, centre + item.heightMm / 2];
  // furniture that ends under the centre is hung over, not beside
  const taken = obstaclesOn(
    wall,
    { file, plan, rules },
    { overPieceId: null, clearMm: 0, gapMm: rules.number('walls.gap'), own: () => false },
  )
    .filter(
      (b) => b.yMm < high - 1 && b.yMm + b.heightMm > low + 1 && (b.yMm > LOW || b.yMm + b.heightMm > centre),
    )
    .map((b) => [Math.max(0, b.xMm), Math.min(wall.lengthMm, b.xMm + b.widthMm)] as const)
    .filter(([a, b]) => b > a)
    .sort((a, b) => a[0] - b[0]);
  const free: [Mm, Mm][] = [];
  let startMm = 0;
  for (const [fromMm, toMm] of [...taken, [wall.lengthMm, wall.lengthMm] as const]) {
    if (fromMm - startMm >= item.widthMm) free.push([startMm, fromMm]);
    startMm = Math.max(startMm, toMm);
  }
  const fits = (x: Mm) =>
    free.some(([a, b]) => x - item.widthMm / 2 >= a - 1 && x + item.widthMm / 2 <= b + 1);
  const usual = wall.lengthMm * rules.number('walls.across');
  const widest = [...free].sort((a, b) => b[1] - b[0] - (a[1] - a[0]))[0];
  const xMm = fits(usual) || !widest ? null : (widest[0] + widest[1]) / 2;
  const there = xMm ?? usual;
  const places = new Map(standingAt(wall, null, file, plan).map(({ p, onWall }) => [p.id, onWall]));
  const below = overThingsAt({ file, places }, wallId).find(
    (thing) =>
      thing.topMm < centre &&
      thing.xMm <= there &&
      thing.xMm + thing.widthMm >= there &&
      fits(thing.xMm + thing.widthMm * rules.number('walls.across')) &&
      ![...look.hangings, ...look.groups].some((h) => h.overPieceId === thing.id),
  );
  return below ? { xMm: null, overPieceId: below.id } : { xMm, overPieceId: null };
}
