import { useEffect, useState } from 'react';
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
  const { plan, picked, wallId, wallIsChosen, openWall } = useRoom();
  const [chosen, setTarget] = useState<string | null>(null);
  const [shown, setShown] = useState<Shown | null>(null);
  const { surfaces } = plan;
  const asked =
    surfaces.find((s) => thingOf(s, picked) !== undefined) ??
    surfaces.find((s) => addressOf(s.spot) === picked || s.spot.of === picked);
  const isKept = (s: SurfacePlan) => shown?.wallId === wallId && addressOf(s.spot) === shown.address;
  const onWall = (s: SurfacePlan) => wallIsChosen && wallOf(plan, s) === wallId;
  const surface =
    asked ?? surfaces.find(isKept) ?? mostDressed(surfaces.filter(onWall)) ?? mostDressed(surfaces);
  const itsWallId = (surface && wallOf(plan, surface)) ?? wallId;
  // letting go of a thing leaves one on its surface, until another wall is chosen
  const address = asked && addressOf(asked.spot);
  if (address !== undefined && (address !== shown?.address || itsWallId !== shown.wallId))
    setShown({ address, wallId: itsWallId });
  useEffect(() => {
    if (itsWallId !== wallId) openWall(itsWallId);
  }, [itsWallId, wallId, openWall]);
  if (!surface) return null;
  const carried = surface.things.flatMap((t) => spotsOfPlaced(t.thing));
  const targets = [surface.spot, ...carried];
  const target = targets.find((spot) => addressOf(spot) === chosen) ?? surface.spot;
  return { surface, picked: thingOf(surface, picked), targets, target, setTarget };
}

/** The surface that was last asked for, and the wall that it is seen against. */
type Shown = { address: string; wallId: string };

/** One with things on it, or else one to put things on; the arm of a seat only where there is nothing else. */
const mostDressed = (surfaces: readonly SurfacePlan[]): SurfacePlan | undefined =>
  surfaces.find((s) => s.things.length > 0) ?? surfaces.find((s) => s.spot.kind !== 'arm') ?? surfaces[0];

/** What is picked, of what stands on a surface or is laid on it. */
const thingOf = ({ things, table }: SurfacePlan, picked: string | null): PlacedThing | undefined =>
  [...things, ...(table?.laid ?? [])].find((t) => t.placementId === picked)?.thing;

const wallOf = (plan: ReturnType<typeof useRoom>['plan'], { spot }: SurfacePlan): string | undefined =>
  plan.places.get(spot.of)?.wallId ??
  plan.walls.find((wall) => wall.id === spot.of)?.id ??
  plan.elevations.find((e) => e.shapes.some((s) => s.about === spot.of))?.wallId;
