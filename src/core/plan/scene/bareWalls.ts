import type { Item, Look } from '../../model/types';
import { overheadOf } from '../../room/ceiling';
import type { Elevation, Shape } from '../../room/shape';
import type { Wall } from '../../room/walls';
import type { HangingPlan } from '../../stages/walls/planHanging';
import type { WindowPlan } from '../../stages/windows/windowPlan';
import type { RoomContext } from '../context';
import { curtainShapes } from './curtains';
import { openingShapes } from './openings';
import { box, shape } from './shapes';
import { shellShapes } from './shell';

type Context = Pick<RoomContext<'room' | 'openings'>, 'file' | 'walls' | 'rules'> & {
  look: Pick<Look, 'dressings' | 'hangings'>;
  items: ReadonlyMap<string, Item>;
  windows: readonly WindowPlan[];
  hangings: readonly HangingPlan[];
};

/** A wall without furniture and what is placed: its edge, its shell, and what is in it or hangs on it. */
export type BareWall = { edge: Elevation['edge']; shell: readonly Shape[]; shapes: readonly Shape[] };

/** The walls in their order, as they stay for as long as only things are moved. */
export const bareWallsOf = (context: Context): BareWall[] =>
  context.walls.map((wall) => bareWall(context, wall));

function bareWall(context: Context, wall: Wall): BareWall {
  const { file, look, items, rules, walls, windows, hangings } = context;
  const here = (x: { wallId: string }) => x.wallId === wall.id;
  return {
    edge: overheadOf(file.room, wall, walls),
    shell: shellShapes(file, wall, walls),
    shapes: [
      ...file.openings.filter(here).flatMap((o) => openingShapes(o, file.room.trimFinish.colours, rules)),
      ...hangings.filter(here).flatMap((h) => hangingShapes(context, h)),
      ...windows.flatMap((window) => {
        const dressing = look.dressings.find((d) => d.id === window.dressingId);
        return dressing ? curtainShapes(window, dressing, wall, items) : [];
      }),
    ],
  };
}

/** What hangs on the wall. A print shows its own colours in whatever frame it is. */
function hangingShapes({ look, items }: Context, h: HangingPlan): Shape[] {
  const item = items.get(h.itemId);
  if (!item) return [];
  const print = look.hangings.find((x) => x.id === h.hangingId)?.print;
  const shown = items.get(print?.itemId ?? '') ?? item;
  return [
    shape(
      { about: h.hangingId, name: h.name },
      'picture',
      box(h.xMm - h.widthMm / 2, h.bottomMm, h.widthMm, h.heightMm),
      20,
      {
        colours: shown.colours,
        pattern: shown.pattern,
        ...(item.wish ? { wish: true } : {}),
        ...(item.kind === 'mirror' ? { heading: 'mirror' } : {}),
      },
    ),
  ];
}
