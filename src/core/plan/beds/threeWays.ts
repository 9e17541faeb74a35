import { PLACEMENT } from '../../model/defaults';
import { isOpen, type Finding, type FindingCode } from '../../model/finding';
import type { Item, Look, Placement, RoomFile } from '../../model/types';
import { inLook } from '../../room/arrange';
import { asBed } from '../../room/made';
import type { Shape } from '../../room/shape';
import { ruleBook } from '../../rules/book';
import { mostLoose } from '../../stages/beds/schools';
import type { BedPlan } from '../../stages/beds/bedPlan';
import { BED_WAYS, type BedWay, type MadeUp, type WaySlot } from '../../stages/beds/ways/ask';
import { makeUp } from '../../stages/beds/ways/makeUp';
import { planLook, type Plan } from '../planLook';
import { frontView } from '../scene/scene';
import { isReplaced } from './replaced';

/** A thing of the stash with how many of it other rooms use. */
export type BedCandidate = Item & { elsewhere: number };
export type WaysAsk = {
  file: RoomFile;
  lookId: string;
  bedId: string;
  stash: readonly BedCandidate[];
  now?: string | undefined;
};

/** A bed made up in one way, planned as it would be. */
export type PlannedWay = {
  way: BedWay;
  /** What is put on the bed, without ids. */
  put: Omit<Placement, 'id'>[];
  lacks: WaySlot[];
  bed: BedPlan;
  /** The bed from its foot, its left end at 0. */
  shapes: Shape[];
};

/** Findings that nothing offered may bring up: of sizes, of safety and the household, of what is owned. */
const BREAKS: ReadonlySet<FindingCode> = new Set([
  'bed-row-off',
  'bed-row-hidden',
  'bed-too-much',
  'cover-on-floor',
  'cover-short',
  'duvet-bare',
  'duvet-cover-off',
  'front-larger-than-back',
  'step-too-small',
  'insert-none-fits',
  'too-many-bold',
  'throw-drags',
  'throw-past-edge',
  'unwashable-with-children',
  'wool-in-wool-free',
  'cover-bought-short',
  'item-in-two-places',
]);
/** How often something that does not do is replaced before a way is given up. */
const TRIES = 24;

/** One bed made in three ways from what is owned; a way that brings up what nothing offered may is left out. */
export function threeWays(ask: WaysAsk): PlannedWay[] {
  const plan = planLook(ask.file, ask);
  return BED_WAYS.flatMap((way) => plannedWay(way, ask, plan) ?? []);
}

function plannedWay(way: BedWay, ask: WaysAsk, previous: Plan): PlannedWay | null {
  const look = lookOf(ask);
  const room = inLook(ask.file, look);
  const piece = room.pieces.find((p) => p.id === ask.bedId);
  const measured = piece && asBed(piece);
  const known = previous.beds.find((b) => b.pieceId === ask.bedId);
  if (!measured || !known || known.isCot) return null;
  const rules = ruleBook(ask.file.rules, ask.file.room.unit);
  const stays = staying(look, ask.bedId);
  const excluded = new Set<string>();
  const stash = ask.stash.map((item) => ({ ...item, free: freeOf(item, stays) }));
  for (let tries = 0; tries < TRIES; tries++) {
    const made = makeUp(
      way,
      { bed: known.bed, stash, season: look.season, mostLoose: mostLoose(rules).most, excluded },
      rules,
    );
    const put = placementsOf(made, ask.bedId);
    const plan = planLook(roomWith(put, ask, stays), { ...ask, previous });
    const wrong = wrongItems(plan, previous, put);
    const bed = plan.beds.find((b) => b.pieceId === ask.bedId);
    if (wrong.length === 0 && bed && put.length > 0)
      return { way, put, lacks: made.lacks, bed, shapes: frontView(measured, plan.placed) };
    if (wrong.length === 0) return null;
    for (const id of wrong) excluded.add(id);
  }
  return null;
}

const lookOf = ({ file, lookId }: WaysAsk): Look => {
  const look = file.looks.find((l) => l.id === lookId);
  if (!look) throw new Error(`no look ${lookId} in this room`);
  return look;
};

function staying(look: Look, bedId: string): (items: readonly Item[]) => Placement[] {
  return (items) => {
    const byId = new Map(items.map((i) => [i.id, i]));
    return look.placements.filter((p) => !isReplaced(p, bedId, byId.get(p.itemId)));
  };
}

const freeOf = (item: BedCandidate, stays: ReturnType<typeof staying>): number =>
  item.count - item.elsewhere - stays([item]).filter((p) => p.itemId === item.id).length;

const placementsOf = ({ put }: MadeUp, bedId: string): Omit<Placement, 'id'>[] =>
  put.map(({ item, xMm, row, lie }) => ({
    ...PLACEMENT,
    itemId: item.id,
    spot: { of: bedId, part: 'mattress' },
    xMm,
    row,
    lie,
  }));

const ID = (n: number): string => `way-${n}`;

function roomWith(
  put: readonly Omit<Placement, 'id'>[],
  ask: WaysAsk,
  stays: ReturnType<typeof staying>,
): RoomFile {
  const known = new Set(ask.file.items.map((i) => i.id));
  const used = new Set(put.map((p) => p.itemId));
  const items = ask.stash
    .filter((i) => used.has(i.id) && !known.has(i.id))
    .map(({ elsewhere: _elsewhere, ...item }) => item);
  const all = [...ask.file.items, ...items];
  const placements = [...stays(all), ...put.map((p, n) => ({ ...p, id: ID(n) }))];
  return {
    ...ask.file,
    items: all,
    looks: ask.file.looks.map((l) => (l.id === ask.lookId ? { ...l, placements } : l)),
  };
}

/** A finding by what it says, whatever placements it is about. */
const nameOf = ({ code, by }: Finding): string => JSON.stringify([code, by]);

/** Ids of the things of which a finding says, for the first time, that they do not do. */
function wrongItems(plan: Plan, previous: Plan, put: readonly Omit<Placement, 'id'>[]): string[] {
  const known = new Set(previous.findings.map(nameOf));
  const itemOf = new Map(put.map((p, n) => [ID(n), p.itemId]));
  const breaks = plan.findings.filter(
    (f) => isOpen(f) && !known.has(nameOf(f)) && (f.level === 'stop' || BREAKS.has(f.code)),
  );
  const named = breaks.flatMap((f) => f.about.flatMap((id) => itemOf.get(id) ?? []));
  if (breaks.length === 0 || named.length > 0) return named;
  // what is said of the whole bed goes away with what was chosen last
  return put.slice(-1).map((p) => p.itemId);
}
