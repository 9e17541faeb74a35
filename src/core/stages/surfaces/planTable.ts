import type { Item, Placement } from '../../model/types';
import type { PlacedThing } from '../../room/placed';
import type { Spot } from '../../room/spots/spot';
import {
  clothFalls,
  isTabled,
  runnerLies,
  type ClothFalls,
  type RunnerLies,
  type TableTop,
} from '../../room/tableLinen';
import { mostPlaces, placesAt, type TablePlace, type TableSide } from '../../room/tablePlaces';
import type { RuleBook } from '../../rules/book';

/** Where people can sit at a table, and how many chairs stand at it. */
export type Seating = { free: readonly TableSide[]; chairs: number };
/** A cloth, a runner, mats or napkins as they lie on a table. */
export type LaidLinen = {
  placementId: string;
  item: Item;
  name: string;
  thing: PlacedThing;
  falls: ClothFalls | null;
  runner: RunnerLies | null;
  /** How many lie at places, and where; nowhere at a table that nobody can sit at. */
  count: number;
  places: readonly TablePlace[];
};
/** A top as a table: what is laid on it, and how many can sit there by the edge that each of them needs. */
export type TablePlan = Seating & {
  top: TableTop;
  laid: LaidLinen[];
  mostPlaces: number;
  /** How many places are laid. */
  settings: number;
};

const topOf = ({ widthMm, depthMm, round, zMm }: Spot): TableTop => ({
  widthMm,
  depthMm,
  round,
  topMm: zMm,
});

/** The edge that one person needs, by the studio's school. */
export const edgeRule = (rules: RuleBook) =>
  rules.school('surfaces.edgeSchool') === 'roomy' ? 'surfaces.edgeRoomy' : 'surfaces.edgeClose';
export const placeRules = (rules: RuleBook) => ({
  edgeMm: rules.number(edgeRule(rules)),
  endFromMm: rules.number('surfaces.endFrom'),
});

/** What lies on a table, with its drops and its places. */
export function planTable(
  spot: Spot,
  things: readonly PlacedThing[],
  { seating, rules }: { seating: Seating; rules: RuleBook },
): TablePlan {
  const top = topOf(spot);
  const linen = things.filter(({ placement }) => isTabled(placement.lie));
  const settings = Math.max(0, ...linen.map(({ placement }) => countOf(placement)));
  const places = placesAt(settings, top, seating.free, placeRules(rules));
  const laid = linen
    .map((thing) => laidOn(thing, top, places))
    .sort((a, b) => ORDER.indexOf(a.thing.placement.lie) - ORDER.indexOf(b.thing.placement.lie));
  return {
    ...seating,
    top,
    laid,
    mostPlaces: mostPlaces(top, seating.free, placeRules(rules)),
    settings,
  };
}

/** From what lies lowest. */
const ORDER: readonly string[] = ['overTable', 'alongTable', 'acrossTable', 'atPlaces'];

/** How many lie at places. */
const countOf = ({ lie, count }: Placement): number => (lie === 'atPlaces' ? count : 0);

/** What there is less of than places lies at the first of them. */
function laidOn(thing: PlacedThing, top: TableTop, places: readonly TablePlace[]): LaidLinen {
  const { placement, item } = thing;
  const { lie } = placement;
  const count = countOf(placement);
  const isRunner = lie === 'alongTable' || lie === 'acrossTable';
  return {
    placementId: placement.id,
    item,
    name: item.name,
    thing,
    falls: lie === 'overTable' ? clothFalls(item, top) : null,
    runner: isRunner ? runnerLies(item, placement, top) : null,
    count,
    places: places.slice(0, count),
  };
}
