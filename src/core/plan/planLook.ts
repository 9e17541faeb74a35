import { STAGE_NAMES, type Finding, type StageName } from '../model/finding';
import type { Fitting, Item, Piece, RoomFile } from '../model/types';
import type { OwnRule } from '../rules/book';
import { arrangePieces, homeOnTheDay } from '../room/arrange';
import { fittingsAfter, itemsAfter, piecesAfter, SHELL, shellAfter, type Shell } from '../room/works';
import { keptFields, keptFrom, Keeper, keptRows, type Memories } from './keep';
import { FACTS, type Parts } from './parts';
import type { StageOutcome, StageState } from './stageOutcome';
import { STAGES } from './stages';
import type { PrintPlan } from './walls/framedPrints';
import type { Sight } from './walls/sights';
import type { Shelf } from './walls/wallShelves';

export type Plan = Pick<
  Parts,
  | 'walls'
  | 'places'
  | 'spots'
  | 'placed'
  | 'elevations'
  | 'windows'
  | 'hangings'
  | 'groups'
  | 'seats'
  | 'beds'
  | 'nights'
  | 'surfaces'
  | 'works'
  | 'floor'
  | 'echo'
  | 'clear'
  | 'spread'
  | 'sheet'
> & {
  lookId: string;
  /** The rod line shared by the room's windows; null when each keeps its own or there are none. */
  rodLineMm: number | null;
  sights: Sight[];
  prints: PrintPlan[];
  shelves: Shelf[];
  findings: Finding[];
  stages: Record<StageName, StageState>;
  /** What each part was worked out from: the next plan reuses those of which nothing changed. */
  memories: Memories;
};

export type PlanOptions = {
  lookId: string;
  /** Rules to plan with instead of the file's own, to show what a change would do. */
  rules?: readonly OwnRule[];
  /** Any earlier plan, of this room or another: parts that read the same objects are reused. */
  previous?: Pick<Plan, 'memories'> | undefined;
  /** The current time, for waiting times; without it, no wait is over. */
  now?: string | undefined;
};

/**
 * A room dressed in one look, worked out: every height, length, count, share and finding. One pure function
 * for server, browser and tests. Throws when the look is not in the file.
 */
export function planLook(file: RoomFile, options: PlanOptions): Plan {
  const look = file.looks.find((l) => l.id === options.lookId);
  if (!look) throw new Error(`no look ${options.lookId} in this room`);
  const given = {
    ownRules: options.rules ?? file.rules,
    now: options.now,
    measured: file.pieces,
    fittingsBefore: file.fittings,
    itemsBefore: file.items,
  };
  const keeper = new Keeper<Parts>({ file, look }, given, options.previous?.memories);
  keeper.replaceInRoom('shell', WORKED_SHELL);
  keeper.replace('fittings', WORKED_FITTINGS);
  keeper.replace('items', WORKED_ITEMS);
  keeper.replace('pieces', ARRANGED);
  keeper.replace('home', ON_THE_DAY);
  for (const fact of FACTS) keeper.run(fact);
  const outcomes: StageOutcome[] = [];
  const states = new Map<StageName, StageState>();
  for (const { name, parts, judge } of STAGES) {
    keeper.setList('outcomes', [...outcomes]);
    for (const part of parts) keeper.run(part);
    const outcome = keeper.keep(`${name} stage`, judge);
    outcomes.push(outcome);
    states.set(name, outcome.state);
  }
  const { rodLine, sights, prints, shelves, ...parts } = keeper.parts;
  return {
    lookId: look.id,
    walls: parts.walls,
    places: parts.places,
    spots: parts.spots,
    placed: parts.placed,
    elevations: parts.elevations,
    rodLineMm: rodLine.lineMm,
    windows: parts.windows,
    hangings: parts.hangings,
    groups: parts.groups,
    sights: sights.sights,
    prints: prints.prints,
    shelves: shelves.shelves,
    seats: parts.seats,
    beds: parts.beds,
    nights: parts.nights,
    surfaces: parts.surfaces,
    works: parts.works,
    floor: parts.floor,
    echo: parts.echo,
    clear: parts.clear,
    spread: parts.spread,
    sheet: parts.sheet,
    findings: outcomes.flatMap((o) => o.findings),
    stages: inRailOrder(states),
    memories: keeper.memories,
  };
}

/**
 * The room, its things and its furniture as the look works on them and arranges them, and who is at home on its days:
 * every part reads these.
 */
const WORKED_SHELL = keptFrom(
  { room: SHELL, look: ['works'] },
  ({ file, look }, previous: Shell | undefined) => keptFields(shellAfter(file.room, look), previous),
);
const WORKED_FITTINGS = keptFrom(
  { file: ['fittings'], look: ['works'] },
  ({ file, look }, previous: Fitting[] | undefined) => keptRows(fittingsAfter(file.fittings, look), previous),
);
const WORKED_ITEMS = keptFrom(
  { file: ['items'], look: ['works'] },
  ({ file, look }, previous: Item[] | undefined) => keptRows(itemsAfter(file.items, look), previous),
);
const ARRANGED = keptFrom(
  { file: ['pieces', 'items'], look: ['moved', 'brought', 'works', 'cushionsOut'] },
  ({ file, look }, previous: Piece[] | undefined) =>
    arrangePieces({ pieces: piecesAfter(file.pieces, look), items: file.items, look }, previous),
);
const ON_THE_DAY = keptFrom({ file: ['home'], look: ['brief'] }, ({ file, look }) =>
  homeOnTheDay(file.home, look),
);

const inRailOrder = (states: ReadonlyMap<StageName, StageState>): Record<StageName, StageState> =>
  Object.fromEntries(STAGE_NAMES.map((name) => [name, states.get(name)])) as Record<StageName, StageState>;
