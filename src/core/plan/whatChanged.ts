import type { Deg, Mm } from '../base/units';
import type { Look, RoomFile, Work } from '../model/types';
import { inLook } from '../room/arrange';
import { sameWork, worksToDo } from '../room/works';
import { numberOfPart } from '../room/spots/spot';
import type { PlacedThing } from '../room/placed';
import type { Plan } from './planLook';

/** Where a thing is in a look, for a person to read. */
export type WhereInLook =
  | { at: 'floor'; wallId: string }
  | { at: 'window'; name: string }
  | { at: 'wall'; wallId: string }
  | { at: 'spot'; kind: string; name: string; n: number; of: number };

export type ChangedThing = {
  name: string;
  count: number;
  act: 'in' | 'out' | 'moved' | 'turned' | 'worked';
  /** What is done to it; what is left as it was is undone. */
  work?: Pick<Work, 'act' | 'on' | 'of'> & { isUndone: boolean };
  from: WhereInLook | null;
  to: WhereInLook | null;
};

/** A thing in its place: what it is, where, and its measures there, by which two of them are told apart. */
type Put = {
  /** The item of the stash, or the piece of the room. */
  what: string;
  name: string;
  count: number;
  where: WhereInLook;
  /** What it is on, the same in any look however the rows are named. */
  host: string;
  place: readonly (Mm | string)[];
  turnDeg: Deg;
};

export type LookSide = { file: RoomFile; look: Look; plan: Plan };

/**
 * What is done to make one look of a room into another, thing by thing: in, out, moved, turned. What is carried along with
 * what it is on, on a tray or on a chair, has not moved.
 */
export function whatChanged(from: LookSide, to: LookSide): ChangedThing[] {
  const before = byWhat(putsOf(from));
  const after = byWhat(putsOf(to));
  const changes = [...new Set([...before.keys(), ...after.keys()])].flatMap((what) =>
    changesOf(before.get(what) ?? [], after.get(what) ?? []),
  );
  return together([...changes, ...worksBetween(from, to)]);
}

/** Works that one look has to do and the other has not. What was done is in the thing, and in every look. */
function worksBetween(from: LookSide, to: LookSide): ChangedThing[] {
  const before = new Set(worksToDo(from.look).map(sameWork));
  const after = new Set(worksToDo(to.look).map(sameWork));
  const named = ({ file }: LookSide, work: Work): string =>
    [...file.items, ...file.pieces, ...file.fittings].find(({ id }) => id === (work.itemId ?? work.of))
      ?.name ?? '';
  const line = (side: LookSide, work: Work, isUndone: boolean): ChangedThing => ({
    name: named(side, work),
    count: 1,
    act: 'worked',
    work: { act: work.act, on: work.on, of: work.of, isUndone },
    from: null,
    to: null,
  });
  return [
    ...worksToDo(to.look)
      .filter((work) => !before.has(sameWork(work)))
      .map((work) => line(to, work, false)),
    ...worksToDo(from.look)
      .filter((work) => !after.has(sameWork(work)))
      .map((work) => line(from, work, true)),
  ];
}

/** Several of a thing that go the same way are one line. */
function together(changes: readonly ChangedThing[]): ChangedThing[] {
  const lines = new Map<string, ChangedThing>();
  for (const change of changes) {
    const { count, ...rest } = change;
    const key = JSON.stringify(rest);
    lines.set(key, { ...change, count: count + (lines.get(key)?.count ?? 0) });
  }
  return [...lines.values()];
}

function byWhat(puts: readonly Put[]): Map<string, Put[]> {
  const groups = new Map<string, Put[]>();
  for (const put of puts) groups.set(put.what, [...(groups.get(put.what) ?? []), put]);
  return groups;
}

const NEAR: Mm = 3;
const isNear = (a: Mm | string, b: Mm | string): boolean =>
  typeof a === 'number' && typeof b === 'number' ? Math.abs(a - b) < NEAR : a === b;
const isSamePlace = (a: Put, b: Put): boolean =>
  a.host === b.host && a.count === b.count && a.place.every((value, i) => isNear(value, b.place[i] ?? NaN));
const isTurnedAlike = (a: Put, b: Put): boolean => Math.abs(((a.turnDeg - b.turnDeg + 540) % 360) - 180) < 1;

/** One thing of a look set beside the same of the other: those that stay are left out, the rest is paired in order. */
function changesOf(before: readonly Put[], after: readonly Put[]): ChangedThing[] {
  const [out, brought] = [[...before], [...after]];
  const pairs: [Put, Put][] = [];
  const pairUp = (fits: (a: Put, b: Put) => boolean, keep: boolean) => {
    for (const a of [...out]) {
      const b = brought.find((other) => fits(a, other));
      if (!b) continue;
      out.splice(out.indexOf(a), 1);
      brought.splice(brought.indexOf(b), 1);
      if (keep) pairs.push([a, b]);
    }
  };
  pairUp((a, b) => isSamePlace(a, b) && isTurnedAlike(a, b), false);
  pairUp(isSamePlace, true);
  pairUp((a, b) => a.host === b.host && a.count === b.count, true);
  pairUp((a, b) => a.count === b.count, true);
  return [
    ...pairs.map(([a, b]) => entry(isSamePlace(a, b) ? 'turned' : 'moved', b, a.where, b.where)),
    ...out.map((a) => entry('out', a, a.where, null)),
    ...brought.map((b) => entry('in', b, null, b.where)),
  ];
}

const entry = (
  act: ChangedThing['act'],
  { name, count }: Put,
  from: WhereInLook | null,
  to: WhereInLook | null,
): ChangedThing => ({ name, count, act, from, to });

function putsOf({ file, look, plan }: LookSide): Put[] {
  return [
    ...onTheFloor({ file, look, plan }),
    ...onSpots({ look, plan }),
    ...atWindows({ file, look }),
    ...onWalls({ file, look, plan }),
  ];
}

function onTheFloor({ file, look, plan }: LookSide): Put[] {
  const itemOf = new Map(look.brought.map((row) => [row.id, row.itemId]));
  return inLook(file, look).pieces.map((piece) => ({
    what: itemOf.get(piece.id) ?? piece.id,
    name: piece.name,
    count: 1,
    where: { at: 'floor', wallId: plan.places.get(piece.id)?.wallId ?? '' },
    host: 'floor',
    place: [piece.xMm, piece.yMm],
    turnDeg: piece.turnDeg,
  }));
}

/** The address of a spot, by what carries it and not by the names of rows, which differ between looks. */
function hostOf(thing: PlacedThing, look: Look, placed: ReadonlyMap<string, PlacedThing>): string {
  const { of, part } = thing.placement.spot;
  const carrier = placed.get(of);
  if (carrier) return `${hostOf(carrier, look, placed)} > ${carrier.placement.itemId}/${part}`;
  return `${look.brought.find((row) => row.id === of)?.itemId ?? of}/${part}`;
}

function onSpots({ look, plan }: Pick<LookSide, 'look' | 'plan'>): Put[] {
  const placed = new Map(plan.placed.map((thing) => [thing.placement.id, thing]));
  return plan.placed.map((thing) => {
    const { placement: p, spot, item } = thing;
    return {
      what: p.itemId,
      name: item.name,
      count: p.count,
      where: {
        at: 'spot',
        kind: spot.kind,
        name: spot.name,
        n: numberOfPart(spot.part) ?? 1,
        of: spot.partsOfKind,
      },
      host: hostOf(thing, look, placed),
      place: [p.xMm, p.outMm ?? 'middle', p.lie, p.face, p.row],
      turnDeg: p.turnDeg,
    };
  });
}

function atWindows({ file, look }: Pick<LookSide, 'file' | 'look'>): Put[] {
  const nameOf = new Map([...file.openings, ...file.fittings].map((o) => [o.id, o.name]));
  const itemName = new Map(file.items.map((item) => [item.id, item.name]));
  return look.dressings.flatMap((d) =>
    [
      { itemId: d.itemId, panels: d.panels },
      { itemId: d.sheer?.itemId ?? null, panels: d.sheer?.panels ?? null },
    ].flatMap(({ itemId, panels }): Put[] =>
      itemId === null
        ? []
        : [
            {
              what: itemId,
              name: itemName.get(itemId) ?? '',
              count: panels ?? 2,
              where: { at: 'window', name: nameOf.get(d.openingId) ?? '' },
              host: `window ${d.openingId}`,
              place: [],
              turnDeg: 0,
            },
          ],
    ),
  );
}

const onWalls = ({ file, look, plan }: LookSide): Put[] =>
  plan.hangings.flatMap((h): Put[] => {
    const item = file.items.find((i) => i.id === h.itemId);
    const print = look.hangings.find((own) => own.id === h.hangingId)?.print?.itemId ?? '';
    if (!item) return [];
    return [
      {
        what: h.itemId,
        name: h.name,
        count: 1,
        where: { at: 'wall', wallId: h.wallId },
        host: `wall ${h.wallId}`,
        place: [h.xMm, h.bottomMm, print],
        turnDeg: 0,
      },
    ];
  });
