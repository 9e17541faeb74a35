import type { Point } from '../../geometry/plane';
import type { Mm } from '../../base/units';
import type { Finding } from '../../model/finding';
import type { Brief, Fitting, Item } from '../../model/types';
import type { PlacedThing, Standing } from '../../room/placed';
import type { SeatedSight } from '../../room/seatedSights';
import type { Spot } from '../../room/spots/spot';
import type { RuleBook } from '../../rules/book';
import type { Over } from './over';
import type { Seating, TablePlan } from './planTable';

/** A thing on a surface, seen from its front: at any depth of carrying. */
export type SurfaceThing = {
  placementId: string;
  item: Item;
  name: string;
  /** Left and right end from the left end of the surface, and how far its back is out from the back edge. */
  fromMm: Mm;
  toMm: Mm;
  outMm: Mm;
  depthMm: Mm;
  /** Foot and top above the floor. */
  zMm: Mm;
  topMm: Mm;
  thing: PlacedThing;
  /** How high its top may be where it stands, and what holds it down; null where nothing does. */
  limit: { topMm: Mm; over: Over | 'board' | 'inside' } | null;
};
export type SurfacePlan = {
  spot: Spot;
  /** Free height over the whole of it, and how tall a thing may be under what holds it down. */
  freeMm: Mm;
  tallestMm: Mm;
  /** What holds things down over most of it. */
  under: Over | 'board' | null;
  things: SurfaceThing[];
  /** What it is laid with, where it is a top; null for everything else. */
  table: TablePlan | null;
  /** Share of its length that things take up. */
  filled: number;
  findings: Finding[];
};

/** A surface to be planned: what is on it, what is over it along its wall, and what is fixed behind it. */
export type SurfaceCase = {
  spot: Spot;
  /** What is on it, at any depth of carrying, and what it is laid with. */
  things: readonly PlacedThing[];
  /** Where people sit at it, and the age of the youngest who is about; Infinity where there are no children. */
  seating: Seating;
  youngest: number;
  /** What holds something down that stands so; undefined where nothing is above it. */
  lowestOver: (at: Standing) => Over | undefined;
  /** What is fixed to the wall behind something that stands so: sockets, switches, vents. */
  behind: (at: Standing) => readonly Fitting[];
  /** Whether people talk across it, and where from as far as their seats are there; what they sit or lie on under it. */
  isTalkedAcross: boolean;
  sights: readonly SeatedSight[];
  restedUnder: readonly { id: string; name: string }[];
  /** Fires and heaters, by the floor that they take. */
  fires: readonly { id: string; shape: readonly Point[] }[];
  /** How full the look gets. */
  filling: Brief['filling'];
  massOf: (item: Item) => { g: number; isGuessed: boolean };
  rules: RuleBook;
};
