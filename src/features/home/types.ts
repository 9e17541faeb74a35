import type { sendAwayAction } from '../../actions/devices';
import type { LengthUnit } from '../../core/base/units';
import type { Lab } from '../../core/colour/spaces';
import type { Elevation } from '../../core/room/shape';
import type { Plan } from '../../core/plan/planLook';
import type { FamilyPlan } from '../../core/spread/planSpread';

/** What is told of other devices, on the studio's own screen. */
export type Devices = NonNullable<Awaited<ReturnType<typeof sendAwayAction>>>;

/** What the first page shows of a room. */
export type HomeRoom = {
  id: string;
  name: string;
  homeName: string;
  homeId: string;
  families: FamilyPlan[];
  stages: Plan['stages'];
  wall: Elevation;
  floor: Lab;
  lookName: string;
  looks: number;
  open: number;
};
export type HomeData = {
  studio: string;
  rooms: HomeRoom[];
  others: { id: string; name: string; homeName: string }[];
  items: number;
  homes: { id: string; name: string }[];
  unit: LengthUnit;
  /** Null on a device that was let in itself. */ devices: Devices | null;
  undo: { code: string; name?: string } | null;
};
