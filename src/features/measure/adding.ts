import { nanoid } from 'nanoid';
import type { Mm } from '../../core/base/units';
import { applyChange, type Change } from '../../core/model/change';
import type { RoomFile } from '../../core/model/types';
import { guessesFor } from '../../core/stages/measure/readings';
import type { Scale } from '../../ui/drawing/scale';
import { PLAN, planScale } from '../shell/drawing/PlanShapes';
import { staysSound } from '../shell/useCommit';
import { madeAt, makeThing } from './library/makeThing';

type Added = { says: 'noRoom' | 'notThere' | null; changes: Change[] | null; onPlan: boolean; id: string };

/**
 * The changes that add a thing of a kind: where it was dropped, or where there is room for it. All its
 * readings are guesses until they are measured.
 */
export function addThing(
  kind: string,
  kindName: string,
  { file, wallId, place }: { file: RoomFile; wallId: string; place: { xMm: Mm; yMm: Mm } | undefined },
): Added {
  const id = nanoid(8);
  const made = makeThing(kind, { id, name: newName(kindName, kind, file), wallId }, file);
  if (!made) return { says: 'noRoom', changes: null, onPlan: false, id };
  const there = place && madeAt(made, place, file.room.unit);
  const fits = there !== undefined && staysSound(file, there);
  const put = fits ? there : made;
  return {
    says: place && !fits ? 'notThere' : null,
    changes: [put, { do: 'markReadings', readings: guessesFor(applyChange(file, put), id) }],
    onPlan: put.do === 'putPiece',
    id,
  };
}

/** A name that tells a new thing from those of its kind that are there. */
function newName(kindName: string, kind: string, file: RoomFile): string {
  const n = [...file.openings, ...file.fittings, ...file.pieces].filter((x) => x.kind === kind).length;
  return n === 0 ? kindName : `${kindName} ${n + 1}`;
}

/**
 * Where something was dropped on the drawing: along and up the wall, or on the plan; undefined outside it.
 */
export function whereDropped(
  box: Element | null,
  drawing: 'plan' | Scale | null,
  file: RoomFile,
  clientX: number,
  clientY: number,
): { xMm: Mm; yMm: Mm } | undefined {
  const svg = box?.querySelector('svg');
  const scale = drawing === 'plan' ? planScale(file, PLAN.width, PLAN.height, PLAN.margin) : drawing;
  if (!svg || !scale) return undefined;
  const r = svg.getBoundingClientRect();
  if (clientX < r.left || clientX > r.right || clientY < r.top || clientY > r.bottom) return undefined;
  const unitsPerPx = svg.viewBox.baseVal.width / r.width;
  // the plan's y runs to the south, as the room's does
  const start =
    drawing === 'plan'
      ? {
          xMm: Math.min(...file.room.walls.map((w) => w.xMm)),
          yMm: Math.min(...file.room.walls.map((w) => w.yMm)),
        }
      : { xMm: 0, yMm: 0 };
  return {
    xMm: start.xMm + scale.toMm((clientX - r.left) * unitsPerPx - scale.x(start.xMm)),
    yMm: start.yMm + scale.toMm((clientY - r.top) * unitsPerPx - scale.y(start.yMm)),
  };
}
