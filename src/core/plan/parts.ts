import { sameOr } from '../base/list';
import type { Finding } from '../model/finding';
import type { Fitting, Item, Opening, Piece, Placement } from '../model/types';
import { isWay } from '../room/kinds';
import { placeOnWall, type OnWall } from '../room/place';
import { placeThings, type PlacedThing, type Placing } from '../room/placed';
import type { EchoPlan } from '../room/echo';
import type { Solid } from '../room/reflect';
import type { Elevation } from '../room/shape';
import { solidsOnTops, solidThings, type SolidThings } from '../room/solids';
import { floorSpots } from '../room/spots/floorSpots';
import { spotsOfRoom } from '../room/spots/roomSpots';
import { keepSpots, type Spot } from '../room/spots/spot';
import { wallsOf, type Wall } from '../room/walls';
import { ruleBook, type OwnRule, type RuleBook } from '../rules/book';
import type { OnWalls, Patch } from '../spread/patches';
import type { SpreadFamilies, SpreadPlan } from '../spread/planSpread';
import type { BedPlan } from '../stages/beds/bedPlan';
import type { ClearPlan } from '../stages/clear/planClear';
import type { FloorPlan } from '../stages/floor/planFloor';
import type { Floor } from '../stages/floor/walkways/cutFloor';
import type { SeatPlan } from '../stages/seats/planSeat';
import type { SurfacePlan } from '../stages/surfaces/planSurface';
import type { GroupPlan } from '../stages/walls/planGroup';
import type { HangingPlan } from '../stages/walls/planHanging';
import type { WorkPlan } from '../stages/works/planWork';
import type { WindowPlan } from '../stages/windows/windowPlan';
import { isForTextiles } from '../textiles/textilesOn';
import type { FittingSheet } from './fittingSheet';
import type { FittingStep } from './fittingStep';
import type { Burning } from './candles';
import { partOf, type Part } from './keep';
import type { BareWall } from './scene/bareWalls';
import type { Scene } from './scene/scene';
import type { StageOutcome } from './stageOutcome';
import type { PrintsPlan } from './walls/framedPrints';
import type { SightsPlan } from './walls/sights';
import type { ShelvesPlan } from './walls/wallShelves';
import type { NightPlace } from './beds/nightPlaces';
import type { Overs } from './surfaces/overs';
import type { SurfaceFacts, Surfaces } from './surfaces/planSurfaces';
import type { Dressed } from './windows/dressed';
import type { RodLine } from './windows/rodLine';

/** Everything that is worked out on the way to a plan, by name. Each is made by the part of the same name. */
export type Parts = {
  // given
  ownRules: readonly OwnRule[];
  now: string | undefined;
  /** The room's own furniture where it was measured; `file.pieces` is as the look arranges it. */
  measured: readonly Piece[];
  /** What is built in and what there is as it was before the works of the look. */
  fittingsBefore: readonly Fitting[];
  itemsBefore: readonly Item[];
  // facts of the room
  rules: RuleBook;
  walls: Wall[];
  items: ReadonlyMap<string, Item>;
  places: ReadonlyMap<string, OnWall>;
  doorways: readonly Opening[];
  floorSpots: Spot[];
  spots: Spot[];
  placing: Placing;
  placed: readonly PlacedThing[];
  solidThings: SolidThings;
  onTops: readonly Solid[];
  /** What stands on the floor itself, as pieces that one walks round. */
  loose: readonly Piece[];
  // windows
  dressed: Dressed[];
  rodLine: RodLine;
  windows: WindowPlan[];
  echo: EchoPlan;
  // walls
  groups: GroupPlan[];
  hangings: HangingPlan[];
  sights: SightsPlan;
  prints: PrintsPlan;
  shelves: ShelvesPlan;
  // seats
  /** What is laid on seats and beds, and every cover and throw wherever it is. */
  laid: readonly Placement[];
  seats: SeatPlan[];
  // beds
  beds: BedPlan[];
  nights: NightPlace[];
  // surfaces
  countedOnSurfaces: ReadonlyMap<string, Item>;
  overs: Overs;
  openingWalls: ReadonlyMap<string, string>;
  surfaceFacts: SurfaceFacts;
  dressedSurfaces: Surfaces;
  surfaces: SurfacePlan[];
  surfaceSteps: ReadonlyMap<SurfacePlan, FittingStep>;
  // works
  works: WorkPlan[];
  // colour
  bareWalls: readonly BareWall[];
  scene: Scene;
  elevations: Elevation[];
  seen: OnWalls;
  seenOnFloor: readonly Patch[];
  patches: readonly Patch[];
  families: SpreadFamilies;
  spread: SpreadPlan;
  candles: readonly PlacedThing[];
  /** What a flame could reach. */
  burning: readonly PlacedThing[];
  candleCurtains: ReadonlyMap<PlacedThing, Burning>;
  candleCautions: Finding[];
  // measure
  cutFloor: Floor;
  floor: FloorPlan;
  // clear
  clear: ClearPlan;
  // fitting: what the stages before it made
  outcomes: readonly StageOutcome[];
  sheet: FittingSheet;
};

export const part = partOf<Parts>();

/** What is counted where pillows are counted; everything else that is placed is counted on surfaces. */
export const COUNTED_WITH_SEATS: ReadonlySet<Item['kind']> = new Set(['cover', 'throw']);

/** What seats and beds read; the same list for as long as only other things are moved. */
const laid = part('laid', { look: ['placements'], parts: ['items'] }, ({ look, items }, previous) =>
  sameOr(
    previous,
    look.placements.filter(
      (row) => isForTextiles(row) || COUNTED_WITH_SEATS.has(items.get(row.itemId)?.kind ?? 'object'),
    ),
  ),
);

/** The openings one walks through; the same list for as long as none of them changes. */
const doorways = part('doorways', { file: ['openings'] }, ({ file }, previous) =>
  sameOr(previous, file.openings.filter(isWay)),
);

/** What every stage stands on. */
export const FACTS: readonly Part<Parts>[] = [
  part('rules', { room: ['unit'], parts: ['ownRules'] }, ({ file, ownRules }) =>
    ruleBook(ownRules, file.room.unit),
  ),
  part('walls', { room: ['walls'] }, ({ file }) => wallsOf(file.room)),
  // what was given away can't be used
  part(
    'items',
    { file: ['items'] },
    ({ file }) => new Map(file.items.map((i) => [i.id, i.state === 'gone' ? { ...i, count: 0 } : i])),
  ),
  part(
    'places',
    { file: ['pieces'], parts: ['walls'] },
    ({ file, walls }) => new Map(file.pieces.map((p) => [p.id, placeOnWall(p, walls)])),
  ),
  doorways,
  part(
    'floorSpots',
    { file: ['pieces', 'fittings'], room: ['walls'], parts: ['doorways', 'walls', 'rules'] },
    ({ file, doorways: openings, walls, rules }) => floorSpots({ ...file, openings, walls, rules }),
  ),
  part(
    'spots',
    { file: ['pieces', 'fittings', 'openings'], parts: ['floorSpots', 'walls'] },
    ({ file, floorSpots: onFloor, walls }, previous) =>
      keepSpots([...spotsOfRoom({ ...file, walls }), ...onFloor], previous),
  ),
  part(
    'placing',
    { file: ['pieces'], look: ['placements'], parts: ['spots', 'items', 'rules'] },
    ({ file, look, spots, items, rules }, previous) => {
      const pieces = new Map(file.pieces.map((p) => [p.id, p]));
      return placeThings(look.placements, { spots, pieces, items, rules }, previous);
    },
  ),
  part('placed', { parts: ['placing'] }, ({ placing }) => placing.things),
  laid,
  part('solidThings', { parts: ['placed'] }, ({ placed }, previous) => solidThings(placed, previous)),
  part('onTops', { parts: ['solidThings'] }, ({ solidThings: things }, previous) =>
    solidsOnTops(things, previous),
  ),
];
