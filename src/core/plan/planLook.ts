import type { Finding, StageName } from '../model/finding';
import type { Item, Look, Piece, RoomFile, Seat } from '../model/types';
import { patchesOf } from '../spread/patches';
import { planSpread, type SpreadPlan } from '../spread/planSpread';
import { fittingCautions } from '../safety/cautions';
import { ruleBook, type OwnRule, type RuleBook } from '../rules/book';
import type { Elevation } from '../room/shape';
import { planEcho, type EchoPlan, type Hung } from '../room/echo';
import { isBed, isFlanked } from '../room/kinds';
import { keepElevations } from '../room/shape';
import { wallsOf, type Wall } from '../room/walls';
import { planClear, type ClearPlan } from '../stages/clear/planClear';
import { planFloor, type FloorPlan } from '../stages/floor/planFloor';
import { insertNeeds } from '../stages/seats/insert';
import { planSeat, type SeatPlan } from '../stages/seats/planSeat';
import { judgeNeighbours } from '../stages/walls/neighbours';
import type { GroupPlan } from '../stages/walls/planGroup';
import type { HangingPlan } from '../stages/walls/planHanging';
import { planWindow } from '../stages/windows/planWindow';
import type { WindowPlan } from '../stages/windows/windowPlan';
import { rodBySchool, sharedRodLine } from '../stages/windows/rod';
import { judgeBehindCurtains } from './curtainBoxes';
import { fittingSheet, type FittingSheet } from './fittingSheet';
import { roomCautions } from './roomCautions';
import { placesOf, sceneOf } from './scene';
import { stageStates, type StageState } from './stageState';
import { planWalls, type PrintPlan, type Shelf, type Sight, type WallPlans } from './wallPlans';
import { dressedOf, headOf, windowPlaceOf } from './windowPlace';

export type Plan = {
  lookId: string;
  walls: Wall[];
  elevations: Elevation[];
  /** The rod line shared by the room's windows; null when each keeps its own or there are none. */
  rodLineMm: number | null;
  windows: WindowPlan[];
  hangings: HangingPlan[];
  groups: GroupPlan[];
  sights: Sight[];
  prints: PrintPlan[];
  shelves: Shelf[];
  seats: SeatPlan[];
  floor: FloorPlan;
  echo: EchoPlan;
  clear: ClearPlan;
  spread: SpreadPlan;
  sheet: FittingSheet;
  findings: Finding[];
  stages: Record<StageName, StageState>;
};

export type PlanOptions = {
  lookId: string;
  /** Rules to plan with instead of the file's own, to show what a change would do. */
  rules?: readonly OwnRule[];
  /** What was worked out before: a part of which nothing changed is taken over from it. */
  before?: { file: RoomFile; plan: Plan } | undefined;
  /** The moment it is, for waiting times; without it none is told to be over. */
  now?: string | undefined;
};

/**
 * A room dressed in one look, worked out: every height, length, count, share and finding. One pure function for
 * server, browser and tests. Throws when the look is not in the file.
 */
export function planLook(file: RoomFile, options: PlanOptions): Plan {
  const look = file.looks.find((l) => l.id === options.lookId);
  if (!look) throw new Error(`no look ${options.lookId} in this room`);
  const rules = ruleBook(options.rules ?? file.rules, file.room.unit);
  const walls = wallsOf(file.room);
  // what was let go is not there to be used
  const items = new Map(file.items.map((i) => [i.id, i.state === 'gone' ? { ...i, count: 0 } : i]));
  const places = placesOf(file, walls);

  const dressed = dressedOf(file, look, walls, rules);
  const dressedIds = new Set(look.dressings.map((d) => d.openingId));
  // the line is for rods on the wall; one in a reveal, on the ceiling or over a tub keeps its own place
  const lined = dressed.filter(({ dressing: d, target }) => d.mount === 'wall' && !target.shower);
  const heads = lined.map(({ target }) => headOf(target, file, walls, places));
  const line =
    rules.school('windows.rodLine') === 'shared' && lined.length > 0
      ? (look.rodLineMm ?? (lined.length > 1 ? sharedRodLine(heads, rules) : undefined))
      : undefined;
  const before = options.rules === undefined ? options.before : undefined;
  const windowsAgain = before && sameWindows(before, file, look) ? before.plan.windows : undefined;
  const windows =
    windowsAgain ??
    dressed.map(({ dressing: d, target }) =>
      planWindow(
        target,
        d,
        { main: items.get(d.itemId ?? ''), sheer: items.get(d.sheer?.itemId ?? '') },
        windowPlaceOf(target, file, walls, places, d.mount === 'wall' ? line : undefined, dressedIds, rules),
        rules,
      ),
    );
  if (!windowsAgain && line !== undefined && windows.some((w) => w.rodFrom === 'line')) judgeLine();

  const onWalls =
    before && sameWalls(before, file, look) ? (WALLED.get(before.plan.hangings) ?? wallsAnew()) : wallsAnew();
  const { hangings } = onWalls;
  const seats =
    before && sameSeats(before, file, look)
      ? before.plan.seats
      : file.pieces
          .filter((p): p is Piece & { seat: Seat } => p.seat !== null && !isBed(p))
          .map((p) => planSeat(p, look.placements, items, file.home.flags, rules));
  const scene = sceneOf(file, look, walls, { windows, hangings, seats }, places, rules);
  const elevations = before?.plan.lookId === look.id ? keepElevations(scene, before.plan.elevations) : scene;
  const rugs = file.pieces
    .filter((p) => p.kind === 'rug')
    .map((piece) => ({
      about: piece.id,
      name: piece.name,
      colours: piece.colours,
      pattern: piece.pattern,
      piece,
    }));
  const spread = planSpread(
    patchesOf(file.room, file.pieces, rugs, elevations, walls, rules),
    walls,
    look.plannedShares,
    rules,
  );
  // the floor is the same for all looks, and most changes leave it alone
  const floor = before && sameFloor(before.file, file) ? before.plan.floor : planFloor(file, walls, rules);
  const hung = (drawn: boolean): Hung[] =>
    windows.flatMap((w) => {
      const d = look.dressings.find((x) => x.id === w.dressingId)!;
      return [
        [w.panelPlans, d.drawn, w.layerGsm] as const,
        ...(w.sheer && d.sheer ? [[w.sheer.panelPlans, d.sheer.drawn, w.sheer.clothGsm] as const] : []),
      ].flatMap(([panels, state, clothGsm]) =>
        panels.map((p) => ({
          clothGsm,
          heightMm: Math.max(0, p.finishedLengthMm),
          widthMm: drawn || state === 'closed' ? p.toMm - p.fromMm : p.stackToMm - p.stackFromMm,
        })),
      );
    });
  const echo = planEcho(file, { now: hung(false), drawn: hung(true) }, rules, walls);
  const clear = planClear(file.clear, items, options.now);
  const cautions = fittingCautions(
    {
      rods: windows.map((w) => ({ name: w.name, heightMm: w.rodHeightMm, lengthMm: w.bracketToBracketMm })),
      nails: hangings.flatMap((h) => h.nails.map((n) => ({ name: h.name, heightMm: n.heightMm }))),
    },
    file.home.flags,
    rules,
  );
  const findings = [
    ...windows.flatMap((w) => w.findings),
    ...hangings.flatMap((h) => h.findings),
    ...onWalls.findings,
    ...judgeNeighbours(
      hangings,
      rules,
      file.fittings
        .filter(isFlanked)
        .map((f) => ({ name: f.name, wallId: f.wallId, xMm: f.xMm + f.widthMm / 2, widthMm: f.widthMm })),
    ),
    ...seats.flatMap((s) => s.findings),
    ...judgeCounts(look, items, seats),
    ...judgeSets(file, windows, look, items),
    ...judgeRods(windows, rules),
    ...judgeBehindCurtains(windows, hangings, rules),
    ...spread.findings,
    ...floor.findings,
    ...clear.findings,
    ...roomCautions(file, look, items, { walls, windows, hangings, places }, rules),
    ...cautions,
  ];
  const sheet = fittingSheet(
    look,
    items,
    { windows, hangings, seats, pieceWalls: new Map([...places].map(([id, on]) => [id, on.wallId])) },
    findings.filter(
      (f) => f.stage !== 'clear' && f.stage !== 'measure' && (f.level === 'caution' || f.level === 'stop'),
    ),
    rules,
  );
  return {
    lookId: look.id,
    walls,
    elevations,
    rodLineMm: line ?? null,
    windows,
    hangings,
    groups: onWalls.groups,
    sights: onWalls.sights,
    prints: onWalls.prints,
    shelves: onWalls.shelves,
    seats,
    floor,
    echo,
    clear,
    spread,
    sheet,
    findings,
    stages: stageStates(file, look, { windows, hangings, seats, sheet, findings }),
  };

  function wallsAnew(): WallPlans {
    const made = planWalls(file, look!, items, walls, places, rules);
    WALLED.set(made.hangings, made);
    return made;
  }
  function judgeLine(): void {
    const highest = Math.max(...heads.map((h) => rodBySchool(h, rules).rodMm));
    for (const w of windows) {
      if (w.rodFrom !== 'line') continue;
      if (look!.rodLineMm !== null && highest - line! > rules.number('windows.belowCeiling'))
        w.findings.push({
          code: 'rod-below-the-rule',
          level: 'caution',
          stage: 'windows',
          about: [w.openingId],
          rule: 'windows.heightSchool',
          by: { window: w.name, byMm: highest - line!, wishMm: highest },
        });
    }
  }
}

const sameFloor = (a: RoomFile, b: RoomFile): boolean =>
  a.room.walls === b.room.walls &&
  a.room.unit === b.room.unit &&
  a.openings === b.openings &&
  a.fittings === b.fittings &&
  a.pieces === b.pieces &&
  a.rules === b.rules &&
  a.home.flags === b.home.flags;

const sameSeats = ({ file: a, plan }: { file: RoomFile; plan: Plan }, b: RoomFile, look: Look): boolean =>
  plan.lookId === look.id &&
  a.room.unit === b.room.unit &&
  a.pieces === b.pieces &&
  a.items === b.items &&
  a.rules === b.rules &&
  a.home.flags === b.home.flags &&
  a.looks.find((l) => l.id === look.id)?.placements === look.placements;

/** The walls' whole plan by the list of what hangs that is part of a room's plan, for as long as that plan is kept. */
const WALLED = new WeakMap<readonly HangingPlan[], WallPlans>();

/** What a window and what hangs stand in: the room and all that is in it. */
const sameShell = (a: RoomFile, b: RoomFile): boolean =>
  a.room === b.room &&
  a.openings === b.openings &&
  a.fittings === b.fittings &&
  a.pieces === b.pieces &&
  a.items === b.items &&
  a.rules === b.rules &&
  a.home.flags === b.home.flags;
const sameWindows = ({ file: a, plan }: { file: RoomFile; plan: Plan }, b: RoomFile, look: Look): boolean => {
  const then = a.looks.find((l) => l.id === look.id);
  return (
    plan.lookId === look.id &&
    sameShell(a, b) &&
    then?.dressings === look.dressings &&
    then.rodLineMm === look.rodLineMm
  );
};
const sameWalls = ({ file: a, plan }: { file: RoomFile; plan: Plan }, b: RoomFile, look: Look): boolean => {
  const then = a.looks.find((l) => l.id === look.id);
  return (
    plan.lookId === look.id &&
    sameShell(a, b) &&
    then?.hangings === look.hangings &&
    then.groups === look.groups
  );
};

/** Curtain sets against all the windows that want them, and panels that hang here on loan from another room. */
function judgeSets(
  file: RoomFile,
  windows: readonly WindowPlan[],
  look: Look,
  items: ReadonlyMap<string, Item>,
): Finding[] {
  const wants = windows.flatMap((w) => {
    const d = look.dressings.find((x) => x.id === w.dressingId);
    return [
      { id: d?.itemId, panels: w.panels },
      { id: d?.sheer?.itemId, panels: w.sheer?.panels ?? 0 },
    ].flatMap(({ id, panels }) => {
      const item = items.get(id ?? '');
      return item?.kind === 'panel' ? [{ w, item, panels }] : [];
    });
  });
  return [...new Set(wants.map((x) => x.item))].flatMap((item): Finding[] => {
    const of = wants.filter((x) => x.item === item);
    const about = of.map((x) => x.w.openingId);
    const need = of.reduce((n, x) => n + x.panels, 0);
    return [
      ...(need > item.count
        ? [
            {
              code: 'set-short' as const,
              level: 'caution' as const,
              stage: 'windows' as const,
              about,
              by: { need, have: item.count, item: item.name },
            },
          ]
        : []),
      ...(item.roomId !== null && item.roomId !== file.room.id
        ? [
            {
              code: 'panels-borrowed' as const,
              level: 'yielded' as const,
              stage: 'windows' as const,
              about,
              by: { item: item.name, count: need, where: item.whereabouts },
            },
          ]
        : []),
    ];
  });
}

/** Rods that end so near to one another on a wall that their finials would touch. */
function judgeRods(windows: readonly WindowPlan[], rules: RuleBook): Finding[] {
  const room = 2 * rules.number('windows.rodClearance');
  const ends = windows
    .filter((w) => !w.shower && (w.mount === 'wall' || w.mount === 'ceiling'))
    .flatMap((w) => w.rodOn.map((r) => ({ w, ...r })));
  return ends.flatMap((a) =>
    ends.flatMap((b): Finding[] => {
      if (
        a.w === b.w ||
        a.wallId !== b.wallId ||
        a.fromXMm >= b.fromXMm ||
        Math.abs(a.w.rodHeightMm - b.w.rodHeightMm) > room
      )
        return [];
      const byMm = b.fromXMm - a.toXMm;
      return byMm < room - 0.5
        ? [
            {
              code: 'rods-meet',
              level: 'yielded',
              stage: 'windows',
              about: [a.w.openingId, b.w.openingId],
              rule: 'windows.rodClearance',
              by: {
                window: a.w.name,
                other: b.w.name,
                byMm: Math.max(0, byMm),
                over: byMm < -0.5 ? 'yes' : byMm < 0.5 ? 'meet' : 'no',
              },
            },
          ]
        : [];
    }),
  );
}

/** Things used more often than there are of them, and inserts that have to be bought. */
function judgeCounts(look: Look, items: ReadonlyMap<string, Item>, seats: readonly SeatPlan[]): Finding[] {
  const findings: Finding[] = [];
  const pillows = seats.flatMap((s) => s.pillows.map((p) => ({ ...p, pieceId: s.pieceId })));
  for (const itemId of new Set(look.placements.map((p) => p.itemId))) {
    const item = items.get(itemId);
    const uses = look.placements.filter((p) => p.itemId === itemId);
    if (item && uses.length > item.count)
      findings.push({
        code: item.kind === 'cover' ? 'cover-bought-short' : 'item-in-two-places',
        level: 'caution',
        stage: 'seats',
        about: uses.map((u) => u.id),
        by: { item: item.name, need: uses.length, have: item.count },
      });
  }
  for (const itemId of new Set(look.hangings.map((h) => h.itemId))) {
    const item = items.get(itemId);
    const uses = look.hangings.filter((h) => h.itemId === itemId);
    if (item && uses.length > item.count)
      findings.push({
        code: 'item-in-two-places',
        level: 'caution',
        stage: 'walls',
        about: uses.map((u) => u.id),
        by: { item: item.name, need: uses.length, have: item.count },
      });
  }
  for (const n of insertNeeds(
    pillows.flatMap((p) => (p.insert.insert ? [{ ...p.insert.insert, fill: p.fill }] : [])),
    [...items.values()],
  )) {
    if (n.buy > 0)
      findings.push({
        code: 'inserts-to-buy',
        level: 'caution',
        stage: 'seats',
        about: pillows.map((p) => p.placementId),
        by: {
          widthMm: n.widthMm,
          heightMm: n.heightMm,
          fill: n.fill,
          need: n.need,
          have: n.have,
          buy: n.buy,
        },
      });
  }
  return findings;
}
