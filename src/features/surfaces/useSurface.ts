import { useState } from 'react';
import type { PlacedThing } from '../../core/room/placed';
import { spotsOfPlaced } from '../../core/room/spots/placedSpots';
import { addressOf, type Spot } from '../../core/room/spots/spot';
import type { SurfacePlan } from '../../core/stages/surfaces/planSurface';
import { useRoom } from '../shell/room/RoomContext';

/** The surface that is worked on, what is picked on it, and where the next thing is put: on it, or in what is on it. */
export type SurfaceState = {
  surface: SurfacePlan;
  picked: PlacedThing | undefined;
  /** The surface itself, then everything on it that carries others. */
  targets: readonly Spot[];
  target: Spot;
  setTarget: (address: string) => void;
};

export function useSurface(): SurfaceState | null {
  const { plan, picked, wallId, wallIsChosen } = useRoom();
  const [chosen, setTarget] = useState<string | null>(null);
  const { surfaces } = plan;
  const holds = (s: SurfacePlan) => thingOf(s, picked) !== undefined;
  const isNamed = (s: SurfacePlan) => addressOf(s.spot) === picked || s.spot.of === picked;
  const onWall = (s: SurfacePlan) => wallIsChosen && wallOf(plan, s) === wallId;
  const [shown, setShown] = useState<string | null>(null);
  const asked = surfaces.find(holds) ?? surfaces.find(isNamed);
  const surface =
    asked ??
    surfaces.find((s) => addressOf(s.spot) === shown) ??
    surfaces.find((s) => onWall(s) && s.things.length > 0) ??
    surfaces.find(onWall) ??
    surfaces.find((s) => s.things.length > 0) ??
    surfaces[0];
  // letting go of a thing leaves one on its surface
  const address = asked && addressOf(asked.spot);
  if (address !== undefined && address !== shown) setShown(address);
  if (!surface) return null;
  const carried = surface.things.flatMap((t) => spotsOfPlaced(t.thing));
  const targets = [surface.spot, ...carried];
  const target = targets.find((spot) => addressOf(spot) === chosen) ?? surface.spot;
  return { surface, picked: thingOf(surface, picked), targets, target, setTarget };
}

/** What is picked, of what stands on a surface or is laid on it. */
const thingOf = ({ things, table }: SurfacePlan, picked: string | null): PlacedThing | undefined =>
  [...things, ...(table?.laid ?? [])].find((t) => t.placementId === picked)?.thing;

const wallOf = (plan: ReturnType<typeof useRoom>['plan'], { spot }: SurfacePlan): string | undefined =>
  plan.places.get(spot.of)?.wallId ??
  plan.walls.find((wall) => wall.id === spot.of)?.id ??
  plan.elevations.find((e) => e.shapes.some((s) => s.about === spot.of))?.wallId;
